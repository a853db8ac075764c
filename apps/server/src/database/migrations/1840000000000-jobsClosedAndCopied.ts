import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Who closed a job and when, and which job it began as a copy of. */
export class JobsClosedAndCopied1840000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE job
        ADD COLUMN closed_by text,
        ADD COLUMN closed_at timestamptz,
        ADD COLUMN copied_from uuid REFERENCES job (id),
        ADD COLUMN copied_revision integer;`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE job
        DROP COLUMN closed_by,
        DROP COLUMN closed_at,
        DROP COLUMN copied_from,
        DROP COLUMN copied_revision;`);
  }
}
