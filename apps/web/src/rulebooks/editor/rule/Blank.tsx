import { type Angle, type Length, recordOf, type RuleCheck } from '@gyrus/core';
import { type CheckBlank } from '@gyrus/formats';
import { angleKind, lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { BookQuantity, type HalfTyped } from '../BookQuantity.tsx';
import { NumberBox } from '../NumberBox.tsx';
import { useBookDraft } from '../draft/useBookDraft.ts';
import { Choice, Several, Text } from './BlankChoices.tsx';

interface BlankProps {
  blank: CheckBlank;
  check: RuleCheck;
  set: (value: unknown) => void;
}

/** A blank in a check's sentence, as wide as what goes in. */
export function Blank({ blank, check, set }: BlankProps) {
  const value = recordOf(check)[blank.at] ?? null;
  const text = typeof value === 'string' ? value : '';
  switch (blank.type) {
    case 'angle':
    case 'length':
      return <Quantity blank={blank} value={isTyped(value) ? value : null} set={set} />;
    case 'number':
      return (
        <NumberBox
          {...limitsOf(blank)}
          label={blank.label}
          value={typeof value === 'number' ? value : text || null}
          set={set}
          placeholder={blank.optional ? 'open' : ''}
          className="control figure w-20 text-center text-lg font-semibold"
        />
      );
    case 'choice':
      return <Choice blank={blank} value={text} set={set} />;
    case 'several':
      return <Several blank={blank} chosen={Array.isArray(value) ? value.map(String) : []} set={set} />;
    case 'tick':
      return (
        <label className="inline-flex min-h-10 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={value === true}
            onChange={(event) => set(event.target.checked)}
          />
          {blank.text}
        </label>
      );
    case 'text':
      return <Text blank={blank} value={text} set={set} />;
  }
}

interface QuantityProps {
  blank: Extract<CheckBlank, { type: 'angle' | 'length' }>;
  value: HalfTyped | null;
  set: (value: unknown) => void;
}

/** A length or an angle in the book's unit; what is no figure yet stands there as it was typed. */
function Quantity({ blank, value, set }: QuantityProps) {
  const { unit } = useBookDraft();
  const shared = { bare: true, label: blank.label, optional: blank.optional ?? false, value, set };
  const open = blank.optional ? 'open' : null;
  if (blank.type === 'angle')
    return (
      <span className="inline-block w-24">
        <BookQuantity<Angle> {...shared} figure="deg" kind={angleKind(blank)} placeholder={open ?? '10'} />
      </span>
    );
  return (
    <span className="inline-block w-32">
      <BookQuantity<Length>
        {...shared}
        figure="mm"
        kind={lengthKind(
          { unit, fraction: 64, decimals: 1 },
          { least: 0, ...(blank.above === undefined ? {} : { above: blank.above }) },
        )}
        placeholder={open ?? (unit === 'in' ? '4' : '100')}
      />
    </span>
  );
}

const isTyped = (value: unknown): value is HalfTyped => typeof recordOf(value).typed === 'string';

const limitsOf = ({ least, most, whole, shown }: Extract<CheckBlank, { type: 'number' }>) => ({
  least,
  most,
  ...(whole === undefined ? {} : { whole }),
  ...(shown === undefined ? {} : { shown }),
});
