import { type FloorStep, type IssuedAnswers, type SheetBend, type TapeHook } from '@gyrus/core';
import { type DeviceState } from '../../shared/devices/useDevices.ts';
import { type FloorWork } from '../useIssued.ts';
import { type BendMeasures } from '../../stages/bend/whatNow/keptMeasures.ts';

/** What a step's screen is given. */
export interface StepProps {
  answers: IssuedAnswers;
  hook: TapeHook;
  work: FloorWork;
  step: FloorStep;
  /** Which time it is done, from 1. */
  time: number;
  dial: DeviceState;
  gauge: DeviceState;
  /** What is read and measured of this bend, this time; kept on the device. */
  measures: BendMeasures;
  change: (changes: Partial<BendMeasures>) => void;
  /** Ticks the step, and goes on. again: the bend is pulled farther */
  done: (ticked?: { again?: boolean }) => void;
  /** Opens the screen that asks what is wrong. */
  scrap: () => void;
}

/** The same for a step of a bend. */
export interface BendStepProps extends StepProps {
  bend: SheetBend;
  /** Where the bend stands in the order of the pulls, from 0. */
  pull: number;
}
