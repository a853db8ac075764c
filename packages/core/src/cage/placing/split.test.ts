import { copesIn, evaluate } from '../../evaluate.ts';
import { tubesIn } from '../../evaluation.ts';
import { lengthOf } from '../../centreline/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { EMPTY_SHOP, type Part, type Plan } from '../../plan/index.ts';
import { copeFindings, factOf, textFact } from '../../findings/index.ts';
import { type RuleCheck } from '../../rules/index.ts';
import {
  bar,
  bookOf,
  cageOf,
  choosing,
  heightOn,
  mm,
  plateOf,
  point,
  stationOn,
} from '../../testing/index.ts';

const splitBy = (...members: string[]) => ({
  crossings: members.map((member) => ({ member, goes: 'split' as const })),
});

/** An upright on the middle, and a level bar of 1000 mm across the car that it splits in two. */
const post = bar('u', 'diagonal', point(0, 100, 0), point(0, 100, 900));

const across = bar('x', 'harness-bar', point(0, 500, 500), point(0, -500, 500), {
  ...splitBy('m-u'),
  pieces: [
    { id: 'p-x1', stamp: 'X1' },
    { id: 'p-x2', stamp: 'X2' },
  ],
});

const tubeOf = (plan: Plan, piece: string) => {
  const found = tubesIn(evaluate(plan, EMPTY_SHOP, [])).find((tube) => tube.piece === piece);
  if (!found) throw new Error(`${piece} does not stand`);
  return found;
};

const onBar = (feature: string, along: number, z = 100): Plan =>
  cageOf(post, across, bar('s', 'strut', stationOn('m-x', feature, along), point(-200, 0, z)));

const topOf = (plan: Plan) => tubeOf(plan, 'p-s').points[0] as Vec3;

test('a station of a split bar is the bar’s: end B −300 lies 300 from its far end, whatever splits it', () => {
  expect(topOf(onBar('end-b', -300))).toEqual([0, expect.closeTo(-200, 9), 500]);
  expect(topOf(onBar('end-a', 300))).toEqual([0, expect.closeTo(200, 9), 500]);
  // Beyond the node, counted from end A along all of it.
  expect(topOf(onBar('end-a', 700))).toEqual([0, expect.closeTo(-200, 9), 500]);
  // The half that has the place is the header.
  const { joints } = evaluate(onBar('end-a', 700), EMPTY_SHOP, []);
  expect(joints.find(({ piece }) => piece === 'p-s')?.header).toBe('p-x2');
});

test('a reference that names one half means the bar all the same', () => {
  const named = {
    kind: 'station',
    on: { member: 'm-x', piece: 'p-x1' },
    station: { feature: 'end-b', edge: 'middle', along: mm(-300) },
    to: 'axis',
    aside: null,
  } as const;
  const plan = cageOf(post, across, bar('s', 'strut', named, point(-200, 0, 100)));
  expect(topOf(plan)[1]).toBeCloseTo(-200, 9);
});

test('a part on a split bar lies on the half that has its place, measured along that tube', () => {
  const guide: Part = {
    kind: 'belt-guide',
    id: 'g',
    stamp: 'BG1',
    on: { member: 'm-x' },
    station: { feature: 'end-b', edge: 'middle', along: mm(-200) },
    style: 'guide',
    apart: mm(100),
  };
  const [answer] = evaluate({ ...cageOf(post, across), parts: [guide] }, EMPTY_SHOP, []).parts;
  expect(answer?.on).toBe('X2');
  // The half runs from the node at y = 100 to y = −500: the guides at y = −250 and −350.
  expect(answer?.answer.ok && answer.answer.value.figures.map((one) => one.mm)).toEqual([
    expect.closeTo(350, 6),
    expect.closeTo(450, 6),
  ]);
  const astride = { ...guide, station: { ...guide.station, along: mm(-600) } };
  const [apart] = evaluate({ ...cageOf(post, across), parts: [astride] }, EMPTY_SHOP, []).parts;
  expect(apart && !apart.answer.ok ? apart.answer.fault.code : '').toBe('guides-apart');
});

test('a plate under end B of a split bar lies under its last half', () => {
  const legged = { ...across, ends: { a: across.ends.a, b: point(0, -500, 0) } };
  const plan: Plan = { ...cageOf(post, legged), plates: [plateOf({ under: { member: 'm-x', end: 'b' } })] };
  expect(evaluate(plan, EMPTY_SHOP, []).plates[0]).toMatchObject({ foot: 'X2', at: [0, -500, 0] });
});

test('halves run to the axis of the bar between them, though their own line passes beside it', () => {
  const aside = { ...across, ends: { a: point(12, 500, 500), b: point(12, -500, 500) } };
  const plan = cageOf(post, aside);
  for (const piece of ['p-x1', 'p-x2'])
    expect(Math.min(...tubeOf(plan, piece).points.map((at) => distance(at, [0, 100, 500])))).toBeCloseTo(
      0,
      6,
    );
  const { joints, findings } = evaluate(plan, EMPTY_SHOP, []);
  expect(
    joints.filter(({ header }) => header === 'p-u').map(({ eccentricity }) => eccentricity < 1e-6),
  ).toEqual([true, true]);
  // 12 mm over 400 and 600 is 1.7° and 1.1°: under what anybody sees.
  expect(findings.map(({ code }) => code)).not.toContain('out-of-line');
});

