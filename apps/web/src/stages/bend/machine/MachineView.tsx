import {
  type Bender,
  blankPlaceIn,
  type Pose,
  poseOf,
  type PullAsked,
  type Stage,
  type Vec3,
  type WalkTube,
} from '@gyrus/core';
import { Html, OrbitControls } from '@react-three/drei';
import { Canvas, useThree } from '@react-three/fiber';
import { type RefObject, useEffect, useMemo, useRef } from 'react';
import { DoubleSide, Quaternion, Vector3 } from 'three';
import { inPicture, metres, tubeGeometry } from '../../../shared/space/axisCurve.ts';
import { Room } from './Room.tsx';
import { SwingVolume } from './SwingVolume.tsx';

/** Where the machine is looked at from. */
export type MachineEye = 'operator' | 'above' | 'ahead';

interface MachineViewProps {
  tube: WalkTube;
  bender: Bender;
  pull: PullAsked;
  stage: Stage;
  /** The mark of this bend, from end A of the blank. mm */
  mark: number;
  eye: MachineEye;
}

/** Where the tube's axis lies in a picture of a machine whose height nobody measured. mm */
const USUAL_HEIGHT = 1000;

/** The tube in the machine: as it lies at this degree, and faintly as it will be when this pull is released. */
export default function MachineView({ tube, bender, pull, stage, mark, eye }: MachineViewProps) {
  const labels = useRef<HTMLDivElement>(null!);
  const standing = useMemo(() => ({ ...bender, height: bender.height ?? USUAL_HEIGHT }), [bender]);
  const now = useMemo(() => poseOf(tube, standing, pull, stage), [tube, standing, pull, stage]);
  const then = useMemo(() => poseOf(tube, standing, pull, { at: 'released' }), [tube, standing, pull]);
  const bend = tube.bends.find(({ number }) => number === pull.bend);
  const at = blankPlaceIn(now, tube, pull.clamp, mark);
  const trailing = pull.clamp === 'a' ? 'B' : 'A';
  return (
    <div
      className="relative h-[46vh] min-h-80"
      role="img"
      aria-label={`The tube in the machine, end ${trailing} fed, the clamp toward ${pull.clamp.toUpperCase()}`}
    >
      <Canvas frameloop="demand" camera={{ fov: 40 }} gl={{ antialias: false }}>
        <color attach="background" args={['hsl(233, 52%, 24%)']} />
        <ambientLight intensity={1.3} />
        <directionalLight position={[2, 5, -3]} intensity={1.8} />
        <directionalLight position={[-3, 4, 3]} intensity={0.7} />
        <Room bender={standing} operator={eye !== 'operator'} />
        <Steel pose={then} od={tube.od} ghost />
        <Steel pose={now} od={tube.od} ghost={false} />
        <Die pose={now} od={tube.od} />
        {bend && <Blocks pose={now} od={tube.od} clampLength={bend.clampLength} trailing={bend.trailing} />}
        {at && <MarkRing at={at} pose={now} od={tube.od} />}
        <SwingVolume tube={tube} bender={standing} pull={pull} />
        <Growth pose={now} />
        <EndLabels pose={now} clamp={pull.clamp} layer={labels} />
        <Eye eye={eye} bender={standing} reach={tube.blank} />
        <OrbitControls
          makeDefault
          enableDamping={false}
          target={inPicture([0, 0, standing.height])}
          maxDistance={9}
          minDistance={0.5}
        />
      </Canvas>
      <div ref={labels} className="pointer-events-none absolute inset-0 overflow-hidden" />
    </div>
  );
}

/** Both sides of the tube from the die outward. */
function Steel({ pose, od, ghost }: { pose: Pose; od: number; ghost: boolean }) {
  return [pose.behind, pose.ahead].map((chain, i) => <Chain key={i} chain={chain} od={od} ghost={ghost} />);
}

function Chain({ chain, od, ghost }: { chain: Pose['ahead']; od: number; ghost: boolean }) {
  const geometry = useMemo(() => tubeGeometry(chain, od), [chain, od]);
  useEffect(() => () => geometry.dispose(), [geometry]);
  return (
    <mesh geometry={geometry}>
      {ghost ? (
        <meshBasicMaterial color="#ffc83d" transparent opacity={0.3} depthWrite={false} />
      ) : (
        <meshStandardMaterial color="#8f9bff" roughness={0.5} side={DoubleSide} />
      )}
    </mesh>
  );
}

const STEEL = '#9a9ea6';

/** The die as a disc of its centreline radius. */
function Die({ pose: { centre, normal, radius }, od }: { pose: Pose; od: number }) {
  const turn = useMemo(
    () => new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), inPicture(normal).normalize()),
    [normal],
  );
  return (
    <mesh position={inPicture(centre)} quaternion={turn}>
      <cylinderGeometry args={[metres(radius), metres(radius), metres(1.2 * od), 48]} />
      <meshStandardMaterial color={STEEL} roughness={0.6} transparent opacity={0.75} />
    </mesh>
  );
}

