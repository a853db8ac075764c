import { type EndCut, lengthOf, pointAt, type Tube, tubeShell, type Vec3 } from '@gyrus/core';
import { Html } from '@react-three/drei';
import { type RefObject, useEffect, useMemo } from 'react';
import { DoubleSide } from 'three';
import { inPicture, shellGeometry, tubeGeometry } from '../../../shared/space/axisCurve.ts';
import { type Ends } from './tubeEnds.ts';

/** Strips round a tube with cut ends: enough to see the cut. */
const STRIPS = 24;

const cutOf = (end: EndCut | undefined) =>
  end?.face ? { face: end.face, outer: end.outer, inner: end.inner } : null;

interface TubeMeshProps {
  tube: Tube;
  ends: Ends | undefined;
  picked: boolean;
  onPick: () => void;
}

/** A tube with its cut ends, to be picked. */
export function TubeMesh({ tube, ends, picked, onPick }: TubeMeshProps) {
  const { a, b } = ends ?? {};
  const geometry = useMemo(
    () =>
      a || b
        ? shellGeometry(tubeShell(tube.axis, tube.od, { a: cutOf(a), b: cutOf(b) }, STRIPS))
        : tubeGeometry(tube.axis, tube.od),
    [tube, a, b],
  );
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh
      geometry={geometry}
      onClick={(event) => {
        event.stopPropagation();
        onPick();
      }}
    >
      <meshStandardMaterial
        color={picked ? '#ffc83d' : '#3138a0'}
        roughness={0.55}
        metalness={0.1}
        side={DoubleSide}
      />
    </mesh>
  );
}

interface StampLabelProps {
  tube: Tube;
  picked: boolean;
  /** What the labels of the picture lie in. */
  layer: RefObject<HTMLElement>;
}

/** What is stamped on the steel, at the middle of the tube. */
export function StampLabel({ tube, picked, layer }: StampLabelProps) {
  const middle = pointAt(tube.axis, lengthOf(tube.axis) / 2);
  if (!middle) return null;
  return (
    <Html
      portal={layer}
      position={inPicture(middle)}
      center
      zIndexRange={[5, 0]}
      style={{ pointerEvents: 'none' }}
    >
      <span
        className={`border-ink rounded-machined border px-1 text-xs font-bold ${picked ? 'bg-chalk' : 'bg-white'}`}
      >
        {tube.stamp}
      </span>
    </Html>
  );
}

/** A tube mirrored across the car, to be seen through. */
export function GhostMesh({ tube }: { tube: Tube }) {
  const geometry = useMemo(() => tubeGeometry(tube.axis.map(acrossPiece), tube.od), [tube]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      <meshBasicMaterial color="#d9861a" transparent opacity={0.35} depthWrite={false} />
    </mesh>
  );
}

const across = ([x, y, z]: Vec3): Vec3 => [x, -y, z];

/** A piece of an axis on the other side of the car; an arc's normal turns round, as a mirror does to what turns. */
function acrossPiece(piece: Tube['axis'][number]): Tube['axis'][number] {
  if (piece.kind === 'straight') return { ...piece, from: across(piece.from), to: across(piece.to) };
  const [nx, ny, nz] = piece.normal;
  return {
    ...piece,
    centre: across(piece.centre),
    radius: across(piece.radius),
    normal: [-nx, ny, -nz],
  };
}
