import {
  type BarRole,
  EMPTY_SHOP,
  type LengthStyle,
  mainHoopOf,
  newHoop,
  type Plan,
  type Shop,
  waysOf,
} from '@gyrus/core';
import { findingWords, roleWords } from '@gyrus/formats';
import { isOpen, openDoc, usePlanStore } from './store/planStore.ts';
import { proposeAway } from '../answers/away.ts';

/** What can be added: bars, and the main hoop where there is none. */
export type Addable = BarRole | 'main-hoop';

/** The first piece that was added; or why nothing was, and what must stand first where that is it. */
export type Added = { piece: string } | { why: string; needs?: Addable };

/** What an addition goes by: the shop, and how lengths are written. */
interface Given {
  shop?: Shop | undefined;
  style: LengthStyle;
}

/**
 * Adds the proposed bars of a role to the plan. They were tried in the cage first: what could not be placed, bent or seated is not added,
 * and what stands in the way is said.
 */
export async function addRole(
  role: Addable,
  way: string,
  { shop = EMPTY_SHOP, style }: Given,
): Promise<Added> {
  const plan = usePlanStore.getState().history?.present;
  const doc = openDoc();
  if (!plan || !doc) return { why: '' };
  if (role === 'main-hoop') return addHoop(plan);
  const proposed = await proposeAway(plan, shop, role, way).catch((error: unknown) => ({
    failed: error instanceof Error ? error.message : String(error),
  }));
  if ('failed' in proposed) return { why: `No ${roleWords(role)} could be worked out: ${proposed.failed}.` };
  if (!isOpen(doc)) return { why: '' };
  if ('needs' in proposed && proposed.needs === 'main-hoop' && mainHoopOf(plan))
    return {
      why: `A ${roleWords(role)} stands on the main hoop, which is not there yet: finish its measures at Survey, or let it come about another way.`,
    };
  if ('needs' in proposed)
    return {
      why: `A ${roleWords(role)} stands on a ${roleWords(proposed.needs)}: add that first.`,
      needs: proposed.needs,
    };
  if ('noPlace' in proposed) return { why: `No ${roleWords(role)} here: ${proposed.noPlace}.` };
  if ('inTheWay' in proposed)
    return {
      why: `This ${roleWords(role)}${way ? ` (${way})` : ''} cannot be made as it would be proposed: ${findingWords(proposed.inTheWay[0]!, style)}`,
    };
  const [first] = proposed.bars;
  usePlanStore.getState().change(`members/${first?.id}`, (draft) => {
    draft.members.push(...proposed.bars);
    draft.fitOrder.push(...proposed.bars.flatMap(({ pieces }) => pieces.map((piece) => piece.id)));
  });
  return { piece: first?.pieces[0]?.id ?? '' };
}

/** Adds a role with all that must stand before it, each as it is usually built and once; what stands in the way of any of them is said. */
export async function addWithNeeds(
  role: Addable,
  way: string,
  given: Given,
  had: readonly Addable[] = [],
): Promise<Added> {
  const added = await addRole(role, way, given);
  const needs = 'needs' in added ? added.needs : undefined;
  if (!needs || had.includes(needs)) return added;
  const usual = needs === 'main-hoop' ? '' : (waysOf(needs)[0] ?? '');
  const before = await addWithNeeds(needs, usual, given);
  // A main hoop waits for its measures: nothing stands on it yet.
  if ('why' in before || needs === 'main-hoop') return before;
  return addWithNeeds(role, way, given, [...had, needs]);
}

/** A main hoop that waits for its measures, before everything else in the order of fitting. */
function addHoop({ units }: Plan): Added {
  const hoop = newHoop({ member: crypto.randomUUID(), piece: crypto.randomUUID() }, units.length);
  const pieces = hoop.pieces.map(({ id }) => id);
  usePlanStore.getState().change(`members/${hoop.id}`, (draft) => {
    draft.members.unshift(hoop);
    draft.fitOrder.unshift(...pieces);
  });
  return { piece: pieces[0] ?? '' };
}
