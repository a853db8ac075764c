import {
  type Evaluation,
  type Finding,
  type LengthStyle,
  type Plan,
  type RuleBook,
  type Shop,
} from '@gyrus/core';
import { type ShopMoment } from '../../words/moment.ts';
import { type Paper } from '../page.ts';

/** Who saved the revision that a sheet is of, and when. */
export interface RevisionMade {
  number: number;
  author: string;
  on: ShopMoment;
}

/** Short: the cover with its findings, and the tubes with their certificates. Long: everything. */
export type InspectionForm = 'short' | 'long';

/** What an inspector's sheet is made of. */
export interface InspectionRequest {
  plan: Plan;
  evaluation: Evaluation;
  /** Of the shop whose stock has the certificates. */
  shop: Shop;
  books: RuleBook[];
  /** Of evaluation and copes. */
  findings: Finding[];
  /** Photos of the answers by their ids, as far as they are kept: JPEG. */
  photos: Map<string, Buffer>;
  job: string;
  revision: RevisionMade;
  printed: ShopMoment;
  form: InspectionForm;
  paper: Paper;
  style: LengthStyle;
}
