import { type Evaluation, type Plan, type Vec3 } from '@gyrus/core';
import { useMemo } from 'react';
import { BufferGeometry, DoubleSide, Float32BufferAttribute } from 'three';
import { inPicture, metres } from '../../../shared/space/axisCurve.ts';

const SHEET = '#6d7178';

interface FurnitureProps extends Pick<Plan, 'plates' | 'gussets'> {
  evaluation: Evaluation;
}

/** Plates, plinths, gussets and parts of the cage in space. */
export function Furniture({ plates, gussets, evaluation }: FurnitureProps) {
  return (
    <>
      {evaluation.plates.map(({ plate, at }) => {
        const given = plates.find((one) => one.id === plate);
        return at && given && <PlateBox key={plate} plate={given} at={at} />;
      })}
      {evaluation.gussets.map(({ gusset, shape }) => {
        if (!shape.ok) return null;
        const twin = gussets.find((one) => one.id === gusset)?.twin ?? false;
        const corners = shape.value.corners;
        const mirrored = corners.map(([x, y, z]): Vec3 => [x, -y, z]);
        return [corners, ...(twin ? [mirrored] : [])].map((one, i) => (
          <Sheet key={`${gusset}${i}`} corners={one} />
        ));
      })}
      {evaluation.parts.flatMap(({ part, answer }) =>
        answer.ok
          ? (answer.value.points.length > 0 ? answer.value.points : [answer.value.at]).map((at, i) => (
              <mesh key={`${part}${i}`} position={inPicture(at)}>
                <sphereGeometry args={[metres(28), 14, 10]} />
                <meshStandardMaterial color="#d9861a" />
              </mesh>
            ))
          : [],
      )}
    </>
  );
}

function PlateBox({ plate, at }: { plate: Plan['plates'][number]; at: Vec3 }) {
  const { outline, plinth, thickness } = plate;
  const size =
    outline.kind === 'polygon'
      ? { length: 140, width: 100 }
      : { length: outline.length.mm, width: outline.width.mm };
  const tall = plinth?.height.mm ?? thickness.mm;
  return (
    <mesh
      position={inPicture([at[0], at[1], at[2] - tall / 2])}
      rotation={[0, 0, (plate.tilt.deg * Math.PI) / 180]}
    >
      <boxGeometry args={[metres(size.width), metres(Math.max(tall, 4)), metres(size.length)]} />
      <meshStandardMaterial color={SHEET} />
    </mesh>
  );
}

function Sheet({ corners }: { corners: readonly Vec3[] }) {
  const geometry = useMemo(() => {
    const made = new BufferGeometry();
    made.setAttribute(
      'position',
      new Float32BufferAttribute(
        corners.flatMap((corner) => inPicture(corner).toArray()),
        3,
      ),
    );
    made.computeVertexNormals();
    return made;
  }, [corners]);
  return (
    <mesh geometry={geometry}>
      <meshStandardMaterial color={SHEET} side={DoubleSide} />
    </mesh>
  );
}
