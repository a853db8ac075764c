import { itemAt } from '../../items/index.ts';
import { type Tube } from '../../cage/index.ts';
import {
  type BarStraps,
  heightInterval,
  keptWindows,
  type StrapWindow,
  strapVerdict,
} from '../../harness/index.ts';
import { type AtNotch, FRONT_HOOP, helmetRoom, underHoop, type UnderHoop } from '../../occupant/index.ts';
import { type Occupant } from '../../plan/index.ts';
import { type Finding, finding, judgeMeasured, nearerLimit, type Status } from '../../findings/index.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import {
  type FindingOrigin,
  strapsOf,
  type Subject,
  tubesOf,
  tubesOfRole,
  unseated,
  waiting,
} from '../subject.ts';

/**
 * Helmets under the line between the hoops' tops, under the hoop's top, in front of it and clear of it, at the worst setting of each
 * seat. "Within" is the gap between the helmet's ball and the hoop's surface: from nothing to the book's figure, none of the ball
 * behind the hoop. "Gap" is the least of that same gap, all round.
 */
export function helmet(check: CheckOf<'helmet'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const { plan } = subject.cage;
  const tubes = tubesOf(subject);
  const [tube] = tubes;
  if (!tube || plan.occupants.length === 0) return [waiting('helmet', origin)];
  const error = plan.measuringError.mm;
  const front = FRONT_HOOP.flatMap((role) => tubesOfRole(subject.cage, role));
  return plan.occupants.flatMap((person) => {
    const key = `${origin.key}/${person.id}`;
    const who = { text: person.name };
    const under = underHoop(person, tube, front);
    if (!under) return [waiting('helmet', { ...origin, key }, who)];
    const judged: Judged = (what, { mm, notch }, limit, margin) =>
      finding({
        ...origin,
        key: `${key}/${what}`,
        code: `helmet-${what}` as const,
        status: judgeMeasured(margin, error),
        measured: { mm },
        limit: { mm: limit },
        margin: { mm: margin },
        facts: { who, notch: { said: notch } },
      });
    const found: Finding[] = [];
    if (check.belowLine)
      found.push(
        under.belowLine === null
          ? waiting('front-hoop', { ...origin, key: `${key}/line` }, who)
          : judged('line', under.belowLine, check.belowLine.mm, under.belowLine.mm - check.belowLine.mm),
      );
    if (check.belowTop)
      found.push(judged('top', under.belowTop, check.belowTop.mm, under.belowTop.mm - check.belowTop.mm));
    if (check.within) found.push(within(under, check.within.mm, judged));
    if (check.gap) {
      const gap = leastGap(person, tubes);
      if (gap) found.push(judged('gap', gap, check.gap.mm, gap.mm - check.gap.mm));
    }
    return found;
  });
}

/** A figure of a helmet against its limit. */
type Judged = (
  what: 'line' | 'top' | 'within' | 'behind' | 'in-hoop' | 'gap',
  figure: AtNotch,
  limit: number,
  margin: number,
) => Finding;

/** The least gap from somebody's helmet to any of a member's tubes. */
const leastGap = (person: Occupant, tubes: Tube[]): AtNotch | null =>
  tubes
    .flatMap((tube) => underHoop(person, tube, [])?.nearest ?? [])
    .reduce<AtNotch | null>((least, one) => (least === null || one.mm < least.mm ? one : least), null);

/** What is the worst of it: behind the hoop, in it, or too far ahead of it. */
function within({ nearest, farthest, behind }: UnderHoop, limit: number, judged: Judged): Finding {
  const found = [
    judged('within', farthest, limit, limit - farthest.mm),
    judged('behind', behind, 0, -behind.mm),
    judged('in-hoop', nearest, 0, nearest.mm),
  ];
  const is = (status: Status) => found.find((one) => one.status === status);
  return is('out') ?? is('look') ?? itemAt(found, 0);
}

