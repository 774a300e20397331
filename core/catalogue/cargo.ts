import type { Look, Stock } from './stock';

/** What is brought by a lorry at one time; small things are fetched by the way. */
export const CARGOES = ['timber', 'steel', 'masonry', 'fill', 'nets'] as const;
export type Cargo = (typeof CARGOES)[number];

const BY_LOOK: Record<Look, Cargo> = {
  timber: 'timber',
  steel: 'steel',
  wire: 'steel',
  concrete: 'masonry',
  masonry: 'masonry',
  gravel: 'fill',
  net: 'nets',
  cloth: 'nets',
  twine: 'nets',
};

/** With what a stock is brought; null of what lies in packs in a pocket: screws and clips. @example cargoOf(CATALOGUE.stock('timber-2x4-treated')) // 'timber' */
export const cargoOf = ({ look, sold }: Pick<Stock, 'look' | 'sold'>): Cargo | null =>
  sold === 'packs' || sold === 'own' ? null : BY_LOOK[look];
