import { randomUUID } from 'node:crypto';
import { type ArgumentsHost, Catch, type ExceptionFilter, HttpException } from '@nestjs/common';
import { type Response } from 'express';
import { type Logger } from 'pino';

/** The one boundary: refusals pass as they are; anything unknown is logged under an id and answered with it. */
@Catch()
export class ExceptionBoundary implements ExceptionFilter {
  constructor(private readonly log: Logger) {}

  catch(exception: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (exception instanceof HttpException) {
      response.status(exception.getStatus()).json(shaped(exception));
      return;
    }
    const status = bodyParserStatus(exception);
    if (status) {
      const message = status === 413 ? 'the request is too large' : 'the request is no JSON';
      response.status(status).json({ error: { code: 'bad-request', message, path: '' } });
      return;
    }
    const id = randomUUID();
    this.log.error({ err: exception, id }, 'unknown failure');
    const message = `something went wrong here; in the log it is ${id}`;
    response.status(500).json({ error: { code: 'internal', message, path: '' } });
  }
}

function shaped(exception: HttpException): object {
  const body = exception.getResponse();
  if (typeof body === 'object' && 'error' in body && typeof body.error === 'object') return body;
  return { error: { code: `http-${exception.getStatus()}`, message: exception.message, path: '' } };
}

/** Express's body parser throws errors that carry a status of 400 or 413. */
function bodyParserStatus(exception: unknown): number | null {
  const status = exception instanceof Error && 'status' in exception ? exception.status : null;
  return status === 400 || status === 413 ? status : null;
}
