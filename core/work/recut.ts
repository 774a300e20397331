import { CATALOGUE } from '../catalogue/catalogue';
import type { Stock } from '../catalogue/stock';
import {
  addPurchase,
  cutFrom,
  lostTo,
  meshesToMm,
  soldAs,
  type Purchase,
  type Shopping,
  type StockCuts,
} from '../costing/buy';
import { bestLines, type PriceBook, type ShedPiece } from '../costing/price-book';
import type { CutPiece, CutPlan, Offer, Wanted } from '../cutting/cut-plan';
import { KERF_MM } from '../cutting/saw';

/** A piece that is so near to what it has to be is as it has to be: the thickness of a pencil line and a saw (from memory). mm. */
const FITS_MM = 2;

/** What was cut, bought and built of a structure, by its parts. */
export interface CutAlready {
  /** How long each piece was cut; of what is not in it, nothing was. mm. */
  cutMm: ReadonlyMap<string, number>;
  /** What is built is cut no more, and gives nothing. */
  isBuilt: (part: string) => boolean;
}

/** Something in hand that is cut into something else. */
export interface Becomes {
  /** The part it was cut as; null for a length that was bought, or what is left of one. */
  part: string | null;
  mm: number;
  into: readonly { part: string; mm: number }[];
  /** What is left of it. mm. */
  leftMm: number;
}

/** What becomes of the pieces of one stock, once what stands is not where it was meant. */
export interface Recut {
  stock: string;
  /** Pieces that were cut and are as they have to be. */
  fits: readonly string[];
  /** Pieces that are not, and serve nowhere. */
  spare: readonly { part: string; mm: number }[];
  becomes: readonly Becomes[];
  /** What has to be bought again, cheapest first. */
  buy: readonly Purchase[];
  /** What can be made of nothing that is sold. */
  lacking: readonly { part: string; mm: number }[];
}

type Cuts = Pick<Shopping, 'cutPlans'>;

const inMm = ({ stock, measuredIn }: Pick<StockCuts, 'stock' | 'measuredIn'>, measure: number): number =>
  measuredIn === 'mm' ? measure : meshesToMm(CATALOGUE, stock, measure);

/** How long each piece of a structure has to be cut, by its part, as a list of it or of the garden says. mm. */
export function cutLengths({ cutPlans }: Cuts, structure: string): Map<string, number> {
  return new Map(
    cutPlans.flatMap((cuts) =>
      [...cuts.layouts.flatMap((layout) => layout.cuts), ...cuts.unplaced]
        .filter((piece) => piece.structure === structure)
        .map((piece) => [piece.part, inMm(cuts, piece.measure)] as const),
    ),
  );
}

type Bought = (line: { stock: string; size: number }) => boolean;

/** Whether a length is there to be cut from: out of the shed, or ticked off on the list. */
const isInHand = ({ stock }: StockCuts, from: 'shop' | 'shed', measure: number, isBought: Bought): boolean =>
  from === 'shed' || isBought({ stock, size: soldAs(CATALOGUE.stock(stock), measure) });

/**
 * What of the bought lengths of one stock is still in hand for a structure: each without what was cut of it and what is
 * kept for others; and what was to be cut from them.
 * @param keeps whether what a length was bought for is still cut from it
 */
function lengthsLeft(
  cuts: StockCuts,
  lost: number,
  keeps: (piece: CutPiece) => boolean,
  isBought: Bought,
): { lengths: number[]; kept: CutPiece[] } {
  const there = cuts.layouts.filter(({ from, measure }) => isInHand(cuts, from, measure, isBought));
  return {
    lengths: there.flatMap(({ measure, cuts: pieces }) => {
      const taken = pieces.filter(keeps).reduce((sum, piece) => sum + piece.measure + lost, 0);
      return measure - taken > 1e-6 ? [measure - taken] : [];
    }),
    kept: there.flatMap(({ cuts: pieces }) => pieces.filter(keeps)),
  };
}

