import { daysIn } from '../site/sun/season';
import type { Planting } from './plan';

/** What of a planting makes no sense, though each of its days is one of the calendar and each length is one of a bed. */
export const plantingNonsense = (planting: Planting): { field: string; message: string }[] => [
  ...stretchNonsense(planting),
  ...daysNonsense(planting),
];

function stretchNonsense({ fromMm, toMm }: Planting): { field: string; message: string }[] {
  if (fromMm === undefined && toMm === undefined) return [];
  if (fromMm === undefined || toMm === undefined)
    return [{ field: fromMm === undefined ? 'fromMm' : 'toMm', message: 'is missing: a stretch has both its ends' }];
  return toMm - fromMm < LEAST_MM ? [{ field: 'toMm', message: `is ${toMm}; the least is ${fromMm + LEAST_MM}` }] : [];
}
/** Nothing grows in less of a bed. mm. */
const LEAST_MM = 50;

function daysNonsense(planting: Planting): { field: string; message: string }[] {
  const days = (['sown', 'planted', 'cleared'] as const).flatMap((field) => {
    const day = planting[field];
    return day === undefined ? [] : [{ field, day }];
  });
  return days.flatMap(({ field, day }, i) => {
    const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
    const [before] = days.slice(0, i).filter((one) => one.day > day);
    const away = field === 'cleared' ? Math.min(0, year - planting.year) : year - planting.year;
    if (date > daysIn(year, month))
      return [{ field, message: `is ${day}; that month has ${daysIn(year, month)} days` }];
    if (before) return [{ field, message: `is ${day}, before it was ${before.field} (${before.day})` }];
    // A season may begin in the autumn before, and in the south it goes on into the next year.
    if (Math.abs(away) > 1) return [{ field, message: `is ${day}; its season is ${planting.year}` }];
    return [];
  });
}
