import { type Device } from '@gyrus/contract';
import { formatAngle } from '@gyrus/core';
import { type DeviceState } from './useDevices.ts';

const NAMES: Record<Device, string> = { dial: 'The dial', gauge: 'The angle gauge' };

/** What a device says, in a line; nothing where none is connected. */
export function DeviceLine({ name, state }: { name: Device; state: DeviceState }) {
  const words = deviceWords(name, state);
  return words === null ? null : (
    <p
      role="status"
      className={state.is === 'reading' || state.is === 'idle' ? 'text-quiet' : 'text-chalk font-semibold'}
    >
      {words}
    </p>
  );
}

function deviceWords(name: Device, state: DeviceState): string | null {
  switch (state.is) {
    case 'none':
      return null;
    case 'idle':
      return `${NAMES[name]} is there, and has nothing to measure.`;
    case 'silent':
      return `${NAMES[name]} is silent: read it yourself and type it.`;
    case 'trouble':
      return state.why === 'babble'
        ? `${NAMES[name]} babbles: read it yourself and type it.`
        : `${NAMES[name]} says what no bend can be: read it yourself and type it.`;
    case 'reading':
      return `${NAMES[name]} reads ${formatAngle(state.deg)}°.`;
  }
}
