import { type Scrap } from '@gyrus/contract';
import { type Length } from '@gyrus/core';
import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** A piece that was thrown away. It never changes; its id is the page's, so that one that is sent twice is one piece. */
@Entity('scrap')
export class ScrapEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'job_id' })
  job!: string;

  @Column('uuid', { name: 'issued_id', nullable: true })
  issued!: string | null;

  @Column('text')
  stamp!: string;

  @Column('jsonb')
  tube!: Scrap['tube'];

  @Column('text')
  reason!: string;

  @Column('jsonb', { nullable: true })
  length!: Length | null;

  @Column('double precision', { nullable: true })
  cost!: number | null;

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'scrapped_at' })
  scrappedAt!: Date;

  @Column('text')
  note!: string;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
