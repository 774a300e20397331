import type { Market } from '../../catalogue/stock';
import type { Design } from '../../design/design';
import { exact, inches } from '../../quantity/length';
import { buriedShare, depthThrough, LET_IN_MM, NO_FILL, type BedFill } from '../../statics/embedment';
import { fact } from '../../wording/say';
import type { Settings, Suggestion } from '../knob';
import type { Said } from '../said';
import type { Setting } from '../setting';
import { perMarket, TAPE_STEP } from './tidy';
import { footholdOf } from '../../site/stands/stands';

/** Left above the mark of a timber post for trimming all tops to one height (from memory). mm. */
export const SPARE_MM = inches(0.5);

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
 * A depth that also gets through a raised bed into firm ground, to the next whole inch (or 10 mm).
 * @example throughBed(inches(18), inches(18), { mm: inches(11), is: 'loose' }, 'imperial') // 29″: 18″ of it below the bed
 */
export function throughBed(usualMm: number, leastMm: number, fill: BedFill, market: Market): number {
  if (fill.mm <= 0) return usualMm;
  const step = TAPE_STEP[market];
  return exact(Math.ceil(depthThrough(usualMm, leastMm, fill) / step - 1e-6) * step);
}

/** What a raised bed is filled with where a structure stands. */
export function fillUnder({ place }: Setting): BedFill {
  const { own } = footholdOf(place);
  return own ? { mm: own.heightMm, is: own.fill } : NO_FILL;
}

/** How deep posts are driven: 18″, deeper in loose soil or wind (common practice, no source; the 24″ from memory). mm. */
export const drivenDepth = ({ soil, wind, market }: Setting): Suggestion<number> =>
  soil === 'sand' || wind === 'exposed'
    ? { value: perMarket(market, 24, 600), why: fact('depth.loose') }
    : { value: perMarket(market, 18, 460), why: fact('depth.driven') };

/** What stands on slender posts alone goes so much deeper in sand (from memory: as the frames of it are found to want). mm. */
export const deeperInSand = (setting: Setting, { value, why }: Suggestion<number>): Suggestion<number> => ({
  value: setting.soil === 'sand' ? value + perMarket(setting.market, 3, 80) : value,
  why,
});

/** A post goes this much less deep where it then comes out of the next shorter length on sale: 2″ (from memory). mm. */
const SHORTER_BY_MM = inches(2);

/** A post by what it measures above the soil, with what is trimmed off it, and the lengths it is sold in. mm. */
export interface SoldPost {
  aboveMm: number;
  sizesMm: readonly number[];
}

/** A depth on the tape at which a post comes out of a length on sale that it misses by a finger or two; else as it is. mm. */
function outOfShorter(depthMm: number, leastMm: number, post: SoldPost, stepMm: number): number {
  const shorter = post.sizesMm.filter((size) => size < post.aboveMm + depthMm - 0.5).at(-1) ?? 0;
  const most = shorter - post.aboveMm;
  const enough = (value: number): boolean =>
    depthMm - value <= SHORTER_BY_MM + 0.5 && value >= leastMm - 0.5 && value < depthMm;
  // On a mark of the tape, or where that is not deep enough any more all that the length leaves.
  const taped = exact(Math.floor(most / stepMm + 1e-6) * stepMm);
  return [taped, exact(most)].find(enough) ?? depthMm;
}

/**
 * A suggested depth, made deeper where a raised bed calls for it (nothing to one beside which it stands), and as much as two inches less where a post of its
 * height is then a stock length shorter, with the reason.
 */
export function suggestDepth(
  setting: Setting,
  leastMm: number,
  usual: Suggestion<number>,
  post?: SoldPost,
  fill: BedFill = fillUnder(setting),
): Suggestion<number> {
  const deep = throughBed(usual.value, leastMm, fill, setting.market);
  const value = post ? outOfShorter(deep, depthThrough(leastMm, leastMm, fill), post, TAPE_STEP[setting.market]) : deep;
  if (value < deep) return { value, why: fact('depth.shorter', { less: { mm: deep - value } }) };
  if (value < usual.value + 0.5) return usual;
  return {
    value,
    why: fact(fill.is === 'loose' ? 'depth.through-bed' : 'depth.through-settled', { bed: { mm: fill.mm } }),
  };
}

/** The mend of a post that stands in a bed's fill alone. */
export const throughBedMend =
  (leastMm: number) =>
  (values: { depth: number }, _built: unknown, setting: Setting): Settings => ({
    depth: throughBed(values.depth, leastMm, fillUnder(setting), setting.market),
  });

export const THROUGH_BED_WORDS = {
  phrases: {
    'depth.through-bed':
      'Through the {bed} of the bed, whose loose fill holds nothing, as deep into the ground below it.',
    'depth.through-settled': 'Through the {bed} of the bed into the ground below it; settled fill counts half.',
    'depth.shorter': '{less} less than usual: each post then comes out of the next shorter length on sale.',
  },
} as const satisfies Said;

/** Of driven posts. */
export const DRIVEN_WORDS = {
  phrases: {
    ...THROUGH_BED_WORDS.phrases,
    'depth.driven': 'A driven post is never less deep than 18″ (460 mm).',
    'depth.loose': 'Deeper, for loose soil or wind.',
  },
} as const satisfies Said;

/** The next stock length up, or the longest there is with `enough: false`; null where none is sold. */
export function nextStockUp(neededMm: number, sizesMm: readonly number[]): { mm: number; enough: boolean } | null {
  const long = sizesMm.find((size) => size >= neededMm - 0.5);
  if (long !== undefined) return { mm: long, enough: true };
  const longest = sizesMm.at(-1);
  return longest === undefined ? null : { mm: longest, enough: false };
}
