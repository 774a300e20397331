import { randomBytes } from 'node:crypto';
import { and, eq, isNull } from 'drizzle-orm';
import type { Database } from './database';
import { feeds, gardens } from './schema';

/** What a secret looks like: 160 bits, which nobody guesses. Decision 78. */
export const FEED_SECRET = /^[0-9a-f]{40}$/;

/** The secret at which a garden's weekends are followed; null where none has been made. */
export async function feedOf(db: Database, garden: string): Promise<string | null> {
  const [found] = await db.select({ secret: feeds.secret }).from(feeds).where(eq(feeds.gardenId, garden));
  return found?.secret ?? null;
}

/** Makes a new secret for a garden: what followed the one before finds nothing any more. Null where there is no such garden. */
export async function newFeed(db: Database, garden: string): Promise<string | null> {
  const secret = randomBytes(20).toString('hex');
  const [there] = await db
    .select({ id: gardens.id })
    .from(gardens)
    .where(and(eq(gardens.id, garden), isNull(gardens.binnedAt)));
  if (!there) return null;
  await db
    .insert(feeds)
    .values({ gardenId: garden, secret })
    .onConflictDoUpdate({ target: feeds.gardenId, set: { secret, madeAt: new Date() } });
  return secret;
}

/** Nobody follows it any more. */
export async function endFeed(db: Database, garden: string): Promise<void> {
  await db.delete(feeds).where(eq(feeds.gardenId, garden));
}

/** The garden that is followed at a secret; null where there is none, or it lies in the bin. */
export async function gardenOfFeed(db: Database, secret: string): Promise<string | null> {
  if (!FEED_SECRET.test(secret)) return null;
  const [found] = await db
    .select({ garden: feeds.gardenId })
    .from(feeds)
    .innerJoin(gardens, eq(gardens.id, feeds.gardenId))
    .where(and(eq(feeds.secret, secret), isNull(gardens.binnedAt)));
  return found?.garden ?? null;
}
