import {
  type BuildAnswer,
  type BuildStep,
  type FeetCorrection,
  INCHES,
  MILLIMETRES,
  type StepWork,
  type Tacked,
  turnedFlat,
  type Welded,
  type WeldProcedure,
} from '@gyrus/core';
import {
  builtHoopWords,
  feetCorrectionWords,
  leanedWords,
  offWords,
  pointWords,
  rackedWords,
  readingWords,
  stanceWords,
} from './asBuiltWords.ts';
import { buildCostWords, exitWords, isCopedByOrder, orderFaultWords } from './orderWords.ts';
import { stepCaution } from './stepCaution.ts';
import { measuredWords, stepReasons } from './stepReasons.ts';
import { weldLiesWords, weldProcedureWords, weldStandingWords } from './weldWords.ts';
import { stepTitle } from './stepTitle.ts';

const step = (work: StepWork): BuildStep => ({ ticks: ['t'], where: 'car', work, standing: [] });
const tube = (changes: Partial<Tacked> = {}): Tacked => ({
  ...{ piece: 'p', stamp: 'DBL', headers: ['MH', 'SL'], plates: [], tacks: [] },
  way: { how: 'free', from: [0.7, 0, 0.7], loose: null, by: 0 },
  ...changes,
});
const seam = (changes: Partial<Welded> = {}): Welded => ({
  ...{ tick: 'w', piece: 'p', stamp: 'WB', end: 'b', headers: ['SR'], length: 79.375, whole: false, at: [] },
  ...{ wall: 2.413, positions: turnedFlat(79.375) },
  ...{ coveredBy: 'RD', hiddenBy: 'RD', lost: 0, keptFor: null },
  ...changes,
});
const feet = { key: 'hoop:feet', what: { kind: 'width', at: 'feet', up: 0 }, planned: 1422.4 } as const;

