import { type KeptCutPlan } from '@gyrus/contract';
import { type Copes, decided, formatWithUnit, type LengthStyle, type Occupant, type Plan } from '@gyrus/core';
import { boughtWords, tubeWords } from '@gyrus/formats';

/** Something that has to be there before steps can be done. */
export interface Wanted {
  /** What is ticked when it is at hand. */
  tick: string;
  what: string;
  /** What waits for it. */
  why: string;
  /** The steps that wait for it cannot be begun. */
  blocks: boolean;
}

/** What the build waits for: tube that is to be bought, hole saws by their size, seats and a steering column that nobody chose. */
export function wantedFor(
  plan: Plan,
  copes: Copes | null,
  cut: KeptCutPlan | undefined,
  style: LengthStyle,
): Wanted[] {
  return [
    ...tubeWanted(cut, style),
    ...sawsWanted(plan, copes, style),
    ...seatsWanted(plan),
    ...columnWanted(plan),
  ];
}

function tubeWanted(cut: KeptCutPlan | undefined, style: LengthStyle): Wanted[] {
  if (!cut)
    return [
      {
        tick: 'have:cut-plan',
        what: 'tube: no cut plan yet',
        why: 'lay it out, and the rack says what is to be bought',
        blocks: false,
      },
    ];
  return cut.plan.groups.flatMap((group) => {
    const bought = boughtWords(group, style);
    const tube = tubeWords({ ...group.tube, batch: '' });
    return bought === null
      ? []
      : [{ tick: `have:tube:${cut.id}:${tube}`, what: tube, why: bought, blocks: true }];
  });
}

/** Hole saws of ends that are not cut yet, by size, each with the tubes that want it. */
function sawsWanted({ copeTicks }: Plan, copes: Copes | null, style: LengthStyle): Wanted[] {
  const sizes = new Map<number, Set<string>>();
  for (const { piece, end, stamp, method, passes } of copes?.ends ?? []) {
    const isCut = copeTicks.some(
      (tick) => tick.piece === piece && tick.end === end && ['cut', 'fitted'].includes(tick.state),
    );
    if (isCut || method !== 'saw') continue;
    for (const { holeSaw } of passes) {
      const size = decided(holeSaw);
      sizes.set(size, (sizes.get(size) ?? new Set()).add(stamp));
    }
  }
  return [...sizes].map(([size, stamps]) => ({
    tick: `have:saw:${size}`,
    what: `hole saw ${formatWithUnit(size, style)}`,
    why: `ends of ${[...stamps].slice(0, 6).join(', ')}${stamps.size > 6 ? ` and ${stamps.size - 6} more` : ''}`,
    blocks: true,
  }));
}

/** Who has no seat measured yet: the harness bar's height follows from it. */
const seatsWanted = ({ occupants, members }: Plan): Wanted[] =>
  members.some(({ role }) => role === 'harness-bar')
    ? occupants.filter(hasNoSeat).map(({ id, name }) => ({
        tick: `have:seat:${id}`,
        what: `seat of ${name || 'somebody'}`,
        why: 'before the harness bar is welded',
        blocks: false,
      }))
    : [];

/** A dash bar is bent round the steering column, whose place nobody measured yet as a keep-out. */
const columnWanted = ({ members, survey }: Plan): Wanted[] =>
  members.some(({ role }) => role === 'dash-bar') && !survey.keepOuts.some(({ name }) => /column/i.test(name))
    ? [
        {
          tick: 'have:column',
          what: 'steering column, chosen and measured as a keep-out named so',
          why: 'before the dash bar is welded',
          blocks: false,
        },
      ]
    : [];

const hasNoSeat = ({ shoulder }: Occupant): boolean => !shoulder;
