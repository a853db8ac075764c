import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Sheets that went to the floor, what was ticked on them; pieces thrown away; bends left out of springback. All of it is only added to. */
export class IssuedSheets1815000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const part of [SHEETS_AND_TICKS, SCRAP, BENDS_OF_SHEETS]) await runner.query(part);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      UPDATE machine SET setting = setting - 'roller';
      ALTER TABLE test_bend DROP COLUMN kind;
      DROP TABLE bend_set_aside;
      ALTER TABLE made_bend DROP COLUMN wanted_turn;
      ALTER TABLE made_bend DROP COLUMN dial_zero;
      ALTER TABLE made_bend DROP COLUMN issued_id;
      ALTER TABLE made_bend ADD COLUMN scrap jsonb;
      DROP TABLE scrap;
      DROP TABLE floor_tick;
      DROP TABLE issued_sheet;`);
  }
}

const SHEETS_AND_TICKS = `
  CREATE TABLE issued_sheet (
    id uuid PRIMARY KEY,
    job_id uuid NOT NULL REFERENCES job (id),
    branch text NOT NULL,
    revision int NOT NULL,
    piece text NOT NULL,
    stamp text NOT NULL,
    issued_by text NOT NULL,
    answers jsonb NOT NULL,
    shop jsonb NOT NULL,
    books jsonb NOT NULL,
    program text NOT NULL,
    created_at timestamptz NOT NULL DEFAULT clock_timestamp(),
    FOREIGN KEY (job_id, revision) REFERENCES plan_revision (job_id, number)
  );
  CREATE INDEX issued_sheet_job ON issued_sheet (job_id);
  CREATE TABLE floor_tick (
    id uuid PRIMARY KEY,
    arrived bigserial,
    issued_id uuid NOT NULL REFERENCES issued_sheet (id),
    step text NOT NULL,
    time int NOT NULL,
    again boolean NOT NULL,
    device uuid NOT NULL,
    who text NOT NULL,
    ticked_at timestamptz NOT NULL,
    measured jsonb,
    UNIQUE (issued_id, step, time)
  );`;

/** What bends had of it so far moves into a table of its own; a cost that was words goes into the note. */
const SCRAP = `
  CREATE TABLE scrap (
    id uuid PRIMARY KEY,
    job_id uuid NOT NULL REFERENCES job (id),
    issued_id uuid UNIQUE REFERENCES issued_sheet (id),
    stamp text NOT NULL,
    tube jsonb NOT NULL,
    reason text NOT NULL,
    length jsonb,
    cost double precision,
    who text NOT NULL,
    scrapped_at timestamptz NOT NULL,
    note text NOT NULL,
    created_at timestamptz NOT NULL DEFAULT clock_timestamp()
  );
  CREATE INDEX scrap_job ON scrap (job_id);
  INSERT INTO scrap (id, job_id, stamp, tube, reason, length, who, scrapped_at, note)
    SELECT gen_random_uuid(), job_id, stamp, tube, scrap ->> 'reason',
           CASE WHEN jsonb_typeof(scrap -> 'length') = 'object' THEN scrap -> 'length' END,
           who, made_at, coalesce(scrap ->> 'cost', '')
      FROM made_bend WHERE jsonb_typeof(scrap) = 'object';
  ALTER TABLE made_bend DROP COLUMN scrap;`;

const BENDS_OF_SHEETS = `
  ALTER TABLE made_bend ADD COLUMN issued_id uuid REFERENCES issued_sheet (id);
  ALTER TABLE made_bend ADD COLUMN dial_zero jsonb;
  ALTER TABLE made_bend ADD COLUMN wanted_turn jsonb;
  CREATE INDEX made_bend_die ON made_bend (die);
  CREATE TABLE bend_set_aside (
    id uuid PRIMARY KEY,
    arrived bigserial,
    bend_id uuid NOT NULL REFERENCES made_bend (id),
    aside boolean NOT NULL,
    why text NOT NULL,
    who text NOT NULL,
    created_at timestamptz NOT NULL DEFAULT clock_timestamp()
  );
  CREATE INDEX bend_set_aside_bend ON bend_set_aside (bend_id);
  ALTER TABLE test_bend ADD COLUMN kind text;
  UPDATE machine SET setting = setting || '{"roller": null}' WHERE setting IS NOT NULL;`;
