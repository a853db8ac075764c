import { type Hands } from '@gyrus/formats';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { type Light } from './Stamps.tsx';
import { HandsCard } from './HandsCard.tsx';
import { ClearLine } from './ClearLine.tsx';

/** What needs hands, a card for each deed; what is clear is counted and folded away. */
export function HandsView({ hands, light }: { hands: Hands; light: Light }) {
  const { open, clear } = hands;
  const count = clear.reduce((sum, { all }) => sum + all.length, 0);
  return (
    <div className="space-y-3">
      <section aria-label="What needs hands" className="space-y-2">
        {open.length === 0 && (
          <p className="bg-sheet border-rule rounded-machined border p-4">
            Nothing found is out, to be looked at or asked. What was not entered was not checked.
          </p>
        )}
        <ul className="space-y-2">
          {open.map((line) => (
            <HandsCard key={line.worst.key} {...{ line, light }} />
          ))}
        </ul>
      </section>
      {count > 0 && (
        <Disclosure
          summary={
            <span>
              <StatusMark status="clear" />{' '}
              <span className="font-medium">
                {count} findings, of {clear.length} kinds
              </span>
            </span>
          }
        >
          <ul>
            {clear.map((line) => (
              <ClearLine key={line.worst.key} {...{ line, light }} />
            ))}
          </ul>
        </Disclosure>
      )}
    </div>
  );
}
