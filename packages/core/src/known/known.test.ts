import fc from 'fast-check';
import { assumed, isAssumed, knownAs } from '../measure/index.ts';
import { newOccupant, type Plan, readPlan } from '../plan/index.ts';
import { bar, cageOf, deg, heightOn, mm, placeAt, plateOf, point, stationOn } from '../testing/index.ts';
import { type AssumedThing, assumedIn, confirmed, pathKey } from './index.ts';

const BY = { by: 'T. Moreau', on: '2026-11-26T10:00:00Z' };
const guessed = (x: number, y: number, z: number) => assumed(point(x, y, z));
const stays = (changes: Parameters<typeof bar>[4] = {}) =>
  bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), guessed(-700, 500, 200), {
    pair: 'mirrored',
    ...changes,
  });
const keysOf = (things: AssumedThing[]): string[] =>
  things.flatMap(({ figures }) => figures.map(({ path }) => pathKey(path)));
const named = (things: AssumedThing[]): string[] =>
  things.map(({ name }) => [name.name, name.side, name.what].filter(Boolean).join(' '));
const without = (plan: Plan, ...keys: string[]): Plan => ({
  ...plan,
  survey: {
    ...plan.survey,
    measures: Object.fromEntries(Object.entries(plan.survey.measures).filter(([key]) => !keys.includes(key))),
  },
});

test('the three figures of a place are one thing, each with its axis and where it stands in the plan', () => {
  const [landing, ...others] = assumedIn(cageOf(stays())).things;
  expect(others).toEqual([]);
  expect(landing?.name).toEqual({
    of: 'member',
    name: 'B',
    role: 'backstay',
    side: 'left',
    what: 'end-b',
    standsFor: 'car',
  });
  expect(landing?.figures.map(({ path, axis, value }) => [pathKey(path), axis, value])).toEqual([
    ['members/1/ends/b/at/0', 'forward', assumed(mm(-700))],
    ['members/1/ends/b/at/1', 'left', assumed(mm(500))],
    ['members/1/ends/b/at/2', 'up', assumed(mm(200))],
  ]);
});

test('of a place that somebody read in part only the rest is asked for', () => {
  const [x, y, z] = placeAt(-700, 500, 200);
  const half = bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), {
    kind: 'point',
    at: [x, assumed(y), z],
  });
  expect(keysOf(assumedIn(cageOf(half)).things)).toEqual(['members/1/ends/b/at/1']);
});

test('the left tube of a pair is named by its hand, the right one where it differs, a single one by none', () => {
  const differs = stays({ right: { a: null, b: guessed(-690, -480, 210), shape: null } });
  expect(named(assumedIn(cageOf(differs)).things)).toEqual(['B left end-b', 'B right end-b']);
  const single = bar('t', 'tunnel-tube', guessed(0, 100, 200), guessed(600, 100, 200));
  expect(named(assumedIn(cageOf(single)).things)).toEqual(['T end-a', 'T end-b']);
});

test('a bend is named by its feature, a shape that was taken off by its kind', () => {
  const bent = stays({
    shape: { kind: 'through', via: [{ feature: 'over-arch', at: assumed(placeAt(-400, 500, 700)) }] },
  });
  expect(named(assumedIn(cageOf(bent)).things)).toEqual(['B left end-b', 'B left over-arch']);
  const bowed = bar('d', 'door-bar', point(0, 600, 300), point(900, 600, 300), {
    shape: { kind: 'bow', towards: 'out', rise: assumed(mm(80)), angle: null, flat: assumed(mm(300)) },
  });
  expect(new Set(named(assumedIn(cageOf(bowed)).things))).toEqual(new Set(['D bow']));
});

test('plates and gussets are of the cage, keep-outs and points of the car, slots of the driver', () => {
  const plan: Plan = {
    ...cageOf(),
    plates: [assumed(plateOf({ at: placeAt(0, 600, 0), follows: 'own' }))],
    occupants: [newOccupant('o')],
    survey: {
      ...cageOf().survey,
      keepOuts: [
        {
          id: 'k',
          name: 'column',
          from: assumed(placeAt(500, 200, 300)),
          to: placeAt(600, 400, 500),
          clearance: mm(20),
        },
      ],
    },
  };
  const stand = assumedIn(plan).things.map(({ name }) => [name.of, name.what, name.standsFor]);
  expect(stand).toContainEqual(['plate', 'at', 'car']);
  expect(stand).toContainEqual(['plate', 'thickness', 'cage']);
  expect(stand).toContainEqual(['plate', 'outline.width', 'cage']);
  expect(stand).toContainEqual(['keep-out', 'from', 'car']);
  expect(stand).toContainEqual(['occupant', 'slots.0', 'driver']);
});

