import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What a mill's certificate says of a batch, and its file. */
export class Certificates1830000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE tube_stock
        ADD COLUMN tensile jsonb,
        ADD COLUMN yield jsonb,
        ADD COLUMN elongation double precision;
      CREATE TABLE certificate_file (
        tube_id uuid PRIMARY KEY REFERENCES tube_stock (id) ON DELETE CASCADE,
        name text NOT NULL,
        type text NOT NULL,
        bytes bytea NOT NULL
      );`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DROP TABLE certificate_file;
      ALTER TABLE tube_stock DROP COLUMN tensile, DROP COLUMN yield, DROP COLUMN elongation;`);
  }
}
