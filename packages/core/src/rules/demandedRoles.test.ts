import { finding } from '../findings/index.ts';
import { demandedRoles } from './index.ts';

const missing = (role: string, status: 'out' | 'clear', code: 'none-there' | 'count' = 'none-there') =>
  finding({
    key: role,
    code,
    status,
    facts: {
      role: { text: role },
      per: { text: '' },
      of: { text: '' },
      and: { text: '' },
      side: { text: '' },
    },
  });

test('a role is demanded while a book finds too few of it, and no longer', () => {
  const demanded = demandedRoles([
    missing('backstay', 'out'),
    missing('door-bar', 'out', 'count'),
    missing('diagonal', 'clear', 'count'),
    { ...missing('harness-bar', 'out'), status: 'ask', would: 'out' },
    finding({ key: 't', code: 'tilt', status: 'out' }),
  ]);
  expect([...demanded].sort()).toEqual(['backstay', 'door-bar', 'harness-bar']);
  expect(demandedRoles([])).toEqual(new Set());
});
