import fc from 'fast-check';
import { type Joint, resolveCage } from './index.ts';
import { lengthOf } from '../centreline/index.ts';
import { evaluate } from '../evaluate.ts';
import { hoopAnswerOf, pieceAnswerOf } from '../evaluation.ts';
import { type Attachment, EMPTY_SHOP, type Plan } from '../plan/index.ts';
import { distance, type Vec3 } from '../space/index.ts';
import { bar, cageOf, heightOn, inch, mm, placeAt, point, stationOn } from '../testing/index.ts';
import { valueOf } from '../survey/index.ts';
import { hoopPlan } from '../testing/twoInchShop.ts';

const onHoop = (
  feature: string,
  along = 0,
  edge: 'middle' | 'tangentA' | 'tangentB' | 'pi' = 'middle',
): Attachment => stationOn('m-hoop', feature, along, edge);

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

const endsOf = (plan: Plan, piece: string): [Vec3, Vec3] => {
  const points = pieceAnswerOf(answersOf(plan), piece)?.answer.tube?.points ?? [];
  return [points[0] as Vec3, points.at(-1) as Vec3];
};

const diagonal = bar('d1', 'diagonal', onHoop('crown-left'), onHoop('foot-right', -75));

const stays = bar('bs', 'backstay', onHoop('crown-left', 0, 'tangentB'), point(-800, 420, 250), {
  pair: 'mirrored',
});

test('a bar’s ends lie on the axis of the tube they stand on, at the distance asked for', () => {
  const plan = cageOf(diagonal);
  const hoop = hoopAnswerOf(answersOf(plan))?.tube;
  const [, foot] = endsOf(plan, 'p-d1');
  expect(distance(foot, hoop?.points.at(-1) as Vec3)).toBeCloseTo(75, 6);
  expect(
    answersOf(plan).joints.map(({ end, header, eccentricity }) => [
      end,
      header,
      Math.round(eccentricity * 1e6),
    ]),
  ).toEqual([
    ['a', 'p-hoop', 0],
    ['b', 'p-hoop', 0],
  ]);
});

test('one measurement changed moves all that hangs on the hoop', () => {
  const before = endsOf(cageOf(diagonal, stays), 'p-bs-l')[0];
  const taller = cageOf(diagonal, stays);
  taller.survey.measures.headlinerCentre = inch('44 3/8');
  const after = endsOf(taller, 'p-bs-l')[0];
  expect(after[2] - before[2]).toBeCloseTo(2 * 25.4, 3);
});

test('twins mirror each other across the centre line, along the hoop too', () => {
  const plan = cageOf(stays);
  const [leftTop, leftFoot] = endsOf(plan, 'p-bs-l');
  const [rightTop, rightFoot] = endsOf(plan, 'p-bs-r');
  expect(rightFoot).toEqual([leftFoot[0], -leftFoot[1], leftFoot[2]]);
  expect(distance(rightTop, [leftTop[0], -leftTop[1], leftTop[2]])).toBeLessThan(1e-6);
  expect(pieceAnswerOf(answersOf(plan), 'p-bs-r')?.answer.side).toBe('right');
});

test('a twin may have ends of its own where the car differs', () => {
  const uneven = { ...stays, right: { a: null, b: point(-820, -410, 255), shape: null } };
  expect(endsOf(cageOf(uneven), 'p-bs-r')[1]).toEqual([-820, -410, 255]);
});

test('mirrored twins of a bent bar have the same lengths and angles, and rotations negated', () => {
  const legs = bar('fl', 'front-leg', point(1000, 690, 100), onHoop('crown-left'), {
    pair: 'mirrored',
    shape: {
      kind: 'through',
      via: [
        { feature: 'pillar-foot', at: placeAt(960, 670, 620) },
        { feature: 'pillar-top', at: placeAt(420, 540, 1010) },
      ],
    },
    bending: { ...diagonal.bending, die: null },
  });
  const lraOf = (piece: string) => pieceAnswerOf(answersOf(cageOf(legs)), piece)?.answer.tube;
  const [left, right] = [lraOf('p-fl-l'), lraOf('p-fl-r')];
  expect(left?.developed).toBeCloseTo(right?.developed ?? NaN, 6);
  expect(left?.axis.map((piece) => piece.length)).toEqual(
    right?.axis.map((piece) => expect.closeTo(piece.length, 6) as number),
  );
});

