import { inflateSync } from 'node:zlib';

type Matrix = [number, number, number, number, number, number];
type Place = readonly [number, number];

/** A straight line on a page, in points from its lower left corner. */
export interface PageLine {
  from: Place;
  to: Place;
}

/** What a page draws with plain lines, read back from the file itself: paths, moved and scaled as its operators say. */
export function pdfLines(pdf: Buffer): PageLine[][] {
  return pdfStreams(pdf)
    .filter((content) => / (m|cm)\n/.test(content))
    .map(linesOf);
}

/** The inflated streams that hold operators. */
export function pdfStreams(pdf: Buffer): string[] {
  const text = pdf.toString('latin1');
  const streams: string[] = [];
  for (let at = text.indexOf('stream\n'); at >= 0; at = text.indexOf('stream\n', at)) {
    const start = at + 'stream\n'.length;
    const end = text.indexOf('\nendstream', start);
    try {
      streams.push(inflateSync(pdf.subarray(start, end)).toString('latin1'));
    } catch {
      // A stream that is not packed holds no drawing.
    }
    at = end + '\nendstream'.length;
  }
  return streams;
}

const times = ([a, b, c, d, e, f]: Matrix, [A, B, C, D, E, F]: Matrix): Matrix => [
  a * A + b * C,
  a * B + b * D,
  c * A + d * C,
  c * B + d * D,
  e * A + f * C + E,
  e * B + f * D + F,
];

function linesOf(content: string): PageLine[] {
  let matrix: Matrix = [1, 0, 0, 1, 0, 0];
  const kept: Matrix[] = [];
  const lines: PageLine[] = [];
  let at: Place = [0, 0];
  const placed = ([x = 0, y = 0]: number[]): Place => [
    matrix[0] * x + matrix[2] * y + matrix[4],
    matrix[1] * x + matrix[3] * y + matrix[5],
  ];
  for (const row of content.split('\n')) {
    const words = row.trim().split(/\s+/);
    const operator = words.pop();
    const numbers = words.map(Number);
    if (operator === 'q') kept.push(matrix);
    else if (operator === 'Q') matrix = kept.pop() ?? matrix;
    else if (operator === 'cm') matrix = times(numbers as Matrix, matrix);
    else if (operator === 'm') at = placed(numbers);
    else if (operator === 'l') {
      const to = placed(numbers);
      lines.push({ from: at, to });
      at = to;
    }
  }
  return lines;
}
