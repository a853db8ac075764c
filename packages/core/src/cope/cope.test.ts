import fc from 'fast-check';
import { expectValue } from '../fault/index.ts';
import { radians } from '../measure/index.ts';
import { type Vec3 } from '../space/index.ts';
import { copeFrom, type CopeInput } from './input.ts';

type Point = [number, number, number];
/** A branch of 38.1 × 2.413 mm that comes down on the origin at β from the header's direction +x. */
const straight = (beta: number, od = 38.1, changes: Partial<CopeInput> = {}): CopeInput => {
  const far: Point = [600 * Math.cos(radians(beta)), 0, 600 * Math.sin(radians(beta))];
  return {
    branch: { od, wall: 2.413, points: [[0, 0, 0], far] },
    end: 'a',
    headers: [
      {
        od: 44.45,
        points: [
          [-500, 0, 0],
          [500, 0, 0],
        ],
      },
    ],
    generators: 72,
    ...changes,
  };
};
const cope = (input: CopeInput) => expectValue(copeFrom(input));

/** setback(φ) = √(R² − (r·sin φ + e)²)/sin β + r·cos φ/tan β [handbook §6; line–cylinder intersection]. */
const closed = (r: number, R: number, beta: number, e: number, phi: number) =>
  Math.sqrt(R ** 2 - (r * Math.sin(radians(phi)) + e) ** 2) / Math.sin(radians(beta)) +
  (r * Math.cos(radians(phi))) / Math.tan(radians(beta));

test.each([90, 60, 45, 30, 120, 150])('straight on straight at %d° follows the closed formula', (beta) => {
  const { outer, inner } = cope(straight(beta));
  for (const { phi, setback } of outer) expect(setback).toBeCloseTo(closed(19.05, 22.225, beta, 0, phi), 9);
  for (const { phi, setback } of inner)
    expect(setback).toBeCloseTo(closed(19.05 - 2.413, 22.225, beta, 0, phi), 9);
});

test('an offset of the axes moves the profile, and the saw by as much', () => {
  const shifted = straight(60);
  shifted.branch.points = shifted.branch.points.map(([x, y, z]): Point => [x, y + 2.5, z]);
  const { outer, saw } = cope(shifted);
  // b × u points to +y here, so the offset is +2.5 along it.
  expect(saw?.holeSaw).toBe(44.45);
  expect(saw?.dial).toBeCloseTo(30, 9);
  expect(saw?.offset).toBeCloseTo(2.5, 9);
  for (const { phi, setback } of outer) expect(setback).toBeCloseTo(closed(19.05, 22.225, 60, 2.5, phi), 9);
});

test('the dial is 90 less the angle between the axes: 42° reads 48', () => {
  // 42 → dial 48 [handbook §6, common practice].
  expect(cope(straight(42)).saw?.dial).toBeCloseTo(48, 9);
  expect(cope(straight(138)).saw?.dial).toBeCloseTo(48, 9);
});

// Cut to the outer line, the inner edge stands 9.3 mm proud at the ears of equal 38.1 × 2.4 mm at 90° [handbook §6].
test('the inner edge of equal tubes stands proud at the ears', () => {
  const equal = straight(90, 38.1, {
    headers: [
      {
        od: 38.1,
        points: [
          [-500, 0, 0],
          [500, 0, 0],
        ],
      },
    ],
  });
  equal.branch.wall = 2.4;
  const { outer, inner } = cope(equal);
  const ear = 18; // φ = 90° of 72
  expect((inner[ear]?.setback ?? 0) - (outer[ear]?.setback ?? 0)).toBeCloseTo(9.3, 1);
});

