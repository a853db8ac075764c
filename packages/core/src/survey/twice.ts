import { isAngleKey, MEASURE_KEYS, type MeasureKey, type Survey } from '../plan/index.ts';

/** A measure that was taken twice. mm, or degrees where the measure is an angle */
export interface TakenTwice {
  key: MeasureKey;
  /** The reading that the cage goes by. */
  counts: number;
  other: number;
  unit: 'mm' | 'deg';
}

/** Every measure of which there are two readings, in the order in which they are taken. */
export const takenTwice = ({ measures, again }: Pick<Survey, 'measures' | 'again'>): TakenTwice[] =>
  MEASURE_KEYS.flatMap((key): TakenTwice[] => {
    const [counts, other] = [measures[key], again[key]];
    if (!counts || !other) return [];
    const unit = isAngleKey(key) ? 'deg' : 'mm';
    return [{ key, counts: figure(counts), other: figure(other), unit }];
  });

const figure = (value: { mm: number } | { deg: number }): number => ('mm' in value ? value.mm : value.deg);

/** A reading, as a quantity. */
export const inUnit = (value: number, unit: TakenTwice['unit']): { mm: number } | { deg: number } =>
  unit === 'mm' ? { mm: value } : { deg: value };
