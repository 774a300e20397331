import Joi from 'joi';

/** Fields that documents share: ids, names, notes, lengths within limits, places on the plot. */
export const id = Joi.string()
  .pattern(/^[\w-]{1,64}$/)
  .required();
export const name = Joi.string().trim().min(1).max(80).required();
export const note = Joi.string().allow('').max(2000).default('');
export const number = (min: number, max: number) => Joi.number().min(min).max(max).required();
export const mm = (leastMm: number, mostMm: number) => number(leastMm, mostMm);
/** A season, by the year in which it begins. */
export const year = Joi.number().integer().min(2000).max(2100).required();
/** A day of the calendar. Whether there is such a day is asked for sense. */
export const day = Joi.string().pattern(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'a day such as 2027-05-12');
export const currency = Joi.string()
  .pattern(/^[A-Z]{3}$/, 'three capital letters of ISO 4217')
  .required();

export const MOST_PLOT_MM = 200_000;
export const MOST_BED_MM = 60_000;
export const placed = {
  xMm: mm(-MOST_PLOT_MM, MOST_PLOT_MM).description('Middle, from the left edge of the plot.'),
  yMm: mm(-MOST_PLOT_MM, MOST_PLOT_MM).description('Middle, from the lower edge of the plot.'),
  turnDeg: mm(-360, 360).description('Direction of the length, counter-clockwise from the x axis.'),
};
