import { assumed, type CarSide, inDegrees, millimetres, type Part } from '@gyrus/core';
import { at, newId, nextStamp } from '../../../job/fields/fresh.ts';

/** A tube that a part can be put on, and the middle of its longest straight. */
export interface Header {
  member: string;
  side?: CarSide;
  feature: string;
  along: number;
}

type Kind = Exclude<Part['kind'], 'bar-panel'>;
type Own<K extends Kind> = Omit<Extract<Part, { kind: K }>, 'kind' | 'id' | 'stamp'>;

const LETTERS: Record<Kind, string> = {
  splice: 'SP',
  'bolted-joint': 'BJ',
  'belt-guide': 'BG',
  tie: 'TI',
  bracket: 'BR',
  'adjustable-strut': 'AS',
  'stand-alone-bar': 'SA',
};

/** A part to start from, its sizes as the program proposes them; `header` is the tube it is put on, and where. */
export function freshPart(kind: Kind, header: Header, taken: readonly Part[]): Part {
  const own = { id: newId(), stamp: nextStamp(LETTERS[kind], taken) };
  return assumed({ ...own, ...STARTS[kind](header) });
}

const onTube = ({ member, side, feature, along }: Header) => ({
  on: { member, ...(side ? { side } : {}) },
  station: { feature, edge: 'middle' as const, along: millimetres(along) },
});

const STARTS: { [K in Kind]: (header: Header) => Own<K> & { kind: K } } = {
  splice: (header) => ({
    kind: 'splice',
    ...onTube(header),
    sleeve: millimetres(100),
    sleeveWall: millimetres(2.5),
    rosettes: 4,
    gap: millimetres(2),
  }),
  'bolted-joint': (header) => ({
    kind: 'bolted-joint',
    ...onTube(header),
    style: 'sleeve',
    bolts: 2,
    size: millimetres(10),
  }),
  'belt-guide': (header) => ({
    kind: 'belt-guide',
    ...onTube(header),
    style: 'guide',
    apart: millimetres(150),
  }),
  tie: (header) => ({
    kind: 'tie',
    ...onTube(header),
    style: 'stitch',
    gap: millimetres(5),
    length: millimetres(40),
  }),
  bracket: () => ({
    kind: 'bracket',
    at: at(0, 0, 0),
    width: millimetres(40),
    thickness: millimetres(5),
    insideRadius: millimetres(5),
    straights: [millimetres(60), millimetres(80)],
    angles: [inDegrees(90)],
    holes: [{ from: millimetres(20), diameter: millimetres(11) }],
    spacer: millimetres(0),
    canTighten: null,
  }),
  'adjustable-strut': () => ({
    kind: 'adjustable-strut',
    od: millimetres(25.4),
    wall: millimetres(1.65),
    from: at(-100, 300, 600),
    to: at(-500, 300, 100),
    takeOff: [millimetres(38), millimetres(38)],
  }),
  'stand-alone-bar': () => ({
    kind: 'stand-alone-bar',
    od: millimetres(38.1),
    wall: millimetres(2.413),
    between: millimetres(1308.1),
    toBend: millimetres(215.9),
    clr: millimetres(114.3),
    angle: inDegrees(45),
    tilt: inDegrees(0),
    at: at(-150, 0, 600),
  }),
};
