import { EMPTY_SHOP, type Finding, type Plan, type RuleBook, type Shop, type Status } from '@gyrus/core';
import { findingStamps, findingWords, holdsWords, roleWords } from '@gyrus/formats';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { type JobDetail } from '@gyrus/contract';
import { demoCageAway, findingsAway } from '../../answers/away.ts';
import { api } from '../../shared/server/api.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { useJobs, useShop } from '../../shared/server/queries.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

interface Cage {
  plan: Plan;
  shop: Shop | null;
}

/** A cage to try a book on: one that ships with the program, or a job's newest revision. */
async function cageOf(id: string): Promise<Cage> {
  if (id === SHIPPED) return demoCageAway();
  const job = await api<JobDetail>(`jobs/${id}`);
  return { plan: job.head.plan, shop: null };
}

const SHIPPED = 'shipped';

/** The book held against a cage while it is written: what each of its rules says now. */
export function TryBook({ book, unit }: { book: RuleBook | null; unit: 'in' | 'mm' }) {
  const [id, setId] = useState(SHIPPED);
  const [classId, setClassId] = useState('');
  const jobs = useJobs().data ?? [];
  const shop = useShop().data ?? EMPTY_SHOP;
  const cage = useQuery({ queryKey: ['try-book', id], queryFn: () => cageOf(id), staleTime: 0 });
  const { answer: tried, current } = useTried(book, cage.data ?? null, shop, classId === '' ? null : classId);
  const findings = tried === 'failed' ? null : tried;
  const busy = book !== null && !cage.isError && !current;
  return (
    <aside
      aria-label="Tried on a cage"
      aria-busy={busy}
      className="space-y-3 lg:sticky lg:top-4 lg:self-start"
    >
      <h2 className="text-xl">Tried on a cage</h2>
      <SelectField
        label="cage"
        value={id}
        options={[
          { value: SHIPPED, text: 'the demo cage' },
          ...jobs.map((job) => ({ value: job.id, text: job.name })),
        ]}
        onChange={(event) => setId(event.target.value)}
      />
      {book && book.classes.length > 0 && (
        <SelectField
          label="in the class"
          value={classId}
          options={[
            { value: '', text: 'none' },
            ...book.classes.map((one) => ({ value: one.id, text: one.title || 'unnamed' })),
          ]}
          onChange={(event) => setClassId(event.target.value)}
        />
      )}
      {cage.isError && <p className="text-out font-semibold">This cage could not be fetched.</p>}
      {!book && <p className="text-quiet">It is tried as soon as nothing is wrong with it.</p>}
      {tried === 'failed' && (
        <p role="alert" className="text-out font-semibold">
          The book could not be tried on this cage: change it, or choose another cage.
        </p>
      )}
      {busy && <p className="text-quiet">Being tried …</p>}
      {book && findings?.length === 0 && (
        <p className="text-quiet">Nothing of it is about this cage yet: add a tube row or a rule.</p>
      )}
      {findings && findings.length > 0 && (
        <TriedFindings findings={findings} plan={cage.data?.plan} unit={unit} />
      )}
    </aside>
  );
}

interface TriedFindingsProps {
  findings: Finding[];
  plan: Plan | undefined;
  unit: 'in' | 'mm';
}

/** What the book found, the worst first, and how many of each. */
function TriedFindings({ findings, plan, unit }: TriedFindingsProps) {
  const style = { unit, fraction: 16 as const, decimals: 0 };
  const count = (status: Status) => findings.filter((one) => one.status === status).length;
  return (
    <>
      <p className="flex flex-wrap gap-4">
        {ORDER.map((status) => (
          <StatusMark key={status} status={status} word={`${status} ${count(status)}`} />
        ))}
      </p>
      <ul aria-label="Findings of this book" className="max-h-[60vh] space-y-2 overflow-y-auto">
        {findings.map((finding) => (
          <li key={finding.key}>
            <StatusMark status={finding.status} /> <span className="text-quiet">{finding.rule?.clause}</span>{' '}
            <strong>{memberWords(finding, plan)}</strong> <Typeset text={findingWords(finding, style)} />
            {finding.rule?.holds && <span className="text-quiet"> ({holdsWords(finding.rule.holds)})</span>}
          </li>
        ))}
      </ul>
    </>
  );
}

/** The tubes that a finding is about, as they are stamped, and their member: `BL, BR, backstay:`. */
function memberWords(finding: Finding, plan: Plan | undefined): string {
  const member = plan?.members.find(({ id }) => id === finding.member);
  return plan && member ? `${[...findingStamps(finding, plan), roleWords(member.role)].join(', ')}:` : '';
}

const ORDER: Status[] = ['out', 'look', 'ask', 'clear'];

interface Tried {
  /** null until it was tried, `failed` where it could not be. */
  answer: Finding[] | 'failed' | null;
  /** It is of the book, the cage and the class that are asked for now. */
  current: boolean;
}

/** What the book says of the cage. The typing never waits for it: an answer stays until the next one is there. */
function useTried(book: RuleBook | null, cage: Cage | null, shop: Shop, classId: string | null): Tried {
  const tried = useDeferredValue(book);
  const [last, setLast] = useState<Pick<Tried, 'answer'> & { of: unknown[] }>({ answer: null, of: [] });
  useEffect(() => {
    if (!tried || !cage) return;
    let overtaken = false;
    const plan: Plan = {
      ...cage.plan,
      brief: { ...cage.plan.brief, books: [{ book: tried.id, class: classId, edition: tried.edition }] },
      answers: {},
    };
    void findingsAway(plan, cage.shop ?? shop, [tried])
      .then((found) => {
        const own = found.filter(({ rule }) => rule !== null);
        return ORDER.flatMap((status) => own.filter((one) => one.status === status));
      })
      .catch(() => 'failed' as const)
      .then((answer) => {
        if (!overtaken) setLast({ answer, of: [tried, cage, shop, classId] });
      });
    return () => {
      overtaken = true;
    };
  }, [tried, cage, shop, classId]);
  const current = [book, cage, shop, classId].every((one, i) => one === last.of[i]) && last.of.length > 0;
  return { answer: tried ? last.answer : null, current };
}
