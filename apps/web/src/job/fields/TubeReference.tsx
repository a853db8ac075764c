import { type MemberReference } from '@gyrus/core';
import { pieceName } from '@gyrus/formats';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { useEvaluation } from '../../answers/useAnswers.ts';

interface TubeReferenceProps {
  label: string;
  value: MemberReference | null;
  /** Members that are not offered. */
  not?: ReadonlySet<string> | undefined;
  onChange: (reference: MemberReference) => void;
}

/** Which bar something is on, by its stamps: the parts of a split bar are one, twins are two. */
export function TubeReference({ label, value: reference, not, onChange }: TubeReferenceProps) {
  const { members } = useEvaluation();
  const options = members
    .filter(({ member }) => !not?.has(member) || member === reference?.member)
    .flatMap(({ member, role, pieces }) =>
      [...new Set(pieces.map(({ side }) => side))].map((side) => {
        const own = pieces.filter((piece) => piece.side === side);
        return {
          value: `${member}/${side ?? ''}`,
          text: `${own.map(({ stamp }) => stamp).join(' and ')} ${pieceName(role, side)}`,
          pieces: own.map(({ piece }) => piece),
          reference: { member, ...(side === null ? {} : { side }) },
        };
      }),
    );
  const chosen =
    options.find((one) => reference?.piece !== undefined && one.pieces.includes(reference.piece)) ??
    options.find(
      (one) =>
        one.reference.member === reference?.member &&
        (reference.side === undefined || one.reference.side === reference.side),
    );
  return (
    <SelectField
      label={label}
      value={chosen?.value ?? ''}
      options={[...(chosen ? [] : [{ value: '', text: 'a tube that is gone' }]), ...options]}
      onChange={(event) => {
        const next = options.find((one) => one.value === event.target.value);
        if (next) onChange(next.reference);
      }}
    />
  );
}
