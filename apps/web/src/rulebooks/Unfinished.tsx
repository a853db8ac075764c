import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { type KeptDraft, keptDrafts, NEW_BOOK } from './editor/draft/keptDrafts.ts';

/** Books that somebody began to write in this browser, each to go on with. */
export function Unfinished() {
  const drafts = useQuery({ queryKey: ['book-drafts'], queryFn: keptDrafts, staleTime: 0, gcTime: 0 });
  if (!drafts.data || drafts.data.length === 0) return null;
  return (
    <section aria-label="Unfinished books" className="mt-6">
      <h2 className="mb-1 text-lg">Unfinished</h2>
      <ul>
        {drafts.data.map((draft) => (
          <li key={draft.key} className="border-look my-1 border-l-4 px-3 py-1">
            {draft.where === 'open' ? (
              <span className="font-semibold">{draft.book.title.trim() || 'a book without a title'}</span>
            ) : (
              <Link
                to={addressOf(draft)}
                className="inline-flex min-h-10 items-center font-semibold underline"
              >
                {draft.book.title.trim() || 'a book without a title'}
              </Link>
            )}
            <span className="text-quiet block text-sm">{aboutWords(draft)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function addressOf({ key, name }: KeptDraft): string {
  const draft = `draft=${encodeURIComponent(key)}`;
  if (name === NEW_BOOK) return `/rule-books/new?${draft}`;
  const [id = '', ...edition] = name.split('/');
  return `/rule-books/${id}/revise?edition=${encodeURIComponent(edition.join('/'))}&${draft}`;
}

function aboutWords({ name, book, where }: KeptDraft): string {
  const what = name === NEW_BOOK ? 'a new book' : 'a new edition';
  const rules = `${book.rules.length} ${book.rules.length === 1 ? 'rule' : 'rules'}`;
  return `${what}, ${rules}${where === 'open' ? ', being written in another tab' : ''}`;
}
