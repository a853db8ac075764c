import { type DynamicModule, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { dataSourceOptions } from './database/dataSource.ts';
import { LoadOnce } from './database/loadOnce.ts';
import { BuildModule } from './build/build.module.ts';
import { DevicesModule } from './devices/devices.module.ts';
import { ExamplesModule } from './examples/examples.module.ts';
import { FloorModule } from './floor/floor.module.ts';
import { HistoryModule } from './history/history.module.ts';
import { JobFilesModule } from './jobFiles/jobFiles.module.ts';
import { JobsModule } from './jobs/jobs.module.ts';
import { LogModule } from './log/log.module.ts';
import { PhotosModule } from './photos/photos.module.ts';
import { RuleBooksModule } from './rulebooks/ruleBooks.module.ts';
import { SheetsModule } from './sheets/sheets.module.ts';
import { ShopModule } from './shop/shop.module.ts';
import { WeldingModule } from './welding/welding.module.ts';
import { StockModule } from './stock/stock.module.ts';

/** One module per thing of the trade, on one database. */
@Module({})
export class AppModule {
  static on(databaseUrl: string): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot(dataSourceOptions(databaseUrl)),
        JobsModule,
        JobFilesModule,
        ShopModule,
        RuleBooksModule,
        PhotosModule,
        LogModule,
        FloorModule,
        DevicesModule,
        SheetsModule,
        StockModule,
        BuildModule,
        HistoryModule,
        WeldingModule,
        ExamplesModule,
      ],
      providers: [LoadOnce],
    };
  }
}
