import { type Fault, type Rule } from '@gyrus/core';
import { blanksOf, bookBlankWords, figuresUncovered } from '@gyrus/formats';
import { useBookDraft } from '../draft/useBookDraft.ts';

/** What is wrong with its blanks, each by the name of the blank. */
export function CheckFaults({ rule, faults, at }: { rule: Rule; faults: Fault[]; at: number }) {
  const { book } = useBookDraft();
  const prefix = `/rules/${at}/check`;
  const own = faults.filter(({ path }) => path.startsWith(prefix));
  // A length or an angle that is not read says it at its own box.
  const speaking = blanksOf(rule.check.kind).filter(({ type }) => type === 'length' || type === 'angle');
  const boxes = new Set(speaking.map((blank) => `${prefix}/${blank.at}`));
  const told = own.filter(({ path, code }) => code !== 'unread' || !boxes.has(path));
  if (told.length === 0) return null;
  return (
    <ul role="status" className="text-out text-sm font-semibold">
      {told.map(({ path, message }) => (
        <li key={path}>
          {bookBlankWords(book, path)}: {message}
        </li>
      ))}
    </ul>
  );
}

/** What no check covers is for a person: said while the rule is written. */
export function Uncovered({ rule, faults }: { rule: Rule; faults: Fault[] }) {
  if (rule.check.kind === 'ask')
    return (
      <p className="text-look text-sm font-semibold">
        No check computes this. A person answers it at Inspect, and until then it stands open on the
        inspector’s sheet.
      </p>
    );
  if (faults.length > 0) return null;
  const figures = figuresUncovered(rule);
  if (figures.length === 0) return null;
  return (
    <p className="text-look text-sm font-semibold">
      The text says {figures.join(', ')}, and none of the blanks does. What no blank holds is not checked: add
      a rule with a question for a person, or mend the text.
    </p>
  );
}
