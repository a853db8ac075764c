import { type Angle, type Length } from '../measure/index.ts';
import { type CarSide, type Role } from '../plan/index.ts';

/** What an assumed figure is of, as data: the words for it are made elsewhere. */
export interface ThingName {
  of:
    | 'member'
    | 'plate'
    | 'gusset'
    | 'part'
    | 'occupant'
    | 'keep-out'
    | 'point'
    | 'panel'
    | 'section'
    | 'sight'
    | 'measure'
    /** The body over a seam, of which nothing at all is known. */
    | 'roof'
    /** A figure of the brief that decides whether a rule holds. */
    | 'brief'
    | 'other';
  /** A stamp, or the name that somebody gave it; the key of a measure. */
  name: string;
  role: Role | null;
  side: CarSide | null;
  /** Which of its figures: `end-a`, the name of a bend, `shoulder`, `outline.length`. */
  what: string;
  standsFor: StandsFor;
}

/** A figure of the car or of a driver is measured; one of the cage is chosen. */
export type StandsFor = 'car' | 'driver' | 'cage';

/** Keys from the plan down to a value of it, as it stands now. */
export type Path = readonly (string | number)[];

/** The three figures of a place, in their order. */
export const AXES = ['forward', 'left', 'up'] as const;

/** One length or angle that nobody measured or chose. */
export interface AssumedFigure {
  path: Path;
  value: Length | Angle;
  /** Of a place in the car. */
  axis: (typeof AXES)[number] | null;
}

/** A place or a figure that the program put in so that work can go on, or takes for one that was left out. */
export interface AssumedThing {
  name: ThingName;
  /** Ids of the records that it belongs to: a member, a plate, an occupant; empty for what the survey left out. */
  id: string;
  figures: AssumedFigure[];
  /** Left out of the plan altogether: it is written there as soon as somebody confirms it. */
  leftOut: boolean;
}
