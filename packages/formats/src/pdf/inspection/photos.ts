import { findingWords } from '../../words/findings/finding.ts';
import { writeParagraph, writeText } from '../page.ts';
import { MARGIN } from '../sheet.ts';
import { heading, needRoom, type Pages, turnPage } from '../pages/pages.ts';
import { type InspectionRequest } from './request.ts';

const PHOTO = { width: 240, height: 180 };
const BODY = { font: 'label-500', size: 10.5 } as const;
const SMALL = { font: 'label-500', size: 9 } as const;

/** A picture that is damaged must not keep the rest of the sheet from the inspector. */
function placePhoto({ doc, y }: Pages, bytes: Buffer): void {
  try {
    doc.image(bytes, MARGIN, y, { fit: [PHOTO.width, PHOTO.height] });
  } catch {
    writeText(doc, 'this photo cannot be shown', MARGIN, y + 14, SMALL);
  }
}

/** The photos that answer a question, each with its question, who answered and when. */
export function photoPages(pages: Pages, { plan, findings, photos, style }: InspectionRequest): void {
  const shown = findings.flatMap((finding) =>
    (plan.answers[finding.key]?.photos ?? []).flatMap(({ file, name }) => {
      const bytes = photos.get(file);
      return bytes ? [{ finding, name, bytes }] : [];
    }),
  );
  if (shown.length === 0) return;
  turnPage(pages, 'Photos');
  heading(pages, 'Photos', 'as they were put to the answers');
  for (const { finding, name, bytes } of shown) {
    needRoom(pages, PHOTO.height + 40);
    placePhoto(pages, bytes);
    const x = MARGIN + PHOTO.width + 14;
    const width = pages.width - MARGIN - x;
    const y = writeParagraph(pages.doc, findingWords(finding, style), x, pages.y + 10, width, BODY);
    const about = [finding.rule?.bookTitle, finding.rule?.clause, name].filter(Boolean).join(' · ');
    writeParagraph(pages.doc, about, x, y + 4, width, SMALL);
    pages.y += PHOTO.height + 20;
  }
}
