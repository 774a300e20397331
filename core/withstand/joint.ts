import type { Catalogue, Piece } from '../catalogue/stock';
import type { Fixing, HeldBy, Joint } from '../design/design';
import type { Link } from '../frame/frame';
import type { Meeting } from '../joinery/meetings';
import { dowelShear, nailDraw, screwDraw, slipStiffness, WET_JOINT } from '../statics/fasteners';
import { strengthOf } from '../statics/strength';
import { DURATION, GRADES } from '../statics/timber';

/** How a meeting gives, at one of its places: along from one to the other, across, turned about that way, and aside. N/mm, N mm. */
export interface Gives {
  stiff: Link['stiff'];
  pressesOnly: boolean;
}

/** What a meeting carries at one of its places: drawn apart, and shifted across. N. */
export interface MayCarry {
  pullN: number;
  acrossN: number;
  /** How far from its middle its fixings sit, where it holds against turning by them. mm. */
  armMm: number;
  /** The lever with which it is drawn out where the two are turned off each other. */
  leverMm: number;
  /** Each fixing of it, for the sum. */
  count: number;
  /** Driven into wood, it carries less the longer it has to. */
  driven: boolean;
}

/** Density of softwood as the slip of a joint counts it: the mean of C16 (EN 338:2016, table 1). kg/m³. */
const MEAN_KG_M3 = 370;
/** Drawn out straight a joint is so many times as stiff as sideways (from memory: no formula is published for it). */
const DRAWN_STIFFER = 2;
/** What is left of turning where nothing holds against it: rubbing (from memory). N mm. */
const RUBS = 2e3;
/** A lid or a door that is shut lies on its frame all round: as if its hinges did not turn (from memory). N mm. */
const LIES_SHUT = 2e7;
/** What slides along a rod rubs on it (from memory). N/mm. */
const SLIDES = 2;
/** How what is not screwed or nailed gives and what it carries (from memory, all): for each that is tied, clipped, lashed or hung. N/mm, N. */
const BY: Readonly<Record<string, { k: number; turn: number; carries: number }>> = {
  tied: { k: 150, turn: 0, carries: 200 },
  clipped: { k: 400, turn: 0, carries: 450 },
  lashed: { k: 300, turn: 2e5, carries: 500 },
  hinged: { k: 3000, turn: 0, carries: 900 },
  pegged: { k: 200, turn: 0, carries: 100 },
  'through a hole': { k: 1000, turn: 1e5, carries: 1000 },
  'cast in': { k: 20_000, turn: 1e8, carries: 10_000 },
  bearing: { k: 3000, turn: 1e6, carries: Infinity },
};

const isPiece = (stock: { form: string }): stock is Piece => stock.form === 'piece';

/** What goes into the wood. */
const DRIVEN: ReadonlySet<HeldBy> = new Set(['screwed', 'nailed', 'bolted', 'stapled']);

/** The screws, nails or legs that hold a meeting at each of its places: how thick, how long, how many; null of what is held otherwise. */
function dowelsOf(
  joint: Joint,
  meeting: Meeting,
  catalogue: Catalogue,
): { piece: Piece; thickMm: number; each: number } | null {
  if (!DRIVEN.has(meeting.by)) return null;
  const held = meeting.fixings.map((i) => joint.fixings[i] as Fixing);
  const own = held.flatMap(({ stock, count }) => {
    const of = catalogue.stock(stock);
    return isPiece(of) && of.thickMm !== undefined ? [{ of, thickMm: of.thickMm, count }] : [];
  });
  const [first] = own;
  if (!first) return null;
  const count = own.reduce((sum, one) => sum + one.count, 0);
  const legs = meeting.by === 'stapled' ? 2 : 1;
  return { piece: first.of, thickMm: first.thickMm, each: (legs * count) / Math.max(1, meeting.at.length) };
}

