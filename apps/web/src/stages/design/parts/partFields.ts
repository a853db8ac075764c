import {
  assumed,
  type CarSide,
  type Gusset,
  inDegrees,
  LANDINGS,
  type Member,
  millimetres,
  type Part,
  type Plate,
} from '@gyrus/core';
import { featureName, roleWords } from '@gyrus/formats';
import { at, newId, nextStamp } from '../../../job/fields/fresh.ts';
import { type RecordField } from '../../../job/fields/RecordFields.tsx';

const length = (at: string, label: string): RecordField => ({ type: 'length', at, label, above: 0 });
const extent = (at: string, label: string): RecordField => ({ type: 'length', at, label, least: 0 });
const angle = (at: string, label: string): RecordField => ({ type: 'angle', at, label });
const count = (at: string, label: string, least: number, most: number): RecordField => ({
  type: 'count',
  at,
  label,
  least,
  most,
});
const STAMP: RecordField = { type: 'text', at: 'stamp', label: 'stamp' };

const choice = (at: string, label: string, options: [string | boolean | null, string][]): RecordField => ({
  type: 'choice',
  at,
  label,
  options: options.map(([value, text]) => ({ value, text })),
});

/** The fields of a plate; which foot it is under is one choice among all ends. */
export function plateFields(plate: Plate, members: Member[]): RecordField[] {
  const feet = members.flatMap((member): { value: Plate['under']; text: string }[] => {
    const sides =
      member.role !== 'main-hoop' && member.pair === 'mirrored' ? (['left', 'right'] as const) : [undefined];
    return sides.flatMap((side) =>
      (['a', 'b'] as const).map((end) => ({
        value: { member: member.id, end, ...(side ? { side } : {}) },
        text: `${member.stamp} ${roleWords(member.role)}${side ? `, ${side}` : ''}, end ${end.toUpperCase()}`,
      })),
    );
  });
  const outline: Record<Plate['outline']['kind'], RecordField[]> = {
    rectangle: [length('outline.length', 'length'), length('outline.width', 'width')],
    parallelogram: [
      length('outline.length', 'long side'),
      length('outline.width', 'short side'),
      angle('outline.angle', 'angle between'),
    ],
    polygon:
      plate.outline.kind === 'polygon'
        ? plate.outline.corners.flatMap((_, i): RecordField[] => [
            { type: 'length', at: `outline.corners.${i}.0`, label: `corner ${i + 1}, across` },
            { type: 'length', at: `outline.corners.${i}.1`, label: `corner ${i + 1}, along` },
          ])
        : [],
  };
  return [
    STAMP,
    { type: 'text', at: 'name', label: 'name' },
    {
      type: 'record',
      at: 'under',
      label: 'under',
      options: [{ value: null, text: 'no tube' }, ...feet],
    },
    {
      type: 'choice',
      at: 'on',
      label: 'stands on',
      options: [
        { value: null, text: 'what the brief says' },
        ...LANDINGS.map((value) => ({ value, text: value.replace('-', ' ') })),
      ],
    },
    choice('follows', 'its place', [
      ['foot', 'follows the foot'],
      ['own', 'is its own'],
    ]),
    ...(plate.follows === 'own' ? [{ type: 'place' as const, at: 'at', label: 'where' }] : []),
    {
      type: 'record',
      at: 'outline',
      label: 'outline',
      by: (value) => (value as Plate['outline']).kind,
      options: [
        {
          value: assumed({ kind: 'rectangle', length: millimetres(150), width: millimetres(100) }),
          text: 'rectangle',
        },
        {
          value: assumed({
            kind: 'parallelogram',
            length: millimetres(150),
            width: millimetres(100),
            angle: inDegrees(75),
          }),
          text: 'parallelogram',
        },
        {
          value: assumed({
            kind: 'polygon',
            corners: [
              [millimetres(0), millimetres(0)],
              [millimetres(150), millimetres(0)],
              [millimetres(150), millimetres(80)],
              [millimetres(60), millimetres(110)],
              [millimetres(0), millimetres(80)],
            ],
          }),
          text: 'polygon',
        },
      ],
    },
    ...outline[plate.outline.kind],
    length('thickness', 'thickness'),
    angle('tilt', 'tilt'),
    option('turnedUp', 'edge turned up', assumed({ length: millimetres(150), height: millimetres(30) })),
    ...(plate.turnedUp
      ? [length('turnedUp.length', 'its length'), length('turnedUp.height', 'its height')]
      : []),
    option(
      'plinth',
      'plinth',
      assumed({ height: millimetres(100), length: millimetres(160), width: millimetres(110) }),
    ),
    ...(plate.plinth
      ? [
          length('plinth.height', 'plinth height'),
          length('plinth.length', 'plinth length'),
          length('plinth.width', 'plinth width'),
        ]
      : []),
    option(
      'bolts',
      'bolts',
      assumed({ count: 3, size: millimetres(8), grade: '8.8', backing: millimetres(3) }),
    ),
    ...(plate.bolts
      ? [
          count('bolts.count', 'how many', 1, 40),
          length('bolts.size', 'diameter'),
          { type: 'text' as const, at: 'bolts.grade', label: 'grade' },
          { type: 'length' as const, at: 'bolts.backing', label: 'backing plate', optional: true, above: 0 },
        ]
      : []),
  ];
}

