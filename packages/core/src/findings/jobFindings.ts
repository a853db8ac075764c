import { type Gap, type HoopGeometry, type NoHoop } from '../cage/index.ts';
import { type Fault, saidIn } from '../fault/index.ts';
import { atLeast, decided, radians } from '../measure/index.ts';
import { type MainHoop, type Member, type Plan } from '../plan/index.ts';
import { type Finding, finding } from './finding.ts';
import { asymmetry, inUnit, takenTwice } from '../survey/index.ts';

/** What the brief says that a person must hear: a bar that protects nobody, a road car, no book chosen. */
export function briefFindings({ brief }: Plan): Finding[] {
  const found: Finding[] = [];
  const look = (code: 'show-bar' | 'decorative' | 'street') =>
    found.push(finding({ key: `brief/${code}`, code, status: 'look' }));
  if (brief.feetOn === 'floor-sheet') look('show-bar');
  if (brief.use === 'show') look('decorative');
  if (brief.use === 'street-too') look('street');
  if (brief.books.length === 0) found.push(finding({ key: 'brief/no-book', code: 'no-book', status: 'ask' }));
  return found;
}

/** A plan from before figures told whether somebody measured them: what it holds was taken as measured. */
export const proposalFindings = ({ proposalsMarked }: Plan): Finding[] =>
  proposalsMarked ? [] : [finding({ key: 'figures/untold', code: 'figures-untold', status: 'look' })];

/** Readings that were taken twice and differ by more than tape or protractor are trusted to. */
export const twiceFindings = ({ survey, measuringError }: Plan): Finding[] =>
  takenTwice(survey)
    .filter(({ counts, other, unit }) => decided(Math.abs(counts - other) - measuringError[unit]) > 0)
    .map(({ key, counts, other, unit }) =>
      finding({
        key: `survey/twice/${key}`,
        code: 'readings-differ',
        status: 'look',
        measured: inUnit(counts, unit),
        limit: inUnit(other, unit),
        facts: { measure: { text: key }, apart: inUnit(Math.abs(counts - other), unit) },
      }),
    );

/** Where left and right differ by more than the tape's error: the car is never quite symmetric. */
export function asymmetryFindings({ survey, measuringError }: Plan, hoop: MainHoop): Finding[] {
  if (hoop.way.kind !== 'survey') return [];
  const widths = asymmetry(survey).filter(({ key }) => key.startsWith('halfWidth'));
  const worst = widths.reduce((most, one) => Math.max(most, Math.abs(one.difference)), 0);
  if (decided(worst - measuringError.mm) <= 0) return [];
  return [
    finding({
      key: 'survey/asymmetry',
      code: 'asymmetry',
      status: 'look',
      member: hoop.id,
      measured: { mm: worst },
      facts: { sides: { text: hoop.sides } },
    }),
  ];
}

/** Why there is no hoop yet. */
export function noHoopFindings(none: NoHoop, member: string): Finding[] {
  if (none.why === 'missing')
    return [
      finding({
        key: 'survey/missing',
        code: 'measures-missing',
        status: 'ask',
        member,
        measured: { count: none.missing.length },
      }),
    ];
  if (none.why === 'impossible')
    return [
      finding({
        key: `survey/${none.fault.code}`,
        code: 'impossible',
        status: 'out',
        member,
        facts: { message: { said: saidIn(none.fault) } },
      }),
    ];
  return none.contradictions.map((one) =>
    finding({
      key: `survey/contradiction/${one.side}`,
      code: 'contradiction',
      status: 'ask',
      member,
      measured: { deg: one.protractor },
      limit: { deg: one.fromWidths.value },
      facts: { side: { text: one.side } },
    }),
  );
}

