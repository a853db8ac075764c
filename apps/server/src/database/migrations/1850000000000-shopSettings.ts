import { type MigrationInterface, type QueryRunner } from 'typeorm';

/** The unit that the shop measures in, and its zone of time: one row, of the shop. */
export class ShopSettings1850000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE shop_setting (
        id int PRIMARY KEY CHECK (id = 1),
        unit text,
        zone text
      );`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE shop_setting');
  }
}
