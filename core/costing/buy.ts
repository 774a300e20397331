import { LAP_MM } from '../catalogue/lap';
import { stockOf } from '../catalogue/catalogue';
import { meshesAcross, type Catalogue, type Stock } from '../catalogue/stock';
import { cut } from '../cutting/cut';
import { KERF_MM } from '../cutting/saw';
import type { CutPlan, Offer, Wanted } from '../cutting/cut-plan';
import type { BillLine } from '../materials/take-off';
import { bestLines, sizeOf, type PriceBook, type ShedPiece } from './price-book';
import { packsFor, type Packs } from './packs';

/** Wire in pieces no longer than this is ties (from memory). mm. */
const TIE_MM = 600;
/** A panel is cut beside a wire: the mesh that is cut through is lost. */
const MESH_LOST = 1;

/** So many of one size of one stock item, at the price of each. `size` as in a price line. */
export interface Purchase {
  stock: string;
  size: number;
  count: number;
  eachMinor: number;
  costMinor: number;
  /** Where it costs least, where the book says whose price that is. */
  shop?: string;
}

export interface StockCuts extends CutPlan {
  stock: string;
  measuredIn: 'mm' | 'meshes';
}

export interface Shopping {
  purchases: readonly Purchase[];
  cutPlans: readonly StockCuts[];
  /** Taken from the shed, for nothing. */
  fromShed: readonly { stock: string; size: number; count: number }[];
  /** Small parts whose packs hold less to spare than is wished for, and what it would cost to have it. */
  spares: readonly { stock: string; wished: number; left: number; moreMinor: number }[];
  /** Stock that has no price in the book, or no size that serves. */
  missing: readonly { stock: string; because: 'no price' | 'too long'; measure: number }[];
}

/** A bill with the structure each line belongs to, so that several can be bought as one. */
export interface Bill {
  structure: string;
  lines: readonly BillLine[];
}

/** Turns bills into what to buy: leftovers first, bars and panels cut, small things in packs, all rounded up to what is sold. */
export function buy(
  bills: readonly Bill[],
  book: PriceBook,
  shed: readonly ShedPiece[],
  catalogue: Catalogue,
  kerfMm = KERF_MM,
): Shopping {
  const lines = bestLines(book);
  const purchases: Purchase[] = [];
  const cutPlans: StockCuts[] = [];
  const fromShed: Shopping['fromShed'][number][] = [];
  const missing: Shopping['missing'][number][] = [];
  const spares: Shopping['spares'][number][] = [];

  for (const [stockId, wanted] of byStock(bills, catalogue)) {
    const stock = catalogue.stock(stockId);
    if (stock.sold === 'own') continue;
    const offers = lines
      .filter((line) => line.stock === stockId)
      .map((line): Offer => ({ measure: line.size, minor: line.price.minor }));
    const kept = shed.filter((piece) => piece.stock === stockId);
    if (isCut(stock)) {
      const plan = cutFrom(stock, wanted, offers, kept, kerfMm);
      // Ties are cut as they are wanted: nobody marks them on a reel.
      if (stock.form !== 'cord' || wanted.some(({ measure }) => measure > TIE_MM))
        cutPlans.push({ stock: stockId, measuredIn: stock.sold === 'panels' ? 'meshes' : 'mm', ...plan });
      for (const layout of plan.layouts) {
        if (layout.from === 'shed') note(fromShed, stockId, layout.measure);
        else addPurchase(purchases, stock, layout.measure, offers);
      }
      for (const piece of plan.unplaced)
        missing.push({
          stock: stockId,
          because: offers.length === 0 ? 'no price' : 'too long',
          measure: piece.measure,
        });
    } else if (stock.sold === 'whole') {
      const spare = kept
        .flatMap((piece) => Array.from({ length: piece.count }, () => piece.size))
        .sort((a, b) => a - b);
      for (const post of wanted) {
        const own = spare.findIndex((size) => Math.abs(size - post.measure) < 1);
        if (own >= 0) note(fromShed, stockId, spare.splice(own, 1)[0] as number);
        else if (offers.some((offer) => offer.measure === post.measure))
          addPurchase(purchases, stock, post.measure, offers);
        else missing.push({ stock: stockId, because: 'no price', measure: post.measure });
      }
    } else {
      const spared = stock.form === 'piece' && !stock.exact;
      const total =
        wanted.reduce((sum, one) => sum + one.measure, 0) / (stock.form === 'bagged' ? stock.litresPerKg : 1);
      const wished = spared ? Math.round((total * book.sparePercent) / 100) : 0;
      const asked = book.sparesAsked?.includes(stockId) ?? false;
      const need = asked ? total + wished : total;
      const have = kept.reduce((sum, piece) => sum + piece.size * piece.count, 0);
      const used = Math.min(have, total + wished);
      if (used > 0) fromShed.push({ stock: stockId, size: used, count: 1 });
      const packs = knotted(stock, need - Math.min(have, need), offers);
      if (!packs) missing.push({ stock: stockId, because: 'no price', measure: need });
      else if (!asked && wished > 0) {
        const sum = (of: readonly Packs[], what: 'measure' | 'minor') =>
          of.reduce((all, pack) => all + pack.count * pack[what], 0);
        const left = Math.floor(have + sum(packs, 'measure') - total + 1e-9);
        const more = left < wished ? packsFor(total + wished - have, offers) : null;
        if (more) spares.push({ stock: stockId, wished, left, moreMinor: sum(more, 'minor') - sum(packs, 'minor') });
      }
      for (const pack of packs ?? []) {
        purchases.push({
          stock: stockId,
          size: pack.measure,
          count: pack.count,
          eachMinor: pack.minor,
          costMinor: pack.count * pack.minor,
        });
      }
    }
  }
  const shops = new Map(lines.flatMap((line) => (line.shop === undefined ? [] : [[sizeOf(line), line.shop]])));
  return { purchases: purchases.map((one) => withShop(one, shops)), cutPlans, fromShed, spares, missing };
}

