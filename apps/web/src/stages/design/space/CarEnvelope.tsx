import { AS_MEASURED, bodyOf, type Plan, type Vec3, type Volume, itemAt } from '@gyrus/core';
import { Line } from '@react-three/drei';
import { memo, useMemo } from 'react';
import { BufferGeometry, DoubleSide, Float32BufferAttribute, Quaternion, Vector3 } from 'three';
import { inPicture, metres } from '../../../shared/space/axisCurve.ts';

type Rib = Plan['survey']['ribs'][number];

const place = (at: Plan['survey']['keepOuts'][number]['from']): Vec3 => [at[0].mm, at[1].mm, at[2].mm];

/**
 * The car round the cage as it was surveyed: sections with faint faces between them, keep-outs, people.
 * Memoised: a line that is given points anew has its shader made anew, which takes longer than all else of a key.
 */
export const CarEnvelope = memo(function CarEnvelope({
  survey,
  occupants,
}: Pick<Plan, 'survey' | 'occupants'>) {
  const ribs = [...survey.ribs].sort((a, b) => a.forward.mm - b.forward.mm);
  return (
    <>
      {ribs.map((rib) => (
        <Line key={rib.id} points={outlineOf(rib).map(inPicture)} color="#8d9099" lineWidth={1.2} />
      ))}
      {ribs.slice(1).map((rib, i) => (
        <Faces key={rib.id} from={itemAt(ribs, i)} to={rib} />
      ))}
      {survey.keepOuts.map((box) => (
        <KeepOutBox key={box.id} from={place(box.from)} to={place(box.to)} />
      ))}
      {occupants.map((one) => (
        <Person key={one.id} person={one} />
      ))}
    </>
  );
});

/** Down the left side, under the roof and down the right: left and right are alike. */
function outlineOf({ forward, points }: Rib): Vec3[] {
  const side = (sign: 1 | -1) => points.map(({ out, up }): Vec3 => [forward.mm, sign * out.mm, up.mm]);
  return [...side(1), ...side(-1).reverse()];
}

/** Faint faces between two sections, as far as both were measured at the same number of heights. */
function Faces({ from, to }: { from: Rib; to: Rib }) {
  const geometry = useMemo(() => {
    const [a, b] = [outlineOf(from), outlineOf(to)];
    const count = Math.min(from.points.length, to.points.length);
    const half = (row: Vec3[], right: boolean) => (right ? [...row].reverse() : row).slice(0, count);
    const corners: number[] = [];
    for (const right of [false, true]) {
      const [rowA, rowB] = [half(a, right), half(b, right)];
      for (let i = 1; i < count; i++) {
        const [a0, a1, b0, b1] = [itemAt(rowA, i - 1), itemAt(rowA, i), itemAt(rowB, i - 1), itemAt(rowB, i)];
        for (const corner of [a0, a1, b1, a0, b1, b0]) corners.push(...inPicture(corner).toArray());
      }
    }
    const made = new BufferGeometry();
    made.setAttribute('position', new Float32BufferAttribute(corners, 3));
    return made;
  }, [from, to]);
  return (
    <mesh geometry={geometry}>
      <meshBasicMaterial color="#8d9099" transparent opacity={0.1} side={DoubleSide} depthWrite={false} />
    </mesh>
  );
}

function KeepOutBox({ from, to }: { from: Vec3; to: Vec3 }) {
  const size = (axis: 0 | 1 | 2) => metres(Math.max(Math.abs(to[axis] - from[axis]), 1));
  const middle: Vec3 = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2];
  return (
    <mesh position={inPicture(middle)}>
      <boxGeometry args={[size(1), size(2), size(0)]} />
      <meshBasicMaterial color="#b3261e" transparent opacity={0.28} depthWrite={false} />
    </mesh>
  );
}

/** Somebody in the seat as measured: the same volumes that room and padding are computed from. */
function Person({ person }: { person: Plan['occupants'][number] }) {
  const { volumes } = useMemo(() => bodyOf(person, AS_MEASURED), [person]);
  return volumes.map((volume, i) => <Body key={i} volume={volume} />);
}

/** A ball, or a capsule between its two ends. */
function Body({ volume: { part, from, to, radius } }: { volume: Volume }) {
  const [a, b] = [inPicture(from), inPicture(to)];
  const along = new Vector3().subVectors(b, a);
  const turn = new Quaternion().setFromUnitVectors(UP, along.lengthSq() > 0 ? along.clone().normalize() : UP);
  return (
    <mesh position={a.clone().lerp(b, 0.5)} quaternion={turn}>
      <capsuleGeometry args={[metres(radius), along.length(), 8, 20]} />
      <meshStandardMaterial
        color={part === 'helmet' ? '#d8d4c6' : '#a8a59a'}
        transparent
        opacity={part === 'helmet' ? 1 : 0.6}
      />
    </mesh>
  );
}

const UP = new Vector3(0, 1, 0);
