import { and, desc, eq, gte, ilike, inArray, isNotNull, isNull, lt, ne, or, sql, type SQL } from 'drizzle-orm';
import { readPlan } from '@lignum/core/formats/read-plan';
import { upgradePlan } from '@lignum/core/formats/upgrade';
import { changesBetween } from '@lignum/core/plan/changes';
import { named, type NamedChange } from '@lignum/core/plan/named-changes';
import { knownPlans } from '@lignum/core/plan/known-plans';
import { PLAN_VERSION, type Plan } from '@lignum/core/plan/plan';
import { A_PAGE, type Asked, type BinnedGarden, type GardenOrder, type GardenPage } from '../kept/garden-card';
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

/** In which order gardens are told, and what of them stands first. */
const ORDER: Record<GardenOrder, readonly SQL[]> = {
  // As its index has it.
  saved: [sql`${gardens.savedAt} desc nulls last`, sql`${gardens.id}`],
  name: [sql`lower(${gardens.name})`, sql`${gardens.id}`],
  made: [sql`${gardens.createdAt}`, sql`${gardens.id}`],
};

/** Words as a pattern that looks for them anywhere: what has a meaning in patterns is meant as it stands. */
const anywhere = (words: string): string => `%${words.replace(/[\\%_]/g, '\\$&')}%`;

/** A page of gardens, sought and put in order by the database; no plan is read but of what was stored without its outline. Decision 62. */
export async function listGardens(db: Database, { seek, by, page }: Asked): Promise<GardenPage> {
  const { id, name, note, savedAt, beds, structures, outline } = gardens;
  const words = anywhere(seek.trim());
  const sought = seek.trim() === '' ? undefined : or(ilike(name, words), ilike(note, words));
  const count = async (where: SQL | undefined): Promise<number> => {
    const [row] = await db
      .select({ many: sql<string>`count(*)` })
      .from(gardens)
      .where(where);
    return Number(row?.many ?? 0);
  };
  const inUseAll = isNull(gardens.binnedAt);
  const [all, found] = await Promise.all([count(inUseAll), sought ? count(and(inUseAll, sought)) : null]);
  // What was on a page that is no more is on the last one.
  const last = Math.max(1, Math.ceil((found ?? all) / A_PAGE));
  const shown = Math.min(page, last);
  const rows = await db
    .select({ id, name, note, savedAt, beds, structures, outline })
    .from(gardens)
    .where(and(inUseAll, sought))
    .orderBy(...ORDER[by])
    .limit(A_PAGE)
    .offset((shown - 1) * A_PAGE);
  const cards = rows.map(async ({ outline: kept, ...row }) => ({
    ...row,
    note: row.note.slice(0, 300),
    savedAt: row.savedAt.toISOString(),
    plan: kept ?? (await outlineOf(db, row.id)),
  }));
  return { asked: { seek, by, page: shown }, gardens: await Promise.all(cards), found: found ?? all, all };
}

/** What a garden that was stored without it looks like from above. One that cannot be shown is no reason to show none. */
async function outlineOf(db: Database, id: string): Promise<SmallPlan | null> {
  const [row] = await db.select({ plan: gardens.plan }).from(gardens).where(eq(gardens.id, id));
  try {
    return smallPlan(planIn(row?.plan, id));
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
 * is written and the newer revision is told. It is one statement, which looks at the garden's row as it is once no other
 * save is at it: two saves cannot both win, and the plan is sent once. A save that is said again after its answer was
 * lost (`as`) is answered as it was; one made after such a save (`unanswered`) follows it.
 */
export async function saveGarden(
  db: Database,
  id: string,
  { base, as, unanswered = [], plan }: { base: number; as?: string; unanswered?: readonly string[]; plan: Plan },
): Promise<SaveOutcome> {
  const { revision, savedAs } = gardens;
  const isNew = as === undefined ? undefined : or(isNull(savedAs), ne(savedAs, as));
  const follows = unanswered.length > 0 ? inArray(savedAs, [...unanswered]) : undefined;
  const savedAt = new Date();
  const done = db.$with('done').as(
    db
      .update(gardens)
      .set({ revision: sql`${revision} + 1`, savedAt, savedAs: as ?? null, ...headOf(plan) })
      .where(and(inUse(id), isNew, or(eq(revision, base), follows)))
      .returning({ gardenId: gardens.id, revision, plan: gardens.plan, savedAt: gardens.savedAt }),
  );
  const version = db.$with('version').as(
    db
      .insert(revisions)
      .select(sql`select id, revision, plan, saved_at from done`)
      .returning({ revision: revisions.revision }),
  );
  const [saved] = await db.with(done, version).select({ revision: version.revision }).from(version);
  if (saved) {
    // The next save of it is judged by what has changed since this one.
    known.remember(id, plan);
    if (saved.revision % THINNED_EVERY === 0) await thinVersions(db, id, savedAt);
    return { outcome: 'saved', revision: saved.revision, savedAt: savedAt.toISOString() };
  }
  const now = await revisionOf(db, id);
  if (!now) return { outcome: 'gone' };
  return {
    outcome: as !== undefined && now.savedAs === as ? 'saved' : 'stale',
    revision: now.revision,
    savedAt: now.savedAt,
  };
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

/** So many of what lies in the bin are shown. */
const MOST_BINNED = 100;

/** What lies in the bin, the last thrown away first. Looking changes nothing: what has lain there too long is only not shown. */
export async function listBin(db: Database): Promise<BinnedGarden[]> {
  const { id, name, binnedAt } = gardens;
  const rows = await db
    .select({ id, name, binnedAt })
    .from(gardens)
    .where(gte(gardens.binnedAt, binnedBefore()))
    .orderBy(desc(gardens.binnedAt))
    .limit(MOST_BINNED);
  return rows.map((row) => ({ ...row, binnedAt: row.binnedAt?.toISOString() ?? '' }));
}

/** How many versions are listed, and of how many of them it is told what changed. */
const [LISTED, TOLD] = [50, 20];

/** A version of a garden; `changes` since the one kept before it, null where that is not told. */
export interface Version {
  revision: number;
  savedAt: string;
  changes: NamedChange[] | null;
}

/** The versions of a garden, the newest first; null where there is no such garden. */
export async function listVersions(db: Database, id: string): Promise<Version[] | null> {
  if (!(await revisionOf(db, id))) return null;
  const one = eq(revisions.gardenId, id);
  const newest = desc(revisions.revision);
  const [rows, plans] = await Promise.all([
    db
      .select({ revision: revisions.revision, savedAt: revisions.savedAt })
      .from(revisions)
      .where(one)
      .orderBy(newest)
      .limit(LISTED),
    db
      .select({ plan: revisions.plan })
      .from(revisions)
      .where(one)
      .orderBy(newest)
      .limit(TOLD + 1),
  ]);
  // They were faultless when they were saved, by the version of the document of their day.
  const read = plans.map(({ plan }) => upgradePlan(plan) as Plan);
  return rows.map(({ revision, savedAt }, i) => {
    const [after, before] = [read[i], read[i + 1]];
    return {
      revision,
      savedAt: savedAt.toISOString(),
      changes: after && before ? named(changesBetween(before, after), before, after) : null,
    };
  });
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
  outline: smallPlan(plan),
  plan,
});
