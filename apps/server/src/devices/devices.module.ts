import { Module } from '@nestjs/common';
import { DevicesController } from './devices.controller.ts';
import { DevicesService } from './devices.service.ts';

/** Devices at the bender. */
@Module({ controllers: [DevicesController], providers: [DevicesService] })
export class DevicesModule {}
