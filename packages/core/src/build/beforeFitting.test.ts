import { buildIn, copesIn, evaluate } from '../evaluate.ts';
import { tubesIn } from '../evaluation.ts';
import { EMPTY_SHOP, type Part, type Plan } from '../plan/index.ts';
import { bar, cageOf, heightOn, mm, plateOf, point, stationOn } from '../testing/index.ts';
import { beforeFitting } from './index.ts';

const of = (plan: Plan, piece: string) => {
  const evaluation = evaluate(plan, EMPTY_SHOP, []);
  const copes = copesIn(plan, evaluation, []);
  return beforeFitting(plan, copes, { ...evaluation, tubes: tubesIn(evaluation) }, piece);
};

const across = bar('h', 'harness-bar', heightOn('m-hoop', 'left', 600), heightOn('m-hoop', 'right', 600));
const strut = bar('s', 'strut', stationOn('m-h', 'end-a', 300), point(500, 200, 50));

test('a bar between two tubes is bare at both ends and where others land, and its vent is at the end welded last', () => {
  const found = of(cageOf(across, strut), 'p-h');
  expect(found).toMatchObject({ stamp: 'H', welded: ['a', 'b'], open: [], vent: 'b', first: [] });
  const [landing] = found?.landings ?? [];
  expect(landing?.stamp).toBe('S');
  // 300 along its axis from the hoop's axis; the ear of its end lies farther out.
  const cut = copesIn(cageOf(across, strut), evaluate(cageOf(across, strut), EMPTY_SHOP, []), []).ends.find(
    ({ piece, end }) => piece === 'p-h' && end === 'a',
  );
  expect(landing?.at).toBeCloseTo(300 - (cut?.ear ?? 0), 6);
});

test('an end that nothing is welded to stays open, and lets the air out', () => {
  expect(of(cageOf(across, strut), 'p-s')).toMatchObject({ welded: ['a'], open: ['b'], vent: null });
});

test('a foot on its plate is welded after what is coped: the vent is there', () => {
  const plate = plateOf({ id: 'p1', stamp: 'P1', under: { member: 'm-s', end: 'b' } });
  expect(of({ ...cageOf(across, strut), plates: [plate] }, 'p-s')).toMatchObject({ open: [], vent: 'b' });
});

test('sleeves and guides are put on first; what is bolted or tacked on later is not', () => {
  const on = { member: 'm-h' };
  const station = { feature: 'end-a', edge: 'pi' as const, along: mm(400) };
  const part = (id: string, more: object) => ({ id, stamp: id.toUpperCase(), on, station, ...more }) as Part;
  const parts = [
    part('g', { kind: 'belt-guide', style: 'guide', apart: mm(120) }),
    part('t', { kind: 'belt-guide', style: 'tab', apart: mm(120) }),
    part('j', { kind: 'bolted-joint', style: 'clamp', bolts: 2, size: mm(8) }),
    part('k', { kind: 'bolted-joint', style: 'sleeve', bolts: 2, size: mm(8) }),
  ];
  expect(of({ ...cageOf(across), parts }, 'p-h')?.first).toEqual([
    { stamp: 'G', kind: 'belt-guide' },
    { stamp: 'K', kind: 'bolted-joint' },
  ]);
});

test('what is on one of twins is put on that one alone, in the sheet as in the steps', () => {
  const stays = bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), point(-700, 500, 200), {
    pair: 'mirrored',
  });
  const sleeve: Part = {
    ...{ id: 'k', kind: 'bolted-joint', stamp: 'K', style: 'sleeve', bolts: 2, size: mm(8) },
    on: { member: 'm-b', side: 'right' },
    station: { feature: 'end-b', edge: 'pi', along: mm(-200) },
  };
  const plan = { ...cageOf(stays), parts: [sleeve] };
  const pieces = plan.members[1]!.pieces;
  expect(pieces.map(({ id }) => of(plan, id)?.first.length)).toEqual([0, 1]);
  const steps = buildIn(plan, evaluate(plan, EMPTY_SHOP, []), []).steps;
  expect(steps.find(({ work }) => work.kind === 'sleeves')?.work).toMatchObject({
    sleeves: [{ part: 'K', stamp: pieces[1]!.stamp }],
  });
});

test('a tube that came with the car is not prepared here', () => {
  expect(of(cageOf({ ...across, existing: true }), 'p-h')).toBeNull();
});
