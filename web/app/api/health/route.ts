import { sql } from 'drizzle-orm';
import { answer, withDatabase } from '../../../server/door';

export const dynamic = 'force-dynamic';

/** Answers once pages and database are ready. */
export const GET = (): Promise<Response> =>
  withDatabase(async (db) => {
    await db.execute(sql`select 1`);
    return answer(200, { ready: true });
  });
