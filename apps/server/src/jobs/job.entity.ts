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

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;

  @UpdateDateColumn({ name: 'updated_at', type: 'timestamptz' })
  updatedAt!: Date;
}