describe('what is done in a step, and why', () => {
  test('a tube that is tacked says to what, from where it comes, and where its tacks are', () => {
    const tack = (round: number, again = true) => ({
      end: 'a' as const,
      at: [0, 0, 0] as const,
      round,
      again,
    });
    const work: StepWork = { kind: 'tack', tubes: [tube({ tacks: [tack(0), tack(120), tack(240)] })] };
    expect(stepTitle(step(work), INCHES)).toBe('DBL tacked to MH, SL');
    expect(stepReasons(step(work), INCHES)).toEqual([
      'DBL comes in from the front and above.',
      'Tack DBL, short, round from the face line: end A 0°, 120°, 240°; each where a cutter reaches it again.',
    ]);
    const lost: StepWork = { kind: 'tack', tubes: [tube({ tacks: [tack(0, false), tack(180)] })] };
    expect(stepReasons(step(lost), INCHES)[1]).toContain('1 of them out of a cutter');
  });

  test('a bar that goes in past a header that gives says which, and how far, in the reader’s unit', () => {
    const way = { how: 'sprung', from: [0, 0, -1], loose: 'SL', by: 22.225 } as const;
    const reasons = (style: typeof INCHES, changes: Partial<typeof way | { loose: null }> = {}) =>
      stepReasons(step({ kind: 'tack', tubes: [tube({ way: { ...way, ...changes } })] }), style);
    expect(reasons(INCHES)).toContain(
      'Its ears reach round both tubes that hold it: keep SL on one short tack and 7/8 in aside until DBL is in.',
    );
    expect(reasons(MILLIMETRES).join(' ')).toContain('22 mm aside');
    expect(reasons(INCHES, { loose: null }).join(' ')).toContain('spring that 7/8 in apart');
    const unknown = { how: 'unknown', from: null, loose: null, by: 0 } as const;
    expect(stepReasons(step({ kind: 'tack', tubes: [tube({ way: unknown })] }), INCHES)).toEqual([
      'DBL: no straight way in was found past what stands. Try it with a stick first.',
    ]);
  });

  test('a part of a seam is welded before the tube that covers it; what is lost says why, and what would help', () => {
    const weld = (changes: Partial<Welded> = {}) => step({ kind: 'weld', seams: [seam(changes)] });
    expect(stepTitle(weld(), INCHES)).toBe('Weld 3 1/8 in of WB before RD');
    expect(stepReasons(weld(), INCHES)).toEqual(['WB, end B to SR: 3 1/8 in, where RD will lie over it.']);
    expect(stepReasons(weld({ coveredBy: null, whole: true }), INCHES)).toEqual([
      'WB, end B to SR: all of it, 3 1/8 in; behind RD no torch reaches it.',
    ]);
    const last = (changes: Partial<Welded>) =>
      stepReasons(weld({ hiddenBy: null, ...changes }), MILLIMETRES).at(-1);
    expect(last({ lost: 40, coveredBy: null })).toContain('No torch reaches 40 mm of it');
    expect(last({ lost: 79.375, keptFor: 'SBL' })).toContain('fit SBL before RD');
    expect(last({ lost: 40, coveredBy: null, keptFor: 'SBL' })).toContain('kept loose until SBL is in');
  });

  test('a seam says how it lies where it is welded, the most of it first; one that is turned flat says nothing', () => {
    const lies = { flat: 0, horizontal: 0, vertical: 25.4, overhead: 53.975 };
    const work: StepWork = {
      kind: 'weld',
      seams: [seam({ coveredBy: null, hiddenBy: null, positions: lies })],
    };
    expect(stepReasons(step(work), INCHES)).toEqual([
      'WB, end B to SR: 3 1/8 in. It lies 2 1/8 in overhead, 1 in vertical.',
    ]);
    expect(weldLiesWords({ ...lies, vertical: 0 }, MILLIMETRES)).toBe('all of it overhead');
  });

  test('a procedure and what its samples tell', () => {
    const tig: WeldProcedure = {
      ...{
        id: 'p',
        name: 'thin',
        wall: { mm: 2.413, typed: '.095 in' },
        positions: ['flat'],
        process: 'tig',
      },
      ...{ filler: 'ER80S-D2 1/16', amperes: { least: 60, most: 85 }, gas: 'argon', preheat: '', passes: 2 },
      ...{ who: 'Aino', at: '', setAside: false, samples: [] },
    };
    expect(weldProcedureWords(tig)).toBe('TIG, wall .095 in, ER80S-D2 1/16, 60 to 85 A, argon, 2 passes');
    expect(weldProcedureWords({ ...tig, process: 'oxy-fuel', amperes: null, gas: '', passes: 1 })).toBe(
      'oxy-fuel gas, wall .095 in, ER80S-D2 1/16, one pass',
    );
    const sample = {
      id: 's',
      position: 'flat',
      who: 'Eero',
      at: '',
      sound: true,
      note: '',
      photo: null,
    } as const;
    expect([
      weldStandingWords({ position: 'flat', kind: 'sound', sample }),
      weldStandingWords({ position: 'flat', kind: 'not-sound', sample }),
      weldStandingWords({ position: 'flat', kind: 'no-sample', sample: null }),
      weldStandingWords({ position: 'overhead', kind: 'not-for-it', sample: null }),
    ]).toEqual([
      'flat: sample of Eero, sound',
      'flat: sample of Eero, not sound',
      'flat: no sample of it was cut open',
      'overhead: the procedure is not for it',
    ]);
  });

  test('what is taped is named as its box is, with what was planned', () => {
    const measure = (when: 'bench' | 'lifted') => step({ kind: 'measure', when, checks: [feet] });
    expect(measuredWords(feet, INCHES)).toBe('Feet apart, axis to axis: planned 56 in');
    expect(stepReasons(measure('bench'), INCHES)).toEqual(['Feet apart, axis to axis: planned 56 in.']);
    // A cage that is slid and lifted comes back 3 to 6 mm out (handbook §11, trade).
    expect(stepReasons(measure('lifted'), MILLIMETRES).join(' ')).toContain('comes back 3 mm to 6 mm out');
  });

  const WORKS: StepWork[] = [
    { kind: 'plates', plates: ['P1', 'P2'] },
    {
      kind: 'bend-again',
      bends: [
        { piece: 'p', stamp: 'MH', feature: 'crown-left', by: 3, to: 57, from: { end: 'b', along: 889 } },
      ],
    },
    { kind: 'sleeves', sleeves: [{ part: 'SP1', stamp: 'MH' }] },
    { kind: 'vents', vents: [{ piece: 'p', stamp: 'D1', hole: true, bare: [] }] },
    { kind: 'prime', stretches: [{ piece: 'p', stamp: 'SL', from: 0, to: 300, room: 0, beside: null }] },
    { kind: 'brace', stamp: 'MH', apart: 1422.4, between: 1377.95 },
    { kind: 'protect', near: [] },
    { kind: 'carry', stamps: ['MH'] },
    { kind: 'tack', tubes: [tube({ headers: [], plates: ['P1'] })] },
    { kind: 'measure', when: 'welded', checks: [feet] },
    { kind: 'weld', seams: [seam()] },
    { kind: 'drop', drop: 101.6, forward: -50.8 },
    { kind: 'lift', drop: 101.6, forward: -50.8 },
    { kind: 'feet', stamps: ['MH'] },
    { kind: 'unbrace', stamp: 'MH' },
  ];
  test.each(WORKS.map((work) => [work.kind, work] as const))('%s has a title and a reason', (_, work) => {
    expect(stepTitle(step(work), INCHES)).toMatch(/^[A-Z]/);
    for (const words of [stepTitle(step(work), INCHES), ...stepReasons(step(work), INCHES)])
      expect(words).not.toMatch(/NaN|undefined|null|\d mm/);
  });

  test('what lies near a seam is named with its distance, before what every car has', () => {
    const near = [
      { kind: 'keep-out', name: 'dash', stamp: 'HB2', gap: 120.65 },
      { kind: 'seat', name: '', stamp: 'MH', gap: 0 },
    ] as const;
    expect(stepReasons(step({ kind: 'protect', near: [...near] }), INCHES).slice(0, 2)).toEqual([
      'Out or covered: dash, 4 3/4 in from a seam of HB2.',
      'Out or covered: seat of somebody, at a seam of MH.',
    ]);
  });

  test('an old bend that is pulled further says how far, to what, and where it goes on from', () => {
    const again = step(WORKS.find(({ kind }) => kind === 'bend-again')!);
    expect(stepReasons(again, INCHES)[0]).toBe(
      'MH at the crown, left: 3° further, to 57°; it goes on from 35 in from end B.',
    );
    expect(stepCaution(again)).toContain('may be bent again');
  });

  test('letting down says how far, and which way it is slid', () => {
    expect(stepTitle(step({ kind: 'drop', drop: 101.6, forward: -50.8 }), INCHES)).toBe(
      'Plinths out: let the cage down 4 in and slide it back 2 in',
    );
  });

  test('what can hurt somebody has its caution at its step (handbook §13)', () => {
    const cautionAt = (kind: StepWork['kind']) =>
      stepCaution(step(WORKS.find((work) => work.kind === kind)!));
    expect(cautionAt('weld')).toContain('fumes');
    expect(cautionAt('weld')).toContain('qualified welder');
    expect(cautionAt('protect')).toContain('extinguisher');
    expect(cautionAt('prime')).toContain('solvent');
    expect(cautionAt('drop')).toContain('fingers');
    expect(cautionAt('measure')).toBeNull();
  });
});

