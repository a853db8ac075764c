import { areApart, boxOf, type CutEnd, type Roof, type Tube } from '../../cage/index.ts';
import { lengthOf, pointOn } from '../../centreline/index.ts';
import { directionNearest, endPoint, outside, type SweptTube, sweptTube } from '../../cope/index.ts';
import { NOISE } from '../../measure/index.ts';
import { add, cross, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';

/** A way by which a tube leaves its place, and so the way by which it gets there, backwards. Car's frame, mm */
interface WayOut {
  /** Length 1. */
  toward: Vec3;
  /** So far until it is loose at both ends and can be turned out. */
  travel: number;
  /** Tubes that stand in it. */
  by: string[];
}

/** How a tube gets to its place. */
export interface WaysIn {
  /** With all that it sits on fast. */
  ways: WayOut[];
  /** Where a header gives: so far, square to itself, for the ears to get past. Not looked for where nothing can stand in another way. */
  sprung: { ways: WayOut[]; headers: string[]; by: number };
}

/** What a tube is fitted among. Pieces by their ids. */
export interface Among {
  /** Every tube but those that are coped to this one. */
  others: Tube[];
  /** Those of them that stand whenever it is fitted: what it stands on, what that stands on, and what came with the car. */
  always: Set<string>;
  /** null for what is put together outside the car. */
  roof: Roof | null;
}

/** What a joint that is only tacked gives without being forced; common practice. mm */
const GIVES = 1.5;
/** Ways are followed this far: from there on a bar is a thing in the hand. mm */
const FARTHEST = 400;
const STEP = 10;
const FIRST_STEP = 2;
/** Places along the tube that are looked at, and round the edge of a cope. */
const BETWEEN = 40;
const ROUND = 6;

/** An end with the places of its edge that touch what it sits on. */
interface Seat {
  headers: SweptTube[];
  contour: Vec3[];
  /** Square to the plate that it stands on. */
  plate: Vec3 | null;
}

/** A tube with all that it is looked at by. */
interface Moving {
  tube: Tube;
  seats: Seat[];
  /** On its axis, clear of the copes, with the room that it has to its headers where it belongs: its radius, or less in a sharp corner. */
  body: { at: Vec3; rest: number }[];
  own: SweptTube[];
  /** How far its ears reach round a header, square to that: with so much play it can be turned out. */
  grip: number;
}

/**
 * The ways by which a tube gets to its place past its headers, and what must not stand in them. Straight ways are looked at: along and across
 * the headers, the bar and the car. A bar whose ears reach round two headers that stand fast has none: one of them must give.
 */
export function waysIn(tube: Tube, ends: CutEnd[], { others, always, roof }: Among): WaysIn {
  const moving = movingOf(tube, ends);
  const headers = [...new Set(ends.flatMap((end) => end.headers.map(({ piece }) => piece)))];
  const beside = others.filter(({ piece }) => !headers.includes(piece));
  const directions = directionsOf(tube, ends);
  const open = (tried: Omit<WayOut, 'by'>[]): WayOut[] =>
    leastOf(
      tried
        .filter((way) => !roof || clearsRoof(moving, way, roof))
        .map((way) => ({ ...way, by: inTheWay(moving, way, beside) }))
        .filter(({ by }) => !by.some((piece) => always.has(piece))),
    );
  const ways = open(
    directions.flatMap((toward) => {
      const travel = travelOut(moving, toward);
      return travel === null ? [] : [{ toward, travel }];
    }),
  );
  const needsNone = headers.length === 0 || ways.some(({ by }) => by.length === 0);
  return {
    ways,
    sprung: { ways: needsNone ? [] : open(acrossOf(moving, directions)), headers, by: moving.grip },
  };
}

/** Across the bar, until its ears are past a header that gives. */
function acrossOf({ tube, grip }: Moving, directions: Vec3[]): Omit<WayOut, 'by'>[] {
  const chord = straightOf(subtract(endPoint(tube.axis, 'b'), endPoint(tube.axis, 'a')));
  return directions
    .filter((toward) => Math.abs(dot(toward, chord)) < ACROSS)
    .map((toward) => ({ toward, travel: grip + tube.od }));
}

/** The cosine of 60°. */
const ACROSS = 0.5;

function movingOf(tube: Tube, ends: CutEnd[]): Moving {
  const total = lengthOf(tube.axis);
  const clear = Math.min(1.5 * tube.od, total / 2);
  const count = Math.max(1, Math.ceil((total - 2 * clear) / BETWEEN));
  const own = ends.flatMap((end) => end.headers.map(({ axis, od }) => sweptTube(axis, od, 'closed')));
  return {
    tube,
    seats: ends.map(({ headers, seam, cut }) => ({
      headers: headers.map(({ axis, od }) => sweptTube(axis, od, 'closed')),
      contour: seam?.line.flatMap((at, i) => (at && i % ROUND === 0 ? [at] : [])) ?? [],
      plate: cut.plate === null ? null : UP,
    })),
    body: Array.from({ length: count + 1 }, (_, i) => {
      const at = pointOn(tube.axis, clear + ((total - 2 * clear) * i) / count);
      return { at, rest: Math.min(tube.od / 2, gapTo(own, at)) };
    }),
    own,
    grip: Math.max(
      0,
      ...ends.flatMap(({ cut, headers }) => headers.map(({ od }) => Math.min(cut.throat - cut.ear, od / 2))),
    ),
  };
}

const UP: Vec3 = [0, 0, 1];

/** How far it goes that way until it is loose; null where its headers hold it before. */
function travelOut(moving: Moving, toward: Vec3): number | null {
  for (let travel = FIRST_STEP; travel <= FARTHEST; travel += STEP) {
    const by = scale(toward, travel);
    const gaps = moving.seats.map((seat) => playAt(seat, by));
    if (gaps.some((gap) => gap < -GIVES)) return null;
    if (moving.body.some(({ at, rest }) => gapTo(moving.own, add(at, by)) < rest - GIVES)) return null;
    if (gaps.reduce((sum, gap) => sum + Math.max(0, gap), 0) >= moving.grip) return travel;
  }
  return null;
}

/** The play of an end that was moved; negative where it would be in what it sits on. Infinity for a bare end. */
function playAt({ headers, contour, plate }: Seat, by: Vec3): number {
  if (plate) return dot(plate, by);
  return contour.reduce((least, at) => Math.min(least, gapTo(headers, add(at, by))), Infinity);
}

const gapTo = (surfaces: SweptTube[], [x, y, z]: Vec3): number =>
  surfaces.reduce((least, surface) => Math.min(least, outside(surface, x, y, z)), Infinity);

/** Tubes that the moved tube would run into. */
function inTheWay({ tube, body }: Moving, { toward, travel }: Omit<WayOut, 'by'>, beside: Tube[]): string[] {
  const far = scale(toward, travel);
  const box = boxOf({ points: body.flatMap(({ at }) => [at, add(at, far)]) });
  return beside
    .filter((other) => {
      const reach = (tube.od + other.od) / 2;
      if (areApart(box, boxOf(other), reach)) return false;
      const surface = sweptTube(other.axis, other.od, 'closed');
      return body.some(({ at }) => {
        // Where they touch at rest they were fitted to each other.
        const least = Math.min(tube.od / 2, gapTo([surface], at)) - GIVES;
        return stepsTo(travel).some((step) => gapTo([surface], add(at, scale(toward, step))) < least);
      });
    })
    .map(({ piece }) => piece);
}

const stepsTo = (travel: number): number[] =>
  Array.from({ length: Math.ceil(travel / STEP) }, (_, i) => Math.min(travel, STEP * (i + 1)));

function clearsRoof({ tube, body }: Moving, { toward, travel }: Omit<WayOut, 'by'>, roof: Roof): boolean {
  if (roof.kind === 'open') return true;
  return body.every(({ at }) => {
    const least = Math.min(tube.od / 2, roof.gap(at) ?? Infinity) - GIVES;
    return stepsTo(travel).every((step) => (roof.gap(add(at, scale(toward, step))) ?? Infinity) >= least);
  });
}

/** Of ways in which the same and more stands, only the one with less; the shorter first. */
function leastOf(ways: WayOut[]): WayOut[] {
  const sorted = ways.toSorted((a, b) => a.by.length - b.by.length || a.travel - b.travel);
  const kept: WayOut[] = [];
  for (const way of sorted)
    if (!kept.some(({ by }) => by.every((one) => way.by.includes(one)))) kept.push(way);
  return kept;
}

/** Along and across the headers, the bar and the car, and halfway between two of them. Length 1 */
function directionsOf(tube: Tube, ends: CutEnd[]): Vec3[] {
  const chord = straightOf(subtract(endPoint(tube.axis, 'b'), endPoint(tube.axis, 'a')));
  const along = ends.flatMap(({ cut, headers }) =>
    headers.map(({ axis, od }) =>
      directionNearest(sweptTube(axis, od, 'closed'), endPoint(tube.axis, cut.end)),
    ),
  );
  const [first = UP] = along;
  const across = straightOf(cross(chord, first));
  const upright = straightOf(cross(across, chord));
  const lines: Vec3[] = [chord, ...along, across, upright, [1, 0, 0], [0, 1, 0], UP];
  const rays = lines.flatMap((line) => [line, scale(line, -1)]);
  const between = rays.flatMap((one, i) => rays.slice(i + 1).map((other) => straightOf(add(one, other))));
  const all: Vec3[] = [];
  for (const ray of [...rays, ...between])
    if (length(ray) > NOISE && !all.some((one) => dot(one, ray) > 0.999)) all.push(ray);
  return all;
}

const straightOf = (a: Vec3): Vec3 => (length(a) < NOISE ? [0, 0, 0] : unit(a));