/** A contradiction that was settled by not trusting one reading stays worth a look. */
export const settledFindings = (
  hoop: HoopGeometry,
  member: string,
  distrusted: Plan['survey']['distrusted'],
): Finding[] =>
  (hoop.fromSurvey?.contradictions ?? []).map((one) =>
    finding({
      key: `survey/settled/${one.side}`,
      code: 'contradiction-settled',
      status: 'look',
      member,
      measured: { deg: one.protractor },
      limit: { deg: one.fromWidths.value },
      facts: { side: { text: one.side }, distrusted: { text: distrusted ?? '' } },
    }),
  );

/** Places where the tube stands in the body. */
export const gapFindings = (gaps: Gap[], member: string, tapeError: number): Finding[] =>
  gaps
    .filter(({ gap }) => decided(gap) < 0)
    .map(({ place, side, gap }) =>
      finding({
        key: `gap/${member}/${place}/${side ?? 'middle'}`,
        code: 'in-body',
        status: decided(gap + tapeError) < 0 ? 'out' : 'look',
        member,
        measured: { mm: gap },
        limit: { mm: 0 },
        margin: { mm: gap },
        facts: { place: { text: place }, side: { text: side ?? 'middle' } },
      }),
    );

/** Where a reading of the tape was not trusted and the hoop goes by the protractor: what then stands outside the taped wall. */
export const outsideTapedFindings = (taped: Gap[], settled: Gap[], member: string): Finding[] =>
  taped
    .filter(({ gap, place, side }) => {
      const own = settled.find((one) => one.place === place && one.side === side);
      return decided(gap) < 0 && own !== undefined && decided(own.gap - gap) !== 0;
    })
    .map(({ place, side, gap }) =>
      finding({
        key: `taped/${member}/${place}/${side ?? 'middle'}`,
        code: 'outside-taped-wall',
        status: 'look',
        member,
        measured: { mm: gap },
        limit: { mm: 0 },
        margin: { mm: gap },
        facts: { place: { text: place }, side: { text: side ?? 'middle' } },
      }),
    );

/** A leg that ends above what it stands on: a hoop is as high as its longer leg. */
export const footFindings = (hoop: HoopGeometry, member: string, tapeError: number): Finding[] =>
  hoop.feet
    .filter(({ off }) => decided(off - tapeError) > 0)
    .map(({ side, off }) =>
      finding({
        key: `foot/${member}/${side}`,
        code: 'foot-off',
        status: 'look',
        member,
        measured: { mm: off },
        facts: { side: { text: side } },
      }),
    );

/** A foot is cut from the trim: there must be enough of it for the long side of the cut. */
export function trimFindings(hoop: HoopGeometry, member: MainHoop): Finding[] {
  const trims = { left: member.bending.trimA.mm, right: member.bending.trimB.mm };
  return hoop.feet
    .map((foot) => ({ ...foot, needed: (member.tube.od.mm / 2) * Math.tan(radians(foot.total)) }))
    .filter(({ side, needed }) => !atLeast(trims[side], needed))
    .map(({ side, needed }) =>
      finding({
        key: `trim/${member.id}/${side}`,
        code: 'trim-short',
        status: 'out',
        member: member.id,
        measured: { mm: trims[side] },
        limit: { mm: needed },
        margin: { mm: trims[side] - needed },
        facts: { side: { text: side } },
      }),
    );
}

/** A bar that cannot be placed: what it stands on is gone, or lies beyond a tube's end. Never silent, never dangling. */
export const notPlacedFinding = (fault: Fault, member: string, piece: string, stamp: string): Finding =>
  finding({
    key: `place/${piece}`,
    code: 'not-placed',
    status: 'out',
    member,
    facts: { stamp: { text: stamp }, message: { said: saidIn(fault) } },
  });

/** Members that stand on each other in a ring; what each of them lacks is told at its own place too. */
export const loopFindings = (loops: Member[][]): Finding[] =>
  loops.map((loop) =>
    finding({
      key: `place/loop/${loop.map(({ id }) => id).join('/')}`,
      code: 'loop',
      status: 'out',
      member: loop[0]?.id ?? null,
      facts: { stamps: { text: loop.map(({ stamp }) => stamp).join(', ') }, count: { count: loop.length } },
    }),
  );