describe('an order in words', () => {
  const named = {
    tubes: ['MH', 'SL', 'WB'].map((stamp) => ({ piece: stamp, member: stamp, stamp })),
    standsOn: [[], [0], [1]],
  } as Pick<BuildAnswer, 'tubes' | 'standsOn'>;

  test('what a tube stands on by the plan cannot be changed; who is coped to whom at a node can', () => {
    const stands = { kind: 'coped-to', tube: 2, header: 1 } as const;
    const coped = { kind: 'coped-to', tube: 2, header: 0 } as const;
    expect([isCopedByOrder(stands, named), isCopedByOrder(coped, named)]).toEqual([false, true]);
    expect(orderFaultWords(stands, named)).toBe('WB stands on SL: it goes on after it');
    expect(orderFaultWords(coped, named)).toBe('WB is coped to MH, as it is fitted after it');
    expect(orderFaultWords({ kind: 'no-way', tube: 2, by: [0, 1] }, named)).toBe(
      'WB has no way in any more once MH, SL stand',
    );
  });

  test('its cost', () => {
    expect(buildCostWords({ lost: 0, moves: 1, offBench: 4 })).toBe(
      'The torch reaches every seam; the cage is never let down',
    );
    expect(buildCostWords({ lost: 2, moves: 5, offBench: 4 })).toBe(
      '2 seams are not reached all round by the torch; the cage is let down 2 times',
    );
  });

  test('how a bolted cage comes out, what holds it, or that nobody knows', () => {
    const out: Parameters<typeof exitWords>[0] = {
      ...{ kind: 'out', over: 'front', width: 1050.8, height: 900 },
      way: [
        [0, 0, 50],
        [550, 0, 50],
      ],
    };
    expect(exitWords(out, MILLIMETRES)).toBe(
      'The bolted cage comes out again over the front: up 50 mm, forward 550 mm. The opening there nobody measured: it takes 1051 mm by 900 mm. See to it before it is stuck.',
    );
    expect(exitWords({ kind: 'blocked', by: 'SL', against: 'side' }, INCHES)).toContain(
      'SL meets the side of the body',
    );
    expect(exitWords({ kind: 'unknown' }, INCHES)).toContain('measure two sections');
  });
});

