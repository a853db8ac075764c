import { Module } from '@nestjs/common';
import { WorkersModule } from '../workers/workers.module.ts';
import { WeldingController } from './welding.controller.ts';
import { WeldingService } from './welding.service.ts';

/** How the shop welds. */
@Module({
  imports: [WorkersModule],
  controllers: [WeldingController],
  providers: [WeldingService],
  exports: [WeldingService],
})
export class WeldingModule {}
