import { Slider } from 'radix-ui';
import { Typeset } from '../figures/Figure.tsx';

interface NotchScaleProps {
  /** What is set, for those who cannot see it. */
  label: string;
  /** What each notch stands for, in their order. */
  notches: readonly string[];
  value: number;
  onChange: (notch: number) => void;
}

/** A scale with a tick for each notch, which says at its thumb what it stands at. */
export function NotchScale({ label, notches, value, onChange }: NotchScaleProps) {
  const last = Math.max(1, notches.length - 1);
  const share = (notch: number) => `${(100 * notch) / last}%`;
  const text = notches[value] ?? '';
  return (
    <div className="pt-7 pb-6">
      <Slider.Root
        className="relative mx-3 flex h-11 touch-none items-center select-none"
        min={0}
        max={notches.length - 1}
        value={[value]}
        onValueChange={([next]) => onChange(next ?? 0)}
      >
        <Slider.Track className="bg-ink relative h-1 grow">
          {notches.map((name, i) => (
            <span
              key={`${i}/${name}`}
              aria-hidden="true"
              className="bg-ink absolute -top-1.5 h-4 w-0.5 -translate-x-1/2"
              style={{ left: share(i) }}
            />
          ))}
        </Slider.Track>
        <Slider.Thumb
          aria-label={label}
          aria-valuetext={text}
          className="bg-chalk border-ink block size-7 rounded-full border-2"
        />
        <span
          aria-hidden="true"
          className="absolute -top-6 font-semibold whitespace-nowrap"
          style={{ left: share(value), transform: `translateX(-${(100 * value) / last}%)` }}
        >
          <Typeset text={text} />
        </span>
        <span aria-hidden="true" className="text-quiet absolute top-10 left-0 text-sm">
          <Typeset text={notches[0] ?? ''} />
        </span>
        <span aria-hidden="true" className="text-quiet absolute top-10 right-0 text-sm">
          <Typeset text={notches.at(-1) ?? ''} />
        </span>
      </Slider.Root>
    </div>
  );
}
