import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** Where a bender stands and what is round it; and the tube that a die's bends were measured to use. */
export class BendersInTheirRoom1805000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      ALTER TABLE machine ADD COLUMN setting jsonb;
      ALTER TABLE die ADD COLUMN takes jsonb NOT NULL DEFAULT '[]';`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE machine DROP COLUMN setting; ALTER TABLE die DROP COLUMN takes');
  }
}
