import { helmetGap, placeOf } from '../../cage/index.ts';
import { placeAcross } from '../../centreline/index.ts';
import { heightInterval, strapAngle } from '../../harness/index.ts';
import { FRONT_HOOP, underHoop } from '../../occupant/index.ts';
import { type Occupant } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Finding, finding } from '../finding.ts';
import { judgeMeasured } from '../judge.ts';
import { type CheckOf } from '../ruleCheck.ts';
import { type Base, type Subject, tubesOf, tubesOfRole, waiting } from '../subject.ts';

/** Helmets under the line between the hoops' tops, under the hoop's top, and near the hoop. */
export function helmet(check: CheckOf<'helmet'>, subject: Subject, base: Base): Finding[] {
  const { plan } = subject.cage;
  const [tube] = tubesOf(subject);
  const heads = plan.occupants.filter(({ helmetTop }) => helmetTop !== null);
  if (!tube || heads.length === 0) return [waiting('helmet', base)];
  const error = plan.measuringError.mm;
  const front = FRONT_HOOP.flatMap((role) => tubesOfRole(subject.cage, role));
  return heads.flatMap((person) => {
    const top = placeOf(person.helmetTop as NonNullable<Occupant['helmetTop']>);
    const { belowLine, belowTop, toHoop } = underHoop(top, tube, front);
    const key = `${base.key}/${person.id}`;
    const judged = (what: string, measured: number, limit: number, margin: number) =>
      finding({
        ...base,
        key: `${key}/${what}`,
        code: `helmet-${what}`,
        status: judgeMeasured(margin, error),
        measured: { mm: measured },
        limit: { mm: limit },
        margin: { mm: margin },
        facts: { who: { text: person.name } },
      });
    const found: Finding[] = [];
    if (check.belowLine)
      found.push(
        belowLine === null
          ? waiting('helmet', { ...base, key: `${key}/line` })
          : judged('line', belowLine, check.belowLine.mm, belowLine - check.belowLine.mm),
      );
    if (check.belowTop) found.push(judged('top', belowTop, check.belowTop.mm, belowTop - check.belowTop.mm));
    if (check.within) found.push(judged('within', toHoop, check.within.mm, check.within.mm - toHoop));
    return found;
  });
}

/** The straps of everybody who is seated, as they are fastened, to the bar behind each shoulder. */
export function harnessWindow(check: CheckOf<'harness-window'>, subject: Subject, base: Base): Finding[] {
  const { plan } = subject.cage;
  const tubes = tubesOf(subject);
  const seated = plan.occupants.filter(({ shoulder }) => shoulder !== null);
  if (tubes.length === 0 || seated.length === 0) return [waiting('harness', base)];
  return seated.flatMap((person) => {
    const shoulder = placeOf(person.shoulder as NonNullable<Occupant['shoulder']>);
    // A split bar is two tubes: the one behind this shoulder.
    const tube = tubes.reduce((best, one) =>
      Math.abs(placeAcross(one.axis, shoulder[1])[1] - shoulder[1]) <
      Math.abs(placeAcross(best.axis, shoulder[1])[1] - shoulder[1])
        ? one
        : best,
    );
    const bar = placeAcross(tube.axis, shoulder[1]);
    const strap = strapAngle({
      slot: [shoulder[0], shoulder[2]],
      bar: [bar[0], bar[2]],
      barOd: tube.od,
      attach: plan.harness.attach,
    });
    const key = `${base.key}/${person.id}`;
    const facts = { who: { text: person.name }, stamp: { text: tube.stamp } };
    if (!strap.ok)
      return [
        finding({
          ...base,
          key,
          code: 'harness-behind',
          status: 'out',
          facts: { ...facts, message: { text: strap.fault.message } },
        }),
      ];
    const { angle } = strap.value;
    const margin = Math.min(angle - check.least.deg, check.most.deg - angle);
    const { deg: error } = plan.measuringError;
    return [
      finding({
        ...base,
        key,
        code: 'harness-angle',
        status: judgeMeasured(margin, error),
        measured: { deg: angle },
        limit: { deg: angle - check.least.deg < check.most.deg - angle ? check.least.deg : check.most.deg },
        margin: { deg: margin },
        remedy: barRemedy(check, subject, { shoulder, bar, od: tube.od }, error),
        facts,
      }),
    ];
  });
}

/** The bar up or down to the nearest height whose strap keeps the window with the protractor's error to spare. */
function barRemedy(
  { least, most }: CheckOf<'harness-window'>,
  { member, cage }: Subject,
  { shoulder, bar, od }: { shoulder: Vec3; bar: Vec3; od: number },
  error: number,
): Finding['remedy'] {
  if (member.role === 'main-hoop' || member.ends.a.kind !== 'height' || member.ends.b.kind !== 'height')
    return null;
  const kept = heightInterval(
    [{ driver: '', notch: '', slot: [shoulder[0], shoulder[2]] }],
    [{ book: '', least: least.deg + error, most: most.deg - error }],
    { x: bar[0], z: bar[2], lean: 0, od },
    cage.plan.harness.attach,
  );
  if (!kept || kept.room < 0) return null;
  const wanted = Math.min(Math.max(bar[2], kept.low.height), kept.high.height);
  return { kind: 'bar-height', member: member.id, by: wanted - bar[2] };
}

/** A tube that a helmet comes near is to be padded: whether it is, is asked. */
export function padding({ within }: CheckOf<'padding'>, subject: Subject, base: Base): Finding[] {
  const { plan } = subject.cage;
  const heads = plan.occupants.filter(({ helmetTop }) => helmetTop !== null);
  if (heads.length === 0) return [waiting('helmet', base)];
  return tubesOf(subject).map((tube) => {
    const room = Math.min(
      ...heads.map((person) => {
        const top = placeOf(person.helmetTop as NonNullable<Occupant['helmetTop']>);
        return helmetGap(top, tube);
      }),
    );
    const key = `${base.key}/${tube.piece}`;
    const answer = plan.answers[key];
    const near = judgeMeasured(room - within.mm, plan.measuringError.mm);
    return finding({
      ...base,
      key,
      code: near === 'clear' ? 'padding-clear' : answer ? 'padded' : 'padding',
      status: near === 'clear' ? 'clear' : answer ? (answer.answer === 'yes' ? 'clear' : 'out') : 'ask',
      measured: { mm: room },
      limit: { mm: within.mm },
      margin: { mm: room - within.mm },
      facts: { stamp: { text: tube.stamp }, by: { text: answer?.by ?? '' } },
    });
  });
}
