import { type Plan } from '../plan/index.ts';
import { type Finding, finding } from '../findings/index.ts';
import { type Base } from './subject.ts';

/** A question that a person answers: yes is clear and says by whom, no is out, and until then it is asked. */
export function askPerson(
  { answers }: Plan,
  base: Base,
  code: string,
  facts: Finding['facts'],
  answeredCode = code,
): Finding {
  const answer = answers[base.key];
  if (!answer) return finding({ ...base, code, status: 'ask', facts });
  return finding({
    ...base,
    code: answeredCode,
    status: answer.answer === 'yes' ? 'clear' : 'out',
    facts: {
      ...facts,
      answer: { text: answer.answer },
      by: { text: answer.by },
      note: { text: answer.note },
      on: { text: answer.on?.slice(0, 10) ?? '' },
      photos: { count: answer.photos.length },
    },
  });
}
