import {
  type Collision,
  type GussetAnswer,
  type Joint,
  type KeepOutGap,
  type MidDoor,
  type OutOfLine,
  type PartAnswer,
  type PlateAnswer,
  type Tube,
  type UnbracedBend,
  type ZoneGap,
} from '../cage/index.ts';
import { type PastPillar } from '../occupant/index.ts';
import { type Said, saidIn } from '../fault/index.ts';
import { decided } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { type Assumed } from '../known/index.ts';
import { resting } from './resting.ts';
import { type Finding, finding } from './finding.ts';

/** A gap of this width takes a finger in and does not let it go. mm, the entrapment range of EN 1176-1, from memory */
const FINGER = { from: 8, to: 25 };

const text = (value: string) => ({ text: value });

/** Tubes that come nearer to a keep-out than its clearance. tapeError: mm */
export const keepOutFindings = (gaps: KeepOutGap[], tapeError: number, assumed: Assumed): Finding[] =>
  gaps.map(({ keepOut, name, tube, gap, clearance }) => {
    const found = finding({
      key: `keep-out/${keepOut}/${tube.piece}`,
      code: 'keep-out',
      status: decided(clearance - gap - tapeError) > 0 ? 'out' : 'look',
      member: tube.member,
      measured: { mm: gap },
      limit: { mm: clearance },
      margin: { mm: gap - clearance },
      facts: { stamp: text(tube.stamp), name: text(name) },
    });
    return resting(found, [...assumed.ofRecord(keepOut), ...assumed.ofMember(tube.member)]);
  });

/** Tubes that do not look parallel to the pillar that they run along, as the eye of a line of sight sees them. */
export const sightFindings = (
  sights: PastPillar[],
  assumed: Assumed,
  within: (sight: string) => number,
): Finding[] =>
  sights.flatMap(({ sight, name, seen }) =>
    (seen.ok ? seen.value : [])
      .filter(({ parallel }) => !parallel)
      .map(({ member, piece, stamp, off }) =>
        resting(
          finding({
            key: `sight/${sight}/${piece}`,
            code: 'beside-pillar',
            status: 'look',
            member,
            measured: { deg: off },
            limit: { deg: within(sight) },
            facts: { stamp: text(stamp), name: text(name) },
          }),
          [...assumed.ofRecord(sight), ...assumed.ofMember(member)],
        ),
      ),
  );

/** Gaps against the school of their zone: touching, a gap, or more room; and the gap that catches a finger. */
export function zoneFindings(gaps: ZoneGap[], tapeError: number, assumed: Assumed): Finding[] {
  return gaps.flatMap(({ point, name, school, wanted, tube, gap }) => {
    const common = {
      member: tube.member,
      measured: { mm: gap },
      facts: { stamp: text(tube.stamp), name: text(name) },
    };
    const found: Finding[] = [];
    if (school === 'touching' && decided(gap - tapeError) > 0)
      found.push(
        finding({
          key: `zone/${point}/touch`,
          code: 'zone-touch',
          status: 'look',
          ...common,
          limit: { mm: 0 },
        }),
      );
    if (school !== 'touching' && decided(wanted - gap) > 0)
      found.push(
        finding({
          key: `zone/${point}/gap`,
          code: 'zone-gap',
          status: decided(wanted - gap - tapeError) > 0 ? 'out' : 'look',
          ...common,
          limit: { mm: wanted },
          margin: { mm: gap - wanted },
        }),
      );
    if (gap > FINGER.from && gap < FINGER.to)
      found.push(finding({ key: `zone/${point}/finger`, code: 'finger-gap', status: 'look', ...common }));
    const rests = [...assumed.ofRecord(point), ...assumed.ofMember(tube.member)];
    return found.map((one) => resting(one, rests));
  });
}

/** Bends that nothing holds, in bars that take a hit end-on. */
export const unbracedFindings = (bends: UnbracedBend[]): Finding[] =>
  bends.map(({ tube, feature, angle }) =>
    finding({
      key: `unbraced/${tube.piece}/${feature}`,
      code: 'unbraced-bend',
      status: 'look',
      member: tube.member,
      feature,
      measured: { deg: angle },
      facts: { stamp: text(tube.stamp), bend: { count: tube.features.indexOf(feature) + 1 } },
    }),
  );

/** How many tubes stand at mid-door: said of every cage with door bars. */
export const midDoorFindings = (doors: MidDoor[]): Finding[] =>
  doors.map(({ side, tubes, stamps }) =>
    finding({
      key: `mid-door/${side}`,
      code: 'mid-door',
      status: tubes < 2 ? 'look' : 'clear',
      measured: { count: tubes },
      facts: { side: text(side), stamps: text(stamps.join(', ')) },
    }),
  );

