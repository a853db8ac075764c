import {
  assumed,
  freshBend,
  inDegrees,
  type SampleBend,
  type TakeOffRow,
  wholeMillimetres,
} from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';
import { type PlanPath } from '../../../job/store/planPath.ts';
import { type RowList, without } from '../../../job/fields/RowList.tsx';

const bend = fieldsOf<TakeOffRow>();
const sampled = fieldsOf<{ sample: SampleBend | null }>();

const FRESH_BEND = assumed(freshBend(200));
const FRESH_SAMPLE: SampleBend = assumed({
  before: wholeMillimetres(0),
  after: wholeMillimetres(0),
  takenFrom: 'far-mark',
});

const TURNED = bend.record(
  'turn',
  'turned from the last, by',
  [
    [{ kind: 'degrees', angle: inDegrees(0) }, 'degrees'],
    [{ kind: 'lines', round: wholeMillimetres(0), toward: 'right' }, 'two lines along the tube'],
  ],
  ({ kind }) => kind,
);

const TURN_FIELDS = {
  degrees: [TURNED, bend.angle('turn.angle', 'turned by, right-handed', { least: -180, most: 180 })],
  lines: [
    TURNED,
    bend.extent('turn.round', 'lines apart, round the tube'),
    bend.choice('turn.toward', 'last bend up, new line lies', [
      ['right', 'to the right'],
      ['left', 'to the left'],
    ]),
  ],
};

/** Bends of a take-off. rest: what holds the list, with these bends in it. */
export const takeOffRows = <Whole>(
  rows: TakeOffRow[],
  sample: SampleBend | null,
  path: PlanPath<TakeOffRow[]>,
  rest: (rows: TakeOffRow[]) => Whole,
): RowList<TakeOffRow, Whole> => ({
  path,
  fields: (i) => [
    bend.extent('straight', sample ? 'to its mark' : 'straight before'),
    bend.angle('angle', 'bend', { least: 0.01, most: 179.98 }),
    ...(i === 0 ? [] : TURN_FIELDS[rows[i]?.turn.kind ?? 'degrees']),
    bend.length('takes', 'tube it takes', { optional: true, above: 0 }),
  ],
  names: rows.map((_, i) => `bend ${i + 1}`),
  what: 'bend',
  added: () => rest([...rows, FRESH_BEND]),
  removed: (i) => rest(without(rows, i)),
});

const HOW = sampled.record(
  'sample',
  'distances are',
  [
    [null, 'straights'],
    [FRESH_SAMPLE, 'to sample marks'],
  ],
  (sample) => sample !== null,
);

/** Whether distances are straights, or go to the marks of a sample bend; and what the sample has between its marks and its bend. */
export const sampleFields = (
  sample: SampleBend | null,
): readonly RecordField<{ sample: SampleBend | null }>[] =>
  sample
    ? [
        HOW,
        sampled.extent('sample.before', 'its mark to its bend'),
        sampled.extent('sample.after', 'its bend to the mark beyond'),
        sampled.choice('sample.takenFrom', 'next starts at its mark', [
          ['far-mark', 'beyond the bend'],
          ['near-mark', 'before the bend'],
        ]),
      ]
    : [HOW];
