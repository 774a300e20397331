import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../rules/depth';
import { structureKind } from '../../kind';
import { ROW_MENDS } from '../../rules/row';
import { WOVEN_FRAME_KNOBS } from './knobs';
import { WOVEN_FRAME_PHRASES } from './phrases';
import { sizeWovenFrame } from './size';
import { wovenFrameSeason, wovenFrameSteps } from './steps';
import { nailsAlong } from './weave-path';

/** Light frames with thread woven between nails, cut off with the vines in autumn. */
export const wovenFrame = structureKind({
  id: 'woven-frame',
  name: 'Woven frame',
  blurb: 'Light frames woven with thread that goes on the compost: for peas and beans, hung up in winter.',
  nature: { tendingMinutes: { leaner: 2, climber: 0.5 }, moves: 'comes apart' },
  knobs: WOVEN_FRAME_KNOBS,
  size: sizeWovenFrame,
  steps: wovenFrameSteps,
  season: wovenFrameSeason,
  phrases: WOVEN_FRAME_PHRASES,
  mends: {
    ...ROW_MENDS,
    'row.past-bed': (v, _design, setting) => ({
      rowLength: setting.bed.lengthMm,
      width: Math.max(feet(1), Math.min(v.width, setting.bed.lengthMm)),
      frames: Math.max(
        1,
        Math.floor((setting.bed.lengthMm + 0.5) / Math.max(feet(1), Math.min(v.width, setting.bed.lengthMm))),
      ),
    }),
    'reach.outside': (v, _design, setting) => ({
      rowAt: setting.bed.widthMm / 2,
      ...(v.form === 'pair'
        ? setting.bed.widthMm - inches(4) >= feet(1)
          ? { spread: setting.bed.widthMm - inches(4) }
          : { form: 'single' }
        : {}),
    }),
    'nails.off': (v, design) => {
      // Of the intervals near the one asked for, the one that both sides take best.
      const member = Math.max(
        0,
        ...design.parts.map((part) => (part.shape === 'bar' && part.role === 'frame side' ? part.wideMm : 0)),
      );
      const off = (interval: number): number =>
        Math.max(
          ...[v.height, v.width].map(
            (side) => Math.abs(nailsAlong(side, member, interval).stepMm - interval) / interval,
          ),
        );
      const tries = Array.from({ length: 81 }, (_, i) => v.interval * (0.7 + i * 0.0075)).filter(
        (one) => one >= inches(2) && one <= inches(10),
      );
      return tries.length > 0 ? { interval: tries.reduce((best, one) => (off(one) < off(best) ? one : best)) } : null;
    },
    'tips.narrow': () => ({ spread: feet(4) }),
    'mesh.wide': () => ({ interval: 74 }),
    'mesh.narrow': () => ({ interval: 127 }),
    'depth.shallow': () => ({ stakes: LEAST_DRIVEN_MM }),
    'depth.share': () => ({ stakes: feet(2) }),
    'height.low': () => ({ height: feet(7) }),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
