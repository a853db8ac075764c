import { copesIn, evaluate, findingsIn, INCHES, type Plan } from '@gyrus/core';
import { demoBooks, demoJobs, demoShop } from '@gyrus/demo';
import { findingWords } from '../words/finding.ts';
import { inspectionPdf } from './index.ts';

async function pagesOf(plan: Plan): Promise<number> {
  const evaluation = evaluate(plan, demoShop, demoBooks);
  const findings = findingsIn(plan, evaluation, copesIn(plan, evaluation, demoBooks), demoBooks);
  const doc = inspectionPdf({
    plan,
    evaluation,
    findings,
    job: 'a job',
    revision: 2,
    printed: new Date(0),
    paper: 'a4',
    style: INCHES,
  });
  const chunks: Buffer[] = [];
  for await (const chunk of doc as unknown as AsyncIterable<Buffer>) chunks.push(chunk);
  return (
    Buffer.concat(chunks)
      .toString('latin1')
      .match(/\/Type \/Page\b/g)?.length ?? 0
  );
}

test.each(demoJobs.map(({ name, plan }) => [name, plan] as const))(
  '%s has a sheet for the inspector of a few pages',
  async (_, plan) => {
    const pages = await pagesOf(plan);
    expect(pages).toBeGreaterThan(2);
    expect(pages).toBeLessThan(20);
  },
);

test('no sentence of a finding says approved or compliant', () => {
  for (const { plan } of demoJobs)
    for (const finding of evaluate(plan, demoShop, demoBooks).findings)
      expect(findingWords(finding, INCHES)).not.toMatch(/approv|complian|certifie[ds]/i);
});
