import { formatWithUnit, keysOf, millimetres, type Plan } from '@gyrus/core';
import { limitedFigures } from '@gyrus/formats';
import { newId } from '../../../job/fields/fresh.ts';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';

const limit = fieldsOf<Plan['limits'][number]>();
const LIMIT_FIELDS = [
  limit.choice(
    'figure',
    'of',
    keysOf(limitedFigures).map((figure) => [figure, limitedFigures[figure]] as const),
  ),
  limit.choice('bound', 'it may be', [
    ['most', 'no more than'],
    ['least', 'no less than'],
  ]),
  limit.extent('length', 'limit'),
  limit.text('note', 'note'),
];

/** What the builder wants of the hoop, whatever the books say; held against it with every key. */
export function Limits() {
  const style = useJobStyle();
  return (
    <RecordList<Plan['limits'][number]>
      title="Limits of the job"
      hint="Rules of your own: no wider than 59 1/4 outside at the feet; the hoop at least 2 in over the helmet."
      path={into(PLAN_PATH, 'limits')}
      name={(row) => limitedFigures[row.figure]}
      about={(row) =>
        `${row.bound === 'most' ? 'at most' : 'at least'} ${formatWithUnit(row.length.mm, style)}`
      }
      fields={() => LIMIT_FIELDS}
      kinds={[
        {
          text: 'limit',
          fresh: () => ({
            id: newId(),
            figure: 'feet-outside',
            bound: 'most',
            length: millimetres(1500),
            note: '',
          }),
        },
      ]}
    />
  );
}
