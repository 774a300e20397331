import { stockOf } from '../../../catalogue/catalogue';
import { placed } from '../../../design/design';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { closedAlong, roundSheet, rowOfCages } from '../../assemblies/ring-of-mesh';
import type { Sizing } from '../../kind';
import { cutCage, type Cut } from '../../rules/girth';
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
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const cut = cutOf(v, setting);
  const { feet, y: _y, ...row } = rowOfCages(v, cut, setting);
  const parts = feet.map((foot, i) => roundSheet(roll, cut, foot, i, 0));
  return {
    design: placed({
      parts,
      joints: parts.map((mesh, i) => closedAlong(mesh, cut, i, { kind: 'collar closed', ties: TIES, tieMm: TIE_MM })),
      ...row,
      reasons: {
        mesh: fact(cut.fromHeight > 1 ? 'count.collars.over' : 'count.collars', {
          collars: v.cages,
          links: cut.links,
          girth: { mm: cut.girthMm },
          over: cut.fromHeight,
        }),
        'collar closed': fact('count.seam', { ties: TIES, lap: { mm: LAP_MM } }),
      },
    }),
    facts: { cut, openingMm: roll.openingMm },
  };
}
