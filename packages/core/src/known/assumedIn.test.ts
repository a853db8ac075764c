import { evaluate } from '../evaluate.ts';
import { assumed, isAssumed, knownAs } from '../measure/index.ts';
import { EMPTY_SHOP, newOccupant, type Plan } from '../plan/index.ts';
import { assumedIn, confirmed, pathKey } from './index.ts';
import { applyRemedy } from '../findings/index.ts';
import { type RuleCheck } from '../rules/index.ts';
import {
  bar,
  bookOf,
  cageOf,
  choosing,
  deg,
  heightOn,
  mm,
  placeAt,
  plateOf,
  point,
  stationOn,
} from '../testing/index.ts';

const stays = (at = point(-700, 500, 200)) =>
  bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), at, { pair: 'mirrored' });

const guessed = assumed(point(-700, 500, 200));

const first = (plan: Plan, check: RuleCheck, role: Parameters<typeof bookOf>[1] = 'backstay') => {
  const book = bookOf(check, role);
  return evaluate(choosing(plan, book), EMPTY_SHOP, [book]).findings.filter(({ rule }) => rule);
};

const LEAN: RuleCheck = { kind: 'angle', from: 'vertical', least: deg(30), most: null };

const BY = { by: 'T. Moreau', on: '2026-11-26T10:00:00Z' };

test('a backstay’s landing that nobody measured is asked for, with the verdict that it would have', () => {
  const [found] = first(cageOf(stays(guessed)), LEAN);
  expect(found).toMatchObject({
    status: 'ask',
    would: 'clear',
    restsOn: [{ of: 'member', name: 'B', side: 'left', what: 'end-b', standsFor: 'car' }],
  });
  const [measured] = first(cageOf(stays()), LEAN);
  expect(measured).toMatchObject({ status: 'clear', would: null, restsOn: [] });
  // Out, too, would be a verdict on a guess.
  const [steep] = first(cageOf(stays(assumed(point(-300, 500, 200)))), LEAN);
  expect(steep).toMatchObject({ status: 'ask', would: 'out' });
});

test('what hangs on an assumed place rests on it too, and what does not does not', () => {
  const cage = cageOf(
    stays(guessed),
    bar('x', 'rear-cross', heightOn('m-b', 'left', 500), heightOn('m-b', 'right', 500)),
  );
  expect(first(cage, LEAN, 'rear-cross')[0]?.status).toBe('ask');
  expect(first(cage, { kind: 'tilt-from-vertical', most: deg(10) }, 'main-hoop')[0]?.status).toBe('clear');
  // A straight bar is straight wherever it lands; how many there are and their size rest on nothing that is measured.
  expect(first(cage, { kind: 'straight', view: 'any' })[0]?.status).toBe('clear');
  expect(first(cage, { kind: 'count', least: 1, per: 'side-with-any' })[0]?.status).toBe('clear');
  expect(first(cage, { kind: 'bends', most: 0, largestAngle: null })[0]?.status).toBe('clear');
});

test('an end’s distance rests on that end and on what it is taken from, not on the bar’s other end', () => {
  const upper: RuleCheck = {
    kind: 'end-distance',
    end: 'upper',
    from: 'bend',
    of: null,
    edge: 'middle',
    most: mm(100),
  };
  expect(first(cageOf(stays(guessed)), upper).map(({ status }) => status)).not.toContain('ask');
  const lower: RuleCheck = { ...upper, end: 'lower', from: 'foot', of: 'main-hoop', most: mm(900) };
  expect(first(cageOf(stays(guessed)), lower)[0]?.restsOn).toMatchObject([{ what: 'end-b' }]);
});

test('a new driver’s slots, and a hip that follows from the height, are asked for before straps are clear', () => {
  const fresh = { ...newOccupant('o'), shoulder: placeAt(250, 300, 620), helmetTop: placeAt(230, 300, 900) };
  const lap = { left: placeAt(280, 550, 20), right: placeAt(280, 50, 20) };
  const cage = {
    ...cageOf(bar('h', 'harness-bar', heightOn('m-hoop', 'left', 590), heightOn('m-hoop', 'right', 590))),
    occupants: [{ ...fresh, lap }],
  };
  const straps: RuleCheck = { kind: 'harness-window', least: deg(0), most: deg(20) };
  expect(first(cage, straps, 'harness-bar')[0]).toMatchObject({
    status: 'ask',
    restsOn: [{ what: 'slots.0' }],
  });
  const belts: RuleCheck = { kind: 'lap-window', least: deg(20), most: deg(88) };
  expect(first(cage, belts, 'main-hoop')[0]).toMatchObject({
    status: 'ask',
    restsOn: [{ what: 'body.hip' }],
  });
  const known = { ...cage, occupants: knownAs(cage.occupants) };
  expect(first(known, straps, 'harness-bar')[0]?.status).toBe('clear');
});

