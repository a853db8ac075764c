import { PAGES_HEADER } from '@gyrus/contract/constants';
import { type Fault, recordOf } from '@gyrus/core';

/** A refusal of the server, as data. `body` is the whole answer, which some refusals add to. */
export class ApiFault extends Error {
  constructor(
    readonly status: number,
    readonly fault: Fault<string>,
    readonly body: unknown,
  ) {
    super(fault.message);
  }
}

/** The server did not answer: the network or the program is gone. */
class NoAnswer extends Error {
  constructor() {
    super('no answer from Gyrus: is it still running?');
  }
}

/** A server that has not answered by then is taken for gone: what was asked is asked again. ms */
const PATIENCE = 30_000;

/** One request to the API; JSON in and out. Throws ApiFault or NoAnswer. */
export async function api<T>(
  path: string,
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE' = 'GET',
  body?: unknown,
): Promise<T> {
  return answerOf<T>(
    await send(path, {
      method,
      headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
    }),
  );
}

/** How many pages the sheet at a path has. Throws ApiFault or NoAnswer; given up with the signal. */
export async function pagesAt(path: string, signal: AbortSignal): Promise<number> {
  const response = await send(path, { method: 'HEAD' }, signal);
  const pages = Number(response.headers.get(PAGES_HEADER));
  if (response.ok && pages > 0) return pages;
  // The answer to a HEAD has no body to say why.
  throw new ApiFault(
    response.status,
    { code: 'no-sheet', message: `the server answered ${response.status}`, path: '' },
    null,
  );
}

/** Sends a file as a form's field. Throws ApiFault or NoAnswer. */
export async function sendFile<T>(path: string, field: string, file: Blob, name: string): Promise<T> {
  const form = new FormData();
  form.append(field, file, name);
  return answerOf<T>(await send(path, { method: 'POST', body: form }));
}

async function answerOf<T>(response: Response): Promise<T> {
  const text = await response.text();
  const answer: unknown = text === '' ? null : parsed(text);
  if (response.ok) return answer as T;
  throw new ApiFault(response.status, faultOf(answer, response.status), answer);
}

async function send(path: string, request: RequestInit, given?: AbortSignal): Promise<Response> {
  const patience = AbortSignal.timeout(PATIENCE);
  try {
    return await fetch(`/api/${path}`, {
      ...request,
      signal: given ? AbortSignal.any([given, patience]) : patience,
    });
  } catch {
    throw new NoAnswer();
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function faultOf(answer: unknown, status: number): Fault<string> {
  const error = recordOf(answer).error as Fault<string> | undefined;
  return error ?? { code: `http-${status}`, message: `Gyrus answered with ${status}`, path: '' };
}
