import { type FloorStepKind } from '@gyrus/core';

const DONE: Record<FloorStepKind, string> = {
  mark: 'cut and marked',
  turn: 'put in and turned',
  clamp: 'clamped',
  zero: 'preloaded, dial zeroed',
  pull: 'pulled',
  release: 'released and measured',
  now: 'gone on from',
  roll: 'rolled',
  rise: 'tried on the template',
};

const isKind = (kind: string): kind is FloorStepKind => kind in DONE;

/** A step that is done, by its key: `bend 2 released and measured`. */
export function stepWords({ step, time, again }: { step: string; time: number; again: boolean }): string {
  const [bend, kind] = step.includes('/') ? step.split('/') : [null, step];
  const words = again ? 'to be pulled farther' : kind !== undefined && isKind(kind) ? DONE[kind] : step;
  return `${bend === null ? 'tube' : `bend ${bend}`} ${words}${time > 1 ? `, time ${time}` : ''}`;
}