const withShop = (purchase: Purchase, shops: ReadonlyMap<string, string>): Purchase => {
  const shop = shops.get(sizeOf(purchase));
  return shop === undefined ? purchase : { ...purchase, shop };
};

/** What is cut from whole pieces: bars, panels, rolls, and cord that cannot be knotted; a chain of two ends is no chain. */
const isCut = (stock: Stock): boolean =>
  stock.sold === 'lengths' ||
  stock.sold === 'panels' ||
  stock.sold === 'rolls' ||
  (stock.form === 'cord' && stock.knotMm === undefined);

/** Packs that cover a need; of cord that is knotted from several reels with what the knots between them take. */
function knotted(stock: Stock, need: number, offers: readonly Offer[]): Packs[] | null {
  let packs = packsFor(need, offers);
  if (stock.form !== 'cord' || !packs) return packs;
  // Each more reel is one more knot; it settles in a turn or two.
  for (let turn = 0; turn < 4; turn++) {
    const reels = packs.reduce((sum, pack) => sum + pack.count, 0);
    const length = packs.reduce((sum, pack) => sum + pack.count * pack.measure, 0);
    const wanted = need + Math.max(0, reels - 1) * (stock.knotMm ?? 0);
    if (length + 1e-6 >= wanted) return packs;
    const more = packsFor(wanted, offers);
    if (!more) return packs;
    packs = more;
  }
  return packs;
}

