import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import { chain, soilChain } from '../../../design/chain';
import { placed } from '../../../design/design';
import { inches } from '../../../quantity/length';
import { slopeOf } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import type { Sizing } from '../../kind';
import { leanOf, leastSpread, mostSpread, onLeaf, upLeaf } from '../../rules/leaves';
import { acrossBed } from '../../rules/row';
import type { PlantRow } from '../../rules/stations';
import { isOffered, type BedSetting } from '../../setting';
import {
  CROSS_RAILS,
  placeFrame,
  STAPLE_EVERY_MM,
  TETHER_END_MM,
  TETHER_UP_MM,
  type AFrameValues,
  type AFrames,
} from './frame';
import { BETWEEN_MM, MOST_LEAF_MM } from './knobs';
import { slatsUp } from './slats';

/** What its own checks and mends ask for. */
export interface AFrameFacts {
  rowsAtMm: readonly number[];
  /** From the foot line to the middle, and how high. */
  tips: { halfBaseMm: number; heightMm: number };
  folds: { longMm: number; wideMm: number; thickMm: number };
}

/** Stems stand this far outside the feet (from memory). mm. */
export const STEM_OUT_MM = inches(2);

/** Sizes the frames: two leaves each, slatted or meshed, hinged at the head, tethered at the foot. */
export function sizeAFrame(asked: AFrameValues, setting: BedSetting): Sizing<AFrameFacts> {
  const v = { ...asked, spread: Math.min(asked.spread, mostSpread(asked.leaf, asked.hingeGap)) };
  const slatTreatment =
    [v.treatment, ...TREATMENTS].find((one) => setting.sizesOf(timberId(v.slat, one)).length > 0) ?? v.treatment;
  const slat = stockOf(setting.catalogue, timberId(v.slat, slatTreatment), 'timber');
  const stile = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground = groundOf(setting.place.bed);
  const y = acrossBed(v.rowAt, setting);
  const { heightMm, leanRad } = leanOf(v.leaf, v.spread, v.hingeGap);
  const f: AFrames = { v, ground, y, leanRad, stile, slat, setting };
  const builtMm = v.frames * v.width + (v.frames - 1) * BETWEEN_MM;
  const rows = ([-1, 1] as const).map((side): PlantRow => ({
    acrossMm: y + side * (v.spread / 2 + STEM_OUT_MM),
    side: side < 0 ? 'front' : 'back',
    up: upLeaf({ ground, y, side, spreadMm: v.spread, leanRad }),
  }));
  const fall = slopeOf(ground);
  const rowsAtMm = rows.map(({ acrossMm }) => acrossMm);
  const row = bedRow(setting, v, { builtMm, yMm: y, topMm: heightMm, endTopMm: 0, rowsAtMm, rows });
  const net = stockOf(setting.catalogue, 'mesh-fine', 'mesh roll');
  const ups = slatsUp(v.leaf, slat.wideMm, v.gauge);
  const slatted = v.infill === 'slats';
  return {
    design: placed({
      ...together(...Array.from({ length: v.frames }, (_, i) => placeFrame(f, i))),
      ...row,
      hold: {
        by: 'mesh',
        ...(slatted
          ? {
              meshMm: { wide: v.width - 2 * stile.wideMm, high: v.gauge },
              memberMm: slat.thickMm,
              stepMm: v.gauge + slat.wideMm,
            }
          : {
              meshMm: { wide: net.openingMm, high: net.openingMm },
              memberMm: net.wireMm,
              stepMm: net.openingMm,
            }),
        fineToMm: 0,
        carries: slatted && v.leaf <= MOST_LEAF_MM + inches(1) ? 'heavy' : 'medium',
        startsMm: slatted ? Math.min(...ups) : 0,
        gapMm: 0,
        topMm: { least: heightMm, most: heightMm },
        could: {
          topMm: leanOf(Math.max(v.leaf, MOST_LEAF_MM), leastSpread(MOST_LEAF_MM), v.hingeGap).heightMm,
          carries: 'heavy',
          net: isOffered(setting, 'mesh-fine'),
        },
      },
      reasons: {
        stile: fact('count.stiles', { frames: v.frames, lean: Math.round((leanRad * 1800) / Math.PI) / 10 }),
        slat: fact(slatted ? 'count.slats' : 'count.cross', {
          slats: slatted ? ups.length : CROSS_RAILS,
          gauge: { mm: v.gauge },
        }),
        mesh: fact('count.mesh'),
        chain: fact('count.tether', { up: { mm: TETHER_UP_MM }, end: { mm: TETHER_END_MM } }),
        'slat to stile': fact('count.slat-screws'),
        'mesh to leaf': fact('count.mesh-staples', { every: { mm: STAPLE_EVERY_MM } }),
        'leaf to leaf': fact('count.hinges'),
        'tether to leaf': fact('count.tether-eyes'),
        'foot to ground': fact('count.pegs'),
      },
      marks: [
        ...row.marks,
        soilChain(
          ground,
          'frames',
          Array.from({ length: v.frames }, (_, i) => i * (v.width + BETWEEN_MM)).flatMap((at) => [at, at + v.width]),
        ),
        chain('elevation', 'z', 'peak', [0, heightMm * Math.cos(fall)], [0, heightMm]),
        chain('end', 'x', 'feet', [y - v.spread / 2, y + v.spread / 2], [0, v.spread]),
        chain(
          'end',
          'z',
          'peak',
          [0, TETHER_UP_MM * Math.cos(leanRad), heightMm].map((up) => up * Math.cos(fall)),
          [0, TETHER_UP_MM * Math.cos(leanRad), heightMm],
        ),
      ],
      handles: [
        ...row.handles,
        {
          knob: 'width',
          view: 'elevation',
          at: onLeaf({ ground, y, side: -1, spreadMm: v.spread, leanRad }, v.width, v.leaf, 0),
          axis: 'right',
          perMm: 1 / Math.cos(fall),
        },
        { knob: 'spread', view: 'end', at: [0, y + v.spread / 2, 0], axis: 'right', perMm: 2 },
        {
          knob: 'leaf',
          view: 'end',
          at: [0, y, heightMm * Math.cos(fall)],
          axis: 'up',
          perMm: Math.cos(leanRad) * Math.cos(fall),
        },
      ],
    }),
    facts: {
      rowsAtMm,
      tips: { halfBaseMm: v.spread / 2, heightMm },
      folds: {
        longMm: v.leaf,
        wideMm: v.width,
        thickMm: 2 * stile.thickMm + 2 * (slatted ? slat.thickMm : net.wireMm) + v.hingeGap,
      },
    },
  };
}
