import { TERM_KEYS } from '@gyrus/formats';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { Header } from '../shared/frame/Header.tsx';
import { TermHelp } from '../shared/terms/TermHelp.tsx';
import { FirstCage } from './FirstCage.tsx';
import { Shortcuts } from './Shortcuts.tsx';

/** What this program is, how it computes and what it does not know; a first cage in pictures; words and keys. */
export function AboutPage() {
  useNamedPart();
  return (
    <div className="flex min-h-full flex-col">
      <Header />
      <main className="mx-auto w-full max-w-5xl space-y-10 p-6">
        <section aria-label="What this is" className="max-w-prose space-y-3">
          <h1 className="text-3xl">What this is</h1>
          <p>
            Gyrus plans the tubes of a roll cage or roll bar: from the tape measure in the stripped car to a
            blank that is marked, a reading that springs back to the angle that is wanted, copes that close,
            and a sheet for the bench.
          </p>
          <p className="text-quiet">Version {import.meta.env.GYRUS_VERSION}</p>
        </section>
        <HowItComputes />
        <NotKnown />
        <FirstCage />
        <section aria-label="Words" id="words" className="space-y-3">
          <h2 className="text-2xl">Words</h2>
          <ul className="grid gap-3 md:grid-cols-2">
            {TERM_KEYS.map((key) => (
              <li key={key} id={`word-${key}`} className="bg-sheet border-rule rounded-machined border p-3">
                <TermHelp of={key} />
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Keys" id="keys" className="space-y-3">
          <h2 className="text-2xl">Keys</h2>
          <Shortcuts />
        </section>
      </main>
    </div>
  );
}

/** The part of the page that the address names is brought into view. */
function useNamedPart(): void {
  const { hash } = useLocation();
  useEffect(() => {
    if (hash.length > 1) document.getElementById(decodeURIComponent(hash.slice(1)))?.scrollIntoView();
  }, [hash]);
}

const HowItComputes = () => (
  <section aria-label="How it computes" className="max-w-prose space-y-2">
    <h2 className="text-2xl">How it computes</h2>
    <ul className="list-disc space-y-1 pl-5">
      <li>
        A plan holds what was measured and what is wanted. Every tube, mark, cope and verdict follows from it,
        again at each change; nothing that follows is typed in.
      </li>
      <li>
        Lengths are on the axis of the tube unless a face is named. A figure stands in one unit, and beside it
        in the other.
      </li>
      <li>
        A bend is an arc of the die&apos;s radius between two tangents. Springback comes from the test bends
        of the die, by a line through them with its band; without any, from theory, which is mostly too low.
      </li>
      <li>A cope is the true cut of a tube against those fitted before it, for the method that is chosen.</li>
      <li>
        A rule is held against what is drawn. Within the error of tape or protractor it says <em>look</em>;
        what rests on a figure that nobody measured <em>asks</em>.
      </li>
    </ul>
  </section>
);

const NotKnown = () => (
  <section aria-label="What it does not know" className="max-w-prose space-y-2">
    <h2 className="text-2xl">What it does not know</h2>
    <ul className="list-disc space-y-1 pl-5">
      <li>Whether a cage is strong. It computes no loads, and approves nothing.</li>
      <li>
        Whether a book is up to date, or was entered as it is printed: the current rule book and the inspector
        of the event decide. On the road, local law and licensed engineers.
      </li>
      <li>What a weld is like. Qualified welders, and samples that are cut open, say that.</li>
      <li>What it was not told of the car. What was not measured is not clear.</li>
      <li>
        Where a body goes in a crash. The people in it are simple volumes: they warn, they clear nobody. Sit
        in the car, helmet on, belts tight, before anything is welded.
      </li>
    </ul>
  </section>
);
