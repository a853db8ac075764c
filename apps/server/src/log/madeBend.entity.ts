import { type MadeBend } from '@gyrus/contract';
import { type Angle, type Length } from '@gyrus/core';
import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** A bend as it was made and measured. It never changes; its id is the page's, so that one that is sent twice is one bend. */
@Entity('made_bend')
export class MadeBendEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'job_id' })
  job!: string;

  @Column('text')
  piece!: string;

  @Column('text')
  stamp!: string;

  @Column('int')
  bend!: number;

  @Column('text')
  die!: string;

  @Column('text', { name: 'die_name' })
  dieName!: string;

  @Column('text')
  machine!: string;

  @Column('jsonb')
  tube!: MadeBend['tube'];

  @Column('jsonb')
  target!: Angle;

  @Column('jsonb', { nullable: true })
  reading!: Angle | null;

  @Column('jsonb')
  released!: Angle;

  @Column('jsonb', { nullable: true })
  place!: Length | null;

  @Column('jsonb', { nullable: true })
  turn!: Angle | null;

  @Column('jsonb', { name: 'wanted_turn', nullable: true })
  wantedTurn!: Angle | null;

  @Column('boolean')
  zeroed!: boolean;

  @Column('boolean')
  slipped!: boolean;

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'made_at' })
  madeAt!: Date;

  @Column('text')
  note!: string;

  @Column('jsonb', { name: 'dial_zero', nullable: true })
  dialZero!: Angle | null;

  /** The sheet that it was bent by; null where it was written down at the desk. */
  @Column('uuid', { name: 'issued_id', nullable: true })
  issued!: string | null;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
