import { itemAt } from '../../items/index.ts';
import { type Bar, type BarRole, mainHoopOf, newHoop, type Member, type Plan } from '../../plan/index.ts';
import { type HoopGeometry } from '../hoop/geometry.ts';
import { type Tube } from '../tube.ts';
import { withPieces } from './pieces.ts';
import { bendRoomOf } from '../sheet/radius.ts';
import { type Draft, type Needs, type NoPlace, type Standing } from './draft.ts';
import { PROPOSALS } from './roles.ts';
import { type Arrangement, BETWEEN_PLACES, WAYS } from './ways.ts';
import { length } from './write.ts';

/** Roles in the usual order of work (handbook §1, §11): what is asked for next. */
export const USUAL_ORDER: readonly BarRole[] = [
  'diagonal',
  'harness-bar',
  'backstay',
  'rear-cross',
  'side-hoop',
  'windscreen-bar',
  'roof-diagonal',
  'door-bar',
  'sill-bar',
  'dash-bar',
  'door-upright',
  'pillar-brace',
  'rear-diagonal',
  'gusset-tube',
  'strut',
  'spreader',
  'seat-mount',
  'tunnel-tube',
  'hand-hold',
  'halo',
  'roof-bar',
  'front-hoop',
  'front-leg',
  'take-off',
  'frame-tube',
];

const STAMPS: Record<BarRole, string> = {
  backstay: 'B',
  diagonal: 'D1',
  'harness-bar': 'HB',
  strut: 'ST',
  'front-hoop': 'FH',
  'front-leg': 'F',
  'side-hoop': 'S',
  halo: 'HA',
  'roof-bar': 'R',
  'roof-diagonal': 'RD',
  'windscreen-bar': 'WB',
  'pillar-brace': 'PB',
  'door-bar': 'DB',
  'door-upright': 'DU',
  'sill-bar': 'SB',
  'dash-bar': 'DA',
  'rear-cross': 'RX',
  'rear-diagonal': 'RG',
  'tunnel-tube': 'TT',
  'seat-mount': 'SM',
  spreader: 'V',
  'gusset-tube': 'G1',
  'hand-hold': 'HH',
  'take-off': 'T1',
  'frame-tube': 'FT',
};

/** The second bar of an X is stamped apart from the first, so that its halves have room for a number and a hand. */
const SECOND_STAMPS: Partial<Record<BarRole, string>> = {
  diagonal: 'DX',
  'roof-diagonal': 'RDX',
  'rear-diagonal': 'RGX',
  'door-bar': 'XD',
};

/** The ways a role is built, the usual one first; none where there is only one. Without a hoop, a harness bar stands between two places. */
export const waysOf = (role: BarRole, hasHoop = true): readonly Arrangement[] =>
  (WAYS[role] ?? []).filter((way) => hasHoop || role !== 'harness-bar' || way.startsWith(BETWEEN_PLACES));

/** Bars that are proposed for a role, without stamps and ids that a plan gives them. */
export interface Proposed {
  bars: Bar[];
}

/**
 * Bars of a role with ends and a shape that a fabricator would start from, given what stands. All of it can be changed;
 * what it needs and is not there yet is named instead. fresh: gives an id that no other thing has.
 */
export function proposeBar(
  plan: Plan,
  cage: { hoop: HoopGeometry | null; tubes: Tube[] },
  role: BarRole,
  way: Arrangement,
  fresh: () => string,
): Proposed | Needs | NoPlace {
  const drafts = PROPOSALS[role](standingOf(plan, cage), way);
  if (!Array.isArray(drafts)) return drafts;
  const bars: Bar[] = [];
  for (const draft of drafts) bars.push(barFrom(plan, bars, role, draft, fresh));
  return { bars };
}

function standingOf(plan: Plan, { hoop, tubes }: Parameters<typeof proposeBar>[1]): Standing {
  const { members } = plan;
  const main = members.find((one) => one.role === 'main-hoop');
  const like = main ?? members[0];
  const first = new Map<string, { id: string; pair: Bar['pair'] }>();
  for (const one of members) if (one.role !== 'main-hoop' && !first.has(one.role)) first.set(one.role, one);
  return {
    hoop: main && hoop ? { id: main.id, geometry: hoop } : null,
    members: first,
    tubes,
    sectioned: plan.survey.frontSection !== null,
    room: like ? bendRoomOf(like, plan.dies) : { clr: 0, clrAt: () => null, od: 0, straight: 0 },
    od: like?.tube.od.mm ?? 0,
    diagonals: members.filter((one) => one.role === 'diagonal').map((one) => one.id),
  };
}

function barFrom(plan: Plan, before: Bar[], role: BarRole, draft: Draft, fresh: () => string): Bar {
  const like = mainHoopOf(plan) ?? plan.members[0] ?? newHoop({ member: '', piece: '' }, plan.units.length);
  const taken = [...plan.members, ...before];
  const splitBy = [...draft.splitBy, ...(draft.splitByFirst ? [itemAt(before, 0).id] : [])];
  const nothing = length(0);
  return withPieces(
    {
      role,
      id: fresh(),
      stamp: freeStamp(
        taken,
        (draft.splitByFirst && SECOND_STAMPS[role]) || STAMPS[role],
        draft.pair === 'mirrored',
      ),
      tube: like.tube,
      pieces: [],
      ends: draft.ends,
      crossings: splitBy.map((member) => ({ member, goes: 'split' })),
      bending: { ...like.bending, dieAt: {}, clampSideAt: {}, order: null, datum: 'a' },
      shape: draft.shape,
      pair: draft.pair,
      right: draft.right,
      offset: [nothing, nothing, nothing],
      existing: false,
      bentAgain: [],
      cut: { a: nothing, b: nothing },
    },
    fresh,
  );
}

/** A stamp that no other member has: the role's own, or with the next number. */
function freeStamp(members: Member[], wanted: string, pair: boolean): string {
  const taken = new Set(members.flatMap((one) => [one.stamp, ...one.pieces.map((piece) => piece.stamp)]));
  const clash = (stamp: string) =>
    taken.has(stamp) || (pair && (taken.has(`${stamp}L`) || taken.has(`${stamp}R`)));
  if (!clash(wanted)) return wanted;
  const letters = wanted.replace(/\d+$/, '').slice(0, 2);
  let number = 2;
  while (clash(`${letters}${number}`)) number += 1;
  return `${letters}${number}`;
}
