import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { ROW_WORDS } from '../../rules/row';
import { THROUGH_BED_WORDS } from '../../rules/depth';
import { FOLDING_PAIR } from '../../assemblies/folding-pair';
import { roomOf } from '../../../site/bed';
import { leastSpread } from '../../rules/leaves';
import { throughBedMend } from '../../rules/depth';
import { tipping } from '../../../checks/tipping';
import { nailInterval } from '../../../checks/nail-interval';
import { wholeStep } from '../../rules/tidy';
import { inTheMiddle, reachOverBed, ROW_MENDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { structureKind } from '../../kind';
import { mostFrame, WOVEN_FRAME_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeWovenFrame } from './size';
import { BUILDING } from './steps';
import { nailsAlong } from './weave-path';

/** Light frames with thread woven between nails, cut off with the vines in autumn. */
export const kind = structureKind({
  id: 'woven-frame',
  name: 'Woven frame',
  blurb: 'Light frames woven with thread that goes on the compost: for peas and beans, hung up in winter.',
  nature: { tendingMinutes: { leaner: 2, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: WOVEN_FRAME_KNOBS,
  size: sizeWovenFrame,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    facts.nails && nailInterval(facts.nails),
    facts.tips && tipping(facts.tips),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [THROUGH_BED_WORDS, ROW_WORDS, TIMBER_WORDS, FOLDING_PAIR],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    'row.past-bed': (v, _built, setting) => ({
      rowLength: roomOf(setting.place.bed).lengthMm,
      width: Math.max(feet(1), Math.min(v.width, roomOf(setting.place.bed).lengthMm)),
      frames: Math.max(
        1,
        Math.floor(
          (roomOf(setting.place.bed).lengthMm + 0.5) /
            Math.max(feet(1), Math.min(v.width, roomOf(setting.place.bed).lengthMm)),
        ),
      ),
    }),
    'reach.outside': (v, _built, setting) => ({
      rowAt: inTheMiddle(setting).value,
      ...(v.form === 'pair'
        ? roomOf(setting.place.bed).widthMm - inches(4) >= feet(1)
          ? { spread: roomOf(setting.place.bed).widthMm - inches(4) }
          : { form: 'single' }
        : {}),
    }),
    'nails.off': (v, { facts }) => {
      // Of the intervals near the one asked for, the one that both sides take best.
      const member = facts.sideMm;
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
    'tips.narrow': (v) => ({ spread: leastSpread(v.height) }),
    'mesh.wide': () => ({ interval: 74 }),
    'mesh.narrow': () => ({ interval: 127 }),
    'depth.bed': (v, built, setting) => ({
      stakes: throughBedMend(LEAST_DRIVEN_MM)({ depth: v.stakes }, built, setting).depth ?? v.stakes,
    }),
    'depth.shallow': () => ({ stakes: LEAST_DRIVEN_MM }),
    'depth.share': () => ({ stakes: feet(2) }),
    'height.low': (v, _built, setting) => ({
      height: wholeStep(Math.max(v.height, mostFrame(setting, v.form === 'pair')), setting.market),
    }),
    'reach.tall': (v, { design }, setting) => {
      const over = (design.hold?.topMm.most ?? 0) - reachOverBed(setting);
      return over > 0 && v.height - over >= feet(2) ? { height: v.height - over } : null;
    },
    'places.one-more': () => ({ school: 'ends' }),
  },
});
