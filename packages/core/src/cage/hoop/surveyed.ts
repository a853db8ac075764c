import { fail, type Outcome, succeed } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { type CarSide, type MainHoop, type Survey } from '../../plan/index.ts';
import {
  alongPlane,
  axisSection,
  type AxisSection,
  contradictions,
  type MeasuredSection,
  type WallSide,
  type MeasuringError,
  readSection,
  sectionWithout,
  withinTighterSide,
} from '../../survey/index.ts';
import { footCut } from './footCut.ts';
import { type FootCut, type FromSurvey, type HoopGeometry, type HoopResult } from './geometry.ts';
import { hoopFigures } from './hoopFigures.ts';
import { type Leg, leanOf, legOf, type LegPoint, outAt, proposeShape } from './hoopShape.ts';
import { inCar } from './inCar.ts';
import { rolledCrown } from './rolledCrown.ts';

/** The main hoop from the survey: measures → contradiction settled → axis dimensions → shape → corners. clr: of its corners, mm. */
export function surveyedHoop(survey: Survey, hoop: MainHoop, error: MeasuringError, clr: number): HoopResult {
  const reading = readSection(survey);
  if ('missing' in reading) return { none: { why: 'missing', missing: reading.missing } };
  const takeOffs = takeOffsOf(hoop);
  const measured = { ...reading.section, tilt: hoop.tilt?.deg ?? reading.section.tilt };
  const crown = axisSection(measured, takeOffs).crownHeight.value;
  const found = contradictions(measured, crown, error);
  if (found.length > 0 && survey.distrusted === null)
    return {
      none: {
        why: 'contradiction',
        contradictions: found,
        section: measured,
        axis: axisSection(measured, takeOffs),
      },
    };
  const section = survey.distrusted ? sectionWithout(measured, survey.distrusted, crown) : measured;
  const own = axisSection(section, takeOffs);
  const axis = hoop.sides === 'same' ? withinTighterSide(own) : own;
  const built = buildHoop(section, axis, hoop, error, clr);
  if (!built.ok) return { none: { why: 'impossible', fault: built.fault } };
  const { shape, proposal, ...geometry } = built.value;
  const body = { section, taped: measured };
  return { hoop: { ...geometry, body, fromSurvey: { shape, proposal, axis, contradictions: found } } };
}

const takeOffsOf = ({ tube, clearance }: MainHoop) => ({
  od: tube.od.mm,
  clearLeft: clearance.left.mm,
  clearRight: clearance.right.mm,
  clearAbove: clearance.above.mm,
});

function buildHoop(
  section: MeasuredSection,
  axis: AxisSection,
  hoop: MainHoop,
  error: MeasuringError,
  clr: number,
): Outcome<Omit<HoopGeometry, 'body' | 'fromSurvey'> & Pick<FromSurvey, 'shape' | 'proposal'>> {
  const { tilt, leanHeight } = section;
  const possible = checkAxis(axis, leanHeight, section, hoop.footLift.mm);
  if (!possible.ok) return possible;
  const rolled = hoop.shape === 'rolled-crown';
  const rise = rolled ? crownRiseOf(section, hoop) : 0;
  const crown = axis.crownHeight.value - rise;
  const left = legOf(axis.left, leanHeight, crown, tilt);
  const right = legOf(axis.right, leanHeight, crown, tilt);
  const proposal = proposeShape([left, right], error.mm);
  const wanted = hoop.shape === 'proposed' ? proposal.shape : hoop.shape;
  const four = wanted === 'four-bend' || (rolled && proposal.shape === 'four-bend');
  const arc = rolled ? crownArc(left, right, four, alongPlane(rise, tilt), clr) : null;
  if (wanted === 'four-bend' && (left.lean === null || right.lean === null)) return fail(...NO_LEAN);
  if (rolled && arc === null) return fail(...NO_CROWN);
  const footUp = (side: WallSide) => alongPlane(side.landing + hoop.footLift.mm, tilt);
  const corners = [
    ...legPoints(left, footUp(section.left), four),
    ...legPoints(right, footUp(section.right), four).reverse(),
  ];
  return succeed({
    shape: wanted,
    proposal,
    ...throughCorners(corners, arc, four, tilt),
    tilt,
    feet: [legCut('left', left, four, section), legCut('right', right, four, section)],
    figures: hoopFigures({
      feet: { left: itemAt(corners, 0), right: itemAt(corners, -1) },
      crownHeight: axis.crownHeight,
      legs: { left: upLeg(left, four), right: upLeg(right, four) },
      od: hoop.tube.od.mm,
      tilt,
      crownSlope: arc?.slope ?? 0,
      takenOff: null,
    }),
  });
}

