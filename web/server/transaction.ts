import { drizzle } from 'drizzle-orm/node-postgres';
import { isBounded } from './bounded-pool';
import type { Database } from './database';
import * as schema from './schema';

/**
 * Runs statements as one, on a connection taken from the pool for them and always given back. Of one that failed, or
 * took too long, the connection is closed: with it goes whatever had begun.
 */
export async function inTransaction<T>(db: Database, work: (tx: Database) => Promise<T>): Promise<T> {
  const pool: unknown = db.$client;
  if (!isBounded(pool)) return db.transaction(work);
  return pool.lend(async (client) => {
    await client.query('begin');
    const result = await work(drizzle(client, { schema }));
    await client.query('commit');
    return result;
  });
}
