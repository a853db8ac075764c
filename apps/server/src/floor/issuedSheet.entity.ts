import { type BookEdition, type IssuedAnswers, type Shop } from '@gyrus/core';
import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** A sheet as it went to the floor, with all that made it. It never changes. */
@Entity('issued_sheet')
export class IssuedSheetEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'job_id' })
  job!: string;

  @Column('text')
  branch!: string;

  @Column('int')
  revision!: number;

  @Column('text')
  piece!: string;

  @Column('text')
  stamp!: string;

  @Column('text', { name: 'issued_by' })
  by!: string;

  @Column('jsonb')
  answers!: IssuedAnswers;

  @Column('jsonb')
  shop!: Shop;

  @Column('jsonb')
  books!: BookEdition[];

  @Column('text')
  program!: string;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
