import manifold, { type ManifoldToplevel } from 'manifold-3d';
import { cornersOf, layOut, type Piece, piecesOf } from '../centreline/index.ts';
import { expectValue } from '../fault/index.ts';
import { meshCut, meshSetbacks } from '../testing/meshCut.ts';
import { copeOf, type CopeTube } from './profile.ts';

// The outside: a mesh boolean of the general-purpose library manifold-3d. Its own error is that of its facets, which falls to a
// quarter when the segments are doubled.

type Point = [number, number, number];

let wasm: ManifoldToplevel;
beforeAll(async () => {
  wasm = await manifold();
  wasm.setup();
});

function axisOf(points: Point[], clr?: number): Piece[] {
  const corners = expectValue(cornersOf(clr === undefined ? { points } : { points, clr }));
  return piecesOf(corners, expectValue(layOut(corners)));
}
const tube = (od: number, points: Point[], clr?: number): CopeTube => ({ od, axis: axisOf(points, clr) });

/** The largest difference between the program's profile and the mesh's, on the outer and the inner edge. mm */
function difference(branch: CopeTube & { wall: number }, headers: CopeTube[], segments: number): number {
  const cope = expectValue(copeOf(branch, 'a', headers, segments));
  const cut = meshCut(wasm, cope.branch, branch, headers, segments);
  const edges = [
    { radius: branch.od / 2, profile: cope.outer },
    { radius: branch.od / 2 - branch.wall, profile: cope.inner },
  ];
  const worst = edges.map(({ radius, profile }) => {
    const mesh = meshSetbacks(cut, cope.branch, radius, segments);
    expect(mesh).toHaveLength(segments);
    return Math.max(...mesh.map((s, k) => Math.abs(s - (profile.setbacks[k] ?? Infinity))));
  });
  cut.delete();
  return Math.max(...worst);
}

const HEADER: Point[] = [
  [-300, 0, 0],
  [300, 0, 0],
];
const BENT: Point[] = [
  [100, -400, 0],
  [100, 100, 0],
  [-400, 100, 0],
];

const CASES: [string, CopeTube & { wall: number }, CopeTube[]][] = [
  [
    'straight on straight, off centre and at a slant',
    {
      ...tube(38.1, [
        [0, 2.5, 0],
        [250, 2.5, 400],
      ]),
      wall: 2.413,
    },
    [tube(44.45, HEADER)],
  ],
  [
    'straight on the bend of its header',
    {
      ...tube(38.1, [
        [63, 64, 0],
        [90, 95, 400],
      ]),
      wall: 2.413,
    },
    [tube(44.45, BENT, 130)],
  ],
  [
    'three headers at a node',
    {
      ...tube(38.1, [
        [0, 0, 0],
        [30, 60, 420],
      ]),
      wall: 2.413,
    },
    [
      tube(44.45, HEADER),
      tube(38.1, [
        [0, 0, 0],
        [-260, 90, 240],
      ]),
      tube(30, [
        [0, 0, 0],
        [-50, -300, 150],
      ]),
    ],
  ],
  [
    'an end cut within its own bend',
    {
      ...tube(
        30,
        [
          [0, 0, 0],
          [0, 0, 120],
          [400, 0, 120],
        ],
        110,
      ),
      wall: 2,
    },
    [
      tube(60, [
        [-10, -300, 30],
        [-10, 300, 30],
      ]),
    ],
  ],
];

test.each(CASES)('%s: as the mesh boolean has it, within the error of its facets', (_, branch, headers) => {
  const [coarse, fine] = [difference(branch, headers, 48), difference(branch, headers, 96)];
  expect(fine).toBeLessThan(0.12);
  expect(fine).toBeLessThan(0.5 * coarse);
});
