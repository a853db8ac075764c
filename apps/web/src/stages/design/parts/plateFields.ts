import { assumed, inDegrees, LANDINGS, type Member, millimetres, type Plate } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';

const { angle, choice, count, length, place, record, size, text } = fieldsOf<Plate>();

type Outline = Plate['outline'];

/** Outlines to start from. */
const OUTLINES: readonly (readonly [Outline, string])[] = [
  [assumed({ kind: 'rectangle', length: millimetres(150), width: millimetres(100) }), 'rectangle'],
  [
    assumed({
      kind: 'parallelogram',
      length: millimetres(150),
      width: millimetres(100),
      angle: inDegrees(75),
    }),
    'parallelogram',
  ],
  [
    assumed({
      kind: 'polygon',
      corners: [
        [millimetres(0), millimetres(0)],
        [millimetres(150), millimetres(0)],
        [millimetres(150), millimetres(80)],
        [millimetres(60), millimetres(110)],
        [millimetres(0), millimetres(80)],
      ],
    }),
    'polygon',
  ],
];
const EDGE = assumed({ length: millimetres(150), height: millimetres(30) });
const PLINTH = assumed({ height: millimetres(100), length: millimetres(160), width: millimetres(110) });
const BOLTS = assumed({ count: 3, size: millimetres(8), grade: '8.8', backing: millimetres(3) });

/** Something that is there or not. */
const isThere = (value: unknown): boolean => value !== null;

/** The fields of a plate; which foot it is under is one choice among all ends. */
export const plateFields = (plate: Plate, members: readonly Member[]): RecordField<Plate>[] => [
  text('stamp', 'stamp'),
  text('name', 'name'),
  record('under', 'under', [[null, 'no tube'], ...feetOf(members)]),
  choice('on', 'stands on', [
    [null, 'what the brief says'],
    ...LANDINGS.map((landing) => [landing, landing.replace('-', ' ')] as const),
  ]),
  choice('follows', 'its place', [
    ['foot', 'follows the foot'],
    ['own', 'is its own'],
  ]),
  ...(plate.follows === 'own' ? [place('at', 'where')] : []),
  record('outline', 'outline', OUTLINES, (outline) => outline.kind),
  ...outlineFields(plate.outline),
  size('thickness', 'thickness'),
  angle('tilt', 'tilt', { least: -90, most: 90 }),
  record(
    'turnedUp',
    'edge turned up',
    [
      [null, 'none'],
      [EDGE, 'yes'],
    ],
    isThere,
  ),
  ...(plate.turnedUp ? [size('turnedUp.length', 'its length'), size('turnedUp.height', 'its height')] : []),
  record(
    'plinth',
    'plinth',
    [
      [null, 'none'],
      [PLINTH, 'yes'],
    ],
    isThere,
  ),
  ...(plate.plinth ? PLINTH_FIELDS : []),
  record(
    'bolts',
    'bolts',
    [
      [null, 'none'],
      [BOLTS, 'yes'],
    ],
    isThere,
  ),
  ...(plate.bolts ? BOLT_FIELDS : []),
];

const PLINTH_FIELDS = [
  size('plinth.height', 'plinth height'),
  size('plinth.length', 'plinth length'),
  size('plinth.width', 'plinth width'),
];

const BOLT_FIELDS = [
  count('bolts.count', 'how many', 1, 40),
  size('bolts.size', 'diameter'),
  text('bolts.grade', 'grade'),
  length('bolts.backing', 'backing plate', { optional: true, above: 0 }),
];

/** Every end of every bar; of twins, each one's. */
function feetOf(members: readonly Member[]): (readonly [Plate['under'], string])[] {
  return members.flatMap((member) => {
    const paired = member.role !== 'main-hoop' && member.pair === 'mirrored';
    return (paired ? (['left', 'right'] as const) : [undefined]).flatMap((side) =>
      (['a', 'b'] as const).map(
        (end) =>
          [
            { member: member.id, end, ...(side ? { side } : {}) },
            `${member.stamp} ${roleWords(member.role)}${side ? `, ${side}` : ''}, end ${end.toUpperCase()}`,
          ] as const,
      ),
    );
  });
}

function outlineFields(outline: Outline): RecordField<Plate>[] {
  switch (outline.kind) {
    case 'rectangle':
      return [size('outline.length', 'length'), size('outline.width', 'width')];
    case 'parallelogram':
      return [
        size('outline.length', 'long side'),
        size('outline.width', 'short side'),
        angle('outline.angle', 'angle between', { least: 1, most: 179 }),
      ];
    case 'polygon':
      return outline.corners.flatMap((_, i) => [
        length(`outline.corners.${i}.0`, `corner ${i + 1}, across`),
        length(`outline.corners.${i}.1`, `corner ${i + 1}, along`),
      ]);
  }
}
