import Joi from 'joi';
import { day, id, mm, MOST_BED_MM, name, number, year } from './fields';

/** Beds are no longer than this. */
const stretch = Joi.number().min(0).max(MOST_BED_MM);

export const PLANTING_SCHEMA = Joi.object({
  id,
  bed: id,
  fromMm: stretch.description('From the near end of the bed to where it begins; said with `toMm` or not at all.'),
  toMm: stretch.description('From the near end of the bed to where it ends.'),
  crop: id.description('A crop of the table or of this plan.'),
  training: Joi.string().max(40).required(),
  count: Joi.number().integer().min(1).max(2000).required(),
  year: year.description('The season in which it was sown or planted.'),
  sown: day.description('When it was sown, where that is known.'),
  planted: day.description('When it was planted out; its growth is reckoned from then, else from its sowing.'),
  cleared: day.description('When it was cleared.'),
});

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
        onWires: Joi.valid(true).description('Nothing but level wires carries it.'),
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
  daysToCrop: Joi.object(between(1, 3000))
    .required()
    .description(
      'Days from sowing or planting out to the first picking, least and most; where there are `years`, from its flowers to its fruit. Counted in the season told for (docs/sources.md), and carried over to a place by its warmth.',
    ),
  baseC: number(-5, 25).description('Below this it does not grow. °C.'),
  years: Joi.object({
    firstCropYear: Joi.number().integer().min(1).max(20).required(),
    winter: Joi.string().valid('stands', 'dies back').required(),
    budsWeek: number(-26, 26).description('Weeks from the last frost.'),
    flowersWeek: number(-26, 40)
      .allow(null)
      .description('Weeks from the last frost; null where its flowers are of no account.'),
    picksForDays: number(1, 365),
    prunes: Joi.string()
      .valid(
        'fruited-canes',
        'all-canes',
        'winter',
        'after-picking',
        'after-flowering',
        'late-winter',
        'dies-back',
        'old-leaves',
      )
      .required(),
  }).description('The year of what lives for more than one; left out for what is sown every year.'),
  pests: Joi.array()
    .items(Joi.object({ pest: Joi.string().max(60).required(), barrier: Joi.string().max(200).required() }))
    .max(12)
    .required(),
  underNet: Joi.string().valid('opens for insects', 'sets by itself', 'no fruit wanted').required(),
  seasons: Joi.number().integer().min(1).max(60).required(),
  matureKgM: number(0.1, 200).optional().description('Old and wet, to each metre of roof that it lies on.'),
  potLitres: Joi.number()
    .min(0.1)
    .max(200)
    .description('Litres of potting mix that one plant does with; left out for what wants the depth of a bed.'),
});
