import { randomUUID } from 'node:crypto';
import { expect, type Page, test } from './test.ts';
import { HANDBOOK_CAR, add, measure, newJob, saved, stage } from './job.ts';

interface Saved {
  head: { id: string; number: number; plan: Plan };
}
interface Plan {
  members: { id: string; role: string; ends?: Record<'a' | 'b', unknown> }[];
}

const jobOf = (page: Page) => /jobs\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';

async function addBackstays(page: Page): Promise<void> {
  await stage(page, 'Design');
  await add(page, 'backstay', 'straight');
}

test('what the program put in is asked for, and confirmed with a name in one press; undo outlives a reload', async ({
  page,
}) => {
  await newJob(page, 'Known');
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await addBackstays(page);
  const foot = page.getByRole('group', { name: 'the point' });
  await expect(foot.getByText('assumed').first()).toBeVisible();
  // A figure typed over is somebody's.
  await foot.getByLabel('forward').fill('-34 in');
  await expect(foot.getByText('assumed')).toHaveCount(2);

  await stage(page, 'Survey');
  const asked = page.getByRole('group').filter({ hasText: 'Measure next' });
  const left = asked.getByRole('checkbox', { name: /^the landing of the left backstay B, left: / });
  await left.check();
  const keep = asked.getByRole('button', { name: 'Keep the 1 ticked as they stand' });
  await expect(keep).toBeDisabled();
  await asked.getByLabel('who measured').fill('A. Berg');
  await keep.click();
  await expect(left).toHaveCount(0);
  await saved(page);
  const { head } = (await (await page.request.get(`/api/jobs/${jobOf(page)}`)).json()) as Saved;
  expect(JSON.stringify(head.plan)).toMatch(
    /"how":"measured","?[^}]*"by":"A. Berg"|"by":"A. Berg"[^}]*"how":"measured"/,
  );

  await page.reload();
  await expect(asked.getByRole('checkbox', { name: /^the landing of the left backstay B/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(left).toHaveCount(1);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(left).toHaveCount(0);
});

test('half a number over a good one changes nothing until it is one', async ({ page }) => {
  await newJob(page, 'Half over whole');
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await saved(page);
  const roof = page.getByLabel('half width at the roof rail, left');
  await roof.fill('');
  await roof.pressSequentially('26 3/');
  await expect(page.getByText('"26 3/" is not a length')).toBeVisible();
  await saved(page);
  const { head } = (await (await page.request.get(`/api/jobs/${jobOf(page)}`)).json()) as Saved;
  expect(JSON.stringify(head.plan)).toContain('"typed":"26 3/8"');
  expect(JSON.stringify(head.plan)).not.toContain('"typed":"26"');
});

test('a bar that stands on itself is told in words, and has a way out', async ({ page }) => {
  await newJob(page, 'Loop');
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await addBackstays(page);
  await add(page, 'rear-cross');
  const id = jobOf(page);
  const kept = async () => ((await (await page.request.get(`/api/jobs/${id}`)).json()) as Saved).head;
  await expect.poll(async () => (await kept()).plan.members.map(({ role }) => role)).toContain('rear-cross');
  const head = await kept();
  const [stays, cross] = ['backstay', 'rear-cross'].map((role) =>
    head.plan.members.find((one) => one.role === role),
  );
  if (!stays?.ends || !cross) throw new Error('both stand');
  // The pages offer no such choice: it comes from a file, or from another program.
  stays.ends.b = {
    kind: 'height',
    aside: null,
    on: { member: cross.id, side: 'left' },
    height: { mm: 300, typed: '300 mm' },
  };
  const answer = await page.request.post(`/api/jobs/${id}/revisions`, {
    data: { id: randomUUID(), parent: head.id, branch: 'main', author: '', note: '', plan: head.plan },
  });
  expect(answer.status()).toBeLessThan(300);

  await page.reload();
  await page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: /^BL / }).click();
  const out = page.getByRole('region', { name: 'Out of the loop' });
  await expect(out).toContainText('This bar stands on itself');
  await out.getByRole('button', { name: 'End B at a point of its own' }).click();
  await expect(out).toBeHidden();
  await expect(page.getByText(/^4 tubes,/)).toBeVisible();
});