// The volume common to two equal crossed cylinders is 16 r³/3 [Archimedes; any calculus text on the Steinmetz solid].
test('the solid common to two equal crossed cylinders, from profiles of every radius', () => {
  const R = 20;
  const RINGS = 400;
  let volume = 0;
  for (let i = 0; i < RINGS; i++) {
    const r = (R * (i + 0.5)) / RINGS;
    const { outer } = cope(
      straight(90, 2 * r, {
        branch: {
          od: 2 * r,
          wall: r / 2,
          points: [
            [0, 0, 0],
            [0, 0, 600],
          ],
        },
        headers: [
          {
            od: 2 * R,
            points: [
              [-500, 0, 0],
              [500, 0, 0],
            ],
          },
        ],
        generators: 180,
      }),
    );
    const mean = outer.reduce((sum, { setback }) => sum + (setback ?? 0), 0) / outer.length;
    volume += 2 * mean * 2 * Math.PI * r * (R / RINGS);
  }
  expect(volume / ((16 * R ** 3) / 3)).toBeCloseTo(1, 4);
});

test('marching finds what the quadratic finds: a straight header told with a far bend', () => {
  const bent = straight(50, 38.1, {
    headers: [
      {
        od: 44.45,
        points: [
          [-500, 0, 0],
          [5000, 0, 0],
          [5000, 500, 0],
        ],
        clr: 150,
      },
    ],
  });
  const [marched, exact] = [cope(bent), cope(straight(50))];
  for (const [i, { setback }] of marched.outer.entries())
    expect(setback).toBeCloseTo(exact.outer[i]?.setback ?? NaN, 6);
  expect(marched.saw?.dial).toBeCloseTo(40, 9);
});

/** Independent distance from a point to an arc of the header in the xy plane, sampled finely. */
const toArc = (point: Vec3, centre: Vec3, radius: number, from: number, to: number) => {
  let least = Infinity;
  for (let i = 0; i <= 40_000; i++) {
    const angle = from + ((to - from) * i) / 40_000;
    least = Math.min(
      least,
      Math.hypot(
        centre[0] + radius * Math.cos(angle) - point[0],
        centre[1] + radius * Math.sin(angle) - point[1],
        point[2],
      ),
    );
  }
  return least;
};

test('on a bend: every point of the profile lies at the header’s radius from its arc, and no saw makes it', () => {
  const input: CopeInput = {
    branch: {
      od: 38.1,
      wall: 2.413,
      points: [
        [63, 64, 0],
        [90, 95, 500],
      ],
    },
    end: 'a',
    headers: [
      {
        od: 44.45,
        points: [
          [100, -400, 0],
          [100, 100, 0],
          [-400, 100, 0],
        ],
        clr: 130,
      },
    ],
    generators: 24,
  };
  const { outer, saw, why } = cope(input);
  expect(saw).toBeNull();
  expect(why).toContain('bend of the header');
  const [from, to] = input.branch.points as [Point, Point];
  const span = Math.hypot(...[0, 1, 2].map((i) => (to[i] ?? 0) - (from[i] ?? 0)));
  const b = [0, 1, 2].map((i) => ((to[i] ?? 0) - (from[i] ?? 0)) / span) as unknown as Vec3;
  // The header's arc: centre (−30, −30), from its tangent at x = 100 to its tangent at y = 100.
  for (const { phi, setback } of outer) {
    const near = onBranch(from, b, headerTangent(from), phi, 19.05, setback ?? 0);
    expect(toArc(near, [-30, -30, 0], 130, 0, Math.PI / 2)).toBeCloseTo(22.225, 3);
  }
});

/** The header's direction at its arc's point nearest to a point of the xy plane, in its own order. */
const headerTangent = ([x, y]: Point): Vec3 => {
  const angle = Math.atan2(y + 30, x + 30);
  return [-Math.sin(angle), Math.cos(angle), 0];
};
/** A point of a generator by the definition of φ: from the header's direction made square to the branch, right-handed about b. */
function onBranch(from: Point, b: Vec3, h: Vec3, phi: number, r: number, s: number): Vec3 {
  const along = b[0] * h[0] + b[1] * h[1] + b[2] * h[2];
  const square = [h[0] - along * b[0], h[1] - along * b[1], h[2] - along * b[2]];
  const size = Math.hypot(...square);
  const u = square.map((one) => one / size) as unknown as Vec3;
  const v: Vec3 = [b[1] * u[2] - b[2] * u[1], b[2] * u[0] - b[0] * u[2], b[0] * u[1] - b[1] * u[0]];
  const [c, n] = [r * Math.cos(radians(phi)), r * Math.sin(radians(phi))];
  return [0, 1, 2].map(
    (i) => (from[i] ?? 0) + s * (b[i] ?? 0) + c * (u[i] ?? 0) + n * (v[i] ?? 0),
  ) as unknown as Vec3;
}

