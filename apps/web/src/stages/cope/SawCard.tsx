import { type CutLengths, type EndCut, formatAngle, formatWithUnit, radians } from '@gyrus/core';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Figure } from '../../shared/Figure.tsx';

interface SawCardProps {
  cut: EndCut;
  od: number;
  lengths: CutLengths;
}

/** How the notcher is set, or why it does not make this end; and the tube's length three ways. */
export function SawCard({ cut, od, lengths }: SawCardProps) {
  const style = useJobStyle();
  const length = (mm: number) => formatWithUnit(mm, style);
  const { saw, why } = cut;
  const clocking = lengths.clocking;
  return (
    <section aria-label="Saw card" className="bg-sheet border-rule rounded-machined space-y-3 border p-4">
      {saw ? (
        <div className="flex flex-wrap gap-x-10 gap-y-2">
          <Figure label="notcher's dial" text={`${formatAngle(saw.dial)}°`} />
          <Figure label="a protractor between the tubes reads" text={`${formatAngle(90 - saw.dial)}°`} />
          <Figure label="hole saw" text={length(saw.holeSaw)} />
          <Figure label="axes miss by" text={length(Math.abs(saw.offset))} />
        </div>
      ) : (
        <p className="font-semibold">No setting of the notcher: {why ?? 'it is cut to a plane'}.</p>
      )}
      {saw && saw.dial > 60 && (
        <p className="text-look font-semibold">
          Sharp: under 30° between the axes notchers stop, and the root of the weld is out of reach. Use a
          gusset, or bend the end.
        </p>
      )}
      <div className="flex flex-wrap gap-x-10 gap-y-2">
        <Figure label="node to node, on the axis" text={length(lengths.axis)} />
        <Figure label="throat to throat" text={length(lengths.throats)} />
        <Figure label="ear to ear, what the tape finds" text={length(lengths.ears)} />
        {clocking !== null && (
          <Figure
            label="face line A to face line B"
            text={`${formatAngle(clocking)}°, ${length((od / 2) * radians(Math.abs(clocking)))} round`}
          />
        )}
      </div>
    </section>
  );
}
