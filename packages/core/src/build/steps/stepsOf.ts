import { itemAt } from '../../items/index.ts';
import { type AsBuiltPoint, hoopPoints, type Moment } from '../../asBuilt/index.ts';
import { type CopeSetting, type Tube } from '../../cage/index.ts';
import { distance } from '../../space/index.ts';
import { howIn, placesIn, type Timeline, type Weld } from '../order/index.ts';
import { type BuildRoom } from '../room/buildRoom.ts';
import { isSleeve } from '../beforeFitting.ts';
import { footOf } from '../room/feet.ts';
import { bendsAgain } from './bentAgain.ts';
import { nearSeams } from './nearSeams.ts';
import { paintStretches } from './paint.ts';
import {
  type BuildStep,
  type StepPlace,
  type StepWork,
  type Tacked,
  type WayTold,
  type Welded,
} from './step.ts';
import { positionsOf, turnedFlat } from '../welding/positions.ts';
import { weldTick } from '../welding/weldedSeams.ts';
import { tacksOf } from './tacks.ts';
import { ventsOf } from './vents.ts';

/** What the steps are made from. */
interface Making {
  setting: CopeSetting;
  room: BuildRoom;
  order: number[];
  timeline: Timeline;
}

/** The whole build in steps: what is made ready, every tube tacked, every seam welded where and when the torch gets there. */
export function stepsOf(making: Making): BuildStep[] {
  const { setting, room, order, timeline } = making;
  const hoop = room.tubes.find(({ role }) => role === 'main-hoop') ?? null;
  const steps: BuildStep[] = [];
  let where: StepPlace = 'bench';
  let stood = 0;
  const put = (work: StepWork, ...ticks: string[]) =>
    steps.push({
      ticks,
      where,
      work,
      standing: order.slice(0, stood).map((tube) => itemAt(room.tubes, tube).piece),
    });
  const putMeasure = (when: Moment, nth = 0) =>
    put({ kind: 'measure', when, checks: checksOf(hoop) }, `measure:${when}${nth > 0 ? `:${nth}` : ''}`);
  const putWelds = (at: Weld['where'], moment: number) => {
    for (const seams of weldsAt(making, at, moment))
      put({ kind: 'weld', seams }, ...seams.map(({ tick }) => tick));
  };
  makeReady(making, put);
  for (; stood <= order.length; stood++) {
    const isLast = stood === order.length;
    if (stood === timeline.bench) {
      if (stood > 1) putMeasure('bench');
      putWelds('bench', stood);
      where = 'car';
      put({ kind: 'protect', near: nearSeams(setting.plan, weldedInCar(making)) }, 'protect');
      if (stood > 0)
        put(
          { kind: 'carry', stamps: order.slice(0, stood).map((tube) => itemAt(room.tubes, tube).stamp) },
          'carry',
        );
    } else if (stood < timeline.bench) putWelds('bench', stood);
    if (isLast && order.length > 0) putMeasure('tacked');
    if (stood >= timeline.bench) putWelds('car', stood);
    const nth = timeline.drops.indexOf(stood);
    if (nth >= 0) {
      const { drop, forward } = setting.plan.weldPosition;
      where = 'dropped';
      put({ kind: 'drop', drop: drop.mm, forward: forward.mm }, `drop:${nth + 1}`);
      putWelds('dropped', stood);
      where = 'lifted';
      put({ kind: 'lift', drop: drop.mm, forward: forward.mm }, `lift:${nth + 1}`);
      putMeasure('lifted', nth + 1);
    }
    if (!isLast) putTack(making, stood, steps, put);
  }
  finish(making, put, putMeasure);
  return steps;
}

type Put = (work: StepWork, ...ticks: string[]) => void;

