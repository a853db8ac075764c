import { type MigrationInterface, type QueryRunner } from 'typeorm';

/**
 * Plans are compressed by LZ4, which takes a fraction of the time of PostgreSQL's own way at a save and at reading. What is stored stays as
 * it is and is read as before. A PostgreSQL that was built without LZ4 (Debian's has it) goes on with its own way.
 */
export class QuickPlans1800000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      DO $$ BEGIN
        ALTER TABLE plan_revision ALTER COLUMN plan SET COMPRESSION lz4;
      EXCEPTION WHEN feature_not_supported OR invalid_parameter_value THEN
        RAISE NOTICE 'this PostgreSQL has no LZ4';
      END $$`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE plan_revision ALTER COLUMN plan SET COMPRESSION default');
  }
}
