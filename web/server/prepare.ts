import { fileURLToPath } from 'node:url';
import { eq } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { Client } from 'pg';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { DEMO_GARDEN } from '../kept/demo-garden';
import { createGarden, emptyBin } from './garden-store';
import * as schema from './schema';

/**
 * Brings the tables up to date and, the first time, loads the demo garden. Several instances that
 * start together take turns. A fault the person can mend is printed as "Fault: …".
 */
const LOCK = 74_656_001;
/** Set after the demo has been stored, so that a first run cut short is finished by the next, and a deleted demo stays deleted. */
const DEMO_LOADED = 'demo loaded';

async function prepare(url: string): Promise<void> {
  const client = new Client({ connectionString: url, connectionTimeoutMillis: 5000 });
  try {
    await client.connect();
  } catch (error) {
    throw new Error(
      `Fault: No database answers at ${url.replace(/:[^:@/]*@/, ':…@')} (${(error as Error).message || (error as NodeJS.ErrnoException).code}): check LIGNUM_DATABASE_URL, or leave it unset to use the program's own.`,
      { cause: error },
    );
  }
  const db = drizzle(client, { schema });
  await client.query('select pg_advisory_lock($1)', [LOCK]);
  try {
    await migrate(db, { migrationsFolder: fileURLToPath(new URL('./migrations', import.meta.url)) });
    await emptyBin(db);
    const before = await db.select().from(schema.milestones).where(eq(schema.milestones.name, DEMO_LOADED));
    if (before.length === 0) {
      const [garden] = await db.select({ id: schema.gardens.id }).from(schema.gardens).limit(1);
      if (!garden) await createGarden(db, DEMO_GARDEN, DEMO_PLAN);
      await db.insert(schema.milestones).values({ name: DEMO_LOADED });
    }
  } finally {
    await client.query('select pg_advisory_unlock($1)', [LOCK]);
    await client.end();
  }
}

prepare(process.env.LIGNUM_DATABASE_URL ?? '').catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