/**
 * What is cut already and does not fit any more, with what it can become; then what of the bought lengths serves; and what
 * has to be bought again, as little as is found. Bars by their length, panels by their meshes. Decision 82.
 * @param now the list of the structure as it is now
 * @param planned the list of the garden by which was bought
 */
export function recutOf(
  structure: string,
  now: Cuts,
  planned: Cuts,
  already: CutAlready,
  o: {
    isCut: (structure: string, part: string) => boolean;
    isBought: Bought;
    book: PriceBook;
    kerfMm?: number | undefined;
  },
): Recut[] {
  const lines = bestLines(o.book);
  const plans = new Map(planned.cutPlans.map((cuts) => [cuts.stock, cuts]));
  // What was cut and is wanted no more at all is in hand too.
  const stocks = [...new Set([...now.cutPlans, ...planned.cutPlans].map(({ stock }) => stock))];
  return stocks.flatMap((stock): Recut[] => {
    const of = CATALOGUE.stock(stock);
    if (of.sold !== 'lengths' && of.sold !== 'panels') return [];
    const plan = plans.get(stock);
    const wants = now.cutPlans.find((cuts) => cuts.stock === stock);
    const measuredIn = (wants ?? plan)?.measuredIn ?? 'mm';
    const mm = (measure: number): number => inMm({ stock, measuredIn }, measure);
    const meshMm = measuredIn === 'mm' ? 1 : mm(1);
    const kerfMm = o.kerfMm ?? KERF_MM;
    const lost = lostTo(of, kerfMm);
    const pieces = (cuts: StockCuts | undefined): Wanted[] =>
      cuts
        ? [...cuts.layouts.flatMap((layout) => layout.cuts), ...cuts.unplaced].filter(
            (piece) => piece.structure === structure && !already.isBuilt(piece.part),
          )
        : [];
    const wanted = pieces(wants);
    const ids = new Set([...wanted, ...pieces(plan)].map(({ part }) => part));
    if (ids.size === 0) return [];
    const had = [...already.cutMm].filter(([part]) => ids.has(part) && !already.isBuilt(part));
    if (had.length === 0 && !plan?.layouts.some(({ from, measure }) => isInHand(plan, from, measure, o.isBought)))
      return [];
    const must = new Map(wanted.map(({ part, measure }) => [part, measure]));
    const fits = had.filter(([part, long]) => {
      const measure = must.get(part);
      return measure !== undefined && Math.abs(mm(measure) - long) <= FITS_MM;
    });
    const right = new Set(fits.map(([part]) => part));
    const wrong = had.filter(([part]) => !right.has(part)).map(([part, long]) => ({ part, measure: long / meshMm }));
    const open = wanted.filter(({ part }) => !right.has(part));
    const offers = lines
      .filter((line) => line.stock === stock)
      .map((line): Offer => ({ measure: line.size, minor: line.price.minor }));
    const meant = new Map(pieces(plan).map(({ part, measure }) => [part, measure]));
    const asMeant = new Set(
      open
        .filter(({ part, measure }) => Math.abs(measure - (meant.get(part) ?? Infinity)) < 1e-6)
        .map(({ part }) => part),
    );
    const isOther = (piece: CutPiece): boolean =>
      piece.structure !== structure || o.isCut(piece.structure, piece.part) || already.isBuilt(piece.part);
    const trimmed = wrong.filter(({ part, measure }) => measure >= (must.get(part) ?? Infinity) - 1e-6);
    // Each piece trimmed to what it was meant as or not, and what fits left in the length it was meant for or not:
    // whichever leaves least to buy, and of those the one that changes least.
    const tries = [true, false].flatMap((stays) => {
      const keeps = (piece: CutPiece): boolean =>
        isOther(piece) || (stays && piece.structure === structure && asMeant.has(piece.part));
      const { lengths, kept } = plan ? lengthsLeft(plan, lost, keeps, o.isBought) : { lengths: [], kept: [] };
      const stay = new Set(
        kept.flatMap((piece) => (piece.structure === structure && asMeant.has(piece.part) ? [piece.part] : [])),
      );
      return [trimmed, []].map((own) =>
        shareOut({
          open: open.filter(({ part }) => !stay.has(part)),
          wrong,
          own,
          lengths,
          cutFrom: (some, kept) => cutFrom(of, some, offers, kept, kerfMm),
        }),
      );
    });
    const best = tries.reduce((a, b) =>
      b.unplaced < a.unplaced || (b.unplaced === a.unplaced && b.costMinor < a.costMinor) ? b : a,
    );
    return [
      {
        stock,
        fits: [...right],
        ...tellOf(best, { of, mm, offers, lost }),
      },
    ];
  });
}

