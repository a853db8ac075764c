import { allBelow, referencesOf } from '../cage/index.ts';
import { type MainHoop, type Member, type Plan } from '../plan/index.ts';
import { leftOutThings } from './leftOut.ts';
import { FRONT_SECTION, recordedThings } from './recorded.ts';
import { type AssumedThing } from './thing.ts';

/** What nobody measured or chose in a plan, and what of it the parts of a cage rest on. */
export interface Assumed {
  things: AssumedThing[];
  /** What a member's place and shape rest on, with everything that it stands on. */
  ofMember: (id: string) => AssumedThing[];
  /** What the place of one end rests on, and nothing of the rest of its member. */
  ofEnd: (member: string, end: 'a' | 'b') => AssumedThing[];
  /** What a member's sheets rest on: its place and shape, and where its ends stand. */
  ofSheet: (id: string) => AssumedThing[];
  /** Of one record: a person, a plate, a gusset, a part, a keep-out. what: the first keys of the figures that count; all without. */
  ofRecord: (id: string, what?: readonly string[]) => AssumedThing[];
}

/** Measures of the floor under the hoop's feet: its crown does not rest on them. */
const UNDER_FEET = /^(landing|floorSlope)/;

/** Of the measures, a hoop that does not come about by the survey rests on the tilt of the pillar alone. */
const TILT = 'pillarTilt';

/** What nobody measured or chose in a plan. Looked through once; what rests on it is asked of the answer. */
export function assumedIn(plan: Plan): Assumed {
  const things = [...recordedThings(plan), ...leftOutThings(plan)];
  const ofMeasures = things.filter(({ name }) => name.of === 'measure' && !UNDER_FEET.test(name.name));
  const measuresOf = (hoop: MainHoop): AssumedThing[] =>
    hoop.way.kind === 'survey'
      ? ofMeasures
      : ofMeasures.filter(({ name }) => name.name === TILT && hoop.tilt === null);
  const ofOne = (id: string): AssumedThing[] => {
    const member = plan.members.find((one) => one.id === id);
    const plates = member
      ? [member.ends.a, member.ends.b].flatMap((end) => (end.kind === 'plate' ? [end.plate] : []))
      : [];
    return [
      ...things.filter((thing) => thing.id === id && placesIt(thing)),
      ...things.filter((thing) => plates.includes(thing.id) && thing.name.what === 'at'),
      ...(member?.role === 'main-hoop' ? measuresOf(member) : []),
      ...(member && goesBySection(member) ? things.filter((thing) => thing.id === FRONT_SECTION) : []),
    ];
  };
  const found = new Map<string, AssumedThing[]>();
  const ofMember = (id: string): AssumedThing[] => {
    const known = found.get(id);
    if (known) return known;
    const member = plan.members.find((one) => one.id === id);
    const own = member ? unique([id, ...allBelow(member, plan.members)].flatMap(ofOne)) : [];
    found.set(id, own);
    return own;
  };
  const ofEnd: Assumed['ofEnd'] = (member, which) => {
    const end = plan.members.find(({ id }) => id === member)?.ends[which];
    if (!end) return [];
    if (end.kind === 'plate') return things.filter(({ id, name }) => id === end.plate && name.what === 'at');
    if (end.kind === 'landing')
      return [
        ...ofMember(member),
        ...things.filter(
          ({ name }) => UNDER_FEET.test(name.name) && name.name.toLowerCase().endsWith(end.side),
        ),
      ];
    if (end.kind === 'point' || end.kind === 'panel')
      return things.filter(({ id, name }) => id === member && name.what === `end-${which}`);
    return unique(referencesOf(end).flatMap(ofMember));
  };
  return {
    things,
    ofMember,
    ofEnd,
    ofSheet: (id) => unique([...ofMember(id), ...ofEnd(id, 'a'), ...ofEnd(id, 'b')]),
    ofRecord: (id, what) =>
      things.filter(
        (thing) =>
          thing.id === id &&
          (what === undefined || what.some((key) => `${thing.name.what}.`.startsWith(`${key}.`))),
      ),
  };
}

/** Whether it is a front hoop that follows the body where it stands. */
const goesBySection = (member: Member): boolean =>
  member.role !== 'main-hoop' && member.shape.kind === 'hoop' && member.shape.way.kind === 'survey';

/** Whether where its member stands rests on it. */
const placesIt = ({ name }: AssumedThing): boolean =>
  name.standsFor === 'car' || name.what.startsWith('way-');

const unique = <T>(list: T[]): T[] => [...new Set(list)];
