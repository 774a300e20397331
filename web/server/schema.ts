import { integer, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';

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

/** Things that happen once in the life of a database. */
export const milestones = pgTable('milestones', {
  name: text().primaryKey(),
  at: timestamp({ withTimezone: true }).notNull().defaultNow(),
});
