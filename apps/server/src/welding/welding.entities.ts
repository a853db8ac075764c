import { type Length, type WeldProcedure, type WeldSample } from '@gyrus/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** How seams of one wall are welded; written once, and set aside when they are welded so no more. */
@Entity('weld_procedure')
export class WeldProcedureEntity implements Omit<WeldProcedure, 'at' | 'samples'> {
  @PrimaryColumn('uuid')
  id!: string;

  @Column({ type: 'bigint', insert: false, update: false })
  arrived!: string;

  @Column('text')
  name!: string;

  @Column('jsonb')
  wall!: Length;

  @Column('jsonb')
  positions!: WeldProcedure['positions'];

  @Column('text')
  process!: WeldProcedure['process'];

  @Column('text')
  filler!: string;

  @Column('jsonb', { nullable: true })
  amperes!: WeldProcedure['amperes'];

  @Column('text')
  gas!: string;

  @Column('text')
  preheat!: string;

  @Column('integer')
  passes!: number;

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'written_at' })
  writtenAt!: Date;

  @Column('boolean', { name: 'set_aside', default: false })
  setAside!: boolean;
}

/** A sample of a procedure that was cut open, with what was seen; written once. */
@Entity('weld_sample')
export class WeldSampleEntity implements Omit<WeldSample, 'at' | 'photo'> {
  @PrimaryColumn('uuid')
  id!: string;

  @Column({ type: 'bigint', insert: false, update: false })
  arrived!: string;

  @Column('uuid', { name: 'procedure_id' })
  procedure!: string;

  @Column('text')
  position!: WeldSample['position'];

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'cut_at' })
  cutAt!: Date;

  @Column('boolean')
  sound!: boolean;

  @Column('text')
  note!: string;
}

/** The picture of a sample's cut. */
@Entity('weld_sample_photo')
export class WeldSamplePhotoEntity {
  @PrimaryColumn('uuid', { name: 'sample_id' })
  sample!: string;

  @Column('text')
  name!: string;

  @Column('bytea', { select: false })
  bytes!: Buffer;
}
