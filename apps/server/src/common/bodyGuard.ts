import { type IncomingMessage } from 'node:http';
import { type Fault, pointer, recordOf } from '@gyrus/core';
import { type NextFunction, type Request, type Response } from 'express';

/** No document of Gyrus nests deeper than 12; what does may be made to exhaust whoever walks it. */
const DEEPEST = 40;

/**
 * Refuses a body that no route could keep: nested without end, or with characters that PostgreSQL has no place for. Before it is parsed
 * into classes, so that nothing behind has to ask.
 */
export function refuseUnkeepable(request: Request, response: Response, next: NextFunction): void {
  const fault = unkeepable(request.body, escaped.has(request));
  if (fault) response.status(422).json({ error: fault });
  else next();
}

/** Requests whose JSON has escapes, or is not UTF-8: NUL and half characters can come in no other way. */
const escaped = new WeakSet<IncomingMessage>();

/** For the JSON parser, which shows the bytes before it reads them. */
export function noteEscapes(request: IncomingMessage, _: unknown, bytes: Buffer, encoding: string): void {
  if (encoding !== 'utf-8' || bytes.includes('\\u')) escaped.add(request);
}

/** What is wrong with a body, or null. Goes down without recursion, as the depth is what is not trusted; and tells the place only of a fault. */
export function unkeepable(body: unknown, mayBeStrange: boolean): Fault<string> | null {
  const values: unknown[] = [body];
  const depths: number[] = [0];
  while (values.length > 0) {
    const value = values.pop();
    const depth = depths.pop() ?? 0;
    if (typeof value === 'string') {
      if (mayBeStrange && !isKeepable(value))
        return fault('unkeepable-text', pointer(placeOf(body) ?? []), STRANGE);
    } else if (typeof value === 'number') {
      // JSON can write 1e999, which no number here is.
      if (!Number.isFinite(value))
        return fault('unkeepable-number', '', 'a number in this is beyond all measure');
    } else if (typeof value === 'object' && value !== null) {
      if (depth >= DEEPEST) return fault('too-deep', '', `this is nested deeper than ${DEEPEST} levels`);
      for (const key in value) {
        if (mayBeStrange && !isKeepable(key))
          return fault('unkeepable-text', pointer(placeOf(body) ?? []), STRANGE);
        values.push(recordOf(value)[key]);
        depths.push(depth + 1);
      }
    }
  }
  return null;
}

/** The keys to the first text that cannot be kept, to the object where it is a key; null where there is none that deep. */
function placeOf(value: unknown, path: string[] = []): string[] | null {
  if (typeof value === 'string') return isKeepable(value) ? null : path;
  if (typeof value !== 'object' || value === null || path.length > DEEPEST) return null;
  for (const [key, one] of Object.entries(value)) {
    const found = isKeepable(key) ? placeOf(one, [...path, key]) : path;
    if (found !== null) return found;
  }
  return null;
}

const STRANGE = 'this text has a character that cannot be kept: type it anew';

const fault = (code: string, path: string, message: string): Fault<string> => ({ code, message, path });

/** NUL has no place in PostgreSQL's text, and half of a surrogate pair is no character. */
const isKeepable = (text: string): boolean => !UNKEEPABLE.test(text);

const UNKEEPABLE = /[\0\p{Surrogate}]/u;
