import { NETS } from '../../catalogue/covers';
import type { MeshRoll } from '../../catalogue/stock';
import { cropsOf, type Planted } from '../../crops/planted';
import { opensOn } from '../../growth/flowering';
import { hotSpell } from '../../growth/degree-days';
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
  const fit = NETS.filter(
    (one) => one.openingMm > 0 && !one.against && one.openingMm <= finest.openingMm && isOffered(setting, one.id),
  ).toSorted(
    (a, b) =>
      b.openingMm - a.openingMm ||
      (setting.place.bed.widthMm > WIDE_BED_MM ? b.heightMm - a.heightMm : a.heightMm - b.heightMm),
  );
  return { value: fit[0]?.id ?? 'cover-insect', why: fact('cover.keeps', { who: finest.who }) };
}

/** Leaves of cool crops flag, and they bolt, where it gets so hot by day (from memory). °C. */
const FLAGS_C = 24;

/** When a shade net goes on, and when it comes off, by the warmth of the place. */
function shadeSeason({ monthlyC }: Pick<Climate, 'monthlyC'>): SeasonNote[] {
  const hot = hotSpell(monthlyC, FLAGS_C);
  return hot
    ? [
        { on: monthDayOf(hot.from), what: fact('season.shade-on', { warm: { celsius: FLAGS_C } }) },
        { on: monthDayOf(hot.to), what: fact('season.shade-off', { warm: { celsius: FLAGS_C } }) },
      ]
    : [{ on: null, what: fact('season.shade-rare', { warm: { celsius: FLAGS_C } }) }];
}

/** A cover, as what is done under it goes by it. mm. */
interface Covered {
  openingMm: number;
  highMm: number;
  isWire?: boolean;
  against?: MeshRoll['against'];
}

/**
 * What is done through the season under a cover of this mesh and height: when it is opened for the insects of each
 * crop, and when each outgrows it. Kinds say in their own words what is done then. `isWire`: its mesh is stiff wire, which catches nobody.
 */
export const coverSeason = (
  planted: readonly Planted[],
  site: Climate,
  { openingMm, highMm, isWire = false, against }: Covered,
): SeasonNote[] => [
  ...(against === 'sun' ? shadeSeason(site) : []),
  ...(against === 'hail' ? [{ on: null, what: fact('season.hail') }] : []),
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
    'season.shade-on': 'By day it gets {warm} and more from about now: put the shade net on.',
    'season.shade-off': 'From about now days stay under {warm}: take the shade net off, light is what is short.',
    'season.shade-rare': 'Days of {warm} are rare here: put the shade net on for a hot week only.',
    'season.hail':
      'Before a hailstorm see that it is taut and falls to one side; afterwards shake the ice off: it is heavy.',
    'cover.warmth': 'Nothing that flies troubles what is planned here: fleece keeps frost off.',
    'cover.keeps': 'The coarsest that still stops {who}.',
  },
} as const satisfies Said;