const DOOR: RuleCheck = { kind: 'count', least: 2, per: 'side-with-any' };

const counted = (plan: Plan, check: RuleCheck, role: 'door-bar' | 'harness-bar') => {
  const book = bookOf(check, role);
  return evaluate(choosing(plan, book), EMPTY_SHOP, [book])
    .findings.filter(({ rule }) => rule)
    .map((one) => [
      one.status,
      one.measured && 'count' in one.measured ? one.measured.count : null,
      textFact(one, 'side'),
    ]);
};

/** An X on each side: one bar through, the other in two halves. */
const doors = (split: boolean) =>
  cageOf(
    bar('d', 'door-bar', point(0, 600, 500), point(1000, 600, 200), { pair: 'mirrored' }),
    bar('e', 'door-bar', point(0, 600, 200), point(1000, 600, 500), {
      pair: 'mirrored',
      ...(split ? splitBy('m-d') : {}),
      pieces: (split ? ['1l', '2l', '1r', '2r'] : ['l', 'r']).map((one) => ({
        id: `p-e${one}`,
        stamp: `E${one.toUpperCase()}`,
      })),
    }),
  );

test('an X is two bars on each side, and one bar cut in two is one', () => {
  expect(counted(doors(true), DOOR, 'door-bar')).toEqual([
    ['clear', 2, 'left'],
    ['clear', 2, 'right'],
  ]);
  // Three tubes on each side, and still two bars.
  expect(
    counted(doors(true), { kind: 'count', least: 3, per: 'side-with-any' }, 'door-bar').map(
      ([status]) => status,
    ),
  ).toEqual(['out', 'out']);
  // Its middle is on the right of the post: one bar there, none on the left.
  expect(
    counted(cageOf(post, across), { kind: 'count', least: 2, per: 'side-with-any' }, 'harness-bar'),
  ).toEqual([['out', 1, 'left']]);
});

test('“at least one continuous on each side” is met by the bar through; without a number every bar has to be', () => {
  const atLeast = (least: number | null): RuleCheck => ({ kind: 'continuous-tube', least });
  expect(counted(doors(true), atLeast(1), 'door-bar')).toEqual([
    ['clear', 1, 'left'],
    ['clear', 1, 'right'],
  ]);
  expect(counted(doors(true), atLeast(2), 'door-bar').map(([status]) => status)).toEqual(['out', 'out']);
  expect(counted(doors(true), atLeast(null), 'door-bar').map(([status]) => status)).toEqual(['clear', 'out']);
  expect(counted(doors(true), { kind: 'continuous-tube' }, 'door-bar').map(([status]) => status)).toEqual([
    'clear',
    'out',
  ]);
});

test('a split bar is compared with its own mirror image as a whole, not half with half', () => {
  const { symmetry } = evaluate(cageOf(post, across), EMPTY_SHOP, []);
  const whole = symmetry.find(({ stamps }) => stamps.includes('X1'));
  expect(whole).toMatchObject({ stamps: ['X1', 'X2'], difference: 0 });
});

test('two halves that crowd each other are never told to be welded each before the other', () => {
  const plan: Plan = { ...cageOf(post, across), fitOrder: ['p-u', 'p-x1', 'p-x2'] };
  const copes = copesIn(plan, evaluate(plan, EMPTY_SHOP, []), []);
  const later = new Map(
    copes.seams.flatMap(({ stamp, tight }) => (tight?.later ? [[stamp, tight.stamp] as const] : [])),
  );
  const both = [...later].filter(([stamp, other]) => later.get(other) === stamp);
  expect(both).toEqual([]);
  const told = copeFindings(plan, copes).filter(({ code }) => code === 'torch-room');
  expect(told.map((one) => factOf(one, 'later'))).toEqual([{ count: 1 }, { count: 0 }]);
});

test('the whole bar is as long as its halves together', () => {
  const plan = cageOf(post, across);
  const sum = ['p-x1', 'p-x2'].reduce((total, piece) => total + lengthOf(tubeOf(plan, piece).axis), 0);
  expect(sum).toBeCloseTo(1000, 9);
});

test('only the members of a loop and what hangs on them lose their place; they stay in the list', () => {
  const plan = cageOf(
    post,
    bar('a', 'rear-cross', heightOn('m-c', 'left', 300), point(0, 0, 300)),
    bar('c', 'backstay', stationOn('m-a', 'end-b'), point(-500, 0, 0)),
    bar('h', 'strut', stationOn('m-c', 'end-a'), point(-200, 0, 0)),
  );
  const { members, findings } = evaluate(plan, EMPTY_SHOP, []);
  const placed = members.filter(({ pieces }) => pieces.every(({ tube }) => tube)).map(({ member }) => member);
  expect(placed).toEqual(['m-hoop', 'm-u']);
  expect(members.map(({ member }) => member).sort()).toEqual(['m-a', 'm-c', 'm-h', 'm-hoop', 'm-u']);
  expect(findings.filter(({ code }) => code === 'loop')).toMatchObject([
    { facts: { stamps: { text: 'A, C' } } },
  ]);
  const hung = findings.find(({ member, code }) => member === 'm-h' && code === 'not-placed');
  expect(JSON.stringify(hung?.facts)).toContain('it hangs on A, C');
});
