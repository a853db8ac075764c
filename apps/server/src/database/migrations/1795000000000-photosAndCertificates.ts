import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Photos that answer an inspector's questions, kept with their job; and the certificate of a batch of tube. */
export class PhotosAndCertificates1795000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE photo (
        id uuid PRIMARY KEY,
        job_id uuid NOT NULL REFERENCES job (id),
        name text NOT NULL,
        bytes bytea NOT NULL,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE INDEX photo_job ON photo (job_id);
      ALTER TABLE tube_stock ADD COLUMN certificate text NOT NULL DEFAULT '';`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE tube_stock DROP COLUMN certificate; DROP TABLE photo');
  }
}
