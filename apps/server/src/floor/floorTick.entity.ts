import { type FloorTick } from '@gyrus/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A step that was ticked on an issued sheet. A step is ticked once each time, whichever device comes first. */
@Entity('floor_tick')
export class FloorTickEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column({ type: 'bigint', insert: false, update: false })
  arrived!: string;

  @Column('uuid', { name: 'issued_id' })
  issued!: string;

  @Column('text')
  step!: string;

  @Column('int')
  time!: number;

  @Column('boolean')
  again!: boolean;

  @Column('uuid')
  device!: string;

  @Column('text')
  who!: string;

  @Column('timestamptz', { name: 'ticked_at' })
  tickedAt!: Date;

  @Column('jsonb', { nullable: true })
  measured!: FloorTick['measured'];
}
