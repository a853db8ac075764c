import { type AssumedThing, confirmed, type LengthStyle, pathKey } from '@gyrus/core';
import { assumedValue, thingWords } from '@gyrus/formats';
import { useState } from 'react';
import { Link } from 'react-router';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { whereOfThing } from '../../job/seek/whereTo.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { keepText, keptText } from '../../shared/server/browserStore.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';

/** Whoever confirms figures in this browser. */
const NAME = 'gyrus-who-measures';

/** What is assumed, to be ticked off by who measured it. */
export function Ticks({ things }: { things: AssumedThing[] }) {
  const style = useJobStyle();
  const plan = usePlan();
  const replace = usePlanStore((state) => state.replace);
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [by, setBy] = useState(() => keptText(NAME) ?? '');
  const known = new Set(things.flatMap(({ figures }) => figures.map(({ path }) => pathKey(path))));
  const picked = new Set([...ticked].filter((key) => known.has(key)));
  const tick = (key: string, on: boolean) =>
    setTicked((before) => new Set(on ? [...before, key] : [...before].filter((one) => one !== key)));
  const keep = () => {
    keepText(NAME, by.trim());
    replace('figures/confirmed', confirmed(plan, picked, { by: by.trim(), on: new Date().toISOString() }));
    setTicked(new Set());
  };
  return (
    <div className="border-rule space-y-3 border-t p-3">
      <ul className="max-h-72 overflow-y-auto">
        {things.map((thing) => (
          <Thing
            key={thing.figures.map(({ path }) => pathKey(path)).join()}
            {...{ thing, picked, tick, style }}
          />
        ))}
      </ul>
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          label="who measured"
          maxLength={120}
          value={by}
          onChange={(event) => setBy(event.target.value)}
        />
        <Button kind="strong" disabled={picked.size === 0 || by.trim() === ''} onClick={keep}>
          Keep the {picked.size} ticked as they stand
        </Button>
        <p className="text-quiet w-full text-sm">
          Tick what you read off the car and found so. What you found to be another, type at its own place:
          that makes it measured too.
        </p>
      </div>
    </div>
  );
}

interface ThingProps {
  thing: AssumedThing;
  picked: ReadonlySet<string>;
  tick: (key: string, on: boolean) => void;
  style: LengthStyle;
}

const AXES = { forward: 'forward', left: 'left', up: 'up' };

/** One place or figure, a tick beside each of its values. */
function Thing({ thing, picked, tick, style }: ThingProps) {
  const plan = usePlan();
  const name = thingWords(thing.name);
  return (
    <li className="border-rule flex flex-wrap items-center justify-between gap-x-4 border-b py-0.5">
      <span>
        <Link to={whereOfThing(thing, plan)} className="underline underline-offset-2">
          {name}
        </Link>
        {thing.leftOut && <span className="text-quiet"> (left out, taken as)</span>}
      </span>
      <span className="flex flex-wrap gap-x-5">
        {thing.figures.map(({ path, value, axis }) => {
          const key = pathKey(path);
          const words = assumedValue(value, style);
          return (
            <label key={key} className="inline-flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="accent-ink size-6"
                checked={picked.has(key)}
                aria-label={`${name}${axis ? `, ${AXES[axis]}` : ''}: ${words}`}
                onChange={(event) => tick(key, event.target.checked)}
              />
              <span className="figure font-semibold">
                <Typeset text={words} />
              </span>
              {axis && <span className="text-quiet text-sm">{AXES[axis]}</span>}
            </label>
          );
        })}
      </span>
    </li>
  );
}
