import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue';
import { PLAN_FORMAT, PLAN_VERSION } from '../plan/plan';
import { STANDING } from '../site/bed';
import { SOILS, WINDS } from '../site/soil';
import { FEATURE_KINDS, VISITORS } from '../site/plot';
import { KINDS } from '../structures/registry';
import type { StandOn } from '../site/stand';
import { knobSchema } from './knob-schema';
import { LIST_LIMITS } from './measure';

const id = Joi.string()
  .pattern(/^[\w-]{1,64}$/)
  .required();
const name = Joi.string().trim().min(1).max(80).required();
const note = Joi.string().allow('').max(2000).default('');
const mm = (min: number, max: number) => Joi.number().min(min).max(max).required();
const currency = Joi.string()
  .pattern(/^[A-Z]{3}$/, 'three capital letters of ISO 4217')
  .required();

export const MONEY_SCHEMA = Joi.object({
  minor: Joi.number().integer().min(0).max(1e10).required(),
  currency,
}).description('A whole number of minor units (cents, pence) and its ISO 4217 currency.');

export const GARDEN_SCHEMA = Joi.object({
  name,
  note,
  units: Joi.string().valid('imperial', 'metric').required(),
  locale: Joi.string()
    .pattern(/^[a-z]{2,3}(-[A-Z][a-z]{3})?(-[A-Z]{2})?$/, 'a language tag such as en-GB')
    .required(),
  currency,
  reachMm: mm(1200, 3000).description('What the tallest user reaches from the ground.'),
  saw: Joi.object({
    kerfMm: mm(0.5, 8),
    shoeOffsetMm: mm(0, 300).description(
      'From the edge of the shoe that runs along a guide to the near side of the blade.',
    ),
  }).description('The gardener’s own saw, measured once.'),
});

const MOST_PLOT_MM = 200_000;
const placed = {
  xMm: mm(-MOST_PLOT_MM, MOST_PLOT_MM).description('Middle, from the left edge of the plot.'),
  yMm: mm(-MOST_PLOT_MM, MOST_PLOT_MM).description('Middle, from the lower edge of the plot.'),
  turnDeg: mm(-360, 360).description('Direction of the length, counter-clockwise from the x axis.'),
};
const monthDay = Joi.string()
  .pattern(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'a month and a day such as 05-10')
  .required();

export const SITE_SCHEMA = Joi.object({
  latitudeDeg: mm(-90, 90),
  longitudeDeg: mm(-180, 180),
  northDeg: mm(-360, 360).description('Compass bearing of "up the page".'),
  soil: Joi.string()
    .valid(...SOILS)
    .required()
    .description('Of open ground; every bed has its own.'),
  wind: Joi.string()
    .valid(...WINDS)
    .required(),
  widthMm: mm(1000, MOST_PLOT_MM),
  depthMm: mm(1000, MOST_PLOT_MM),
  lastFrost: monthDay,
  firstFrost: monthDay,
  frostDepthMm: mm(0, 3000),
  gustMs: mm(0, 100),
  armMm: mm(200, 1500).description('How far one picks from where one stands.'),
  visitors: Joi.array()
    .items(Joi.string().valid(...VISITORS))
    .max(VISITORS.length)
    .required(),
});

export const FEATURE_SCHEMA = Joi.object({
  id,
  kind: Joi.string()
    .valid(...FEATURE_KINDS)
    .required(),
  name: Joi.string().allow('').max(80).required(),
  ...placed,
  lengthMm: mm(10, MOST_PLOT_MM),
  widthMm: mm(10, MOST_PLOT_MM),
  heightMm: mm(0, 40_000),
  keepClearMm: mm(0, 20_000),
});

