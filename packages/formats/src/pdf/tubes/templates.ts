import { type FlatOutline, pairOf } from '@gyrus/core';
import ShelfPack from '@mapbox/shelf-pack';
import { CHECK_BAR, MARGIN, tilePages } from '../outline.ts';
import { type Doc, type Paper, paperSize, writeText } from '../page.ts';
import { originWords } from '../sheet.ts';
import { checkBar, MM, placeOutline } from '../trueSize.ts';

/** Left between templates, to cut between them. mm */
const BETWEEN = 5;

interface Placed {
  template: FlatOutline;
  /** Of its upper left corner from that of the page's free part. mm */
  x: number;
  y: number;
  /** A quarter of a turn, clockwise. */
  turned: boolean;
}

/** The free part of a page. mm */
const roomOf = (paper: Paper): [number, number] => {
  const [width, height] = pairOf(paperSize[paper], (points) => points / MM);
  return [width - 2 * MARGIN, height - 2 * MARGIN];
};

const fits = ({ width, height }: FlatOutline, [across, down]: [number, number]): boolean =>
  width + BETWEEN <= across && height + BETWEEN <= down;

/** As many templates on a page as it holds, upright or turned; those larger than a page are left out. */
export function packTemplates(templates: FlatOutline[], paper: Paper): Placed[][] {
  const room = roomOf(paper);
  let left = templates.filter((one) => fits(one, room)).sort((a, b) => b.height - a.height);
  const pages: Placed[][] = [];
  while (left.length > 0) {
    const [upright, turned] = [fillPage(left, room, false), fillPage(left, room, true)];
    const page = turned.length > upright.length ? turned : upright;
    pages.push(page);
    left = left.filter((one) => page.every(({ template }) => template !== one));
  }
  return pages;
}

/** One page, each template the way that is asked for first, the other way where only that has room. */
function fillPage(
  templates: FlatOutline[],
  [across, down]: [number, number],
  turnedFirst: boolean,
): Placed[] {
  const sheet = new ShelfPack(across, down, { autoResize: false });
  const place = (template: FlatOutline, turned: boolean): Placed | null => {
    const [w, h] = [template.width + BETWEEN, template.height + BETWEEN];
    const bin = turned ? sheet.packOne(h, w) : sheet.packOne(w, h);
    return bin && { template, x: bin.x, y: bin.y, turned };
  };
  return templates.flatMap((template) => place(template, turnedFirst) ?? place(template, !turnedFirst) ?? []);
}

interface TemplatePages {
  templates: FlatOutline[];
  paper: Paper;
  job: string;
  /** Of the job. */
  car: string;
  revision: number;
}

/** Templates at true size, many to a page, each page with its check bar; larger ones over several pages. */
export function templatePages(
  doc: Doc,
  { templates, paper, ...origin }: TemplatePages,
  fresh: boolean,
): void {
  let first = fresh;
  const turn = (): void => {
    if (!first) doc.addPage();
    first = false;
  };
  const pages = packTemplates(templates, paper);
  for (const [i, page] of pages.entries()) {
    turn();
    for (const placed of page) placeTemplate(doc, placed);
    const [width, height] = paperSize[paper];
    checkBar(doc, CHECK_BAR, width - MARGIN * MM, height - 14);
    const place = `page ${i + 1} of ${pages.length}`;
    writeText(
      doc,
      `Wrap templates at true size. ${originWords(origin)}. ${place}. Print at 100 %.`,
      MARGIN * MM,
      MARGIN * MM - 8,
      { font: 'label-600', size: 9 },
    );
  }
  const room = roomOf(paper);
  for (const outline of templates.filter((one) => !fits(one, room))) {
    turn();
    tilePages(doc, { outline, paper, ...origin });
  }
}

function placeTemplate(doc: Doc, { template, x, y, turned }: Placed): void {
  const [left, top] = [(MARGIN + x) * MM, (MARGIN + y) * MM];
  if (!turned) return placeOutline(doc, template, left, top + template.height * MM);
  doc.save();
  // Turned clockwise, its lower left corner is the upper left of its place.
  doc.translate(left, top).rotate(90);
  placeOutline(doc, template, 0, 0);
  doc.restore();
}
