import {
  type Strength,
  type Angle,
  type BenderSetting,
  type Die,
  type Length,
  type MarkReference,
  type TubeKind,
} from '@gyrus/core';
import {
  Column,
  CreateDateColumn,
  Entity,
  JoinColumn,
  ManyToOne,
  OneToMany,
  PrimaryColumn,
  type Relation,
} from 'typeorm';

/** A bender. */
@Entity('machine')
export class MachineEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('text')
  name!: string;

  @Column('text')
  note!: string;

  @Column('jsonb', { nullable: true })
  setting!: BenderSetting | null;

  @OneToMany(() => DieEntity, (die) => die.machine)
  dies!: Relation<DieEntity>[];

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A die on its machine. Lengths and angles are kept as in documents, with what was typed. */
@Entity('die')
export class DieEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'machine_id' })
  machineId!: string;

  @ManyToOne(() => MachineEntity, (machine) => machine.dies, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'machine_id' })
  machine!: Relation<MachineEntity>;

  @Column('text')
  name!: string;

  @Column('jsonb')
  od!: Length;

  @Column('jsonb')
  clr!: Length;

  @Column('text')
  reference!: MarkReference;

  @Column('jsonb', { name: 'mark_offset' })
  offset!: Length;

  @Column('jsonb', { name: 'clamp_length' })
  clampLength!: Length;

  @Column('jsonb', { name: 'trailing_straight' })
  trailing!: Length;

  @Column('jsonb', { name: 'largest_angle', nullable: true })
  largestAngle!: Angle | null;

  @Column('jsonb', { name: 'finished_radius', nullable: true })
  finishedRadius!: Length | null;

  @Column('jsonb', { default: [] })
  takes!: Die['takes'];

  @OneToMany(() => TestBendEntity, (test) => test.die)
  tests!: Relation<TestBendEntity>[];

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** A test bend: what the dial read, and what the tube kept. */
@Entity('test_bend')
export class TestBendEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'die_id' })
  dieId!: string;

  @ManyToOne(() => DieEntity, (die) => die.tests, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'die_id' })
  die!: Relation<DieEntity>;

  @Column('jsonb')
  od!: Length;

  @Column('jsonb')
  wall!: Length;

  @Column('text', { nullable: true })
  kind!: TubeKind | null;

  @Column('text')
  batch!: string;

  @Column('jsonb')
  reading!: Angle;

  @Column('jsonb')
  released!: Angle;

  @Column('boolean')
  sound!: boolean;

  @Column('text')
  note!: string;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** Tube in stock or to be had, by the stick. */
@Entity('tube_stock')
export class TubeStockEntity {
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

  @Column('text', { default: '' })
  certificate!: string;

  @Column('jsonb', { nullable: true })
  tensile!: Strength | null;

  @Column('jsonb', { nullable: true })
  yield!: Strength | null;

  @Column('double precision', { nullable: true })
  elongation!: number | null;

  @Column('jsonb', { name: 'stick_length' })
  stickLength!: Length;

  @Column('double precision', { nullable: true })
  price!: number | null;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}

/** The certificate of a tube's batch as it was sent in: a PDF or a JPEG. */
@Entity('certificate_file')
export class CertificateFileEntity {
  @PrimaryColumn('uuid', { name: 'tube_id' })
  tubeId!: string;

  @Column('text')
  name!: string;

  @Column('text')
  type!: 'application/pdf' | 'image/jpeg';

  @Column('bytea', { select: false })
  bytes!: Buffer;
}
