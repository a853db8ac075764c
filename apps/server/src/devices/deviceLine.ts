import { type Device, type DeviceNews, DEVICES } from '@gyrus/contract';
import { recordOf } from '@gyrus/core';

/** What a device could measure at all. Degrees */
const POSSIBLE: Record<Device, [least: number, most: number]> = { dial: [-180, 220], gauge: [0, 180] };

/** A line of a device as news; what is no message of the protocol (docs/devices.md), or no possible angle, is trouble and never a reading. */
export function newsOf(line: string): DeviceNews {
  const message = parsed(line);
  const device = DEVICES.find((one) => one === message?.device) ?? null;
  if (!message || !device) return { kind: 'trouble', device, why: 'babble' };
  const { deg } = message;
  if (deg === null) return { kind: 'reading', device, deg };
  if (typeof deg !== 'number' || !Number.isFinite(deg)) return { kind: 'trouble', device, why: 'babble' };
  const [least, most] = POSSIBLE[device];
  return deg < least || deg > most
    ? { kind: 'trouble', device, why: 'impossible' }
    : { kind: 'reading', device, deg };
}

function parsed(line: string): Record<string, unknown> | null {
  try {
    const message: unknown = JSON.parse(line);
    return typeof message === 'object' && message !== null ? recordOf(message) : null;
  } catch {
    // No JSON: whoever asks is told that it is babble.
    return null;
  }
}

/** Longer than any message: what goes on without an end is babble, and not kept. */
const LONGEST_LINE = 1000;

/** Cuts what comes over the wire into lines; one that has no end is given up, and told once. */
export function lineCutter(): (chunk: string) => string[] {
  let rest = '';
  return (chunk) => {
    const lines = (rest + chunk).split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > LONGEST_LINE) {
      lines.push(rest.slice(0, LONGEST_LINE));
      rest = '';
    }
    return lines.filter((line) => line.trim() !== '');
  };
}
