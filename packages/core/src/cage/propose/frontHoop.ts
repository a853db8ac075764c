import { assumed, radians } from '../../measure/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type BarShape } from '../../plan/index.ts';
import { wayFrom } from '../hoop/own/wayFrom.ts';
import { bar, type Draft, type NoPlace, type Standing } from './draft.ts';
import { crownOf } from './starts.ts';
import { type Arrangement, WITHIN_SECTION } from './ways.ts';
import { angle, length } from './write.ts';

/** Where the feet of a front hoop stand to start from, and how it leans back with the pillars. mm and degrees */
const FEET = { forward: 1050, up: 120 };
const TILT = 30;
/** So much lower than the main hoop it is to start from, and wider at its feet than at its crown. mm */
const LOWER = 30;
const SPLAY = 60;
/** Its crown over its feet, and half its width, where there is no main hoop. mm */
const ALONE = { high: 900, half: 500 };

/** A front hoop in one piece, from one foot to the other: in the body as measured, or as wide as the main hoop to start from. */
export function frontHoop({ hoop, room, sectioned }: Standing, way: Arrangement): Draft[] | NoPlace {
  if (way === WITHIN_SECTION && !sectioned)
    return { noPlace: "measure the front hoop's section at Survey first, or build it another way" };
  const crown = hoop && crownOf(hoop);
  const [half, high] = crown ? [crown[1], crown[2] - FEET.up - LOWER] : [ALONE.half, ALONE.high];
  const back = high * Math.tan(radians(TILT));
  const points: Vec3[] = [
    [0, half + SPLAY, 0],
    [-back, half, high],
    [-back, -half, high],
    [0, -half - SPLAY, 0],
  ];
  const kind = way === WITHIN_SECTION ? 'survey' : way.endsWith('figures') ? 'figures' : 'take-off';
  const shape: BarShape = {
    kind: 'hoop',
    way: wayFrom(kind, { points, features: ['crown-left', 'crown-right'], tilt: TILT }, room, 'mm'),
    gap: length(10),
    ...assumed({ forward: length(FEET.forward), up: length(FEET.up), tilt: angle(TILT) }),
  };
  return [bar({ kind: 'landing', side: 'left' }, { kind: 'landing', side: 'right' }, { shape })];
}
