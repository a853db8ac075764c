import {
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type MemberAnswer,
  type Tube,
  type Vec3,
  distance,
  itemAt,
} from '@gyrus/core';
import { featureName } from '../../words/feature.ts';
import { heading, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';
import { type Cell, table } from '../pages/table.ts';

/** What is taped on the finished cage beside what was planned: an empty line where nothing was taped. */
export function asBuiltTable(pages: Pages, { evaluation, style }: InspectionRequest): void {
  const rows = evaluation.members.flatMap((member) => plannedOf(member, style));
  if (rows.length === 0) return;
  turnPage(pages, 'As built');
  heading(pages, 'As built', 'taped on the finished cage, beside what was planned');
  table(
    pages,
    [
      { name: 'tube', share: 0.1 },
      { name: 'what', share: 0.35 },
      { name: 'planned', share: 0.15 },
      { name: 'taped', share: 0.16 },
      { name: 'off by', share: 0.14 },
      { name: 'initials', share: 0.1 },
    ],
    rows.map((row) => [...row, { line: true }, { line: true }, { line: true }]),
  );
}

/** Figures of a member that a tape or a protractor reads on it as it stands. */
function plannedOf({ hoop, pieces }: MemberAnswer, style: LengthStyle): Cell[][] {
  const geometry = hoop && 'hoop' in hoop ? hoop.hoop : null;
  return pieces.flatMap(({ stamp, tube, sheet }): Cell[][] => {
    if (!tube) return [];
    const row = (what: string, planned: string): Cell[] => [{ strong: stamp }, what, planned];
    const ends = endsOf(tube);
    const own = geometry
      ? [
          row('feet, outside to outside', formatWithUnit(distance(...ends) + tube.od, style)),
          row('top above the feet', formatWithUnit(topOf(tube) - Math.min(ends[0][2], ends[1][2]), style)),
          row('leans from vertical', `${formatAngle(Math.abs(geometry.tilt))}°`),
        ]
      : [row('end to end on the axis, straight across', formatWithUnit(distance(...ends), style))];
    const bends = (sheet?.bends ?? []).map((bend, i) =>
      row(`bend ${i + 1} (${featureName(bend.feature)})`, `${formatAngle(bend.angle)}°`),
    );
    return [...own, ...bends];
  });
}

const endsOf = ({ points }: Tube): [Vec3, Vec3] => [itemAt(points, 0), itemAt(points, -1)];

const topOf = ({ points, od }: Tube): number => Math.max(...points.map(([, , z]) => z)) + od / 2;
