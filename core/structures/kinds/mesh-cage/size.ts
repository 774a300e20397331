import { stockOf } from '../../../catalogue/catalogue';
import { placed } from '../../../design/design';
import { barOf } from '../../../design/shapes/bar';
import { type Sheet } from '../../../design/shapes/sheet';
import { add, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { fact } from '../../../wording/say';
import type { Assembled } from '../../assemblies/assembly';
import { together } from '../../assemblies/assembly';
import { closedAlong, meshReason, placesIn, roundSheet, rowOfCages } from '../../assemblies/ring-of-mesh';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { rollsCould } from '../../rules/could';
import { cutCage, type Cut } from '../../rules/girth';
import type { BedSetting } from '../../setting';
import type { MESH_CAGE_KNOBS } from './knobs';

export type MeshCageValues = Values<typeof MESH_CAGE_KNOBS>;

/** Ties a rod, and a seam that is not hooked (from memory). A wire tie takes 10″. mm. */
const TIES_A_ROD = 2;
const SEAM_TIES = 4;
const TIE_MM = inches(10);
/** A rod ends this far below the top of the mesh (from memory). mm. */
const BELOW_TOP_MM = inches(6);

/** What its own checks and mends ask for. */
export interface MeshCageFacts {
  cut: Cut;
  rowsAtMm: readonly number[];
  cages: number;
  places: number;
  meshMm: { wide: number; high: number };
}

/** Sizes the cages: a cylinder of whole links for each plant, in a row along the bed, closed and staked. */
export function sizeMeshCage(v: MeshCageValues, setting: BedSetting): Sizing<MeshCageFacts> {
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const hooks = v.lock === 'hooks';
  const cut = cutCage(roll, { diameterMm: v.diameter, heightMm: v.height, stakes: v.feet === 'stakes', hooks });
  const deepest = Math.max(cut.legsMm, v.stakes > 0 ? v.depth : 0);
  const { feet, y, ...row } = rowOfCages(v, cut, setting, deepest);
  const made = feet.map((foot, i): Assembled => {
    const mesh = roundSheet(roll, cut, foot, i);
    const closed = closedAlong(mesh, cut, i, { kind: 'cage closed', ties: SEAM_TIES, tieMm: TIE_MM, hooks });
    return together({ parts: [mesh], joints: [closed] }, driveRods(v, setting, cut, foot, mesh, i));
  });
  const meshMm =
    v.openings > 0 ? { wide: 2 * roll.openingMm, high: 2 * roll.stepMm } : { wide: roll.openingMm, high: roll.stepMm };
  return {
    design: placed({
      ...together(...made),
      ...row,
      hold: {
        by: 'cage',
        meshMm,
        memberMm: roll.wireMm,
        stepMm: Math.min(roll.openingMm, roll.stepMm),
        fineToMm: 0,
        carries: roll.carries,
        startsMm: 0,
        gapMm: 0,
        topMm: { least: cut.overMm, most: cut.overMm },
        could: rollsCould(setting, v.feet === 'stakes'),
      },
      reasons: {
        mesh: meshReason(cut, v.cages),
        rod: fact('count.rods', { rods: v.stakes }),
        'cage closed': fact(hooks ? 'count.hooks' : 'count.seam', { ties: SEAM_TIES }),
        'rod to cage': fact('count.rod-ties', { ties: TIES_A_ROD }),
      },
      handles: [
        ...row.handles,
        v.stakes > 0 && { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: {
      cut,
      rowsAtMm: [y],
      cages: v.cages,
      places: placesIn(setting.place.bed.lengthMm, v.apart),
      meshMm,
    },
  };
}

/** Rods inside the mesh, opposite each other across the row, tied low and high. */
function driveRods(v: MeshCageValues, setting: BedSetting, cut: Cut, foot: Point, sheet: Sheet, i: number): Assembled {
  const rod = stockOf(setting.catalogue, 'rod-10', 'rod');
  const aboveMm = Math.max(inches(6), cut.overMm - BELOW_TOP_MM);
  const radius = cut.girthMm / (2 * Math.PI) - rod.diameterMm / 2;
  const shortMm = Math.max(0, aboveMm + v.depth - (setting.sizesOf(rod.id).at(-1) ?? Infinity));
  // Evenly round it, one at the back; in a bed that is narrower than the cage along the row, and a third as far out as the bed goes.
  const { widthMm } = roomOf(setting.place.bed, cut.diameterMm);
  const out = Math.asin(Math.min(1, Math.max(0, widthMm / 2 - rod.diameterMm) / radius));
  const rodAt = (n: number): number =>
    cut.diameterMm > widthMm ? ([0, Math.PI, out][n] ?? 0) : Math.PI / 2 + (2 * Math.PI * n) / v.stakes;
  const rods = Array.from({ length: v.stakes }, (_, n) => {
    const at = add(foot, [radius * Math.cos(rodAt(n)), radius * Math.sin(rodAt(n)), 0]);
    return barOf({
      id: `rod-${i + 1}-${n + 1}`,
      role: 'rod',
      of: rod,
      buriedMm: v.depth,
      from: add(at, [0, 0, -v.depth]),
      to: add(at, [0, 0, aboveMm]),
      stands: { aboveMm, buriedMm: v.depth, wantedMm: v.depth, shortMm, set: 'driven' },
    });
  });
  return {
    parts: rods,
    joints: rods.map(({ id, to }) => ({
      id: `${id}-ties`,
      kind: 'rod to cage',
      places: [0.25, 0.85].map((share) => add(to, [0, 0, (share - 1) * aboveMm])),
      parts: [id, sheet.id],
      fixings: [{ stock: 'tie-wire', count: TIES_A_ROD, eachMm: TIE_MM }],
    })),
  };
}
