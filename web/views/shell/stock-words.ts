import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { meshesToMm } from '@lignum/core/costing/buy';
import { formatLength, MM_PER_FOOT, type Units } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { Cost } from '@lignum/core/costing/cost';
import type { Tongue } from '@lignum/core/wording/say';

/** How a shop would call one size of a stock item: "8′", "pack of 50", "reel of 60 m". */
export function sizeWords(stockId: string, size: number, units: Units): string {
  switch (CATALOGUE.stock(stockId).form) {
    case 'timber':
    case 'steel post': return formatLength(size, units);
    case 'panel': return 'whole';
    case 'piece': return size === 1 ? 'single' : `pack of ${size}`;
    case 'cord':
    case 'mesh roll': return `${units === 'imperial' ? `${Math.round(size / MM_PER_FOOT)}′` : `${Math.round(size / 100) / 10} m`} reel`;
  }
}

/** What is left over in the shed, in its own measure. */
export function shedWords(stockId: string, size: number, units: Units): string {
  const { form } = CATALOGUE.stock(stockId);
  if (form === 'piece') return `${size} of them`;
  if (form === 'panel') return `${size} meshes (${formatLength(meshesToMm(CATALOGUE, stockId, size), units)})`;
  return formatLength(size, units);
}

/** What a length of row costs, by the foot or the metre. */
export function perLength(cost: Cost, currency: string, tongue: Tongue): string {
  const perUnit = tongue.units === 'imperial' ? (cost.perMetreMinor * MM_PER_FOOT) / 1000 : cost.perMetreMinor;
  return `${formatMoney(money(perUnit, currency), tongue.locale)} ${tongue.units === 'imperial' ? 'a foot' : 'a metre'}`;
}

export const USE_WORDS: Record<string, string> = {
  post: 'Post', beam: 'Beam', brace: 'Knee brace', panel: 'Panel', 'fine mesh': 'Fine net', 'line wire': 'Line wire', string: 'String',
  'panel to post': 'Panel to post', 'panel to panel': 'Tie at a lap', 'net to panel': 'Net to panel', 'wire to post': 'Wire to post',
  'post to beam': 'Post to beam', 'brace to post': 'Brace to post', 'brace to beam': 'Brace to beam', 'string to beam': 'String to beam',
};
