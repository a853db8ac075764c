import { type PipeTransform } from '@nestjs/common';
import { notFound } from './fault.ts';

/** PostgreSQL's integer ends here. */
const LARGEST = 2 ** 31 - 1;

/** The number of a revision in an address; one that no revision can have is not there. */
export class RevisionNumber implements PipeTransform<string, number> {
  transform(text: string): number {
    const number = /^\d{1,10}$/.test(text) ? Number(text) : 0;
    if (number < 1 || number > LARGEST) throw notFound('this revision');
    return number;
  }
}
