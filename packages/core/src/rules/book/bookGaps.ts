import { type Fault, type FaultCode } from '../../fault/index.ts';
import { type When } from '../../findings/index.ts';
import { type Rule, type RuleBook } from './ruleBook.ts';
import { type RuleCheck } from './ruleCheck.ts';
import { weightFaults, scheduleFaults } from './scheduleFaults.ts';
import { type Written, listOf } from './written.ts';

const isBlank = (value: unknown): boolean => typeof value === 'string' && value.trim() === '';

const CLAUSE = 'missing: give the number of the clause';

/** What the form of a book allows and no book may lack: its name, the source of published figures, a limit that limits. */
export function gaps(book: Written): Fault[] {
  const found: Fault[] = [];
  const gap = (path: string, message: string, code: FaultCode = 'missing') =>
    found.push({ code, path, message });
  if (isBlank(book.title)) gap('/title', 'missing: give the title of the book');
  if (isBlank(book.edition)) gap('/edition', 'missing: give the edition, so that jobs can be tied to it');
  if (book.provenance === 'published' && isBlank(book.source))
    gap('/source', 'missing: published figures name the publication');
  for (const [i, row] of listOf(book.tubeSchedule).entries())
    if (isBlank(row.clause)) gap(`/tubeSchedule/${i}/clause`, CLAUSE);
  const classes = new Set(listOf(book.classes).map((one) => one.id));
  const seen = new Set<unknown>();
  for (const [i, rule] of listOf(book.rules).entries()) {
    const at = `/rules/${i}`;
    if (isBlank(rule.clause)) gap(`${at}/clause`, CLAUSE);
    if (rule.id !== undefined && seen.has(rule.id))
      gap(`${at}/id`, `the id "${rule.id}" is used twice`, 'double-id');
    seen.add(rule.id);
    const unknown = listOf(rule.classes).find((one) => !classes.has(one));
    if (unknown !== undefined) gap(`${at}/classes`, `the book has no class "${unknown}"`, 'unknown-class');
    if (rule.check && limitsNothing(rule.check))
      gap(`${at}/check`, 'it limits nothing yet: give one limit at least', 'no-limit');
  }
  return found;
}

/** A check whose every limit is left open. */
function limitsNothing(asked: RuleCheck): boolean {
  switch (asked.kind) {
    case 'bends':
      return asked.most === null && asked.largestAngle === null;
    case 'angle':
      return asked.least === null && asked.most === null;
    case 'helmet':
      return [asked.belowLine, asked.belowTop, asked.within, asked.gap ?? null].every((one) => one === null);
    case 'gusset':
      return asked.leg === null && asked.thickness === null && asked.least == null && !asked.asWall;
    case 'splice':
      return asked.sleeve === null && asked.rosettes === null;
    case 'ask':
      return isBlank(asked.question);
    default:
      return false;
  }
}

/** What a book says against itself, or leaves unsaid so that nobody could hold a cage against it. */
export function contradictions(book: Written): Fault[] {
  return [
    ...classFaults(listOf(book.classes)),
    ...scheduleFaults(listOf(book.tubeSchedule)),
    ...listOf(book.rules).flatMap((rule, i) => ruleFaults(rule, `/rules/${i}`)),
  ];
}

function classFaults(classes: Partial<RuleBook['classes'][number]>[]): Fault[] {
  const titles = classes.map(({ title }) => title?.trim() ?? '');
  return titles.flatMap((title, i): Fault[] => {
    const path = `/classes/${i}/title`;
    if (title === '') return [{ code: 'missing', path, message: 'missing: give the class a name' }];
    return titles.indexOf(title) < i
      ? [{ code: 'double-class', path, message: `the class "${title}" is there twice` }]
      : [];
  });
}

function ruleFaults({ text, check, when }: Partial<Rule>, at: string): Fault[] {
  const found: Fault[] = [];
  const add = (path: string, message: string, code: FaultCode = 'contradiction') =>
    found.push({ code, path: at + path, message });
  if (isBlank(text)) add('/text', 'missing: say what it asks, in your own words', 'missing');
  if (check) for (const { path, message, code } of checkFaults(check)) add(path, message, code);
  if (when) found.push(...whenFaults(when, `${at}/when`));
  return found;
}

function checkFaults(check: RuleCheck): Fault[] {
  const missing = (path: string, message: string): Fault[] => [{ code: 'missing', path, message }];
  switch (check.kind) {
    case 'angle':
    case 'harness-window':
    case 'lap-window': {
      const [least, most] = [check.least?.deg, check.most?.deg];
      return least !== undefined && most !== undefined && least > most
        ? [
            {
              code: 'contradiction',
              path: '/check/most',
              message: `from ${least}° to ${most}° nothing fits: the least is above the largest`,
            },
          ]
        : [];
    }
    case 'plate':
      return [check.area, check.thickness, check.narrowest, check.bolts, check.boltSize].every(
        (one) => one === null,
      ) && isBlank(check.boltGrade ?? '')
        ? [{ code: 'no-limit', path: '/check', message: 'it limits nothing yet: give one limit at least' }]
        : [];
    case 'count':
      if (check.least === 0)
        return [
          { code: 'no-limit', path: '/check/least', message: 'none at least limits nothing: say how many' },
        ];
      if ((check.per === 'hoop' || check.per === 'bay') && !check.of)
        return missing('/check/of', 'missing: say which tubes they stand between');
      return check.per === 'bay' && !check.and
        ? missing('/check/and', 'missing: say which tubes they stand between')
        : [];
    case 'end-distance':
      return check.from !== 'bend' && !check.of
        ? missing('/check/of', 'missing: say of which member the place is')
        : [];
    default:
      return [];
  }
}

function whenFaults({ over, upTo, builtFrom, builtTo }: When, at: string): Fault[] {
  return [
    ...weightFaults({ over, upTo }, at),
    ...(builtFrom != null && builtTo != null && builtFrom > builtTo
      ? [
          {
            code: 'contradiction' as const,
            path: `${at}/builtTo`,
            message: `no car is built from ${builtFrom} and up to ${builtTo}: turn the years round`,
          },
        ]
      : []),
  ];
}
