import { ToggleGroup } from 'radix-ui';
import { chosenIn } from './chosenIn.ts';

interface SegmentedProps<T extends string> {
  label: string;
  value: T;
  options: readonly { value: T; text: string }[];
  onChange: (value: T) => void;
  /** Hides the label from sight, where its surroundings say it. */
  quiet?: boolean;
}

/** One of a few choices, all in sight. */
export function Segmented<T extends string>({
  label,
  value,
  options,
  onChange,
  quiet = false,
}: SegmentedProps<T>) {
  return (
    <div>
      {!quiet && <div className="text-quiet mb-1 text-sm">{label}</div>}
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={value}
        onValueChange={(text) => {
          const next = chosenIn(options, text);
          if (next !== undefined) onChange(next);
        }}
        className="border-edge rounded-machined bg-sheet inline-flex flex-wrap border p-px"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option.value}
            value={option.value}
            className="data-[state=on]:bg-ink rounded-[2px] min-h-9 px-3 font-semibold data-[state=on]:text-white"
          >
            {option.text}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </div>
  );
}
