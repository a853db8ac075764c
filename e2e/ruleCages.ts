import {
  type Bar,
  type Gusset,
  type Occupant,
  type Plan,
  type Plate,
} from '../packages/core/src/plan/index.ts';
import {
  bar,
  cageOf,
  deg,
  heightOn,
  mm,
  personOf,
  placeAt,
  plateOf,
  point,
  stationOn,
} from '../packages/core/src/testing/index.ts';

/** Small cages made for a page of rules: what each rule says of each of them is known beforehand. */
const HOOP = 'm-hoop';

export interface Parts {
  tilt: number;
  /** Off the joint of the backstay, along the hoop. mm */
  diagonalOff: number;
  /** Of the harness bar over the floor. mm */
  harness: number;
  /** Top of the helmet: ahead of the hoop's floor point, and to the left of the middle. mm */
  helmet: [ahead: number, left: number];
  grade: string;
  gusset: number | null;
  held: boolean;
  /** How many diagonals stand in the hoop. */
  diagonals: 1 | 2;
  /** One of the door bars on the right. */
  rightDoor: boolean;
  crossed: boolean;
  wall: number;
  year: number | null;
  measured: boolean;
}

export const AS_ASKED: Parts = {
  tilt: 2,
  diagonalOff: 20,
  harness: 560,
  helmet: [300, 300],
  grade: '8.8',
  gusset: 3,
  held: true,
  diagonals: 2,
  rightDoor: true,
  crossed: true,
  wall: 2.5,
  year: 2020,
  measured: true,
};

const stays = bar('b', 'backstay', stationOn(HOOP, 'crown-left', -40), point(-700, 500, 200), {
  pair: 'mirrored',
});
const cross = bar('x', 'rear-cross', heightOn('m-b', 'left', 500), heightOn('m-b', 'right', 500));
const hold = bar('h', 'hand-hold', point(300, -500, 300), point(450, -500, 300));
const door = (right: boolean): Bar =>
  bar('d', 'door-bar', point(100, 600, 300), point(900, 600, 300), right ? { pair: 'mirrored' } : {});

export function cageFor(parts: Parts): Plan {
  const bars = [
    stays,
    bar('c', 'diagonal', stationOn(HOOP, 'crown-left', parts.diagonalOff - 40), heightOn(HOOP, 'right', 200)),
    ...(parts.diagonals === 2
      ? [
          bar(
            'e',
            'diagonal',
            stationOn(HOOP, 'crown-right', 40 - parts.diagonalOff),
            heightOn(HOOP, 'left', 200),
          ),
        ]
      : []),
    bar('s', 'harness-bar', heightOn(HOOP, 'left', parts.harness), heightOn(HOOP, 'right', parts.harness)),
    door(parts.rightDoor),
    ...(parts.crossed ? [cross] : []),
    ...(parts.held ? [hold] : []),
  ];
  const plan = cageOf(
    ...bars.map((one) => ({ ...one, tube: { ...one.tube, od: mm(40), wall: mm(parts.wall) } })),
  );
  const person: Occupant = {
    ...personOf('o'),
    name: 'A. Berg',
    shoulder: parts.measured ? placeAt(250, 300, 600) : null,
    helmetTop: parts.measured ? placeAt(parts.helmet[0], parts.helmet[1], 800) : null,
  };
  return {
    ...plan,
    members: plan.members.map((member) =>
      member.id === HOOP ? { ...member, tilt: deg(parts.tilt) } : member,
    ),
    occupants: [person],
    plates: (['a', 'b'] as const).map((end, i): Plate =>
      plateOf({
        id: `plate-${end}`,
        stamp: `P${i + 1}`,
        under: { member: HOOP, end },
        bolts: { count: 3, size: mm(8), grade: parts.grade, backing: null },
      }),
    ),
    gussets:
      parts.gusset === null
        ? []
        : [
            {
              id: 'g',
              stamp: 'G1',
              kind: 'flat',
              between: [{ member: HOOP }, { member: 'm-b', side: 'left' }],
              legs: [mm(60), mm(60)],
              thickness: mm(parts.gusset),
              holes: [],
              twin: false,
            } satisfies Gusset,
          ],
    brief: {
      ...plan.brief,
      buildYear: parts.year,
      carWeight: { kg: 900, typed: '900 kg' },
      joining: 'bolted',
    },
  };
}
