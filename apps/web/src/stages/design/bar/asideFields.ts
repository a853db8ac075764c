import { type Aside, TOWARDS, wholeMillimetres } from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';

/** An end that can pass beside the axis of what it stands on. */
interface CanPass {
  aside: Aside | null;
}

const { choice, extent, record } = fieldsOf<CanPass>();

const PASSES = record(
  'aside',
  'its axis',
  [
    [null, 'meets the other'],
    [{ by: wholeMillimetres(0), toward: 'front' }, 'passes beside it'],
  ],
  (aside) => aside !== null,
);
const BESIDE = [
  PASSES,
  extent('aside.by', 'passes it by'),
  choice(
    'aside.toward',
    'on the side toward',
    TOWARDS.map((one) => [one, one]),
  ),
];

/** Whether an end crosses what it stands on off its middle, by how much and to which side. */
export const asideFields = ({ aside }: CanPass): readonly RecordField<CanPass>[] =>
  aside ? BESIDE : [PASSES];
