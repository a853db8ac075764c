import { evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { bar, cageOf, heightOn, point } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

test('door bars: an X leaves one tube at mid-door, stacked bars two', () => {
  const legs = bar('fl', 'side-hoop', point(1050, 700, 100), point(1000, 690, 900), { pair: 'mirrored' });
  const door = (id: string, hoopAt: number, legAt: number) =>
    bar(id, 'door-bar', heightOn('m-hoop', 'left', hoopAt), heightOn('m-fl', 'left', legAt), {
      pair: 'mirrored',
    });
  const count = (plan: Plan) =>
    answersOf(plan)
      .findings.filter(({ code }) => code === 'mid-door')
      .map(({ measured }) => measured && 'count' in measured && measured.count);
  expect(count(cageOf(legs, door('a', 400, 200), door('b', 200, 400)))).toEqual([1, 1]);
  expect(count(cageOf(legs, door('a', 400, 400), door('b', 200, 200)))).toEqual([2, 2]);
});
