import {
  type EndCut,
  lengthOf,
  nearestAlong,
  openEnd,
  type Piece,
  type Tube,
  type Vec3,
  itemAt,
} from '@gyrus/core';
import { Line, OrbitControls } from '@react-three/drei';
import { Canvas } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import { type BufferGeometry, DoubleSide, Vector3 } from 'three';
import { inPicture, shellGeometry, tubeGeometry } from '../../shared/space/axisCurve.ts';

interface EndSpaceProps {
  cut: EndCut;
  tube: Tube;
  headers: Tube[];
}

/** How much of the tube, and of its headers on both sides, is shown. mm */
const SHOWN = 150;

/** The cut end on its header, cut open along its face line, as seen from the open side. */
export function EndSpace({ cut, tube, headers }: EndSpaceProps) {
  const shown = SHOWN + Math.max(0, cut.throat);
  const shell = useMemo(
    () =>
      shellGeometry(
        openEnd(
          tube.axis,
          cut.end,
          tube,
          { face: cut.face ?? [0, 0, 1], outer: cut.outer, inner: cut.inner },
          Math.min(shown, tube.developed),
        ),
      ),
    [cut, tube, shown],
  );
  const { end, into, eye } = useMemo(() => eyeOf(cut, tube), [cut, tube]);
  return (
    <div
      className="bg-sheet border-rule rounded-machined h-80 border"
      role="img"
      aria-label={`End ${cut.end.toUpperCase()} of ${cut.stamp} on ${cut.headers.join(', ') || 'its plate'}, cut open`}
    >
      <Canvas frameloop="demand" camera={{ position: eye, fov: 34, near: 0.01 }} gl={{ antialias: true }}>
        <color attach="background" args={['hsl(52, 14%, 91%)']} />
        <ambientLight intensity={1.5} />
        <directionalLight position={[2, 5, 3]} intensity={1.6} />
        <directionalLight position={[-3, 2, -4]} intensity={0.7} />
        <Surface geometry={shell} colour="#3138a0" />
        {headers.map((header) => (
          <HeaderPart key={header.piece} axis={header.axis} od={header.od} at={end} />
        ))}
        <Line
          points={[inPicture(end), inPicture(along(end, into, shown + 40))]}
          color="#ffc83d"
          lineWidth={2}
        />
        <OrbitControls
          makeDefault
          target={inPicture(along(end, into, 30))}
          enableDamping={false}
          minDistance={0.1}
          maxDistance={1.5}
        />
      </Canvas>
    </div>
  );
}

const along = (from: Vec3, direction: Vec3, by: number): Vec3 => [
  from[0] + by * direction[0],
  from[1] + by * direction[1],
  from[2] + by * direction[2],
];

/** Where the end is and where it is looked at from: from the open side, a little from above and along the tube. */
function eyeOf({ end: which, face }: EndCut, { points }: Tube): { end: Vec3; into: Vec3; eye: Vector3 } {
  const at = which === 'a' ? 0 : points.length - 1;
  const end = itemAt(points, at);
  const next = itemAt(points, which === 'a' ? 1 : points.length - 2);
  const into = new Vector3(next[0] - end[0], next[1] - end[1], next[2] - end[2]).normalize();
  const u = new Vector3(...(face ?? ([0, 0, 1] as const)));
  // The open half lies on the side of −v, where v = into × u.
  const open = new Vector3().crossVectors(u, into).normalize();
  const away = open.multiplyScalar(360).addScaledVector(into, 150).addScaledVector(u, 100);
  const eye = inPicture([end[0] + away.x, end[1] + away.y, end[2] + away.z]);
  return { end, into: [into.x, into.y, into.z], eye };
}

function HeaderPart({ axis, od, at }: { axis: Piece[]; od: number; at: Vec3 }) {
  const geometry = useMemo(() => {
    const middle = nearestAlong(axis, at);
    const stretch: [number, number] = [Math.max(0, middle - SHOWN), Math.min(lengthOf(axis), middle + SHOWN)];
    return tubeGeometry(axis, od, { stretch, radial: 48 });
  }, [axis, od, at]);
  return <Surface geometry={geometry} colour="#8d9099" glassy />;
}

interface SurfaceProps {
  geometry: BufferGeometry;
  colour: string;
  /** Seen through, so that the cut behind it shows. */
  glassy?: boolean;
}

function Surface({ geometry, colour, glassy = false }: SurfaceProps) {
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      <meshStandardMaterial
        color={colour}
        roughness={0.6}
        metalness={0.1}
        side={DoubleSide}
        transparent={glassy}
        opacity={glassy ? 0.45 : 1}
        depthWrite={!glassy}
      />
    </mesh>
  );
}
