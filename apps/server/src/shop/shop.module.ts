import { Module } from '@nestjs/common';
import { LogModule } from '../log/log.module.ts';
import { WorkersModule } from '../workers/workers.module.ts';
import { CertificatesService } from './certificates.service.ts';
import { ShopController } from './shop.controller.ts';
import { ShopService } from './shop.service.ts';

/** The shop's machines, dies and tube. */
@Module({
  imports: [LogModule, WorkersModule],
  controllers: [ShopController],
  providers: [ShopService, CertificatesService],
  exports: [ShopService],
})
export class ShopModule {}
