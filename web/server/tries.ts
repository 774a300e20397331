import { desc, eq, lt } from 'drizzle-orm';
import type { Database } from './database';
import { tries } from './schema';

/** So many wrong passphrases within an hour are heard from one address, and from all together (ASVS 4.0.3, 2.2.1: a hundred). Decision 65. */
const MOST = { fromOne: 10, fromAll: 100 };
const WINDOW_MS = 3_600_000;

/** Somebody who has tried in vain, and when. ms. */
export interface Try {
  from: string;
  atMs: number;
}

/** After how long it is worth trying again from there, by who has tried in vain, the newest first; 0 where it is now. ms. */
export function waitMs(newest: readonly Try[], from: string, nowMs: number): number {
  const lately = newest.filter((one) => nowMs - one.atMs < WINDOW_MS);
  const mine = lately.filter((one) => one.from === from);
  const over = [mine[MOST.fromOne - 1], lately[MOST.fromAll - 1]].flatMap((one) => one ?? []);
  return Math.max(0, ...over.map((one) => one.atMs + WINDOW_MS - nowMs));
}

export async function triedInVain(db: Database): Promise<Try[]> {
  const rows = await db
    .select()
    .from(tries)
    .orderBy(desc(tries.at))
    .limit(2 * MOST.fromAll);
  return rows.map(({ from, at }) => ({ from, atMs: at.getTime() }));
}

/** Notes that somebody has tried in vain; what is too long ago is forgotten. */
export async function noteInVain(db: Database, from: string, nowMs: number): Promise<void> {
  await db.delete(tries).where(lt(tries.at, new Date(nowMs - WINDOW_MS)));
  await db.insert(tries).values({ from, at: new Date(nowMs) });
}

/** Who has got in after all is not held to what went before. */
export async function forgiveAll(db: Database, from: string): Promise<void> {
  await db.delete(tries).where(eq(tries.from, from));
}
