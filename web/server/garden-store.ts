import { and, asc, desc, eq, lte } from 'drizzle-orm';
import { readPlan } from '@lignum/core/formats/read-plan';
import { PLAN_VERSION, type Plan } from '@lignum/core/plan/plan';
import type { Database } from './database';
import { gardens, revisions } from './schema';
import { inTransaction } from './transaction';

/** Saved states kept of one garden; the oldest go first. */
const REVISIONS_KEPT = 200;

export interface GardenCard {
  id: string;
  name: string;
  note: string;
  savedAt: string;
  beds: number;
  structures: number;
}

export interface StoredGarden {
  id: string;
  revision: number;
  savedAt: string;
  plan: Plan;
}

export type SaveOutcome =
  | { outcome: 'saved'; revision: number; savedAt: string }
  | { outcome: 'stale'; revision: number; savedAt: string }
  | { outcome: 'gone' };

export async function listGardens(db: Database): Promise<GardenCard[]> {
  const { id, name, note, savedAt, beds, structures } = gardens;
  const rows = await db
    .select({ id, name, note, savedAt, beds, structures })
    .from(gardens)
    .orderBy(asc(gardens.createdAt), asc(gardens.id));
  return rows.map((row) => ({ ...row, savedAt: row.savedAt.toISOString() }));
}

/** A stored plan as it is today: what was saved by an older version is brought up and checked again. */
function planIn(stored: unknown, id: string): Plan {
  const plan = stored as Plan;
  if (plan.version === PLAN_VERSION) return plan;
  const read = readPlan(stored);
  if (!read.ok)
    throw new Error(
      `Garden "${id}" was saved by an older version and cannot be brought up: ${read.faults[0]?.path} ${read.faults[0]?.message}.`,
    );
  return read.plan;
}

/** One garden whole; null where there is none. */
export async function loadGarden(db: Database, id: string): Promise<StoredGarden | null> {
  const [garden] = await db.select().from(gardens).where(eq(gardens.id, id));
  if (!garden) return null;
  return { id, revision: garden.revision, savedAt: garden.savedAt.toISOString(), plan: planIn(garden.plan, id) };
}

export async function revisionOf(db: Database, id: string): Promise<{ revision: number; savedAt: string } | null> {
  const [row] = await db
    .select({ revision: gardens.revision, savedAt: gardens.savedAt })
    .from(gardens)
    .where(eq(gardens.id, id));
  return row ? { revision: row.revision, savedAt: row.savedAt.toISOString() } : null;
}

/** Stores a checked plan as a new garden. */
export async function createGarden(db: Database, id: string, plan: Plan): Promise<void> {
  await inTransaction(db, async (tx) => {
    await tx.insert(gardens).values({ id, revision: 1, ...headOf(plan) });
    await tx.insert(revisions).values({ gardenId: id, revision: 1, plan });
  });
}

/**
 * Saves a checked plan over the revision it was made from. If another tab has saved since, nothing
 * is written and the newer revision is told. The garden's row is locked, so two saves cannot both win.
 */
export async function saveGarden(db: Database, id: string, base: number, plan: Plan): Promise<SaveOutcome> {
  return inTransaction(db, async (tx) => {
    const [now] = await tx
      .select({ revision: gardens.revision, savedAt: gardens.savedAt })
      .from(gardens)
      .where(eq(gardens.id, id))
      .for('update');
    if (!now) return { outcome: 'gone' };
    if (now.revision !== base) return { outcome: 'stale', revision: now.revision, savedAt: now.savedAt.toISOString() };
    const revision = base + 1;
    const savedAt = new Date();
    await tx
      .update(gardens)
      .set({ revision, savedAt, ...headOf(plan) })
      .where(eq(gardens.id, id));
    await tx.insert(revisions).values({ gardenId: id, revision, plan, savedAt });
    await tx
      .delete(revisions)
      .where(and(eq(revisions.gardenId, id), lte(revisions.revision, revision - REVISIONS_KEPT)));
    return { outcome: 'saved', revision, savedAt: savedAt.toISOString() };
  });
}

export async function deleteGarden(db: Database, id: string): Promise<boolean> {
  return (await db.delete(gardens).where(eq(gardens.id, id)).returning({ id: gardens.id })).length > 0;
}

export async function listRevisions(db: Database, id: string): Promise<{ revision: number; savedAt: string }[]> {
  const rows = await db
    .select({ revision: revisions.revision, savedAt: revisions.savedAt })
    .from(revisions)
    .where(eq(revisions.gardenId, id))
    .orderBy(desc(revisions.revision))
    .limit(50);
  return rows.map((row) => ({ revision: row.revision, savedAt: row.savedAt.toISOString() }));
}

export async function planAt(db: Database, id: string, revision: number): Promise<unknown> {
  const [row] = await db
    .select({ plan: revisions.plan })
    .from(revisions)
    .where(and(eq(revisions.gardenId, id), eq(revisions.revision, revision)));
  return row?.plan ?? null;
}

/** A plan with what lists show of it. */
const headOf = (plan: Plan) => ({
  name: plan.garden.name,
  note: plan.garden.note,
  beds: plan.beds.length,
  structures: plan.structures.length,
  plan,
});
