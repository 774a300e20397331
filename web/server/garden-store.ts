import { and, asc, desc, eq, lte, sql } from 'drizzle-orm';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from '@lignum/core/plan/plan';
import type { Bed } from '@lignum/core/site/bed';
import type { Feature } from '@lignum/core/site/plot';
import type { Database } from './database';
import { beds, crops, features, gardens, plantings, priceLines, revisions, shedPieces, structures } from './schema';

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
  const rows = await db
    .select({
      id: gardens.id,
      name: gardens.name,
      note: gardens.note,
      savedAt: gardens.savedAt,
      beds: sql<number>`(select count(*)::int from ${beds} where ${beds.gardenId} = ${gardens}.id)`,
      structures: sql<number>`(select count(*)::int from ${structures} where ${structures.gardenId} = ${gardens}.id)`,
    })
    .from(gardens)
    .orderBy(asc(gardens.createdAt), asc(gardens.id));
  return rows.map((row) => ({ ...row, savedAt: row.savedAt.toISOString() }));
}

/** One garden whole, read in one transaction so that its tables belong to one revision; null where there is none. */
export async function loadGarden(db: Database, id: string): Promise<StoredGarden | null> {
  return db.transaction(
    async (tx) => {
      const [garden] = await tx.select().from(gardens).where(eq(gardens.id, id));
      if (!garden) return null;
      const bedRows = await tx.select().from(beds).where(eq(beds.gardenId, id)).orderBy(asc(beds.place));
      const featureRows = await tx
        .select()
        .from(features)
        .where(eq(features.gardenId, id))
        .orderBy(asc(features.place));
      const cropRows = await tx.select().from(crops).where(eq(crops.gardenId, id)).orderBy(asc(crops.place));
      const plantingRows = await tx
        .select()
        .from(plantings)
        .where(eq(plantings.gardenId, id))
        .orderBy(asc(plantings.place));
      const structureRows = await tx
        .select()
        .from(structures)
        .where(eq(structures.gardenId, id))
        .orderBy(asc(structures.place));
      const priceRows = await tx
        .select()
        .from(priceLines)
        .where(eq(priceLines.gardenId, id))
        .orderBy(asc(priceLines.place));
      const shedRows = await tx
        .select()
        .from(shedPieces)
        .where(eq(shedPieces.gardenId, id))
        .orderBy(asc(shedPieces.place));
      const { name, note, locale, currency, reachMm, taxPercent, pricesIncludeTax, sparePercent } = garden;
      return {
        id,
        revision: garden.revision,
        savedAt: garden.savedAt.toISOString(),
        plan: {
          format: PLAN_FORMAT,
          version: PLAN_VERSION,
          garden: {
            name,
            note,
            units: garden.units as Plan['garden']['units'],
            locale,
            currency,
            reachMm,
            ...(garden.saw ? { saw: garden.saw } : {}),
          },
          site: garden.site,
          features: featureRows.map(({ gardenId: _g, place: _p, ...feature }) => feature as Feature),
          beds: bedRows.map(({ gardenId: _g, place: _p, ...bed }) => bed as Bed),
          crops: cropRows.map((row) => row.crop),
          plantings: plantingRows.map(({ gardenId: _g, place: _p, ...planting }) => planting),
          structures: structureRows.map(({ gardenId: _g, place: _p, ...structure }) => structure),
          priceBook: {
            taxPercent,
            pricesIncludeTax,
            sparePercent,
            lines: priceRows.map((row) => ({
              stock: row.stock,
              size: row.size,
              price: { minor: row.minor, currency },
            })),
          },
          shed: shedRows.map(({ gardenId: _g, place: _p, ...piece }) => piece),
        },
      };
    },
    { isolationLevel: 'repeatable read', accessMode: 'read only' },
  );
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
  await db.transaction(async (tx) => {
    await tx.insert(gardens).values({ id, revision: 1, ...headOf(plan) });
    await writeContents(tx, id, plan);
    await tx.insert(revisions).values({ gardenId: id, revision: 1, plan });
  });
}

/**
 * Saves a checked plan over the revision it was made from. If another tab has saved since, nothing
 * is written and the newer revision is told. The garden's row is locked, so two saves cannot both win.
 */
export async function saveGarden(db: Database, id: string, base: number, plan: Plan): Promise<SaveOutcome> {
  return db.transaction(async (tx) => {
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
    for (const table of [beds, features, crops, plantings, structures, priceLines, shedPieces])
      await tx.delete(table).where(eq(table.gardenId, id));
    await writeContents(tx, id, plan);
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

function headOf({ garden, site, priceBook }: Plan) {
  const { taxPercent, pricesIncludeTax, sparePercent } = priceBook;
  return { ...garden, saw: garden.saw ?? null, site, taxPercent, pricesIncludeTax, sparePercent };
}

async function writeContents(tx: Pick<Database, 'insert'>, gardenId: string, plan: Plan): Promise<void> {
  const placed = <T extends object>(list: readonly T[]) => list.map((one, place) => ({ ...one, gardenId, place }));
  if (plan.beds.length > 0)
    await tx.insert(beds).values(placed(plan.beds).map((bed) => ({ ...bed, grewBefore: [...bed.grewBefore] })));
  if (plan.features.length > 0) await tx.insert(features).values(placed(plan.features));
  if (plan.crops.length > 0)
    await tx.insert(crops).values(plan.crops.map((crop, place) => ({ gardenId, place, id: crop.id, crop })));
  if (plan.plantings.length > 0) await tx.insert(plantings).values(placed(plan.plantings));
  if (plan.structures.length > 0)
    await tx
      .insert(structures)
      .values(placed(plan.structures).map((one) => ({ ...one, plantings: [...one.plantings] })));
  if (plan.priceBook.lines.length > 0) {
    await tx.insert(priceLines).values(
      plan.priceBook.lines.map((line, place) => ({
        gardenId,
        place,
        stock: line.stock,
        size: line.size,
        minor: line.price.minor,
      })),
    );
  }
  if (plan.shed.length > 0) await tx.insert(shedPieces).values(placed(plan.shed));
}
