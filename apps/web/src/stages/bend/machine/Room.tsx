import { type Bender, type Vec3, type Wall } from '@gyrus/core';
import { memo } from 'react';
import { inPicture, metres } from '../../../shared/space/axisCurve.ts';

/** What is shown of walls that nobody measured the length of. mm */
const SHOWN = 6000;
const HIGH = 2400;

/** The floor, the walls that were measured, what stands round the die, and the operator. Memoised: a scrub draws none of it anew. */
export const Room = memo(function Room({
  bender,
  operator,
}: {
  bender: Bender;
  /** Not where the eye is the operator's own. */
  operator: boolean;
}) {
  return (
    <>
      <gridHelper args={[metres(SHOWN), 12, '#7f8dff', '#4350a8']} />
      {(['ahead', 'behind', 'left', 'right'] as const).map((wall) => {
        const away = bender.walls[wall];
        return away !== null && <WallPlane key={wall} wall={wall} away={away} />;
      })}
      {bender.frame.map(({ from, to }, i) => (
        <Box key={i} from={from} to={to} />
      ))}
      {operator && bender.operator && (
        <mesh position={inPicture([bender.operator[0], bender.operator[1], 850])}>
          <capsuleGeometry args={[metres(220), metres(1200), 6, 16]} />
          <meshStandardMaterial color="#d8d4c6" transparent opacity={0.45} />
        </mesh>
      )}
    </>
  );
});

function WallPlane({ wall, away }: { wall: Wall; away: number }) {
  const thick = 20;
  const place: Record<Wall, { from: Vec3; to: Vec3 }> = {
    ahead: { from: [away, -SHOWN / 2, 0], to: [away + thick, SHOWN / 2, HIGH] },
    behind: { from: [-away - thick, -SHOWN / 2, 0], to: [-away, SHOWN / 2, HIGH] },
    left: { from: [-SHOWN / 2, away, 0], to: [SHOWN / 2, away + thick, HIGH] },
    right: { from: [-SHOWN / 2, -away - thick, 0], to: [SHOWN / 2, -away, HIGH] },
  };
  return <Box {...place[wall]} opacity={0.16} />;
}

function Box({ from, to, opacity = 0.55 }: { from: Vec3; to: Vec3; opacity?: number }) {
  const size = (axis: 0 | 1 | 2) => metres(Math.max(Math.abs(to[axis] - from[axis]), 1));
  const middle: Vec3 = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2];
  return (
    <mesh position={inPicture(middle)}>
      <boxGeometry args={[size(1), size(2), size(0)]} />
      <meshStandardMaterial color="#c6c3b8" transparent opacity={opacity} depthWrite={false} />
    </mesh>
  );
}
