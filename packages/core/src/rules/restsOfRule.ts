import { type Assumed, type AssumedThing } from '../known/index.ts';
import { FRONT_HOOP } from '../occupant/index.ts';
import { type Occupant } from '../plan/index.ts';
import { type Finding, textFact } from '../findings/index.ts';
import { OF_LAP, OF_STRAPS } from '../harness/index.ts';
import { type RuleCheck } from './book/ruleCheck.ts';
import { type Subject } from './subject.ts';

/** What a finding of a rule rests on. Counts, sizes and answers of persons rest on nothing that is measured. */
export function restsOfRule(check: RuleCheck, finding: Finding, subject: Subject): AssumedThing[] {
  const { assumed, plan } = subject.cage;
  const own = () => assumed.ofMember(subject.member.id);
  switch (check.kind) {
    case 'tilt-from-vertical':
    case 'angle':
    case 'opening-height':
      return own();
    case 'straight':
      // A hoop lies in one plane, however that is tilted.
      return isBent(subject) && !subject.hoop ? own() : [];
    case 'bends':
      return finding.code === 'bend-angle' && isBent(subject) ? own() : [];
    case 'end-distance':
      return [...ofNamedEnd(finding, subject), ...ofTarget(check.from, check.of, subject)];
    case 'plate':
      return ofStamped(finding, plan.plates, assumed);
    case 'gusset':
      return ofStamped(finding, plan.gussets, assumed);
    case 'splice':
      return ofStamped(finding, plan.parts, assumed);
    case 'helmet':
      return [...ofPerson(finding, subject, ['helmetTop', 'travel']), ...own(), ...ofFront(finding, subject)];
    case 'padding':
      return [...plan.occupants.flatMap(({ id }) => assumed.ofRecord(id, ['helmetTop', 'travel'])), ...own()];
    case 'harness-window':
      return [...ofPerson(finding, subject, OF_STRAPS), ...own()];
    case 'strap-spread':
      return [...ofPerson(finding, subject, [...OF_STRAPS, 'slotsApart']), ...own()];
    case 'lap-window':
      return ofPerson(finding, subject, [`lap.${textFact(finding, 'side')}`, ...OF_LAP]);
    default:
      return [];
  }
}

const isBent = ({ pieces }: Subject): boolean => pieces.some(({ tube }) => (tube?.features.length ?? 0) > 0);

/** The end that a finding of a distance names. */
function ofNamedEnd(finding: Finding, { member, cage }: Subject): AssumedThing[] {
  const end = textFact(finding, 'end').toLowerCase();
  return end === 'a' || end === 'b' ? cage.assumed.ofEnd(member.id, end) : [];
}

/** What the places rest on that a distance is taken from: feet, or joints, of the members of a role. */
function ofTarget(from: 'joint' | 'foot' | 'bend', of: string | null, { cage }: Subject): AssumedThing[] {
  if (from === 'bend') return [];
  const isFoot = (kind: string) => ['landing', 'plate', 'point', 'panel'].includes(kind);
  return cage.members
    .filter(({ member }) => member.role === of)
    .flatMap(({ member }) =>
      (['a', 'b'] as const)
        .filter((end) => isFoot(member.ends[end].kind) === (from === 'foot'))
        .flatMap((end) => cage.assumed.ofEnd(member.id, end)),
    );
}

/** Which sizes of a plate, a gusset or a splice a finding judges; counts rest on nothing. */
const SIZES: Readonly<Record<string, readonly string[]>> = {
  'plate-area': ['outline'],
  'plate-width': ['outline'],
  'plate-thickness': ['thickness'],
  'bolt-size': ['bolts.size'],
  'gusset-leg': ['legs'],
  'gusset-thickness': ['thickness'],
  'splice-sleeve': ['sleeve'],
};

/** The sizes of the record whose stamp a finding names. */
function ofStamped(
  finding: Finding,
  records: readonly { id: string; stamp: string }[],
  assumed: Assumed,
): AssumedThing[] {
  const stamp = textFact(finding, 'stamp');
  const found = records.find((one) => one.stamp === stamp);
  return found ? assumed.ofRecord(found.id, SIZES[finding.code] ?? []) : [];
}

/** The person that a finding is about: its key names them. */
function ofPerson({ key }: Finding, { cage }: Subject, what: readonly string[]): AssumedThing[] {
  const keys = new Set(key.split('/'));
  const person = cage.plan.occupants.find(({ id }: Occupant) => keys.has(id));
  return person ? cage.assumed.ofRecord(person.id, what) : [];
}

/** The line to the front hoop rests on the front hoop too. */
const ofFront = ({ code }: Finding, { cage }: Subject): AssumedThing[] =>
  code === 'helmet-line'
    ? cage.members
        .filter(({ member }) => FRONT_HOOP.includes(member.role))
        .flatMap(({ member }) => cage.assumed.ofMember(member.id))
    : [];