function byStock(bills: readonly Bill[], catalogue: Catalogue): Map<string, Wanted[]> {
  const wanted = new Map<string, Wanted[]>();
  for (const bill of bills) {
    for (const line of bill.lines) {
      if (line.board !== null) continue;
      const list = wanted.get(line.stock) ?? [];
      wanted.set(line.stock, list);
      if (line.of === 'joint' && line.cutMm !== null && isCut(catalogue.stock(line.stock)))
        // Piece by piece, each as long as it is cut.
        for (let i = 0; i < line.count; i++)
          list.push({
            part: line.parts[Math.floor((i * line.parts.length) / line.count)] ?? line.id,
            structure: bill.structure,
            measure: line.cutMm,
          });
      else if (line.of === 'joint')
        list.push({ part: line.id, structure: bill.structure, measure: line.count * (line.cutMm ?? 1) });
      else if (line.litres !== null)
        list.push({ part: line.id, structure: bill.structure, measure: line.count * line.litres });
      else
        for (const part of line.parts)
          list.push({ part, structure: bill.structure, measure: line.meshes ?? line.cutMm ?? 1 });
    }
  }
  return wanted;
}

/** Cuts wanted pieces of one stock from leftovers and from what is on sale: bars, rolls, or panels along their wires. */
export function cutFrom(
  stock: Stock,
  wanted: readonly Wanted[],
  offers: readonly Offer[],
  kept: readonly Pick<ShedPiece, 'size' | 'count'>[],
  kerfMm: number,
): CutPlan {
  const leftovers = kept.flatMap((piece) => Array.from({ length: piece.count }, () => piece.size));
  if (stock.sold === 'rolls' || stock.form === 'cord')
    return cut(joinedFromRolls(wanted, offers, stock.form === 'cord' ? 0 : LAP_MM), offers, leftovers, 0);
  const lost = lostTo(stock, kerfMm);
  if (stock.form !== 'panel') return cut(wanted, offers, leftovers, lost);
  return cut(
    wanted,
    offers.map((offer) => ({ ...offer, measure: meshesAcross(stock) })),
    leftovers,
    lost,
  );
}

/** A piece longer than any roll is joined from whole rolls and a rest, cord end to end, what is wide with a lap. mm. */
function joinedFromRolls(wanted: readonly Wanted[], offers: readonly Offer[], lapMm: number): Wanted[] {
  const longest = Math.max(0, ...offers.map((offer) => offer.measure));
  return wanted.flatMap((piece) => {
    if (longest <= lapMm || piece.measure <= longest) return [piece];
    const pieces = Math.ceil((piece.measure - lapMm) / (longest - lapMm) - 1e-9);
    return Array.from({ length: pieces }, (_, i) => ({
      ...piece,
      part: `${piece.part} (${i + 1} of ${pieces})`,
      measure: i < pieces - 1 ? longest : piece.measure - (longest - lapMm) * (pieces - 1),
    }));
  });
}

function note(list: Shopping['fromShed'][number][], stock: string, size: number): void {
  const known = list.find((one) => one.stock === stock && one.size === size);
  if (known) known.count += 1;
  else list.push({ stock, size, count: 1 });
}

/** The size by which something is bought that is cut from so much of it: panels are whole ones, whatever their meshes. */
export const soldAs = ({ sold }: Pick<Stock, 'sold'>, measure: number): number => (sold === 'panels' ? 1 : measure);

/** What a cut between two pieces takes away: of a panel a mesh, else as the saw takes. */
export const lostTo = ({ sold }: Pick<Stock, 'sold'>, kerfMm: number): number =>
  sold === 'panels' ? MESH_LOST : kerfMm;

/** Puts one more of a stock on a list, at its price. */
export function addPurchase(list: Purchase[], stock: Stock, measure: number, offers: readonly Offer[]): void {
  const size = soldAs(stock, measure);
  const known = list.find((one) => one.stock === stock.id && one.size === size);
  const offered = stock.sold === 'panels' ? offers[0] : offers.find((offer) => offer.measure === measure);
  const eachMinor = (offered as Offer).minor;
  if (known) {
    known.count += 1;
    known.costMinor += eachMinor;
  } else list.push({ stock: stock.id, size, count: 1, eachMinor, costMinor: eachMinor });
}

/** Whole meshes of a panel as a length along it. mm. */
export const meshesToMm = (catalogue: Catalogue, stock: string, meshes: number): number =>
  meshes * stockOf(catalogue, stock, 'panel').pitchMm;
