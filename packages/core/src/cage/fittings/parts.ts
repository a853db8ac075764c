import { lengthOf, pointAt } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { type Part, type PartOf, type Plan } from '../../plan/index.ts';
import { sectionProperties } from '../../tube/index.ts';
import { rowOf, type StandingTube } from '../placing/attach.ts';
import { placeAlong, type Row, type RowPlace, stationOnRow } from '../placing/row.ts';
import { barPanel } from './barPanel.ts';
import { adjustableStrut, bracket, standAloneBar } from './partShapes.ts';
import { type PartFigure, type PartShape } from './partShape.ts';

/** A part with its place and its figures. mm, kg */
export interface PartAnswer {
  part: string;
  stamp: string;
  kind: Part['kind'];
  /** The stamp of the tube it is on. */
  on: string | null;
  answer: Outcome<PartShape>;
}

/** Clearance of an inner sleeve in the bore, so that it slides. mm on the diameter, common practice */
const SLEEVE_CLEARANCE = 0.5;

/** Every part of the plan, or why it has no place. */
export const partsOf = (plan: Plan, standing: StandingTube[]): PartAnswer[] =>
  plan.parts.map((part) => {
    const placed = 'on' in part ? placedOn(part, standing) : null;
    return {
      part: part.id,
      stamp: part.stamp,
      kind: part.kind,
      on: placed?.ok ? placed.value.place.tube.stamp : null,
      answer: placed ? andThen(placed, (on) => onTube(part as OnTube, on)) : inTheCar(part, standing),
    };
  });

type OnTube = PartOf<'splice' | 'bolted-joint' | 'belt-guide' | 'tie'>;

/** Where on its bar a part is: the bar's tubes, and the one of them that has the place. */
interface Placed {
  row: Row;
  place: RowPlace;
}

const placedOn = ({ on, station }: OnTube, standing: StandingTube[]): Outcome<Placed> =>
  andThen(rowOf(on, standing), ({ row }) =>
    andThen(stationOnRow(row, station), (place) => succeed({ row, place })),
  );

function inTheCar(part: Part, standing: StandingTube[]): Outcome<PartShape> {
  switch (part.kind) {
    case 'bracket':
      return bracket(part);
    case 'adjustable-strut':
      return adjustableStrut(part);
    case 'bar-panel':
      return barPanel(part, standing);
    case 'stand-alone-bar':
      return standAloneBar(part);
    default:
      return fail('not-standing', '', 'it is on no tube');
  }
}

function onTube(part: OnTube, placed: Placed): Outcome<PartShape> {
  const { tube, along, point: at } = placed.place;
  const place = { name: 'from-end-a' as const, mm: along };
  switch (part.kind) {
    case 'splice':
      return splice(part, placed, place);
    case 'bolted-joint':
      return succeed({ at, figures: [place], points: [], mass: 0 });
    case 'tie':
      return succeed({ at, figures: [place, { name: 'gap', mm: part.gap.mm }], points: [], mass: 0 });
    case 'belt-guide': {
      const [first, second] = [-1, 1].map((sign) => alongFrom(placed, (sign * part.apart.mm) / 2));
      if (!first || !second)
        return fail('off-the-tube', '', `its guides lie beyond an end of ${tube.stamp}: move them in`);
      if (first.tube !== second.tube)
        return fail(
          'guides-apart',
          '',
          `what splits the bar stands between its guides, on ${first.tube.stamp} and ${second.tube.stamp}: move them to one side of it`,
        );
      return succeed({
        at,
        figures: [
          { name: 'first-guide', mm: first.along },
          { name: 'second-guide', mm: second.along },
        ],
        points: [first.point, second.point],
        mass: 0,
      });
    }
  }
}

/** The place so much farther along the whole bar; null beyond its ends. */
function alongFrom({ row, place }: Placed, by: number): RowPlace | null {
  const before = row.slice(0, row.indexOf(place.tube)).reduce((sum, { axis }) => sum + lengthOf(axis), 0);
  return placeAlong(row, before + place.along + by);
}

function splice(part: PartOf<'splice'>, placed: Placed, place: PartFigure): Outcome<PartShape> {
  const { tube, point: at } = placed.place;
  const od = tube.od - 2 * tube.wall - SLEEVE_CLEARANCE;
  if (part.sleeveWall.mm >= od / 2)
    return fail(
      'sleeve-too-thick',
      '',
      told`the sleeve is ${{ mm: od, fine: true }} outside: its wall must be less than half of that`,
    );
  const length = part.sleeve.mm;
  return succeed({
    at,
    figures: [
      place,
      { name: 'sleeve-od', mm: od },
      { name: 'sleeve-length', mm: length },
      { name: 'rosette-from-joint', mm: length / 4 },
    ],
    points: [-1, 1]
      .map((sign) => pointAt(tube.axis, place.mm + (sign * length) / 2))
      .filter((one) => one !== null),
    mass: (sectionProperties({ od, wall: part.sleeveWall.mm }).massPerLength * length) / 1000,
  });
}
