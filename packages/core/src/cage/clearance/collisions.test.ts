import { evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { bar, cageOf, heightOn } from '../../testing/index.ts';

const answersOf = (plan: Plan) => evaluate(plan, EMPTY_SHOP, []);

test('two tubes in one place run into each other, though they share the nodes at their ends', () => {
  const one = bar('o', 'diagonal', heightOn('m-hoop', 'left', 800), heightOn('m-hoop', 'right', 200));
  const two = bar('t', 'diagonal', heightOn('m-hoop', 'left', 800), heightOn('m-hoop', 'right', 200));
  const found = answersOf(cageOf(one, two)).findings.filter(({ code }) => code === 'collision');
  expect(found.map(({ key }) => key)).toEqual(['collision/p-o/p-t']);
  const fan = bar('t', 'diagonal', heightOn('m-hoop', 'left', 800), heightOn('m-hoop', 'right', 700));
  expect(answersOf(cageOf(one, fan)).findings.filter(({ code }) => code === 'collision')).toEqual([]);
});
