import { COVERS } from '../../catalogue/covers';
import { cropsOf, type Planted } from '../../crops/planted';
import { opensOn } from '../../growth/flowering';
import type { Climate } from '../../growth/growth';
import { outgrownOn } from '../../growth/outgrown';
import { feet } from '../../quantity/length';
import { netNeeds } from '../../site/net-needs';
import { dayOfYear, monthDayOf } from '../../site/sun/season';
import { fact } from '../../wording/say';
import type { SeasonNote } from '../step';
import type { Suggestion } from '../knob';
import type { Said } from '../said';
import { isOffered, type BedSetting } from '../setting';

/** Finer net than this catches no animal by its head (from memory: the rule of some places). mm. */
const SAFE_MM = 5;

/** Wider beds take the wider of two rolls of one net (from memory). mm. */
const WIDE_BED_MM = feet(3);

/** The coarsest net that keeps out what its crops draw; fleece where nothing flies at them. Decision 8. */
export function coverFor(setting: BedSetting): Suggestion<string> {
  const [finest] = netNeeds(
    setting.planted.map((one) => one.crop),
    setting.site.visitors,
  );
  if (!finest) return { value: 'cover-fleece', why: fact('cover.warmth') };
  const fit = COVERS.filter(
    (one) => one.openingMm > 0 && one.look === 'net' && one.openingMm <= finest.openingMm && isOffered(setting, one.id),
  ).toSorted(
    (a, b) =>
      b.openingMm - a.openingMm ||
      (setting.place.bed.widthMm > WIDE_BED_MM ? b.heightMm - a.heightMm : a.heightMm - b.heightMm),
  );
  return { value: fit[0]?.id ?? 'cover-insect', why: fact('cover.keeps', { who: finest.who }) };
}

/**
 * What is done through the season under a cover of this mesh and height: when it is opened for the insects of each
 * crop, and when each outgrows it. Kinds say in their own words what is done then. `isWire`: its mesh is stiff wire, which catches nobody.
 */
export const coverSeason = (
  planted: readonly Planted[],
  site: Climate,
  { openingMm, highMm, isWire = false }: { openingMm: number; highMm: number; isWire?: boolean },
): SeasonNote[] => [
  ...(openingMm > SAFE_MM && !isWire ? [{ on: null, what: fact('season.wildlife') }] : []),
  ...cropsOf(planted).flatMap((crop) => {
    const opens = opensOn(crop, site, openingMm);
    const day = outgrownOn(crop, highMm, site);
    return [
      ...(opens === null ? [] : [{ on: opens, what: fact('season.open', { crop: crop.name }) }]),
      ...(day === null ? [] : [{ on: monthDayOf(day), what: fact('season.off', { crop: crop.name }) }]),
    ];
  }),
];

/** Snow is looked for some weeks after the first frost (from memory). Days. */
const SNOW_AFTER = 21;
export const snowOn = ({ firstFrost }: Pick<Climate, 'firstFrost'>): string =>
  monthDayOf(dayOfYear(firstFrost) + SNOW_AFTER);

export const COVERING_WORDS = {
  phrases: {
    'season.wildlife':
      'Net of this mesh can catch birds, hedgehogs, snakes and bats: keep it taut, with no loose skirt on the ground, and look all round it every day. Some places allow 5 mm or less only.',
    'cover.warmth': 'Nothing that flies troubles what is planned here: fleece keeps frost off.',
    'cover.keeps': 'The coarsest that still stops {who}.',
  },
} as const satisfies Said;
