import { roomOf } from '../../../site/bed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Placement, Joint, Standing } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { rollsCould } from '../../rules/could';
import { rowViews } from '../../rules/row-views';
import type { BedSetting } from '../../setting';
import { cutCage, type Cut } from '../../rules/girth';
import { cageHandles, cageMarks, meshReason, placesIn, plantIn, roundSheet, rowOfCages } from '../../rules/round-cage';
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
  const { bed } = setting.place;
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const cut = cutCage(roll, {
    diameterMm: v.diameter,
    heightMm: v.height,
    stakes: v.feet === 'stakes',
    hooks: v.lock === 'hooks',
  });
  const row = rowOfCages(v, cut, setting);
  const { ground, y, middles, builtMm, startMm } = row;
  const parts: Part[] = [];
  const joints: Joint[] = [];
  const posts: Standing[] = [];
  middles.forEach((at, i) => {
    const foot = onGround(ground, at, y);
    const sheet = roundSheet(roll, cut, foot, i);
    parts.push(sheet);
    joints.push(closed(v, cut, sheet, i));
    const rods = driveRods(v, setting, cut, foot, sheet, i);
    parts.push(...rods.parts);
    joints.push(...rods.joints);
    posts.push(...rods.posts);
  });
  const stations = plantIn(setting, ground, y, middles);
  const window = { wide: 2 * roll.openingMm, high: 2 * roll.stepMm };
  const meshMm = v.openings > 0 ? window : { wide: roll.openingMm, high: roll.stepMm };

  const design: Placement = {
    kind: 'mesh-cage',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    startMm,
    posts,
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
    // Round as they are, cages show their mesh from every side.
    views: rowViews({ ground, bed, startMm }).map((view) => ({ ...view, square: view.as === 'upright' })),
    bodies: v.cages,
    reasons: {
      mesh: meshReason(cut, v.cages),
      rod: fact('count.rods', { rods: v.stakes }),
      'cage closed': fact(v.lock === 'hooks' ? 'count.hooks' : 'count.seam', { ties: SEAM_TIES }),
      'rod to cage': fact('count.rod-ties', { ties: TIES_A_ROD }),
    },
    marks: cageMarks(row, { stations, setting, lowestMm: Math.max(cut.legsMm, v.stakes > 0 ? v.depth : 0) }),
    handles: [
      ...cageHandles(row),
      ...(v.stakes > 0 ? [{ knob: 'depth', view: 'end', at: [y, -v.depth], axis: 'up', perMm: -1 } as const] : []),
    ],
  };
  return {
    design,
    facts: { cut, rowsAtMm: [y], cages: v.cages, places: placesIn(bed.lengthMm, v.apart), meshMm },
  };
}

const closed = (v: MeshCageValues, cut: Cut, sheet: Sheet, i: number): Joint => ({
  id: `closed-${i + 1}`,
  kind: 'cage closed',
  places: Array.from({ length: SEAM_TIES }, (_, n) =>
    onSheet(sheet, 0, cut.legsMm + (cut.overMm * (n + 0.5)) / SEAM_TIES),
  ),
  parts: [sheet.id],
  fixings: v.lock === 'hooks' ? [] : [{ stock: 'tie-wire', count: SEAM_TIES, eachMm: TIE_MM }],
});

/** Rods inside the mesh, opposite each other across the row, tied low and high. */
function driveRods(
  v: MeshCageValues,
  setting: BedSetting,
  cut: Cut,
  foot: Point,
  sheet: Sheet,
  i: number,
): { parts: Bar[]; joints: Joint[]; posts: Standing[] } {
  const rod = stockOf(setting.catalogue, 'rod-10', 'rod');
  const aboveMm = Math.max(inches(6), cut.overMm - BELOW_TOP_MM);
  const radius = cut.girthMm / (2 * Math.PI) - rod.diameterMm / 2;
  const longest = setting.sizesOf(rod.id).at(-1) ?? Infinity;
  // Evenly round it, one at the back; in a bed that is narrower than the cage along the row, and a third as far out as the bed goes.
  const { widthMm } = roomOf(setting.place.bed, cut.diameterMm);
  const narrow = cut.diameterMm > widthMm;
  const out = Math.asin(Math.min(1, Math.max(0, widthMm / 2 - rod.diameterMm) / radius));
  const rodAt = (n: number): number =>
    narrow ? ([0, Math.PI, out][n] ?? 0) : Math.PI / 2 + (2 * Math.PI * n) / v.stakes;
  const made = Array.from({ length: v.stakes }, (_, n) => {
    const at = rodAt(n);
    const [x, y] = [foot[0] + radius * Math.cos(at), foot[1] + radius * Math.sin(at)];
    const id = `rod-${i + 1}-${n + 1}`;
    const bar: Bar = barOf({
      id,
      role: 'rod',
      of: rod,
      cutMm: aboveMm + v.depth,
      buriedMm: v.depth,
      from: [x, y, foot[2] - v.depth],
      to: [x, y, foot[2] + aboveMm],
    });
    const joint: Joint = {
      id: `${id}-ties`,
      kind: 'rod to cage',
      places: [0.25, 0.85].map((share): Point => [x, y, foot[2] + share * aboveMm]),
      parts: [id, sheet.id],
      fixings: [{ stock: 'tie-wire', count: TIES_A_ROD, eachMm: TIE_MM }],
    };
    const post: Standing = {
      id,
      aboveMm,
      buriedMm: v.depth,
      wantedMm: v.depth,
      shortMm: Math.max(0, aboveMm + v.depth - longest),
      set: 'driven',
    };
    return { bar, joint, post };
  });
  return {
    parts: made.map((one) => one.bar),
    joints: made.map((one) => one.joint),
    posts: made.map((one) => one.post),
  };
}
