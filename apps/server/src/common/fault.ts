import { type Fault } from '@gyrus/core';
import { HttpException, HttpStatus } from '@nestjs/common';

/** A refusal as data, `{"error":{code,message,path}}`, the same shape as on the command line. */
export class Refusal extends HttpException {
  constructor(fault: Fault<string>, status: HttpStatus = HttpStatus.UNPROCESSABLE_ENTITY, more: object = {}) {
    super({ error: { code: fault.code, message: fault.message, path: fault.path }, ...more }, status);
  }
}

/** What is asked for is not there: 404. */
export const notFound = (what: string): Refusal =>
  new Refusal(
    { code: 'not-found', message: `${what} is not here (any more)`, path: '' },
    HttpStatus.NOT_FOUND,
  );
