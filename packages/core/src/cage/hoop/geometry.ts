import { type Fault } from '../../fault/index.ts';
import { type CarSide, type MeasureKey } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import {
  type AxisSection,
  type Contradiction,
  type Figure,
  type MeasuredSection,
} from '../../survey/index.ts';
import { type HoopFigures } from './hoopFigures.ts';
import { type HoopShape, type ShapeProposal } from './hoopShape.ts';

/** Why there is no hoop yet: what is missing, what contradicts itself, or what cannot be. */
export type NoHoop =
  | { why: 'missing'; missing: MeasureKey[] }
  | { why: 'contradiction'; contradictions: Contradiction[]; section: MeasuredSection; axis: AxisSection }
  | { why: 'impossible'; fault: Fault };

/** A foot as it is cut: degrees off square. */
export interface FootCut {
  side: CarSide;
  /** In the plane of the hoop. */
  across: Figure;
  /** Seen from the side. */
  along: number;
  /** Between the axis and the floor's normal. */
  total: number;
  /** How far it ends above what it stands on: one of two legs is too short. mm */
  off: number;
}

/** What the survey says of the body round a hoop. */
export interface BodyRound {
  /** With what was settled of contradictions. */
  section: MeasuredSection;
  /** As the tape had it. */
  taped: MeasuredSection;
}

/** How a hoop follows from the survey. */
export interface FromSurvey {
  shape: HoopShape;
  proposal: ShapeProposal;
  axis: AxisSection;
  /** Settled by not trusting one reading; still worth a look. */
  contradictions: Contradiction[];
}

/** A main hoop: its corners in the car's frame, named, and its figures. */
export interface HoopGeometry {
  /** End A (left foot), the PIs, end B (right foot). Car's frame, mm. */
  points: Vec3[];
  /** The name of each PI, A → B. */
  features: string[];
  /** The roller's radius of a rolled crown; null where the die makes the bend. */
  radii: (number | null)[];
  /** Radii by the tube that a sample bend took; they hold where no die is chosen. */
  bySample?: (number | null)[];
  tilt: number;
  feet: FootCut[];
  figures: HoopFigures;
  /** null where the body was not measured. */
  body: BodyRound | null;
  /** null of a hoop that comes about another way. */
  fromSurvey: FromSurvey | null;
}

/** A main hoop, or why there is none yet. */
export type HoopResult = { hoop: HoopGeometry } | { none: NoHoop };