test('several headers: each generator stops at the first it meets', () => {
  const second = {
    od: 38.1,
    points: [
      [-400, 0, 300],
      [400, 0, -300],
    ] as Point[],
  };
  const one = cope(straight(90));
  const other = cope(straight(90, 38.1, { headers: [second] }));
  const both = cope(straight(90, 38.1, { headers: [...straight(90).headers, second] }));
  // φ = 0 of the second lies in the same half plane, so the profiles may be laid over each other.
  for (const [i, { setback }] of both.outer.entries())
    expect(setback).toBeCloseTo(
      Math.max(one.outer[i]?.setback ?? -Infinity, other.outer[i]?.setback ?? -Infinity),
      6,
    );
  expect(both.why).toContain('one pass of the saw for each');
});

test('a branch larger than its header passes it on both sides; a touch counts as meeting', () => {
  const wide = cope(straight(90, 60));
  expect(wide.outer.some(({ setback }) => setback === null)).toBe(true);
  expect(wide.why).toContain('passes the header');
  const equal = cope(straight(90, 44.45));
  expect(equal.outer.every(({ setback }) => setback !== null)).toBe(true);
  expect(equal.outer[18]?.setback).toBeCloseTo(0, 3);
});

test('an end cut within its own bend follows the generators round the arc', () => {
  // Bends from +z toward +x at once; the header lies across, beyond the start of the bend.
  const input: CopeInput = {
    branch: {
      od: 30,
      wall: 2,
      points: [
        [0, 0, 0],
        [0, 0, 120],
        [400, 0, 120],
      ],
      clr: 110,
    },
    end: 'a',
    headers: [
      {
        od: 60,
        points: [
          [-10, -300, 30],
          [-10, 300, 30],
        ],
      },
    ],
    generators: 36,
  };
  const { outer, saw, why } = cope(input);
  expect(outer.every(({ setback }) => setback !== null && setback > 0)).toBe(true);
  expect(saw).toBeNull();
  expect(why).toContain('within its own bend');
  // Each cut point, found on the branch by its own geometry, lies 30 mm from the header's axis.
  for (const { phi, setback } of outer) {
    const s = setback ?? 0;
    // φ = 0 lies along the header, +y; b is +z, so φ = 90° points to −x.
    const [c, n] = [15 * Math.cos(radians(phi)), 15 * Math.sin(radians(phi))];
    const turn = Math.max(0, s - 10) / 110;
    const reach = 110 + n;
    const at = s <= 10 ? [-n, c, s] : [110 - reach * Math.cos(turn), c, 10 + reach * Math.sin(turn)];
    expect(Math.hypot((at[0] ?? 0) + 10, (at[2] ?? 0) - 30)).toBeCloseTo(30, 6);
  }
});

test('one that starts inside a header leaves it first and then meets nothing', () => {
  const inside = straight(90, 10, {
    branch: {
      od: 10,
      wall: 1,
      points: [
        [0, 0, 0],
        [0, 0, 15],
      ],
    },
  });
  const { outer, shortest } = cope(inside);
  expect(outer.every(({ setback }) => setback === null)).toBe(true);
  expect(shortest).toBeNull();
});

test.each([
  [
    {
      ...straight(90),
      headers: [
        {
          od: 40,
          points: [
            [0, 50, 0],
            [0, 50, 100],
          ] as Point[],
        },
      ],
    },
    'parallel',
    '/headers/0',
  ],
  [{ ...straight(90), branch: { ...straight(90).branch, wall: 19.05 } }, 'wall-too-thick', '/branch/wall'],
  [
    {
      ...straight(90),
      headers: [
        {
          od: 40,
          points: [
            [0, 0, 0],
            [100, 0, 0],
            [100, 100, 0],
          ] as Point[],
        },
      ],
    },
    'missing',
    '/headers/0/clr',
  ],
  [
    {
      ...straight(90),
      branch: {
        ...straight(90).branch,
        points: [
          [0, 0, 0],
          [0, 0, 0],
        ] as Point[],
      },
    },
    'coincident-points',
    '/branch/points/1',
  ],
])('refuses what cannot be coped (%#)', (input, code, path) => {
  const result = copeFrom(input);
  expect(result.ok ? null : [result.fault.code, result.fault.path]).toEqual([code, path]);
});