/** Something that is there or not; when it is, with figures of its own. */
const option = (at: string, label: string, value: unknown): RecordField => ({
  type: 'record',
  at,
  label,
  by: (one) => (one === null ? 'none' : 'one'),
  options: [
    { value: null, text: 'none' },
    { value, text: 'yes' },
  ],
});

export const GUSSET_FIELDS = ({ holes }: Gusset): RecordField[] => [
  STAMP,
  choice('kind', 'sheet', [
    ['flat', 'flat'],
    ['folded', 'folded over both tubes'],
  ]),
  { type: 'tube', at: 'between.0', label: 'between this tube' },
  { type: 'tube', at: 'between.1', label: 'and this one' },
  length('legs.0', 'leg along the first'),
  length('legs.1', 'leg along the second'),
  length('thickness', 'thickness'),
  {
    type: 'record',
    at: 'holes',
    label: 'holes',
    by: (one) => String((one as unknown[]).length),
    options: [0, 1, 2, 3].map((many) => ({
      value: Array.from({ length: many }, (_, i) => holes[i] ?? millimetres(20)),
      text: many === 0 ? 'none' : String(many),
    })),
  },
  ...holes.map((_, i) => length(`holes.${i}`, `hole ${i + 1}`)),
  choice('twin', 'made', [
    [false, 'once'],
    [true, 'on both sides of the car'],
  ]),
];

export const PART_WORDS: Record<Part['kind'], string> = {
  splice: 'splice',
  'bolted-joint': 'bolted joint',
  'belt-guide': 'belt guides',
  tie: 'tie to the body',
  bracket: 'bracket',
  'adjustable-strut': 'adjustable strut',
  'stand-alone-bar': 'bar without a cage',
};

/** Which tube, and where on it: at one of the ends and bends that the tube has. */
const onFields = (features: readonly string[]): RecordField[] => [
  { type: 'tube', at: 'on', label: 'on' },
  choice(
    'station.feature',
    'from',
    features.map((feature) => [feature, featureName(feature)]),
  ),
  { type: 'length', at: 'station.along', label: 'along it' },
];

