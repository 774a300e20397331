import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Stock } from '@lignum/core/catalogue/stock';
import { meshesToMm } from '@lignum/core/costing/buy';
import type { StructureKind } from '@lignum/core/structures/kind';
import { cordCut, formatLength, MM_PER_FOOT, type Units } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { Cost } from '@lignum/core/costing/cost';
import type { Tongue } from '@lignum/core/wording/say';

/** What stands together in a shop, in the order in which one walks through it. */
export const SHOP_GROUPS: Readonly<Record<Stock['form'], string>> = {
  timber: 'Timber',
  'steel post': 'Posts',
  pole: 'Poles and canes',
  rod: 'Rods and tubes',
  sheeting: 'Corrugated sheet',
  panel: 'Panels',
  'mesh roll': 'Nets',
  cord: 'Wire, rope and twine',
  bagged: 'Concrete and gravel',
  piece: 'Fixings',
};
const FORMS = Object.keys(SHOP_GROUPS) as Stock['form'][];

/** Puts things in the order of the shop, and of one shop after the other; what stands together keeps its own. */
export const inShopOrder = <Thing extends { stock: string; shop?: string }>(things: readonly Thing[]): Thing[] => {
  const place = (one: Thing) => FORMS.indexOf(CATALOGUE.stock(one.stock).form);
  return [...things].sort((a, b) => (a.shop ?? '').localeCompare(b.shop ?? '', 'en') || place(a) - place(b));
};

/** Under what a thing stands on the list: in which shop, where that is known, and where in it. */
export const listGroup = ({ stock, shop }: { stock: string; shop?: string }): string =>
  shop === undefined ? shopGroup(stock) : `${shop}: ${shopGroup(stock).toLowerCase()}`;
export const shopGroup = (stockId: string): string => SHOP_GROUPS[CATALOGUE.stock(stockId).form];

/** How a shop would call one size of a stock item: "8′", "pack of 50", "reel of 60 m". */
export function sizeWords(stockId: string, size: number, units: Units): string {
  const stock = CATALOGUE.stock(stockId);
  if (stock.form === 'mesh roll' && stock.flat) return formatLength(size, units);
  switch (stock.form) {
    case 'timber':
    case 'pole':
    case 'rod':
    case 'sheeting':
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

/** What a kind calls a part or a joint. */
export const wordFor = ({ names }: Pick<StructureKind, 'names'>, use: string): string =>
  names.parts[use]?.word ?? names.joints[use] ?? use;

/** How long a step waits, as it is said. @example waitWords(72) // "3 days" */
export function waitWords(hours: number): string {
  const days = hours / 24;
  const [count, unit] = hours > 24 && Number.isInteger(days) ? [days, 'day'] : [hours, 'hour'];
  return `${count} ${unit}${count === 1 ? '' : 's'}`;
}

/** How long a piece of stock is cut: cord to the next inch or centimetre, long cord to the next foot or decimetre; the rest as it is. */
export function cutWords(stock: string, mm: number, units: Units): string {
  return formatLength(CATALOGUE.stock(stock).form === 'cord' ? cordCut(mm, units) : mm, units);
}
