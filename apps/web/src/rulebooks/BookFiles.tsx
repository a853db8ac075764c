import { type RuleBook } from '@gyrus/core';
import { bookFieldWords } from '@gyrus/formats';
import { Download, Upload } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ApiFault } from '../shared/server/api.ts';
import { FileButton } from '../shared/fields/FileButton.tsx';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

/** Takes a book in from a JSON file; what is wrong with it is said with the place where it is. */
export function TakeBook() {
  const [fault, setFault] = useState('');
  const askAgain = useAskAgain();
  const navigate = useNavigate();
  const take = async (file: File) => {
    setFault('');
    let document: unknown;
    try {
      document = JSON.parse(await file.text());
      const book = await api<RuleBook>('rule-books', 'POST', document);
      await askAgain({ queryKey: ['rule-books'] });
      void navigate(`/rule-books/${book.id}?edition=${encodeURIComponent(book.edition)}`);
    } catch (error) {
      setFault(messageOf(error, document));
    }
  };
  return (
    <div className="mt-4 space-y-2">
      <FileButton
        label="rule book as a JSON file"
        accept="application/json,.json"
        onFile={(file) => void take(file)}
      >
        <Upload aria-hidden="true" className="size-4" />
        Take in a book
      </FileButton>
      {fault && (
        <p role="alert" className="text-out font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}

/** What is wrong, by clause and field where the document is a book as far as that. */
function messageOf(error: unknown, document: unknown): string {
  if (error instanceof SyntaxError)
    return 'This file is not JSON: export a rule book, or write one by the schema.';
  if (error instanceof ApiFault) {
    const { path, message } = error.fault;
    const field = path && document && typeof document === 'object' ? bookFieldWords(document, path) : '';
    return path ? `At ${path}${field ? ` (${field})` : ''}: ${message}.` : `${message}.`;
  }
  return error instanceof Error ? error.message : String(error);
}

/** A text as part of a file's name, in any script. */
const fileName = (text: string): string =>
  text.replaceAll(/[^\p{L}\p{N}]+/gu, '-').replaceAll(/^-|-$/g, '') || 'book';

/** The book as a JSON file, to keep, to change under an edition of its own, and to pass on. */
export function KeepBook({ book }: { book: RuleBook }) {
  const address = `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(book, null, 2))}`;
  return (
    <a
      href={address}
      download={`${fileName(book.title)}-${fileName(book.edition)}.json`}
      className="border-edge bg-sheet rounded-machined mt-3 inline-flex min-h-10 items-center gap-2 border px-3.5 font-semibold hover:bg-white"
    >
      <Download aria-hidden="true" className="size-4" />
      Keep as a file
    </a>
  );
}
