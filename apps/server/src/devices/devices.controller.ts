import { Controller, type MessageEvent, Sse } from '@nestjs/common';
import { map, type Observable } from 'rxjs';
import { DevicesService } from './devices.service.ts';

/** The dial and the gauge at the bender, live. */
@Controller('devices')
export class DevicesController {
  constructor(private readonly devices: DevicesService) {}

  @Sse()
  news(): Observable<MessageEvent> {
    return this.devices.news.pipe(map((data) => ({ data })));
  }
}
