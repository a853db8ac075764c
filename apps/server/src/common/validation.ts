import { ValidationPipe } from '@nestjs/common';
import { type ValidationError } from 'class-validator';
import { Refusal } from './fault.ts';

/** Checks every body and query against its class; unknown keys are refused, and the fault names its field. */
export const validation = (): ValidationPipe =>
  new ValidationPipe({
    transform: true,
    whitelist: true,
    forbidNonWhitelisted: true,
    exceptionFactory: (errors) => new Refusal(firstFault(errors, '')),
  });

function firstFault(
  errors: ValidationError[],
  prefix: string,
): { code: string; message: string; path: string } {
  const [error] = errors;
  if (!error) return { code: 'invalid', message: 'this is not what was asked for', path: prefix };
  const path = `${prefix}/${error.property}`;
  const [[code, message] = []] = Object.entries(error.constraints ?? {});
  if (code === 'whitelistValidation')
    return { code: 'unknown-key', message: `"${error.property}" is no key known here`, path };
  if (message && code !== 'nestedValidation') return { code: 'invalid', message, path };
  if (error.children && error.children.length > 0) return firstFault(error.children, path);
  return { code: 'invalid', message: message ?? 'this is not what was asked for', path };
}
