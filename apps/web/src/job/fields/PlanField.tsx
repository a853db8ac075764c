import { type Plan } from '@gyrus/core';
import { type Draft } from 'immer';
import { type Knowable, QuantityInput, type QuantityKind } from '../../shared/fields/QuantityInput.tsx';
import { usePlanStore } from '../store/planStore.ts';

interface PlanFieldProps<Q extends Knowable> {
  label: string;
  /** Where it stands in the plan; also the key of its undo step and of its half-typed text. */
  field: string;
  kind: QuantityKind<Q>;
  value: Q | null;
  set: (plan: Draft<Plan>, value: Q | null) => void;
  onFocus?: () => void;
  bare?: boolean;
  optional?: boolean;
  needed?: boolean;
  placeholder?: string;
  /** Where a second box of the same field can be on the page, its own name among them. */
  among?: string;
  /** What a doubtful value may have been meant as. */
  meant?: { words: (value: Q) => string; take: (plan: Draft<Plan>, value: Q) => void } | undefined;
}

/** A quantity of the plan: undoable, and kept while it is typed. */
export function PlanField<Q extends Knowable>(props: PlanFieldProps<Q>) {
  const { label, field, kind, value, set, onFocus, bare, optional, needed, placeholder, among, meant } =
    props;
  const pending = usePlanStore((state) => state.typing[field]);
  const setTyping = usePlanStore((state) => state.setTyping);
  const change = usePlanStore((state) => state.change);
  const seal = usePlanStore((state) => state.seal);
  return (
    <QuantityInput
      inputId={`${among ?? ''}field-${field}`}
      label={label}
      kind={kind}
      value={value}
      pending={pending}
      onPending={(text) => {
        if (text !== pending) setTyping(field, text);
      }}
      onChange={(next) => change(field, (plan) => set(plan, next))}
      onFocus={() => {
        seal();
        onFocus?.();
      }}
      meant={
        meant && {
          words: meant.words,
          take: (given) => change(`${field}/meant`, (plan) => meant.take(plan, given)),
        }
      }
      {...(bare === undefined ? {} : { bare })}
      {...(optional === undefined ? {} : { optional })}
      {...(needed === undefined ? {} : { needed })}
      {...(placeholder === undefined ? {} : { placeholder })}
    />
  );
}
