import {
  type AngleKey,
  type CarSide,
  type LengthKey,
  MEASURE_KEYS,
  type MeasureKey,
  MEASURES,
  type Survey,
} from '../plan/index.ts';
import { isKeyOf } from '../items/index.ts';
import { numberOf } from './quantity.ts';

/** One side of the car's section, half widths from the centre line. mm and degrees; null where not measured. */
export interface WallSide {
  side: CarSide;
  floor: number;
  lean: number | null;
  roof: number;
  corner: number | null;
  /** From vertical, by protractor, positive inward. */
  protractor: number | null;
  /** Across the car, positive rising outward. */
  floorSlope: number;
  landing: number;
}

/** The measured section at the hoop. */
export interface MeasuredSection {
  left: WallSide;
  right: WallSide;
  /** Where the sides start to lean; null where the walls are straight from the floor. */
  leanHeight: number | null;
  headliner: number;
  /** Of the pillar, from vertical, positive to the rear. Degrees. */
  tilt: number;
}

/** The section, or the measures that are still wanted before there is one. */
export type SectionReading = { section: MeasuredSection } | { missing: MeasureKey[] };

/** Reads the survey's measures; says which are missing, and what of a lean is half measured. */
export function readSection({ measures }: Survey): SectionReading {
  const missing = missingMeasures({ measures });
  if (missing.length > 0) return { missing };
  const mm = (key: LengthKey) => measures[key]?.mm ?? null;
  const needed = (key: LengthKey): number => {
    const found = mm(key);
    if (found === null) throw new RangeError(`${key} is missing, and was not told`);
    return found;
  };
  const deg = (key: AngleKey) => measures[key]?.deg ?? null;
  const side = (name: CarSide): WallSide => {
    const at = name === 'left' ? 'Left' : 'Right';
    return {
      side: name,
      floor: needed(`halfWidthFloor${at}`),
      lean: mm(`halfWidthLean${at}`),
      roof: needed(`halfWidthRoof${at}`),
      corner: mm(`headlinerCorner${at}`),
      protractor: deg(`wallLean${at}`),
      floorSlope: deg(`floorSlope${at}`) ?? 0,
      landing: mm(`landing${at}`) ?? 0,
    };
  };
  return {
    section: {
      left: side('left'),
      right: side('right'),
      leanHeight: mm('leanHeight'),
      headliner: needed('headlinerCentre'),
      tilt: deg('pillarTilt') ?? 0,
    },
  };
}

const LEAN_KEYS = ['leanHeight', 'halfWidthLeanLeft', 'halfWidthLeanRight'] as const;

/** What is needed and not there. A lean is measured whole or not at all. */
export function missingMeasures({ measures }: Pick<Survey, 'measures'>): MeasureKey[] {
  const missing: MeasureKey[] = MEASURE_KEYS.filter(
    (key) => MEASURES[key].needed && measures[key] === undefined,
  );
  const lean = LEAN_KEYS.filter((key) => measures[key] !== undefined);
  if (lean.length === 0) return missing;
  return [...missing, ...LEAN_KEYS.filter((key) => measures[key] === undefined)];
}

/** Right minus left of every measure taken on both sides: the car is never quite symmetric. mm or degrees. */
export function asymmetry({ measures }: Pick<Survey, 'measures'>): { key: MeasureKey; difference: number }[] {
  const value = (key: MeasureKey) => (measures[key] ? numberOf(measures[key]) : null);
  return MEASURE_KEYS.filter((key) => key.endsWith('Left')).flatMap((key) => {
    const other = key.replace(/Left$/, 'Right');
    const [left, right] = [value(key), isKeyOf(MEASURES, other) ? value(other) : null];
    return left === null || right === null ? [] : [{ key, difference: right - left }];
  });
}
