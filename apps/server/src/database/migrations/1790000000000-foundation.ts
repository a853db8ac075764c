import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Jobs with their revisions, the shop, rule books, and what was loaded once. */
export class Foundation1790000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE job (
        id uuid PRIMARY KEY,
        name text NOT NULL CHECK (name <> ''),
        archived boolean NOT NULL DEFAULT false,
        last_revision integer NOT NULL CHECK (last_revision >= 0),
        created_at timestamptz NOT NULL DEFAULT now(),
        updated_at timestamptz NOT NULL DEFAULT now()
      );
      CREATE TABLE plan_revision (
        id uuid PRIMARY KEY,
        job_id uuid NOT NULL REFERENCES job (id),
        number integer NOT NULL CHECK (number > 0),
        parent_id uuid REFERENCES plan_revision (id),
        branch text NOT NULL CHECK (branch <> ''),
        author text NOT NULL,
        note text NOT NULL,
        plan jsonb NOT NULL,
        created_at timestamptz NOT NULL DEFAULT now(),
        UNIQUE (job_id, number),
        UNIQUE NULLS NOT DISTINCT (job_id, branch, parent_id)
      );
      CREATE INDEX plan_revision_head ON plan_revision (job_id, branch, number DESC);
      CREATE TABLE machine (
        id uuid PRIMARY KEY,
        name text NOT NULL CHECK (name <> ''),
        note text NOT NULL,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE TABLE die (
        id uuid PRIMARY KEY,
        machine_id uuid NOT NULL REFERENCES machine (id) ON DELETE CASCADE,
        name text NOT NULL CHECK (name <> ''),
        od jsonb NOT NULL,
        clr jsonb NOT NULL,
        reference text NOT NULL CHECK (reference IN ('start', 'centre', 'end')),
        mark_offset jsonb NOT NULL,
        clamp_length jsonb NOT NULL,
        trailing_straight jsonb NOT NULL,
        largest_angle jsonb,
        finished_radius jsonb,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE INDEX die_machine ON die (machine_id);
      CREATE TABLE test_bend (
        id uuid PRIMARY KEY,
        die_id uuid NOT NULL REFERENCES die (id) ON DELETE CASCADE,
        od jsonb NOT NULL,
        wall jsonb NOT NULL,
        batch text NOT NULL,
        reading jsonb NOT NULL,
        released jsonb NOT NULL,
        sound boolean NOT NULL,
        note text NOT NULL,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE INDEX test_bend_die ON test_bend (die_id);
      CREATE TABLE tube_stock (
        id uuid PRIMARY KEY,
        od jsonb NOT NULL,
        wall jsonb NOT NULL,
        kind text NOT NULL,
        batch text NOT NULL,
        stick_length jsonb NOT NULL,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE TABLE rule_book (
        id text NOT NULL,
        edition text NOT NULL,
        document jsonb NOT NULL,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp(),
        PRIMARY KEY (id, edition)
      );
      CREATE TABLE loaded_once (
        what text PRIMARY KEY,
        loaded_at timestamptz NOT NULL DEFAULT now()
      );`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'DROP TABLE loaded_once, rule_book, tube_stock, test_bend, die, machine, plan_revision, job',
    );
  }
}
