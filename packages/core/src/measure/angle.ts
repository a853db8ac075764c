import { NOISE } from './tolerances.ts';
import { fail, type Outcome, succeed } from '../fault/index.ts';
import { parseLength, readNumber } from './length.ts';
import { type Known } from './known.ts';
import { withPoints } from './sums.ts';

/** The one angle of every document: the degrees that count, and what was typed. */
export interface Angle {
  deg: number;
  typed: string;
  known?: Known;
}

/** Degrees in radians. */
export const radians = (degrees: number): number => (degrees * Math.PI) / 180;
/** Radians in degrees. */
export const degrees = (angle: number): number => (angle * 180) / Math.PI;

/** The same direction from 0 to under 360. Degrees */
export const turned = (angle: number): number => ((angle % 360) + 360) % 360;

/** The same direction from over −180 to 180, so that half a turn is always 180. Degrees */
export function halfTurned(angle: number): number {
  const found = turned(angle + 180) - 180;
  return found <= -180 + NOISE ? 180 : found + 0;
}

const SLOPE = /^(.+?)\s*(?::|\bover\b|\bin\b)\s*(.+)$/;

/**
 * Reads an angle as people write it: `84`, `84°`, `84.5 deg`, `84° 30'`, `84 1/2`, or a rise over a run: `3 1/4 : 40`,
 * `3 1/4" over 40"`, `1 in 12`. A lone `1/2` may mean half a degree or a slope and is refused.
 */
export function parseAngle(text: string): Outcome<Angle> {
  const plain = text.trim().toLowerCase().replace(/[−–]/g, '-').replace(/[′’]/g, "'");
  if (plain === '') return fail('empty', '', 'nothing written: give an angle, such as 84 or 84.5°');
  const pointed = withPoints(plain);
  if (!pointed.ok) return pointed;
  const negative = pointed.value.startsWith('-');
  const read = readUnsigned(negative ? pointed.value.slice(1).trim() : pointed.value);
  if (!read.ok) return read;
  if (read.value > 360)
    return fail('too-big', '', `${text.trim()} is more than a full turn: angles are in degrees`);
  return succeed({ deg: (negative ? -read.value : read.value) + 0, typed: text.trim() });
}

function readUnsigned(text: string): Outcome<number> {
  const slope = SLOPE.exec(text);
  if (slope) return readSlope(slope[1] ?? '', slope[2] ?? '');
  const minutes = /^(\d+)\s*°\s*(\d+(?:\.\d+)?)\s*'$/.exec(text);
  if (minutes) return readMinutes(Number(minutes[1]), Number(minutes[2]));
  const number = text.replace(/\s*(°|deg|degs|degree|degrees)$/, '');
  if (/^\d+\s*\/\s*\d+$/.test(text))
    return fail(
      'ambiguous',
      '',
      `${text} may be a slope or part of a degree: write ${text.replace('/', ':')} or a decimal`,
    );
  const read = readNumber(number);
  return read.ok
    ? read
    : fail(
        'unreadable',
        '',
        `"${text}" is not an angle: write 84, 84.5°, or a rise over a run as 3 1/4 : 40`,
      );
}

function readMinutes(whole: number, minutes: number): Outcome<number> {
  return minutes < 60
    ? succeed(whole + minutes / 60)
    : fail('minutes', '', 'minutes of an angle are less than 60');
}

function readSlope(riseText: string, runText: string): Outcome<number> {
  const rise = parseLength(riseText, 'mm');
  const run = parseLength(runText, 'mm');
  const sameKind = /\d\s*\/\s*\d/.test(riseText) === /\d\s*\/\s*\d/.test(runText);
  if (!rise.ok || !run.ok) return fail('unreadable', '', 'a rise over a run is two lengths: 3 1/4 : 40');
  if (run.value.mm <= 0) return fail('no-run', '', 'the run of a slope must be more than nothing');
  if (sameKind) return succeed(atan(rise.value.mm, run.value.mm));
  // one is a fraction and so inches, the other bare: both are of the same unit
  const riseInches = parseLength(riseText, 'in');
  const runInches = parseLength(runText, 'in');
  return riseInches.ok && runInches.ok
    ? succeed(atan(riseInches.value.mm, runInches.value.mm))
    : fail('unreadable', '', 'a rise over a run is two lengths: 3 1/4 : 40');
}

const atan = (rise: number, run: number): number => degrees(Math.atan2(rise, run));
