import {
  type Ears,
  type Evaluation,
  type Finding,
  type LengthStyle,
  type Plan,
  type SheetDatum,
} from '@gyrus/core';
import { type ShopMoment } from '../../../words/moment.ts';
import { type Paper } from '../../page.ts';

/** What a bend sheet says of itself besides its answers. */
export interface SheetRequest {
  plan: Plan;
  evaluation: Evaluation;
  /** The piece whose sheet it is. */
  piece: string;
  job: string;
  revision: number;
  /** When it is printed; the caller's clock. */
  printed: ShopMoment;
  paper: Paper;
  style: LengthStyle;
  datum: SheetDatum;
  /** Of the cut ends, for the tape that is hooked on one; null where they are not known. */
  ears: Ears | null;
  /** Every finding of the plan, as Inspect has them. */
  findings: Finding[];
}
