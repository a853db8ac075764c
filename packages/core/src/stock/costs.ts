import { type Copes } from '../cage/index.ts';
import { isSameTube, type Plan, type Shop } from '../plan/index.ts';
import { sectionProperties } from '../tube/index.ts';
import { type Need, needsOf, type NotYet } from './need.ts';

/** What a member takes of tube. mm, kg; money in whatever the shop counts in */
export interface MemberCost {
  member: string;
  stamps: string[];
  /** Sawn off the stick. */
  cut: number;
  /** Of that in the cage when it is done; the rest is trim and what the saw wants. */
  finished: number;
  lost: number;
  /** Of what is sawn off. */
  mass: number;
  /** Its share of the sticks; null where no price is entered for the tube. */
  cost: number | null;
}

/**
 * What each member takes of tube, in the order of the needs. finished: of a piece, mm; null where it is not known. The cost is by the length
 * that is sawn off: what is left of a stick is told with its cut plan.
 */
export function costsOf(
  needs: readonly Need[],
  finished: (piece: string) => number | null,
  { tubes }: Pick<Shop, 'tubes'>,
): MemberCost[] {
  const costs = new Map<string, MemberCost>();
  for (const { member, piece, stamp, tube, length } of needs) {
    const done = finished(piece) ?? length;
    const section = { od: tube.od.mm, wall: tube.wall.mm };
    const each = perMillimetre(tubes, tube);
    const sum = costs.get(member) ?? {
      ...{ member, stamps: [], cut: 0, finished: 0, lost: 0, mass: 0 },
      cost: 0,
    };
    costs.set(member, {
      member,
      stamps: [...sum.stamps, stamp],
      cut: sum.cut + length,
      finished: sum.finished + done,
      lost: sum.lost + Math.max(0, length - done),
      mass: sum.mass + (sectionProperties(section).massPerLength * length) / 1000,
      cost: each === null || sum.cost === null ? null : sum.cost + each * length,
    });
  }
  return [...costs.values()];
}

/** The tubes of a cage, as far as they are made: those whose length on the axis is told are costed by it. mm */
type Answered = Parameters<typeof needsOf>[1][number] & {
  pieces: { piece: string; tube: { developed: number } | null }[];
};

/** What a cage takes of tube, member by member, and the tubes of which nobody knows yet how they are cut. guided: as in `needsOf` */
export function cageCosts(
  plan: Pick<Plan, 'members'>,
  members: readonly Answered[],
  copes: Pick<Copes, 'lengths' | 'ends'>,
  { shop, guided }: { shop: Pick<Shop, 'tubes'>; guided: boolean },
): { costs: MemberCost[]; notYet: NotYet[] } {
  const { needs, notYet } = needsOf(plan, members, copes, { guided });
  const pieces = members.flatMap((one) => one.pieces);
  const finished = (piece: string) => pieces.find((one) => one.piece === piece)?.tube?.developed ?? null;
  return { costs: costsOf(needs, finished, shop), notYet };
}

/** All of it as one line; its cost is not known where that of a part is not. */
export function wholeCost(costs: readonly MemberCost[]): MemberCost {
  const sum = (of: (one: MemberCost) => number) => costs.reduce((all, one) => all + of(one), 0);
  return {
    ...{ member: '', stamps: [] },
    cut: sum(({ cut }) => cut),
    finished: sum(({ finished }) => finished),
    lost: sum(({ lost }) => lost),
    mass: sum(({ mass }) => mass),
    cost: costs.some(({ cost }) => cost === null) ? null : sum(({ cost }) => cost ?? 0),
  };
}

/** What a millimetre of a tube costs, of its own batch where that has a price, else of the cheapest like it. */
function perMillimetre(stock: Shop['tubes'], tube: Need['tube']): number | null {
  const priced = stock.flatMap((one) =>
    isSameTube(one, tube) && one.price != null
      ? [{ batch: one.batch, each: one.price / one.stickLength.mm }]
      : [],
  );
  const own = priced.find(({ batch }) => batch === tube.batch);
  return own?.each ?? (priced.length === 0 ? null : Math.min(...priced.map(({ each }) => each)));
}
