import { and, eq, isNull, sql } from 'drizzle-orm';
import Joi from 'joi';
import type { Tick } from '../kept/ticks';
import type { Database } from './database';
import { gardens, ticks } from './schema';

/** Ticks of one exchange: a list of a large garden ticked off without a signal is a few hundred. */
const MOST_AT_ONCE = 1000;

export const TICKS_SCHEMA = Joi.object({
  ticks: Joi.array()
    .max(MOST_AT_ONCE)
    .items(
      Joi.object({
        about: Joi.string().valid('bought', 'cut', 'built', 'tool').required(),
        what: Joi.string().min(1).max(200).required(),
        person: Joi.string().allow('').max(40).required(),
        done: Joi.boolean().required(),
        note: Joi.string().allow('').max(200).required(),
        paidMinor: Joi.number().integer().min(0).max(1e9).allow(null).required(),
        at: Joi.string()
          .pattern(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/, 'an instant such as 2026-05-01T09:30:00.000Z')
          .required(),
      }),
    )
    .required(),
});

/** Every tick of a garden. */
export async function loadTicks(db: Database, gardenId: string): Promise<Tick[]> {
  const rows = await db.select().from(ticks).where(eq(ticks.gardenId, gardenId));
  return rows.map(({ gardenId: _garden, at, about, ...tick }) => ({
    ...tick,
    about: about as Tick['about'],
    at: at.toISOString(),
  }));
}

/** Takes ticks in, of each person and thing the newer, and answers with all of them; null where there is no such garden. */
export async function takeTicks(db: Database, gardenId: string, said: readonly Tick[]): Promise<Tick[] | null> {
  const [garden] = await db
    .select({ id: gardens.id })
    .from(gardens)
    .where(and(eq(gardens.id, gardenId), isNull(gardens.binnedAt)));
  if (!garden) return null;
  if (said.length > 0)
    await db
      .insert(ticks)
      .values(said.map((tick) => ({ ...tick, gardenId, at: new Date(tick.at) })))
      .onConflictDoUpdate({
        target: [ticks.gardenId, ticks.about, ticks.what, ticks.person],
        set: {
          done: sql`excluded.done`,
          note: sql`excluded.note`,
          paidMinor: sql`excluded.paid_minor`,
          at: sql`excluded.at`,
        },
        setWhere: sql`excluded.at >= ${ticks.at}`,
      });
  return loadTicks(db, gardenId);
}
