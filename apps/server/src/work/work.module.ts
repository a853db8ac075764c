import { Module } from '@nestjs/common';
import { WorkPool } from './pool.ts';

@Module({ providers: [WorkPool], exports: [WorkPool] })
export class WorkModule {}
