import { and, eq, isNull, sql } from 'drizzle-orm';
import Joi from 'joi';
import { atTheDoor } from '@lignum/core/formats/door';
import { AHEAD_MS, mergeEntries, msOf, registerOf, STAMP, type Entry } from '../kept/record';
import type { Exchanged, Refused } from '../kept/record-book';
import type { Database } from './database';
import { gardens, record } from './schema';
import { inTransaction } from './transaction';

/** Entries of one exchange: a list of a large garden ticked off without a signal comes in portions well under it. */
const MOST_AT_ONCE = 1000;
/** Registers of one garden: sixty structures of fifty parts, each bought, cut, stood and built, and as much again. */
const MOST_KEPT = 20_000;

/** What is refused as a whole: anything but a list of entries. Each entry is then looked at by itself. */
export const RECORD_SCHEMA = Joi.object({
  entries: Joi.array().max(MOST_AT_ONCE).items(Joi.object().unknown(true)).required(),
});

const valueOf = (field: Entry['field'], schema: Joi.Schema) => ({ is: field, then: schema.required() });
const ENTRY_SCHEMA = Joi.object({
  about: Joi.string().valid('bought', 'cut', 'stood', 'built', 'printed', 'tool', 'measured').required(),
  what: Joi.string().min(1).max(200).required(),
  field: Joi.string()
    .valid('done', 'note', 'paidMinor')
    .when('about', {
      switch: [
        { is: 'measured', then: Joi.valid('mm').required() },
        // How long a piece was cut: what stands is not always where it was meant.
        { is: 'cut', then: Joi.valid('mm') },
      ],
    })
    .required(),
  value: Joi.when('field', {
    switch: [
      valueOf('done', Joi.boolean()),
      valueOf('note', Joi.string().allow('').max(200)),
      valueOf('paidMinor', Joi.number().integer().min(0).max(1e9).allow(null)),
      valueOf('mm', Joi.number().min(0).max(200_000).allow(null)),
    ],
  }),
  stamp: Joi.string()
    .pattern(STAMP, 'an instant, a count and a device such as 000001795678836479-00000-k3f9')
    .required(),
  person: Joi.string().allow('').max(40).required(),
});

/** All that is said of a garden. */
export async function loadRecord(db: Database, gardenId: string): Promise<Entry[]> {
  const rows = await db.select().from(record).where(eq(record.gardenId, gardenId));
  return rows.map(({ gardenId: _garden, ...entry }) => ({ ...entry, value: entry.value ?? null }));
}

/** An entry as it was sent, or why it is not kept: one that is refused is in the way of no other. */
function looked(said: unknown, nowMs: number): { entry: Entry } | { refused: Refused } {
  const read = atTheDoor<Entry>(ENTRY_SCHEMA, said);
  const { about, what, field, stamp } = said as Entry;
  const refused = (message: string, more: Partial<Refused> = {}) => ({
    refused: { about, what, field, stamp, message, ...more },
  });
  if (!read.ok)
    return refused(
      `${typeof what === 'string' ? `“${what.slice(0, 200)}”` : 'An entry'} cannot be kept: ${read.faults.map(({ path, message }) => `${path} ${message}`).join('; ')}.`,
    );
  if (msOf(stamp) > nowMs + AHEAD_MS)
    return refused(
      `“${what}” is stamped ${Math.round((msOf(stamp) - nowMs) / 1000)} s ahead of the server’s clock; at most ${AHEAD_MS / 1000} s may be.`,
      { ahead: true },
    );
  return { entry: read.value };
}

/** Takes entries in, of each register the last, and answers with all of them; null where there is no such garden. */
export async function takeEntries(
  db: Database,
  gardenId: string,
  said: readonly unknown[],
  nowMs: number,
): Promise<Exchanged | null> {
  const each = said.map((one) => looked(one, nowMs));
  const refused = each.flatMap((one) => ('refused' in one ? [one.refused] : []));
  // Of a register that is said twice the last counts: one statement cannot change a row twice.
  const sound = mergeEntries(each.flatMap((one) => ('entry' in one ? [one.entry] : [])));
  return inTransaction(db, async (tx) => {
    const [garden] = await tx
      .select({ id: gardens.id })
      .from(gardens)
      .where(and(eq(gardens.id, gardenId), isNull(gardens.binnedAt)))
      // What two devices send at once is counted one after the other.
      .for(sound.length > 0 ? 'no key update' : 'key share');
    if (!garden) return null;
    if (sound.length === 0) return { entries: await loadRecord(tx, gardenId), refused, nowMs };
    const known = new Set((await loadRecord(tx, gardenId)).map(registerOf));
    let room = MOST_KEPT - known.size;
    const kept = sound.filter((entry) => known.has(registerOf(entry)) || room-- > 0);
    const full = sound
      .filter((entry) => !kept.includes(entry))
      .map(({ about, what, field, stamp }): Refused => ({
        about,
        what,
        field,
        stamp,
        message: `“${what}” cannot be kept: this garden has ${MOST_KEPT} ticks and readings, which is the most.`,
      }));
    if (kept.length > 0)
      await tx
        .insert(record)
        .values(kept.map((entry) => ({ ...entry, gardenId })))
        .onConflictDoUpdate({
          target: [record.gardenId, record.about, record.what, record.field],
          set: { value: sql`excluded.value`, stamp: sql`excluded.stamp`, person: sql`excluded.person` },
          setWhere: sql`excluded.stamp > ${record.stamp}`,
        });
    return { entries: await loadRecord(tx, gardenId), refused: [...refused, ...full], nowMs };
  });
}
