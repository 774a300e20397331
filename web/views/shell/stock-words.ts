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
    case 'pole':
    case 'steel post':
      return formatLength(size, units);
    case 'bagged':
      return `bag of ${size} kg`;
    case 'panel':
      return 'whole';
    case 'piece':
      return size === 1 ? 'single' : `pack of ${size}`;
    case 'cord':
    case 'mesh roll':
      return `${units === 'imperial' ? `${Math.round(size / MM_PER_FOOT)}′` : `${Math.round(size / 100) / 10} m`} reel`;
  }
}

/** What is left over in the shed, in its own measure. */
export function shedWords(stockId: string, size: number, units: Units): string {
  const { form } = CATALOGUE.stock(stockId);
  if (form === 'piece') return `${size} of them`;
  if (form === 'bagged') return `${size} kg`;
  if (form === 'panel') return `${size} meshes (${formatLength(meshesToMm(CATALOGUE, stockId, size), units)})`;
  return formatLength(size, units);
}

/** What a length of row costs, by the foot or the metre. */
export function perLength(cost: Cost, currency: string, tongue: Tongue): string {
  const perUnit = tongue.units === 'imperial' ? (cost.perMetreMinor * MM_PER_FOOT) / 1000 : cost.perMetreMinor;
  return `${formatMoney(money(perUnit, currency), tongue.locale)} ${tongue.units === 'imperial' ? 'a foot' : 'a metre'}`;
}

export const USE_WORDS: Record<string, string> = {
  post: 'Post',
  pole: 'Pole',
  stake: 'Stake',
  cane: 'Cane',
  beam: 'Beam',
  'cross arm': 'Cross arm',
  rail: 'Rail',
  stile: 'Stile',
  slat: 'Slat',
  'frame side': 'Frame side',
  brace: 'Brace',
  board: 'Board to rip',
  panel: 'Panel',
  shelf: 'Shelf strip',
  'fine mesh': 'Fine net',
  mesh: 'Mesh',
  'wind skirt': 'Wind skirt',
  'line wire': 'Line wire',
  'guy wire': 'Guy wire',
  chain: 'Tether',
  string: 'String',
  lashing: 'Lashing',
  'ladder string': 'Ladder string',
  pass: 'Pass of twine',
  thread: 'Thread',
  concrete: 'Concrete',
  gravel: 'Gravel',
  'poles lashed': 'Poles lashed',
  'ladder to pole': 'Ladder to pole',
  'pass on posts': 'Pass on a post',
  'thread on nails': 'Thread on nails',
  'panel to post': 'Panel to post',
  'panel to panel': 'Tie at a lap',
  'panel to rail': 'Panel to rail',
  'shelf to rail': 'Shelf to rail',
  'net to panel': 'Net to panel',
  'wire to post': 'Wire to post',
  'post to beam': 'Post to beam',
  'post to bed': 'Post to bed',
  'rail to post': 'Rail to post',
  'brace to post': 'Brace to post',
  'brace to beam': 'Brace to beam',
  'brace to frame': 'Brace to frame',
  'arm to beam': 'Arm to beam',
  'string to beam': 'String to beam',
  'string to arm': 'String to arm',
  'skirt to post': 'Skirt to post',
  'cap on post': 'Cap on post',
  'guy to post': 'Guy to post',
  'turnbuckle in a guy': 'In a guy',
  'cane to panel': 'Cane to panel',
  'slat to stile': 'Slat to stile',
  'mesh to leaf': 'Mesh to leaf',
  'leaf to leaf': 'Leaf to leaf',
  'tether to leaf': 'Tether to leaf',
  'foot to ground': 'Foot to ground',
  'corner halved': 'Halved corner',
  'nail in frame': 'Nails to weave on',
  'frames joined': 'Frames joined',
  'stake to frame': 'Stake to frame',
};
