import { assumed, emptyPlan, evaluate, INCHES, MEASURES, newOccupant, type Plan } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { buffer } from 'node:stream/consumers';
import { inUtc } from '../testing/inUtc.ts';
import { pdfText } from '../testing/pdfText.ts';
import { measuringPdf } from './index.ts';

const textOf = async (plan: Plan): Promise<string> => {
  const request = {
    ...{ plan, evaluation: evaluate(plan, demoShop, demoBooks), job: 'A job', revision: 4 },
    ...({ printed: inUtc('2026-11-28T10:00:00Z'), paper: 'letter', style: INCHES } as const),
  };
  return (await pdfText(await buffer(measuringPdf(request)))).join(' ').replace(/\s+/g, ' ');
};

test('an empty job’s list has every measure that the hoop waits for, with how it is taken, and its people', async () => {
  const plan = emptyPlan({ member: 'm', piece: 'p' }, 'in');
  const text = await textOf({ ...plan, occupants: [{ ...newOccupant('o'), name: 'T. Moreau' }] });
  expect(text).toContain('A job · revision 4 · lengths in inches');
  const needed = Object.values(MEASURES).filter((one) => one.needed);
  for (const { label, how } of needed) {
    expect(text.toLowerCase()).toContain(label);
    expect(text).toContain(how.split(' ').slice(0, 4).join(' '));
  }
  expect(text).toContain('T. Moreau: shoulder, where the strap lies');
  expect(text.indexOf('Before there is a hoop')).toBeLessThan(text.indexOf('If you can'));
});

test('what was put in stands with its assumed figure, axis by axis; what is measured is not asked for', async () => {
  const [first, ...others] = demoPlan.occupants;
  if (!first) throw new Error('somebody drives it');
  const text = await textOf({
    ...demoPlan,
    occupants: [{ ...first, shoulder: assumed(first.shoulder) }, ...others],
  });
  expect(text).toContain('The shoulder of E. Lindqvist');
  expect(text).toContain('Forward: Along the floor');
  expect(text).not.toContain('Before there is a hoop');
  expect(text).not.toMatch(/Half width at the floor, left/i);
});

test('a job that asks for nothing says so', async () => {
  const all = Object.fromEntries(
    Object.entries(MEASURES).map(([key, { kind }]) => [
      key,
      kind === 'angle' ? { deg: 0, typed: '0' } : { mm: 500, typed: '500 mm' },
    ]),
  );
  const measures = { ...all, ...demoPlan.survey.measures };
  const brief = { ...demoPlan.brief, drivers: [] };
  expect(await textOf({ ...demoPlan, brief, survey: { ...demoPlan.survey, measures } })).toContain(
    'Everything that this job asks for is measured',
  );
});
