import { drizzle } from 'drizzle-orm/node-postgres';
import { Pool } from 'pg';
import type { Database } from './database';
import * as schema from './schema';

/**
 * Runs statements as one, on a connection taken from the pool for them and always given back. (The
 * ORM's own transaction loses its connection when `begin` itself fails.) A connection on which
 * something went wrong is closed rather than lent again; one that the server closes meanwhile fails
 * what runs on it, and nothing else.
 */
export async function inTransaction<T>(db: Database, work: (tx: Database) => Promise<T>): Promise<T> {
  const pool: unknown = db.$client;
  if (!(pool instanceof Pool)) return db.transaction(work);
  const client = await pool.connect();
  const note = (error: Error): void => console.error(`Database connection lost (${error.message}).`);
  client.on('error', note);
  let failed = true;
  try {
    const result = await drizzle(client, { schema }).transaction(work);
    failed = false;
    return result;
  } finally {
    client.off('error', note);
    client.release(failed);
  }
}
