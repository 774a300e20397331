import { and, asc, desc, eq, gte, isNotNull, isNull, lt, sql } from 'drizzle-orm';
import { readPlan } from '@lignum/core/formats/read-plan';
import { knownPlans } from '@lignum/core/plan/known-plans';
import { PLAN_VERSION, type Plan } from '@lignum/core/plan/plan';
import type { BinnedGarden, GardenCard } from '../kept/garden-card';
import { smallPlan, type SmallPlan } from '../kept/small-plan';
import type { Database } from './database';
import { gardens, revisions } from './schema';
import { inTransaction } from './transaction';

/** How long a garden lies in the bin before it is gone. */
export const BIN_DAYS = 30;

/** Versions are thinned at every so manieth save. */
const THINNED_EVERY = 10;

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
  const { id, name, note, savedAt, beds, structures, plan } = gardens;
  const rows = await db
    .select({ id, name, note, savedAt, beds, structures, plan })
    .from(gardens)
    .where(isNull(gardens.binnedAt))
    .orderBy(asc(gardens.createdAt), asc(gardens.id));
  return rows.map((row) => ({ ...row, savedAt: row.savedAt.toISOString(), plan: seenFromAbove(row.plan, row.id) }));
}

/** One garden that cannot be shown is no reason to show none. */
function seenFromAbove(stored: unknown, id: string): SmallPlan | null {
  try {
    return smallPlan(planIn(stored, id));
  } catch {
    return null;
  }
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

/** Plans of the gardens this process was last asked for: what is worked out of one is worked out again where it changed only. */
const known = knownPlans();

/** What is sent to be a garden's next plan, its unchanged parts as they are known. */
export const likeKnown = (id: string, document: unknown): unknown => known.like(id, document);

/** One garden whole; null where there is none. */
export async function loadGarden(db: Database, id: string): Promise<StoredGarden | null> {
  const [garden] = await db.select().from(gardens).where(inUse(id));
  if (!garden) return null;
  return {
    id,
    revision: garden.revision,
    savedAt: garden.savedAt.toISOString(),
    plan: known.remember(id, planIn(garden.plan, id)),
  };
}

/** The newest revision, and what its save was called by who made it. */
export async function revisionOf(
  db: Database,
  id: string,
): Promise<{ revision: number; savedAt: string; savedAs: string | null } | null> {
  const [row] = await db
    .select({ revision: gardens.revision, savedAt: gardens.savedAt, savedAs: gardens.savedAs })
    .from(gardens)
    .where(inUse(id));
  return row ? { ...row, savedAt: row.savedAt.toISOString() } : null;
}

/** Stores a checked plan as a new garden; one that is there already by that id was asked for before, and stays as it is. */
export async function createGarden(db: Database, id: string, plan: Plan): Promise<void> {
  await inTransaction(db, async (tx) => {
    const made = await tx
      .insert(gardens)
      .values({ id, revision: 1, ...headOf(plan) })
      .onConflictDoNothing()
      .returning({ id: gardens.id });
    if (made.length === 0) return;
    await tx.insert(revisions).values({ gardenId: id, revision: 1, plan });
  });
}

/**
 * Saves a checked plan over the revision it was made from. If another tab has saved since, nothing
 * is written and the newer revision is told. The garden's row is locked, so two saves cannot both win. A save that is
 * said again after its answer was lost (`as`) is answered as it was; one made after such a save (`unanswered`) follows it.
 */
export async function saveGarden(
  db: Database,
  id: string,
  { base, as, unanswered, plan }: { base: number; as?: string; unanswered?: readonly string[]; plan: Plan },
): Promise<SaveOutcome> {
  return inTransaction(db, async (tx) => {
    const [now] = await tx
      .select({ revision: gardens.revision, savedAt: gardens.savedAt, savedAs: gardens.savedAs })
      .from(gardens)
      .where(inUse(id))
      .for('update');
    if (!now) return { outcome: 'gone' };
    const told = { revision: now.revision, savedAt: now.savedAt.toISOString() };
    if (now.savedAs !== null && now.savedAs === as) return { outcome: 'saved', ...told };
    const follows = now.savedAs !== null && unanswered?.includes(now.savedAs);
    if (now.revision !== base && !follows) return { outcome: 'stale', ...told };
    const revision = now.revision + 1;
    const savedAt = new Date();
    await tx
      .update(gardens)
      .set({ revision, savedAt, savedAs: as ?? null, ...headOf(plan) })
      .where(eq(gardens.id, id));
    await tx.insert(revisions).values({ gardenId: id, revision, plan, savedAt });
    if (revision % THINNED_EVERY === 0) await thinVersions(tx, id, savedAt);
    return { outcome: 'saved', revision, savedAt: savedAt.toISOString() };
  });
}

/**
 * Thins the versions of a garden with their age: all of the last day are kept, of a week the last of each hour, of two
 * months the last of each day, before that the last of each week; and always the first and the newest. Which go is found
 * once, as an array: joined to, thousands of versions that no statistics know yet are sorted anew for every one of them.
 */
export async function thinVersions(db: Pick<Database, 'execute'>, id: string, now: Date): Promise<void> {
  await db.execute(sql`
    delete from revisions where garden_id = ${id} and revision = any(array(
      select revision from (
        select revision,
          row_number() over (partition by
            case
              when revision = 1 or saved_at > ${now.toISOString()}::timestamptz - interval '1 day' then 'v' || revision
              when saved_at > ${now.toISOString()}::timestamptz - interval '7 days' then 'h' || date_trunc('hour', saved_at)
              when saved_at > ${now.toISOString()}::timestamptz - interval '60 days' then 'd' || date_trunc('day', saved_at)
              else 'w' || date_trunc('week', saved_at)
            end
            order by revision desc) as nth,
          max(revision) over () as newest
        from revisions where garden_id = ${id}
      ) as aged
      where nth > 1 and revision <> newest
    ))`);
}

/** A garden that is not in the bin. */
const inUse = (id: string) => and(eq(gardens.id, id), isNull(gardens.binnedAt));

/** Puts a garden into the bin, from which it can be put back for {@link BIN_DAYS} days. */
export async function binGarden(db: Database, id: string): Promise<boolean> {
  await emptyBin(db);
  const binned = await db.update(gardens).set({ binnedAt: new Date() }).where(inUse(id)).returning({ id: gardens.id });
  return binned.length > 0;
}

export async function putBackGarden(db: Database, id: string): Promise<boolean> {
  const back = await db
    .update(gardens)
    .set({ binnedAt: null })
    .where(and(eq(gardens.id, id), isNotNull(gardens.binnedAt)))
    .returning({ id: gardens.id });
  return back.length > 0;
}

/** Takes a garden out of the bin for good. */
export async function deleteGarden(db: Database, id: string): Promise<boolean> {
  const gone = await db
    .delete(gardens)
    .where(and(eq(gardens.id, id), isNotNull(gardens.binnedAt)))
    .returning({ id: gardens.id });
  return gone.length > 0;
}

const binnedBefore = (): Date => new Date(Date.now() - BIN_DAYS * 24 * 3_600_000);

/** Takes out of the bin for good what has lain there too long. */
export async function emptyBin(db: Database): Promise<void> {
  await db.delete(gardens).where(lt(gardens.binnedAt, binnedBefore()));
}

/** What lies in the bin, the last thrown away first. Looking changes nothing: what has lain there too long is only not shown. */
export async function listBin(db: Database): Promise<BinnedGarden[]> {
  const { id, name, binnedAt } = gardens;
  const rows = await db
    .select({ id, name, binnedAt })
    .from(gardens)
    .where(gte(gardens.binnedAt, binnedBefore()))
    .orderBy(desc(gardens.binnedAt));
  return rows.map((row) => ({ ...row, binnedAt: row.binnedAt?.toISOString() ?? '' }));
}

/** The versions of a garden, the newest first; null where there is no such garden. */
export async function listRevisions(db: Database, id: string): Promise<{ revision: number; savedAt: string }[] | null> {
  if (!(await revisionOf(db, id))) return null;
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
