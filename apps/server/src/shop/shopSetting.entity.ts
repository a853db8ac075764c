import { type Unit } from '@gyrus/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The one row of what the shop has settled for all its jobs. */
@Entity('shop_setting')
export class ShopSettingEntity {
  @PrimaryColumn('int')
  id!: number;

  /** Null until somebody chose one. */
  @Column('text', { nullable: true })
  unit!: Unit | null;

  /** IANA; null for that of the machine which Gyrus runs on. */
  @Column('text', { nullable: true })
  zone!: string | null;
}