/** The straps of everybody who is seated, as they are fastened, at the worst slot and setting of each seat. */
export function harnessWindow(
  check: CheckOf<'harness-window'>,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const { plan } = subject.cage;
  const straps = strapsOf(subject);
  if (!straps || plan.occupants.length === 0) return [waiting('harness', origin)];
  const { deg: error } = plan.measuringError;
  const window = { book: '', least: check.least.deg, most: check.most.deg };
  const found = straps.seats.map((seat) => {
    const { status, place, angle, margin } = strapVerdict(
      seat,
      window,
      straps.bar,
      plan.harness.attach,
      error,
    );
    const common = {
      ...origin,
      key: `${origin.key}/${seat.person.id}`,
      status,
      facts: {
        who: { text: seat.person.name },
        stamp: { text: seat.tube.stamp },
        notch: { said: place.notch },
      },
    };
    if (angle === null) return finding({ ...common, code: 'harness-behind' });
    return finding({
      ...common,
      code: 'harness-angle',
      measured: { deg: angle },
      limit: { deg: nearerLimit(window, angle) },
      margin: { deg: margin },
      remedy: status === 'clear' ? null : barRemedy(window, subject, straps, error),
    });
  });
  return [...found, ...unseated(subject, 'harness', origin)];
}

/**
 * The bar up or down to the nearest height that suits everybody at every slot and setting, with the protractor's error to spare: in
 * the windows of all chosen books, or where no height does that in this book's.
 */
function barRemedy(
  window: StrapWindow,
  { member, cage }: Subject,
  { bar, seats }: BarStraps,
  error: number,
): Finding['remedy'] {
  if (member.role === 'main-hoop' || member.ends.a.kind !== 'height' || member.ends.b.kind !== 'height')
    return null;
  const places = seats.flatMap((seat) => seat.places);
  const within = (windows: StrapWindow[]) =>
    heightInterval(places, keptWindows(windows, error), bar, cage.plan.harness.attach);
  const kept = [within([window, ...cage.strapWindows]), within([window])].find(
    (one) => one !== null && one.room >= 0,
  );
  if (!kept) return null;
  const wanted = Math.min(Math.max(bar.z, kept.low.height), kept.high.height);
  return { kind: 'bar-height', member: member.id, by: wanted - bar.z };
}

/** A tube that a helmet comes near at some setting of a seat is to be padded: whether it is, is asked. */
export function padding({ within }: CheckOf<'padding'>, subject: Subject, origin: FindingOrigin): Finding[] {
  const { plan } = subject.cage;
  const bare = plan.occupants.filter(({ helmetTop }) => helmetTop === null);
  const unmeasured = bare.map((person) =>
    waiting('helmet', { ...origin, key: `${origin.key}/${person.id}` }, { text: person.name }),
  );
  if (bare.length === plan.occupants.length)
    return unmeasured.length > 0 ? unmeasured : [waiting('helmet', origin)];
  const tubes = tubesOf(subject);
  if (tubes.length === 0) return [waiting('padding', origin), ...unmeasured];
  const found = tubes.map((tube) => {
    const room = helmetRoom(plan, [tube]);
    const key = `${origin.key}/${tube.piece}`;
    if (room === null) return waiting('padding', { ...origin, key });
    const answer = plan.answers[key];
    const near = judgeMeasured(room - within.mm, plan.measuringError.mm);
    return finding({
      ...origin,
      key,
      code: near === 'clear' ? 'padding-clear' : answer ? 'padded' : 'padding',
      status: near === 'clear' ? 'clear' : answer ? (answer.answer === 'yes' ? 'clear' : 'out') : 'ask',
      measured: { mm: room },
      limit: { mm: within.mm },
      margin: { mm: room - within.mm },
      facts: { stamp: { text: tube.stamp }, by: { text: answer?.by ?? '' } },
    });
  });
  return [...found, ...unmeasured];
}
