import type { Offer } from '../cutting/cut-plan';

export interface Packs {
  measure: number;
  minor: number;
  count: number;
}

/**
 * Packs or reels that cover a need, rounded up, at the least cost found: every count of the larger
 * size near what the need takes (and none of it), then the next smaller for what remains. Exact for
 * one or two sizes. Null when nothing is on sale.
 */
export function packsFor(need: number, offers: readonly Offer[]): Packs[] | null {
  if (need <= 0) return [];
  if (offers.length === 0) return null;
  const largestFirst = [...offers].sort((a, b) => b.measure - a.measure);
  return tryFrom(need, largestFirst).packs;
}

function tryFrom(need: number, offers: readonly Offer[]): { packs: Packs[]; cost: number } {
  const [offer, ...smaller] = offers;
  if (need <= 1e-6) return { packs: [], cost: 0 };
  if (!offer) return { packs: [], cost: Infinity };
  const most = Math.ceil(need / offer.measure - 1e-9);
  const counts = smaller.length === 0 ? [most] : [...new Set([0, Math.max(0, most - 2), Math.max(0, most - 1), most])];
  return counts
    .map((count) => {
      const rest = tryFrom(need - count * offer.measure, smaller);
      return {
        packs: count > 0 ? [{ ...offer, count }, ...rest.packs] : rest.packs,
        cost: count * offer.minor + rest.cost,
      };
    })
    .reduce((best, one) => (one.cost < best.cost ? one : best));
}
