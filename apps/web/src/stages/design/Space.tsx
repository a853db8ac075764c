import { polylineOf, type Tube } from '@gyrus/core';
import { OrbitControls } from '@react-three/drei';
import { Canvas } from '@react-three/fiber';
import { useMemo } from 'react';
import { CurvePath, LineCurve3, TubeGeometry, Vector3 } from 'three';

interface SpaceProps {
  tubes: Tube[];
  selected: string | null;
  onSelect: (piece: string) => void;
  className: string;
}

/** Metres, so that the camera's defaults fit. The car's z is up; three's y is. */
const METRE = 1000;

/** The cage in space: drag to turn, press a tube to pick it. Drawn only when something changes. */
export function Space({ tubes, selected, onSelect, className }: SpaceProps) {
  return (
    <div
      className={`h-[56vh] min-h-96 ${className}`}
      role="img"
      aria-label={`The cage in space: ${tubes.map((tube) => tube.stamp).join(', ')}`}
    >
      <Canvas frameloop="demand" camera={{ position: [-2.2, 1.6, -2.6], fov: 38 }} gl={{ antialias: false }}>
        <color attach="background" args={['hsl(52, 14%, 91%)']} />
        <ambientLight intensity={1.4} />
        <directionalLight position={[2, 5, 3]} intensity={1.8} />
        <gridHelper args={[4, 16, '#8d9099', '#c6c3b8']} />
        {tubes.map((tube) => (
          <TubeMesh
            key={tube.piece}
            tube={tube}
            picked={tube.piece === selected}
            onPick={() => onSelect(tube.piece)}
          />
        ))}
        <OrbitControls target={[0, 0.5, 0]} enableDamping={false} maxDistance={8} minDistance={0.6} />
      </Canvas>
    </div>
  );
}

function TubeMesh({ tube, picked, onPick }: { tube: Tube; picked: boolean; onPick: () => void }) {
  const geometry = useMemo(() => geometryOf(tube), [tube]);
  return (
    <mesh
      geometry={geometry}
      onClick={(event) => {
        event.stopPropagation();
        onPick();
      }}
    >
      <meshStandardMaterial color={picked ? '#ffc83d' : '#3138a0'} roughness={0.55} metalness={0.1} />
    </mesh>
  );
}

/** x forward, y left, z up in the car → x to the left, y up, z forward in the picture; still right-handed. */
function geometryOf(tube: Tube): TubeGeometry {
  const points = polylineOf(tube.axis, 5).map(([x, y, z]) => new Vector3(y / METRE, z / METRE, x / METRE));
  const path = new CurvePath<Vector3>();
  for (const [i, point] of points.entries()) {
    const before = points[i - 1];
    if (before && before.distanceTo(point) > 1e-6) path.add(new LineCurve3(before, point));
  }
  return new TubeGeometry(
    path,
    Math.min(64 + 24 * tube.features.length, 200),
    tube.od / 2 / METRE,
    10,
    false,
  );
}