interface Source {
  part: string | null;
  measure: number;
}
interface Shared {
  plan: CutPlan;
  own: readonly { source: Source; wanted: Wanted }[];
  sources: readonly Source[];
  costMinor: number;
  unplaced: number;
}

/** Shares out what is in hand: `own` pieces to the parts they were cut as, the others and the lengths to whatever they serve. */
function shareOut(o: {
  open: readonly Wanted[];
  wrong: readonly { part: string; measure: number }[];
  own: readonly { part: string; measure: number }[];
  lengths: readonly number[];
  cutFrom: (wanted: readonly Wanted[], kept: readonly Pick<ShedPiece, 'size' | 'count'>[]) => CutPlan;
}): Shared {
  const kept = new Set(o.own.map(({ part }) => part));
  const own = o.open.flatMap((wanted) => {
    const source = o.own.find(({ part }) => part === wanted.part);
    return source ? [{ source, wanted }] : [];
  });
  const sources: Source[] = [
    ...o.wrong.filter(({ part }) => !kept.has(part)),
    ...o.lengths.map((measure) => ({ part: null, measure })),
  ];
  const plan = o.cutFrom(
    o.open.filter(({ part }) => !kept.has(part)),
    sources.map(({ measure }) => ({ size: measure, count: 1 })),
  );
  return { plan, own, sources, costMinor: plan.costMinor, unplaced: plan.unplaced.length };
}

function tellOf(
  { plan, own, sources }: Shared,
  o: { of: Stock; mm: (measure: number) => number; offers: readonly Offer[]; lost: number },
): Omit<Recut, 'stock' | 'fits'> {
  const left = [...sources];
  const becomes = [
    ...own.map(({ source, wanted }): Becomes => ({
      part: source.part,
      mm: o.mm(source.measure),
      into: [{ part: wanted.part, mm: o.mm(wanted.measure) }],
      leftMm: o.mm(Math.max(0, source.measure - wanted.measure - o.lost)),
    })),
    ...plan.layouts
      .filter(({ from }) => from === 'shed')
      .map((layout): Becomes => {
        const at = left.findIndex(({ measure }) => Math.abs(measure - layout.measure) < 1e-6);
        const [source] = left.splice(at, 1) as [Source];
        return {
          part: source.part,
          mm: o.mm(layout.measure),
          into: layout.cuts.map(({ part, measure }) => ({ part, mm: o.mm(measure) })),
          leftMm: o.mm(layout.offcut),
        };
      }),
  ];
  const buy: Purchase[] = [];
  for (const { from, measure } of plan.layouts) if (from === 'shop') addPurchase(buy, o.of, measure, o.offers);
  return {
    becomes,
    spare: left.flatMap(({ part, measure }) => (part === null ? [] : [{ part, mm: o.mm(measure) }])),
    buy: buy.toSorted((a, b) => a.costMinor - b.costMinor),
    lacking: plan.unplaced.map(({ part, measure }) => ({ part, mm: o.mm(measure) })),
  };
}
