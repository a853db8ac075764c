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
