import { MESH_WIRE_YIELD_MPA } from './elastica';
import { STUDDED } from './studded-post';
import { STEEL_E_MPA, WIRE_YIELD_MPA, roundArea, wireYieldMpa } from './wire';
import type { Stock } from '../catalogue/stock';

/** What a sawn softwood or hardwood carries, short loads, dry: characteristic values, MPa; densities kg/m³. */
interface TimberClass {
  class: string;
  bendingMpa: number;
  tensionMpa: number;
  compressionMpa: number;
  /** Across the grain. */
  bearingMpa: number;
  shearMpa: number;
  /** Mean, and the fifth percentile, along the grain. */
  stiffnessMpa: number;
  stiffness05Mpa: number;
  densityKgM3: number;
  source: string;
}

/** Of steel: where it yields and breaks, its stiffness; of a section that is no bar, its own figures. MPa, mm. */
interface SteelClass {
  class: string;
  yieldMpa: number;
  stiffnessMpa: number;
  /** Of a studded post: the area of its section, its second moment about its weaker axis, and what it has against bending when all of it yields. */
  areaMm2?: number;
  momentMm4?: number;
  plasticMm3?: number;
  source: string;
}

/** Of what is only pulled: the load at which a new one breaks. N. */
interface CordClass {
  class: string;
  breakingN: number;
  source: string;
}

/** Of a screw, nail or staple: how thick its shank is, and what its wire carries before it breaks. mm, MPa. */
interface FixingClass {
  class: string;
  shankMm: number;
  wireMpa: number;
  source: string;
}

export type Strength = TimberClass | SteelClass | CordClass | FixingClass;

/**
 * Ungraded garden timber is taken as the lowest class that is graded everywhere, C16; what lasts by itself (larch,
 * cedar, oak mixed) likewise, though heavier kinds carry more (from memory). Values: EN 338:2016, table 1.
 */
const C16: TimberClass = {
  class: 'C16',
  bendingMpa: 16,
  tensionMpa: 8.5,
  compressionMpa: 17,
  bearingMpa: 2.2,
  shearMpa: 3.2,
  stiffnessMpa: 8000,
  stiffness05Mpa: 5400,
  densityKgM3: 310,
  source: 'EN 338:2016, table 1',
};

/** Round poles and canes: larch as C16; bamboo from memory, as whole dry culms are found: 60 MPa and more in bending, 15 to 20 GPa. MPa, kg/m³. */
const BAMBOO: TimberClass = {
  class: 'bamboo',
  bendingMpa: 60,
  tensionMpa: 50,
  compressionMpa: 25,
  bearingMpa: 2,
  shearMpa: 3,
  stiffnessMpa: 17_000,
  stiffness05Mpa: 12_000,
  densityKgM3: 600,
  source: 'from memory',
};

/** The wire of panels and of mesh that stands by itself, drawn cold; and that of soft mesh (from memory, both). */
const meshWire = (yieldMpa: number): SteelClass => ({
  class: yieldMpa === MESH_WIRE_YIELD_MPA ? 'cold-drawn wire' : 'soft wire',
  yieldMpa,
  stiffnessMpa: STEEL_E_MPA,
  source: 'from memory',
});

/** Roofing sheet of common steel (from memory). MPa. */
const SHEET_YIELD_MPA = 250;

/** Breaking loads of new cord by kind, as makers of such cord state them (from memory). N. */
const BREAKS_N: Readonly<Record<string, number>> = {
  'twine-natural': 250,
  'twine-synthetic': 500,
  'twine-cotton': 180,
  'rope-natural': 2200,
  'chain-light': 1500,
  'drip-line': 500,
  'drip-pipe': 500,
  'drain-pipe': 800,
};

/** Wire of screws, nails and staples: 600 N/mm² at least (EN 14592:2008, 6.1.2). MPa. */
const FIXING_WIRE_MPA = 600;

/**
 * What a stock item carries, beside its size; null of what carries nothing (cloth, concrete as it is poured here, soil,
 * plants, small hardware that is stronger than its screws).
 * @example strengthOf(CATALOGUE.stock('timber-2x4-treated'))?.class // 'C16'
 */
export function strengthOf(stock: Stock): Strength | null {
  switch (stock.form) {
    case 'timber':
      return C16;
    case 'pole':
      return stock.id.includes('bamboo') ? BAMBOO : C16;
    case 'steel post':
      return STUDDED;
    case 'rod':
      return {
        class: stock.stiffnessMpa < STEEL_E_MPA / 2 ? 'plastic' : 'steel',
        yieldMpa: stock.yieldMpa,
        stiffnessMpa: stock.stiffnessMpa,
        source: 'with its size in the catalogue',
      };
    case 'sheeting':
      return { class: 'sheet steel', yieldMpa: SHEET_YIELD_MPA, stiffnessMpa: STEEL_E_MPA, source: 'from memory' };
    case 'panel':
      return meshWire(MESH_WIRE_YIELD_MPA);
    case 'mesh roll':
      return stock.look === 'wire' ? meshWire(stock.stiff ? MESH_WIRE_YIELD_MPA : WIRE_YIELD_MPA) : null;
    case 'cord': {
      const told = BREAKS_N[stock.id];
      return stock.look === 'wire'
        ? {
            class: wireYieldMpa(stock.id) > WIRE_YIELD_MPA ? 'high-tensile wire' : 'soft wire',
            breakingN: roundArea(stock.diameterMm) * wireYieldMpa(stock.id),
            source: 'from memory: at its yield',
          }
        : told === undefined
          ? null
          : { class: 'cord', breakingN: told, source: 'from memory' };
    }
    case 'piece':
      return stock.thickMm === undefined
        ? null
        : { class: 'steel wire', shankMm: stock.thickMm, wireMpa: FIXING_WIRE_MPA, source: 'EN 14592:2008, 6.1.2' };
    default:
      return null;
  }
}
