import {
  copesIn,
  type CutLengths,
  type EndCut,
  evaluate,
  INCHES,
  MILLIMETRES,
  type SawPass,
  type StraightCuts,
} from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import {
  clockingWords,
  methodWords,
  passCautions,
  passFigures,
  roundWords,
  seamWords,
  seatWords,
  straightCutFigures,
} from './cope.ts';

const copes = copesIn(demoPlan, evaluate(demoPlan, demoShop, demoBooks), demoBooks);
const endOf = (stamp: string, end: 'a' | 'b') =>
  copes.ends.find((cut) => cut.stamp === stamp && cut.end === end) as EndCut;
const lengthsOf = (stamp: string) => copes.lengths.find((one) => one.stamp === stamp) as CutLengths;

test('how an end is made and what it sits on', () => {
  expect(methodWords(endOf('D1', 'b'))).toBe('notcher');
  expect(seatWords(endOf('D1', 'b'))).toBe('to MH');
  expect(methodWords(endOf('MH', 'a'))).toBe('cut to plate P1');
  expect(seatWords(endOf('MH', 'a'))).toBe('on plate P1');
  expect(methodWords({ method: 'plane', plate: null })).toBe('cut to the floor');
});

test('places round the tube', () => {
  expect([0, 180, 90.2, 359.8].map(roundWords)).toEqual([
    'on the face line',
    'opposite the face line',
    '90° round from the face line',
    'on the face line',
  ]);
});

const pass: SawPass = {
  header: 0,
  dial: 62,
  holeSaw: 44.45,
  offset: -2,
  turn: 0,
  acuteAt: 180,
  centre: 4,
  depth: 60,
  bow: 0,
};

test('the settings of a pass: dial, protractor and where it is laid, saw and its centre', () => {
  const figures = passFigures(
    pass,
    { ...endOf('D1', 'b'), ear: 10 },
    { ...lengthsOf('D1'), ears: 500 },
    MILLIMETRES,
  );
  expect(figures).toEqual([
    { label: "notcher's dial", text: '62°' },
    { label: 'protractor between the tubes, opposite the face line', text: '28°' },
    { label: 'hole saw', text: '44.45 mm' },
    { label: "saw's centre, past the ear", text: '6 mm' },
    { label: "saw's centre from the bar's middle", text: '256 mm' },
    { label: 'axes miss by', text: '2 mm' },
    { label: "saw's travel", text: '60 mm' },
  ]);
  expect(passFigures({ ...pass, turn: 40 }, endOf('D1', 'b'), lengthsOf('D1'), MILLIMETRES)[0]).toEqual({
    label: 'turn from the first pass',
    text: '40°',
  });
});

test('a notcher that cannot: by how much, and what to do', () => {
  expect(passCautions(pass, demoPlan.coping, MILLIMETRES)).toEqual([
    expect.stringContaining('stops at 60°, 2° short'),
    expect.stringContaining('15 mm too shallow'),
  ]);
  expect(passCautions({ ...pass, dial: 30, depth: 40 }, demoPlan.coping, MILLIMETRES)).toEqual([]);
});

test('two straight cuts are marked from their point', () => {
  const cuts: StraightCuts = {
    cuts: [
      { angle: 45, atFace: 25, atBack: -13 },
      { angle: -30, atFace: -5, atBack: 17 },
    ],
    tip: { across: 3, setback: 6 },
    gap: 0.5,
    grind: 1.4,
  };
  const said = straightCutFigures(cuts, { ...endOf('D1', 'b'), ear: 4 }, MILLIMETRES);
  expect(said.map(({ label, text }) => `${label}: ${text}`)).toEqual([
    'saw from square, on the face line: 45°',
    'that cut ends, up from the long point: 19 mm',
    'saw from square, opposite the face line: 30°',
    'that cut ends, up from the long point: 11 mm',
    'the cuts meet beside the middle, toward the face line: 3 mm',
    'its point, in from the ear: 2 mm',
    'widest gap left: 1 mm',
    'most to grind: 1 mm',
  ]);
});

test('the clocking as degrees and as tape round the tube', () => {
  expect(clockingWords({ ...lengthsOf('D1'), clocking: 90 }, 40, MILLIMETRES)).toBe('90°, 31 mm round');
  expect(clockingWords({ ...lengthsOf('D1'), clocking: null }, 40, MILLIMETRES)).toBeNull();
});

test('a seam says what covers it later', () => {
  const seam = copes.seams.find(({ covered }) => covered.length > 0);
  expect(seam && seamWords(seam, INCHES)[1]).toMatch(
    /^Weld .+ in of it before .+ goes on, which covers it\.$/,
  );
});
