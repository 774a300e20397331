import { boolean, integer, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';

/**
 * A garden is one validated plan document, saved whole under a revision number, so that a stale tab is
 * noticed. What lists need stands in columns beside it. Every revision is kept as it was saved, in the
 * plan version of its day; reading brings it up to date.
 */
export const gardens = pgTable('gardens', {
  id: text().primaryKey(),
  revision: integer().notNull(),
  name: text().notNull(),
  note: text().notNull(),
  beds: integer().notNull(),
  structures: integer().notNull(),
  plan: jsonb().notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
  /** When it was put into the bin; null while it is in use. */
  binnedAt: timestamp('binned_at', { withTimezone: true }),
});

/** Every saved state of a garden, as its plan document. */
export const revisions = pgTable(
  'revisions',
  {
    gardenId: text('garden_id')
      .notNull()
      .references(() => gardens.id, { onDelete: 'cascade' }),
    revision: integer().notNull(),
    plan: jsonb().notNull(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.revision] })],
);

/**
 * What a person has ticked off in a garden: bought, cut, built, with what was taken instead and paid. One row a
 * person and thing; of what two of a person's devices say the newer stays. Apart from the plan, so that a tick
 * is no revision of it, and kept when the plan no longer has the thing: it may come back.
 */
export const ticks = pgTable(
  'ticks',
  {
    gardenId: text('garden_id')
      .notNull()
      .references(() => gardens.id, { onDelete: 'cascade' }),
    about: text().notNull(),
    what: text().notNull(),
    person: text().notNull(),
    done: boolean().notNull(),
    note: text().notNull(),
    paidMinor: integer('paid_minor'),
    at: timestamp({ withTimezone: true, precision: 3 }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.about, table.what, table.person] })],
);

/** Things that happen once in the life of a database. */
export const milestones = pgTable('milestones', {
  name: text().primaryKey(),
  at: timestamp({ withTimezone: true }).notNull().defaultNow(),
});
