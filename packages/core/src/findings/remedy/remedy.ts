import { type Length } from '../../measure/index.ts';
import { type CarSide, type TubeChoice } from '../../plan/index.ts';

/** What each kind of remedy says besides its kind. mm and degrees */
interface Remedies {
  /** Sizes of the catalogue stay as the book or the shop writes them. */
  tube: { member: string; od: Length; wall: Length; tubeKind: TubeChoice['kind'] };
  radius: { clr: number };
  straighten: { member: string };
  tilt: { member: string; deg: number };
  /** Along what the end stands on: along the tube, or up. */
  'slide-end': { member: string; end: 'a' | 'b'; by: number };
  /** Both ends of a bar across, up or down. */
  'bar-height': { member: string; by: number };
  /** A foot moved: forward, left, up. */
  'move-foot': { member: string; end: 'a' | 'b'; by: [number, number, number] };
  plate: {
    plate: string;
    scale: number;
    /** The least that the book states; null where it states none. */
    thickness: Length | null;
    bolts: { count: number; size: Length | null; grade: string | null } | null;
  };
  gusset: { gusset: string; leg: number; thickness: Length | null };
  splice: { part: string; sleeve: number; rosettes: number };
  /** Along the car, forward. */
  'lap-anchor': { occupant: string; side: CarSide; by: number };
  /** The whole cage let down further to weld. */
  'weld-drop': { by: number };
  /** Belt guides along their bar toward end B, and how far apart. */
  guides: { part: string; by: number; apart: number };
}

/** What a remedy changes. */
export type RemedyKind = keyof Remedies;

/** The remedy of a kind. */
export type RemedyOf<K extends RemedyKind> = { kind: K } & Remedies[K];

/** The least change that would mend a finding, as data that can be applied. mm and degrees */
export type Remedy = { [K in RemedyKind]: RemedyOf<K> }[RemedyKind];
