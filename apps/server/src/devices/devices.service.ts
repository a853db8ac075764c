import { connect } from 'node:net';
import { type DeviceNews } from '@gyrus/contract';
import { Injectable } from '@nestjs/common';
import { Observable, share } from 'rxjs';
import { lineCutter, newsOf } from './deviceLine.ts';

/** Where the devices are listened to unless GYRUS_DEVICES says otherwise: a port of this machine. */
const DEVICES_PORT = 4731;
/** After which a link that is down is tried again. ms */
const AGAIN = 1000;
/** How often the state of the link is told, so that a page knows whether anybody is there. ms */
const PULSE = 1000;

/**
 * What the devices at the bender say, for as long as somebody listens. It holds nothing: whoever comes later hears what is said from then
 * on, so that two servers never disagree.
 */
@Injectable()
export class DevicesService {
  readonly news: Observable<DeviceNews> = new Observable<DeviceNews>((listener) => {
    const link = linkTo(portOf(process.env.GYRUS_DEVICES), (news) => listener.next(news));
    return () => link.close();
  }).pipe(share());
}

/** The devices are on this machine alone: only the port can be chosen. */
function portOf(asked: string | undefined): number {
  const port = Number(asked);
  return Number.isInteger(port) && port > 0 && port < 65_536 ? port : DEVICES_PORT;
}

/** Keeps a link to the devices up, and tells what comes over it. */
function linkTo(port: number, tell: (news: DeviceNews) => void): { close: () => void } {
  let up = false;
  let closed = false;
  let retry: NodeJS.Timeout | undefined;
  const pulse = setInterval(() => tell({ kind: 'link', up }), PULSE);
  const set = (next: boolean) => {
    if (next !== up) tell({ kind: 'link', up: next });
    up = next;
  };
  let socket = open();
  function open() {
    const cut = lineCutter();
    const made = connect({ port, host: '127.0.0.1' });
    made.setEncoding('utf8');
    made.on('connect', () => set(true));
    made.on('data', (chunk: string) => cut(chunk).forEach((line) => tell(newsOf(line))));
    // What went wrong is told by the close that follows.
    made.on('error', () => undefined);
    made.on('close', () => {
      set(false);
      if (!closed) retry = setTimeout(() => (socket = open()), AGAIN);
    });
    return made;
  }
  return {
    close: () => {
      closed = true;
      clearInterval(pulse);
      clearTimeout(retry);
      socket.destroy();
    },
  };
}
