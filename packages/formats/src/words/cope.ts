import {
  beyondNotcher,
  type CopeMethod,
  type CutLengths,
  type EndCut,
  fineLength,
  formatAngle,
  formatLength,
  formatWithUnit,
  type LengthStyle,
  type Plan,
  radians,
  type SawPass,
  type SeamAnswer,
  type StraightCuts,
  type WeldPrep,
} from '@gyrus/core';

/** A figure with its name, ready to be shown or printed. */
export interface NamedFigure {
  label: string;
  text: string;
}

const methods: Record<CopeMethod, string> = {
  saw: 'notcher',
  template: 'template and grinder',
  plane: 'cut to a plane',
  square: 'cut square',
  none: 'no cope',
};
/** How an end is made, as people say it. */
export const methodWords = ({ method, plate }: Pick<EndCut, 'method' | 'plate'>): string =>
  method === 'plane' ? `cut to ${plate ? `plate ${plate}` : 'the floor'}` : methods[method];

/** What an end sits on. */
export const seatWords = ({ headers, plate, method }: EndCut): string =>
  headers.length > 0
    ? `to ${headers.join(', ')}`
    : plate
      ? `on plate ${plate}`
      : method === 'plane'
        ? 'on the floor'
        : 'on no tube';

/** A place round the tube by its angle from the face line, right-handed looking up the tube. */
export function roundWords(phi: number): string {
  const at = Math.round(phi) % 360;
  if (at === 0) return 'on the face line';
  return at === 180 ? 'opposite the face line' : `${at}° round from the face line`;
}

/** The settings of one pass of the notcher. */
export function passFigures(
  pass: SawPass,
  cut: EndCut,
  lengths: CutLengths,
  style: LengthStyle,
): NamedFigure[] {
  const length = (mm: number) => formatWithUnit(mm, style);
  const fromEar = pass.centre - cut.ear;
  const figures = [
    { label: "notcher's dial", text: `${formatAngle(pass.dial)}°` },
    {
      label: `protractor between the tubes, ${roundWords(pass.acuteAt)}`,
      text: `${formatAngle(90 - pass.dial)}°`,
    },
    { label: 'hole saw', text: fineLength(pass.holeSaw, style) },
    {
      label: `saw's centre, ${fromEar < 0 ? 'past the ear' : 'in from the ear'}`,
      text: length(Math.abs(fromEar)),
    },
    { label: "saw's centre from the bar's middle", text: length(lengths.ears / 2 - fromEar) },
    { label: 'axes miss by', text: length(Math.abs(pass.offset)) },
    { label: "saw's travel", text: length(pass.depth) },
    ...(pass.bow > 0
      ? [{ label: 'the header bows under it by, straight enough', text: fineLength(pass.bow, style) }]
      : []),
  ];
  return Math.abs(pass.turn) < 0.05
    ? figures
    : [{ label: 'turn from the first pass', text: `${formatAngle(pass.turn)}°` }, ...figures];
}

/** What stands in the way of a pass, and what to do about it. */
export function passCautions(pass: SawPass, { notcher }: Plan['coping'], style: LengthStyle): string[] {
  const beyond = beyondNotcher(pass, {
    largestDial: notcher.largestDial.deg,
    sawDepth: notcher.sawDepth.mm,
  });
  return [
    ...(beyond.dial > 0
      ? [
          `The notcher stops at ${formatAngle(notcher.largestDial.deg)}°, ${formatAngle(beyond.dial)}° short: cut at its stop and grind to the template, or bend the end.`,
        ]
      : []),
    ...(beyond.depth > 0
      ? [
          `The hole saw is ${formatWithUnit(beyond.depth, style)} too shallow to go through in one: relieve the slug with a grinder half way, or come in from both sides.`,
        ]
      : []),
  ];
}

/** Two straight cuts, or one, as they are marked and set. */
export function straightCutFigures(
  { cuts, tip, gap, grind }: StraightCuts,
  cut: EndCut,
  style: LengthStyle,
): NamedFigure[] {
  const length = (mm: number) => formatWithUnit(mm, style);
  // Measured from the long point of the cut, as a tape is hooked there.
  const point = tip?.setback ?? Math.min(...cuts.flatMap(({ atFace, atBack }) => [atFace, atBack]));
  const sides = cuts.flatMap(({ angle, atFace, atBack }, i) => {
    const back = cuts.length > 1 ? i === 1 : atBack > atFace;
    const where = back ? 'opposite the face line' : 'on the face line';
    return [
      { label: `saw from square, ${where}`, text: `${formatAngle(Math.abs(angle))}°` },
      { label: 'that cut ends, up from the long point', text: length((back ? atBack : atFace) - point) },
    ];
  });
  const fromEar = point - cut.ear;
  const meet: NamedFigure[] = tip
    ? [
        Math.abs(tip.across) < 0.05
          ? { label: 'the cuts meet', text: 'on the middle' }
          : {
              label: `the cuts meet beside the middle, ${tip.across < 0 ? 'away from' : 'toward'} the face line`,
              text: length(Math.abs(tip.across)),
            },
      ]
    : [];
  return [
    ...sides,
    ...meet,
    {
      label: `its point, ${fromEar < 0 ? 'beyond the ear' : 'in from the ear'}`,
      text: length(Math.abs(fromEar)),
    },
    { label: 'widest gap left', text: length(gap) },
    { label: 'most to grind', text: length(grind) },
  ];
}

/** What can be measured of a bent tube, along which no tape finds its length. */
export function bentFigures({ bent }: CutLengths, style: LengthStyle): NamedFigure[] {
  if (!bent) return [];
  const length = (mm: number) => formatWithUnit(mm, style);
  return [
    { label: 'ear A to where its first bend starts', text: length(bent.toTangent[0]) },
    { label: 'ear B to where its first bend starts', text: length(bent.toTangent[1]) },
    { label: 'straight across, end to end', text: length(bent.endToEnd) },
    {
      label: 'lies in a box, outside to outside',
      text: bent.box.map((one) => formatLength(one, style)).join(' × ') + ` ${style.unit}`,
    },
  ];
}

/** Turn and tape between the two face lines; null where an end has none. */
export function clockingWords({ clocking }: CutLengths, od: number, style: LengthStyle): string | null {
  if (clocking === null) return null;
  return `${formatAngle(clocking)}°, ${formatWithUnit((od / 2) * radians(Math.abs(clocking)), style)} round`;
}

/** What an end's seam needs, in a sentence each. */
export function seamWords(seam: SeamAnswer, style: LengthStyle): string[] {
  const length = (mm: number) => formatWithUnit(mm, style);
  return [
    `Seam ${length(seam.length)} round ${seam.headers.join(', ')}.`,
    ...seam.covered.map(
      ({ stamp, length: mm }) => `Weld ${length(mm)} of it before ${stamp} goes on, which covers it.`,
    ),
    ...(seam.tight ? [`${seam.tight.stamp} passes ${length(seam.tight.gap)} beside it.`] : []),
  ];
}

/** What of an end is ground before it is welded: after a cut square to the surface, and after a hole saw. sawn: a hole saw makes it */
export function prepWords({ groundBack, at }: WeldPrep, sawn: boolean, style: LengthStyle): string[] {
  const [back, where] = [formatWithUnit(groundBack, style), roundWords(at)];
  return [
    `Cut square to the surface along the outer line, the inner edge stands ${back} proud ${where}: grind it back, or cut to the seating line.`,
    ...(sawn
      ? [
          `A hole saw leaves the ear thinner than the wall: grind it back to full wall, ${back} ${where}, less to both sides of there.`,
        ]
      : []),
  ];
}
