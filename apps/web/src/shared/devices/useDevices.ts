import { type Device, type DeviceNews, type DeviceTrouble } from '@gyrus/contract';
import { useEffect, useState } from 'react';

/** After which a device that was there is silent. ms */
const SILENT = 1500;
/** After which a stream that was given up is asked for again. ms */
const AGAIN = 2000;
/** A reading that moves less than this over the time below is steady. Degrees, ms */
const STEADY = { within: 0.3, over: 800 };

/** What a device says now. */
export type DeviceState =
  /** Nobody is connected, or it has said nothing yet. */
  | { is: 'none' }
  | { is: 'silent' }
  | { is: 'trouble'; why: DeviceTrouble }
  /** It is there, and has nothing to measure. */
  | { is: 'idle' }
  | { is: 'reading'; deg: number; steady: boolean };

interface Heard {
  at: number;
  news: Exclude<DeviceNews, { kind: 'link' }>;
}

/** The last seconds of a device, the newest last. */
type Past = Heard[];

/** The dial and the gauge at the bender, live. Nothing of it is ever taken for a figure until somebody taps it. */
export function useDevices(): Record<Device, DeviceState> {
  const [state, setState] = useState<Record<Device, DeviceState>>({ dial: NONE, gauge: NONE });
  useEffect(() => {
    const past: Record<Device, Past> = { dial: [], gauge: [] };
    let up = false;
    let source = new EventSource('/api/devices');
    let again: ReturnType<typeof setTimeout> | undefined;
    const show = () => {
      const now = performance.now();
      setState((before) => ({
        dial: same(before.dial, stateOf(past.dial, up, now)),
        gauge: same(before.gauge, stateOf(past.gauge, up, now)),
      }));
    };
    const listen = () => {
      source.onmessage = ({ data }: MessageEvent<string>) => {
        const news = JSON.parse(data) as DeviceNews;
        if (news.kind === 'link') up = news.up;
        else hear(past, news, performance.now());
        show();
      };
      source.onerror = () => {
        up = false;
        show();
        // A stream that was given up is not taken up again by itself.
        if (source.readyState === EventSource.CLOSED)
          again = setTimeout(() => {
            source = new EventSource('/api/devices');
            listen();
          }, AGAIN);
      };
    };
    listen();
    // A device that says nothing more is found out by the clock alone.
    const clock = setInterval(show, 250);
    return () => {
      clearInterval(clock);
      clearTimeout(again);
      source.close();
    };
  }, []);
  return state;
}

const NONE: DeviceState = { is: 'none' };

/** Trouble that names no device is everybody's. */
function hear(past: Record<Device, Past>, news: Heard['news'], at: number): void {
  const devices: Device[] = news.device === null ? ['dial', 'gauge'] : [news.device];
  for (const device of devices)
    past[device] = [...past[device].filter((one) => at - one.at < SILENT), { at, news }];
}

/** What a device's last seconds come to. now: ms, of the clock that they were heard by */
export function stateOf(past: Past, up: boolean, now: number): DeviceState {
  const last = past.at(-1);
  if (!last) return NONE;
  if (!up || now - last.at > SILENT) return { is: 'silent' };
  // After trouble a device has to speak plainly for as long as a reading needs to be steady.
  const recent = past.filter(({ at }) => now - at < STEADY.over);
  const trouble = recent.map(({ news }) => news).findLast((news) => news.kind === 'trouble');
  if (trouble) return { is: 'trouble', why: trouble.why };
  if (last.news.kind !== 'reading') return { is: 'silent' };
  if (last.news.deg === null) return { is: 'idle' };
  const { deg } = last.news;
  const steady =
    recent.length > 2 &&
    recent.every(({ news }) => news.kind === 'reading' && Math.abs((news.deg ?? NaN) - deg) <= STEADY.within);
  return { is: 'reading', deg, steady };
}

/** The same object where nothing changed, so that the page is not drawn anew ten times a second. */
const same = (before: DeviceState, after: DeviceState): DeviceState =>
  JSON.stringify(before) === JSON.stringify(after) ? before : after;
