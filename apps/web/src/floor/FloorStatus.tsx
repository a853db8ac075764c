import { type FloorTick } from '@gyrus/contract';
import { formatAngle, type LengthStyle } from '@gyrus/core';
import { movesTheTube, sheetChangeWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { FloorButton } from './FloorButton.tsx';
import { letGo, type QueuedItem, settle } from './queue/floorQueue.ts';
import { stepWords } from './stepWords.ts';
import { type FloorWork, useSheetNews } from './useIssued.ts';

/** Whether anybody answers, and how much waits here until somebody does. */
export function NetworkLine({ work, kept, revision }: { work: FloorWork; kept: boolean; revision: number }) {
  const waiting = work.own.filter(({ fate }) => fate.at === 'waiting').length;
  const things = `${waiting} ${waiting === 1 ? 'step' : 'steps'} kept here`;
  const words = work.cut
    ? `no network: ${things}`
    : waiting > 0
      ? `sending: ${things}`
      : kept
        ? 'works without a network, too'
        : 'getting ready to be used without a network…';
  return (
    <span role="status" className={`text-lg ${work.cut ? 'text-chalk font-semibold' : 'text-quiet'}`}>
      {words}, sheet of revision {revision}
    </span>
  );
}

/** The plan moved on since the sheet was issued: what is otherwise. */
export function Stale({ id, work, style }: { id: string; work: FloorWork; style: LengthStyle }) {
  const news = useSheetNews(id, work.revision);
  const changes = news.data?.changes ?? [];
  if (changes.length === 0) return null;
  const stale = changes.some(movesTheTube);
  return (
    <section
      role={stale ? 'alert' : 'status'}
      aria-label="What has changed"
      className={`rounded-machined border-2 px-4 py-2 text-xl ${stale ? 'border-chalk' : 'border-[#6f79d8]'}`}
    >
      <b className={stale ? 'text-chalk' : ''}>
        {stale
          ? `STALE: the plan has moved on to revision ${news.data?.revision}. Stop, and have it issued again: `
          : 'Changed since it was issued: '}
      </b>
      {changes.map((change) => sheetChangeWords(change, style)).join('; ')}.
    </section>
  );
}

/** What this device did and the server did not take: somebody else did it before, or it was refused. */
export function NotTaken({ own }: { own: QueuedItem[] }) {
  return own.map((item) => {
    if (item.fate.at === 'clash') return <Clash key={item.id} item={item} other={item.fate.with} />;
    if (item.fate.at !== 'refused') return null;
    return (
      <Band key={item.id}>
        <p>
          {nameOf(item)} was not taken: {item.fate.why}.
        </p>
        <FloorButton onClick={() => settle(item.id, { at: 'waiting' })}>Try again</FloorButton>
        <FloorButton onClick={() => letGo(({ id }) => id === item.id)}>Leave it out</FloorButton>
      </Band>
    );
  });
}

function Clash({ item, other }: { item: QueuedItem; other: FloorTick }) {
  const mine = item.kind === 'tick' ? measureOf(item.body) : '';
  return (
    <Band>
      <p>
        {nameOf(item)} was ticked by {other.who} on another tablet at {format(other.at, 'HH:mm')}
        {measureOf(other)}. {mine === '' ? 'Nothing is lost by it.' : `Yours${mine} is not in the log.`}
      </p>
      <FloorButton onClick={() => letGo(({ id }) => id === item.id)}>
        {mine === '' ? 'Seen' : 'Theirs stands'}
      </FloorButton>
    </Band>
  );
}

const measureOf = ({ measured }: Pick<FloorTick, 'measured'>): string =>
  measured ? `, with ${formatAngle(measured.released.deg)}°` : '';

/** What was done, at the head of a sentence. */
const nameOf = (item: QueuedItem): string =>
  item.kind === 'tick'
    ? `“${stepWords(item.body)}”`
    : item.kind === 'scrap'
      ? 'The scrap'
      : `That it lies at ${item.body.place}`;

const Band = ({ children }: { children: React.ReactNode }) => (
  <section
    role="alert"
    className="border-chalk rounded-machined flex flex-wrap items-center gap-4 border-2 px-4 py-2 text-xl"
  >
    {children}
  </section>
);
