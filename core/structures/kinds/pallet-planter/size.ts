import { stockOf } from '../../../catalogue/catalogue';
import { jointAgain, partAgain } from '../../../design/again';
import { chain } from '../../../design/chain';
import { placed, type Fixing, type Joint, type Design, type Placement } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { fillOf, squareRim, type Fill } from '../../../design/shapes/fill';
import type { Part } from '../../../design/shapes/shapes';
import { add, minus, unit, UP, type Point } from '../../../geometry/space';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { heldAtWall } from '../../assemblies/at-wall';
import type { Sizing } from '../../kind';
import { plantsBought, WET_MIX_KG_L } from '../../rules/potting';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';
import { plantEach } from '../../rules/stations';
import { woodKg } from '../../rules/weights';
import { clothOf, FOLD_MM, LAP_MM, STAPLE_EVERY_MM } from './cloth';
import type { PalletPlanterValues, SpotSetting } from './knobs';
import { depthOf, PALLETS, type Pallet } from '../../../catalogue/pallets';
import { cellOf, gapOf, insideLitres, leaning, palletParts, pitchOf, rowsOf, type Lean } from './pallet';

/** Soil and wall drawn beside it. mm. */
const BESIDE_MM = 400;
/** What its own checks and mends ask for. */
export interface PalletPlanterFacts {
  pallet: Pallet;
  rowsMade: number;
  places: number;
  litresEach: number;
  gapMm: number;
  dryKg: number;
  wetKg: number;
  /** How far its middle stands behind its foot, and how high its head is. mm. */
  behindMm: number;
  headMm: number;
  /** The floor it stands over. m². */
  floorM2: number;
}

/** Where plants stand along a row: evenly between two bearers, the odd one on the left. mm. */
const plantsAt = (pallet: Pallet, each: number): number[] => {
  const [cell, bearer] = [cellOf(pallet), pallet.bearerWideMm];
  return [Math.ceil(each / 2), Math.floor(each / 2)].flatMap((count, side) =>
    Array.from({ length: count }, (_, i) => bearer + side * (cell + bearer) + (cell * (i + 0.5)) / count),
  );
};
/** In its rows and in the open top. */
export const plantsIn = (pallet: Pallet, v: Pick<PalletPlanterValues, 'rows' | 'each'>): number =>
  (rowsOf(pallet, v.rows) + 1) * v.each;

interface PocketPlace {
  at: Point;
  alongMm: number;
  up: Point;
}

/** Where plants stand: in the middle of each row, from the foot up, then in the open top. One row after another. */
function placesIn(v: PalletPlanterValues, pallet: Pallet, lean: Lean): PocketPlace[][] {
  const gap = gapOf(pallet, v.rows);
  const out = minus(lean.at(0, 0, 1), lean.at(0, 0, 0));
  const rows = Array.from({ length: rowsOf(pallet, v.rows) }, (_, i) => {
    const up = (i + 1) * pallet.boardWideMm + (i + 0.5) * gap;
    return plantsAt(pallet, v.each).map((alongMm): PocketPlace => ({
      at: lean.at(alongMm, up, depthOf(pallet)),
      alongMm,
      // Out of the face, and up to the light.
      up: unit(add(out, UP)),
    }));
  });
  const top = plantsAt(pallet, v.each).map((alongMm): PocketPlace => ({
    at: lean.at(alongMm, pallet.tallMm, pallet.boardMm + pallet.bearerDeepMm / 2),
    alongMm,
    up: UP,
  }));
  return [...rows, top];
}

/** An X cut for every place of a row, and what is bought to be planted there; the open top wants no cut. */
function planted(
  rows: readonly (readonly PocketPlace[])[],
  top: readonly { fill: Fill; heart: Point }[],
  bought: (row: number) => Fixing[],
): Joint[] {
  return rows.map((places, i): Joint =>
    i === rows.length - 1
      ? {
          id: 'planted-top',
          kind: 'planted on top',
          by: 'bearing',
          places: top.map((one) => one.heart),
          parts: top.map((one) => one.fill.id),
          fixings: bought(i),
        }
      : {
          id: `planted-${i + 1}`,
          kind: 'planted',
          by: 'bearing',
          places: places.map(({ at }) => at),
          parts: [`pocket-${i + 1}-1`, `pocket-${i + 1}-2`],
          fixings: bought(i),
        },
  );
}

