import { eq } from 'drizzle-orm';
import type { Database } from './database';
import { hashOf, isPassphrase, isTicket, newKey, ticketOf } from './passphrase';
import { people } from './schema';

/** The one who may come in: whoever knows the passphrase of the house. Decision 58. */
const HOUSEHOLD = 'household';
/** How long a key that was read is taken for the one that holds: so long a device that was signed out may still look. ms. */
const KNOWN_MS = 2000;

const householdIn = async (db: Database) => (await db.select().from(people).where(eq(people.id, HOUSEHOLD)))[0] ?? null;

/** Kept for the process, whichever of its parts asks. */
const kept = globalThis as { lignumKey?: { key: string; at: number } };

/** The key that tickets are signed with; null where no passphrase was chosen yet, and nobody gets in. */
async function keyIn(db: Database, nowMs: number): Promise<string | null> {
  if (kept.lignumKey && nowMs - kept.lignumKey.at < KNOWN_MS) return kept.lignumKey.key;
  const household = await householdIn(db);
  if (household) kept.lignumKey = { key: household.key, at: nowMs };
  return household?.key ?? null;
}

/** Whether a device that carries this may come in. */
export async function maySee(db: Database, ticket: string | undefined, nowMs: number): Promise<boolean> {
  if (!ticket) return false;
  const key = await keyIn(db, nowMs);
  return key !== null && isTicket(ticket, nowMs, key);
}

/** A ticket for whoever says the passphrase; null where it is another one. */
export async function letIn(db: Database, passphrase: string, nowMs: number): Promise<string | null> {
  const household = await householdIn(db);
  if (!household || !(await isPassphrase(passphrase, household.passphrase))) return null;
  return ticketOf(HOUSEHOLD, nowMs, household.key);
}

/** Signs every device out. */
export async function signAllOut(db: Database): Promise<void> {
  await db.update(people).set({ key: newKey() }).where(eq(people.id, HOUSEHOLD));
  delete kept.lignumKey;
}

export const hasPassphrase = async (db: Database): Promise<boolean> => (await householdIn(db)) !== null;
export const isTheOne = async (db: Database, passphrase: string): Promise<boolean> =>
  isPassphrase(passphrase, (await householdIn(db))?.passphrase ?? '');

/** Chooses the passphrase anew; every device is asked for it again. */
export async function choosePassphrase(db: Database, passphrase: string): Promise<void> {
  const said = { passphrase: await hashOf(passphrase), key: newKey(), changedAt: new Date() };
  await db
    .insert(people)
    .values({ id: HOUSEHOLD, ...said })
    .onConflictDoUpdate({ target: people.id, set: said });
}
