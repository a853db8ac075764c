import { itemAt } from '../../items/index.ts';
import { assumed, radians } from '../../measure/index.ts';
import { type BarRole, type BarShape, STRAIGHT } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { doorX, uprightOn } from './doors.ts';
import { bar, type Draft, pair } from './draft.ts';
import { frontHoop } from './frontHoop.ts';
import { roofV, spreaders } from './spreaders.ts';
import { middleOf } from './fitting.ts';
import {
  acrossAt,
  frontCorner,
  isNeed,
  legsOf,
  lowOnStay,
  offsetShape,
  pillarPoints,
  rearHeight,
  withHoop,
  without,
  type Proposal,
} from './starts.ts';
import { type Arrangement, BETWEEN_PLACES } from './ways.ts';
import { angle, height, length, place, point, station, type On } from './write.ts';

/** A backstay leans at least this far from vertical [handbook §9, from memory]; two degrees more leave room for the tape. */
const BACKSTAY_LEAN = 32;
/** A windscreen bar that would hang low is cranked up by this [handbook §7, common practice]. */
const CRANK = 12;
/** Room beside the driver's seat that an offset harness bar gives. mm, common practice */
const SEAT_WIDTH = 420;
const OFFSET = 110;
/** How far a bowed door bar reaches toward the skin, to start from. mm */
const BOW = 90;

/** A harness bar on the main hoop. */
const onTheHoop = withHoop(({ id, crown }, standing, way) => {
  const ends = acrossAt(id, crown[2] * 0.58);
  const offset = (flat: number, centre: number) =>
    offsetShape(standing, 'rear', { offset: OFFSET, flat, centre }, id, crown[2] * 0.58);
  const half = crown[1] / 2;
  if (way === 'straight') return [bar(...ends, { splitBy: standing.diagonals })];
  if (way === 'behind the hoop')
    return [bar(...ends, { shape: { kind: 'stand-off', towards: 'rear', offset: length(180) } })];
  if (way === 'both offset') return [bar(...ends, { shape: offset(half, 0) })];
  return [bar(...ends, { shape: offset(SEAT_WIDTH / 2, way.endsWith('right') ? 120 : -120) })];
});

/** Where belts are mostly fastened to a pillar, of a bar to start from. Car's frame, mm */
const ON_THE_PILLAR: Vec3 = [0, 620, 650];

/** A harness bar without a cage, between two places of the body: straight, its ends bent down to them, or square to them. */
function betweenPlaces(way: Arrangement): Draft {
  const [x, y, z] = ON_THE_PILLAR;
  const bent: BarShape = {
    ...{ kind: 'bow', towards: 'up', rise: null },
    ...{ angle: angle(45), flat: length(Math.round(1.4 * y)) },
  };
  const square: BarShape = { kind: 'stand-off', towards: 'up', offset: length(200) };
  return bar(point([x, y, z]), point([x, -y, z]), {
    shape: way.endsWith('bent') ? assumed(bent) : way.endsWith('square') ? assumed(square) : STRAIGHT,
  });
}

