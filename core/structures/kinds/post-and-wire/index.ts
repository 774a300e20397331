import { endsBraced } from '../../../checks/ends-braced';
import { wireSags } from '../../../checks/wire-sags';
import { wiresApart } from '../../../checks/wires-apart';
import { feet, inches } from '../../../quantity/length';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { structureKind } from '../../kind';
import { ROW_AS_STOOD } from '../../rules/as-stood';
import { shortBy } from '../../rules/depth';
import { WIRE_WORDS } from '../../rules/level-wires';
import { reachOverBed, ROW_MENDS, ROW_WORDS } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { DEPTH_WORDS, POST_MENDS } from '../../rules/timber-post';
import { mostTop, POST_AND_WIRE_KNOBS } from './knobs';
import { sizePostAndWire } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Posts and strained wires: for canes, vines and trees that are trained flat. */
export const kind = structureKind({
  id: 'post-and-wire',
  name: 'Post and wire',
  blurb: 'Strained wires on posts with strutted ends: for raspberries, blackberries, grapes and trees trained flat.',
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: POST_AND_WIRE_KNOBS,
  size: sizePostAndWire,
  checks: ({ design, facts }, v, setting) => [
    ...standChecks(design, setting),
    wiresApart(facts),
    endsBraced({ posts: 2, braced: v.ends !== 'none' }),
    setting.planted.length > 0 ? wireSags(facts.hung) : null,
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [ROW_WORDS, ROW_AS_STOOD, WIRE_WORDS, TIMBER_WORDS, DEPTH_WORDS, SET_POST, FOOTING],
  ...WORDS,
  mends: {
    ...POST_MENDS,
    ...ROW_MENDS,
    'wires.close': (v, { facts }) => {
      const [low, high] = [Math.min(v.lowest, v.top), Math.max(v.lowest, v.top)];
      const wires = Math.floor((high - low) / facts.takesMm) + 1;
      // Of three the middle one is put half way; of fewer there is none.
      return v.wires === 3 && wires >= 3
        ? { middle: (low + high) / 2 }
        : { wires: Math.min(v.wires - 1, wires), middle: (low + high) / 2 };
    },
    'ends.loose': () => ({ ends: 'strut' }),
    'post.short': (v, { design }, setting) => {
      const top = wholeStep(v.top - shortBy(design), setting.market);
      return top >= inches(12) ? { top, lowest: Math.min(v.lowest, top), middle: Math.min(v.middle, top) } : null;
    },
    'height.low': (v, _built, setting) => ({
      top: Math.min(mostTop(setting, v), Math.max(v.top, ...setting.planted.map((one) => one.crop.supportToMm))),
    }),
    'gap.high': (v, _built, setting) => ({
      wires: Math.max(2, v.wires),
      lowest: Math.min(
        ...setting.planted.filter((one) => one.crop.habit !== 'none').map((one) => one.crop.supportFromMm),
      ),
    }),
    'reach.tall': (v, _built, setting) => {
      const top = Math.max(inches(12), reachOverBed(setting));
      return { top, lowest: Math.min(v.lowest, top), middle: Math.min(v.middle, top) };
    },
    'sag.gives': (v) =>
      v.wire === 'line-wire' ? { wire: 'wire-tensile' } : { postSpacing: Math.max(feet(4), v.postSpacing / 2) },
    'sag.deep': (v) =>
      v.wire === 'line-wire'
        ? { wire: 'wire-tensile', pull: 650 }
        : { postSpacing: Math.max(feet(4), v.postSpacing / 2) },
    'places.one-more': () => ({ school: 'ends' }),
  },
});
