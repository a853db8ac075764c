import {
  certificateOf,
  type Evaluation,
  fineLength,
  formatWithUnit,
  type LengthStyle,
  type Plan,
} from '@gyrus/core';
import { areaWords } from '../../words/findings/finding.ts';
import { sizeWords } from '../../words/printUnits.ts';
import { roleWords } from '../../words/role.ts';
import { tubeKindWords } from '../../words/tube.ts';
import { heading, type Pages } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';
import { type Cell, type Column, rowsThatFit, table, wholeWidth } from '../pages/table.ts';

const TUBES: Column[] = [
  { name: 'stamp', share: 0.13 },
  { name: 'member', share: 0.13 },
  { name: 'OD × wall', share: 0.2 },
  { name: 'kind', share: 0.15 },
  { name: 'batch', share: 0.11 },
  { name: 'certificate', share: 0.13 },
  { name: 'length on the axis', share: 0.15 },
];
/** The short form has them on one page as long as that can be read. */
const SIZES = [9, 8.5, 8, 7.5, 7, 6.5];

/** Every tube with its size, its batch and the number of its certificate; the twins of a pair on one line. */
export function tubeTable(pages: Pages, request: InspectionRequest): void {
  heading(pages, 'Tubes', 'size, material, batch and the number of the certificate');
  const rows = tubeRows(request);
  const whole = (size: number) => rowsThatFit(pages, TUBES, rows, size, wholeWidth(pages)) === rows.length;
  table(pages, TUBES, rows, SIZES.find(whole));
}

function tubeRows({ plan, evaluation, shop, style }: InspectionRequest): Cell[][] {
  return evaluation.members.flatMap(({ member, role, pieces }): Cell[][] => {
    const tube = plan.members.find(({ id }) => id === member)?.tube;
    if (!tube) return [];
    const lengths = pieces.map((piece) =>
      piece.tube ? formatWithUnit(piece.tube.developed, style) : 'cannot be placed',
    );
    return [
      [
        { strong: pieces.map(({ stamp }) => stamp).join(', ') },
        roleWords(role),
        `${sizeWords(tube.od, style)} × ${sizeWords(tube.wall, style)}`,
        tubeKindWords(tube.kind),
        tube.batch || 'none entered',
        certificateOf(shop, tube) ?? 'none entered',
        [...new Set(lengths)].join(', '),
      ],
    ];
  });
}

/** Plates under the feet, and sheet gussets. */
export function sheetTables(pages: Pages, { plan, evaluation, style }: InspectionRequest): void {
  if (plan.plates.length > 0) {
    heading(pages, 'Plates');
    table(pages, PLATES, plateRows(plan, evaluation, style));
  }
  if (plan.gussets.length === 0) return;
  heading(pages, 'Gussets');
  table(pages, GUSSETS, gussetRows(plan, evaluation, style));
}

const PLATES: Column[] = ['stamp', 'under', 'area', 'narrowest', 'thickness', 'bolts'].map((name) => ({
  name,
  share: name === 'bolts' ? 0.3 : 0.14,
}));

const plateRows = (plan: Plan, { plates }: Evaluation, style: LengthStyle): Cell[][] =>
  plates.flatMap((answer): Cell[][] => {
    const plate = plan.plates.find(({ id }) => id === answer.plate);
    if (!plate) return [];
    const { bolts } = plate;
    return [
      [
        { strong: answer.stamp },
        answer.foot ?? 'nothing yet',
        areaWords(answer.area, style),
        formatWithUnit(answer.narrowest, style),
        sizeWords(plate.thickness, style),
        bolts
          ? `${bolts.count} × ${sizeWords(bolts.size, style)}, ${bolts.grade || 'grade not entered'}`
          : 'none entered',
      ],
    ];
  });

const GUSSETS: Column[] = ['stamp', 'between', 'legs', 'sheet', 'holes'].map((name) => ({
  name,
  share: 0.2,
}));

const gussetRows = (plan: Plan, { gussets }: Evaluation, style: LengthStyle): Cell[][] =>
  gussets.flatMap((answer): Cell[][] => {
    const gusset = plan.gussets.find(({ id }) => id === answer.gusset);
    if (!gusset) return [];
    const legs = gusset.legs.map(({ mm }) => formatWithUnit(mm, style));
    return [
      [
        { strong: answer.stamp },
        answer.between.join(' and ') || 'nothing yet',
        [...new Set(legs)].join(' and '),
        sizeWords(gusset.thickness, style),
        gusset.holes.map(({ mm }) => fineLength(mm, style)).join(', ') || 'none',
      ],
    ];
  });
