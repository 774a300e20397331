import { feet, inches } from '../quantity/length';
import type { Visitor } from './plot';

/** What a fence must be to keep somebody on foot out. mm. Decision 37. */
export interface FenceNeed {
  heightMm: number;
  /** What is usually built: above the least by a hand where that is practice. */
  usualMm: number;
  /** Widest opening it does not pass. */
  openingMm: number;
  /** How deep the mesh goes into the soil, or how far an apron lies outward; nought for those that do not dig. */
  buryMm: number;
  apronMm: number;
  /** It gnaws, pushes or tears: only wire or wood holds it. */
  stiff: boolean;
  /** Two that are so high, one so far outside the other, do as well: it does not jump into what is so narrow. */
  two?: { heightMm: number; leastMm: number; mostMm: number };
  /** It climbs: so much of the mesh’s top has to be loose and bent outward, where there is no roof. */
  looseTopMm: number;
}

/** What it takes to stop somebody: a fence, a net over all of it, a roof, what is below the bed; or what no mesh does. */
export type Need =
  | ({ by: 'fence' } & FenceNeed)
  /** What flies. `clear`: what touches the net is reached through it. `low`: it keeps so low that a wall of such a mesh about a bed no wider than that does without a roof. */
  | { by: 'net'; openingMm: number; clear?: true; low?: { heightMm: number; acrossMm: number } }
  /** What climbs or jumps in: roofed; `stiff` where it gnaws, `floored` where it comes from below as well. */
  | { by: 'roof'; openingMm: number; stiff: boolean; floored: boolean }
  /** What tunnels: a floor, or a wall of such a mesh so far down all round. */
  | { by: 'floor'; openingMm: number; wallMm: number }
  | { by: 'no mesh' };

const onFoot = (need: Partial<FenceNeed> & Pick<FenceNeed, 'heightMm' | 'openingMm'>): Need => ({
  by: 'fence',
  usualMm: need.heightMm,
  buryMm: 0,
  apronMm: 0,
  stiff: true,
  looseTopMm: 0,
  ...need,
});

/**
 * What stops whom, by the names under which the plot and the crop table know them. Common practice, no source: rabbits
 * 2–3′ of 1″ mesh, 6″ buried or a 12″ apron; groundhogs 3–4′, apron, loose top; deer 7–8′; dogs stiff and 4′; birds ¾″
 * taut; cabbage butterflies 7 mm, off the leaves; flea beetles 0.8 mm, carrot fly 1.3 mm; burrowers ½″ under the bed;
 * raccoons and squirrels roofed. From memory: 31 mm hexagonal netting does for rabbits; groundhogs climb, so that the
 * top foot is left loose; carrot fly keeps under 24″; all of cats, pigeons, badgers, foxes, rats, mice, chickens,
 * voles, moles, root flies, leek and pea moth, spotted-wing fly, squash bugs, beetles, vine borers, wasps, wallabies,
 * possums, cockatoos and slugs; that deer do not jump two low fences. mm.
 */