/** One of them filled, planted and watered. kg. */
export const wetKg = (pallet: Pallet, parts: readonly Part[], pallets: number): number =>
  woodKg(parts) / pallets + insideLitres(pallet) * WET_MIX_KG_L;

/** Mix between its bearers, row by row on either side of the middle one: what is poured, what it lies in, and its heart. */
function mixesIn(pallet: Pallet, lean: Lean, rows: number, bearers: readonly Bar[]) {
  const cell = cellOf(pallet);
  const pitch = pallet.tallMm / rows;
  const middle = pallet.boardMm + pallet.bearerDeepMm / 2;
  const [half, deep] = [cell / 2, pallet.bearerDeepMm / 2];
  return Array.from({ length: rows }, (_, i) =>
    [0, 1].map((side) => {
      const along = pallet.bearerWideMm + side * (cell + pallet.bearerWideMm) + half;
      const low = lean.at(along, i * pitch, middle);
      const heart = lean.at(along, (i + 0.5) * pitch, middle);
      const fill = fillOf({
        id: `mix-${i + 1}-${side + 1}`,
        role: 'mix',
        of: 'potting-mix',
        cutMm: pitch * Math.cos(lean.angleRad),
        // Plumb under its own middle: it is drawn in steps up the slope.
        bottom: [along, heart[1], low[2]],
        rim: squareRim(half, deep),
        litres: insideLitres(pallet) / (2 * rows),
      });
      const joint: Joint = {
        id: `${fill.id}-filled`,
        kind: 'mix filled',
        by: 'bearing',
        places: [[along - half, heart[1], heart[2]], heart],
        parts: [fill.id, (bearers[side] as Bar).id],
        fixings: [],
      };
      return { fill, joint, heart };
    }),
  ).flat();
}

/** A bracket at the head of either outer bearer. */
const bracketsAt = (bearers: readonly Bar[]): Joint[] =>
  (['left', 'right'] as const).map((side) => {
    const bearer = bearers[side === 'left' ? 0 : 2] as Bar;
    return heldAtWall({ id: `bracket-${side}`, part: bearer.id, at: bearer.to });
  });

const reasonsOf = (v: PalletPlanterValues, rows: number): Design['reasons'] => ({
  pallet: fact('count.pallet', { pallets: v.pallets }),
  bearer: fact('count.bearers'),
  slat: fact('count.slats', { rows }),
  'back slat': fact('count.backs'),
  'back cloth': fact('count.back-cloth', { fold: { mm: FOLD_MM } }),
  'bottom cloth': fact('count.bottom-cloth'),
  'pocket cloth': fact('count.pocket-cloth', { lap: { mm: LAP_MM } }),
  mix: fact('count.mix'),
  'pallet nailed': fact('count.nailed'),
  'cloth stapled': fact('count.staples', { every: { mm: STAPLE_EVERY_MM } }),
  'mix filled': fact('count.mix'),
  planted: fact('count.plants', { row: v.each }),
  'planted on top': fact('count.plants', { row: v.each }),
  'held at the wall': fact('count.brackets'),
});

const viewsOf = (builtMm: number, deepMm: number, footMm: number): Placement<'elevation' | 'plan' | 'end'>['views'] => [
  fromFront('From the front', [
    [-BESIDE_MM, 0],
    [builtMm + BESIDE_MM, 0],
  ]),
  FROM_ABOVE,
  {
    ...fromEnd('From the end, with its wall', [
      [-BESIDE_MM - deepMm, 0],
      [footMm, 0],
    ]),
    wallMm: footMm,
    nearest: false,
  },
];

