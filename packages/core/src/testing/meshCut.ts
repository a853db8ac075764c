import { type Manifold, type ManifoldToplevel } from 'manifold-3d';
import { type Piece, pointAt, lengthOf } from '../centreline/index.ts';
import { add, distance, scale, subtract, unit, type Vec3 } from '../space/index.ts';
import { type Branch, branchFrom, onGenerator, squareTo } from '../cope/generators.ts';

/**
 * The same cut by a mesh boolean of a general-purpose library: tubes as prisms of so many sides. Outside reference for tests and
 * the bench only; its error is that of its facets, about r·(1 − cos(π/segments)).
 */
export interface MeshTube {
  od: number;
  axis: Piece[];
}

/** How far past its ends a tube goes on straight here. mm */
const BEYOND = 250;

/** Cuts the branch, wall and all, by its headers. What is left holds every end that the boolean makes. */
export function meshCut(
  { Manifold, Mesh }: ManifoldToplevel,
  branch: Branch,
  { od, wall }: { od: number; wall: number },
  headers: MeshTube[],
  segments: number,
): Manifold {
  const origin = branch.end;
  const pipe = (radius: number) => solidOf({ Manifold, Mesh }, branchRings(branch, radius, segments), origin);
  const outer = pipe(od / 2);
  const inner = pipe(od / 2 - wall);
  const hollow = outer.subtract(inner);
  const cut = headers.reduce((left, header) => {
    const solid = solidOf({ Manifold, Mesh }, headerRings(header, segments), origin);
    const next = left.subtract(solid);
    solid.delete();
    left.delete();
    return next;
  }, hollow);
  outer.delete();
  inner.delete();
  return cut;
}

/** Places along the branch where rings stand, from past the end to its other end; finer than the facets round it in bends. */
function branchStops(branch: Branch, segments: number): number[] {
  const stops = [-BEYOND];
  for (const [i, stretch] of branch.stretches.entries()) {
    const next = branch.stretches[i + 1]?.start ?? branch.length;
    const parts =
      stretch.kind === 'straight'
        ? 1
        : Math.ceil(stretch.rate * (next - stretch.start) * (segments / Math.PI));
    for (let k = 0; k < parts; k++) stops.push(stretch.start + ((next - stretch.start) * k) / parts);
  }
  return [...stops, branch.length];
}

function branchRings(branch: Branch, radius: number, segments: number): Vec3[][] {
  return branchStops(branch, segments).map((s) =>
    Array.from({ length: segments }, (_, k) => {
      const turn = (2 * Math.PI * k) / segments;
      return onGenerator(branch, s, radius * Math.cos(turn), radius * Math.sin(turn));
    }),
  );
}

/** A header seen as a branch from its end A, so that the same rings make it. */
function headerRings({ axis, od }: MeshTube, segments: number): Vec3[][] {
  const [from, next] = [pointAt(axis, 0) as Vec3, pointAt(axis, 1e-3) as Vec3];
  const into = unit(subtract(next, from));
  const aside = squareTo(into, Math.abs(into[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]) as Vec3;
  const seen = branchFrom(axis, into, aside);
  const rings = branchRings(seen, od / 2, segments);
  const last = rings[rings.length - 1] as Vec3[];
  const total = lengthOf(axis);
  const out = unit(subtract(pointAt(axis, total) as Vec3, pointAt(axis, total - 1e-3) as Vec3));
  return [...rings, last.map((at) => add(at, scale(out, BEYOND)))];
}

/** A closed solid from rings of points, capped at both ends. */
function solidOf(
  { Manifold, Mesh }: Pick<ManifoldToplevel, 'Manifold' | 'Mesh'>,
  rings: Vec3[][],
  origin: Vec3,
): Manifold {
  const round = rings[0]?.length ?? 0;
  const points = rings.flat();
  const caps = [rings[0] as Vec3[], rings[rings.length - 1] as Vec3[]].map((ring) =>
    scale(
      ring.reduce((sum, at) => add(sum, at), [0, 0, 0] as Vec3),
      1 / round,
    ),
  );
  const vertProperties = new Float32Array([...points, ...caps].flatMap((at) => [...subtract(at, origin)]));
  const triangles: number[] = [];
  const at = (ring: number, k: number) => ring * round + (k % round);
  for (let ring = 0; ring + 1 < rings.length; ring++)
    for (let k = 0; k < round; k++)
      triangles.push(
        at(ring, k), at(ring, k + 1), at(ring + 1, k + 1),
        at(ring, k), at(ring + 1, k + 1), at(ring + 1, k),
      ); // prettier-ignore
  const [low, high] = [points.length, points.length + 1];
  for (let k = 0; k < round; k++) {
    triangles.push(low, at(0, k + 1), at(0, k));
    triangles.push(high, at(rings.length - 1, k), at(rings.length - 1, k + 1));
  }
  return new Manifold(new Mesh({ numProp: 3, vertProperties, triVerts: new Uint32Array(triangles) }));
}

/**
 * Setbacks that the mesh left on each of its generators: of the part that holds the branch's other end, the place nearest to the
 * coped end. radius: of the surface that is read, mm.
 */
export function meshSetbacks(cut: Manifold, branch: Branch, radius: number, segments: number): number[] {
  const stops = branchStops(branch, segments);
  const rings = branchRings(branch, radius, segments).map((ring) =>
    ring.map((at) => subtract(at, branch.end)),
  );
  const far = rings[rings.length - 1] as Vec3[];
  const parts = cut.decompose();
  const kept = parts.map((part) => placesOf(part)).find((places) => holds(places, far[0] as Vec3)) ?? [];
  for (const part of parts) part.delete();
  return Array.from({ length: segments }, (_, k) => {
    const line = rings.map((ring) => ring[k] as Vec3);
    return Math.min(...kept.flatMap((at) => alongChords(line, stops, at) ?? []));
  });
}

function placesOf(part: Manifold): Vec3[] {
  const { vertProperties } = part.getMesh();
  return Array.from({ length: vertProperties.length / 3 }, (_, i): Vec3 => [
    vertProperties[3 * i] ?? 0,
    vertProperties[3 * i + 1] ?? 0,
    vertProperties[3 * i + 2] ?? 0,
  ]);
}

const holds = (places: Vec3[], wanted: Vec3): boolean => places.some((at) => distance(at, wanted) < 1e-3);

/** s of a place on the chords of a generator; null where it lies beside them. */
function alongChords(line: Vec3[], stops: number[], at: Vec3): number | null {
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1] as Vec3, line[i] as Vec3];
    const [x, y, z] = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const [px, py, pz] = [at[0] - a[0], at[1] - a[1], at[2] - a[2]];
    const share = (px * x + py * y + pz * z) / (x * x + y * y + z * z);
    if (share < -1e-6 || share > 1 + 1e-6) continue;
    if (Math.hypot(px - share * x, py - share * y, pz - share * z) > 1e-3) continue;
    const [from, to] = [stops[i - 1] as number, stops[i] as number];
    return from + share * (to - from);
  }
  return null;
}
