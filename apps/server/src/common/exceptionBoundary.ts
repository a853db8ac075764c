import { recordOf } from '@gyrus/core';
import { randomUUID } from 'node:crypto';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException } from '@nestjs/common';
import { type Request, type Response } from 'express';
import { type Logger } from 'pino';
import { isGone } from '../database/gone.ts';

const DATABASE_GONE = {
  code: 'database-gone',
  message: 'the database does not answer and is being started again: try again in a moment',
  path: '',
};

/**
 * The one boundary: refusals pass as they are; a database that went away is told as such; anything unknown is logged under an id, with
 * its method and path and never with a plan, and answered with that id.
 */
@Catch()
export class ExceptionBoundary implements ExceptionFilter {
  constructor(private readonly log: Logger) {}

  catch(exception: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const response = http.getResponse<Response>();
    // Whoever asked has gone, or has the beginning of an answer already.
    if (response.headersSent) return void response.end();
    const request = http.getRequest<Request>();
    const { method, path } = request;
    const answer = (body: object): void => tell(request, response, body);
    if (exception instanceof HttpException) {
      response.status(exception.getStatus());
      return answer(shaped(exception));
    }
    if (isGone(exception)) {
      this.log.info({ method, path }, 'the database is gone');
      response.status(503).setHeader('Retry-After', '2');
      return answer({ error: DATABASE_GONE });
    }
    const status = clientStatus(exception);
    if (status !== null) {
      response.status(status);
      return answer({ error: { code: `http-${status}`, message: said(exception), path: '' } });
    }
    const id = randomUUID();
    this.log.error({ method, path, id, err: withoutData(exception) }, 'unknown failure');
    const message = `something went wrong here; in the log it is ${id}`;
    response.status(500);
    answer({ error: { code: 'internal', message, path: '' } });
  }
}

/** A window that was opened on a sheet shows its refusal as a sentence; whoever asks as a program has it as data. */
function tell(request: Request, response: Response, body: object): void {
  const isFile = /(\.\w+|\/file)$/.test(request.path);
  if (!isFile || request.accepts(['json', 'html']) !== 'html') return void response.json(body);
  const { message } = recordOf(recordOf(body).error);
  response.type('text/plain').send(`${String(message)}\n\nClose this window, and go on in Gyrus.\n`);
}

function shaped(exception: HttpException): object {
  const body = exception.getResponse();
  if (typeof body === 'object' && 'error' in body && typeof body.error === 'object') return body;
  return { error: { code: `http-${exception.getStatus()}`, message: exception.message, path: '' } };
}

const said = (exception: unknown): string =>
  exception instanceof Error ? exception.message : String(exception);

/** What Express and its parsers refuse of their own, such as an address that cannot be decoded; null for anything else. */
function clientStatus(exception: unknown): number | null {
  const { status } = recordOf(exception);
  return typeof status === 'number' && status >= 400 && status < 500 ? status : null;
}

/** A failed query carries its parameters, and so whole plans: of an error its name, its words and its place are logged. */
function withoutData(exception: unknown): object {
  if (!(exception instanceof Error)) return { message: String(exception) };
  const { name, message, stack } = exception;
  const { code } = recordOf(exception);
  return { type: name, message, stack, ...(typeof code === 'string' ? { code } : {}) };
}
