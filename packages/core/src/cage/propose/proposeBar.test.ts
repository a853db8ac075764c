import { proposeBar, USUAL_ORDER, waysOf } from '../index.ts';
import { evaluate } from '../../evaluate.ts';
import { standingIn } from '../../evaluation.ts';
import { expectValue } from '../../fault/index.ts';
import { BAR_ROLES, type BarRole, EMPTY_SHOP, type Plan, readPlan } from '../../plan/index.ts';
import { LEANING_CAR, planWith } from '../../testing/index.ts';
import { type Length } from '../../measure/index.ts';
import { valueOf } from '../../survey/index.ts';

/** A place of the body. mm */
const corner = (x: number, y: number, z: number) => {
  const length = (mm: number) => ({ mm, typed: `${mm} mm` });
  return { at: [length(x), length(y), length(z)] as [Length, Length, Length] };
};

const measured = planWith(LEANING_CAR);
const start: Plan = {
  ...measured,
  survey: {
    ...measured.survey,
    frontSection: {
      left: [corner(1080, 690, 120), corner(1000, 680, 640), corner(560, 560, 1000)],
      right: null,
    },
  },
};

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const codesAndWords = (plan: Plan) =>
  answersOf(plan)
    .findings.filter((one) => one.code === 'not-placed' || one.code === 'loop')
    .map((one) => [one.code, Object.values(one.facts).map(valueOf).join(' ')]);

/** The plan with bars of a role as they are proposed. */
function adding(plan: Plan, role: BarRole, way: string): Plan {
  let next = plan.members.length * 100;
  const proposed = proposeBar(plan, standingIn(answersOf(plan)), role, way, () => `n${(next += 1)}`);
  if (!('bars' in proposed)) throw new Error(`${role}: ${JSON.stringify(proposed)}`);
  return expectValue(
    readPlan(JSON.parse(JSON.stringify({ ...plan, members: [...plan.members, ...proposed.bars] }))),
  );
}

test('every role is proposed so that it stands, once what it needs is there', () => {
  const plan = USUAL_ORDER.reduce((built, role) => adding(built, role, waysOf(role)[0] ?? ''), start);
  expect(codesAndWords(plan)).toEqual([]);
  const roles = new Set(plan.members.map((member) => member.role));
  expect(roles.size).toBe(BAR_ROLES.length + 1);
  const stamps = plan.members.flatMap((member) => member.pieces.map((piece) => piece.stamp));
  expect(new Set(stamps).size).toBe(stamps.length);
  expect(stamps.every((stamp) => /^[A-Z0-9]{2,4}$/.test(stamp))).toBe(true);
});

test.each(USUAL_ORDER.flatMap((role) => waysOf(role).map((way) => [role, way] as const)))(
  'a %s, %s, is proposed so that it stands',
  (role, way) => {
    const before = USUAL_ORDER.slice(0, USUAL_ORDER.indexOf(role)).filter((one) => one !== role);
    const plan = before.reduce((built, one) => adding(built, one, waysOf(one)[0] ?? ''), start);
    const added = adding(plan, role, way);
    expect(codesAndWords(added)).toEqual([]);
    expect(answersOf(added).totals.tubes).toBeGreaterThan(answersOf(plan).totals.tubes);
  },
);

test('a front hoop within a section that nobody measured asks for it', () => {
  const way = waysOf('front-hoop').at(-1) ?? '';
  expect(proposeBar(measured, standingIn(answersOf(measured)), 'front-hoop', way, () => 'n')).toEqual({
    noPlace: "measure the front hoop's section at Survey first, or build it another way",
  });
});

test('a role that stands on others says which it needs', () => {
  const standing = standingIn(answersOf(start));
  const needs = (role: BarRole) => proposeBar(start, standing, role, '', () => 'n');
  expect(needs('windscreen-bar')).toEqual({ needs: 'side-hoop' });
  expect(needs('rear-cross')).toEqual({ needs: 'backstay' });
  expect(proposeBar(start, { hoop: null, tubes: [] }, 'diagonal', '', () => 'n')).toEqual({
    needs: 'main-hoop',
  });
});
