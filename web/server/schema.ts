import type { Saw } from '@lignum/core/cutting/saw';
import type { Crop } from '@lignum/core/crops/crop';
import type { Site } from '@lignum/core/site/plot';
import {
  bigint,
  boolean,
  doublePrecision,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
} from 'drizzle-orm/pg-core';

/**
 * Gardens and what stands in them. Lengths are mm, money integer minor units in the garden's
 * currency. A garden is saved whole under a revision number, so that a stale tab is noticed; every
 * revision is kept as a document beside the tables.
 */
export const gardens = pgTable('gardens', {
  id: text().primaryKey(),
  revision: integer().notNull(),
  name: text().notNull(),
  note: text().notNull(),
  units: text().notNull(),
  locale: text().notNull(),
  currency: text().notNull(),
  reachMm: doublePrecision('reach_mm').notNull(),
  /** The gardener's own saw; null until it has been measured. */
  saw: jsonb().$type<Saw>(),
  site: jsonb().$type<Site>().notNull(),
  taxPercent: doublePrecision('tax_percent').notNull(),
  pricesIncludeTax: boolean('prices_include_tax').notNull(),
  sparePercent: doublePrecision('spare_percent').notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull().defaultNow(),
  savedAt: timestamp('saved_at', { withTimezone: true }).notNull().defaultNow(),
});

const inGarden = () =>
  text('garden_id')
    .notNull()
    .references(() => gardens.id, { onDelete: 'cascade' });
const place = () => integer().notNull();
const placed = () => ({
  xMm: doublePrecision('x_mm').notNull().default(0),
  yMm: doublePrecision('y_mm').notNull().default(0),
  turnDeg: doublePrecision('turn_deg').notNull().default(0),
});

export const beds = pgTable(
  'beds',
  {
    gardenId: inGarden(),
    id: text().notNull(),
    place: place(),
    name: text().notNull(),
    note: text().notNull(),
    lengthMm: doublePrecision('length_mm').notNull(),
    widthMm: doublePrecision('width_mm').notNull(),
    heightMm: doublePrecision('height_mm').notNull(),
    ...placed(),
    grewBefore: jsonb('grew_before').$type<string[]>().notNull().default([]),
    standFrom: text('stand_from').notNull(),
    riseMm: doublePrecision('rise_mm').notNull(),
    soil: text().notNull(),
    wind: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.id] })],
);

export const features = pgTable(
  'features',
  {
    gardenId: inGarden(),
    id: text().notNull(),
    place: place(),
    kind: text().notNull(),
    name: text().notNull(),
    ...placed(),
    lengthMm: doublePrecision('length_mm').notNull(),
    widthMm: doublePrecision('width_mm').notNull(),
    heightMm: doublePrecision('height_mm').notNull(),
    keepClearMm: doublePrecision('keep_clear_mm').notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.id] })],
);

/** Crops of the gardener's own, each whole. */
export const crops = pgTable(
  'crops',
  {
    gardenId: inGarden(),
    id: text().notNull(),
    place: place(),
    crop: jsonb().$type<Crop>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.id] })],
);

export const plantings = pgTable(
  'plantings',
  {
    gardenId: inGarden(),
    id: text().notNull(),
    place: place(),
    bed: text().notNull(),
    crop: text().notNull(),
    training: text().notNull(),
    count: integer().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.id] })],
);

export const structures = pgTable(
  'structures',
  {
    gardenId: inGarden(),
    id: text().notNull(),
    place: place(),
    kind: text().notNull(),
    name: text().notNull(),
    bed: text().notNull(),
    plantings: jsonb().$type<string[]>().notNull(),
    knobs: jsonb().$type<Record<string, number | string>>().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.id] })],
);

export const priceLines = pgTable(
  'price_lines',
  {
    gardenId: inGarden(),
    stock: text().notNull(),
    size: doublePrecision().notNull(),
    place: place(),
    minor: bigint({ mode: 'number' }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.stock, table.size] })],
);

export const shedPieces = pgTable(
  'shed_pieces',
  {
    gardenId: inGarden(),
    place: place(),
    stock: text().notNull(),
    size: doublePrecision().notNull(),
    count: integer().notNull(),
    note: text().notNull(),
  },
  (table) => [primaryKey({ columns: [table.gardenId, table.place] })],
);

/** Every saved state of a garden, as its plan document. */
export const revisions = pgTable(
  'revisions',
  {
    gardenId: inGarden(),
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