/** The clamp and the pressure die, on the straights that they hold. */
function Blocks({
  pose,
  od,
  clampLength,
  trailing,
}: {
  pose: Pose;
  od: number;
  clampLength: number;
  trailing: number;
}) {
  return (
    <>
      <Block piece={pose.ahead[pose.held.ahead - 1]} long={clampLength} od={od} color="#e4b27a" />
      <Block piece={pose.behind[0]} long={trailing} od={od} color={STEEL} />
    </>
  );
}

function Block({
  piece,
  long,
  od,
  color,
}: {
  piece: Pose['ahead'][number] | undefined;
  long: number;
  od: number;
  color: string;
}) {
  if (piece?.kind !== 'straight' || long <= 0 || piece.length <= 0) return null;
  const [from, to] = [inPicture(piece.from), inPicture(piece.to)];
  const along = to.clone().sub(from).normalize();
  const size = metres(Math.min(long, piece.length));
  const turn = new Quaternion().setFromUnitVectors(new Vector3(0, 0, 1), along);
  return (
    <mesh position={from.addScaledVector(along, size / 2)} quaternion={turn}>
      <boxGeometry args={[metres(1.6 * od), metres(1.6 * od), size]} />
      <meshStandardMaterial color={color} transparent opacity={0.55} />
    </mesh>
  );
}

/** The mark as a bright ring round the tube. */
function MarkRing({ at, pose, od }: { at: Vec3; pose: Pose; od: number }) {
  const centre = inPicture(at);
  const entry = inPicture(endOf(pose.behind[0]));
  const along = centre.clone().sub(entry);
  const way = along.lengthSq() > 1e-9 ? along.normalize() : new Vector3(0, 0, 1);
  const turn = new Quaternion().setFromUnitVectors(new Vector3(0, 0, 1), way);
  return (
    <mesh position={centre} quaternion={turn}>
      <torusGeometry args={[metres(od * 1.2), metres(od * 0.12), 10, 40]} />
      <meshBasicMaterial color="#ffc83d" />
    </mesh>
  );
}

const endOf = (piece: Pose['ahead'][number] | undefined): Vec3 =>
  piece?.kind === 'straight' ? piece.from : [0, 0, 0];

/** Which way the bend grows: backward, from the clamp over the tube that trails. */
function Growth({ pose }: { pose: Pose }) {
  const [x, y, z] = endOf(pose.behind[0]);
  return (
    <>
      <mesh position={inPicture([x - 150, y, z + 140])}>
        <boxGeometry args={[metres(14), metres(14), metres(300)]} />
        <meshBasicMaterial color="#ffffff" />
      </mesh>
      <mesh position={inPicture([x - 350, y, z + 140])} rotation={[-Math.PI / 2, 0, 0]}>
        <coneGeometry args={[metres(45), metres(110), 20]} />
        <meshBasicMaterial color="#ffffff" />
      </mesh>
    </>
  );
}

/** Which end is which, at the ends. */
function EndLabels({ pose, clamp, layer }: { pose: Pose; clamp: 'a' | 'b'; layer: RefObject<HTMLElement> }) {
  const ends = [
    { at: farEnd(pose.ahead), text: clamp.toUpperCase() },
    { at: farEnd(pose.behind), text: clamp === 'a' ? 'B' : 'A' },
  ];
  return ends.map(({ at, text }) => (
    <Html
      key={text}
      portal={layer}
      position={inPicture(at)}
      center
      zIndexRange={[5, 0]}
      style={{ pointerEvents: 'none' }}
    >
      <span className="bg-chalk text-ink border-ink rounded-machined border px-2 text-lg font-bold">
        {text}
      </span>
    </Html>
  ));
}

function farEnd(chain: Pose['ahead']): Vec3 {
  const last = chain.at(-1);
  return last?.kind === 'straight' ? last.to : [0, 0, 0];
}

/** Puts the eye where the operator stands, over the machine, or ahead of it. */
function Eye({
  eye,
  bender,
  reach,
}: {
  eye: MachineEye;
  bender: Bender & { height: number };
  reach: number;
}) {
  const camera = useThree((state) => state.camera);
  const invalidate = useThree((state) => state.invalidate);
  useEffect(() => {
    const away = bender.swing === 'right' ? 1 : -1;
    const [x, y] = bender.operator ?? [-reach * 0.35, away * 1500];
    const places: Record<MachineEye, Vec3> = {
      operator: [x, y, 1750],
      above: [-1, 0, bender.height + Math.max(3200, reach * 1.3)],
      ahead: [Math.max(2600, reach), away * 900, bender.height + 900],
    };
    camera.position.copy(inPicture(places[eye]));
    camera.lookAt(inPicture([0, 0, bender.height]));
    invalidate();
  }, [eye, bender, reach, camera, invalidate]);
  return null;
}
