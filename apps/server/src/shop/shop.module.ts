import { Module } from '@nestjs/common';
import { LogModule } from '../log/log.module.ts';
import { ShopController } from './shop.controller.ts';
import { ShopService } from './shop.service.ts';

/** The shop's machines, dies and tube. */
@Module({
  imports: [LogModule],
  controllers: [ShopController],
  providers: [ShopService],
  exports: [ShopService],
})
export class ShopModule {}
