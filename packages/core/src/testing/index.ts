import {
  type Attachment,
  type Bar,
  type BarRole,
  emptyPlan,
  type MainHoop,
  type Measures,
  newOccupant,
  type Occupant,
  type Plan,
  type Plate,
  readPlan,
  STRAIGHT,
} from '../plan/index.ts';
import { expectValue } from '../fault/index.ts';
import { inDegrees, knownAs, millimetres, parseAngle, parseLength } from '../measure/index.ts';
import { readRuleBook, type RuleBook, type RuleCheck } from '../rules/index.ts';

/** Builders for tests: a plan from texts as a fabricator would type them, in inches. */
export const inch = (typed: string) => expectValue(parseLength(typed, 'in'));
export const angle = (typed: string) => expectValue(parseAngle(typed));

/** Measures from texts; angles are the keys that tell of leans, tilts and slopes. */
function measuresOf(texts: Record<string, string>): Measures {
  const isAngle = (key: string) => /^(wallLean|floorSlope|pillarTilt)/.test(key);
  return Object.fromEntries(
    Object.entries(texts).map(([key, text]) => [key, isAngle(key) ? angle(text) : inch(text)]),
  );
}

/** A floor and a pillar that somebody found level and upright: nothing of a test's car is assumed. */
const LEVEL = {
  pillarTilt: '0',
  floorSlopeLeft: '0',
  floorSlopeRight: '0',
  landingLeft: '0',
  landingRight: '0',
};

/** Somebody in a fixed seat whose slots were measured at the shoulder. */
export const personOf = (id: string): Occupant => knownAs(newOccupant(id));

/** A plan with these measures and a hoop of 2 in tube with 3/8 in clear, changed as given. */
export function planWith(
  texts: Record<string, string>,
  hoop: Partial<MainHoop> = {},
  plan: Partial<Plan> = {},
): Plan {
  const start = emptyPlan({ member: 'm-hoop', piece: 'p-hoop' }, 'in');
  const [member] = start.members as [MainHoop];
  const clear = inch('3/8');
  return {
    ...start,
    survey: { ...start.survey, measures: measuresOf({ ...LEVEL, ...texts }) },
    members: [
      {
        ...member,
        tube: { od: inch('2'), wall: inch('0.095'), kind: 'drawn-over-mandrel', batch: '' },
        clearance: { left: clear, right: clear, above: { mm: 0, typed: '0' } },
        ...hoop,
      },
    ],
    ...plan,
  };
}

/** The handbook's second car: 41 in to the top, 59 1/4 at the floor, 52 3/4 at the roof, both sides alike. */
export const HANDBOOK_CAR = {
  halfWidthFloorLeft: '29 5/8',
  halfWidthFloorRight: '29 5/8',
  halfWidthRoofLeft: '26 3/8',
  halfWidthRoofRight: '26 3/8',
  headlinerCentre: '41',
};

/** A hatchback whose wall stands up and then leans in. */
export const LEANING_CAR = {
  halfWidthFloorLeft: '29 1/4',
  halfWidthFloorRight: '29 1/2',
  leanHeight: '17 1/2',
  halfWidthLeanLeft: '29 5/8',
  halfWidthLeanRight: '29 7/8',
  halfWidthRoofLeft: '23 3/8',
  halfWidthRoofRight: '23 1/2',
  headlinerCentre: '42 3/8',
};

/** Lengths, points and attachments in millimetres, for tests of bars. */
export const mm = (value: number) => millimetres(value);
export const deg = inDegrees;
export const placeAt = (x: number, y: number, z: number) =>
  [mm(x), mm(y), mm(z)] as [ReturnType<typeof mm>, ReturnType<typeof mm>, ReturnType<typeof mm>];
export const point = (x: number, y: number, z: number): Attachment => ({
  kind: 'point',
  at: placeAt(x, y, z),
});
export const stationOn = (
  member: string,
  feature: string,
  along = 0,
  edge: 'middle' | 'tangentA' | 'tangentB' | 'pi' = 'middle',
): Attachment => ({
  kind: 'station',
  on: { member },
  station: { feature, edge, along: mm(along) },
  to: 'axis',
  aside: null,
});
export const heightOn = (member: string, side: 'left' | 'right', z: number): Attachment => ({
  kind: 'height',
  aside: null,
  on: { member, side },
  height: mm(z),
});

/** A bar `m-<id>` with pieces `p-<id>` of the hoop's tube, straight and single unless changed. */
export function bar(
  id: string,
  role: BarRole,
  a: Attachment,
  b: Attachment,
  changes: Partial<Bar> = {},
): Bar {
  const [hoop] = planWith(LEANING_CAR).members as [MainHoop];
  const stamp = id.toUpperCase().slice(0, 3);
  const pieces = changes.pair === 'mirrored' ? [`${id}-l`, `${id}-r`] : [id];
  return {
    role,
    id: `m-${id}`,
    stamp,
    tube: hoop.tube,
    pieces: pieces.map((one, i) => ({
      id: `p-${one}`,
      stamp: `${stamp}${pieces.length > 1 ? 'LR'[i] : ''}`,
    })),
    ends: { a, b },
    crossings: [],
    bending: hoop.bending,
    shape: STRAIGHT,
    pair: 'single',
    right: null,
    offset: placeAt(0, 0, 0),
    existing: false,
    bentAgain: [],
    cut: { a: mm(0), b: mm(0) },
    ...changes,
  };
}

/** The leaning car's hoop with these bars on it, read as a document would be. */
export function cageOf(...bars: Bar[]): Plan {
  const start = planWith(LEANING_CAR);
  return expectValue(
    readPlan(JSON.parse(JSON.stringify({ ...start, members: [...start.members, ...bars] }))),
  );
}

/** A plate of 3 mm under end A of the hoop, changed as given. */
export const plateOf = (changes: Partial<Plate>): Plate => ({
  id: 'plate',
  stamp: 'P1',
  name: 'foot',
  under: { member: 'm-hoop', end: 'a' },
  on: null,
  follows: 'foot',
  at: null,
  tilt: deg(0),
  thickness: mm(3),
  outline: { kind: 'rectangle', length: mm(150), width: mm(80) },
  turnedUp: null,
  plinth: null,
  bolts: null,
  ...changes,
});

/** A book `b` of one rule `r` about one role, backstays where none is named. */
export const bookOf = (
  check: RuleCheck,
  role: BarRole | 'main-hoop' = 'backstay',
  more: Partial<RuleBook> = {},
): RuleBook =>
  expectValue(
    readRuleBook({
      format: 'gyrus-rule-book',
      version: 2,
      id: 'b',
      title: 'A book',
      body: '',
      edition: '1',
      provenance: 'invented',
      source: '',
      note: '',
      classes: [],
      tubeSchedule: [],
      rules: [{ id: 'r', clause: '1', text: 'what it asks', roles: [role], classes: [], check }],
      ...more,
    }),
  );

/** The plan held against these books and no others. */
export const choosing = (plan: Plan, ...books: RuleBook[]): Plan => ({
  ...plan,
  brief: { ...plan.brief, books: books.map(({ id }) => ({ book: id, class: null, edition: null })) },
});
