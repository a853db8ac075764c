import { assumed, inDegrees, millimetres, type SightLine } from '@gyrus/core';
import { pastPillarWords } from '@gyrus/formats';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { at, newId } from '../../../job/fields/fresh.ts';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';

const fields = fieldsOf<SightLine>();
const SIGHT_FIELDS = [
  fields.text('name', 'name'),
  fields.place('eye', 'the eye'),
  fields.place('from', 'middle of the pillar, low'),
  fields.place('to', 'middle of the pillar, high'),
  fields.size('width', 'width of the pillar'),
  fields.angle('within', 'parallel within', { least: 0, most: 45 }),
];

/** Lines of sight of one's own, and what of the bars shows past their pillars. */
export function Sights() {
  const style = useJobStyle();
  const { sights } = useEvaluation();
  return (
    <RecordList<SightLine>
      title="Lines of sight"
      hint="From an eye of your own, the driver's or one outside, to a pillar: what of the bars shows past it, and whether they look parallel to it."
      path={into(into(PLAN_PATH, 'survey'), 'sights')}
      name={(row) => row.name || 'a line of sight'}
      about={(row) => {
        const seen = sights.find((one) => one.sight === row.id)?.seen;
        return seen ? pastPillarWords(seen, style) : '';
      }}
      fields={() => SIGHT_FIELDS}
      kinds={[
        {
          text: 'line of sight',
          fresh: () => ({
            id: newId(),
            name: '',
            eye: at(0, 350, 950),
            from: at(1000, 680, 640),
            to: at(600, 560, 1080),
            ...assumed({ width: millimetres(90), within: inDegrees(3) }),
          }),
        },
      ]}
    />
  );
}