/** @param o `overMm` is the narrower of the two where they lie on each other; `shut` of a leaf on its hinges, which lies on what it shuts; `slides` of what a bar goes through. */
export function givesOf(
  joint: Joint,
  meeting: Meeting,
  { overMm, shut, slides, catalogue }: { overMm: number; shut: boolean; slides: boolean; catalogue: Catalogue },
): Gives {
  const dowels = dowelsOf(joint, meeting, catalogue);
  if (dowels) {
    // Two thirds of it as it nears what it carries (EN 1995-1-1, 2.2.2, equation 2.1).
    const across = (2 / 3) * slipStiffness(dowels.thickMm, MEAN_KG_M3) * dowels.each;
    const along = DRAWN_STIFFER * across;
    const arm = armOf(dowels.each, overMm);
    // One screw is a pivot every way: it gives before it is drawn.
    const aside = dowels.each < 1.5 ? PIVOTS : (along / PRIED_SOFTER) * (overMm / LEVER) ** 2 + RUBS;
    return { stiff: [along, across, across, across * arm ** 2 + RUBS, aside, aside], pressesOnly: false };
  }
  const by = BY[meeting.by] ?? { k: 2000, turn: 1e6, carries: 1000 };
  const turn = (shut ? LIES_SHUT : by.turn) + RUBS;
  return {
    // Along its hole a rod slides.
    stiff: [slides ? SLIDES : by.k, by.k, by.k, turn, turn, turn],
    pressesOnly: meeting.by === 'bearing',
  };
}

/** Turned off what it lies on, a piece pries at its fixings from the edge: a third of its width (from memory). */
const LEVER = 3;
/** What one screw keeps against being turned off what it lies on (from memory). N mm. */
const PIVOTS = 5e4;
/** Its edge is pressed in and its heads draw in before the threads are drawn: so much softer (from memory). */
const PRIED_SOFTER = 4;
/** Two or more fixings sit so far from their middle, as a share of the narrower piece (from memory: a quarter in from the edge each). */
const armOf = (each: number, overMm: number): number => (each >= 1.5 ? overMm / 4 : 0);

/** What a meeting carries at one of its places, in wind, wet. N. */
export function carriesAt(
  joint: Joint,
  meeting: Meeting,
  o: { overMm: number; sideMm: number; catalogue: Catalogue },
): MayCarry {
  const dowels = dowelsOf(joint, meeting, o.catalogue);
  if (!dowels) {
    const by = BY[meeting.by] ?? { k: 0, turn: 0, carries: 1000 };
    const tie = meeting.fixings
      .map((i) => strengthOf(o.catalogue.stock((joint.fixings[i] as Fixing).stock)))
      .find((one) => one !== null && 'breakingN' in one);
    const held = meeting.fixings.reduce((sum, i) => sum + (joint.fixings[i] as Fixing).count, 0);
    const each = Math.max(1, held / Math.max(1, meeting.at.length));
    // Wire goes round both and is twisted: two strands of it, drawn to the half of where they give.
    const carries = meeting.by === 'tied' && tie && 'breakingN' in tie ? tie.breakingN : by.carries;
    return {
      pullN: carries * each,
      acrossN: carries * each,
      armMm: 0,
      leverMm: 0,
      count: each,
      driven: false,
    };
  }
  const { g } = GRADES['No. 2'];
  const { lengthMm } = dowels.piece;
  const steelSide = meeting.by === 'stapled' || o.sideMm < 5;
  const sideMm = steelSide ? 3 : Math.min(o.sideMm, lengthMm / 2);
  const inMm = Math.max(0, lengthMm - sideMm);
  const cd = DURATION.wind;
  const across = dowelShear({ thickMm: dowels.thickMm, sideMm, mainMm: inMm, g, steelSide }) * cd * WET_JOINT.sideways;
  const drawn = dowels.piece.threaded
    ? screwDraw({ thickMm: dowels.thickMm, threadMm: Math.min(inMm, lengthMm * (2 / 3)), g }) * cd * WET_JOINT.screw
    : nailDraw({ thickMm: dowels.thickMm, inMm, g }) * cd * WET_JOINT.nail;
  return {
    pullN: drawn * dowels.each,
    acrossN: across * dowels.each,
    armMm: armOf(dowels.each, o.overMm),
    leverMm: dowels.each < 1.5 ? 0 : o.overMm / LEVER,
    count: dowels.each,
    driven: true,
  };
}
