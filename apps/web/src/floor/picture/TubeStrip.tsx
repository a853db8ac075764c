import { type BendSheet, formatLength, type LengthStyle, type SheetBend, type TapeHook } from '@gyrus/core';
import { markSide } from '@gyrus/formats';
import { Typeset } from '../../shared/figures/Figure.tsx';

interface TubeStripProps {
  sheet: BendSheet;
  hook: TapeHook;
  style: LengthStyle;
  bend: SheetBend;
  /** Numbers of the bends that are there already. */
  made: ReadonlySet<number>;
}

/** The whole blank in one bar: what is bent, the mark that is next, its clamp, and the way the bend runs. */
export function TubeStrip({ sheet, hook, style, bend, made }: TubeStripProps) {
  const share = (mm: number) => `${(100 * mm) / sheet.blank}%`;
  const towardA = bend.clampSide === 'a';
  const clampFrom = towardA ? bend.tangentA - bend.die.clampLength.mm : bend.tangentB;
  const figure = formatLength(Math.abs(hook.reads(bend.mark)), style);
  const late = bend.mark > sheet.blank * 0.7;
  const early = bend.mark < sheet.blank * 0.3;
  return (
    <div
      aria-label={`The blank: the mark of bend ${bend.number} at ${figure} ${markSide(hook, bend)}`}
      role="img"
    >
      <div className="relative h-10">
        <div
          className="text-chalk absolute bottom-1 text-2xl font-semibold whitespace-nowrap"
          style={
            late
              ? { right: share(sheet.blank - bend.mark) }
              : { left: share(bend.mark), transform: early ? 'none' : 'translateX(-50%)' }
          }
        >
          <Typeset text={`${figure} ${markSide(hook, bend)}`} />
        </div>
      </div>
      <div className="relative h-11 border border-[#c9d0ff] bg-[#5a64d6]">
        {sheet.bends.map((one) => (
          <div
            key={one.number}
            className={`absolute inset-y-0 ${made.has(one.number) ? 'bg-[#2c3490]' : 'bg-[#7d88f0]'} ${one.number === bend.number ? 'outline-2 outline-white' : 'opacity-60'}`}
            style={{ left: share(one.tangentA), width: share(one.arc) }}
          />
        ))}
        <div
          className="absolute -inset-y-1.5 border-[3px] border-white"
          style={{ left: share(clampFrom), width: share(bend.die.clampLength.mm) }}
        />
        <div
          className="bg-chalk absolute -top-4 -bottom-1 w-1.5 -translate-x-1/2"
          style={{ left: share(bend.mark) }}
        />
        <span
          className="absolute inset-y-0 flex items-center text-3xl leading-none font-bold"
          style={{ left: share((bend.tangentA + bend.tangentB) / 2), transform: 'translateX(-50%)' }}
        >
          {towardA ? '→' : '←'}
        </span>
      </div>
      <div className="text-quiet mt-1 flex justify-between text-xl">
        <span>end A{towardA ? ' (clamp)' : ' (fed)'}</span>
        <span>end B{towardA ? ' (fed)' : ' (clamp)'}</span>
      </div>
    </div>
  );
}
