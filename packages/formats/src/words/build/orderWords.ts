import {
  type BuildAnswer,
  formatWithUnit,
  itemAt,
  type LengthStyle,
  type OrderFault,
  type Vec3,
} from '@gyrus/core';
import { listed } from '../listed.ts';
import { count } from './count.ts';

type Named = Pick<BuildAnswer, 'tubes' | 'standsOn'>;

const stampOf = ({ tubes }: Named, number: number): string => itemAt(tubes, number).stamp;

/** Why an order cannot be built: `DBL stands on SL: it goes on after it`. */
export function orderFaultWords(fault: OrderFault, answer: Named): string {
  const stamp = stampOf(answer, fault.tube);
  if (fault.kind === 'no-way')
    return `${stamp} has no way in any more once ${listed(fault.by.map((one) => stampOf(answer, one)))} ${fault.by.length === 1 ? 'stands' : 'stand'}`;
  const header = stampOf(answer, fault.header);
  return isCopedByOrder(fault, answer)
    ? `${stamp} is coped to ${header}, as it is fitted after it`
    : `${stamp} stands on ${header}: it goes on after it`;
}

/** Whether a fault is one of who is coped to whom at a node: another order makes other copes, and can be built. */
export const isCopedByOrder = (fault: OrderFault, { standsOn }: Named): boolean =>
  fault.kind === 'coped-to' && !itemAt(standsOn, fault.tube).includes(fault.header);

/** What an order costs: `2 seams are out of the torch's reach; the cage is let down once`. */
export function buildCostWords({ lost, moves }: BuildAnswer['cost']): string {
  const seams =
    lost === 0
      ? 'The torch reaches every seam'
      : `${count(lost, 'seam')} ${lost === 1 ? 'is' : 'are'} not reached all round by the torch`;
  const times = (moves - 1) / 2;
  const down =
    times === 0
      ? 'the cage is never let down'
      : times === 1
        ? 'the cage is let down once'
        : `the cage is let down ${times} times`;
  return `${seams}; ${down}`;
}

/** The ways to get at the tops, beside each other, a line each. */
export function reachComparedWords({ compared, cost }: BuildAnswer, style: LengthStyle): string[] {
  const { inPlace, dropped, lower, throughHoles } = compared;
  const holes = throughHoles.map(
    ({ stamp, end, length }) => `${stamp} ${end.toUpperCase()} ${formatWithUnit(length, style)}`,
  );
  return [
    `Left in its place: ${out(inPlace.lost)}.`,
    dropped === null
      ? 'Let down: nothing is said of how far. The height of the plinths is, at Cope.'
      : `Let down as planned: ${out(dropped.lost)}${cost.moves > 1 ? '' : ', and nothing needs it'}.`,
    ...(holes.length > 0
      ? [
          `A section that comes off, or holes in roof or floor that are patched afterwards (weaker), in its place: ${listed(holes)}.`,
        ]
      : []),
    ...(lower
      ? [
          `A cage whose tops stand ${formatWithUnit(lower.by, style)} lower from the start, in its place: ${out(lower.lost)}. What a helmet has over it gets less by as much.`,
        ]
      : []),
  ];
}

/** Whether a bolted cage comes out again in one piece, and how. */
export function exitWords(exit: NonNullable<BuildAnswer['exit']>, style: LengthStyle): string {
  const say = (mm: number) => formatWithUnit(Math.abs(mm), style);
  if (exit.kind === 'unknown')
    return 'Whether the bolted cage comes out again in one piece nobody knows: measure two sections of the body at Survey at least.';
  if (exit.kind === 'blocked')
    return `The bolted cage does not come out again in one piece by straight moves: ${exit.by} meets the ${exit.against === 'roof' ? 'roof' : 'side of the body'}. Let it come apart there.`;
  const moves = exit.way.map((at, i) => moveWords(at, exit.way[i - 1] ?? [0, 0, 0], say));
  return `The bolted cage comes out again over the ${exit.over === 'top' ? 'open top' : exit.over}: ${listed(moves)}. The opening there nobody measured: it takes ${say(exit.width)} by ${say(exit.height)}. See to it before it is stuck.`;
}

/** One straight move: `up 2 in`. */
function moveWords(to: Vec3, from: Vec3, say: (mm: number) => string): string {
  const names = [
    ['forward', 'back'],
    ['to the left', 'to the right'],
    ['up', 'down'],
  ] as const;
  return names
    .flatMap(([plus, minus], axis) => {
      const by = (to[axis] ?? 0) - (from[axis] ?? 0);
      return by === 0 ? [] : [`${by > 0 ? plus : minus} ${say(by)}`];
    })
    .join(' and ');
}

const out = (lost: number): string =>
  lost === 0 ? 'every seam is reached' : `${count(lost, 'seam')} out of reach`;
