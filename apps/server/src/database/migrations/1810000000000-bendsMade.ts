import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What the shop has bent: written once, and never changed. */
export class BendsMade1810000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE made_bend (
        id uuid PRIMARY KEY,
        job_id uuid NOT NULL REFERENCES job (id),
        piece text NOT NULL,
        stamp text NOT NULL,
        bend int NOT NULL,
        die text NOT NULL,
        die_name text NOT NULL,
        machine text NOT NULL,
        tube jsonb NOT NULL,
        target jsonb NOT NULL,
        reading jsonb,
        released jsonb NOT NULL,
        place jsonb,
        turn jsonb,
        zeroed boolean NOT NULL,
        slipped boolean NOT NULL,
        who text NOT NULL,
        made_at timestamptz NOT NULL,
        note text NOT NULL,
        scrap jsonb,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE INDEX made_bend_job ON made_bend (job_id);`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE made_bend');
  }
}
