import { Module } from '@nestjs/common';
import { WorkPool } from './pool.ts';

/** Workers for what takes long. */
@Module({ providers: [{ provide: WorkPool, useFactory: () => new WorkPool() }], exports: [WorkPool] })
export class WorkersModule {}
