import { type CarSide, type Plan, type Role } from '@gyrus/core';
import { pieceName, tubeWords } from '../words/tube.ts';
import { type Doc, writeText } from './page.ts';

/** Free edge of a sheet. Points */
export const MARGIN = 34;
/** How labels are set. */
export const LABEL = { font: 'label-500', size: 10, colour: '#333' } as const;
/** How running text is set. */
export const BODY = { font: 'label-500', size: 10.5 } as const;
/** Figures and headings of a table. */
export const STRONG = { font: 'label-600', size: 10.5 } as const;

const FOOTER =
  'Gyrus computes geometry and compares it with rules as entered. It certifies nothing: the current rule book, the inspector of the event, local law and qualified welders decide.';

interface Head {
  plan: Plan;
  title: string;
  of: { member: string; role: Role };
  piece: { stamp: string; side: CarSide | null };
  revision: number;
  printed: Date;
  width: number;
}

/** The head of a tube's sheet: its stamp and name, the job, what the sheet is and of which revision. */
export function sheetHead(doc: Doc, { plan, title, of, piece, revision, printed, width }: Head): void {
  const tube = plan.members.find((one) => one.id === of.member)?.tube;
  doc.roundedRect(MARGIN, 26, 52, 32, 2).lineWidth(1.2).strokeColor('#000').undash().stroke();
  writeText(doc, piece.stamp, MARGIN + 26, 49, { font: 'label-600', size: 20, anchor: 'middle' });
  writeText(doc, pieceName(of.role, piece.side), MARGIN + 64, 42, { font: 'label-600', size: 19 });
  const { car, series } = plan.brief;
  writeText(
    doc,
    [car, series, tube ? tubeWords(tube) : ''].filter(Boolean).join(' · '),
    MARGIN + 64,
    57,
    BODY,
  );
  const end = { ...BODY, anchor: 'end' } as const;
  writeText(doc, `${title}, revision ${revision}`, width - MARGIN, 40, { ...end, font: 'label-600' });
  writeText(
    doc,
    `printed ${printed.toISOString().slice(0, 16).replace('T', ' ')} UTC`,
    width - MARGIN,
    55,
    end,
  );
}

/** The caution at the foot of every sheet. */
export function sheetFoot(doc: Doc, width: number, height: number): void {
  doc
    .moveTo(MARGIN, height - 34)
    .lineTo(width - MARGIN, height - 34)
    .lineWidth(0.8)
    .strokeColor('#000')
    .undash()
    .stroke();
  writeText(doc, FOOTER, MARGIN, height - 21, { ...LABEL, size: 9 });
}
