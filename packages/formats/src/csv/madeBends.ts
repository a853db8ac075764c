import { type Angle, type Length } from '@gyrus/core';
import { csvOf } from './plainCsv.ts';

/** A bend of the log, as much of it as a row has. */
interface LoggedBend {
  at: string;
  who: string;
  stamp: string;
  bend: number;
  machine: string;
  dieName: string;
  tube: { od: Length; wall: Length; kind: string; batch: string };
  target: Angle;
  reading: Angle | null;
  released: Angle;
  place: Length | null;
  turn: Angle | null;
  zeroed: boolean;
  slipped: boolean;
  note: string;
  aside: { why: string; who: string } | null;
}

/** A row for every bend of the log: degrees and mm. */
export function madeBendsCsv(bends: LoggedBend[]): string {
  const rows = bends.map((one) => [
    one.at,
    one.who,
    one.stamp,
    one.bend,
    one.machine,
    one.dieName,
    one.tube.od.mm,
    one.tube.wall.mm,
    one.tube.kind,
    one.tube.batch,
    one.target.deg,
    one.reading?.deg ?? '',
    one.released.deg,
    one.place?.mm ?? '',
    one.turn?.deg ?? '',
    one.zeroed ? 'yes' : 'no',
    one.slipped ? 'yes' : 'no',
    one.note,
    one.aside?.why ?? '',
  ]);
  return csvOf(HEADS, rows);
}

const HEADS = [
  'at',
  'who',
  'stamp',
  'bend',
  'machine',
  'die',
  'od',
  'wall',
  'kind',
  'batch',
  'wanted',
  'reading',
  'released',
  'off its place',
  'turn',
  'zeroed',
  'slipped',
  'note',
  'left out of springback',
];
