import { type RuleBook } from '@gyrus/core';
import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** One edition of a rule book, as the document it was given as. */
@Entity('rule_book')
export class RuleBookEntity {
  @PrimaryColumn('text')
  id!: string;

  @PrimaryColumn('text')
  edition!: string;

  @Column('jsonb')
  document!: RuleBook;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
