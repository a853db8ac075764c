import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** How seams are welded, the samples that were cut open, and which procedure a seam was welded by. */
export class Welding1835000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE weld_procedure (
        id uuid PRIMARY KEY,
        arrived bigint GENERATED ALWAYS AS IDENTITY,
        name text NOT NULL,
        wall jsonb NOT NULL,
        positions jsonb NOT NULL,
        process text NOT NULL,
        filler text NOT NULL,
        amperes jsonb,
        gas text NOT NULL,
        preheat text NOT NULL,
        passes integer NOT NULL,
        who text NOT NULL,
        written_at timestamptz NOT NULL,
        set_aside boolean NOT NULL DEFAULT false
      );
      CREATE TABLE weld_sample (
        id uuid PRIMARY KEY,
        arrived bigint GENERATED ALWAYS AS IDENTITY,
        procedure_id uuid NOT NULL REFERENCES weld_procedure (id),
        position text NOT NULL,
        who text NOT NULL,
        cut_at timestamptz NOT NULL,
        sound boolean NOT NULL,
        note text NOT NULL
      );
      CREATE TABLE weld_sample_photo (
        sample_id uuid PRIMARY KEY REFERENCES weld_sample (id),
        name text NOT NULL,
        bytes bytea NOT NULL
      );
      ALTER TABLE build_entry ADD COLUMN procedure_id uuid REFERENCES weld_procedure (id);`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE build_entry DROP COLUMN procedure_id;
      DROP TABLE weld_sample_photo, weld_sample, weld_procedure;`);
  }
}
