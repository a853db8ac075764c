import { bendRoomOf, wayFrom } from '../../index.ts';
import { expectValue } from '../../../fault/index.ts';
import { itemAt } from '../../../items/index.ts';
import { type Angle, type Length } from '../../../measure/index.ts';
import { FRONT_HOOP, underHoop } from '../../../occupant/index.ts';
import { type FrontSection, newOccupant, type Plan, type ShapeOf } from '../../../plan/index.ts';
import { cross, distance, dot, length, subtract, unit, type Vec3 } from '../../../space/index.ts';
import { tubeOf, saysOf } from '../../../testing/placed.ts';
import { hoopPlan } from '../../../testing/twoInchShop.ts';
import { proposeBar } from '../../propose/index.ts';
import { frontHoopPath } from './frontHoop.ts';

const mm = (value: number): Length => ({ mm: value, typed: `${value} mm` });
const deg = (value: number): Angle => ({ deg: value, typed: `${value}` });
const corner = (x: number, y: number, z: number): FrontSection['left'][number] => ({
  at: [mm(x), mm(y), mm(z)],
});
const hoop = itemAt(hoopPlan().members, 0);
const ROOM = bendRoomOf(hoop, hoopPlan().dies);
const OFF = 10 + ROOM.od / 2;

const WITHIN: ShapeOf<'hoop'> = {
  kind: 'hoop',
  way: { kind: 'survey' },
  gap: mm(10),
  forward: mm(1000),
  up: mm(100),
  tilt: deg(30),
};

/** How far a point lies within a wall that runs on along a stretch of the body and is nearest to upright across the car: square to it. */
const withinWall = (at: Vec3, a: Vec3, b: Vec3): number => {
  const along = unit(subtract(b, a));
  const inward = unit(cross(cross(along, [0, -1, 0]), along));
  return dot(subtract(at, a), inward);
};

/** How far a straight lies from a point. */
const fromLine = (at: Vec3, a: Vec3, b: Vec3): number => length(cross(subtract(at, a), unit(subtract(b, a))));

describe('within the section of the body', () => {
  test('upright walls under a level roof: a gap and half a tube within both [arithmetic]', () => {
    const section = { left: [corner(900, 600, 100), corner(900, 600, 1000)], right: null };
    const { points, features } = expectValue(frontHoopPath(WITHIN, section, ROOM));
    expect(features).toEqual(['crown-left', 'crown-right']);
    expect(points).toEqual([
      [900, 600 - OFF, 100],
      [900, 600 - OFF, 1000 - OFF],
      [900, -600 + OFF, 1000 - OFF],
      [900, -600 + OFF, 100],
    ]);
  });

  test('up a leaning pillar with a corner at the cowl: every stretch lies so far within its own of the body', () => {
    const left = [corner(1080, 690, 120), corner(1000, 680, 640), corner(560, 560, 1080)];
    const { points, features } = expectValue(frontHoopPath(WITHIN, { left, right: null }, ROOM));
    expect(features).toEqual(['knee-left', 'crown-left', 'crown-right', 'knee-right']);
    const body = left.map(({ at: [x, y, z] }): Vec3 => [x.mm, y.mm, z.mm]);
    for (const i of [0, 1])
      for (const at of [itemAt(points, i), itemAt(points, i + 1)])
        expect(withinWall(at, itemAt(body, i), itemAt(body, i + 1))).toBeCloseTo(OFF, 6);
    expect(itemAt(points, 2)[2]).toBeCloseTo(1080 - OFF, 6);
    // The foot is where it was measured from: on the landing.
    expect(itemAt(points, 0)[2]).toBeCloseTo(120, 9);
    expect(itemAt(points, -1)).toEqual([itemAt(points, 0)[0], -itemAt(points, 0)[1], itemAt(points, 0)[2]]);
  });

  test('a side of its own is followed on its own side', () => {
    const left = [corner(900, 600, 100), corner(900, 600, 1000)];
    const right = [corner(900, -640, 60), corner(900, -610, 1000)];
    const { points } = expectValue(frontHoopPath(WITHIN, { left, right }, ROOM));
    expect(fromLine(itemAt(points, 3), [900, -640, 60], [900, -610, 1000])).toBeCloseTo(OFF, 6);
    expect(itemAt(points, 3)[2]).toBeCloseTo(60, 9);
    expect(itemAt(points, 0)[1]).toBeCloseTo(600 - OFF, 9);
  });

  test('what was not measured is asked for, and two corners at one place are told', () => {
    expect(frontHoopPath(WITHIN, null, ROOM)).toMatchObject({ fault: { code: 'no-section' } });
    const twice = [corner(900, 600, 100), corner(900, 600, 100), corner(900, 560, 1000)];
    expect(frontHoopPath(WITHIN, { left: twice, right: null }, ROOM)).toMatchObject({
      fault: { message: expect.stringContaining('two corners') as string },
    });
  });
});

describe('by its own figures', () => {
  const figures: ShapeOf<'hoop'> = {
    ...WITHIN,
    way: {
      kind: 'figures',
      crown: mm(1000),
      aside: mm(0),
      left: [{ length: mm(900), lean: deg(5) }],
      right: null,
    },
  };

  test('its feet stand where they are said to, and it leans back [arithmetic]', () => {
    const { points } = expectValue(frontHoopPath(figures, null, ROOM));
    const [foot, crown] = [itemAt(points, 0), itemAt(points, 1)];
    expect(foot[0]).toBeCloseTo(1000, 9);
    expect(foot[2]).toBeCloseTo(100, 9);
    const high = 900 * Math.cos((5 * Math.PI) / 180);
    expect(crown[2]).toBeCloseTo(100 + high * Math.cos(Math.PI / 6), 9);
    expect(crown[0]).toBeCloseTo(1000 - high * Math.sin(Math.PI / 6), 9);
    expect(crown[1]).toBeCloseTo(500, 9);
  });

  test('by straights and bends it is the same tube within 0.01 mm', () => {
    const there = expectValue(frontHoopPath(figures, null, ROOM));
    const seen = there.points.map(([x, y, z]): Vec3 => [x - 1000, y, z]);
    const way = wayFrom('take-off', { points: seen, features: there.features, tilt: 30 }, ROOM, 'mm');
    const again = expectValue(frontHoopPath({ ...figures, way }, null, ROOM));
    for (const [i, at] of again.points.entries())
      expect(distance(at, itemAt(there.points, i))).toBeLessThan(0.01);
  });
});

describe('in a cage', () => {
  const plan = hoopPlan();
  const main = tubeOf(plan, itemAt(hoop.pieces, 0).id);

  function withFrontHoop(): Plan {
    const proposed = proposeBar(
      plan,
      { hoop: null, tubes: [main] },
      'front-hoop',
      'by its own figures',
      () => 'fh',
    );
    if (!('bars' in proposed)) throw new Error('not proposed');
    const [bar] = proposed.bars;
    if (!bar) throw new Error('no bar');
    return {
      ...plan,
      members: [...plan.members, { ...bar, id: 'fh', pieces: [{ id: 'fh-1', stamp: 'FH' }] }],
    };
  }

  test('it counts as the front hoop of the line over a helmet', () => {
    const front = tubeOf(withFrontHoop(), 'fh-1');
    expect(saysOf(withFrontHoop())).toEqual([]);
    expect(FRONT_HOOP).toContain(front.role);
    const person = { ...newOccupant('p'), helmetTop: corner(250, 300, 860).at };
    const under = underHoop(person, main, [front]);
    expect(under?.belowLine?.mm).toBeGreaterThan(0);
    expect(underHoop(person, main, [])?.belowLine).toBeNull();
  });
});
