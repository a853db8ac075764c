import { type JobDetail } from '@gyrus/contract';
import { EMPTY_SHOP, formatAngle, formatWithUnit } from '@gyrus/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useCopes, useEvaluation } from '../../answers/useAnswers.ts';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../shared/figures/PlainTable.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { api } from '../../shared/server/api.ts';
import { useJobs, useRuleBooks, useShop } from '../../shared/server/queries.ts';
import { useCutting } from '../build/cut/keptCutting.ts';
import { type BesideRow, measuredBeside, tubesBeside } from './besideRows.ts';
import { comparedOf, comparedWith } from './comparedOf.ts';
import { CompareTable } from './CompareTable.tsx';

/** Another job beside this one: the last car of the model, where this one began as its copy. */
export function BesideJob({ jobId }: { jobId: string }) {
  const jobs = useJobs().data ?? [];
  const origin = jobs.find(({ id }) => id === jobId)?.copiedFrom?.id ?? '';
  const [chosen, setChosen] = useState<string | null>(null);
  const other = chosen ?? origin;
  const options = jobs
    .filter(({ id }) => id !== jobId)
    .map(({ id, name, car }) => ({ value: id, text: car ? `${name}, ${car}` : name }));
  return (
    <section aria-label="Beside another job" className="space-y-4">
      <h2 className="text-2xl">Beside another job</h2>
      <div className="max-w-md">
        <SelectField
          label="the job"
          value={other}
          options={[{ value: '', text: 'none' }, ...options]}
          onChange={(event) => setChosen(event.target.value)}
        />
      </div>
      {other && <Beside key={other} other={other} />}
    </section>
  );
}

const HERE = 'this job';

function Beside({ other }: { other: string }) {
  const plan = usePlan();
  const shop = useShop().data ?? EMPTY_SHOP;
  const books = useRuleBooks().data;
  const [{ guided }] = useCutting();
  const answers = useEvaluation();
  const copes = useCopes();
  const beside = useQuery({
    queryKey: ['beside', other, shop, books, guided],
    enabled: books !== undefined,
    staleTime: 0,
    queryFn: async () => {
      const { name, head } = await api<JobDetail>(`jobs/${other}`);
      return comparedOf(name, head.plan, { shop, books: books ?? [], guided });
    },
  });
  if (beside.isError) return <Trouble error={beside.error} retry={() => void beside.refetch()} />;
  if (!beside.data || !copes) return <Loading what="the other job" />;
  const there = beside.data;
  const here = comparedWith(HERE, plan, { answers, copes }, { shop, guided });
  return (
    <div className="space-y-4">
      <CompareTable caption="Jobs compared" compared={[there, here]} current={HERE} />
      <Rows
        caption="What was measured"
        name={there.name}
        rows={measuredBeside(plan, there.plan)}
        empty="Nothing is measured in either."
      />
      <Rows
        caption="Tubes of another length, along the axis"
        name={there.name}
        rows={tubesBeside(here, there)}
        empty="Every tube is as long as there."
      />
    </div>
  );
}

interface RowsProps {
  caption: string;
  /** The other job's. */
  name: string;
  rows: BesideRow[];
  empty: string;
}

function Rows({ caption, name, rows, empty }: RowsProps) {
  if (rows.length === 0) return <p>{empty}</p>;
  return (
    <PlainTable
      caption={caption}
      names={[{ unseen: 'figure' }, name, HERE, 'off', { unseen: 'how it is known' }]}
    >
      {rows.map((row) => (
        <Row key={row.name} row={row} />
      ))}
    </PlainTable>
  );
}

function Row({ row: { name, unit, here, there, assumed } }: { row: BesideRow }) {
  const style = useJobStyle();
  const say = (value: number) => (unit === 'mm' ? formatWithUnit(value, style) : `${formatAngle(value)}°`);
  const off = here === null || there === null ? null : here - there;
  const offWords = off === null ? '–' : off === 0 ? '0' : `${off > 0 ? '+' : '−'}${say(Math.abs(off))}`;
  return (
    <TableRow>
      <Cell>{name}</Cell>
      {[there, here].map((value, i) => (
        <Cell key={i} figure>
          {value === null ? '–' : <Typeset text={say(value)} />}
        </Cell>
      ))}
      <Cell figure>
        <Typeset text={offWords} />
      </Cell>
      <Cell>{assumed && <StatusMark status="ask" word="not measured on this car" />}</Cell>
    </TableRow>
  );
}