test('a height finds the tube on the side asked for', () => {
  const harness = bar('hb', 'harness-bar', heightOn('m-hoop', 'left', 620), heightOn('m-hoop', 'right', 620));
  const [left, right] = endsOf(cageOf(harness), 'p-hb');
  expect([left[2], right[2]]).toEqual([expect.closeTo(620, 4), expect.closeTo(620, 4)]);
  expect(left[1]).toBeGreaterThan(0);
  expect(right[1]).toBeCloseTo(-left[1], 3);
});

test('bars stand on bars: order of dependence, not of the list', () => {
  const cross = bar('rx', 'rear-cross', heightOn('m-bs', 'left', 600), heightOn('m-bs', 'right', 600));
  const [left, right] = endsOf(cageOf(cross, stays), 'p-rx');
  expect(left[1]).toBeCloseTo(-right[1], 4);
  const joints = answersOf(cageOf(cross, stays)).joints.filter((joint: Joint) => joint.piece === 'p-rx');
  expect(joints.map((joint) => joint.header)).toEqual(['p-bs-l', 'p-bs-r']);
  expect(joints.every((joint) => joint.angle > 60 && joint.angle <= 90)).toBe(true);
});

test('a joint of two members is the nearest point of the first axis to the second', () => {
  const other = bar('d2', 'diagonal', onHoop('crown-right'), onHoop('foot-left', 75));
  const strut = bar(
    'st',
    'gusset-tube',
    { kind: 'joint', of: [{ member: 'm-d1' }, { member: 'm-d2' }] },
    point(-300, 0, 300),
  );
  const [node] = endsOf(cageOf(diagonal, other, strut), 'p-st');
  expect(node[1]).toBeCloseTo(0, 3);
  const headers = answersOf(cageOf(diagonal, other, strut)).joints.filter((joint) => joint.piece === 'p-st');
  expect(headers.map((joint) => [joint.header, joint.eccentricity < 0.01])).toEqual([
    ['p-d1', true],
    ['p-d2', true],
  ]);
});

const codesAndWords = (plan: Plan) =>
  answersOf(plan)
    .findings.filter((one) => one.code === 'not-placed' || one.code === 'loop')
    .map((one) => [one.code, Object.values(one.facts).map(valueOf).join(' ')]);

test('what a bar stands on is gone, or has no such place: it is listed, never silent', () => {
  const lost = bar('st', 'gusset-tube', heightOn('m-gone', 'left', 300), point(0, 0, 0));
  expect(codesAndWords(cageOf(lost))).toEqual([['not-placed', expect.stringContaining('is not there')]]);
  const wrong = bar('st', 'gusset-tube', onHoop('crown-middle'), point(0, 0, 0));
  expect(codesAndWords(cageOf(wrong))).toEqual([
    ['not-placed', expect.stringContaining('no "crown-middle": it has foot-left, knee-left')],
  ]);
  const high = bar('st', 'gusset-tube', heightOn('m-hoop', 'left', 3000), point(0, 0, 0));
  expect(codesAndWords(cageOf(high))).toEqual([
    ['not-placed', expect.stringContaining('does not pass 3000 mm')],
  ]);
  const off = bar('st', 'gusset-tube', onHoop('foot-left', -50), point(0, 0, 0));
  expect(codesAndWords(cageOf(off))).toEqual([['not-placed', expect.stringContaining('beyond an end')]]);
  const twin = bar(
    'st',
    'gusset-tube',
    { kind: 'height', aside: null, on: { member: 'm-bs' }, height: mm(600) },
    point(0, 0, 0),
  );
  expect(codesAndWords(cageOf(stays, twin))).toEqual([
    ['not-placed', expect.stringContaining('say the left or the right')],
  ]);
});

