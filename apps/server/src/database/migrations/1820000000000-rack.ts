import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Tube on the rack, how it is to be cut, and to whom it is promised: each piece to one plan, by its primary key. */
export class Rack1820000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE tube_stock ADD COLUMN price double precision;
      CREATE TABLE rack_tube (
        id uuid PRIMARY KEY,
        od jsonb NOT NULL,
        wall jsonb NOT NULL,
        kind text NOT NULL,
        batch text NOT NULL,
        length jsonb NOT NULL,
        whole boolean NOT NULL,
        price double precision,
        place text NOT NULL,
        note text NOT NULL,
        bends jsonb,
        gone_at timestamptz,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE TABLE cut_plan (
        id uuid PRIMARY KEY,
        jobs jsonb NOT NULL,
        kerf jsonb NOT NULL,
        guided boolean NOT NULL,
        spares int NOT NULL,
        who text NOT NULL,
        plan jsonb NOT NULL,
        not_yet jsonb NOT NULL,
        promised boolean NOT NULL DEFAULT false,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE TABLE rack_promise (
        rack_id uuid PRIMARY KEY REFERENCES rack_tube (id),
        plan_id uuid NOT NULL REFERENCES cut_plan (id),
        who text NOT NULL,
        created_at timestamptz NOT NULL DEFAULT clock_timestamp()
      );
      CREATE INDEX rack_promise_plan ON rack_promise (plan_id);
      CREATE TABLE sawn_piece (
        plan_id uuid NOT NULL REFERENCES cut_plan (id),
        stick int NOT NULL,
        place int NOT NULL,
        who text NOT NULL,
        sawn_at timestamptz NOT NULL,
        PRIMARY KEY (plan_id, stick, place)
      );
      CREATE TABLE stick_done (
        plan_id uuid NOT NULL REFERENCES cut_plan (id),
        stick int NOT NULL,
        offcut_id uuid REFERENCES rack_tube (id),
        who text NOT NULL,
        done_at timestamptz NOT NULL,
        PRIMARY KEY (plan_id, stick)
      );`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE stick_done;
      DROP TABLE sawn_piece;
      DROP TABLE rack_promise;
      DROP TABLE cut_plan;
      DROP TABLE rack_tube;
      ALTER TABLE tube_stock DROP COLUMN price;`);
  }
}