const joints = fc.record({
  beta: fc.integer({ min: 20, max: 160 }),
  od: fc.integer({ min: 15, max: 60 }),
  header: fc.integer({ min: 15, max: 60 }),
  offset: fc.integer({ min: -15, max: 15 }),
});

test('random joints: never NaN, and the other end’s name changes nothing', () => {
  fc.assert(
    fc.property(joints, ({ beta, od, header, offset }) => {
      const input = straight(beta, od, {
        headers: [
          {
            od: header,
            points: [
              [-500, offset, 0],
              [500, offset, 0],
            ],
          },
        ],
        generators: 24,
      });
      const own = cope(input);
      for (const { setback } of [...own.outer, ...own.inner])
        if (setback !== null) expect(Number.isFinite(setback)).toBe(true);
      const turned = cope({
        ...input,
        end: 'b',
        branch: { ...input.branch, points: [...input.branch.points].reverse() },
      });
      for (const [i, { setback }] of turned.outer.entries()) {
        const wanted = own.outer[i]?.setback;
        if (setback === null || wanted == null) expect(setback).toBe(wanted);
        else expect(setback).toBeCloseTo(wanted, 6);
      }
    }),
    { seed: 21, numRuns: 120 },
  );
});

test('random joints: a mirrored joint gives the mirrored profile', () => {
  fc.assert(
    fc.property(joints, ({ beta, od, header, offset }) => {
      const at = (y: number) =>
        cope(
          straight(beta, od, {
            headers: [
              {
                od: header,
                points: [
                  [-500, y, 0],
                  [500, y, 0],
                ],
              },
            ],
            generators: 24,
          }),
        ).outer;
      const [one, other] = [at(offset), at(-offset)];
      for (const [i, { setback }] of one.entries()) {
        const mirror = other[(24 - i) % 24]?.setback;
        if (setback === null || mirror == null) expect(setback).toBe(mirror);
        else expect(setback).toBeCloseTo(mirror, 6);
      }
    }),
    { seed: 22, numRuns: 80 },
  );
});

/** The largest step between neighbours round the tube. */
function largestStep(input: CopeInput): number {
  const { outer } = cope(input);
  return Math.max(
    ...outer.map(({ setback }, i) =>
      Math.abs((setback ?? 0) - (outer[(i + 1) % outer.length]?.setback ?? 0)),
    ),
  );
}

test('random joints: the profile is continuous, straight and on the bend of a header', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 30, max: 150 }),
      fc.integer({ min: 20, max: 30 }),
      fc.integer({ min: -40, max: 40 }),
      fc.boolean(),
      (beta, od, along, bent) => {
        const points: Point[] = bent
          ? [
              [-600, -120, 0],
              [0, 0, 0],
              [600, -120, 0],
            ]
          : [
              [-600, 0, 0],
              [600, 0, 0],
            ];
        const header = { od: 45, points, ...(bent ? { clr: 400 } : {}) };
        const joint = straight(beta, od, { headers: [header], generators: 180 });
        // Within the header's width, so that no generator grazes it; a bend of 400 mm bows 8 mm off its corner.
        const shift: Point = [along, bent ? -8 : 0, 0];
        joint.branch.points = joint.branch.points.map(([x, y, z]): Point => [
          x + shift[0],
          y + shift[1] * (bent ? 1 : 0),
          z,
        ]);
        const [coarse, fine] = [largestStep(joint), largestStep({ ...joint, generators: 720 })];
        // A jump would stay as it is, however fine the steps.
        expect(fine).toBeLessThan(0.5 * coarse);
      },
    ),
    { numRuns: 60 },
  );
});
