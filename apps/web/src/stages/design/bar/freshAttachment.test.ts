import { emptyPlan, type Plan, readPlan } from '@gyrus/core';
import { bar, cageOf, placeAt, plateOf, point } from '@gyrus/core/testing';
import { type AttachmentKind, freshAttachment } from './freshAttachment.ts';

const HOLD = 'm-hold';
const held = bar('hold', 'backstay', point(0, 400, 900), point(-900, 450, 200), { pair: 'mirrored' });
const base = cageOf(held, bar('put', 'strut', point(0, 0, 500), point(-500, 0, 500)));
const full: Plan = {
  ...base,
  plates: [plateOf({ id: 'plate' })],
  survey: {
    ...base.survey,
    planes: [
      {
        id: 'panel',
        name: 'shelf',
        at: placeAt(0, 0, 0),
        normal: placeAt(0, 0, 1),
        reach: null,
      },
    ],
  },
};
const headers = full.members.filter(({ id }) => id === HOLD);
const KINDS: AttachmentKind[] = ['station', 'height', 'joint', 'plate', 'point', 'panel'];

test.each(KINDS)('an end put on a %s makes a plan that is sound', (kind) => {
  const fresh = freshAttachment(kind, [-120.4, -380, 655.6], headers, full);
  expect(fresh?.kind).toBe(kind);
  const members = full.members.map((one) =>
    one.id === 'm-put' && fresh ? { ...one, ends: { ...one.ends, a: fresh } } : one,
  );
  expect(readPlan(JSON.parse(JSON.stringify({ ...full, members })))).toMatchObject({ ok: true });
});

test('a point starts where the end is now, to the millimetre, and is assumed until somebody measured it', () => {
  expect(freshAttachment('point', [-120.4, -380, 655.6], headers, full)).toMatchObject({
    at: [{ mm: -120, known: { how: 'assumed' } }, { mm: -380 }, { mm: 656 }],
  });
});

test('a height is taken on the side of the car where the end is now', () => {
  const on = (y: number) => freshAttachment('height', [0, y, 600], headers, full);
  expect([on(250), on(-250)]).toMatchObject([{ on: { side: 'left' } }, { on: { side: 'right' } }]);
});

test('where there is no tube, plate or panel, that is not offered', () => {
  const none = emptyPlan({ member: 'hoop', piece: 'p' }, 'mm');
  const possible = KINDS.filter((kind) => freshAttachment(kind, [0, 0, 0], [], none) !== null);
  expect(possible).toEqual(['point']);
});
