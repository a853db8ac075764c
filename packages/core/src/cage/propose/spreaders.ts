import { type Attachment } from '../../plan/index.ts';
import { type Draft, bar, type Needs, type NoPlace, pair, type Standing } from './draft.ts';
import { middleOf, rowIn } from './fitting.ts';
import { acrossAt, LEAST_DROP, legsOf } from './starts.ts';
import { type Arrangement, V_ON_TWO_BARS } from './ways.ts';
import { height, station } from './write.ts';

/** How high a spreader between the front legs, and the foot of a V on two bars, stands to start from. mm */
const LOW = 250;

/** Bars across that a V can stand on by its middle, in the order in which they are taken. */
const CARRIES_A_V = ['dash-bar', 'harness-bar', 'rear-cross', 'windscreen-bar'] as const;

/** A V under the rear cross, a bar between the front legs, or a V on two bars. */
export function spreaders(standing: Standing, way: Arrangement): Draft[] | Needs | NoPlace {
  const legs = legsOf(standing);
  if (way === 'between the front legs')
    return legs ? [bar(...acrossAt(legs.id, LOW))] : { needs: 'side-hoop' };
  if (way !== V_ON_TWO_BARS) return underTheCross(standing);
  const across = CARRIES_A_V.find((role) => standing.members.has(role));
  const carries = across && standing.members.get(across);
  if (!carries) return { needs: 'harness-bar' };
  const feet = across === 'dash-bar' ? legs?.id : standing.hoop?.id;
  return feet ? [pair(middle(standing, carries.id), height(feet, 'left', LOW))] : { needs: 'main-hoop' };
}

/** Two tubes from the middle of what goes across at the head of the screen to the hoop's crown. */
export function roofV(standing: Standing, crown: Attachment): Draft[] | Needs {
  const { members } = standing;
  const front = members.get('windscreen-bar') ?? members.get('front-hoop') ?? members.get('halo');
  return front ? [pair(middle(standing, front.id), crown)] : { needs: 'windscreen-bar' };
}

const middle = ({ tubes }: Standing, member: string): Attachment =>
  station({ member }, 'end-a', middleOf(tubes, member));

function underTheCross(standing: Standing): Draft[] | Needs {
  const cross = standing.members.get('rear-cross');
  const stays = standing.members.get('backstay');
  if (!cross || !stays) return { needs: cross ? 'backstay' : 'rear-cross' };
  const [tie, stay] = [cross.id, stays.id].map((member) => rowIn(standing.tubes, member, 'left')?.[0]);
  // Down to the feet; up where the cross lies so low that it would run beside it.
  const drop = (tie?.points[0]?.[2] ?? 0) - (stay?.points.at(-1)?.[2] ?? 0);
  const end: [string, number] = drop < LEAST_DROP ? ['end-a', 120] : ['end-b', -60];
  return [pair(middle(standing, cross.id), station({ member: stays.id, side: 'left' }, ...end))];
}
