import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What is done at the cars, entry by entry. */
export class BuildEntries1825000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE build_entry (
        id uuid PRIMARY KEY,
        arrived bigint GENERATED ALWAYS AS IDENTITY,
        job_id uuid NOT NULL REFERENCES job (id),
        branch text NOT NULL,
        kind text NOT NULL,
        ticks jsonb NOT NULL,
        who text NOT NULL,
        done_at timestamptz NOT NULL,
        title text NOT NULL,
        took jsonb,
        readings jsonb NOT NULL,
        note text NOT NULL,
        photos jsonb NOT NULL
      );
      CREATE INDEX build_entry_job ON build_entry (job_id, branch, arrived);`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE build_entry;');
  }
}
