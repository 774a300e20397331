import { sql } from 'drizzle-orm';
import { customType, index, integer, jsonb, pgTable, primaryKey, text, timestamp } from 'drizzle-orm/pg-core';
import type { Entry } from '../kept/record';
import type { SmallPlan } from '../kept/small-plan';

/**
 * A garden is one validated plan document, saved whole under a revision number, so that a stale tab is
 * noticed. What lists need stands in columns beside it. Every revision is kept as it was saved, in the
 * plan version of its day; reading brings it up to date.
 */
export const gardens = pgTable(
  'gardens',
  {
    id: text().primaryKey(),
    revision: integer().notNull(),
    name: text().notNull(),
    note: text().notNull(),
    beds: integer().notNull(),
    structures: integer().notNull(),
    plan: jsonb().notNull(),
    /** What it looks like from above, so that a list of gardens reads no plan; null in what was stored before there was one. */
    outline: jsonb().$type<SmallPlan>(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
    savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
    /** What the save that made this revision was called by who made it, so that one whose answer was lost knows it again. */
    savedAs: text('saved_as'),
    /** When it was put into the bin; null while it is in use. */
    binnedAt: timestamp('binned_at', { withTimezone: true }),
  },
  (table) => [
    index('gardens_by_saved')
      .on(table.savedAt.desc(), table.id)
      .where(sql`binned_at is null`),
    index('gardens_by_name')
      .on(sql`lower(name)`, table.id)
      .where(sql`binned_at is null`),
    index('gardens_by_made')
      .on(table.createdAt, table.id)
      .where(sql`binned_at is null`),
    index('gardens_binned')
      .on(table.binnedAt)
      .where(sql`binned_at is not null`),
  ],
);

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
 * What is said of a garden beside its plan: ticked off as bought, cut or built, what was taken instead and paid, what
 * was measured. One row a register, of which the last writer's stays. Apart from the plan, so that a tick is no
 * revision of it, and kept when the plan no longer has the thing: it may come back.
 */
export const record = pgTable(
  'record',
  {
    gardenId: text('garden_id')
      .notNull()
      .references(() => gardens.id, { onDelete: 'cascade' }),
    about: text().$type<Entry['about']>().notNull(),
    what: text().notNull(),
    field: text().$type<Entry['field']>().notNull(),
    value: jsonb().$type<Entry['value']>(),
    stamp: text().notNull(),
    person: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.about, table.what, table.field] })],
);

const bytes = customType<{ data: Buffer }>({ dataType: () => 'bytea' });

/**
 * Photos of a garden and of what was built in it, made small before they came, with a still smaller one for lists. Apart
 * from the plan and kept when the plan no longer has the thing, as the record is.
 */
export const photos = pgTable(
  'photos',
  {
    gardenId: text('garden_id')
      .notNull()
      .references(() => gardens.id, { onDelete: 'cascade' }),
    /** Given by the device that took it, so that one that is sent again is known. */
    id: text().notNull(),
    /** What it is of: a structure and a part of it by their ids; "" for the place, and for all of a structure. */
    structure: text().notNull(),
    part: text().notNull(),
    /** The day it was taken: "2027-03-06". */
    takenOn: text('taken_on').notNull(),
    note: text().notNull(),
    person: text().notNull(),
    widthPx: integer('width_px').notNull(),
    heightPx: integer('height_px').notNull(),
    picture: bytes().notNull(),
    small: bytes().notNull(),
    addedAt: timestamp('added_at', { withTimezone: true }).notNull().defaultNow(),
    /** When it was taken away; null while it is shown. */
    removedAt: timestamp('removed_at', { withTimezone: true }),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.id] })],
);

/**
 * Who may come in where Lignum is reached from elsewhere: one household today. What its devices carry is signed with a
 * key of its own: a new key signs them all out.
 */
export const people = pgTable('people', {
  id: text().primaryKey(),
  /** As `hashOf` writes it. */
  passphrase: text().notNull(),
  key: text().notNull(),
  changedAt: timestamp('changed_at', { withTimezone: true }).notNull().defaultNow(),
});

/** Who has said a passphrase in vain lately, by the line they came over: counted for all processes together. */
export const tries = pgTable('tries', {
  from: text('came_from').notNull(),
  at: timestamp({ withTimezone: true }).notNull(),
});

/** The secret part of the address at which a calendar follows a garden's weekends: whoever has it may read them, and nothing else. */
export const feeds = pgTable('feeds', {
  gardenId: text('garden_id')
    .primaryKey()
    .references(() => gardens.id, { onDelete: 'cascade' }),
  secret: text().notNull().unique(),
  madeAt: timestamp('made_at', { withTimezone: true }).notNull().defaultNow(),
});

/** Things that happen once in the life of a database. */
export const milestones = pgTable('milestones', {
  name: text().primaryKey(),
  at: timestamp({ withTimezone: true }).notNull().defaultNow(),
});
