import { layoutName, type CutPiece, type CutPlan, type Layout, type Offer, type Wanted } from './cut-plan';

const SLACK = 1e-6;

interface Open {
  measure: number;
  pieces: Wanted[];
  used: number;
}

/**
 * Cuts wanted pieces from leftovers and from sizes on sale: first fit, longest piece first, tried
 * once for every size on sale as the one to open; each opened piece is then changed for the cheapest
 * size that holds its cuts, and the cheapest of the tries is kept. `lost` is what a cut between two
 * pieces takes away (kerf in mm; one mesh for a panel). Deterministic. Good, not proved best: the
 * plan says how far it can be from the best at most (price of the material alone). Decision 24.
 */
export function cut(
  wanted: readonly Wanted[],
  offers: readonly Offer[],
  shed: readonly number[],
  lost: number,
): CutPlan {
  const longestFirst = [...wanted].sort((a, b) => b.measure - a.measure || (a.part < b.part ? -1 : 1));
  const { layouts: fromShed, left } = useShed(longestFirst, shed, lost);
  const longest = Math.max(0, ...offers.map((offer) => offer.measure));
  const unplaced = left.filter((piece) => piece.measure > longest + SLACK);
  const toBuy = left.filter((piece) => piece.measure <= longest + SLACK);
  const tries = offers.map((opened) => shrink(firstFit(toBuy, opened.measure, offers, lost), offers));
  const best =
    toBuy.length === 0
      ? null
      : tries.reduce((a, b) => (b.cost < a.cost || (b.cost === a.cost && b.open.length < a.open.length) ? b : a));
  const bought = best?.open ?? [];
  const layouts = [
    ...fromShed.map((open) => ({ open, from: 'shed' as const })),
    ...bought.map((open) => ({ open, from: 'shop' as const })),
  ].map(({ open, from }, i): Layout => ({ name: layoutName(i), from, measure: open.measure, ...layOut(open, lost) }));
  const net = toBuy.reduce((sum, piece) => sum + piece.measure, 0);
  const cheapest = Math.min(...offers.map((offer) => offer.minor / offer.measure));
  const boundMinor =
    toBuy.length === 0
      ? 0
      : Math.min(best?.cost ?? 0, Math.max(Math.ceil(net * cheapest - SLACK), dearestAlone(toBuy, offers)));
  return { layouts, unplaced, costMinor: best?.cost ?? 0, boundMinor, method: 'first fit, longest first' };
}

const fits = (open: Open, piece: Wanted, lost: number): boolean =>
  open.used + (open.pieces.length > 0 ? lost : 0) + piece.measure <= open.measure + SLACK;

function add(open: Open, piece: Wanted, lost: number): void {
  open.used += (open.pieces.length > 0 ? lost : 0) + piece.measure;
  open.pieces.push(piece);
}

/** Shortest leftovers first, each filled with the longest pieces that still fit. */
function useShed(
  longestFirst: readonly Wanted[],
  shed: readonly number[],
  lost: number,
): { layouts: Open[]; left: Wanted[] } {
  let left = [...longestFirst];
  const layouts: Open[] = [];
  for (const measure of [...shed].sort((a, b) => a - b)) {
    const open: Open = { measure, pieces: [], used: 0 };
    left = left.filter((piece) => {
      if (!fits(open, piece, lost)) return true;
      add(open, piece, lost);
      return false;
    });
    if (open.pieces.length > 0) layouts.push(open);
  }
  return { layouts, left };
}

function firstFit(pieces: readonly Wanted[], openedSize: number, offers: readonly Offer[], lost: number): Open[] {
  const opened: Open[] = [];
  for (const piece of pieces) {
    let open = opened.find((one) => fits(one, piece, lost));
    if (!open) {
      const size =
        piece.measure <= openedSize + SLACK
          ? openedSize
          : Math.min(...offers.map((offer) => offer.measure).filter((measure) => measure >= piece.measure - SLACK));
      open = { measure: size, pieces: [], used: 0 };
      opened.push(open);
    }
    add(open, piece, lost);
  }
  return opened;
}

/** The cheapest size on sale that holds a measure. */
function cheapestHolding(measure: number, offers: readonly Offer[]): Offer {
  return offers
    .filter((offer) => offer.measure >= measure - SLACK)
    .reduce((best, offer) =>
      offer.minor < best.minor || (offer.minor === best.minor && offer.measure < best.measure) ? offer : best,
    );
}

function shrink(opened: readonly Open[], offers: readonly Offer[]): { open: Open[]; cost: number } {
  let cost = 0;
  const open = opened.map((one) => {
    const size = cheapestHolding(one.used, offers);
    cost += size.minor;
    return { ...one, measure: size.measure };
  });
  return { open, cost };
}

const dearestAlone = (pieces: readonly Wanted[], offers: readonly Offer[]): number =>
  Math.max(...pieces.map((piece) => cheapestHolding(piece.measure, offers).minor));

function layOut(open: Open, lost: number): { cuts: CutPiece[]; offcut: number } {
  let at = 0;
  const cuts = open.pieces.map((piece) => {
    const start = at;
    at = start + piece.measure + lost;
    return { ...piece, at: start };
  });
  const left = open.measure - open.used;
  return { cuts, offcut: left > lost + SLACK ? left - lost : 0 };
}
