import { type BuildEntry } from '@gyrus/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What was done at a car and written down, once. */
@Entity('build_entry')
export class BuildEntryEntity implements Omit<BuildEntry, 'at'> {
  @PrimaryColumn('uuid')
  id!: string;

  @Column({ type: 'bigint', insert: false, update: false })
  arrived!: string;

  @Column('uuid', { name: 'job_id' })
  job!: string;

  @Column('text')
  branch!: string;

  @Column('text')
  kind!: BuildEntry['kind'];

  @Column('jsonb')
  ticks!: string[];

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'done_at' })
  doneAt!: Date;

  @Column('text')
  title!: string;

  @Column('jsonb', { nullable: true })
  took!: BuildEntry['took'];

  @Column('jsonb')
  readings!: BuildEntry['readings'];

  @Column('text')
  note!: string;

  @Column('jsonb')
  photos!: BuildEntry['photos'];

  @Column('uuid', { name: 'procedure_id', nullable: true })
  procedure!: string | null;
}