/** Parts of a split bar that run to the tube between them from different directions. */
export const outOfLineFindings = (bars: OutOfLine[]): Finding[] =>
  bars.map(({ member, stamps: [first, second], angle }) =>
    finding({
      key: `line/${member}/${first}`,
      code: 'out-of-line',
      status: 'look',
      member,
      measured: { deg: angle },
      facts: { first: text(first), second: text(second) },
    }),
  );

/** Tubes that run into each other. */
export const collisionFindings = (collisions: Collision[]): Finding[] =>
  collisions.map(({ tubes: [first, second], overlap }) =>
    finding({
      key: `collision/${first.piece}/${second.piece}`,
      code: 'collision',
      status: 'out',
      member: second.member,
      measured: { mm: overlap },
      facts: { first: text(first.stamp), second: text(second.stamp) },
    }),
  );

/** Joints whose axes miss each other by more than the tape's error, and not on purpose: the load bends the tubes. */
export const offNodeFindings = (joints: Joint[], tubes: Tube[], tapeError: number): Finding[] =>
  joints
    .filter(({ eccentricity, meant }) => decided(Math.abs(eccentricity - meant) - tapeError) > 0)
    .flatMap(({ piece, end, header, eccentricity }) => {
      const [tube, on] = [piece, header].map((id) => tubes.find((one) => one.piece === id));
      if (!tube || !on) return [];
      return [
        finding({
          key: `node/${piece}/${end}/${header}`,
          code: 'off-node',
          status: 'look',
          member: tube.member,
          measured: { mm: eccentricity },
          facts: { stamp: text(tube.stamp), header: text(on.stamp), end: text(end.toUpperCase()) },
        }),
      ];
    });

/** Plates, gussets and parts that have no place or no shape, and what must be asked about them. */
export function partFindings(
  plan: Plan,
  plates: PlateAnswer[],
  gussets: GussetAnswer[],
  parts: PartAnswer[],
): Finding[] {
  const cannot = (key: string, stamp: string, said: Said) =>
    finding({
      key,
      code: 'part-not-made',
      status: 'out',
      facts: { stamp: text(stamp), message: { said } },
    });
  return [
    ...plates
      .filter(({ at }) => at === null)
      .map(({ plate, stamp }) =>
        cannot(`plate/${plate}`, stamp, ['no tube stands on it and it has no place of its own: give it one']),
      ),
    ...gussets.flatMap(({ gusset, stamp, shape }): Finding[] => {
      if (!shape.ok) return [cannot(`gusset/${gusset}`, stamp, saidIn(shape.fault))];
      const largest = Math.max(
        0,
        ...(plan.gussets.find((one) => one.id === gusset)?.holes ?? []).map(({ mm }) => mm),
      );
      if (largest < shape.value.largestHole) return [];
      return [
        finding({
          key: `gusset-hole/${gusset}`,
          code: 'gusset-hole',
          status: 'out',
          measured: { mm: largest },
          limit: { mm: shape.value.largestHole },
          facts: { stamp: text(stamp) },
        }),
      ];
    }),
    ...parts.flatMap(({ part, stamp, answer }) =>
      answer.ok ? [] : [cannot(`part/${part}`, stamp, saidIn(answer.fault))],
    ),
    ...parts.flatMap((part) => offPlaneFindings(part, plan.measuringError.mm)),
    ...plan.parts.flatMap((part): Finding[] => {
      if (part.kind !== 'bracket' || part.canTighten === true) return [];
      const key = `bracket/${part.id}`;
      const facts = { stamp: text(part.stamp) };
      return part.canTighten === null
        ? [finding({ key, code: 'bolt-ask', status: 'ask', facts })]
        : [finding({ key, code: 'bolt-out-of-reach', status: 'out', facts })];
    }),
  ];
}

/** Bars of a panel that do not lie in its plane. tapeError: mm */
const offPlaneFindings = ({ part, stamp, answer }: PartAnswer, tapeError: number): Finding[] =>
  (answer.ok ? (answer.value.panel?.offPlane ?? []) : [])
    .filter(({ mm }) => decided(mm - tapeError) > 0)
    .map(({ stamp: bar, mm }) =>
      finding({
        key: `bar-panel/${part}/${bar}`,
        code: 'bars-off-plane',
        status: 'look',
        measured: { mm },
        limit: { mm: tapeError },
        facts: { stamp: text(stamp), name: text(bar) },
      }),
    );
