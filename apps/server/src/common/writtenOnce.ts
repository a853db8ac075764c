import { HttpStatus } from '@nestjs/common';
import equal from 'fast-deep-equal';
import { type EntityManager, type EntityTarget, type ObjectLiteral } from 'typeorm';
import { Refusal } from './fault.ts';

/** Inserts a row whose id is the page's; where it is there already, nothing happens. */
export const insertOnce = <T extends ObjectLiteral>(
  manager: EntityManager,
  entity: EntityTarget<T>,
  row: object,
) => manager.createQueryBuilder().insert().into(entity).values(row).orIgnore().execute();

/** Refuses what stands otherwise under its id already. */
export function refuseOther(what: string, kept: object, sent: object): void {
  if (equal(kept, JSON.parse(JSON.stringify(sent)))) return;
  throw new Refusal(
    { code: 'clash', message: `another ${what} is written down under this id already`, path: '/id' },
    HttpStatus.CONFLICT,
  );
}