/** Sizes the planter: the slats that stay, doubled cloth, mix between the bearers, leaned on a wall. */
export function sizePalletPlanter(v: PalletPlanterValues, setting: SpotSetting): Sizing<PalletPlanterFacts> {
  const pallet = PALLETS[v.pallet];
  const lean = leaning(pallet.tallMm, v.foot);
  const rows = rowsOf(pallet, v.rows);
  const made = palletParts(pallet, v.rows, lean, v.pallet);
  const roll = stockOf(setting.catalogue, 'planter-cloth', 'mesh roll');
  const cloth = clothOf(pallet, v.rows, lean, roll, made);
  const mixes = mixesIn(pallet, lean, rows, made.bearers);
  const plants = plantsIn(pallet, v);
  const places = placesIn(v, pallet, lean);
  const stepMm = pallet.wideMm + v.apart;
  const again = Array.from({ length: v.pallets }, (_, n) => ({
    name: (id: string): string => (n === 0 ? id : `${n + 1}-${id}`),
    by: [n * stepMm, 0, 0] as const,
  }));
  const stations = plantEach(
    setting.planted,
    again.flatMap(({ by }) =>
      places.flat().map(({ at, alongMm, up }) => ({ at: add(at, by), alongMm: alongMm + by[0], up })),
    ),
    'pocket',
  );
  // What is inside is drawn before what is round it.
  const one = together(
    { parts: mixes.map(({ fill }) => fill), joints: mixes.map(({ joint }) => joint) },
    { parts: [...made.backs, ...made.bearers, ...made.slats], joints: made.joints },
    cloth,
    v.head === 'brackets' && { joints: bracketsAt(made.bearers) },
  );
  const bought = (n: number, row: number) =>
    plantsBought(v.plants, setting, stations.slice(n * plants + row * v.each, n * plants + (row + 1) * v.each));
  const all = together(
    ...again.map((each, n) => ({
      parts: one.parts.map((part) => partAgain(part, each)),
      joints: [...one.joints, ...planted(places, mixes.slice(-2), (row) => bought(n, row))].map((joint) =>
        jointAgain(joint, each),
      ),
    })),
  );
  const builtMm = (v.pallets - 1) * stepMm + pallet.wideMm;
  const head = lean.at(0, pallet.tallMm, 0);
  const topMm = Math.max(head[2], lean.at(0, pallet.tallMm, depthOf(pallet))[2]);
  const slatsAt = Array.from({ length: rows + 1 }, (_, i) => i * pitchOf(pallet, v.rows));
  const design = placed({
    ...all,
    kits: again.map(({ name }) => ({ id: name('pallet'), role: 'pallet', stock: v.pallet })),
    stations,
    ground: { lengthMm: builtMm, riseMm: 0 },
    builtMm,
    views: viewsOf(builtMm, depthOf(pallet), v.foot),
    roomFor: plants * v.pallets,
    reasons: reasonsOf(v, rows),
    marks: [
      chain('elevation', 'x', 'plants', [0, ...plantsAt(pallet, v.each), pallet.wideMm]),
      chain('elevation', 'x', 'in all', [0, builtMm]),
      chain(
        'elevation',
        'z',
        'slats, up its face',
        slatsAt.map((up) => lean.at(0, up, depthOf(pallet))[2]),
        slatsAt,
      ),
      chain('end', 'x', 'foot', [0, Math.max(1, v.foot)]),
      chain('end', 'z', 'head', [0, topMm]),
    ],
    handles: [
      v.pallets > 1 && { knob: 'apart', view: 'elevation', at: [stepMm, 0, topMm / 2], axis: 'right' },
      { knob: 'foot', view: 'end', at: [0, v.foot, topMm], axis: 'right' },
    ],
  });
  const heart = lean.at(0, pallet.tallMm / 2, depthOf(pallet) / 2);
  return {
    design,
    facts: {
      pallet,
      rowsMade: rows,
      places: plants * v.pallets,
      litresEach: insideLitres(pallet) / plants,
      gapMm: gapOf(pallet, v.rows),
      dryKg:
        woodKg(design.parts) / v.pallets +
        insideLitres(pallet) / stockOf(setting.catalogue, 'potting-mix', 'bagged').litresPerKg,
      wetKg: wetKg(pallet, design.parts, v.pallets),
      behindMm: heart[1],
      headMm: head[2],
      floorM2: (pallet.wideMm * Math.max(depthOf(pallet), v.foot + depthOf(pallet) * Math.cos(lean.angleRad))) / 1e6,
    },
  };
}
