import { HELMET_RADIUS, type Plan, type Vec3 } from '@gyrus/core';
import { Line } from '@react-three/drei';
import { useMemo } from 'react';
import { BufferGeometry, DoubleSide, Float32BufferAttribute } from 'three';
import { inPicture, metres } from './axisCurve.ts';

type Rib = Plan['survey']['ribs'][number];

const place = (at: Plan['survey']['keepOuts'][number]['from']): Vec3 => [at[0].mm, at[1].mm, at[2].mm];

/** The car round the cage as it was surveyed: sections with faint faces between them, keep-outs, people. */
export function CarEnvelope({ survey, occupants }: Pick<Plan, 'survey' | 'occupants'>) {
  const ribs = [...survey.ribs].sort((a, b) => a.forward.mm - b.forward.mm);
  return (
    <>
      {ribs.map((rib) => (
        <Line key={rib.id} points={outlineOf(rib).map(inPicture)} color="#8d9099" lineWidth={1.2} />
      ))}
      {ribs.slice(1).map((rib, i) => (
        <Faces key={rib.id} from={ribs[i] as Rib} to={rib} />
      ))}
      {survey.keepOuts.map((box) => (
        <KeepOutBox key={box.id} from={place(box.from)} to={place(box.to)} />
      ))}
      {occupants.map((one) => (
        <Person key={one.id} person={one} />
      ))}
    </>
  );
}

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
        const quad = [rowA[i - 1], rowA[i], rowB[i], rowA[i - 1], rowB[i], rowB[i - 1]] as Vec3[];
        for (const corner of quad) corners.push(...inPicture(corner).toArray());
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

/** Plain volumes: what is needed to see heads and shoulders beside tubes. mm, common practice */
const SHOULDERS = 420;
const TORSO = 230;

function Person({ person }: { person: Plan['occupants'][number] }) {
  if (!person.shoulder) return null;
  const shoulder = place(person.shoulder);
  const helmet = person.helmetTop ? place(person.helmetTop) : null;
  const seat: Vec3 = [shoulder[0] + 60, shoulder[1], shoulder[2] - 260];
  const wheel: Vec3 = [shoulder[0] + 520, shoulder[1], shoulder[2] - 120];
  return (
    <>
      <mesh position={inPicture(seat)} rotation={[-0.25, 0, 0]}>
        <boxGeometry args={[metres(SHOULDERS), metres(520), metres(TORSO)]} />
        <meshStandardMaterial color="#a8a59a" transparent opacity={0.55} />
      </mesh>
      <mesh position={inPicture([seat[0] + 220, seat[1], seat[2] - 260])}>
        <boxGeometry args={[metres(SHOULDERS), metres(120), metres(480)]} />
        <meshStandardMaterial color="#a8a59a" transparent opacity={0.55} />
      </mesh>
      {person.seat === 'left' && (
        <mesh position={inPicture(wheel)} rotation={[-0.4, 0, 0]}>
          <torusGeometry args={[metres(170), metres(14), 8, 32]} />
          <meshStandardMaterial color="#5b5e66" />
        </mesh>
      )}
      {helmet && (
        <mesh position={inPicture([helmet[0], helmet[1], helmet[2] - HELMET_RADIUS])}>
          <sphereGeometry args={[metres(HELMET_RADIUS), 20, 14]} />
          <meshStandardMaterial color="#d8d4c6" />
        </mesh>
      )}
    </>
  );
}
