import { stockOf } from '../../../catalogue/catalogue';
import { placed, type Joint } from '../../../design/design';
import { onSheet, sheetOf, threads, type Sheet } from '../../../design/shapes/sheet';
import { type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import type { Assembled } from '../../assemblies/assembly';
import { together } from '../../assemblies/assembly';
import { circleAbout, closedAlong, meshReason, roundSheet, rowOfCages } from '../../assemblies/ring-of-mesh';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { cutCage, type Cut } from '../../rules/girth';
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
  const roll = stockOf(setting.catalogue, v.roll, 'mesh roll');
  const { cut, sleeve } = cutOf(v, setting);
  const { feet, y: _y, ...row } = rowOfCages(v, cut, setting);
  const hooks = v.lock === 'hooks';
  const made = feet.map((foot, i): Assembled => {
    const mesh = roundSheet(roll, cut, foot, i);
    const net = netOver(v, setting, cut, sleeve, foot, i);
    const tied: Joint = {
      id: `tied-${i + 1}`,
      kind: 'net tied',
      places: [onSheet(mesh, 0, cut.legsMm + cut.overMm), onSheet(net, 0, v.tuck + cut.overMm)],
      parts: [mesh.id, net.id],
      fixings: [{ stock: 'twine-synthetic', count: 1, eachMm: TOP_TIE_MM }],
    };
    const closed = closedAlong(mesh, cut, i, { kind: 'cage closed', ties: SEAM_TIES, tieMm: TIE_MM, hooks });
    return { parts: [mesh, net], joints: [closed, tied] };
  });
  return {
    design: placed({
      ...together(...made),
      ...row,
      reasons: {
        mesh: meshReason(cut, v.cages),
        net: fact(sleeve.acrossRoll > 1 ? 'count.nets.across' : 'count.nets', { across: sleeve.acrossRoll }),
        'cage closed': fact(hooks ? 'count.hooks' : 'count.seam', { ties: SEAM_TIES }),
        'net tied': fact('count.tie'),
      },
    }),
    facts: { cut, sleeve, rollWideMm: stockOf(setting.catalogue, v.net, 'mesh roll').heightMm },
  };
}

/** The sleeve as it hangs: from the soil up past the mesh to where it is tied. Of several beside each other on the roll the first is bought. */
function netOver(v: InsectCageValues, setting: BedSetting, cut: Cut, sleeve: Sleeve, foot: Point, i: number): Sheet {
  const roll = stockOf(setting.catalogue, v.net, 'mesh roll');
  const first = i - (i % sleeve.acrossRoll);
  const radius = cut.girthMm / (2 * Math.PI) + OUTSIDE_MM;
  const round = 2 * Math.PI * radius;
  return sheetOf({
    id: `net-${i + 1}`,
    role: 'net',
    of: roll,
    base: circleAbout([foot[0], foot[1], foot[2] - v.tuck], radius),
    cutMm: sleeve.cutMm,
    heightMm: sleeve.highMm,
    gatheredMm: sleeve.gatherMm,
    gathers: drawnTogether(foot, radius, cut.overMm),
    uprightsMm: threads(round, THREADS * 2).slice(0, -1),
    levelsMm: threads(sleeve.highMm, THREADS - 1),
    board: i === first ? undefined : `net-${first + 1}`,
  });
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
