import { type Length, TUBE_KINDS, type TubeOption } from '@gyrus/core';
import { tubeKindWords } from '@gyrus/formats';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { BookQuantity } from './BookQuantity.tsx';
import { useBookDraft } from './draft/useBookDraft.ts';
import { TakeOut } from './TakeOut.tsx';

interface SizeOptionProps {
  name: string;
  option: TubeOption;
  set: (change: (option: TubeOption) => void) => void;
  takeOut: (() => () => void) | null;
}

/** A size that will do for a row of the least tube: outside, wall, and the kinds it is for. */
export function SizeOption({ name, option, set, takeOut }: SizeOptionProps) {
  const { unit } = useBookDraft();
  const size = (label: string, key: 'od' | 'wall') => (
    <div className="w-36">
      <BookQuantity<Length>
        label={label}
        kind={lengthKind({ unit, fraction: 64, decimals: 2 }, { above: 0 })}
        figure="mm"
        value={option[key]}
        set={(value) => set((own) => void (own[key] = value as Length))}
      />
    </div>
  );
  return (
    <div role="group" aria-label={name} className="flex flex-wrap items-start gap-3">
      {size('least outside', 'od')}
      {size('least wall', 'wall')}
      <div className="flex flex-wrap gap-x-4 pt-6">
        {TUBE_KINDS.map((kind) => (
          <label key={kind} className="flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={option.kinds.includes(kind)}
              onChange={(event) =>
                set((own) => {
                  own.kinds = event.target.checked
                    ? [...own.kinds, kind]
                    : own.kinds.filter((one) => one !== kind);
                })
              }
            />
            {tubeKindWords(kind)}
          </label>
        ))}
      </div>
      {takeOut && (
        <div className="pt-6">
          <TakeOut what={name} take={takeOut}>
            Take out
          </TakeOut>
        </div>
      )}
    </div>
  );
}
