import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema>;

/** One pool for the process, kept across reloads while developing. */
const kept = globalThis as { lignumDatabase?: Database };

/** The database that `./lignum` started or LIGNUM_DATABASE_URL names. */
export function database(): Database {
  const url = process.env.LIGNUM_DATABASE_URL;
  if (!url) throw new Error('LIGNUM_DATABASE_URL is not set: start the program with ./lignum start.');
  if (!kept.lignumDatabase) {
    const pool = new Pool({ connectionString: url, max: 8, connectionTimeoutMillis: 4000 });
    // An idle connection that the server closes must not end the process; the next query opens a new one.
    pool.on('error', (error) =>
      console.error(`Database connection lost (${error.message}); it is opened again on the next request.`),
    );
    kept.lignumDatabase = drizzle(pool, { schema });
  }
  return kept.lignumDatabase;
}