/** What is done before the first tack: plates, what is put on or drilled first, what no brush gets at later, the brace. */
function makeReady({ setting: { plan, tubes, sides }, room }: Making, put: Put): void {
  if (plan.plates.length > 0) {
    const plates = plan.plates.map(({ stamp }) => stamp);
    put({ kind: 'plates', plates }, ...plan.plates.map(({ id }) => `plate:${id}`));
  }
  const again = bendsAgain(plan, tubes);
  if (again.length > 0)
    put(
      { kind: 'bend-again', bends: again },
      ...again.map(({ piece, feature }) => `again:${piece}:${feature}`),
    );
  const sleeves = plan.parts.filter(isSleeve).flatMap(({ id, stamp, on }) => {
    const tube = room.tubes.find(
      ({ member, piece }) =>
        member === on.member &&
        [undefined, sides.get(piece)].includes(on.side) &&
        [undefined, piece].includes(on.piece),
    );
    return tube ? [{ id, part: stamp, stamp: tube.stamp }] : [];
  });
  if (sleeves.length > 0)
    put(
      { kind: 'sleeves', sleeves: sleeves.map(({ part, stamp }) => ({ part, stamp })) },
      ...sleeves.map(({ id }) => `sleeve:${id}`),
    );
  const vents = ventsOf(plan, room.tubes, room.ends);
  if (vents.length > 0) put({ kind: 'vents', vents }, ...vents.map(({ piece }) => `vent:${piece}`));
  const stretches = paintStretches(plan, room.tubes, tubes, joinedIn(room));
  const painted = [...new Set(stretches.map(({ piece }) => piece))];
  if (painted.length > 0) put({ kind: 'prime', stretches }, ...painted.map((piece) => `prime:${piece}`));
  const brace = braceOf(room);
  if (brace) put({ kind: 'brace', ...brace }, 'brace');
}

/** Which tubes are coped to which. */
function joinedIn({ ends }: BuildRoom): (piece: string, other: string) => boolean {
  const pairs = new Set(
    ends.flat().flatMap(({ tube, headers }) => headers.map((header) => `${tube.piece} ${header.piece}`)),
  );
  return (piece, other) => pairs.has(`${piece} ${other}`) || pairs.has(`${other} ${piece}`);
}

/** The brace across the hoop's feet: a piece of scrap that counts nowhere. mm */
function braceOf({ tubes }: BuildRoom): { stamp: string; apart: number; between: number } | null {
  const hoop = tubes.find(({ role }) => role === 'main-hoop');
  if (!hoop) return null;
  const apart = distance(itemAt(hoop.points, 0), itemAt(hoop.points, -1));
  return { stamp: hoop.stamp, apart, between: apart - hoop.od };
}

/** A tube is tacked; the other of a pair in the same step, where nothing is done between them. */
function putTack(making: Making, at: number, steps: BuildStep[], put: Put): void {
  const { room, order } = making;
  const tacked = tackedAt(making, at);
  const last = steps.at(-1);
  const before = at > 0 ? itemAt(room.tubes, itemAt(order, at - 1)) : null;
  const { member } = itemAt(room.tubes, itemAt(order, at));
  if (last?.work.kind === 'tack' && before?.member === member) {
    last.work.tubes.push(tacked);
    last.ticks.push(`tack:${tacked.piece}`);
  } else put({ kind: 'tack', tubes: [tacked] }, `tack:${tacked.piece}`);
}

function tackedAt({ room, order }: Making, at: number): Tacked {
  const number = itemAt(order, at);
  const { piece, stamp } = itemAt(room.tubes, number);
  const own = itemAt(room.ends, number);
  return {
    piece,
    stamp,
    headers: [...new Set(own.flatMap(({ headers }) => headers.map((header) => header.stamp)))],
    plates: own.flatMap(({ cut }) => cut.plate ?? []),
    way: wayOf(room, order, number),
    tacks: room.seams.flatMap((seam, i) =>
      seam.tube === number ? tacksOf(seam, placesOfSeam(room, i)) : [],
    ),
  };
}

/** All places of a seam as the order of building has them, in their own order. */
const placesOfSeam = ({ parts, problem }: BuildRoom, seam: number) =>
  parts
    .flatMap((part, i) =>
      part.seam === seam
        ? part.places.map((place, k) => ({ place, of: itemAt(itemAt(problem.parts, i).places, k) }))
        : [],
    )
    .sort((a, b) => a.place - b.place)
    .map(({ of }) => of);

