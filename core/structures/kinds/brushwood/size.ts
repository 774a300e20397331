import { stockOf } from '../../../catalogue/catalogue';
import { chain } from '../../../design/chain';
import { placed, type Hold } from '../../../design/design';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { pushPole } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { nextStockUp } from '../../rules/depth';
import { acrossBed } from '../../rules/row';
import { equalBays } from '../../rules/spacing';
import type { BedSetting } from '../../setting';
import { LEAN_RAD, mostHigh, STICK, type BrushwoodValues } from './knobs';

/** Twigs as thick as a match, a finger or two apart (from memory). mm. */
const TWIG_MM = 4;
const TWIGS_APART_MM = inches(2);

/** What its own checks and mends ask for. */
export interface BrushwoodFacts {
  rowsAtMm: readonly number[];
}

/** Sizes the row: sticks close along it, leaning to and fro by turns, a row of plants on either side. */
export function sizeBrushwood(v: BrushwoodValues, setting: BedSetting): Sizing<BrushwoodFacts> {
  const ground = groundOf(setting.place.bed);
  const of = stockOf(setting.catalogue, STICK, 'pole');
  const y = acrossBed(v.rowAt, setting);
  const askedMm = v.pushIn + v.height / Math.cos(LEAN_RAD);
  const soldMm = nextStockUp(askedMm, setting.sizesOf(of.id))?.mm ?? askedMm;
  // What is sold too short reaches no higher than it is long.
  const topMm = Math.min(v.height, (soldMm - v.pushIn) * Math.cos(LEAN_RAD));
  const leansBy = v.height * Math.tan(LEAN_RAD);
  // The first leans in, and so does the last.
  const sticksAt = equalBays([0, v.rowLength], v.every);
  const sticks = sticksAt.map((at, i) => {
    const last = i === sticksAt.length - 1;
    const way = last && i % 2 === 0 ? -1 : i % 2 === 0 ? 1 : -1;
    const up: Point = [way * Math.sin(LEAN_RAD), 0, Math.cos(LEAN_RAD)];
    return pushPole({
      id: `stick-${i + 1}`,
      role: 'stick',
      of,
      // Those that lean one way stand before those that lean the other.
      foot: onGround(ground, at, y + (way * of.diameterMm) / 2),
      up,
      askedMm,
      soldMm,
      pushInMm: v.pushIn,
    });
  });
  const rowsAtMm = [y - v.beside, y + v.beside];
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: v.height,
    rowsAtMm,
    rows: [
      { acrossMm: y - v.beside, side: 'front' },
      { acrossMm: y + v.beside, side: 'back' },
    ],
  });
  return {
    design: placed({
      parts: sticks,
      joints: [],
      ...row,
      hold: {
        by: 'poles',
        meshMm: null,
        memberMm: TWIG_MM,
        stepMm: TWIGS_APART_MM,
        fineToMm: 0,
        // It gives way under anything heavier than peas.
        carries: 'light',
        startsMm: 0,
        gapMm: 0,
        topMm: { least: topMm, most: topMm },
        could: { topMm: mostHigh(setting, v.pushIn), carries: 'light', net: false },
      } satisfies Hold,
      reasons: { stick: fact('count.sticks', { every: { mm: v.every } }) },
      marks: [...row.marks, chain('elevation', 'z', 'heights', [-v.pushIn, 0, v.height])],
      handles: [
        ...row.handles,
        { knob: 'height', view: 'elevation', at: [leansBy, y, v.height], axis: 'up' },
        { knob: 'pushIn', view: 'end', at: [0, y, -v.pushIn], axis: 'up', perMm: -1 },
      ],
    }),
    facts: { rowsAtMm },
  };
}
