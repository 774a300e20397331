/**
 * What shops sell. A stock item says what a part is made of; the price book says in which sizes and
 * at what price it can be had near you. Lengths in millimetres, lives in growing seasons outdoors.
 */

export type Source = 'published' | 'common practice' | 'from memory' | 'invented';

export interface Life {
  /** Growing seasons until it has to be replaced, in the use the item is meant for. */
  seasons: number;
  source: Source;
}

/** How long something lasts, as somebody who has used it remembers. @example fromMemory(20) */
export const fromMemory = (seasons: number): Life => ({ seasons, source: 'from memory' });

/**
 * Whose sizes a garden buys: timber, panels and twine by the inch and foot, or by the millimetre. Apart from
 * how lengths are written: who thinks in feet may well buy metric boards.
 */
export type Market = 'imperial' | 'metric';

export type Carries = 'light' | 'medium' | 'heavy';
/** The order of what a support carries, and of what a crop weighs on it. */
export const HEFT: Record<Carries, number> = { light: 0, medium: 1, heavy: 2 };

/** What a thing looks like on a drawing and in three dimensions. */
export type Look = 'timber' | 'steel' | 'wire' | 'net' | 'cloth' | 'twine' | 'concrete' | 'masonry' | 'gravel';

/**
 * How a thing is sold, apart from what it is: cut from lengths; cut from panels, beside a wire; whole;
 * piece by piece off rolls; by the total length, on reels; by volume, in bags; by number, in packs. What is one's own is
 * measured and never bought.
 */
export type Sold = 'lengths' | 'panels' | 'whole' | 'rolls' | 'reels' | 'bags' | 'packs' | 'own';

interface StockBase {
  id: string;
  name: string;
  life: Life;
  look: Look;
  /** Share of the light that its face takes: 1 for what is solid. */
  opacity: number;
  sold: Sold;
}

/** A sawn or planed bar, cut to length from the stock lengths on sale. */
export interface Timber extends StockBase {
  form: 'timber';
  section: SectionId;
  nominal: string;
  /** Actual dry dimensions, the thinner first. */
  thickMm: number;
  wideMm: number;
  treatment: Treatment;
}

/** A post bought by the piece and driven uncut. */
export interface SteelPost extends StockBase {
  form: 'steel post';
  /** Width of the face that carries the studs; it stands out as far. */
  faceMm: number;
  /** Of its anchor plate: what that reaches out beside the post, and how far over its point the middle of it sits. mm². */
  plate: { besideMm2: number; upMm: number };
}

/**
 * A welded sheet. Upright wires stand at `edgeMm`, then every `pitchMm`; a cut runs beside one of
 * them, so a piece is a whole number of meshes. Level wires stand at the listed heights.
 */
export interface WeldedPanel extends StockBase {
  form: 'panel';
  /** Whose sizes it is made in. */
  market: Market;
  lengthMm: number;
  heightMm: number;
  pitchMm: number;
  edgeMm: number;
  levelsMm: readonly number[];
  wireMm: number;
  carries: Carries;
}

/** Mesh, net or cloth off the roll, at one height. */
export interface MeshRoll extends StockBase {
  form: 'mesh roll';
  heightMm: number;
  /** Wire to wire along the roll, and up it. */
  openingMm: number;
  stepMm: number;
  wireMm: number;
  /** Welded wire that stands by itself and can be hooked to itself; nets and cloth hang. */
  stiff: boolean;
  carries: Carries;
  /** Comes flat, by the piece, not off a roll. */
  flat?: true;
  /** What it is hung against, where that is not somebody who comes to the crop. */
  against?: 'sun' | 'hail';
}

/** A round bar or pipe that is cut from lengths and bent by hand. */
export interface Rod extends StockBase {
  form: 'rod';
  diameterMm: number;
  /** Of a pipe; 0 for a solid rod. */
  wallMm: number;
  /** Modulus of elasticity, and the stress at which it takes a set. MPa. */
  stiffnessMpa: number;
  yieldMpa: number;
}

/** Wire, string: used by length, sold by the reel. */
export interface Cord extends StockBase {
  form: 'cord';
  diameterMm: number;
  /** How much of it a knot takes that joins two ends, where it may be knotted; what may not is bought in pieces it can be cut from. mm. */
  knotMm?: number;
}

/** A round pole or cane bought by the piece, in the lengths on sale, and used whole. */
export interface Pole extends StockBase {
  form: 'pole';
  diameterMm: number;
}

/** Corrugated sheet, cut to length from the lengths on sale; one covers less than it is wide, since each laps the next by a rib. */
export interface Sheeting extends StockBase {
  form: 'sheeting';
  wideMm: number;
  coversMm: number;
  /** From valley to crest, and of the steel itself. */
  thickMm: number;
  steelMm: number;
}

/** Poured from bags: wanted by volume, sold by mass. */
export interface Bagged extends StockBase {
  form: 'bagged';
  /** What a kilogram makes in place. */
  litresPerKg: number;
}

/** Small things counted one by one and sold by the pack. */
export interface Piece extends StockBase {
  form: 'piece';
  lengthMm: number;
  /** Thickness of the shank of what is driven, as its size says; and whether it has a thread, so that it wants a pilot hole. mm. */
  thickMm?: number;
  threaded?: true;
  /** How much of it goes in, where that is not its length: of an eye, its shank. mm. */
  goesInMm?: number;
  /** Hardware that is not lost or broken by the handful: bought without spares. */
  exact?: true;
}

/** What most small things of steel have in common. @example { ...PACKED, id: 'post-cap', name: 'Post cap', lengthMm: 90, life } */
export const PACKED = { form: 'piece', look: 'steel', opacity: 1, sold: 'packs' } as const;

export type Stock = Timber | SteelPost | Pole | Rod | Sheeting | WeldedPanel | MeshRoll | Cord | Bagged | Piece;

export type Treatment = 'untreated' | 'treated' | 'durable';
export type SectionId =
  | '1x2'
  | '1x3'
  | '1x4'
  | '1x6'
  | '2x2'
  | '2x4'
  | '2x6'
  | '2x8'
  | '4x4'
  | '22x38'
  | '22x63'
  | '22x95'
  | '22x145'
  | '45x45'
  | '45x95'
  | '45x145'
  | '45x195'
  | '90x90';

export interface Catalogue {
  stock(id: string): Stock;
  all: readonly Stock[];
}

/** How many meshes lie between the outermost upright wires of a whole panel. */
export function meshesAcross(panel: WeldedPanel): number {
  return Math.round((panel.lengthMm - 2 * panel.edgeMm) / panel.pitchMm);
}

/** Share of the light that a mesh of square-crossing wires takes: what is not open (geometry). */
export const meshOpacity = (wireMm: number, alongMm: number, upMm: number): number =>
  1 - Math.max(0, 1 - wireMm / alongMm) * Math.max(0, 1 - wireMm / upMm);
