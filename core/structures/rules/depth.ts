import type { Market } from '../../catalogue/stock';
import type { Design } from '../../design/design';
import { exact, inches } from '../../quantity/length';
import { buriedShare, leastBelowBed, LET_IN_MM } from '../../statics/embedment';
import { fact, type Phrases } from '../../wording/say';
import type { Settings, Suggestion } from '../knob';
import type { Setting } from '../setting';
import { perMarket, TAPE_STEP } from './tidy';

/** Depth for a let-in post that stands `aboveMm` out of the ground, to the next whole inch. */
export function letInDepth(aboveMm: number, place: { soil: string; wind: string }): number {
  const share = buriedShare(place);
  const asked = Math.max(LET_IN_MM, (aboveMm * share) / (1 - share));
  return inches(Math.ceil(asked / inches(1) - 1e-6));
}

/** By how much the worst of its posts is too short. mm. */
export const shortBy = (design: Pick<Design, 'posts'>): number =>
  Math.max(0, ...design.posts.map((post) => post.shortMm));

/**
 * A depth that also gets through a raised bed into the ground below it, to the next whole inch (or 10 mm).
 * @example throughBed(inches(18), inches(18), inches(11), 'imperial') // 20″: 9″ of it below the bed
 */
export function throughBed(usualMm: number, leastMm: number, fillMm: number, market: Market): number {
  if (fillMm <= 0) return usualMm;
  const step = TAPE_STEP[market];
  return Math.max(usualMm, exact(Math.ceil((fillMm + leastBelowBed(leastMm)) / step - 1e-6) * step));
}

/** How much loose fill of a raised bed lies over the grown ground where a structure stands. mm. */
export const fillUnder = ({ place }: Setting): number => (place.on === 'bed' ? place.bed.heightMm : 0);

/** How deep posts are driven: 18″, deeper in loose soil or wind (common practice, no source; the 24″ from memory). mm. */
export const drivenDepth = ({ soil, wind, market }: Setting): Suggestion<number> =>
  soil === 'sand' || wind === 'exposed'
    ? { value: perMarket(market, 24, 600), why: fact('depth.loose') }
    : { value: perMarket(market, 18, 460), why: fact('depth.driven') };

/** A suggested depth, made deeper where a raised bed calls for it, with the reason. */
export function suggestDepth(setting: Setting, leastMm: number, usual: Suggestion<number>): Suggestion<number> {
  const value = throughBed(usual.value, leastMm, fillUnder(setting), setting.market);
  return value > usual.value + 0.5
    ? { value, why: fact('depth.through-bed', { bed: { mm: fillUnder(setting) } }) }
    : usual;
}

/** The mend of a post that stands in a bed's fill alone. */
export const throughBedMend =
  (leastMm: number) =>
  (values: { depth: number }, _built: unknown, setting: Setting): Settings => ({
    depth: throughBed(values.depth, leastMm, fillUnder(setting), setting.market),
  });

export const DRIVEN_PHRASES = {
  'depth.driven': 'A driven post is never less deep than 18″ (460 mm).',
  'depth.loose': 'Deeper, for loose soil or wind.',
} as const satisfies Phrases;

export const THROUGH_BED_PHRASES = {
  'depth.through-bed': 'Through the {bed} of the bed, whose soil is loose, into the ground below it.',
} as const satisfies Phrases;

/** The next stock length up, or the longest there is with `enough: false`; null where none is sold. */
export function nextStockUp(neededMm: number, sizesMm: readonly number[]): { mm: number; enough: boolean } | null {
  const long = sizesMm.find((size) => size >= neededMm - 0.5);
  if (long !== undefined) return { mm: long, enough: true };
  const longest = sizesMm.at(-1);
  return longest === undefined ? null : { mm: longest, enough: false };
}