export const NEEDS: Readonly<Record<string, Need>> = {
  rabbits: onFoot({
    heightMm: inches(24),
    usualMm: inches(30),
    openingMm: 31,
    buryMm: inches(6),
    apronMm: inches(12),
  }),
  groundhogs: onFoot({
    heightMm: inches(36),
    usualMm: inches(42),
    openingMm: inches(2),
    buryMm: inches(12),
    apronMm: inches(12),
    looseTopMm: inches(12),
  }),
  deer: onFoot({
    heightMm: inches(84),
    usualMm: inches(90),
    openingMm: inches(4),
    stiff: false,
    two: { heightMm: feet(4), leastMm: feet(4), mostMm: feet(5) },
  }),
  dogs: onFoot({ heightMm: inches(48), openingMm: inches(4) }),
  chickens: onFoot({ heightMm: feet(5), openingMm: inches(2), stiff: false }),
  foxes: onFoot({ heightMm: feet(6), openingMm: inches(3), buryMm: inches(12), apronMm: inches(12) }),
  wallabies: onFoot({ heightMm: feet(4), openingMm: inches(4) }),
  badgers: { by: 'no mesh' },
  birds: { by: 'net', openingMm: 19 },
  pigeons: { by: 'net', openingMm: 25 },
  'cabbage butterflies': { by: 'net', openingMm: 7, clear: true },
  'carrot fly': { by: 'net', openingMm: 1.3, low: { heightMm: inches(24), acrossMm: feet(4) } },
  'flea beetles': { by: 'net', openingMm: 0.8 },
  'striped beetles': { by: 'net', openingMm: 1.3 },
  'root flies': { by: 'net', openingMm: 1.3 },
  'leek moth': { by: 'net', openingMm: 1.3, clear: true },
  'pea moth': { by: 'net', openingMm: 1.3 },
  'spotted-wing fly': { by: 'net', openingMm: 1 },
  'squash bugs': { by: 'net', openingMm: 1.3 },
  'vine borers': { by: 'net', openingMm: 1.3 },
  'Colorado beetles': { by: 'net', openingMm: 5 },
  'Japanese beetles': { by: 'net', openingMm: 5 },
  wasps: { by: 'net', openingMm: 3 },
  cats: { by: 'roof', openingMm: inches(2), stiff: false, floored: false },
  squirrels: { by: 'roof', openingMm: inches(1), stiff: true, floored: false },
  raccoons: { by: 'roof', openingMm: inches(2), stiff: true, floored: false },
  possums: { by: 'roof', openingMm: inches(2), stiff: true, floored: false },
  cockatoos: { by: 'roof', openingMm: inches(2), stiff: true, floored: false },
  rats: { by: 'roof', openingMm: inches(0.5), stiff: true, floored: true },
  mice: { by: 'roof', openingMm: inches(0.25), stiff: true, floored: true },
  burrowers: { by: 'floor', openingMm: inches(0.5), wallMm: inches(24) },
  moles: { by: 'floor', openingMm: inches(0.5), wallMm: inches(24) },
  voles: { by: 'floor', openingMm: inches(0.25), wallMm: inches(12) },
  slugs: { by: 'no mesh' },
};

/**
 * The plant families that some of them come to, where a visitor is ticked and no crop names it as its own (from
 * memory). Others come to all.
 */
export const FAMILIES_OF: Readonly<Partial<Record<Visitor, readonly string[]>>> = {
  'cabbage butterflies': ['cabbage'],
  'flea beetles': ['cabbage'],
  'carrot fly': ['parsley'],
  'root flies': ['cabbage', 'onion'],
  'leek moth': ['onion'],
  'pea moth': ['pea'],
  'spotted-wing fly': ['rose'],
  'squash bugs': ['gourd'],
  'striped beetles': ['gourd'],
  'vine borers': ['gourd'],
  'Colorado beetles': ['nightshade'],
  wasps: ['rose', 'vine'],
  pigeons: ['cabbage', 'pea'],
};

/**
 * Whom live wires stop, by the heights at which a nose or a shoulder has to meet one, and how far off one may be (all
 * from memory): raccoons two low ones, badgers four close to the soil (4 to 12″), groundhogs two, deer five up to 58″. mm.
 */
export const LIVE_NEEDS: Readonly<Record<string, { atMm: readonly number[]; withinMm: number }>> = {
  badgers: { atMm: [4, 6, 8, 12].map(inches), withinMm: 25 },
  groundhogs: { atMm: [inches(4), inches(9)], withinMm: 40 },
  raccoons: { atMm: [inches(6), inches(12)], withinMm: 50 },
  deer: { atMm: [inches(10), inches(22), inches(34), inches(46), inches(58)], withinMm: 80 },
};

