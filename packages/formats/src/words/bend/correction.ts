import { type Correction, formatAngle, formatWithUnit, type LengthStyle, type Status } from '@gyrus/core';

/** What was said of a pull beside its figures. */
interface Told {
  zeroed: boolean;
  slipped: boolean;
  /** The dial's reading was written down. */
  read: boolean;
}

/** What to do after a bend, the first sentence first. */
export function correctionWords(
  correction: Correction,
  told: Told,
  style: LengthStyle,
): { status: Status; sentences: string[] } {
  const { verdict, off } = correction;
  const degrees = `${formatAngle(Math.abs(off))}°`;
  const left = leftWords(correction, style);
  if (verdict === 'right') {
    const first =
      off === 0 ? 'Right.' : `Right within the protractor: ${degrees} ${off < 0 ? 'short' : 'over'}.`;
    const moved = correction.points.some((mm) => mm > 1) ? [left] : [];
    return { status: moved.length > 0 ? 'look' : 'clear', sentences: [first, ...moved, ...doubts(told)] };
  }
  if (verdict === 'short')
    return {
      status: 'look',
      sentences: [`${degrees} short. ${pullWords(correction)}`, left, ...doubts(told)],
    };
  return {
    status: 'out',
    sentences: [
      `${degrees} over: a bend is never opened in the die.`,
      left,
      ...endWords(correction, style),
      ...takingWords(correction, style),
      ...doubts(told),
    ],
  };
}

function pullWords({ pull }: Correction): string {
  if (!pull) return '';
  if (!pull.dial) return `Pull ${formatAngle(pull.more)}° farther than the last pull, and measure again.`;
  const { to, next, off } = pull.dial;
  const rest =
    next === null
      ? ''
      : `: that leaves it ${formatAngle(Math.abs(off.to))}° short, ${formatAngle(next)}° would be too far`;
  return `Pull to ${formatAngle(to)}°, and measure again${rest}.`;
}

/** The part if nothing is done. */
function leftWords({ points, apart }: Correction, style: LengthStyle): string {
  const far = points.at(-1) ?? 0;
  const ends = `${formatWithUnit(Math.abs(apart), style)} ${apart < 0 ? 'nearer' : 'farther apart'}`;
  return `Left as it is, end B is off by ${formatWithUnit(far, style)}, and the ends stand ${ends}.`;
}

function endWords({ end }: Correction, style: LengthStyle): string[] {
  const along = formatWithUnit(Math.abs(end.along), style);
  const trim =
    end.along >= 0
      ? `${along} of it is tube to cut off`
      : end.trimTakes
        ? `${along} of it the trim makes up`
        : `${along} of it is more than the trim makes up`;
  return [`At end B ${trim}; ${formatWithUnit(end.aside, style)} lies aside, which no trim takes.`];
}

function takingWords({ takings }: Correction, style: LengthStyle): string[] {
  if (takings.length === 0) return ['No bend is left to make that could take it.'];
  return takings.map(
    ({ bend, angle, far }) =>
      `Bend ${bend} made ${formatAngle(angle)}° instead leaves end B off by ${formatWithUnit(far, style)}.`,
  );
}

/** What makes a reading worth nothing. */
function doubts({ zeroed, slipped, read }: Told): string[] {
  const why = [
    ...(zeroed ? [] : ['the dial was not zeroed under preload']),
    ...(slipped ? ['the tube slipped in the clamp'] : []),
  ];
  return [
    ...(why.length > 0
      ? [`The reading says nothing, as ${why.join(' and ')}: keep this bend out of the test bends.`]
      : []),
    ...(slipped ? ['A tube that slipped has its bend elsewhere, too: measure its place.'] : []),
    ...(!read && why.length === 0
      ? ['Write the reading down, and the next pull can be told by the dial.']
      : []),
  ];
}
