import type { Offer } from '../cutting/cut-plan';

export interface Packs {
  measure: number;
  minor: number;
  count: number;
}

const SLACK = 1e-6;
/** Sizes that differ by next to nothing in price could be combined for ever: after so many tries the best found is taken. */
const MOST_TRIES = 50_000;

/** Without those that another size beats: as much or more, for as little or less. The cheapest by measure first. */
function worthBuying(offers: readonly Offer[]): Offer[] {
  const bySize = [...offers].sort((a, b) => b.measure - a.measure || a.minor - b.minor);
  let cheapest = Infinity;
  return bySize
    .filter(({ minor }) => {
      if (minor >= cheapest) return false;
      cheapest = minor;
      return true;
    })
    .sort((a, b) => a.minor / a.measure - b.minor / b.measure || b.measure - a.measure);
}

/**
 * Packs or reels that cover a need, rounded up, at the least cost: the covering knapsack with unbounded counts, by
 * branch and bound. The bound of what is still needed is its measure at the best price by measure of the sizes
 * that are left (the linear relaxation; Martello & Toth, *Knapsack Problems*, 1990, ch. 3, from memory). Null when
 * nothing is on sale.
 */
export function packsFor(need: number, offers: readonly Offer[]): Packs[] | null {
  if (need <= 0) return [];
  if (offers.length === 0) return null;
  const sizes = worthBuying(offers);
  let best: { minor: number; counts: readonly number[] } = { minor: Infinity, counts: [] };
  let tries = 0;
  const look = (i: number, rest: number, minor: number, counts: readonly number[]): void => {
    if (rest <= SLACK) {
      if (minor < best.minor) best = { minor, counts };
      return;
    }
    const size = sizes[i];
    if (!size || tries++ > MOST_TRIES) return;
    const next = sizes[i + 1];
    for (let count = Math.ceil(rest / size.measure - SLACK); count >= 0; count--) {
      const left = rest - count * size.measure;
      const spent = minor + count * size.minor;
      // Fewer of the better size only makes the bound worse.
      const bound = left <= SLACK ? spent : next ? spent + left * (next.minor / next.measure) : Infinity;
      if (Math.ceil(bound - SLACK) >= best.minor) {
        if (left > SLACK) return;
      } else look(i + 1, left, spent, [...counts, count]);
    }
  };
  look(0, need, 0, []);
  return sizes.flatMap((size, i) => {
    const count = best.counts[i] ?? 0;
    return count > 0 ? [{ ...size, count }] : [];
  });
}
