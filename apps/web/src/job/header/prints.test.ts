import { HANDBOOK_CAR, planWith } from '@gyrus/core/testing';
import { PRINT_KINDS, printAddress, printName } from './prints.ts';

const plan = planWith(HANDBOOK_CAR);
const hoop = plan.members[0]?.pieces[0]?.id ?? 'none';

test('every print has a name and an address of its own, with the paper and the unit of the job', () => {
  const addresses = PRINT_KINDS.map((kind) => printAddress(kind, plan, hoop, 'letter'));
  expect(new Set(addresses).size).toBe(PRINT_KINDS.length);
  for (const address of addresses) expect(address).toMatch(/^[a-z-]+\.pdf\?paper=letter&unit=in/);
  expect(new Set(PRINT_KINDS.map((kind) => printName(kind, 'MH'))).size).toBe(PRINT_KINDS.length);
});

test('what is of one tube names it, and a bend sheet has the datum that its tube is marked from', () => {
  const marked = {
    ...plan,
    members: plan.members.map((one) => ({ ...one, bending: { ...one.bending, datum: 'a' as const } })),
  };
  expect(printAddress('bend', marked, hoop, 'a4')).toContain(`datum=a&piece=${hoop}`);
  expect(printAddress('tube', marked, hoop, 'a4')).toContain(`piece=${hoop}`);
  expect(printAddress('tubes', marked, hoop, 'a4')).not.toContain('piece');
  expect(printName('tube', 'MH')).toContain('MH');
});
