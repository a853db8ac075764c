import { type Plan } from '../plan/index.ts';

/** What somebody said to a question: yes is clear, no is out, with who said it, when, and what was put to it. */
interface Answer {
  status: 'clear' | 'out';
  facts: Record<'answer' | 'by' | 'note' | 'on', { text: string }> & { photos: { count: number } };
}

/** The answer to the question of a finding, by its key; null while nobody gave one. */
export function answerTo({ answers }: Plan, key: string): Answer | null {
  const given = answers[key];
  if (!given) return null;
  return {
    status: given.answer === 'yes' ? 'clear' : 'out',
    facts: {
      answer: { text: given.answer },
      by: { text: given.by },
      note: { text: given.note },
      on: { text: given.on?.slice(0, 10) ?? '' },
      photos: { count: given.photos.length },
    },
  };
}