test('a loop is refused with the names in it, and the hoop still stands', () => {
  const one = bar('b1', 'door-bar', heightOn('m-b2', 'left', 300), point(0, 0, 0));
  const two = bar('b2', 'door-bar', heightOn('m-b1', 'left', 300), point(0, 0, 100));
  const plan = cageOf(one, two);
  expect(codesAndWords(plan)).toEqual([
    ['loop', 'B1, B2 2'],
    ['not-placed', expect.stringContaining('B1, B2 stand on each other in a loop')],
    ['not-placed', expect.stringContaining('B1, B2 stand on each other in a loop')],
  ]);
  expect(hoopAnswerOf(answersOf(plan))?.tube).not.toBeNull();
});

test('a straight bar has a sheet without bends: its blank is its length and trims, and it needs no die', () => {
  const answer = pieceAnswerOf(answersOf(cageOf(diagonal)), 'p-d1')?.answer;
  expect(answer?.sheet?.bends).toEqual([]);
  expect(answer?.sheet?.blank).toBeCloseTo(lengthOf(answer?.tube?.axis ?? []) + 2 * 25.4, 6);
});

test('mass and metres are of all tubes', () => {
  const { totals, members } = answersOf(cageOf(diagonal, stays));
  const tubes = members.flatMap((member) => member.pieces.flatMap(({ tube }) => tube ?? []));
  expect(totals.tubes).toBe(4);
  expect(totals.mass).toBeCloseTo(
    tubes.reduce((sum, tube) => sum + tube.mass, 0),
    9,
  );
});

test('any places resolve to a tube without NaN, or to a finding; never to an exception', () => {
  const coordinate = fc.integer({ min: -2000, max: 2000 });
  const anywhere = fc.oneof(
    fc.tuple(coordinate, coordinate, coordinate).map(([x, y, z]) => point(x, y, z)),
    fc
      .tuple(fc.constantFrom('crown-left', 'knee-right', 'foot-left', 'nowhere'), coordinate)
      .map(([feature, along]) => onHoop(feature, along)),
    fc
      .tuple(fc.constantFrom('left' as const, 'right' as const), coordinate)
      .map(([side, mm]) => heightOn('m-hoop', side, mm)),
  );
  fc.assert(
    fc.property(anywhere, anywhere, fc.constantFrom('single' as const, 'mirrored' as const), (a, b, pair) => {
      const { members, findings } = answersOf(cageOf(bar('st', 'gusset-tube', a, b, { pair })));
      const pieces = members.flatMap((member) => member.pieces);
      for (const { tube } of pieces) if (tube) expect(tube.points.flat().every(Number.isFinite)).toBe(true);
      const missing = pieces.filter(({ tube }) => tube === null).length;
      expect(findings.filter((one) => one.code === 'not-placed' || one.code === 'does-not-bend').length).toBe(
        missing,
      );
    }),
    { seed: 8, numRuns: 150 },
  );
});

test('a hoop that was built wider stands so, and what stands on it follows; its sheet is that of its design', () => {
  const plan = hoopPlan();
  const built = (feetApart: number): Plan => ({
    ...plan,
    members: plan.members.map((one) =>
      one.role === 'main-hoop'
        ? {
            ...one,
            asBuilt: {
              feetApart: mm(feetApart),
              crownUp: null,
              crownLeft: null,
              by: 'Aino',
              on: '2026-11-27T10:00:00Z',
            },
          }
        : one,
    ),
  });
  const hoopOf = (of: Plan) => {
    const [piece] = resolveCage(of, () => null).members[0]?.pieces ?? [];
    if (!piece?.tube.ok) throw new Error('the hoop stands');
    return { tube: piece.tube.value, sheet: piece.sheet };
  };
  const designed = hoopOf(plan);
  const apart = (tube: { points: Vec3[] }) => distance(tube.points[0]!, tube.points.at(-1)!);
  const wider = hoopOf(built(apart(designed.tube) + 10));
  expect(apart(wider.tube)).toBeCloseTo(apart(designed.tube) + 10, 9);
  expect(wider.tube.points[0]![1] - designed.tube.points[0]![1]).toBeCloseTo(5, 9);
  expect(wider.sheet).toEqual(designed.sheet);
  expect(wider.tube.radiusTaken).toBe(designed.tube.radiusTaken);
  // Its bends keep their radii, so that a hoop as wide as designed is the designed one.
  expect(hoopOf(built(apart(designed.tube))).tube.developed).toBeCloseTo(designed.tube.developed, 6);
});
