import { emptyPlan, isAssumed, isFigure, PART_KINDS, type Plan, readPlan } from '@gyrus/core';
import { placeAt, plateOf } from '@gyrus/core/testing';
import { type FieldKind } from '../../../job/fields/recordField.ts';
import { along, into, PLAN_PATH, type PlanPath, valueAt } from '../../../job/store/planPath.ts';
import { freshPart } from './freshPart.ts';
import { gussetFields } from './gussetFields.ts';
import { partFields } from './partFields.ts';
import { plateFields } from './plateFields.ts';

const EMPTY = emptyPlan({ member: 'hoop', piece: 'p' }, 'mm');
const HEADER = { member: 'hoop', feature: 'crown-left', along: 120 };
/** Ways of the fields at which the plan has nothing, or something that the field cannot show. */
const astray = (plan: Plan, record: PlanPath, fields: readonly FieldKind[]): string[] =>
  fields
    .filter((field) => !shows(field, valueAt(plan, along<unknown>(record, field.at))))
    .map(({ at }) => at);

function shows(field: FieldKind, value: unknown): boolean {
  switch (field.type) {
    case 'length':
      return isFigure(value) ? 'mm' in value : field.optional === true && value === null;
    case 'angle':
      return isFigure(value) && 'deg' in value;
    case 'text':
      return typeof value === 'string';
    case 'count':
      return typeof value === 'number' && value >= field.least && value <= field.most;
    case 'choice':
      return field.options.some((one) => one.value === value);
    case 'place':
      return Array.isArray(value) && value.length === 3;
    case 'tube':
      return typeof value === 'object' && value !== null && 'member' in value;
    case 'record':
      return field.options.some((one) => String(field.keyOf(one.value)) === String(field.keyOf(value)));
  }
}

test.each(PART_KINDS.filter((kind) => kind !== 'bar-panel'))(
  'a new %s is sound, assumed, and every field shows something of it',
  (kind) => {
    const part = freshPart(kind, HEADER, []);
    const plan = { ...EMPTY, parts: [part] };
    expect(readPlan(JSON.parse(JSON.stringify(plan)))).toMatchObject({ ok: true });
    expect(Object.values(part).filter((value) => isFigure(value) && !isAssumed(value))).toEqual([]);
    const fields = partFields(part, ['end-a', 'crown-left', 'end-b']);
    expect(astray(plan, into(into(PLAN_PATH, 'parts'), 0), fields)).toEqual([]);
    expect(new Set(fields.map(({ at }) => at)).size).toBe(fields.length);
  },
);

test('the second of a kind has the next stamp', () => {
  const first = freshPart('tie', HEADER, []);
  expect([first.stamp, freshPart('tie', HEADER, [first]).stamp]).toEqual(['TI1', 'TI2']);
});

const OUTLINES = plateFields(plateOf({}), []).flatMap((field) =>
  field.type === 'record' && field.label === 'outline' ? field.options : [],
);

test.each(OUTLINES.map(({ text }, i) => [text, i] as const))(
  'a plate with the outline "%s" has fields for all of it',
  (_, i) => {
    const outline = OUTLINES[i]?.value as Plan['plates'][number]['outline'];
    const given = plateOf({ outline });
    const plan = { ...EMPTY, plates: [given] };
    expect(readPlan(JSON.parse(JSON.stringify(plan)))).toMatchObject({ ok: true });
    const fields = plateFields(given, plan.members);
    expect(astray(plan, into(into(PLAN_PATH, 'plates'), 0), fields)).toEqual([]);
    const ways = fields.map(({ at }) => String(at)).filter((at) => at.startsWith('outline.'));
    const figures = JSON.stringify(outline).match(/"typed"/g) ?? [];
    expect(ways).toHaveLength(figures.length);
  },
);

test('edge, plinth and bolts have fields when they are there, and what is offered for them is sound', () => {
  const offered = (label: string) =>
    plateFields(plateOf({}), []).flatMap((field) =>
      field.type === 'record' && field.label === label ? (field.options[1]?.value ?? []) : [],
    )[0];
  const given = plateOf({
    follows: 'own',
    at: placeAt(0, 1, 2),
    turnedUp: offered('edge turned up') as Plan['plates'][number]['turnedUp'],
    plinth: offered('plinth') as Plan['plates'][number]['plinth'],
    bolts: offered('bolts') as Plan['plates'][number]['bolts'],
  });
  const plan = { ...EMPTY, plates: [given] };
  expect(readPlan(JSON.parse(JSON.stringify(plan)))).toMatchObject({ ok: true });
  const fields = plateFields(given, plan.members);
  expect(astray(plan, into(into(PLAN_PATH, 'plates'), 0), fields)).toEqual([]);
  const more = fields.length - plateFields(plateOf({}), plan.members).length;
  expect(more).toBe(1 + 2 + 3 + 4);
});

test('a foot is offered for each end of the hoop, and the one it is under is the one that shows', () => {
  const under = { member: 'hoop', end: 'b' } as const;
  const [field] = plateFields(plateOf({ under }), EMPTY.members).filter(({ label }) => label === 'under');
  const options = field?.type === 'record' ? field.options : [];
  expect(options.map(({ value }) => value)).toEqual([null, { member: 'hoop', end: 'a' }, under]);
});

test('a gusset has a field for each of its holes, and keeps those it has when their number changes', () => {
  const holes = [25, 30].map((mm) => ({ mm, typed: String(mm) }));
  const gusset: Plan['gussets'][number] = {
    id: 'g',
    stamp: 'GP1',
    kind: 'flat',
    between: [{ member: 'hoop' }, { member: 'hoop' }],
    legs: [holes[0], holes[1]] as Plan['gussets'][number]['legs'],
    thickness: { mm: 2, typed: '2' },
    holes,
    twin: false,
  };
  const plan = { ...EMPTY, gussets: [gusset] };
  const fields = gussetFields(gusset);
  expect(astray(plan, into(into(PLAN_PATH, 'gussets'), 0), fields)).toEqual([]);
  const [many] = fields.flatMap((field) => (field.type === 'record' ? [field.options] : []));
  expect(many?.map(({ value }) => (value as unknown[]).slice(0, 2))).toEqual([[], [holes[0]], holes, holes]);
});