describe('as built, in words', () => {
  test('feet that are wider: pull further, or a strap with what it leaves; narrower: never bent open', () => {
    const wider: FeetCorrection = {
      ...{ kind: 'wider', off: 9.525, pull: { left: 0.3, right: 0.3 }, expected: 1422.4, force: 71.2 },
    };
    const words = feetCorrectionWords(wider, INCHES).join(' ');
    expect(words).toContain('3/8 in wider than planned: the hoop is under-bent');
    expect(words).toContain('by 0.3° on the left');
    expect(words).toContain('the feet come to 56 in');
    // 71.2 N / 4.448 N per pound-force.
    expect(words).toContain('16 lbf (71 N)');
    const narrower: FeetCorrection = { kind: 'narrower', off: -5, within: true, expected: 1422, force: 40 };
    expect(feetCorrectionWords(narrower, MILLIMETRES).join(' ')).toContain('no bender opens a bend');
    expect(feetCorrectionWords({ ...narrower, within: false }, MILLIMETRES).join(' ')).toContain('scrap');
    expect(feetCorrectionWords({ kind: 'none', off: 0.2 }, MILLIMETRES)).toHaveLength(1);
  });

  test('points, readings and what is off carry their units', () => {
    expect(offWords(feet, -4.7625, INCHES)).toBe('−3/16 in');
    const lean = { key: 'hoop:lean-left', what: { kind: 'lean', side: 'left' }, planned: 5.3 } as const;
    expect([pointWords(lean, INCHES), offWords(lean, 0.4, INCHES)]).toEqual([
      'Lean of the left leg, inward',
      '+0.4°',
    ]);
    const taped = { mm: 1422.4, typed: '56' };
    expect(readingWords({ what: '', taped, turned: null }, MILLIMETRES)).toBe('1422 mm');
    expect(readingWords({ what: '', taped: null, turned: { deg: 5, typed: '5' } }, INCHES)).toBe('5°');
  });

  test('a crown that stands aside says to which side; diagonals alike say square', () => {
    expect(rackedWords({ even: 2, twisted: 3, by: 5 }, MILLIMETRES).join(' ')).toContain(
      'They differ by 6 mm: the crown stands 5 mm too far to the right over the feet',
    );
    expect(rackedWords({ even: -2, twisted: -3, by: -5 }, MILLIMETRES).join(' ')).toContain(
      'too far to the left',
    );
    expect(rackedWords({ even: 0, twisted: 0.1, by: 0.2 }, MILLIMETRES).join(' ')).toContain('stands square');
    expect(leanedWords({ even: 1, twisted: -2 }, MILLIMETRES).join(' ')).toContain(
      '4 mm higher on the right',
    );
  });

  test('what a plan takes of a hoop, in its unit; nothing of what is as designed', () => {
    const [feetApart, crownUp, crownLeft] = [1428.75, -3.175, -6.35].map((mm) => ({ mm, typed: '' }));
    expect(
      builtHoopWords({ feetApart: feetApart!, crownUp: crownUp!, crownLeft: crownLeft! }, INCHES),
    ).toEqual(['the feet 56 1/4 in apart', 'the crown 1/8 in lower', 'the crown 1/4 in to the right']);
    expect(builtHoopWords({ feetApart: null, crownUp: null, crownLeft: null }, INCHES)).toEqual([]);
  });

  test('how a car stood', () => {
    const [level, down] = [
      { deg: 0, typed: '0' },
      { deg: -0.4, typed: '-0.4' },
    ];
    expect(stanceWords({ on: 'wheels', fallsRight: level, fallsForward: level })).toBe(
      'on its wheels, on a floor that is level',
    );
    expect(stanceWords({ on: 'jig', fallsRight: down, fallsForward: { deg: 1, typed: '1' } })).toBe(
      'on a jig, on a floor that falls 0.4° to the left and 1° to the front',
    );
  });
});
