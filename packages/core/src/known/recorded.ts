import { keptPair } from '../kept/index.ts';
import { isAssumed, isFigure } from '../measure/index.ts';
import { type CarSide, type MainHoop, type Member, type Plan } from '../plan/index.ts';
import {
  type AssumedFigure,
  type AssumedThing,
  AXES,
  type Path,
  type StandsFor,
  type ThingName,
} from './thing.ts';

/** Which figures are looked for. */
export type Wanted = (figure: AssumedFigure['value']) => boolean;

/** Every figure of the plan that says of itself that the program put it in, place by place; or others that are wanted. */
export function recordedThings(plan: Plan, wanted: Wanted = isAssumed): AssumedThing[] {
  const { survey } = plan;
  const grouped = (record: unknown, path: Path, name: (rest: Path) => ThingName, id: string) =>
    groupedFigures(record, path, name, id, wanted);
  const recordsOf = (
    records: readonly { id: string; name?: string; stamp?: string }[],
    path: Path,
    of: ThingName['of'],
    standsFor: (what: string) => StandsFor,
  ): AssumedThing[] =>
    records.flatMap((record, i) =>
      grouped(record, [...path, i], named(of, record.stamp ?? record.name ?? '', standsFor), record.id),
    );
  return [
    ...plan.members.flatMap((member, i) =>
      grouped(member, ['members', i], (rest) => memberName(member, rest), member.id),
    ),
    ...recordsOf(plan.plates, ['plates'], 'plate', (what) => (what === 'at' ? 'car' : 'cage')),
    ...recordsOf(plan.gussets, ['gussets'], 'gusset', () => 'cage'),
    ...recordsOf(plan.parts, ['parts'], 'part', (what) => (CAR_PLACES.has(what) ? 'car' : 'cage')),
    ...recordsOf(plan.occupants, ['occupants'], 'occupant', () => 'driver'),
    ...recordsOf(survey.points, ['survey', 'points'], 'point', () => 'car'),
    ...recordsOf(survey.planes, ['survey', 'planes'], 'panel', () => 'car'),
    ...recordsOf(survey.keepOuts, ['survey', 'keepOuts'], 'keep-out', () => 'car'),
    ...recordsOf(survey.sights, ['survey', 'sights'], 'sight', () => 'car'),
    ...recordsOf(survey.ribs, ['survey', 'ribs'], 'section', () => 'car'),
    ...grouped(
      survey.frontSection,
      ['survey', 'frontSection'],
      named('section', 'the front hoop', () => 'car'),
      FRONT_SECTION,
    ),
    ...grouped(survey.measures, ['survey', 'measures'], (rest) => measureName(String(rest[0])), ''),
    ...(['harness', 'cockpit', 'weldPosition', 'coping'] as const).flatMap((key) => {
      const cage = named('other', key, () => 'cage');
      return grouped(plan[key], [key], cage, '');
    }),
  ];
}

/** Stands for the id of the section where a front hoop stands: a plan has one. */
export const FRONT_SECTION = 'front-section';

/** Places of the car among the figures of a part. */
const CAR_PLACES = new Set(['at', 'from', 'to']);

/** Names of the figures of a record, by what follows its path. standsFor: what a figure under a key describes. */
export const named =
  (of: ThingName['of'], name: string, standsFor: (what: string) => StandsFor) =>
  (rest: Path): ThingName => {
    const what = rest.join('.');
    return { of, name, role: null, side: null, what, standsFor: standsFor(String(rest[0])) };
  };

/** The name of a measure of the car. */
export const measureName = (key: string): ThingName => ({
  of: 'measure',
  name: key,
  role: null,
  side: null,
  what: '',
  standsFor: 'car',
});

/** Ends, bends and what else of a member was put in; of a pair the left tube is described, and the right one where it differs. */
function memberName(member: Member, rest: Path): ThingName {
  const pair = member.role !== 'main-hoop' && member.pair === 'mirrored';
  const right = rest[0] === 'right';
  const side: CarSide | null = right ? 'right' : pair ? 'left' : null;
  const own = right ? rest.slice(1) : rest;
  if (own[0] === 'way' && member.role === 'main-hoop') return wayName(member);
  const end = own[0] === 'ends' ? own[1] : right && (own[0] === 'a' || own[0] === 'b') ? own[0] : null;
  const place = end !== null || own.includes('at') || own.includes('aim');
  return {
    of: 'member',
    name: member.stamp,
    role: member.role,
    side,
    what: end !== null ? `end-${String(end)}` : shapeWhat(member, own, right),
    standsFor: place || own[0] === 'shape' ? 'car' : 'cage',
  };
}

/** All of the figures that a hoop comes about by: taken in the car, or chosen for the cage. */
const wayName = ({ stamp, role, way }: MainHoop): ThingName => ({
  ...{ of: 'member', name: stamp, role, side: null, what: `way-${way.kind}` },
  standsFor: way.kind === 'figures' ? 'cage' : 'car',
});

/** The name of the bend whose place it is; the kind of a shape that was taken in the car; else the key. */
function shapeWhat(member: Member, own: Path, right: boolean): string {
  if (own[0] !== 'shape' || member.role === 'main-hoop') return own.join('.');
  const shape = right ? member.right?.shape : member.shape;
  const via = own[1] === 'via' && shape?.kind === 'through' ? shape.via[Number(own[2])] : undefined;
  return via?.feature ?? shape?.kind ?? own.join('.');
}

/** Wanted figures of a record, those of one place together. name: of what follows the record's own path. */
function groupedFigures(
  record: unknown,
  path: Path,
  name: (rest: Path) => ThingName,
  id: string,
  wanted: Wanted,
): AssumedThing[] {
  // Most records have none, and are the same as before the last edit.
  if (isObject(record) && !holdsAny(wanted, record)) return [];
  const things: AssumedThing[] = [];
  const walk = (value: unknown, rest: Path) => {
    if (isFigure(value)) {
      if (wanted(value)) things.push(thing([{ path: [...path, ...rest], value, axis: null }], rest));
    } else if (isPlace(value)) {
      const figures = value.flatMap((one, i): AssumedFigure[] =>
        wanted(one) ? [{ path: [...path, ...rest, i], value: one, axis: AXES[i] ?? null }] : [],
      );
      if (figures.length > 0) things.push(thing(figures, rest));
    } else if (Array.isArray(value)) value.forEach((one, i) => walk(one, [...rest, i]));
    else if (isObject(value)) for (const [key, one] of Object.entries(value)) walk(one, [...rest, key]);
  };
  const thing = (figures: AssumedFigure[], rest: Path): AssumedThing => ({
    name: name(rest),
    id,
    figures,
    leftOut: false,
  });
  walk(record, []);
  return things;
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** Whether any figure in a record is wanted; kept as long as the record is the same. */
const holdsAny = keptPair((wanted: Wanted, record: object): boolean => {
  const holds = (value: object): boolean =>
    isFigure(value) ? wanted(value) : Object.values(value).some((one) => isObject(one) && holds(one));
  return holds(record);
});

type Place = [AssumedFigure['value'], AssumedFigure['value'], AssumedFigure['value']];
const isPlace = (value: unknown): value is Place =>
  Array.isArray(value) && value.length === 3 && value.every((one) => isFigure(one) && 'mm' in one);