export const BED_SCHEMA = Joi.object({
  id,
  name,
  note,
  ...placed,
  grewBefore: Joi.array().items(Joi.string().allow('').max(40)).max(3).required(),
  lengthMm: mm(300, 60_000),
  widthMm: mm(150, 12_000),
  heightMm: mm(0, 1500),
  outline: Joi.alternatives()
    .conditional('.shape', {
      switch: [
        { is: 'rectangle', then: Joi.object({ shape: Joi.string().valid('rectangle').required() }) },
        { is: 'round', then: Joi.object({ shape: Joi.string().valid('round').required() }) },
        {
          is: 'keyhole',
          then: Joi.object({
            shape: Joi.string().valid('keyhole').required(),
            notchLongMm: mm(150, 12_000),
            notchDeepMm: mm(150, 12_000),
          }),
        },
      ],
      otherwise: Joi.object({ shape: Joi.string().valid('rectangle', 'round', 'keyhole').required() }),
    })
    .required()
    .description('Seen from above, inside length and width; a keyhole has a notch cut into the middle of its front.'),
  standFrom: Joi.string()
    .valid(...STANDING)
    .required(),
  riseMm: mm(-10_000, 10_000).description('How much higher the far end is than the near end.'),
  soil: Joi.string()
    .valid(...SOILS)
    .required(),
  wind: Joi.string()
    .valid(...WINDS)
    .required(),
});

export const PLANTING_SCHEMA = Joi.object({
  id,
  bed: id,
  crop: id.description('A crop of the table or of this plan.'),
  training: Joi.string().max(40).required(),
  count: Joi.number().integer().min(1).max(2000).required(),
});

const number = (min: number, max: number) => Joi.number().min(min).max(max).required();
const between = (min: number, max: number) => ({ least: number(min, max), most: number(min, max) });

export const CROP_SCHEMA = Joi.object({
  id,
  name,
  family: Joi.string().min(1).max(40).required(),
  habit: Joi.string().valid('tendril-thin', 'tendril-strong', 'twiner', 'leaner', 'bush', 'none').required(),
  heightMm: mm(50, 15_000),
  supportToMm: mm(0, 6000),
  supportFromMm: mm(0, 3000),
  gapMm: Joi.object(between(0, 1500)).required(),
  grips: Joi.object({ memberMm: mm(1, 200), stepMm: mm(10, 1000) })
    .allow(null)
    .required(),
  trainings: Joi.array()
    .items(
      Joi.object({
        id,
        name,
        spacingMm: mm(10, 6000),
        pruned: Joi.boolean().required(),
        bestOn: Joi.string().valid('string', 'mesh'),
      }),
    )
    .min(1)
    .max(6)
    .required(),
  fruitKg: number(0, 50).description('One fruit.'),
  slung: Joi.string().valid('never', 'large fruit', 'always').required(),
  wetKg: number(0.001, 500).description('One plant, wet, in full crop.'),
  load: Joi.string().valid('light', 'medium', 'heavy').required(),
  sun: Joi.string().valid('full', 'part').required(),
  hardiness: Joi.string().valid('tender', 'half-hardy', 'hardy').required(),
  sow: Joi.object({ from: number(-26, 26), to: number(-26, 40) })
    .required()
    .description('Weeks from the last frost.'),
  daysToCrop: Joi.object(between(10, 3000)).required(),
  pests: Joi.array()
    .items(Joi.object({ pest: Joi.string().max(60).required(), barrier: Joi.string().max(200).required() }))
    .max(12)
    .required(),
  underNet: Joi.string().valid('opens for insects', 'sets by itself', 'no fruit wanted').required(),
  seasons: Joi.number().integer().min(1).max(60).required(),
});

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
  }),
  spot: Joi.object({ on: Joi.string().valid('spot').required(), at: Joi.object(placed).required() }),
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

export const PRICE_LINE_SCHEMA = Joi.object({
  stock,
  size: size.description('mm for bars, posts and reels; kg for bags; pieces for packs; 1 for a panel.'),
  price: MONEY_SCHEMA.required(),
});

export const PRICE_BOOK_SCHEMA = Joi.object({
  taxPercent: Joi.number().min(0).max(50).required(),
  pricesIncludeTax: Joi.boolean().required(),
  sparePercent: Joi.number().min(0).max(100).required(),
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
}).description(
  'A garden plan. Every length is millimetres; every amount of money a whole number of minor units with its currency.',
);
