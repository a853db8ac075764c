import { type DataSourceOptions } from 'typeorm';
import { JobEntity } from '../jobs/job.entity.ts';
import { PlanRevisionEntity } from '../jobs/planRevision.entity.ts';
import { RuleBookEntity } from '../rulebooks/ruleBook.entity.ts';
import { DieEntity, MachineEntity, TestBendEntity, TubeStockEntity } from '../shop/shop.entities.ts';
import { Foundation1790000000000 } from './1790000000000-foundation.ts';

/** In the order in which they were released. */
export const MIGRATIONS = [Foundation1790000000000];

/** Tables come from migrations alone, never from the entities. */
export const dataSourceOptions = (url: string): DataSourceOptions => ({
  type: 'postgres',
  url,
  entities: [
    JobEntity,
    PlanRevisionEntity,
    MachineEntity,
    DieEntity,
    TestBendEntity,
    TubeStockEntity,
    RuleBookEntity,
  ],
  migrations: MIGRATIONS,
  synchronize: false,
  migrationsRun: false,
  logging: false,
  poolSize: 10,
});
