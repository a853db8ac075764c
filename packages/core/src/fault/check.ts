import { itemAt } from '../items/index.ts';
import { type z } from 'zod';
import { type FaultCode } from './codes.ts';
import { fail, type Fault, type Outcome, succeed } from './outcome.ts';

type Issue = z.core.$ZodIssue;

/** Checks unknown data against a schema; the first thing wrong becomes the fault, with its JSON pointer. */
export function check<T>(schema: z.ZodType<T>, data: unknown): Outcome<T> {
  const result = schema.safeParse(data, { reportInput: true });
  if (result.success) return succeed(result.data);
  return faultOf(itemAt(result.error.issues, 0), []);
}

/** Everything that is wrong with unknown data, for a form that speaks at each of its fields. */
export function faultsIn(schema: z.ZodType, data: unknown): Fault[] {
  const result = schema.safeParse(data, { reportInput: true });
  return result.success ? [] : result.error.issues.map((issue) => faultOf(issue, []).fault);
}

/** Reads one JSON document and checks it. Empty input, two documents and bare NaN are no JSON at all: path "". */
export function readJson<T>(schema: z.ZodType<T>, text: string): Outcome<T> {
  let data: unknown;
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return fail('not-json', '', 'the input is not one JSON document: give a single JSON object');
  }
  if (data === null || typeof data !== 'object' || Array.isArray(data))
    return fail('not-an-object', '', 'the input must be one JSON object, in braces');
  return check(schema, data);
}

/** A path as a JSON pointer (RFC 6901). */
export const pointer = (path: PropertyKey[]): string =>
  path.map((key) => '/' + String(key).replaceAll('~', '~0').replaceAll('/', '~1')).join('');

function faultOf(issue: Issue, parents: PropertyKey[]): { ok: false; fault: Fault } {
  const path = [...parents, ...issue.path];
  if (issue.code === 'invalid_union') {
    const inner = closestBranch(issue.errors);
    if (inner) return faultOf(inner, path);
  }
  if (issue.code === 'unrecognized_keys')
    return fail(
      'unknown-key',
      pointer([...path, issue.keys[0] ?? '']),
      `"${issue.keys[0]}" is no key known here: take it out, or check its spelling`,
    );
  if (issue.code === 'invalid_key' || issue.code === 'invalid_element')
    return fail(codes[issue.code], pointer(path), issue.message);
  return fail(issue.input === undefined ? 'missing' : codes[issue.code], pointer(path), issue.message);
}

const codes: Record<Issue['code'], FaultCode> = {
  invalid_type: 'wrong-type',
  too_big: 'too-big',
  too_small: 'too-small',
  invalid_format: 'wrong-form',
  not_multiple_of: 'wrong-step',
  unrecognized_keys: 'unknown-key',
  invalid_union: 'wrong-type',
  invalid_key: 'invalid-key',
  invalid_element: 'invalid-element',
  invalid_value: 'wrong-value',
  custom: 'refused',
};

/** Of a union's branches, the one whose fault lies deepest is the one that was meant. */
function closestBranch(branches: Issue[][]): Issue | undefined {
  const firsts = branches.map((issues) => issues[0]).filter((issue) => issue !== undefined);
  const depth = (issue: Issue) => issue.path.length + (issue.code === 'unrecognized_keys' ? 1 : 0);
  const deepest = firsts.reduce<Issue | undefined>(
    (best, issue) => (best === undefined || depth(issue) > depth(best) ? issue : best),
    undefined,
  );
  return deepest && depth(deepest) > 0 ? deepest : undefined;
}
