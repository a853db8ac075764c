import { type FrontSection, type Plan } from '@gyrus/core';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { at } from '../../../job/fields/fresh.ts';
import { type RowList, RowListFields, without } from '../../../job/fields/RowList.tsx';
import { into, PLAN_PATH, type PlanPath } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { FrontSectionPicture } from './FrontSectionPicture.tsx';

type Corner = FrontSection['left'][number];

const SECTION = into(into(PLAN_PATH, 'survey'), 'frontSection');
const CORNER = [fieldsOf<Corner>().place('at', 'on the body')];
const MOST = 5;

/** The body where a one-piece front hoop stands, corner by corner, beside a picture of it. */
export function FrontSectionView() {
  const { frontSection: section } = usePlan().survey;
  const change = usePlanStore((state) => state.change);
  const put = (key: string, next: Plan['survey']['frontSection']) =>
    change(`survey/frontSection/${key}`, (plan) => void (plan.survey.frontSection = next));
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
      <section aria-label="Front hoop section">
        <h1 className="text-2xl">Front hoop section</h1>
        <p className="text-quiet mb-2">
          Where a front hoop follows the body: up the pillar from the landing to the head of the screen.
          Measure each corner ahead of the main hoop’s datum, out from the centre line, and up from the floor.
        </p>
        <FrontSectionPicture section={section} />
      </section>
      <aside aria-label="Its corners" className="space-y-4">
        {section === null ? (
          <>
            <p>Nobody measured it yet. A cage with side hoops or front legs does without it.</p>
            <Button kind="strong" onClick={() => put('start', TO_START)}>
              Measure it
            </Button>
          </>
        ) : (
          <Corners section={section} put={put} />
        )}
      </aside>
    </div>
  );
}

interface CornersProps {
  section: FrontSection;
  put: (key: string, next: Plan['survey']['frontSection']) => void;
}

function Corners({ section, put }: CornersProps) {
  const { left, right } = section;
  return (
    <>
      <h2 className="text-lg">
        {right ? 'Left, from the landing up' : 'From the landing up, left as right'}
      </h2>
      <RowListFields
        rows={rowsOf(left, into(SECTION, 'left'), (corners) => ({ ...section, left: corners }))}
        set={put}
      />
      <Segmented
        label="sides"
        value={right ? 'own' : 'alike'}
        options={SIDES}
        onChange={(value) => put('right', { ...section, right: value === 'own' ? onTheRight(left) : null })}
      />
      {right && (
        <>
          <h2 className="text-lg">Right, from the landing up</h2>
          <RowListFields
            rows={rowsOf(right, into(SECTION, 'right'), (corners) => ({ ...section, right: corners }))}
            set={put}
          />
        </>
      )}
      <Button kind="danger" onClick={() => put('none', null)}>
        Take the section out
      </Button>
    </>
  );
}

const SIDES = [
  { value: 'alike', text: 'same both sides' },
  { value: 'own', text: 'each its own' },
] as const;

function rowsOf(
  corners: Corner[],
  path: PlanPath<Corner[]>,
  rest: (corners: Corner[]) => FrontSection,
): RowList<Corner, FrontSection> {
  return {
    path,
    fields: () => CORNER,
    names: corners.map((_, i) =>
      i === 0 ? 'landing' : i === corners.length - 1 ? 'head of the screen' : `corner ${i} over the landing`,
    ),
    least: 2,
    most: MOST,
    what: 'corner',
    added: () => rest(withOneMore(corners)),
    removed: (i) => rest(without(corners, i)),
  };
}

/** One more between the two highest. */
function withOneMore(corners: Corner[]): Corner[] {
  const [below, last] = [corners.at(-2), corners.at(-1)];
  if (!below || !last) return corners;
  const middle = (i: 0 | 1 | 2) => Math.round((below.at[i].mm + last.at[i].mm) / 2);
  return [...corners.slice(0, -1), { at: at(middle(0), middle(1), middle(2)) }, last];
}

/** What was measured on the left was not measured here. */
const onTheRight = (corners: Corner[]): Corner[] =>
  corners.map(({ at: [x, y, z] }) => ({ at: at(x.mm, -y.mm, z.mm) }));

const corner = (...place: [number, number, number]): Corner => ({ at: at(...place) });

/** A body to start from: a landing on the sill, the foot of the screen, its head. mm */
const TO_START: FrontSection = {
  left: [corner(1080, 690, 120), corner(1000, 680, 640), corner(560, 560, 1080)],
  right: null,
};
