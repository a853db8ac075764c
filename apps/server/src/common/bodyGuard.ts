import { type Fault } from '@gyrus/core';
import { type NextFunction, type Request, type Response } from 'express';

/** No document of Gyrus nests deeper than 12; what does may be made to exhaust whoever walks it. */
const DEEPEST = 40;

/**
 * Refuses a body that no route could keep: nested without end, or with characters that PostgreSQL has no place for. Before it is parsed
 * into classes, so that nothing behind has to ask.
 */
export function refuseUnkeepable(request: Request, response: Response, next: NextFunction): void {
  const fault = unkeepable(request.body);
  if (fault) response.status(422).json({ error: fault });
  else next();
}

/** What is wrong with a body, or null. Goes down without recursion: the depth is what is not trusted. */
function unkeepable(body: unknown): Fault | null {
  const open: { value: unknown; path: string; depth: number }[] = [{ value: body, path: '', depth: 0 }];
  for (let at = open.pop(); at; at = open.pop()) {
    const { value, path, depth } = at;
    if (typeof value === 'string') {
      if (!isKeepable(value)) return fault('unkeepable-text', path, STRANGE);
    } else if (typeof value === 'object' && value !== null) {
      if (depth >= DEEPEST) return fault('too-deep', '', `this is nested deeper than ${DEEPEST} levels`);
      for (const [key, one] of Object.entries(value)) {
        if (!isKeepable(key)) return fault('unkeepable-text', path, STRANGE);
        open.push({ value: one, path: `${path}/${pointed(key)}`, depth: depth + 1 });
      }
    }
  }
  return null;
}

const STRANGE = 'this text has a character that cannot be kept: type it anew';

const fault = (code: string, path: string, message: string): Fault => ({ code, message, path });

/** NUL has no place in PostgreSQL's text, and half of a surrogate pair is no character. */
const isKeepable = (text: string): boolean => !text.includes('\u0000') && !/\p{Surrogate}/u.test(text);

/** A key in a JSON pointer, RFC 6901. */
const pointed = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1');
