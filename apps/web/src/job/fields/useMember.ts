import { type MainHoop, mainHoopOf, type Member, type Plan } from '@gyrus/core';
import { type Draft } from 'immer';
import { into, narrowed, PLAN_PATH, type PlanPath } from '../store/planPath.ts';
import { usePlanStore } from '../store/planStore.ts';

/** Edits of one member, each under a key of its own in the undo history. */
export function useMemberEdit(id: string) {
  const change = usePlanStore((state) => state.change);
  return (key: string, recipe: (member: Draft<Member>) => void) =>
    change(`member/${id}/${key}`, (plan) => withMember(plan, id, recipe));
}

/** The setter of a field of one member, for a value that may not be left out. */
export const memberField =
  <Q>(id: string, set: (member: Draft<Member>, value: Q) => void) =>
  (plan: Draft<Plan>, value: Q | null): void => {
    if (value !== null) withMember(plan, id, (member) => set(member, value));
  };

function withMember(plan: Draft<Plan>, id: string, recipe: (member: Draft<Member>) => void): void {
  const member = plan.members.find((one) => one.id === id);
  if (member) recipe(member);
}

/** Where a member stands in the plan; its record is of the kind that it was found as. */
export const memberPath = <One extends Member>({ members }: Plan, { id }: One): PlanPath<One> =>
  narrowed(
    into(
      into(PLAN_PATH, 'members'),
      members.findIndex((one) => one.id === id),
    ),
  );

/** Edits of the main hoop. */
export function useHoopEdit() {
  const change = usePlanStore((state) => state.change);
  return (key: string, recipe: (hoop: Draft<MainHoop>) => void) =>
    change(`hoop/${key}`, (plan) => {
      const hoop = mainHoopOf(plan);
      if (hoop) recipe(hoop);
    });
}

/** The setter of a field of the main hoop, for a value that may not be left out. */
export const hoopField =
  <Q>(set: (hoop: Draft<MainHoop>, value: Q) => void) =>
  (plan: Draft<Plan>, value: Q | null): void => {
    const hoop = mainHoopOf(plan);
    if (hoop && value !== null) set(hoop, value);
  };