/** The corners of a leg from the floor up. */
const upLeg = ({ floor, lean, corner }: Leg, four: boolean): LegPoint[] =>
  four && lean ? [floor, lean, corner] : [floor, corner];

const NO_LEAN = [
  'no-lean',
  '',
  'four bends need the height and both half widths where the side starts to lean',
] as const;
const NO_CROWN = [
  'no-crown',
  '',
  'the crown has no rise that an arc can follow: enter the headliner at the corners, or the rise of the crown',
] as const;

/** The axis through the corners, from the left foot to the right one, with a rolled crown's middle between them; its bends by name. */
function throughCorners(corners: LegPoint[], arc: ReturnType<typeof crownArc>, four: boolean, tilt: number) {
  const half = corners.length / 2;
  const inPlane = corners.map(({ out, up }, i) => inCar(i < half ? out : -out, up, tilt));
  const middle = arc ? [inCar(arc.middle, arc.up, tilt)] : [];
  const features = [
    ...(four ? ['knee-left', 'crown-left'] : ['crown-left']),
    ...(arc ? ['crown-middle'] : []),
    ...(four ? ['crown-right', 'knee-right'] : ['crown-right']),
  ];
  return {
    points: [...inPlane.slice(0, half), ...middle, ...inPlane.slice(half)],
    features,
    radii: features.map((feature) => (arc && feature === 'crown-middle' ? arc.radius : null)),
  };
}

/** How far the crown's middle stands above its corners: as given, or what the headliner falls from the middle to the corners. */
function crownRiseOf(section: MeasuredSection, { crownRise }: MainHoop): number {
  if (crownRise) return crownRise.mm;
  const corners = [section.left.corner, section.right.corner].filter((one) => one !== null);
  return corners.length === 0 ? 0 : section.headliner - Math.min(...corners);
}

function crownArc(left: Leg, right: Leg, four: boolean, rise: number, clr: number) {
  const half = (left.corner.out + right.corner.out) / 2;
  const lean = Math.min(...[left, right].map((leg) => leanOf((four && leg.lean) || leg.floor, leg.corner)));
  const crown = rolledCrown(half, rise, lean, clr);
  return (
    crown && {
      ...crown,
      middle: (left.corner.out - right.corner.out) / 2,
      up: left.corner.up + crown.corner,
    }
  );
}

function checkAxis(
  { left, right, crownHeight }: AxisSection,
  leanHeight: number | null,
  section: MeasuredSection,
  lift: number,
): Outcome<null> {
  const halves = [left, right].flatMap((side) => [side.floor, side.roof, ...(side.lean ? [side.lean] : [])]);
  if (halves.some((half) => half.value <= 0))
    return fail(
      'no-width',
      '',
      'the clearance and half the tube take all of the width: check the half widths',
    );
  const foot = Math.max(section.left.landing, section.right.landing) + lift;
  if (crownHeight.value <= foot)
    return fail('no-height', '', 'the crown comes out below the feet: check the headliner and the landings');
  if (leanHeight !== null && leanHeight >= crownHeight.value)
    return fail('lean-above-crown', '', 'the side starts to lean above the crown: check that height');
  if (leanHeight !== null && leanHeight <= foot)
    return fail('lean-below-foot', '', 'the side starts to lean below the feet: leave that height empty');
  return succeed(null);
}

/** From the foot, on its landing, to the crown. */
function legPoints({ floor, lean, corner }: Leg, footUp: number, four: boolean): LegPoint[] {
  const knee = four ? lean : null;
  const foot = { out: outAt(floor, knee ?? corner, footUp), up: footUp };
  return knee ? [foot, knee, corner] : [foot, corner];
}

function legCut(side: CarSide, leg: Leg, four: boolean, section: MeasuredSection): FootCut {
  const above = four && leg.lean ? leg.lean : leg.corner;
  return footCut(side, leanOf(leg.floor, above), section.tilt, section[side].floorSlope);
}
