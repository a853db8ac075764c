import { type Copes, type Evaluation, type Plan, type Tube, type Vec3 } from '@gyrus/core';
import { Line, OrbitControls } from '@react-three/drei';
import { Canvas, useThree } from '@react-three/fiber';
import { memo, useEffect, useMemo, useRef } from 'react';
import { inPicture } from '../../../shared/space/axisCurve.ts';
import { CarEnvelope } from './CarEnvelope.tsx';
import { Furniture } from './Furniture.tsx';
import { TubeMesh, StampLabel, GhostMesh } from './TubeMesh.tsx';
import { type Ends } from './tubeEnds.ts';

/** Where the cage in space is seen from. */
export type SpaceView = 'free' | 'side' | 'front' | 'top';

interface SpaceProps {
  /** What stands round the tubes; each is the same object until it is edited, so that a key draws nothing anew. */
  around: Pick<Plan, 'survey' | 'occupants' | 'plates' | 'gussets'>;
  evaluation: Evaluation;
  tubes: Tube[];
  selected: string | null;
  onSelect: (piece: string) => void;
  view: SpaceView;
  car: boolean;
  /** The stamp on every tube; the picked one has it always. */
  stamps: boolean;
  /** Cuts of the tubes' ends, where they are known. */
  copes: Copes | null;
  /** Mirror images of the tubes, to lay one side over the other. */
  ghosts: boolean;
  /** A line that is being measured. */
  measure: [Vec3, Vec3] | null;
  className: string;
}

/** Where the eye is, in the picture's metres. From the side: from the left. */
const EYES: Record<SpaceView, [number, number, number]> = {
  free: [2.4, 1.7, -2.5],
  side: [4.2, 0.6, 0.15],
  front: [0, 0.6, -4.2],
  top: [0, 4.6, 0.15],
};

/** The cage in space: drag to turn, press a tube to pick it. Drawn only when something changes. */
export const Space = memo(function Space(props: SpaceProps) {
  const { around, evaluation, tubes, selected, onSelect, view, car, stamps, ghosts, measure, className } =
    props;
  const labels = useRef<HTMLDivElement>(null!);
  const endsOf = useMemo(() => endsByPiece(props.copes), [props.copes]);
  return (
    <div
      className={`relative h-[56vh] min-h-96 ${className}`}
      role="img"
      aria-label={`The cage in space: ${tubes.map((tube) => tube.stamp).join(', ')}`}
    >
      <Canvas frameloop="demand" camera={{ position: EYES.free, fov: 34 }} gl={{ antialias: false }}>
        <color attach="background" args={['hsl(52, 14%, 91%)']} />
        <ambientLight intensity={1.4} />
        <directionalLight position={[2, 5, 3]} intensity={1.8} />
        <directionalLight position={[-3, 2, -4]} intensity={0.6} />
        <gridHelper args={[4, 16, '#8d9099', '#c6c3b8']} />
        {car && <CarEnvelope survey={around.survey} occupants={around.occupants} />}
        <Furniture plates={around.plates} gussets={around.gussets} evaluation={evaluation} />
        {tubes.map((tube) => (
          <TubeMesh
            key={tube.piece}
            tube={tube}
            ends={endsOf.get(tube.piece)}
            picked={tube.piece === selected}
            onPick={() => onSelect(tube.piece)}
          />
        ))}
        {tubes.map(
          (tube) =>
            (stamps || tube.piece === selected) && (
              <StampLabel key={tube.piece} tube={tube} picked={tube.piece === selected} layer={labels} />
            ),
        )}
        {ghosts && tubes.map((tube) => <GhostMesh key={tube.piece} tube={tube} />)}
        {measure && <Line points={measure.map(inPicture)} color="#b3261e" lineWidth={4} depthTest={false} />}
        <Eye view={view} />
        <OrbitControls
          makeDefault
          target={[0, 0.5, 0.15]}
          enableDamping={false}
          maxDistance={8}
          minDistance={0.6}
        />
      </Canvas>
      {/* The stamps are here, and not in the canvas's own box, which is gone before they are taken out. */}
      <div ref={labels} className="pointer-events-none absolute inset-0 overflow-hidden" />
    </div>
  );
});

/** Moves the eye when another view is asked for; dragging goes on from there. */
function Eye({ view }: { view: SpaceView }) {
  const camera = useThree((state) => state.camera);
  const invalidate = useThree((state) => state.invalidate);
  useEffect(() => {
    camera.position.set(...EYES[view]);
    camera.lookAt(0, 0.5, 0.15);
    invalidate();
  }, [view, camera, invalidate]);
  return null;
}

/** Both ends of every tube that has cuts. */
function endsByPiece(copes: Copes | null): Map<string, Ends> {
  const found = new Map<string, Ends>();
  for (const cut of copes?.ends ?? []) found.set(cut.piece, { ...found.get(cut.piece), [cut.end]: cut });
  return found;
}