/** Whether live wires at these heights over the soil stop somebody. mm. */
export const liveStops = (who: string, liveMm: readonly number[]): boolean =>
  LIVE_NEEDS[who]?.atMm.every((at) => liveMm.some((wire) => Math.abs(wire - at) <= (LIVE_NEEDS[who]?.withinMm ?? 0))) ??
  false;

/** Whether anything that can be built stops somebody. */
export const canBeStopped = (who: string): boolean => NEEDS[who]?.by !== 'no mesh' || LIVE_NEEDS[who] !== undefined;

/** What a fence must be for somebody on foot; null for whom a fence alone does not stop, or nobody knows. */
export function fenceNeed(who: string): FenceNeed | null {
  const need = NEEDS[who];
  return need?.by === 'fence' ? need : null;
}
/** The widest mesh that stops what flies; null for what does not fly. mm. */
export function netMesh(who: string): number | null {
  const need = NEEDS[who];
  return need?.by === 'net' ? need.openingMm : null;
}

/** How a structure stands against the animals that visit. Openings up to `lowToMm`, and above it. mm. */
export interface Barrier {
  heightMm: number;
  openingLowMm: number;
  openingMm: number;
  lowToMm: number;
  buriedMm: number;
  apronMm: number;
  /** Widest gap that is left under it. */
  underMm: number;
  /** Widest slit beside a leaf in it; none where it has none. */
  besideMm?: number;
  /** How much of its top is loose and bent outward, against what climbs. */
  looseTopMm: number;
  /** Another that runs along all of it. */
  second?: Second | null;
}

/** A fence that runs along another: how high it is, and how far from it at the least and at the most. mm. */
export interface Second {
  heightMm: number;
  leastMm: number;
  mostMm: number;
}

/** What stands about plants, or over them, or under them. */
export interface Guard {
  barrier: Barrier;
  /** How high it is of wire or boards, which nothing gnaws or pushes through; nets only stop what flies. mm. */
  stiffMm: number;
  /** Widest opening for what flies, where a net lies over all of it; else the barrier’s own. mm. */
  nettedMm?: number;
  roofed: boolean;
  /** Fine mesh under the bed. */
  floored: boolean;
  /** Of what lies over plants: how high it is clear over the soil; what grows past that lifts it. mm. */
  overMm?: number;
  /** It lies on the leaves. */
  touches?: true;
  /** Of live wires and nothing else: how high each is over the soil. mm. */
  liveMm?: readonly number[];
}

/** Of what is closed all round by one mesh, standing on the soil. mm. */
export const closedBy = (openingMm: number, heightMm: number): Barrier => ({
  heightMm,
  openingLowMm: openingMm,
  openingMm,
  lowToMm: heightMm,
  buriedMm: 0,
  apronMm: 0,
  underMm: 0,
  looseTopMm: 0,
});

/**
 * How somebody gets past a guard: through it, over it, up it, under it, beside its leaf, because it touches or covers
 * only some, past live wires that it does not meet, or because it is no hindrance at all.
 */
export type WayPast =
  | 'open'
  | 'low'
  | 'climb'
  | 'dig'
  | 'under'
  | 'beside'
  | 'soft'
  | 'roof'
  | 'floor'
  | 'touch'
  | 'part'
  | 'wires'
  | 'any';

/** A finger’s width less is forgiven in height, and the thickness of a wire in an opening (from memory). mm. */
export const FORGIVEN_MM = 15;
const WIRE_MM = 3;

/** The widest opening that somebody meets who comes as high as this. mm. */
export const openTo = (barrier: Pick<Barrier, 'openingLowMm' | 'openingMm' | 'lowToMm'>, heightMm: number): number =>
  heightMm <= barrier.lowToMm + FORGIVEN_MM ? barrier.openingLowMm : Math.max(barrier.openingLowMm, barrier.openingMm);

/**
 * Whether a fence and another along it do as one that is high enough: each as high as two have to be, and neither too
 * near nor too far. A hand is forgiven in how far.
 */
