import Joi from 'joi';
import { CORNERS, FILLS, STANDING } from '../site/bed';
import { REGIONS } from '../site/regions';
import { FEATURE_KINDS, VISITORS } from '../site/plot';
import { SOILS, WINDS } from '../site/soil';
import { UNDERFOOT } from '../site/underfoot';
import { currency, id, mm, MOST_BED_MM, MOST_PLOT_MM, name, note, number, placed, year } from './fields';

export const GARDEN_SCHEMA = Joi.object({
  name,
  note,
  year: year.description('The season that is planned, by the year in which it begins.'),
  market: Joi.string()
    .valid('imperial', 'metric')
    .required()
    .description('Whose sizes it buys: by the inch, or by the millimetre.'),
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

const monthDay = Joi.string()
  .pattern(
    /^((0[13578]|1[02])-(0[1-9]|[12]\d|3[01])|(0[469]|11)-(0[1-9]|[12]\d|30)|02-(0[1-9]|1\d|2[0-8]))$/,
    'a month and a day of every year, such as 05-10',
  )
  .required();

const months = Joi.array().items(number(-60, 60)).length(12).required();

export const SITE_SCHEMA = Joi.object({
  latitudeDeg: mm(-90, 90),
  longitudeDeg: mm(-180, 180),
  zone: Joi.string().max(64).description('By which clocks go there: a name of the IANA time zone database.'),
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
  region: Joi.string()
    .valid(...REGIONS.map((one) => one.id))
    .description('The region whose values it began with.'),
  monthlyC: Joi.object({ max: months, min: months })
    .required()
    .description('Means of each month’s daily highest and lowest temperature, January first. °C.'),
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

/** What something stands on where that is no bed’s soil. */
export const UNDERFOOT_SCHEMA = Joi.alternatives()
  .conditional('.is', {
    switch: UNDERFOOT.map((is) => ({
      is,
      then:
        is === 'soil' || is === 'paving'
          ? Joi.object({ is: Joi.string().valid(is).required() })
          : Joi.object({
              is: Joi.string().valid(is).required(),
              bearsKgM2: Joi.number().greater(0).max(5000).allow(null).required(),
              answeredBy: Joi.string().allow('').max(80).required(),
            }),
    })),
    otherwise: Joi.object({
      is: Joi.string()
        .valid(...UNDERFOOT)
        .required(),
    }).unknown(),
  })
  .description('What it stands on; what a deck or a balcony may carry (kg/m²), and who answers for that.');

export const BED_SCHEMA = Joi.object({
  id,
  name,
  note,
  ...placed,
  grew: Joi.array()
    .items(Joi.object({ year, family: Joi.string().min(1).max(40).required() }))
    .max(20)
    .required()
    .description(
      'Families said to have grown there in earlier seasons, before anything of it was planted in this plan.',
    ),
  lengthMm: mm(300, MOST_BED_MM),
  widthMm: mm(150, 12_000),
  heightMm: mm(0, 1500),
  fill: Joi.string()
    .valid(...FILLS)
    .required()
    .description('What a raised bed is filled with: loose as it was filled, or settled over some seasons.'),
  underfoot: UNDERFOOT_SCHEMA.optional(),
  outline: Joi.alternatives()
    .conditional('.shape', {
      switch: [
        { is: 'rectangle', then: Joi.object({ shape: Joi.string().valid('rectangle').required() }) },
        { is: 'round', then: Joi.object({ shape: Joi.string().valid('round').required() }) },
        {
          is: 'polygon',
          then: Joi.object({
            shape: Joi.string().valid('polygon').required(),
            corners: Joi.number().integer().min(CORNERS.min).max(CORNERS.max).required(),
          }),
        },
        ...['keyhole', 'corner'].map((is) => ({
          is,
          then: Joi.object({
            shape: Joi.string().valid(is).required(),
            notchLongMm: mm(150, 12_000),
            notchDeepMm: mm(150, 12_000),
          }),
        })),
      ],
      otherwise: Joi.object({
        shape: Joi.string().valid('rectangle', 'round', 'polygon', 'keyhole', 'corner').required(),
      }),
    })
    .required()
    .description(
      'Seen from above, inside length and width; a notch is cut into the middle of its front (keyhole) or out of its far end (corner).',
    ),
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