describe('what a part of the cage rests on', () => {
  const cross = bar('x', 'rear-cross', heightOn('m-b', 'left', 500), heightOn('m-b', 'right', 500));
  const strut = bar('s', 'strut', stationOn('m-x', 'end-a', 300), guessed(-900, 0, 100));
  const plan = cageOf(stays(), cross, strut);
  const of = assumedIn(plan);

  test('is everything that its members stand on, each once', () => {
    expect(named(of.ofMember('m-hoop'))).toEqual([]);
    expect(named(of.ofMember('m-x'))).toEqual(['B left end-b']);
    expect(named(of.ofMember('m-s')).sort()).toEqual(['B left end-b', 'S end-b']);
    expect(of.ofMember('nobody')).toEqual([]);
  });

  test('of one end is where that end stands, and not the other', () => {
    expect(named(of.ofEnd('m-b', 'a'))).toEqual([]);
    expect(named(of.ofEnd('m-b', 'b'))).toEqual(['B left end-b']);
    expect(named(of.ofEnd('m-s', 'a'))).toEqual(['B left end-b']);
    expect(named(of.ofEnd('m-s', 'b'))).toEqual(['S end-b']);
    expect(of.ofEnd('nobody', 'a')).toEqual([]);
  });

  test('of an end on a plate with a place of its own is that place, and none of its sizes', () => {
    const plate = assumed(plateOf({ at: placeAt(-700, 500, 200), follows: 'own', under: null }));
    const onPlate = stays({
      ends: { a: stationOn('m-hoop', 'crown-left', -40), b: { kind: 'plate', plate: 'plate' } },
    });
    const plated = assumedIn({ ...cageOf(), members: [...cageOf().members, onPlate], plates: [plate] });
    expect(named(plated.ofEnd('m-b', 'b'))).toEqual(['P1 at']);
    expect(named(plated.ofMember('m-b'))).toEqual(['P1 at']);
    expect(named(plated.ofSheet('m-b'))).toEqual(['P1 at']);
  });

  test('of the hoop is the tilt for its plane, and the floor under a foot for that foot alone', () => {
    const bare = assumedIn(without(cageOf(), 'pillarTilt', 'landingLeft', 'floorSlopeRight'));
    expect(named(bare.ofMember('m-hoop'))).toEqual(['pillarTilt']);
    expect(named(bare.ofEnd('m-hoop', 'a')).sort()).toEqual(['landingLeft', 'pillarTilt']);
    expect(named(bare.ofEnd('m-hoop', 'b')).sort()).toEqual(['floorSlopeRight', 'pillarTilt']);
    expect(named(bare.ofSheet('m-hoop')).sort()).toEqual(['floorSlopeRight', 'landingLeft', 'pillarTilt']);
  });

  test('of a record are the figures that are asked for, by their first keys', () => {
    const people = assumedIn({ ...cageOf(), occupants: [newOccupant('o')] });
    expect(named(people.ofRecord('o'))).toEqual(['slots.0', 'slotsApart']);
    expect(named(people.ofRecord('o', ['slots']))).toEqual(['slots.0']);
    expect(people.ofRecord('o', ['travel'])).toEqual([]);
  });
});

describe('what was left out', () => {
  test('is taken as nothing and said so, but for a tilt that the builder chose', () => {
    const bare = without(cageOf(), 'pillarTilt', 'landingRight');
    expect(assumedIn(bare).things.map(({ name, leftOut }) => [name.name, leftOut])).toEqual([
      ['pillarTilt', true],
      ['landingRight', true],
    ]);
    const [hoop, ...bars] = bare.members;
    if (hoop?.role !== 'main-hoop') throw new Error('the hoop comes first');
    const chosen: Plan = { ...bare, members: [{ ...hoop, tilt: deg(5) }, ...bars] };
    expect(named(assumedIn(chosen).things)).toEqual(['landingRight']);
    expect(assumedIn({ ...bare, proposalsMarked: false }).things).toEqual([]);
    expect(assumedIn({ ...bare, members: [] }).things).toEqual([]);
  });

  test('a hip is one as soon as somebody has a lap belt, and is written down whole when one axis is confirmed', () => {
    const seated = { ...knownAs(newOccupant('o')), shoulder: placeAt(250, 300, 620) };
    const plan: Plan = { ...cageOf(), occupants: [seated] };
    expect(assumedIn(plan).things).toEqual([]);
    const belted: Plan = {
      ...plan,
      occupants: [{ ...seated, lap: { left: placeAt(280, 550, 20), right: null } }],
    };
    const [hip] = assumedIn(belted).things;
    expect([hip?.name.what, hip?.leftOut]).toEqual(['body.hip', true]);
    const kept = confirmed(belted, new Set(['occupants/0/body/hip/2']), BY);
    expect(kept.occupants[0]?.body.hip?.map(({ known }) => known?.how)).toEqual([
      'assumed',
      'assumed',
      'measured',
    ]);
    expect(keysOf(assumedIn(kept).things)).toEqual(['occupants/0/body/hip/0', 'occupants/0/body/hip/1']);
  });
});

test('whatever is picked of what is assumed is known then, nothing else changes, and the document still reads', () => {
  const plan: Plan = {
    ...without(
      cageOf(stays(), bar('t', 'tunnel-tube', guessed(0, 100, 200), guessed(600, 100, 200))),
      'landingLeft',
      'pillarTilt',
    ),
    plates: [assumed(plateOf({}))],
    occupants: [newOccupant('o')],
  };
  const keys = keysOf(assumedIn(plan).things);
  const values = (one: Plan) => JSON.stringify(knownAs(one.members)) + JSON.stringify(knownAs(one.plates));
  fc.assert(
    fc.property(fc.subarray(keys), (picked) => {
      const kept = confirmed(plan, new Set(picked), BY);
      expect(keysOf(assumedIn(kept).things)).toEqual(keys.filter((key) => !picked.includes(key)));
      expect(values(kept)).toBe(values(plan));
      expect(readPlan(JSON.parse(JSON.stringify(kept))).ok).toBe(true);
    }),
    { seed: 3, numRuns: 60 },
  );
});

test('a key that names nothing assumed changes nothing, and a figure that is known stays as it was confirmed', () => {
  const plan = cageOf(stays());
  expect(confirmed(plan, new Set(['members/1/tube/od', 'nowhere']), BY)).toEqual(plan);
  const once = confirmed(plan, new Set(keysOf(assumedIn(plan).things)), BY);
  const again = confirmed(once, new Set(keysOf(assumedIn(plan).things)), { ...BY, by: 'Somebody else' });
  expect(again).toEqual(once);
  const end = once.members[1]?.ends.b;
  expect(end?.kind === 'point' && end.at.some(isAssumed)).toBe(false);
});
