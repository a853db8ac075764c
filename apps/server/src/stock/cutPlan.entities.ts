import { type KeptCutPlan } from '@gyrus/contract';
import { type CutPlan, type Length } from '@gyrus/core';
import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** How the tube of one or several jobs is cut, as it was worked out. */
@Entity('cut_plan')
export class CutPlanEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('jsonb')
  jobs!: { id: string; branch: string; revision: number }[];

  @Column('jsonb')
  kerf!: Length;

  @Column('boolean')
  guided!: boolean;

  @Column('int')
  spares!: number;

  @Column('text')
  who!: string;

  @Column('jsonb')
  plan!: CutPlan;

  @Column('jsonb', { name: 'not_yet' })
  notYet!: KeptCutPlan['notYet'];

  @Column('boolean', { default: false })
  promised!: boolean;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A piece that was sawn off, once. */
@Entity('sawn_piece')
export class SawnPieceEntity {
  @PrimaryColumn('uuid', { name: 'plan_id' })
  planId!: string;

  @PrimaryColumn('int')
  stick!: number;

  @PrimaryColumn('int')
  place!: number;

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'sawn_at' })
  at!: Date;
}

/** A stick that is done with, and the offcut of it that went back on the rack. */
@Entity('stick_done')
export class StickDoneEntity {
  @PrimaryColumn('uuid', { name: 'plan_id' })
  planId!: string;

  @PrimaryColumn('int')
  stick!: number;

  @Column('uuid', { name: 'offcut_id', nullable: true })
  offcut!: string | null;

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'done_at' })
  at!: Date;
}
