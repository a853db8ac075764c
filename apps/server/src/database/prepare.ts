import { DataSource } from 'typeorm';
import { dataSourceOptions, MIGRATIONS } from './dataSource.ts';

/** Why a database cannot be used, in words for the person who started the program. */
export class UnusableDatabase extends Error {}

/** Brings the database up to today's tables. Refuses one that a newer program wrote, or that is damaged. */
export async function prepareDatabase(url: string): Promise<void> {
  const database = await new DataSource(dataSourceOptions(url)).initialize();
  try {
    await refuseNewer(database);
    await database.runMigrations({ transaction: 'each' });
    await refuseDamaged(database);
  } finally {
    await database.destroy();
  }
}

async function refuseNewer(database: DataSource): Promise<void> {
  const [{ there }] = await database.query<[{ there: boolean }]>(
    `SELECT to_regclass('public.migrations') IS NOT NULL AS there`,
  );
  if (!there) return;
  const done = await database.query<{ name: string }[]>('SELECT name FROM migrations');
  const known = new Set(MIGRATIONS.map((migration) => migration.name));
  const unknown = done.find(({ name }) => !known.has(name));
  if (unknown)
    throw new UnusableDatabase(
      `This data was written by a newer Gyrus (it has "${unknown.name}"). Start that version, or choose other data with --data FOLDER.`,
    );
}

/** Every table of the entities must be there and readable. */
async function refuseDamaged(database: DataSource): Promise<void> {
  for (const { tableName } of database.entityMetadatas) {
    try {
      await database.query(`SELECT 1 FROM "${tableName}" LIMIT 1`);
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      throw new UnusableDatabase(
        `The database is damaged: table "${tableName}" cannot be read (${why}). Put a backup of the data folder back, or choose other data with --data FOLDER.`,
      );
    }
  }
}
