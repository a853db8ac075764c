import { type NextFunction, type Request, type Response } from 'express';

/** Names under which this machine, and nobody else, calls itself. */
const NAMES = ['127.0.0.1', 'localhost', '[::1]'];

/**
 * Lets in who calls this server by this machine's own name, from its own pages or from a tool. There are no accounts: a page of
 * another name that resolves to this machine could else read and write everything.
 */
export function refuseStrangers(request: Request, response: Response, next: NextFunction): void {
  const hosts = NAMES.flatMap((name) => ofPort(name, request.socket.localPort));
  const why = strangeness(request, hosts);
  if (!why) return next();
  const message = `${why} Open http://${hosts[0]} on the machine that Gyrus runs on.`;
  const code = why.startsWith('Gyrus is not') ? 'strange-host' : 'strange-origin';
  response.status(403);
  if (request.accepts(['json', 'html']) === 'html') response.type('text/plain').send(message);
  else response.json({ error: { code, message, path: '' } });
}

function strangeness({ headers }: Request, hosts: string[]): string | null {
  const { host, origin } = headers;
  if (!hosts.includes((host ?? '').toLowerCase()))
    return 'Gyrus is not reached by this name: it answers to this machine alone.';
  const site = headers['sec-fetch-site'];
  const own = hosts.map((one) => `http://${one}`);
  const elsewhere =
    (origin !== undefined && !own.includes(origin)) || (site !== undefined && !AT_HOME.has(String(site)));
  return elsewhere ? 'This request comes from another page than those of Gyrus.' : null;
}

/** From a page of this server, or typed by the person at the browser. */
const AT_HOME = new Set(['same-origin', 'none']);

/** A browser leaves the usual port out. */
const ofPort = (name: string, port: number | undefined): string[] =>
  port === 80 ? [name, `${name}:80`] : [`${name}:${port}`];
