import { roomOf } from '../../../site/bed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Placement, Joint } from '../../../design/design';
import type { Part } from '../../../design/shapes/shapes';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { cutCage, type Cut } from '../../rules/girth';
import {
  cageHandles,
  cageMarks,
  meshReason,
  circleAbout,
  placesIn,
  plantIn,
  roundSheet,
  rowOfCages,
} from '../../rules/round-cage';
import { rowViews } from '../../rules/row-views';
import type { BedSetting } from '../../setting';
import type { INSECT_CAGE_KNOBS } from './knobs';
import { sleeveFor, type Sleeve } from './sleeve';

export type InsectCageValues = Values<typeof INSECT_CAGE_KNOBS>;

/** Ties of a seam that is not hooked, wire for one, and the cord over the top (from memory). mm. */
const SEAM_TIES = 3;
const TIE_MM = inches(10);
const TOP_TIE_MM = inches(24);
/** The net lies so far outside the mesh (from memory). mm. */
const OUTSIDE_MM = 4;
/** The tie lies so far over the mesh, and so much stands over the tie (from memory). mm. */
const TIE_UP_MM = 40;
const TUFT_MM = 70;
/** Threads of the net that are drawn each way. */
const THREADS = 7;

/** What its own checks and mends ask for. */
export interface InsectCageFacts {
  cut: Cut;
  sleeve: Sleeve;
  rollWideMm: number;
}

/** The cut of the mesh and the pattern of the sleeve that its knobs ask for. */
export function cutOf(v: InsectCageValues, setting: BedSetting): { cut: Cut; sleeve: Sleeve } {
  const cut = cutCage(stockOf(setting.catalogue, v.roll, 'mesh roll'), {
    diameterMm: v.diameter,
    heightMm: v.height,
    stakes: true,
    hooks: v.lock === 'hooks',
  });
  const rollMm = stockOf(setting.catalogue, v.net, 'mesh roll').heightMm;
  return {
    cut,
    sleeve: sleeveFor({ girthMm: cut.girthMm, overMm: cut.overMm, tuckMm: v.tuck, seamMm: v.seam, rollMm }),
  };
}

/** Sizes the cages: a cylinder of whole links for each plant in a row along the bed, and over each a net sleeve that is tied shut. */
export function sizeInsectCage(v: InsectCageValues, setting: BedSetting): Sizing<InsectCageFacts> {
  const { bed } = setting.place;
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const { cut, sleeve } = cutOf(v, setting);
  const row = rowOfCages(v, cut, setting);
  const { ground, y, middles, builtMm, startMm } = row;
  const made = middles.map((at, i) => {
    const foot = onGround(ground, at, y);
    const mesh = roundSheet(roll, cut, foot, i);
    return { mesh, net: netOver(v, setting, cut, sleeve, foot, i) };
  });
  const parts: Part[] = made.flatMap(({ mesh, net }) => [mesh, net]);
  const joints: Joint[] = made.flatMap(({ mesh, net }, i) => [
    {
      id: `closed-${i + 1}`,
      kind: 'cage closed',
      places: Array.from({ length: SEAM_TIES }, (_, n) =>
        onSheet(mesh, 0, cut.legsMm + (cut.overMm * (n + 0.5)) / SEAM_TIES),
      ),
      parts: [mesh.id],
      fixings: v.lock === 'hooks' ? [] : [{ stock: 'tie-wire', count: SEAM_TIES, eachMm: TIE_MM }],
    },
    {
      id: `tied-${i + 1}`,
      kind: 'net tied',
      places: [onSheet(mesh, 0, cut.legsMm + cut.overMm), onSheet(net, 0, v.tuck + cut.overMm)],
      parts: [mesh.id, net.id],
      fixings: [{ stock: 'twine-synthetic', count: 1, eachMm: TOP_TIE_MM }],
    },
  ]);
  const stations = plantIn(setting, ground, y, middles);
  const design: Placement = {
    kind: 'insect-cage',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    startMm,
    posts: [],
    hold: null,
    // Round as they are, cages show their mesh from every side.
    views: rowViews({ ground, bed, startMm }).map((view) => ({ ...view, square: view.as === 'upright' })),
    bodies: v.cages,
    reasons: {
      mesh: meshReason(cut, v.cages),
      net: fact(sleeve.acrossRoll > 1 ? 'count.nets.across' : 'count.nets', { across: sleeve.acrossRoll }),
      'cage closed': fact(v.lock === 'hooks' ? 'count.hooks' : 'count.seam', { ties: SEAM_TIES }),
      'net tied': fact('count.tie'),
    },
    marks: cageMarks(row, { stations, setting, lowestMm: cut.legsMm }),
    handles: cageHandles(row),
  };
  return {
    design,
    facts: {
      cut,
      sleeve,
      rollWideMm: stockOf(setting.catalogue, v.net, 'mesh roll').heightMm,
    },
  };
}

/** The sleeve as it hangs: from the soil up past the mesh to where it is tied. Of several beside each other on the roll the first is bought. */
function netOver(v: InsectCageValues, setting: BedSetting, cut: Cut, sleeve: Sleeve, foot: Point, i: number): Sheet {
  const roll = stockOf(setting.catalogue, v.net, 'mesh roll');
  const first = i - (i % sleeve.acrossRoll);
  const radius = cut.girthMm / (2 * Math.PI) + OUTSIDE_MM;
  const round = 2 * Math.PI * radius;
  return {
    shape: 'sheet',
    id: `net-${i + 1}`,
    role: 'net',
    stock: roll.id,
    base: circleAbout([foot[0], foot[1], foot[2] - v.tuck], radius),
    up: UP,
    cutMm: sleeve.cutMm,
    heightMm: sleeve.highMm,
    gatheredMm: sleeve.gatherMm,
    gathers: drawnTogether(foot, radius, cut.overMm),
    uprightsMm: Array.from({ length: THREADS * 2 }, (_, n) => (round * n) / (THREADS * 2)),
    levelsMm: Array.from({ length: THREADS }, (_, n) => (sleeve.highMm * n) / (THREADS - 1)),
    wireMm: roll.wireMm,
    meshes: 0,
    ...(i === first ? {} : { board: `net-${first + 1}` }),
  };
}

/** The top of a sleeve: from all round its mesh to the tie over the middle, and what stands over that. */
function drawnTogether([x, y, z]: Point, radiusMm: number, overMm: number): Point[][] {
  const tie: Point = [x, y, z + overMm + TIE_UP_MM];
  return Array.from({ length: THREADS * 2 }, (_, n): Point[] => {
    const turned = (2 * Math.PI * n) / (THREADS * 2);
    const [c, s] = [Math.cos(turned), Math.sin(turned)];
    return [
      [x + radiusMm * c, y + radiusMm * s, z + overMm],
      tie,
      [x + TUFT_MM * 0.4 * c, y + TUFT_MM * 0.4 * s, tie[2] + TUFT_MM],
    ];
  });
}

/** How many places the bed has for its cages. */
export const roomFor = (v: InsectCageValues, diameterMm: number, setting: BedSetting): number =>
  placesIn(roomOf(setting.place.bed, diameterMm).lengthMm - diameterMm + v.apart, v.apart);
