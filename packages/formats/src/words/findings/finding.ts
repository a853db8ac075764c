import {
  factOf,
  fineLength,
  type Finding,
  type FindingCode,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type PartFigure,
  type Quantity,
  type Status,
  writeSaid,
} from '@gyrus/core';
import { briefWords, restsWords } from './assumed.ts';
import { featureName } from '../feature.ts';
import { massWords } from '../printUnits.ts';
import { type Say, type Words } from '../say.ts';
import { sentences } from './sentences.ts';

/** Writes a quantity in the reader's units. */
export function quantityWords(quantity: Quantity, style: LengthStyle): string {
  if ('mm' in quantity) return formatWithUnit(quantity.mm, style);
  if ('mm2' in quantity) return areaWords(quantity.mm2, style);
  if ('deg' in quantity) return `${formatAngle(quantity.deg)}°`;
  if ('kg' in quantity) return massWords(quantity.kg, style);
  if ('ratio' in quantity) return withMinus(quantity.ratio.toFixed(2));
  if ('said' in quantity) return writeSaid(quantity.said, style);
  return 'count' in quantity ? withMinus(String(quantity.count)) : quantity.text;
}

/** A minus is written as one, and not as a hyphen. */
const withMinus = (figure: string): string => figure.replace('-', '−');

const SQUARE_INCH = 25.4 ** 2;

/** An area as a person works it out: to the square centimetre, or a tenth of a square inch. mm² */
export const areaWords = (mm2: number, { unit }: Pick<LengthStyle, 'unit'>): string =>
  (unit === 'in' ? `${(mm2 / SQUARE_INCH).toFixed(1)} in²` : `${(mm2 / 100).toFixed(0)} cm²`).replace(
    '-',
    '−',
  );

/** The words of a status. */
export const statusWords: Record<Status, string> = { clear: 'clear', look: 'look', out: 'out', ask: 'ask' };

const figureNames: Record<PartFigure['name'], string> = {
  'sleeve-od': 'sleeve outside',
  'sleeve-length': 'sleeve',
  'rosette-from-joint': 'rosettes from the joint',
  'first-guide': 'first guide from end A',
  'second-guide': 'second guide from end A',
  gap: 'gap',
  'from-end-a': 'from end A',
  'eye-to-eye': 'eye to eye',
  'tube-length': 'tube',
  'flat-length': 'flat bar',
  'between-bend-starts': 'between bend starts',
  depth: 'depth',
  drop: 'drop',
  'off-plane': 'bars off one plane by',
  'panel-width': 'sheet',
  'panel-height': 'by',
};
/** The name of a part's figure. */
export const figureName = (name: PartFigure['name']): string => figureNames[name];

/** A finding as a sentence in the reader's units. */
export function findingWords(finding: Finding, style: LengthStyle): string {
  const fact = (name: string) => {
    const given = factOf(finding, name);
    return given ? quantityWords(given, style) : '';
  };
  // What rests on something assumed reads as the verdict that it would be.
  const status = finding.would ?? finding.status;
  const count = (name: string) => {
    const given = factOf(finding, name);
    return given && 'count' in given ? given.count : 0;
  };
  const words: Words = {
    measured: finding.measured ? quantityWords(finding.measured, style) : '',
    limit: finding.limit ? quantityWords(finding.limit, style) : '',
    fact,
    count,
    where: finding.feature ? `Bend ${fact('bend')} (${featureName(finding.feature)})` : 'The tube',
    inError: status === 'look' ? ": within the instrument's error" : '',
    fine: (quantity) => (quantity && 'mm' in quantity ? fineLength(quantity.mm, style) : ''),
    finding: finding.status === status ? finding : { ...finding, status },
  };
  // The facts are those of its code: what makes findings asks for them.
  const say: Say = sentences[finding.code];
  const sentence = say(words);
  if (finding.would !== null) return `${restsWords(finding.restsOn, finding.would)} ${sentence}`;
  const decides = briefWords(finding.restsOn);
  return decides === '' ? sentence : `${sentence} ${decides}`;
}

/** Sizes of the catalogue, which a tape's fractions would round away. */
const CATALOGUE_CODES = new Set<FindingCode>([
  'tube-od',
  'tube-wall',
  'plate-thickness',
  'bolt-size',
  'gusset-thickness',
  'die-od',
]);

/** One figure of a finding, as a table shows it; a dash where there is none. */
export function findingFigure(
  finding: Finding,
  which: 'measured' | 'limit' | 'margin',
  style: LengthStyle,
): string {
  const quantity = finding[which];
  if (!quantity) return '–';
  if ('ratio' in quantity && finding.code === 'seam-reach')
    return withMinus(`${Math.round(quantity.ratio * 100)} %`);
  if ('text' in quantity) return '–';
  return 'mm' in quantity && CATALOGUE_CODES.has(finding.code)
    ? fineLength(quantity.mm, style)
    : quantityWords(quantity, style);
}

/** "from memory, check against the current edition" and the like, to be shown wherever a rule is. */
export const provenanceWords = {
  published: 'published',
  'from-memory': 'from memory, check against the current edition',
  invented: 'invented',
} as const;