/** How each role is proposed in the cage as it stands: bars, what they need first, or why there is no place. */
export const PROPOSALS: Record<BarRole, Proposal> = {
  diagonal: withHoop(({ on }, _, way) => {
    const one = (top: 'left' | 'right', more: Partial<Draft> = {}) => {
      const foot = top === 'left' ? 'right' : 'left';
      return bar(on(`crown-${top}`), on(`foot-${foot}`, foot === 'right' ? -75 : 75), more);
    };
    if (way === 'X') return [one('left'), one('right', { splitByFirst: true })];
    return [one(way.endsWith('right') ? 'right' : 'left')];
  }),
  'harness-bar': (standing, way) =>
    way.startsWith(BETWEEN_PLACES) ? [betweenPlaces(way)] : onTheHoop(standing, way),
  strut: (standing) => {
    const harness = standing.members.get('harness-bar');
    if (!harness) return { needs: 'harness-bar' };
    const tube = standing.tubes.find((one) => one.member === harness.id);
    const from = tube?.points[0] ?? [0, 300, 600];
    const along = Math.min(300, middleOf(standing.tubes, harness.id));
    return [
      bar(station({ member: harness.id }, 'end-a', along), point([from[0] + 350, from[1] - along, 60])),
    ];
  },
  backstay: withHoop(({ crown, on }, _, way) => {
    const drop = crown[2] - 250;
    const foot: Vec3 = [crown[0] - drop * Math.tan(radians(BACKSTAY_LEAN)), crown[1] * 0.95, 250];
    const bend: Vec3 = [foot[0] * 0.72 + crown[0] * 0.28, crown[1] * 0.98, foot[2] + drop * 0.35];
    const via = way === 'bent' ? [{ feature: 'bend-over-arch', at: place(bend) }] : [];
    return [pair(on('crown-left'), point(foot), { shape: { kind: 'through', via } })];
  }),
  'rear-cross': (standing) => {
    const stays = standing.members.get('backstay');
    return stays ? [bar(...acrossAt(stays.id, rearHeight(standing)))] : { needs: 'backstay' };
  },
  'rear-diagonal': (standing, way) => {
    const stays = standing.members.get('backstay');
    if (!stays) return { needs: 'backstay' };
    const one = (top: 'left' | 'right', more: Partial<Draft> = {}) =>
      bar(
        station({ member: stays.id, side: top }, 'end-a', 60),
        lowOnStay(standing, stays.id, top === 'left' ? 'right' : 'left'),
        more,
      );
    return way === 'X' ? [one('left'), one('right', { splitByFirst: true })] : [one('left')];
  },
  'side-hoop': withHoop(({ crown, floor, on }) => [
    pair(point([1050, floor, 120]), on('crown-left'), {
      shape: { kind: 'through', via: pillarPoints(crown, floor) },
    }),
  ]),
  'front-hoop': frontHoop,
  'front-leg': withHoop(({ crown, floor }, standing) => {
    const top = frontCorner(
      { ...standing, members: without(standing.members, ['front-leg', 'side-hoop']) },
      'left',
    );
    const foot = itemAt(pillarPoints(crown, floor), 0);
    return isNeed(top)
      ? { needs: 'halo' }
      : [pair(point([1050, floor, 120]), top, { shape: { kind: 'through', via: [foot] } })];
  }),
  halo: withHoop(({ crown, on }) => [
    bar(on('crown-left'), on('crown-right'), {
      pair: 'across',
      shape: {
        kind: 'through',
        via: [{ feature: 'front-left', at: place([crown[0] + 620, crown[1] * 0.95, crown[2] - 12]) }],
      },
    }),
  ]),
  'roof-bar': withHoop(({ crown, on }, { members }) => {
    const front = members.get('front-hoop');
    return [
      pair(
        on('crown-left'),
        front
          ? station({ member: front.id }, 'crown-left')
          : point([crown[0] + 620, crown[1] * 0.95, crown[2] - 12]),
      ),
    ];
  }),
  'roof-diagonal': withHoop(({ on }, standing, way) => {
    const right = frontCorner(standing, 'right');
    const left = frontCorner(standing, 'left');
    if (isNeed(right)) return right;
    if (isNeed(left)) return left;
    if (way === 'V') return roofV(standing, on('crown-left'));
    const first = bar(on('crown-left'), right);
    return way === 'X' ? [first, bar(on('crown-right'), left, { splitByFirst: true })] : [first];
  }),
  'windscreen-bar': (standing, way) => {
    if (standing.members.has('front-hoop'))
      return { noPlace: 'the front hoop goes across at the head of the screen itself' };
    if (standing.members.has('halo') && !standing.members.has('side-hoop'))
      return {
        noPlace: 'the halo goes across at the head of the screen itself: it is its own windscreen bar',
      };
    const left = frontCorner(standing, 'left');
    const right = frontCorner(standing, 'right');
    if (isNeed(left)) return left;
    if (isNeed(right)) return right;
    const cranked: BarShape = {
      kind: 'bow',
      towards: 'up',
      rise: null,
      angle: angle(CRANK),
      flat: length(450),
    };
    return [bar(left, right, way === 'cranked' ? { shape: cranked } : {})];
  },
  'pillar-brace': (standing) => {
    const legs = legsOf(standing);
    if (!legs) return { needs: 'side-hoop' };
    const inOne = standing.members.has('front-hoop') && legs.id === standing.members.get('front-hoop')?.id;
    const top = inOne ? 'crown-left' : standing.members.has('side-hoop') ? 'pillar-top' : 'end-b';
    return [
      pair(
        height(legs.id, 'left', 260),
        station({ member: legs.id, side: 'left' }, top, top === 'end-b' ? -60 : -140),
      ),
    ];
  },
  'door-bar': withHoop(({ id }, standing, way) => {
    const legs = legsOf(standing);
    if (!legs) return { needs: 'side-hoop' };
    const one = (hoopAt: number, legAt: number, more: Partial<Draft> = {}) =>
      pair(height(id, 'left', hoopAt), height(legs.id, 'left', legAt), more);
    const bowed = (z: number) =>
      one(z, z, {
        shape: { kind: 'bow', towards: 'out', rise: length(BOW), angle: null, flat: length(350) },
      });
    switch (way) {
      case 'single':
        return [one(330, 330)];
      case 'X':
        return doorX(standing, id, legs.id, one);
      case 'bowed pair':
        return [bowed(420), bowed(260)];
      default:
        return [one(420, 420), one(240, 240)];
    }
  }),
  'door-upright': (standing) => {
    const low = standing.members.get('sill-bar');
    if (!standing.members.has('door-bar')) return { needs: 'door-bar' };
    if (!low) return { needs: 'sill-bar' };
    return [uprightOn(standing, low.id)];
  },
  'sill-bar': withHoop(({ id }, standing) => {
    const legs = legsOf(standing);
    return legs ? [pair(height(id, 'left', 150), height(legs.id, 'left', 150))] : { needs: 'side-hoop' };
  }),
  'dash-bar': (standing, way) => {
    const legs = legsOf(standing);
    if (!legs) return { needs: 'side-hoop' };
    const round = offsetShape(standing, 'up', { offset: 90, flat: 120, centre: -260 }, legs.id, 560);
    return [bar(...acrossAt(legs.id, 560), way === 'round the column' ? { shape: round } : {})];
  },
  'tunnel-tube': withHoop(({ floor }) => [
    bar(point([120, floor * 0.18, 260]), point([120, -floor * 0.18, 260])),
  ]),
  'seat-mount': withHoop(({ floor }) => [bar(point([250, floor - 20, 120]), point([250, floor * 0.2, 120]))]),
  spreader: spreaders,
  'gusset-tube': withHoop(({ on }, { members }) => {
    const side = members.get('side-hoop');
    const stays = members.get('backstay');
    const other: On | null = side
      ? { member: side.id, side: 'left' }
      : stays
        ? { member: stays.id, side: 'left' }
        : null;
    if (!other) return { needs: 'backstay' };
    return [pair(on('crown-left', -320), station(other, side ? 'end-b' : 'end-a', side ? -260 : 260))];
  }),
  'hand-hold': withHoop(({ on, crown }) => [
    bar(on('crown-left', -420), point([180, crown[1] + 20, crown[2] * 0.72])),
  ]),
  'take-off': () => [
    bar(point([0, 400, 300]), point([0, -400, 300]), {
      shape: assumed({
        kind: 'take-off',
        aim: place([0, 400, 1000]),
        roll: angle(0),
        sample: null,
        rows: [
          {
            straight: length(400),
            turn: { kind: 'degrees', angle: angle(0) },
            angle: angle(45),
            takes: null,
          },
        ],
        tail: length(400),
      }),
    }),
  ],
  'frame-tube': () => [bar(point([0, 400, 0]), point([0, 400, 800]))],
};