test('a plate whose sizes the program put in is not clear until somebody chose them', () => {
  const plated = (plate: Plan['plates'][number]): Plan => ({
    ...cageOf(),
    plates: [plate, plateOf({ id: 'p2', stamp: 'P2', under: { member: 'm-hoop', end: 'b' } })],
  });
  const area: RuleCheck = {
    kind: 'plate',
    area: 100,
    thickness: null,
    narrowest: null,
    bolts: null,
    boltSize: null,
  };
  const statuses = (plan: Plan) => first(plan, area, 'main-hoop').map(({ status }) => status);
  expect(statuses(plated(plateOf({})))).toEqual(['clear', 'clear']);
  expect(statuses(plated(assumed(plateOf({}))))).toEqual(['ask', 'clear']);
});

test('a pillar whose tilt was left out is taken as upright, and asked for; in plans from before that it was not', () => {
  const cage = cageOf();
  const { pillarTilt: _, ...measures } = cage.survey.measures;
  const bare: Plan = { ...cage, survey: { ...cage.survey, measures } };
  const tilt: RuleCheck = { kind: 'tilt-from-vertical', most: deg(10) };
  expect(first(bare, tilt, 'main-hoop')[0]).toMatchObject({
    status: 'ask',
    would: 'clear',
    restsOn: [{ name: 'pillarTilt' }],
  });
  const old = { ...bare, proposalsMarked: false };
  expect(first(old, tilt, 'main-hoop')[0]?.status).toBe('clear');
  expect(
    evaluate(old, EMPTY_SHOP, []).findings.filter(({ code }) => code === 'figures-untold'),
  ).toMatchObject([{ status: 'look' }]);
});

test('each figure is confirmed for itself, with a name and the time; the others stay assumed', () => {
  const cage = cageOf(stays(guessed));
  const [thing] = assumedIn(cage).things;
  const [x, y, z] = (thing?.figures ?? []).map(({ path }) => pathKey(path));
  const half = confirmed(cage, new Set([x ?? '', z ?? '']), BY);
  const end = half.members[1]?.ends.b;
  if (end?.kind !== 'point') throw new Error('it stands at a point');
  expect(end.at.map(({ known }) => known)).toEqual([
    { how: 'measured', ...BY },
    { how: 'assumed' },
    { how: 'measured', ...BY },
  ]);
  expect(assumedIn(half).things[0]?.figures.map(({ axis }) => axis)).toEqual(['left']);
  expect(first(confirmed(half, new Set([y ?? '']), BY), LEAN)[0]?.status).toBe('clear');
});

test('what was left out is written down when it is confirmed; a cage’s own size is chosen, not measured', () => {
  const cage = cageOf();
  const { landingLeft: _, ...measures } = cage.survey.measures;
  const bare: Plan = { ...cage, survey: { ...cage.survey, measures }, plates: [assumed(plateOf({}))] };
  const keys = assumedIn(bare).things.flatMap(({ figures }) => figures.map(({ path }) => pathKey(path)));
  const kept = confirmed(bare, new Set(keys), BY);
  expect(kept.survey.measures.landingLeft).toEqual({
    mm: 0,
    typed: '0 mm',
    known: { how: 'measured', ...BY },
  });
  expect(kept.plates[0]?.thickness.known).toEqual({ how: 'chosen', ...BY });
  expect(assumedIn(kept).things).toEqual([]);
});

test('a foot that a remedy moves is known no better than before', () => {
  const cage = cageOf(stays(assumed(point(-300, 500, 200))));
  const [found] = first(cage, LEAN);
  if (!found?.remedy) throw new Error('its foot can be moved');
  const end = applyRemedy(cage, found.remedy).members[1]?.ends.b;
  expect(end?.kind === 'point' && end.at.every(isAssumed)).toBe(true);
});

test('a sheet rests on all that its tube stands on, and a hoop’s on the floor under its feet', () => {
  const cage = cageOf(stays(guessed));
  const { landingLeft: _, ...measures } = cage.survey.measures;
  const bare = assumedIn({ ...cage, survey: { ...cage.survey, measures } });
  expect(bare.ofSheet('m-hoop').map(({ name }) => name.name)).toEqual(['landingLeft']);
  expect(bare.ofSheet('m-b').map(({ name }) => name.what)).toEqual(['end-b']);
});
