import { type Length } from '../../measure/index.ts';
import { type Bar, type Gusset, type Part, type Plan } from '../../plan/index.ts';
import {
  bar,
  cageOf,
  heightOn,
  mm,
  personOf,
  placeAt,
  plateOf,
  point,
  stationOn,
} from '../../testing/index.ts';
import { applyRemedy, type Remedy } from '../index.ts';

const across = bar(
  'across',
  'harness-bar',
  heightOn('m-hoop', 'left', 700),
  heightOn('m-hoop', 'right', 700),
);
const stay = bar('stay', 'backstay', stationOn('m-hoop', 'crown-left', 100), point(-800, 500, 200));
const gusset = { id: 'gusset', legs: [mm(60), mm(20)], thickness: mm(1) } as unknown as Gusset;
const splice = { kind: 'splice', id: 'splice', sleeve: mm(80), rosettes: 4 } as unknown as Part;
const guide = {
  kind: 'belt-guide',
  id: 'guide',
  apart: mm(150),
  station: { feature: 'end-a', edge: 'middle', along: mm(300) },
} as unknown as Part;

const plan: Plan = {
  ...cageOf(across, stay),
  plates: [plateOf({ id: 'plate', thickness: mm(2), bolts: null, at: placeAt(10, 20, 30) })],
  gussets: [gusset],
  parts: [splice, guide],
  occupants: [{ ...personOf('driver'), lap: { left: placeAt(-100, 200, 50), right: null } }],
};
const mended = (remedy: Remedy): Plan => applyRemedy(plan, remedy);
const barOf = ({ members }: Plan, id: string) => members.find((one) => one.id === id) as Bar;
const inMm = (lengths: readonly Length[]) => lengths.map((one) => one.mm);

test('a radius needs another die: the plan stays as it is', () => {
  expect(mended({ kind: 'radius', clr: 140 })).toBe(plan);
});

test('a tube is taken in the size that is written, and the rest of its choice stays', () => {
  const od: Length = { mm: 44.45, typed: '1 3/4 in' };
  const wall: Length = { mm: 3.05, typed: '0.120 in' };
  const next = mended({ kind: 'tube', member: 'm-stay', od, wall, tubeKind: 'alloy' });
  expect(barOf(next, 'm-stay').tube).toEqual({ ...barOf(plan, 'm-stay').tube, od, wall, kind: 'alloy' });
  expect(barOf(next, 'm-across')).toBe(barOf(plan, 'm-across'));
});

test('a bar is made straight, a hoop tilted, and neither the other way round', () => {
  expect(barOf(mended({ kind: 'straighten', member: 'm-stay' }), 'm-stay').shape.kind).toBe('through');
  expect(mended({ kind: 'straighten', member: 'm-hoop' })).toEqual(plan);
  const tilted = mended({ kind: 'tilt', member: 'm-hoop', deg: 9.5 });
  expect(tilted.members[0]).toMatchObject({ tilt: { deg: 9.5, typed: '9.5' } });
  expect(mended({ kind: 'tilt', member: 'm-stay', deg: 9.5 })).toEqual(plan);
});

test('an end slides up where it stands at a height, along its tube where at a bend, and not from a point', () => {
  const slid = (member: string, end: 'a' | 'b') =>
    barOf(mended({ kind: 'slide-end', member, end, by: -12.5 }), member).ends[end];
  expect(slid('m-across', 'b')).toMatchObject({ height: { mm: 687.5 } });
  expect(slid('m-stay', 'a')).toMatchObject({ station: { along: { mm: 87.5 }, feature: 'crown-left' } });
  expect(slid('m-stay', 'b')).toEqual(stay.ends.b);
});

test('a bar goes up at both ends alike', () => {
  const { ends } = barOf(mended({ kind: 'bar-height', member: 'm-across', by: 20 }), 'm-across');
  expect([ends.a, ends.b]).toMatchObject([{ height: { mm: 720 } }, { height: { mm: 720 } }]);
});

