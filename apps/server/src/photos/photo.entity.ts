import { Column, CreateDateColumn, Entity, PrimaryColumn } from 'typeorm';

/** A photo as it was sent in, a JPEG. It never changes. */
@Entity('photo')
export class PhotoEntity {
  @PrimaryColumn('uuid')
  id!: string;

  @Column('uuid', { name: 'job_id' })
  jobId!: string;

  @Column('text')
  name!: string;

  @Column('bytea')
  bytes!: Buffer;

  @CreateDateColumn({ name: 'created_at', type: 'timestamptz' })
  createdAt!: Date;
}
