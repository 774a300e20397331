import { roomOf } from '../../../site/bed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Placement, Joint } from '../../../design/design';
import { onSheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import { cutCage, type Cut } from '../../rules/girth';
import { cageHandles, cageMarks, placesIn, plantIn, roundSheet, rowOfCages } from '../../rules/round-cage';
import { rowViews } from '../../rules/row-views';
import type { BedSetting } from '../../setting';
import type { CollarValues } from './knobs';

/** The ends lap by so much, and are tied at so many places with so much wire (from memory). mm. */
const LAP_MM = inches(1);
const TIES = 3;
const TIE_MM = inches(8);

/** What its own checks and mends ask for. */
export interface CollarFacts {
  cut: Cut;
  openingMm: number;
}

/** One collar: whole links round, its ends lapping; as high as is asked for, as far as the roll is wide. */
export function cutOf(v: CollarValues, setting: BedSetting): Cut {
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const highMm = Math.min(roll.heightMm, v.height + v.below);
  const cut = cutCage(roll, { diameterMm: v.diameter, heightMm: highMm, stakes: false, hooks: false });
  const below = Math.min(v.below, highMm / 2);
  return {
    ...cut,
    cutMm: cut.girthMm + LAP_MM,
    overMm: highMm - below,
    legsMm: below,
    fromHeight: Math.max(1, Math.floor(roll.heightMm / highMm + 1e-6)),
  };
}

/** Sizes the collars: an open ring for each plant in a row along the bed. */
export function sizeCollar(v: CollarValues, setting: BedSetting): Sizing<CollarFacts> {
  const { bed } = setting.place;
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const cut = cutOf(v, setting);
  const row = rowOfCages(v, cut, setting);
  const { ground, y, middles, builtMm, startMm } = row;
  const parts = middles.map((at, i) => roundSheet(roll, cut, onGround(ground, at, y), i, 0));
  const joints = parts.map((mesh, i): Joint => ({
    id: `closed-${i + 1}`,
    kind: 'collar closed',
    places: Array.from({ length: TIES }, (_, n) => onSheet(mesh, 0, cut.legsMm + (cut.overMm * (n + 0.5)) / TIES)),
    parts: [mesh.id],
    fixings: [{ stock: 'tie-wire', count: TIES, eachMm: TIE_MM }],
  }));
  const stations = plantIn(setting, ground, y, middles);
  const design: Placement = {
    kind: 'collar',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    startMm,
    posts: [],
    hold: null,
    views: rowViews({ ground, bed, startMm }).map((view) => ({ ...view, square: view.as === 'upright' })),
    bodies: v.cages,
    reasons: {
      mesh: fact(cut.fromHeight > 1 ? 'count.collars.over' : 'count.collars', {
        collars: v.cages,
        links: cut.links,
        girth: { mm: cut.girthMm },
        over: cut.fromHeight,
      }),
      'collar closed': fact('count.seam', { ties: TIES, lap: { mm: LAP_MM } }),
    },
    marks: cageMarks(row, { stations, setting, lowestMm: cut.legsMm }),
    handles: cageHandles(row),
  };
  return { design, facts: { cut, openingMm: roll.openingMm } };
}

/** How many places the bed has for collars. */
export const roomFor = (v: CollarValues, diameterMm: number, setting: BedSetting): number =>
  placesIn(roomOf(setting.place.bed, diameterMm).lengthMm - diameterMm + v.apart, v.apart);
