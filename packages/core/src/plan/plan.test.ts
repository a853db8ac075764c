import { planWith, HANDBOOK_CAR } from '../testing.ts';
import { readPlan } from './index.ts';

const plan = planWith(HANDBOOK_CAR);
const faultOf = (data: unknown) => {
  const read = readPlan(data);
  return read.ok ? null : [read.fault.code, read.fault.path];
};
const [hoop] = plan.members;

test.each([
  [null, 'not-an-object', ''],
  [[], 'not-an-object', ''],
  [{}, 'wrong-format', '/format'],
  [{ ...plan, version: 0 }, 'wrong-version', '/version'],
  [{ ...plan, version: 99 }, 'newer-version', '/version'],
  [{ ...plan, colour: 'red' }, 'unknown-key', '/colour'],
  [
    {
      ...plan,
      survey: { ...plan.survey, measures: { ...plan.survey.measures, hoodHeight: { mm: 1, typed: '1' } } },
    },
    'unknown-key',
    '/survey/measures/hoodHeight',
  ],
  [
    { ...plan, survey: { ...plan.survey, measures: { headlinerCentre: { mm: -1, typed: '-1' } } } },
    'too-small',
    '/survey/measures/headlinerCentre/mm',
  ],
  [{ ...plan, members: [{ ...hoop, stamp: 'too long' }] }, 'wrong-form', '/members/0/stamp'],
  [
    { ...plan, members: [{ ...hoop, tube: { ...hoop?.tube, wall: { mm: 26, typed: '26' } } }] },
    'refused',
    '/members/0/tube/wall/mm',
  ],
  [
    { ...plan, members: [{ ...hoop, bending: { ...hoop?.bending, die: 'nowhere' } }] },
    'unknown-die',
    '/members/0/bending/die',
  ],
  [{ ...plan, members: [hoop, hoop] }, 'double-id', '/members'],
  [{ ...plan, brief: { ...plan.brief, dueBy: 'soon' } }, 'wrong-form', '/brief/dueBy'],
])('refuses what is no plan (%#)', (data, code, path) => {
  expect(faultOf(data)).toEqual([code, path]);
});

/** A document as version 1 wrote it, frozen: it must open for ever. */
const FROZEN_1 =
  '{"format":"gyrus-plan","version":1,"units":{"length":"mm","fraction":16},"measuringError":{"mm":3,"deg":0.5},"brief":{"car":"","series":"","customer":"","built":"four-point-bar","joining":"welded","use":"track","feetOn":"sill","drivers":[],"passenger":false,"carWeight":null,"dueBy":null,"books":[],"notes":""},"survey":{"measures":{"headlinerCentre":{"mm":1041.4,"typed":"41 in"}},"trust":null,"points":[],"planes":[],"keepOuts":[]},"dies":[],"members":[{"role":"main-hoop","id":"m","stamp":"MH","tube":{"od":{"mm":45,"typed":"45 mm"},"wall":{"mm":2.5,"typed":"2.5 mm"},"kind":"drawn-over-mandrel","batch":""},"pieces":[{"id":"p","stamp":"MH"}],"ends":{"a":{"kind":"landing","side":"left"},"b":{"kind":"landing","side":"right"}},"crossings":[],"bending":{"die":null,"dieAt":{},"clampSideAt":{},"springback":{"school":"tests"},"growRadius":false,"datum":"centre","trimA":{"mm":25,"typed":"25 mm"},"trimB":{"mm":25,"typed":"25 mm"}},"shape":"proposed","sides":"same","clearance":{"left":{"mm":10,"typed":"10 mm"},"right":{"mm":10,"typed":"10 mm"},"above":{"mm":10,"typed":"10 mm"}},"tilt":null,"footLift":{"mm":0,"typed":"0"}}],"plates":[],"occupants":[],"fitOrder":["p"],"copeOverrides":[],"answers":{}}';

test('a plan of version 1 opens', () => {
  const read = readPlan(JSON.parse(FROZEN_1));
  expect(read.ok && read.value.survey.measures.headlinerCentre?.mm).toBe(1041.4);
});
