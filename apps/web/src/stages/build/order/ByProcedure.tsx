import { proceduresFor, standingOf, type Welded, type WeldProcedure, type WeldStanding } from '@gyrus/core';
import { weldProcedureWords, weldStandingWords } from '@gyrus/formats';
import { Link } from 'react-router';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { useWelding } from '../../../shared/server/useWelding.ts';

interface ByProcedureProps {
  seams: Welded[];
  fitting: WeldProcedure[];
  chosen: WeldProcedure | null;
  choose: (procedure: string | null) => void;
}

/** The shop's procedures for the walls of some seams, and the one of them that was chosen. */
export function useProcedures(seams: readonly Welded[], chosen: string | null) {
  const procedures = useWelding().data ?? [];
  const walls = [...new Set(seams.map(({ wall }) => wall))];
  const fitting = procedures.filter((one) => walls.every((wall) => proceduresFor([one], wall).length > 0));
  return { fitting, chosen: fitting.find(({ id }) => id === chosen) ?? null };
}

/** By which of the shop's procedures the seams of a step are welded, and what its samples say of how they lie. */
export function ByProcedure({ seams, fitting, chosen, choose }: ByProcedureProps) {
  if (fitting.length === 0)
    return (
      <p>
        <StatusMark status="ask" /> No welding procedure is written down for this wall: how it is welded is
        not kept.{' '}
        <Link to="/shop/welding" className="underline">
          Write one down
        </Link>
      </p>
    );
  return (
    <div className="space-y-2">
      <SelectField
        label="welded by procedure"
        value={chosen?.id ?? ''}
        options={[
          { value: '', text: 'not said' },
          ...fitting.map(({ id, name }) => ({ value: id, text: name })),
        ]}
        onChange={(event) => choose(event.target.value || null)}
      />
      {chosen && <Standing procedure={chosen} seams={seams} />}
    </div>
  );
}

/** What a procedure is, and how it stands in every position of the seams. */
function Standing({ procedure, seams }: { procedure: WeldProcedure; seams: Welded[] }) {
  const standings = new Map<string, WeldStanding>();
  for (const { positions } of seams)
    for (const one of standingOf(procedure, positions)) standings.set(one.position, one);
  return (
    <>
      <p className="text-sm">
        <Typeset text={weldProcedureWords(procedure)} />
      </p>
      <ul>
        {[...standings.values()].map((standing) => (
          <li key={standing.position}>
            <StatusMark status={standing.kind === 'sound' ? 'clear' : 'look'} /> {weldStandingWords(standing)}
          </li>
        ))}
      </ul>
    </>
  );
}
