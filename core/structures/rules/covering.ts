import { COVERS } from '../../catalogue/covers';
import type { Crop } from '../../crops/crop';
import { netNeeds } from '../../site/net-needs';
import { feet } from '../../quantity/length';
import type { Site } from '../../site/plot';
import { dayOfYear, monthDayOf } from '../../site/sun/season';
import { fact, type Phrases } from '../../wording/say';
import type { Suggestion } from '../knob';
import { isOffered, type BedSetting } from '../setting';

/** Wider beds take the wider of two rolls of one net (from memory). mm. */
const WIDE_BED_MM = feet(3);

/** The coarsest net that keeps out what its crops draw; fleece where nothing flies at them. */
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

/** Share of the way from sowing to the first picking at which a crop flowers (from memory). */
const FLOWERS_AT = 0.55;

/** A bee gets through from here on (from memory). mm. */
const BEE_MM = 10;

/** The day from which a cover of this mesh has to be opened for the insects that a crop needs; null where it needs none, or they get in. */
export const opensOn = (
  crop: Pick<Crop, 'underNet' | 'sow' | 'daysToCrop'>,
  site: Pick<Site, 'lastFrost'>,
  openingMm: number,
): string | null =>
  crop.underNet === 'opens for insects' && openingMm < BEE_MM
    ? monthDayOf(dayOfYear(site.lastFrost) + crop.sow.from * 7 + FLOWERS_AT * crop.daysToCrop.least)
    : null;

/** Of the crops under a cover of this mesh the first that it has to be opened for, and when; null where none is. */
export function firstToOpen(
  crops: readonly Pick<Crop, 'name' | 'underNet' | 'sow' | 'daysToCrop'>[],
  site: Pick<Site, 'lastFrost'>,
  openingMm: number,
): { crop: string | null; on: string | null } {
  const days = crops.flatMap((crop) => {
    const on = opensOn(crop, site, openingMm);
    return on === null ? [] : [{ crop: crop.name, on }];
  });
  return days.toSorted((a, b) => dayOfYear(a.on) - dayOfYear(b.on))[0] ?? { crop: null, on: null };
}

export const COVERING_PHRASES = {
  'cover.warmth': 'Nothing that flies troubles what is planned here: fleece keeps frost off.',
  'cover.keeps': 'The coarsest that still stops {who}.',
} as const satisfies Phrases;
