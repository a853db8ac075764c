import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** What each revision changed, in words. */
export class RevisionChanges1845000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE plan_revision ADD COLUMN changes text NOT NULL DEFAULT ''`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE plan_revision DROP COLUMN changes');
  }
}
