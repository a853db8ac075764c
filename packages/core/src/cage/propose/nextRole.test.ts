import { bar, cageOf, point } from '../../testing/index.ts';
import { BAR_ROLES, type BarRole, type Plan } from '../../plan/index.ts';
import { recommendedRole, USUAL_ORDER } from '../index.ts';

// Common practice: what a bar behind the seats, six points and a full cage are made of.

const building = (built: Plan['brief']['built'], roles: BarRole[]): Plan => {
  const plan = cageOf();
  return {
    ...plan,
    brief: { ...plan.brief, built },
    members: [
      ...plan.members.filter(({ role }) => role === 'main-hoop'),
      ...roles.map((role, i) => bar(`b${i}`, role, point(0, 0, 0), point(0, 900, 0))),
    ],
  };
};

test('a four-point bar goes on with diagonal, harness bar and backstays', () => {
  const asked: BarRole[] = [];
  for (let i = 0; i < 3; i += 1) asked.push(recommendedRole(building('four-point-bar', asked)));
  expect(asked).toEqual(['diagonal', 'harness-bar', 'backstay']);
});

test('a halo stands for side hoops and the windscreen bar; front legs for side hoops', () => {
  const rear: BarRole[] = ['diagonal', 'harness-bar', 'backstay'];
  expect(recommendedRole(building('six-point-cage', rear))).toBe('side-hoop');
  expect(recommendedRole(building('six-point-cage', [...rear, 'halo']))).toBe('door-bar');
  expect(recommendedRole(building('six-point-cage', [...rear, 'front-leg']))).toBe('windscreen-bar');
});

test('when all of it is there the usual order goes on, and no role is proposed twice', () => {
  const asked: BarRole[] = [];
  for (let i = 0; i < USUAL_ORDER.length; i += 1) asked.push(recommendedRole(building('full-cage', asked)));
  expect(new Set(asked).size).toBe(asked.length);
  expect(asked.every((role) => BAR_ROLES.includes(role))).toBe(true);
});
