import {
  assumedIn,
  BAR_ROLES,
  emptyPlan,
  evaluate,
  finding,
  INCHES,
  MILLIMETRES,
  newOccupant,
  type Plan,
  proposeMember,
  type ThingName,
  waysOf,
} from '@gyrus/core';
import { demoPlan, demoShop, unfinishedPlan } from '@gyrus/demo';
import { assumedValue, restsListWords, restsWords, sheetRestsWords, thingWords } from './assumed.ts';
import { findingWords } from './finding.ts';

const landing: ThingName = {
  of: 'member',
  name: 'B',
  role: 'backstay',
  side: 'left',
  what: 'end-b',
  standsFor: 'car',
};
const thickness: ThingName = {
  of: 'plate',
  name: 'P1',
  role: null,
  side: null,
  what: 'thickness',
  standsFor: 'cage',
};

test.each<[Partial<ThingName>, string]>([
  [{}, 'the landing of the left backstay B'],
  [{ what: 'end-a' }, 'where end A stands of the left backstay B'],
  [
    { role: 'tunnel-tube', side: null, name: 'TT', what: 'end-b' },
    'where end B stands of the tunnel tube TT',
  ],
  [{ role: 'side-hoop', name: 'S', what: 'pillar-top' }, 'the bend pillar top of the left side hoop S'],
  [{ what: 'over-arch' }, 'the bend over arch of the left backstay B'],
  [{ role: 'door-bar', name: 'DB', what: 'bow' }, 'the bow of the left door bar DB'],
  [{ role: 'take-off', name: 'T1', side: null, what: 'take-off' }, 'the take-off of the take off T1'],
  [{ of: 'measure', name: 'pillarTilt', what: '' }, 'the tilt of the pillar'],
  [{ of: 'occupant', name: 'T. Moreau', what: 'shoulder' }, 'the shoulder of T. Moreau'],
  [{ of: 'occupant', name: '', what: 'slots.1' }, 'the slot of the straps of somebody'],
  [{ of: 'occupant', name: 'T. Moreau', what: 'lap.left' }, 'the left lap anchor of T. Moreau'],
  [{ of: 'plate', name: 'P1', what: 'outline.length' }, 'the length of plate P1'],
  [{ of: 'plate', name: 'P1', what: 'at' }, 'the place of plate P1'],
  [{ of: 'plate', name: 'P1', what: 'turnedUp.height' }, 'the turned up height of plate P1'],
  [{ of: 'gusset', name: 'GP1', what: 'legs.0' }, 'the leg 1 of gusset GP1'],
  [{ of: 'keep-out', name: 'column', what: 'clearance' }, 'the clearance of keep-out column'],
  [{ of: 'point', name: '', what: 'at' }, 'the place of point without a name'],
  [{ of: 'roof', name: '', what: '' }, 'the body over the cage, in sections'],
])('%j is %s', (changes, words) => {
  expect(thingWords({ ...landing, ...changes })).toBe(words);
});

test('whatever a role proposes, and a new plan leaves out, is named in words: no key of the document shows', () => {
  const start: Plan = { ...demoPlan, plates: [], gussets: [], parts: [], fitOrder: [] };
  const names = new Set<string>();
  let count = 0;
  for (const role of BAR_ROLES)
    for (const way of ['', ...waysOf(role)]) {
      const plan = { ...start, members: start.members.filter((one) => one.role !== role) };
      const proposed = proposeMember(
        plan,
        demoShop,
        evaluate(plan, demoShop, []),
        role,
        way,
        () => `n${count++}`,
      );
      if (!('bars' in proposed)) continue;
      for (const { name } of assumedIn({ ...plan, members: proposed.bars }).things)
        names.add(thingWords(name));
    }
  const fresh = { ...emptyPlan({ member: 'm', piece: 'p' }, 'mm'), occupants: [newOccupant('o')] };
  for (const { name } of [...assumedIn(fresh).things, ...assumedIn(unfinishedPlan).things])
    names.add(thingWords(name));
  expect(names.size).toBeGreaterThan(20);
  expect([...names].filter((one) => /[a-z][A-Z]|[a-z]\.[a-z]|bend bend|undefined/.test(one))).toEqual([]);
});

test('what stands for car or driver is to be measured, a size of the cage confirmed; three are named, the rest counted', () => {
  expect(restsWords([landing], 'clear')).toBe(
    'Measure the landing of the left backstay B: as assumed it would be clear.',
  );
  expect(restsWords([thickness], 'out')).toBe(
    'Confirm the thickness of plate P1: as assumed it would be out.',
  );
  const many = ['a', 'b', 'c', 'd', 'e'].map((name) => ({ ...thickness, name }));
  expect(restsWords(many, 'look')).toMatch(
    /plate a, .*plate b, .*plate c, 2 more: as assumed it would be look\.$/,
  );
});

test('a finding says first what to measure, and then reads as the verdict that it would be', () => {
  const found = finding({
    key: 'k',
    code: 'helmet-in-hoop',
    status: 'ask',
    measured: { mm: -12.7 },
    facts: { who: { text: 'T. Moreau' }, notch: { said: [] } },
  });
  const rests = { ...found, would: 'out' as const, restsOn: [landing] };
  expect(findingWords(rests, INCHES)).toBe(
    'Measure the landing of the left backstay B: as assumed it would be out. The helmet of T. Moreau runs 1/2 in into the hoop: move the seat forward.',
  );
});

test('sheets say loudly what nobody measured', () => {
  expect(sheetRestsWords([landing, thickness])).toBe(
    'NOT MEASURED: this sheet rests on the landing of the left backstay B, the thickness of plate P1 as assumed. Measure before you cut.',
  );
  expect(restsListWords([landing])).toContain('the landing of the left backstay B');
});

test('an assumed figure is shown in the reader’s unit', () => {
  expect(assumedValue({ mm: 25.4 }, INCHES)).toBe('1 in');
  expect(assumedValue({ mm: 25.4 }, MILLIMETRES)).toBe('25 mm');
  expect(assumedValue({ deg: 4.645 }, MILLIMETRES)).toBe('4.6°');
});
