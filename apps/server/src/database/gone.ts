import { recordOf } from '@gyrus/core';
/** Errors of a connection that is not there, by Node.js and by PostgreSQL (appendix A of its manual, classes 08 and 57P). */
const GONE = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ETIMEDOUT',
  '08000',
  '08003',
  '08006',
  '57P01',
  '57P02',
  '57P03',
]);

/** What pg says of a connection that broke under a query; it gives no code for it. */
const BROKEN =
  /Connection terminated|Client has encountered a connection error|timeout exceeded when trying to connect/;

/** Whether a failure means that the database is not there now. */
export function isGone(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  const { code, driverError, errors } = recordOf(error);
  if (typeof code === 'string' && GONE.has(code)) return true;
  return BROKEN.test(error.message) || isGone(driverError) || (Array.isArray(errors) && errors.some(isGone));
}