export const twoDo = (need: Pick<FenceNeed, 'two'>, second: Second | null | undefined): boolean =>
  need.two !== undefined &&
  second != null &&
  second.heightMm + FORGIVEN_MM >= need.two.heightMm &&
  second.leastMm + APART_MM >= need.two.leastMm &&
  second.mostMm - APART_MM <= need.two.mostMm;
/** A hand (from memory). mm. */
const APART_MM = 100;

/** How high two low fences have to be, and how far apart, for somebody who visits and whom none along it stops yet; null where nobody asks for two. mm. */
export function secondWanted(
  visitors: readonly string[],
  second: Second | null,
): { heightMm: number; apartMm: number } | null {
  for (const who of visitors) {
    const need = fenceNeed(who);
    if (need?.two && !twoDo(need, second))
      return { heightMm: need.two.heightMm, apartMm: (need.two.leastMm + need.two.mostMm) / 2 };
  }
  return null;
}

/** How high somebody has to find a fence, by what runs along it. mm. */
const askedOf = (need: FenceNeed, second: Second | null | undefined): number =>
  twoDo(need, second) ? (need.two?.heightMm ?? 0) : need.heightMm;

/** How one that walks, digs or climbs gets past a guard; null where it does not. */
function pastFence(asked: FenceNeed, { barrier, stiffMm, roofed }: Guard): WayPast | null {
  const need = { ...asked, heightMm: askedOf(asked, barrier.second) };
  if (openTo(barrier, Math.min(need.heightMm, barrier.heightMm)) > need.openingMm + WIRE_MM) return 'open';
  if (!roofed && barrier.heightMm + FORGIVEN_MM < need.heightMm) return 'low';
  // A net over a bed is pushed down by whoever could step over it.
  const held = Math.min(need.heightMm, roofed ? barrier.heightMm : Infinity);
  if ((need.stiff || barrier.heightMm + FORGIVEN_MM < need.heightMm) && stiffMm + FORGIVEN_MM < held) return 'soft';
  if (!roofed && barrier.looseTopMm + FORGIVEN_MM < need.looseTopMm) return 'climb';
  const digs = need.buryMm > 0;
  if (digs && barrier.buriedMm + FORGIVEN_MM < need.buryMm && barrier.apronMm + FORGIVEN_MM < need.apronMm)
    return 'dig';
  if ((barrier.besideMm ?? 0) > need.openingMm + WIRE_MM) return 'beside';
  return barrier.underMm - barrier.buriedMm > need.openingMm + FORGIVEN_MM ? 'under' : null;
}

/**
 * How a visitor or a pest gets past a guard; null where it is kept out. Somebody of whom nothing is known is never kept
 * out.
 */
export function getsPast(who: string, guard: Guard): WayPast | null {
  if (guard.liveMm) return liveStops(who, guard.liveMm) ? null : 'wires';
  const need = NEEDS[who];
  const { barrier } = guard;
  const widestMm = guard.nettedMm ?? Math.max(barrier.openingMm, barrier.openingLowMm);
  switch (need?.by) {
    case undefined:
    case 'no mesh':
      return 'any';
    case 'fence':
      return pastFence(need, guard);
    case 'floor': {
      if (guard.floored) return null;
      const walled = barrier.buriedMm + FORGIVEN_MM >= need.wallMm && barrier.openingLowMm <= need.openingMm;
      return walled ? null : 'floor';
    }
    case 'roof': {
      if (!guard.roofed) return 'roof';
      if (need.stiff && guard.stiffMm < Infinity) return 'soft';
      if (need.floored && !guard.floored) return 'floor';
      return widestMm > need.openingMm + WIRE_MM * Number(need.openingMm > inches(0.5)) ? 'open' : null;
    }
    case 'net': {
      const low = need.low;
      const walled = low !== undefined && barrier.heightMm + FORGIVEN_MM >= low.heightMm;
      if (!guard.roofed && !walled) return 'roof';
      if (widestMm > need.openingMm) return 'open';
      return need.clear && guard.touches ? 'touch' : null;
    }
  }
}
