import { bedForTwo } from '../../../checks/bed-for-two';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM } from '../../../statics/embedment';
import { structureKind } from '../../kind';
import { DRIVEN_WORDS, shortBy, throughBedMend } from '../../rules/depth';
import { reachOverBed, ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { isOffered } from '../../setting';
import { BEFORE_MM, LEAST_DEEP_MM, mostBack, SLOPING_FRAME_KNOBS } from './knobs';
import { sizeSlopingFrame } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Mesh that slopes over a bed on low stakes and high ones. */
export const kind = structureKind({
  id: 'sloping-frame',
  name: 'Sloping frame',
  blurb: 'Mesh sloping over the bed: cucumbers lie on it, their fruit hangs through, salads grow in its shade.',
  nature: { tendingMinutes: { leaner: 1, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: SLOPING_FRAME_KNOBS,
  size: sizeSlopingFrame,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    bedForTwo({ bed: setting.place.bed, needsMm: LEAST_DEEP_MM + BEFORE_MM }),
    // Plants are held along the slope; what is reached is its back.
    ...plantedRowChecks(
      { ...design, hold: design.hold && { ...design.hold, topMm: { least: facts.backMm, most: facts.backMm } } },
      setting,
      facts.rowsAtMm,
    ),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, TIMBER_WORDS, DRIVEN_WORDS],
  ...WORDS,
  mends: {
    ...ROW_MENDS,
    // Its plants stand before it: so near to the front that an arm picks them, and on the bed.
    'reach.far': (v, _built, setting) => ({ rowAt: Math.min(v.rowAt, setting.armMm + BEFORE_MM + v.deep / 2) }),
    'reach.outside': (v, _built, { place: { bed } }) => {
      const deep = Math.max(LEAST_DEEP_MM, Math.min(v.deep, bed.widthMm - BEFORE_MM - inches(3)));
      return { deep, rowAt: BEFORE_MM + inches(2) + deep / 2 };
    },
    'depth.shallow': () => ({ depth: LEAST_DRIVEN_MM }),
    'depth.bed': throughBedMend(LEAST_DRIVEN_MM),
    'depth.share': (v) => ({ depth: Math.min(feet(4), Math.ceil(v.back / 2 / inches(1)) * inches(1)) }),
    'post.short': (v, { design }, setting) => {
      const back = wholeStep(v.back - shortBy(design), setting.market);
      return back >= feet(1.5) ? { back } : null;
    },
    'height.low': (v, _built, setting) => ({ back: Math.max(v.back, wholeStep(mostBack(setting, v), setting.market)) }),
    'gap.high': (v, _built, setting) => ({
      front: Math.max(
        inches(4),
        Math.min(v.front, ...setting.planted.map(({ crop }) => wholeStep(crop.supportFromMm, setting.market))),
      ),
    }),
    'reach.tall': (v, _built, setting) => ({
      back: Math.max(feet(1.5), Math.min(v.back, reachOverBed(setting) - v.deep / 2)),
    }),
    'load.heavy': (_v, _built, setting) => (isOffered(setting, 'mesh-cage-60') ? { mesh: 'mesh-cage-60' } : null),
    'places.one-more': () => ({ school: 'ends' }),
  },
});
