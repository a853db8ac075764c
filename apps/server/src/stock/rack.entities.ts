import { type Length, type RackBends, type TubeKind } from '@gyrus/core';
import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** A piece of tube on the rack. It stays in the table when it is used up. */
@Entity('rack_tube')
export class RackTubeEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('jsonb')
  od!: Length;

  @Column('jsonb')
  wall!: Length;

  @Column('text')
  kind!: TubeKind;

  @Column('text')
  batch!: string;

  @Column('jsonb')
  length!: Length;

  @Column('boolean')
  whole!: boolean;

  @Column('double precision', { nullable: true })
  price!: number | null;

  @Column('text')
  place!: string;

  @Column('text')
  note!: string;

  @Column('jsonb', { nullable: true })
  bends!: RackBends | null;

  @Column('timestamptz', { name: 'gone_at', nullable: true })
  goneAt!: Date | null;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A piece of the rack that is promised to a cut plan: its primary key is the piece, so it is promised once. */
@Entity('rack_promise')
export class RackPromiseEntity {
  @PrimaryColumn('uuid', { name: 'rack_id' })
  rack!: string;

  @Column('uuid', { name: 'plan_id' })
  plan!: string;

  @Column('text')
  who!: string;
}
