import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { BoundedPool } from './bounded-pool';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema> & { $client?: unknown };

/** One pool for the process, kept across reloads while developing. */
const kept = globalThis as { lignumDatabase?: Database };

/** Nothing here takes long: what does is stuck, and gives its connection back. By then nobody waits for it any more. ms. */
const LIMITS = {
  connectionTimeoutMillis: 10_000,
  statement_timeout: 8000,
  lock_timeout: 4000,
  idle_in_transaction_session_timeout: 15_000,
  query_timeout: 10_000,
};

/** The database that `./lignum` started, as the owner of its tables and nothing more, or the one that LIGNUM_DATABASE_URL names. Decision 60. */
export function database(): Database {
  const url = process.env.LIGNUM_DATABASE_URL;
  if (!url) throw new Error('LIGNUM_DATABASE_URL is not set: start the program with ./lignum start.');
  if (!kept.lignumDatabase) {
    const pool = new BoundedPool({
      connectionString: url,
      max: Number(process.env.LIGNUM_CONNECTIONS) || 8,
      ...LIMITS,
    });
    // An idle connection that the server closes must not end the process; the next query opens a new one.
    pool.on('error', (error) =>
      console.error(`Database connection lost (${error.message}); it is opened again on the next request.`),
    );
    kept.lignumDatabase = drizzle(pool, { schema });
  }
  return kept.lignumDatabase;
}
