import { distance, type Vec3 } from '../../space/index.ts';
import { type Joint } from '../placing/joint.ts';

/** A closed bay: tubes that carry load round to where they began, and the corners where they meet. Car's frame, mm. */
export interface Loop {
  /** Pieces round the bay. */
  pieces: string[];
  corners: Vec3[];
  /** Of a bay with four corners, to set it up square by. */
  diagonals: [number, number] | null;
}

interface Edge {
  index: number;
  from: string;
  to: string;
  at: Vec3;
}

/** The shortest closed bay through every joint, each bay once. */
export function loopsOf(joints: Joint[]): Loop[] {
  const edges = joints.map(({ piece, header, at }, index): Edge => ({ index, from: piece, to: header, at }));
  const around = new Map<string, Edge[]>();
  for (const edge of edges)
    for (const piece of [edge.from, edge.to]) around.set(piece, [...(around.get(piece) ?? []), edge]);
  const found = new Map<string, Loop>();
  for (const edge of edges) {
    const way = shortestWay(around, edge);
    if (!way) continue;
    const ring = [edge, ...way];
    const key = ring
      .map(({ index }) => index)
      .sort((a, b) => a - b)
      .join('/');
    if (!found.has(key)) found.set(key, loopFrom(ring));
  }
  return [...found.values()].sort((a, b) => a.pieces.length - b.pieces.length);
}

/** A tube that is reached, and how. */
interface Way {
  node: string;
  by: { edge: Edge; from: Way } | null;
}

/** From the far side of a joint back to its near side without passing it: breadth first, so the shortest comes first. */
function shortestWay(around: Map<string, Edge[]>, closing: Edge): Edge[] | null {
  const ways: Way[] = [{ node: closing.to, by: null }];
  const seen = new Set([closing.to]);
  for (const way of ways) {
    if (way.node === closing.from && way.by) return edgesOf(way);
    for (const edge of around.get(way.node) ?? []) {
      if (edge === closing) continue;
      const next = edge.from === way.node ? edge.to : edge.from;
      if (seen.has(next) && next !== closing.from) continue;
      seen.add(next);
      ways.push({ node: next, by: { edge, from: way } });
    }
  }
  return null;
}

/** The edges of a way, from its start. */
function edgesOf(way: Way): Edge[] {
  const edges: Edge[] = [];
  for (let { by } = way; by; by = by.from.by) edges.unshift(by.edge);
  return edges;
}

function loopFrom(ring: Edge[]): Loop {
  const corners = ring.map(({ at }) => at);
  const [a, b, c, d] = corners;
  return {
    pieces: [...new Set(ring.flatMap(({ from, to }) => [from, to]))],
    corners,
    diagonals: corners.length === 4 && a && b && c && d ? [distance(a, c), distance(b, d)] : null,
  };
}