function wayOf({ waysIn, problem, tubes, ends }: BuildRoom, order: number[], number: number): WayTold {
  const at = placesIn(order);
  const stands = (other: number) => itemAt(at, other) < itemAt(at, number);
  const held = itemAt(ends, number).some(({ headers }) => headers.length > 0);
  const told = howIn(problem, number, stands);
  const how = told === 'blocked' ? 'unknown' : told;
  const { ways, sprung } = itemAt(waysIn, number);
  const blocks = itemAt(how === 'sprung' ? problem.sprung : problem.ways, number);
  const open = blocks.findIndex((way) => !way.some(stands));
  const way = how === 'unknown' ? undefined : (how === 'sprung' ? sprung.ways : ways)[open];
  const loose = how === 'sprung' ? (problem.loose[number] ?? null) : null;
  return {
    how,
    from: held ? (way?.toward ?? null) : null,
    loose: loose === null ? null : itemAt(tubes, loose).stamp,
    by: how === 'sprung' ? sprung.by : 0,
  };
}

/** The welds of a moment, in steps: what has to be done before one tube goes on, and the rest member by member. */
function weldsAt(making: Making, where: Weld['where'], moment: number): Welded[][] {
  const { room, timeline } = making;
  const groups = new Map<string, Welded[]>();
  for (const weld of timeline.welds) {
    if (weld.where !== where || weld.standing !== moment) continue;
    const { tube } = itemAt(room.problem.parts, weld.part);
    const key = weld.hiddenBy === null ? `of ${itemAt(room.tubes, tube).member}` : `before ${weld.hiddenBy}`;
    groups.set(key, [...(groups.get(key) ?? []), weldedOf(making, weld)]);
  }
  return [...groups.values()];
}

function weldedOf({ room, order, timeline }: Making, { part, where, hiddenBy, lost }: Weld): Welded {
  const facts = itemAt(room.parts, part);
  const { end, length, places, tube } = itemAt(room.seams, facts.seam);
  const { piece, stamp, wall } = itemAt(room.tubes, tube);
  const own = facts.places.map((i) => itemAt(places, i));
  const stampOf = (number: number | null) => (number === null ? null : itemAt(room.tubes, number).stamp);
  const over = facts.coveredBy === null ? null : itemAt(room.tubes, facts.coveredBy).piece;
  return {
    tick: weldTick({ piece, end: end.cut.end, over }),
    piece,
    stamp,
    end: end.cut.end,
    headers: end.cut.headers,
    length: facts.length,
    whole: facts.places.length === places.length,
    coveredBy: stampOf(facts.coveredBy),
    hiddenBy: stampOf(hiddenBy),
    lost: (length * lost) / places.length,
    keptFor: stampOf(order.findLast((one) => itemAt(timeline.keeping, tube).includes(one)) ?? null),
    at: own.map(({ at }) => at),
    wall,
    positions: where === 'bench' ? turnedFlat(facts.length) : positionsOf(end, own, facts.length),
  };
}

/** The seams of which anything is welded in the car. */
function weldedInCar({ room, timeline }: Making): BuildRoom['seams'] {
  const parts = timeline.welds.filter(({ where }) => where !== 'bench').map(({ part }) => part);
  const seams = new Set(parts.map((part) => itemAt(room.parts, part).seam));
  return room.seams.filter((_, i) => seams.has(i));
}

/** Feet last of all, then the brace comes out, and all is measured again. */
function finish({ setting: { plan }, room }: Making, put: Put, putMeasure: (when: 'welded') => void): void {
  const feet = room.tubes.filter((_, i) =>
    itemAt(room.ends, i).some(({ cut }) => ['plate', 'car'].includes(footOf(plan, cut) ?? '')),
  );
  if (feet.length > 0)
    put(
      { kind: 'feet', stamps: feet.map(({ stamp }) => stamp) },
      ...feet.map(({ piece }) => `feet:${piece}`),
    );
  const brace = braceOf(room);
  if (brace) put({ kind: 'unbrace', stamp: brace.stamp }, 'unbrace');
  if (room.tubes.length > 0) putMeasure('welded');
}

/** What a tape is laid to on the hoop: its feet, and both diagonals from a foot to the bend across. All the rest is asked for at Inspect. */
const checksOf = (hoop: Tube | null): AsBuiltPoint[] =>
  (hoop ? hoopPoints(hoop, null) : []).filter(
    ({ what }) => what.kind === 'diagonal' || (what.kind === 'width' && what.at === 'feet'),
  );