/** features: the ends and bends of the tube that it is on. */
export function partFields(part: Part, features: readonly string[]): RecordField[] {
  const ON = onFields(features);
  const own = ((): RecordField[] => {
    switch (part.kind) {
      case 'splice':
        return [
          ...ON,
          length('sleeve', 'length of the sleeve'),
          length('sleeveWall', 'wall of the sleeve'),
          count('rosettes', 'rosettes', 0, 24),
          extent('gap', 'gap at the root'),
        ];
      case 'bolted-joint':
        return [
          ...ON,
          choice('style', 'style', [
            ['flange', 'flange'],
            ['sleeve', 'sleeve'],
            ['clamp', 'clamp'],
          ]),
          count('bolts', 'bolts', 1, 12),
          length('size', 'diameter'),
        ];
      case 'belt-guide':
        return [
          ...ON,
          choice('style', 'style', [
            ['guide', 'guides round the bar'],
            ['tab', 'tabs'],
          ]),
          length('apart', 'apart'),
        ];
      case 'tie':
        return [
          ...ON,
          choice('style', 'style', [
            ['stitch', 'stitch weld'],
            ['plate', 'plate'],
          ]),
          extent('gap', 'gap to bridge'),
          length('length', 'length'),
        ];
      case 'bracket':
        return [
          { type: 'place', at: 'at', label: 'its bolt' },
          length('width', 'width of the bar'),
          length('thickness', 'thickness'),
          extent('insideRadius', 'inside radius'),
          extent('spacer', 'spacer'),
          ...part.straights.map((_, i) => length(`straights.${i}`, `straight ${i + 1}, outside`)),
          ...part.angles.map((_, i) => angle(`angles.${i}`, `bend ${i + 1}`)),
          ...part.holes.flatMap((_, i) => [
            length(`holes.${i}.from`, `hole ${i + 1} from the end`),
            length(`holes.${i}.diameter`, `hole ${i + 1} diameter`),
          ]),
          choice('canTighten', 'bolt with the trim in place', [
            [null, 'not looked at'],
            [true, 'can be tightened'],
            [false, 'cannot be reached'],
          ]),
        ];
      case 'adjustable-strut':
        return [
          length('od', 'outside diameter'),
          length('wall', 'wall'),
          { type: 'place', at: 'from', label: 'one eye' },
          { type: 'place', at: 'to', label: 'the other eye' },
          extent('takeOff.0', 'first end takes'),
          extent('takeOff.1', 'second end takes'),
        ];
      case 'stand-alone-bar':
        return [
          { type: 'place', at: 'at', label: 'middle of the bar' },
          length('between', 'between the plates'),
          length('toBend', 'plate to bend start'),
          length('clr', 'radius of the die'),
          angle('angle', 'bends'),
          angle('tilt', 'tilt to the rear'),
          length('od', 'outside diameter'),
          length('wall', 'wall'),
        ];
    }
  })();
  return [STAMP, ...own];
}

const LETTERS: Record<Part['kind'], string> = {
  splice: 'SP',
  'bolted-joint': 'BJ',
  'belt-guide': 'BG',
  tie: 'TI',
  bracket: 'BR',
  'adjustable-strut': 'AS',
  'stand-alone-bar': 'SA',
};

/** A part to start from, its sizes as the program proposes them; `header` is the tube it is put on, `start` where on it. */
export const freshPart = (kind: Part['kind'], header: Header, taken: readonly Part[]): Part =>
  assumed(partOf(kind, header, taken));

/** A tube that a part can be put on, and the middle of its longest straight. */
export interface Header {
  member: string;
  side?: CarSide;
  feature: string;
  along: number;
}

function partOf(kind: Part['kind'], header: Header, taken: readonly Part[]): Part {
  const own = { id: newId(), stamp: nextStamp(LETTERS[kind], taken) };
  const on = {
    ...own,
    on: { member: header.member, ...(header.side ? { side: header.side } : {}) },
    station: { feature: header.feature, edge: 'middle' as const, along: millimetres(header.along) },
  };
  switch (kind) {
    case 'splice':
      return {
        kind,
        ...on,
        sleeve: millimetres(100),
        sleeveWall: millimetres(2.5),
        rosettes: 4,
        gap: millimetres(2),
      };
    case 'bolted-joint':
      return { kind, ...on, style: 'sleeve', bolts: 2, size: millimetres(10) };
    case 'belt-guide':
      return { kind, ...on, style: 'guide', apart: millimetres(150) };
    case 'tie':
      return { kind, ...on, style: 'stitch', gap: millimetres(5), length: millimetres(40) };
    case 'bracket':
      return {
        kind,
        ...own,
        at: at(0, 0, 0),
        width: millimetres(40),
        thickness: millimetres(5),
        insideRadius: millimetres(5),
        straights: [millimetres(60), millimetres(80)],
        angles: [inDegrees(90)],
        holes: [{ from: millimetres(20), diameter: millimetres(11) }],
        spacer: millimetres(0),
        canTighten: null,
      };
    case 'adjustable-strut':
      return {
        kind,
        ...own,
        od: millimetres(25.4),
        wall: millimetres(1.65),
        from: at(-100, 300, 600),
        to: at(-500, 300, 100),
        takeOff: [millimetres(38), millimetres(38)],
      };
    case 'stand-alone-bar':
      return {
        kind,
        ...own,
        od: millimetres(38.1),
        wall: millimetres(2.413),
        between: millimetres(1308.1),
        toBend: millimetres(215.9),
        clr: millimetres(114.3),
        angle: inDegrees(45),
        tilt: inDegrees(0),
        at: at(-150, 0, 600),
      };
  }
}
