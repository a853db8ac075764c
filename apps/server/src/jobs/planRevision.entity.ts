import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** One saved plan. Append-only: a revision never changes; each names its parent, so variants are branches. */
@Entity('plan_revision')
export class PlanRevisionEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'job_id' })
  jobId!: string;

  @Column('integer')
  number!: number;

  @Column('uuid', { name: 'parent_id', nullable: true })
  parentId!: string | null;

  @Column('text')
  branch!: string;

  @Column('text')
  author!: string;

  @Column('text')
  note!: string;

  /** What it changed, in a few words. */
  @Column('text')
  changes!: string;

  @Column('jsonb')
  plan!: object;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
