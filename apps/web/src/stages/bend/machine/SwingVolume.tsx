import {
  type Bender,
  type PullAsked,
  type Shell,
  type Sweep,
  sweepOf,
  type Vec3,
  type WalkTube,
} from '@gyrus/core';
import { useEffect, useMemo } from 'react';
import { DoubleSide } from 'three';
import { shellGeometry } from '../../../shared/space/axisCurve.ts';

interface SwingVolumeProps {
  tube: WalkTube;
  bender: Bender;
  pull: PullAsked;
}

/** The room that the tube takes while this bend is pulled, as thick as the tube: nobody and nothing stands in it. */
export function SwingVolume({ tube, bender, pull }: SwingVolumeProps) {
  const geometry = useMemo(
    () => shellGeometry(shellOf(sweepOf(tube, bender, pull), tube.od / 2)),
    [tube, bender, pull],
  );
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      <meshBasicMaterial color="#ff8a5c" transparent opacity={0.12} side={DoubleSide} depthWrite={false} />
    </mesh>
  );
}

/** Both sides of the die, each as an upper and a lower sheet. */
function shellOf({ ahead, behind, normal }: Sweep, half: number): Shell {
  const positions: number[] = [];
  const indices: number[] = [];
  for (const rows of [ahead, behind])
    for (const off of [-half, half]) addSheet({ positions, indices }, rows, normal, off);
  return { positions, indices };
}

function addSheet({ positions, indices }: Shell, rows: Vec3[][], normal: Vec3, off: number) {
  const first = positions.length / 3;
  const wide = rows[0]?.length ?? 0;
  for (const [x, y, z] of rows.flat())
    positions.push(x + off * normal[0], y + off * normal[1], z + off * normal[2]);
  for (let row = 0; row + 1 < rows.length; row += 1)
    for (let i = 0; i + 1 < wide; i += 1) {
      const at = first + row * wide + i;
      indices.push(at, at + 1, at + wide, at + 1, at + wide + 1, at + wide);
    }
}
