import { eq } from 'drizzle-orm';
import type { Database } from './database';
import { hashOf, isPassphrase, isTicket, newKey, ticketOf } from './passphrase';
import { people } from './schema';

/** The one who may come in: whoever knows the passphrase of the house. Decision 58. */
const HOUSEHOLD = 'household';
const householdIn = async (db: Database) => (await db.select().from(people).where(eq(people.id, HOUSEHOLD)))[0] ?? null;

/** Whether a device that carries this may come in. */
export async function maySee(db: Database, ticket: string | undefined, nowMs: number): Promise<boolean> {
  if (!ticket) return false;
  // Asked each time: a device that is signed out is out at once, whichever process it asks.
  const household = await householdIn(db);
  return household !== null && isTicket(ticket, nowMs, household.key);
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
