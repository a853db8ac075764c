import { Module } from '@nestjs/common';
import { LogModule } from '../log/log.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { CertificatesService } from './certificates.service.ts';
import { ShopController } from './shop.controller.ts';
import { ShopSettingsService } from './shopSettings.service.ts';
import { ShopService } from './shop.service.ts';

/** The shop's machines, dies and tube. */
@Module({
  imports: [LogModule, WorkersModule],
  controllers: [ShopController],
  providers: [ShopService, ShopSettingsService, CertificatesService],
  exports: [ShopService, ShopSettingsService],
})
export class ShopModule {}
