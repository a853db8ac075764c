const KEYS = [
  ['Ctrl K', 'everything that can be done, by name: stages, fields, tubes, findings, jobs, words'],
  ['Ctrl Z', 'undo; the button says what'],
  ['Ctrl Y', 'redo'],
  ['Enter', 'on the picture of the survey: to the next box'],
  ['Tab', 'to the next box or button'],
  ['← →', 'between choices that stand side by side, and along a scale'],
  ['Esc', 'closes a dialog; what was typed in it is asked about first'],
  ['?', 'this list'],
] as const;

/** Every key that does something of its own. */
export const Shortcuts = () => (
  <dl className="grid max-w-prose grid-cols-[7rem_1fr] gap-x-4 gap-y-2">
    {KEYS.map(([key, does]) => (
      <div key={key} className="contents">
        <dt>
          <kbd className="border-edge rounded-machined figure border bg-white px-2 py-0.5 font-semibold">
            {key}
          </kbd>
        </dt>
        <dd>{does}</dd>
      </div>
    ))}
  </dl>
);
