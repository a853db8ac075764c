import { Column, CreateDateColumn, Entity, PrimaryColumn, UpdateDateColumn } from 'typeorm';

/** A cage for a car. Its plan is in the revisions. */
@Entity('job')
export class JobEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('text')
  name!: string;

  @Column('boolean', { default: false })
  archived!: boolean;

  /** Numbers handed out to revisions so far. */
  @Column('integer', { name: 'last_revision' })
  lastRevision!: number;

  /** Nothing in it is changed any more; null while it is open. */
  @Column('text', { name: 'closed_by', nullable: true })
  closedBy!: string | null;

  @Column('timestamptz', { name: 'closed_at', nullable: true })
  closedAt!: Date | null;

  /** The job that it began as a copy of, and its revision; null where it began empty. */
  @Column('uuid', { name: 'copied_from', nullable: true })
  copiedFrom!: string | null;

  @Column('integer', { name: 'copied_revision', nullable: true })
  copiedRevision!: number | null;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;

  @UpdateDateColumn({ name: 'updated_at', type: 'timestamptz' })
  updatedAt!: Date;
}
