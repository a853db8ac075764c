import {
  type Evaluation,
  type LengthStyle,
  MEASURE_KEYS,
  type MeasureKey,
  MEASURES,
  measuresWanted,
  type Plan,
} from '@gyrus/core';
import { assumedValue, thingWords } from '../words/findings/assumed.ts';
import { capital } from '../words/findings/sentenceParts.ts';
import { type ShopMoment } from '../words/moment.ts';
import { AXIS_HOW, AXIS_NAMES } from '../words/place.ts';
import { type Cell, table } from './pages/table.ts';
import { endPages, heading, startPages } from './pages/pages.ts';
import { type Doc, type Paper } from './page.ts';

/** What a list to take to the car says. */
export interface MeasuringRequest {
  plan: Plan;
  evaluation: Evaluation;
  job: string;
  revision: number;
  printed: ShopMoment;
  paper: Paper;
  style: LengthStyle;
}

const COLUMNS = [
  { name: 'what', share: 0.27 },
  { name: 'how', share: 0.42 },
  { name: 'as assumed', share: 0.13 },
  { name: 'measured', share: 0.18 },
];

/** What is still to be measured, in order, with how it is taken and room to write: first what the hoop waits for. */
export function measuringPdf(request: MeasuringRequest): Doc {
  const { job, revision, printed, paper, style } = request;
  const pages = startPages(paper, `To measure: ${job}`, printed, 'To measure at the car');
  const parts = [
    { name: 'Before there is a hoop', about: 'the hoop waits for these', rows: wantedRows(request) },
    {
      name: 'Put in by the program',
      about: 'what most rests on, first; write down what you find',
      rows: assumedRows(request),
    },
    { name: 'The people', about: 'each in the seat, belted, helmet on', rows: peopleRows(request.plan) },
    {
      name: 'If you can',
      about: 'checks, and what makes the hoop fit better',
      rows: otherRows(request.plan),
    },
  ].filter(({ rows }) => rows.length > 0);
  if (parts.length === 0) heading(pages, 'Everything that this job asks for is measured');
  for (const { name, about, rows } of parts) {
    heading(pages, name, about);
    table(pages, COLUMNS, rows);
  }
  const lengths = `lengths in ${style.unit === 'in' ? 'inches' : 'millimetres'}`;
  return endPages(pages, { job, car: request.plan.brief.car, revision, printed }, lengths);
}

const measureRow = (key: MeasureKey): Cell[] => [
  { strong: capital(MEASURES[key].label) },
  MEASURES[key].how,
  '',
  { line: true },
];

const wantedRows = ({ plan }: MeasuringRequest): Cell[][] => measuresWanted(plan).map(measureRow);

/** Each figure a line of its own; a place has three. */
const assumedRows = ({ evaluation, style }: MeasuringRequest): Cell[][] =>
  evaluation.assumed.flatMap(({ name, figures }) => {
    const what = capital(thingWords(name));
    const own = name.of === 'measure' ? MEASURES[name.name as MeasureKey]?.how : undefined;
    if (figures.length === 0) return [[{ strong: what }, own ?? '', 'nothing known', { line: true }]];
    return figures.map(({ value, axis }, i): Cell[] => {
      const nth = axis === null ? -1 : { forward: 0, left: 1, up: 2 }[axis];
      return [
        i === 0 ? { strong: what } : '',
        nth < 0 ? (own ?? '') : `${capital(AXIS_NAMES[nth] ?? '')}: ${AXIS_HOW[nth] ?? ''}`,
        assumedValue(value, style),
        { line: true },
      ];
    });
  });

const peopleRows = ({ occupants, brief }: Plan): Cell[][] => {
  const seated = new Set(occupants.map(({ name }) => name));
  const bare = [
    ...occupants
      .filter(({ shoulder, helmetTop }) => !shoulder || !helmetTop)
      .map(({ name }) => name || 'somebody'),
    ...brief.drivers.filter((name) => !seated.has(name)),
  ];
  return bare.flatMap((name) =>
    ['shoulder, where the strap lies', 'top of the helmet'].flatMap((place) =>
      AXIS_NAMES.map((axis, i): Cell[] => [
        i === 0 ? { strong: `${name}: ${place}` } : '',
        `${capital(axis)}: ${AXIS_HOW[i] ?? ''}`,
        '',
        { line: true },
      ]),
    ),
  );
};

const otherRows = ({ survey: { measures } }: Plan): Cell[][] =>
  MEASURE_KEYS.filter((key) => !MEASURES[key].needed && measures[key] === undefined).map(measureRow);
