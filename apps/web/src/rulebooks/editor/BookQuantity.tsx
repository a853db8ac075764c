import { QuantityInput, type QuantityInputProps } from '../../shared/fields/QuantityInput.tsx';

/** What was typed in a blank where no figure could be read from it: it stands in the book, which cannot be taken in with it. */
export interface HalfTyped {
  typed: string;
}

type BookQuantityProps<Q extends { typed: string }> = Omit<
  QuantityInputProps<Q>,
  'value' | 'onChange' | 'pending' | 'onPending'
> & {
  /** The key of its figure. */
  figure: keyof Q;
  value: Q | HalfTyped | null;
  set: (value: Q | HalfTyped | null) => void;
};

/** A length, an angle or a weight of a book. What is not read is kept in the book as it was typed: it is a fault there, and never "no limit". */
export function BookQuantity<Q extends { typed: string }>({
  figure,
  value,
  set,
  ...input
}: BookQuantityProps<Q>) {
  const read = value !== null && figure in value ? (value as Q) : null;
  return (
    <QuantityInput
      {...input}
      value={read}
      onChange={set}
      pending={value !== null && read === null ? value.typed : undefined}
      onPending={(text) => {
        if (text !== undefined) set(text === '' ? null : { typed: text });
      }}
    />
  );
}