test('a foot at a point moves itself, one on a plate takes the plate along', () => {
  const by: [number, number, number] = [5, -10, 15];
  const moved = mended({ kind: 'move-foot', member: 'm-stay', end: 'b', by });
  const { b } = barOf(moved, 'm-stay').ends;
  expect(b.kind === 'point' && inMm(b.at)).toEqual([-795, 490, 215]);
  const onPlate: Plan = {
    ...plan,
    members: plan.members.map((one) =>
      one.id === 'm-stay' ? { ...stay, ends: { ...stay.ends, b: { kind: 'plate', plate: 'plate' } } } : one,
    ),
  };
  const [plate] = applyRemedy(onPlate, { kind: 'move-foot', member: 'm-stay', end: 'b', by }).plates;
  expect(inMm(plate?.at ?? [])).toEqual([15, 10, 45]);
});

test('a plate grows in proportion, is never made thinner, and gets the bolts that it lacks', () => {
  const before = plan.plates[0];
  const grow = (thickness: Length | null, bolts: Extract<Remedy, { kind: 'plate' }>['bolts']) =>
    mended({ kind: 'plate', plate: 'plate', scale: 1.5, thickness, bolts }).plates[0];
  const bolted = grow(mm(3), { count: 3, size: mm(8), grade: null });
  expect(bolted).toMatchObject({
    thickness: { mm: 3 },
    bolts: { count: 3, size: { mm: 8 }, grade: '8.8', backing: null },
  });
  if (before?.outline.kind !== 'rectangle' || bolted?.outline.kind !== 'rectangle')
    throw new Error('rectangles');
  expect(bolted.outline.length.mm).toBeCloseTo(before.outline.length.mm * 1.5, 9);
  expect(bolted.outline.width.mm).toBeCloseTo(before.outline.width.mm * 1.5, 9);
  expect(grow(mm(1), null)).toMatchObject({ thickness: { mm: 2 }, bolts: null });
});

test('a gusset and a splice are lengthened where they are short, and left where they are long enough', () => {
  const [grown] = mended({ kind: 'gusset', gusset: 'gusset', leg: 50, thickness: mm(1.5) }).gussets;
  expect(inMm(grown?.legs ?? [])).toEqual([60, 50]);
  expect(grown?.thickness.mm).toBe(1.5);
  const part = mended({ kind: 'splice', part: 'splice', sleeve: 100, rosettes: 2 }).parts[0];
  expect(part).toMatchObject({ sleeve: { mm: 100 }, rosettes: 4 });
  // A remedy of one kind of part leaves a part of another kind alone, whatever its id.
  expect(mended({ kind: 'splice', part: 'guide', sleeve: 100, rosettes: 2 })).toEqual(plan);
});

test('a lap anchor moves along the car on its own side; one that nobody measured stays unmeasured', () => {
  const anchor = (side: 'left' | 'right') =>
    mended({ kind: 'lap-anchor', occupant: 'driver', side, by: 25 }).occupants[0]?.lap;
  expect(inMm(anchor('left')?.left ?? [])).toEqual([-75, 200, 50]);
  expect(anchor('right')).toEqual(plan.occupants[0]?.lap);
});

test('the cage is let down by what is missing and a millimetre; guides move toward end B and stand as far apart as asked', () => {
  expect(mended({ kind: 'weld-drop', by: 30 }).weldPosition.drop.mm).toBe(plan.weldPosition.drop.mm + 31);
  expect(mended({ kind: 'guides', part: 'guide', by: -40, apart: 180 }).parts[1]).toMatchObject({
    apart: { mm: 180 },
    station: { along: { mm: 260 }, feature: 'end-a' },
  });
});

test('what somebody measured stays measured when it is moved, and what was assumed stays assumed', () => {
  const [x, y, z] = placeAt(-800, 500, 200);
  const assumed = { ...x, known: { how: 'assumed' } } as Length;
  const of = (at: [Length, Length, Length]) => {
    const end = barOf(
      applyRemedy(
        { ...plan, members: [{ ...stay, ends: { a: stay.ends.a, b: { kind: 'point', at } } }] },
        { kind: 'move-foot', member: 'm-stay', end: 'b', by: [1, 1, 1] },
      ),
      'm-stay',
    ).ends.b;
    return end.kind === 'point' ? end.at.map(({ known }) => known?.how ?? null) : [];
  };
  expect(of([assumed, y, z])).toEqual(['assumed', null, null]);
});
