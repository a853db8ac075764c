import { type Evaluation } from '@gyrus/core';
import Papa from 'papaparse';

/** A row for every bend of every tube, and one for its last straight: lengths, rotations, angles, mm and degrees. */
export function tubesCsv({ members }: Evaluation): string {
  const rows = members.flatMap(({ role, pieces }) =>
    pieces.flatMap(({ stamp, side, tube, sheet }) => {
      if (!tube) return [];
      const common = [
        stamp,
        role,
        side ?? '',
        tube.od,
        tube.wall,
        rounded(tube.developed),
        rounded(tube.mass),
      ];
      const lra = sheet?.marked.lra;
      const bends = (lra?.bends ?? []).map((bend, i) => [
        ...common,
        i + 1,
        rounded(bend.length),
        rounded(bend.rotation),
        rounded(bend.angle),
        rounded(bend.clr),
      ]);
      return [...bends, [...common, '', rounded(lra?.tail ?? tube.developed), '', '', '']];
    }),
  );
  return `${Papa.unparse({ fields: HEADS, data: rows }, { newline: '\n' })}\n`;
}

const HEADS = [
  'stamp',
  'role',
  'side',
  'od',
  'wall',
  'developed',
  'kg',
  'bend',
  'straight',
  'rotation',
  'angle',
  'clr',
];

const rounded = (value: number): number => Math.round(value * 1000) / 1000;
