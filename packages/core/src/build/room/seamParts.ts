import { itemAt } from '../../items/index.ts';
import { type CutEnd, type TorchPlace } from '../../cage/index.ts';
import { type SeamPart } from '../order/index.ts';

/** The weld of one end, with what the torch meets at each of its places. */
export interface SeamRoom {
  /** The number of its tube. */
  tube: number;
  end: CutEnd;
  /** Of the whole seam. mm */
  length: number;
  places: TorchPlace[];
}

/** A part of a seam as it is told. mm */
export interface PartFacts {
  seam: number;
  length: number;
  /** The tube, by its number, that goes over it; null where none does. */
  coveredBy: number | null;
  /** Which of the seam's places are of it. */
  places: number[];
}

/** Less than this of a seam under another tube is a touch at its edge. mm */
const LEAST_COVERED = 1;

/**
 * Seams in parts: what each later tube covers, and all the rest. numbers: of made tubes by piece; what came with the car stands from the
 * beginning. order: of fitting.
 */
export function partsOf(
  seams: SeamRoom[],
  { numbers, order }: { numbers: Map<string, number>; order: number[] },
): { parts: SeamPart[]; facts: PartFacts[] } {
  const parts: SeamPart[] = [];
  const facts: PartFacts[] = [];
  for (const [seam, { tube, places, length }] of seams.entries()) {
    const each = length / Math.max(places.length, 1);
    for (const [coveredBy, own] of grouped(places, { numbers, order, least: LEAST_COVERED / each })) {
      facts.push({ seam, length: each * own.length, coveredBy, places: own });
      parts.push({
        seam,
        tube,
        places: own.map((i) => placeOf(itemAt(places, i), numbers)),
      });
    }
  }
  return { parts, facts };
}

/** Places by the first tube that will lie over them. */
function grouped(
  places: TorchPlace[],
  { numbers, order, least }: { numbers: Map<string, number>; order: number[]; least: number },
): Map<number | null, number[]> {
  const groups = new Map<number | null, number[]>();
  const put = (by: number | null, i: number) => groups.set(by, [...(groups.get(by) ?? []), i]);
  for (const [i, { tubes }] of places.entries()) {
    const over = tubes.flatMap(({ piece, over: lies }) => (lies ? (numbers.get(piece) ?? []) : []));
    put(order.find((tube) => over.includes(tube)) ?? null, i);
  }
  for (const [by, own] of groups)
    if (by !== null && own.length < least) {
      groups.delete(by);
      for (const i of own) put(null, i);
    }
  return groups;
}

/** A place with its tubes by number. What came with the car closes leans wherever the cage is but outside of it. */
function placeOf({ roof: [car = 0, dropped = 0], tubes }: TorchPlace, numbers: Map<string, number>) {
  const old = tubes.reduce((bits, { piece, closed }) => (numbers.has(piece) ? bits : bits | closed), 0);
  return {
    roof: { bench: 0, car: car | old, dropped: dropped | old },
    tubes: tubes.flatMap(({ piece, closed }) => {
      const tube = numbers.get(piece);
      return tube === undefined ? [] : [{ tube, closed }];
    }),
  };
}
