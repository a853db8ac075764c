import { type Fault, type RuleBook } from '@gyrus/core';
import { bookFieldWords } from '@gyrus/formats';
import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api } from '../../shared/server/api.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { TakeOut } from './TakeOut.tsx';
import { useAskAgain } from '../../shared/server/useAskAgain.ts';

interface TakeInProps {
  book: RuleBook;
  faults: Fault[];
  forget: () => void;
  restore: (book: RuleBook) => void;
  touched: boolean;
}

/** Takes the book in among the others; what stands against it is named by clause and field. */
export function TakeIn({ book, faults, forget, restore, touched }: TakeInProps) {
  const askAgain = useAskAgain();
  const navigate = useNavigate();
  const take = useMutation({
    mutationFn: () => api<RuleBook>('rule-books', 'POST', book),
    onSuccess: async (taken) => {
      await askAgain({ queryKey: ['rule-books'] });
      forget();
      void navigate(`/rule-books/${taken.id}?edition=${encodeURIComponent(taken.edition)}`);
    },
  });
  return (
    <section aria-label="Take it in" className="border-rule space-y-3 border-t pt-4">
      {faults.length > 0 && (
        <div>
          <p className="font-semibold">
            {faults.length === 1 ? 'One thing stands' : `${faults.length} things stand`} against taking it in:
          </p>
          <ul aria-label="What stands against it">
            {faults.slice(0, 12).map(({ path, message }) => (
              <li key={path + message} className="text-out">
                <strong>{bookFieldWords(book, path)}</strong>: {message}
              </li>
            ))}
          </ul>
        </div>
      )}
      {take.isError && (
        <p role="alert" className="text-out font-semibold">
          {take.error.message}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button kind="strong" disabled={faults.length > 0 || take.isPending} onClick={() => take.mutate()}>
          Take it in
        </Button>
        {touched && (
          <TakeOut
            kind="danger"
            what="all that was written here"
            answer="Start over"
            take={() => {
              forget();
              return () => restore(book);
            }}
          >
            Start over
          </TakeOut>
        )}
        <Link to="/rule-books" className="inline-flex min-h-10 items-center px-2 font-semibold underline">
          Leave it for now
        </Link>
      </div>
    </section>
  );
}
