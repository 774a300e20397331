import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue';
import { PLAN_FORMAT, PLAN_VERSION } from '../plan/plan';
import { SIDES } from '../site/path';
import type { StandOn } from '../site/stands/stands';
import { KINDS } from '../structures/registry';
import { CROP_SCHEMA, PLANTING_SCHEMA } from './crop-schemas';
import { currency, id, mm, name, note, placed } from './fields';
import { knobSchema } from './knob-schema';
import { LIST_LIMITS, SHOP_LETTERS } from './measure';
import { BED_SCHEMA, FEATURE_SCHEMA, GARDEN_SCHEMA, SITE_SCHEMA, UNDERFOOT_SCHEMA } from './place-schemas';
import { WORK_SCHEMA } from './work-schema';

export const MONEY_SCHEMA = Joi.object({
  minor: Joi.number().integer().min(0).max(1e10).required(),
  currency,
}).description('A whole number of minor units (cents, pence) and its ISO 4217 currency.');

const under = UNDERFOOT_SCHEMA.required();

const pathSpot = Joi.object({
  xMm: placed.xMm,
  yMm: placed.yMm,
  groundMm: mm(-10_000, 10_000).description('How high the soil lies there over the first spot.'),
});

/** Sixty corners, each across the plot and back, are not a fence. */
const MOST_RUN_MM = 1_000_000;

/** Where a structure stands: one of the stands its kind can take. */
const standSchemas = {
  bed: Joi.object({ on: Joi.string().valid('bed').required(), bed: id }),
  beds: Joi.object({
    on: Joi.string().valid('beds').required(),
    beds: Joi.array().ordered(id, id).length(2).required().description('Over the way between these two.'),
  }),
  path: Joi.object({
    on: Joi.string().valid('path').required(),
    spots: Joi.array().items(pathSpot).min(2).max(60).required(),
    closed: Joi.boolean().required(),
    inside: Joi.string()
      .valid(...SIDES)
      .required()
      .description('On which side the garden lies, as one goes from the first spot.'),
    underfoot: under,
  }),
  spot: Joi.object({ on: Joi.string().valid('spot').required(), at: Joi.object(placed).required(), underfoot: under }),
  run: Joi.object({
    on: Joi.string().valid('run').required(),
    of: id.description('The structure in whose run it stands.'),
    atMm: mm(0, MOST_RUN_MM).description('Its middle, along that from its first corner, by a level tape.'),
  }),
} as const satisfies Record<StandOn, Joi.Schema>;

const standSchema = (stands: readonly StandOn[]): Joi.Schema =>
  Joi.alternatives()
    .conditional('.on', {
      switch: stands.map((on) => ({ is: on, then: standSchemas[on] })),
      otherwise: Joi.object({
        on: Joi.string()
          .valid(...stands)
          .required(),
      }).unknown(),
    })
    .required();

export const STRUCTURE_SCHEMA = Joi.object({
  id,
  name,
  stand: Joi.when('kind', {
    switch: KINDS.map((kind) => ({ is: kind.id, then: standSchema(kind.stands) })),
    otherwise: Joi.forbidden(),
  }).description('Where it stands; each kind can take some of these.'),
  kind: Joi.string()
    .valid(...KINDS.map((kind) => kind.id))
    .required(),
  plantings: Joi.array().items(Joi.string()).max(20).required(),
  knobs: Joi.when('kind', {
    switch: KINDS.map((kind) => ({ is: kind.id, then: knobSchema(kind.knobs).required() })),
    otherwise: Joi.forbidden(),
  }).description('Only the knobs set by hand; the others follow the crop, the bed and the price book.'),
});

const stock = Joi.string()
  .valid(...CATALOGUE.all.map((one) => one.id))
  .required();
const size = Joi.number().greater(0).max(1e6).required();

/** A shop as the gardener calls it. */
const SHOP_SCHEMA = Joi.string().trim().min(1).max(SHOP_LETTERS);

export const PRICE_LINE_SCHEMA = Joi.object({
  stock,
  size: size.description('mm for bars, posts and reels; kg for bags; pieces for packs; 1 for a panel.'),
  price: MONEY_SCHEMA.required(),
  shop: SHOP_SCHEMA.description('Which shop asks it; another may sell the same size at another price.'),
});

export const PRICE_BOOK_SCHEMA = Joi.object({
  taxPercent: Joi.number().min(0).max(50).required(),
  pricesIncludeTax: Joi.boolean().required(),
  sparePercent: Joi.number().min(0).max(100).required(),
  sparesAsked: Joi.array()
    .items(Joi.string().valid(...CATALOGUE.all.map((one) => one.id)))
    .unique()
    .max(CATALOGUE.all.length)
    .description('Stock of which the spare is bought even where that takes another pack.'),
  shopsLeft: Joi.array()
    .items(SHOP_SCHEMA)
    .unique()
    .max(40)
    .description('Shops nobody goes to for this garden: what only they sell is not on offer.'),
  lines: Joi.array().items(PRICE_LINE_SCHEMA).max(LIST_LIMITS.lines).required(),
});

export const SHED_SCHEMA = Joi.object({ stock, size, count: Joi.number().integer().min(1).max(500).required(), note });

export const PLAN_SCHEMA = Joi.object({
  format: Joi.string().valid(PLAN_FORMAT).required(),
  version: Joi.number().valid(PLAN_VERSION).required(),
  garden: GARDEN_SCHEMA.required(),
  site: SITE_SCHEMA.required(),
  beds: Joi.array().items(BED_SCHEMA).max(LIST_LIMITS.beds).required(),
  features: Joi.array().items(FEATURE_SCHEMA).max(LIST_LIMITS.features).required(),
  crops: Joi.array().items(CROP_SCHEMA).max(LIST_LIMITS.crops).required(),
  plantings: Joi.array().items(PLANTING_SCHEMA).max(LIST_LIMITS.plantings).required(),
  structures: Joi.array().items(STRUCTURE_SCHEMA).max(LIST_LIMITS.structures).required(),
  priceBook: PRICE_BOOK_SCHEMA.required(),
  shed: Joi.array().items(SHED_SCHEMA).max(LIST_LIMITS.shed).required(),
  work: WORK_SCHEMA,
}).description(
  'A garden plan. Every length is millimetres; every amount of money a whole number of minor units with its currency.',
);
