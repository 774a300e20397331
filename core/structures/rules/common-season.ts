import { CATALOGUE } from '../../catalogue/catalogue';
import type { Pruning } from '../../crops/crop';
import type { Design } from '../../design/design';
import { asShape, shapeOf } from '../../design/shapes/shapes';
import { yearOf, type CropYear } from '../../growth/growth';
import { monthDayOf } from '../../site/sun/season';
import { fact, type Phrases } from '../../wording/say';
import type { SeasonNote } from '../step';
import type { Setting } from '../setting';

/** What lives for years is seen to so long before its buds break (from memory). Days. */
const BEFORE_BUDS = 21;

/** When a plant that lives for years is cut back: after its picking, which is never over where it never ripens. Days from 1 January. */
function prunedOn(prunes: Pruning, { starts, pickedTo, ends }: CropYear): number {
  switch (prunes) {
    case 'fruited-canes':
    case 'after-picking':
    case 'after-flowering':
    case 'old-leaves':
      return pickedTo ?? ends;
    case 'all-canes':
    case 'late-winter':
      return starts - BEFORE_BUDS;
    case 'winter':
      return starts - 2 * BEFORE_BUDS;
    case 'dies-back':
      return ends;
  }
}

/** The year of each crop that grows there: sown, picked, cut back; and what has no time to ripen. */
function cropNotes({ planted, site }: Pick<Setting, 'planted' | 'site'>, tied: boolean): SeasonNote[] {
  // Two plantings of one crop that went out on different days have each its own.
  return [...new Set(planted.map(({ crop }) => crop))].flatMap((crop): SeasonNote[] => {
    const year = yearOf(crop, site);
    const told = (on: number | null, code: string): SeasonNote => ({
      on: on === null ? null : monthDayOf(on),
      what: fact(code, { crop: crop.name }),
    });
    const picked = told(year.pickedFrom, year.pickedFrom === null ? 'season.cold' : 'season.pick');
    return crop.years
      ? [
          ...(tied ? [told(year.starts - BEFORE_BUDS, 'season.renew')] : []),
          picked,
          told(prunedOn(crop.years.prunes, year), `season.prune.${crop.years.prunes}`),
        ]
      : [told(year.starts, 'season.sow'), picked];
  });
}

/** What is done through the season at anything that holds plants, whatever its kind (common practice, no source). */
export function commonSeason({ parts, stations, hold }: Design, setting: Setting): SeasonNote[] {
  const crops = cropNotes(setting, hold !== null);
  if (stations.length === 0) return crops;
  // Wire and steel that leaves and fruit lie on: what is stretched, and what is bent over them.
  const metal = parts.some((part) => {
    const { look } = CATALOGUE.stock(part.stock);
    return shapeOf(part).nature === 'face'
      ? look === 'wire'
      : look === 'steel' && asShape(part, 'bar')?.bent !== undefined;
  });
  // A planter is watered from above, as it says itself.
  const inSoil = stations.some(({ side }) => side !== 'pocket');
  return [
    ...crops,
    ...(inSoil ? [{ on: null, what: fact('season.base') }] : []),
    ...(metal ? [{ on: null, what: fact('season.hot') }] : []),
  ];
}

export const SEASON_PHRASES = {
  'season.base': 'Water at the base, early in the day: leaves that stay dry stay healthy.',
  'season.hot': 'In hot sun bare metal burns tender shoots: on such days shade young growth with a cloth.',
  'season.sow': '{crop}: sow or plant out from about now.',
  'season.pick': '{crop}: the first picking about now.',
  'season.cold':
    '{crop}: a year here is not warm enough to bring it to its first picking. Raise it early under glass, choose an early sort, or grow it under a cover.',
  'season.renew': '{crop}: before the buds break, renew ties and twine that have perished.',
  'season.prune.fruited-canes':
    '{crop}: picking is over about now. Cut the canes that have fruited to the ground and tie new ones in; nothing is pulled out.',
  'season.prune.all-canes': '{crop}: cut all canes to the ground; new ones fruit this year.',
  'season.prune.winter': '{crop}: prune while it is bare; the roots and the frame of it stay.',
  'season.prune.after-picking': '{crop}: prune after picking, in dry weather; cuts made in winter let disease in.',
  'season.prune.after-flowering': '{crop}: when the flowers are over, take out what has flowered.',
  'season.prune.late-winter': '{crop}: cut back before the buds break, and tie in what stays.',
  'season.prune.dies-back': '{crop}: when its tops have yellowed, cut them down; the roots stay.',
  'season.prune.old-leaves': '{crop}: after picking cut off old leaves and the runners you do not want.',
} as const satisfies Phrases;
