import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Somebody's word that a bend tells nothing of springback, or that it does after all. The last one counts. */
@Entity('bend_set_aside')
export class BendSetAsideEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column({ type: 'bigint', insert: false, update: false })
  arrived!: string;

  @Column('uuid', { name: 'bend_id' })
  bend!: string;

  @Column('boolean')
  aside!: boolean;

  @Column('text')
  why!: string;

  @Column('text')
  who!: string;
}
