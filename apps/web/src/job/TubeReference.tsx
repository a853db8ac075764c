import { type MemberReference } from '@gyrus/core';
import { pieceName } from '@gyrus/formats';
import { SelectField } from '../shared/SelectField.tsx';
import { useEvaluation } from './useEvaluation.ts';

interface TubeReferenceProps {
  label: string;
  value: unknown;
  onChange: (reference: MemberReference) => void;
}

/** Which tube something is on, by its stamp. */
export function TubeReference({ label, value, onChange }: TubeReferenceProps) {
  const { members } = useEvaluation();
  const reference = value as MemberReference | undefined;
  const options = members.flatMap(({ member, role, pieces }) =>
    pieces.map((piece) => ({
      value: piece.piece,
      text: `${piece.stamp} ${pieceName(role, piece.side)}`,
      reference: {
        member,
        piece: piece.piece,
        ...(piece.side === null ? {} : { side: piece.side }),
      },
    })),
  );
  const chosen =
    options.find((one) => one.reference.piece === reference?.piece) ??
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
