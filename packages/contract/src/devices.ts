/** What measures at the bender. */
export const DEVICES = ['dial', 'gauge'] as const;
/** The bender's dial, or the digital angle gauge that is laid on the bend. */
export type Device = (typeof DEVICES)[number];

/** Why what a device sends is no reading: it is no message at all, or an angle that there cannot be. */
export type DeviceTrouble = 'babble' | 'impossible';

/** What the server relays of the devices, as it comes. Degrees; null: it is there, and has nothing to measure. */
export type DeviceNews =
  | { kind: 'link'; up: boolean }
  | { kind: 'reading'; device: Device; deg: number | null }
  | { kind: 'trouble'; device: Device | null; why: DeviceTrouble };
