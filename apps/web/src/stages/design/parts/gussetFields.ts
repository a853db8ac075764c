import { type Gusset, millimetres } from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';

const { choice, record, size, text, tube } = fieldsOf<Gusset>();

/** The fields of a sheet gusset, one for each of its holes. */
export const gussetFields = ({ holes }: Gusset): RecordField<Gusset>[] => [
  text('stamp', 'stamp'),
  choice('kind', 'sheet', [
    ['flat', 'flat'],
    ['folded', 'folded over both tubes'],
  ]),
  tube('between.0', 'between this tube'),
  tube('between.1', 'and this one'),
  size('legs.0', 'leg along the first'),
  size('legs.1', 'leg along the second'),
  size('thickness', 'thickness'),
  record(
    'holes',
    'holes',
    [0, 1, 2, 3].map((many) => [
      Array.from({ length: many }, (_, i) => holes[i] ?? millimetres(20)),
      many === 0 ? 'none' : String(many),
    ]),
    (some) => some.length,
  ),
  ...holes.map((_, i) => size(`holes.${i}`, `hole ${i + 1}`)),
  choice('twin', 'made', [
    [false, 'once'],
    [true, 'on both sides of the car'],
  ]),
];
