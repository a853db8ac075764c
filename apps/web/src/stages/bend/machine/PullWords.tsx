import { type Bender, formatAngle, formatWithUnit, type NearestAtPull, type WalkedPull } from '@gyrus/core';
import { hindranceWords, metWords } from '@gyrus/formats';
import { Link } from 'react-router';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';

/** What a pull comes near to, what stands in its way, and what nobody measured. */
export function PullWords({ bender, pull }: { bender: Bender; pull: WalkedPull | null }) {
  const style = useJobStyle();
  if (!pull) return <p className="text-quiet">Working out what the tube comes near to…</p>;
  const near = (one: NearestAtPull) =>
    `${metWords(one.met)} ${formatWithUnit(Math.max(one.gap, 0), style)} at ${formatAngle(one.dial)}°`;
  const clear = pull.nearest.filter(({ met, gap }) => met.what !== 'operator' && gap >= 0 && gap < NEAR);
  const unknown = unmeasured(bender);
  return (
    <ul className="space-y-1">
      {pull.hindrances.map((one) => (
        <li key={JSON.stringify(one)}>
          <StatusMark status="out" /> This pull cannot be made: {hindranceWords(one, style)}.
        </li>
      ))}
      {pull.operator && (
        <li>
          <StatusMark status="look" /> The tube swings to where the operator stands, from{' '}
          {formatAngle(pull.operator.touches ?? 0)}° on: stand elsewhere for this pull.
        </li>
      )}
      {pull.hindrances.length === 0 && (
        <li>
          <StatusMark status="clear" />{' '}
          {clear.length > 0
            ? `Nearest: ${clear.map(near).join('; ')}.`
            : 'Nothing that is known stands near.'}
        </li>
      )}
      {unknown.length > 0 && (
        <li>
          <StatusMark status="ask" /> Not measured: {unknown.join(', ')}. Give what you measure{' '}
          <Link to="/shop" className="font-semibold underline">
            at Shop
          </Link>
          ; until then nobody knows whether the tube meets it.
        </li>
      )}
      <li className="text-quiet text-sm">
        {formatWithUnit(pull.straights.ahead, style)} of straight for the clamp,{' '}
        {formatWithUnit(pull.straights.behind, style)} behind the bend. The clamped end reaches{' '}
        {formatWithUnit(pull.reach, style)}: stand clear of its swing.
      </li>
    </ul>
  );
}

/** What stays off by more than this is not worth a word. mm */
const NEAR = 400;

/** What would have to be measured before the tube could be said to be clear of it. */
function unmeasured({ height, walls }: Bender): string[] {
  const open = (['ahead', 'behind', 'left', 'right'] as const).filter((wall) => walls[wall] === null);
  return [
    ...(height === null
      ? ['the height over the floor, without which nothing that stands there can be told']
      : []),
    ...(open.length === 4 ? ['the walls'] : []),
  ];
}
