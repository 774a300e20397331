import { feet, inches } from '../../../quantity/length';
import { LET_IN_MM, letInDepth, shortBy } from '../../rules/depth';
import { structureKind } from '../../kind';
import { ROW_MENDS } from '../../rules/row';
import { TWINE_FRAME_KNOBS } from './knobs';
import { TWINE_FRAME_PHRASES } from './phrases';
import { sizeTwineFrame } from './size';
import { twineFrameSeason, twineFrameSteps } from './steps';

/** Two uprights and a beam, a string to a plant. */
export const twineFrame = structureKind({
  id: 'twine-frame',
  name: 'Twine frame',
  blurb: 'Timber and string: the closest planting, light to build, new strings every spring.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 1 }, moves: 'stays' },
  knobs: TWINE_FRAME_KNOBS,
  size: sizeTwineFrame,
  steps: twineFrameSteps,
  season: twineFrameSeason,
  phrases: TWINE_FRAME_PHRASES,
  mends: {
    'spacing.wide': () => ({ postSpacing: feet(8) }),
    'depth.shallow': () => ({ depth: LET_IN_MM }),
    'depth.share': (v, _design, setting) => ({ depth: Math.min(feet(4), letInDepth(v.beamHeight, setting.bed)) }),
    'post.short': (v, design) =>
      v.beamHeight - shortBy(design) >= feet(3)
        ? { beamHeight: inches(Math.floor((v.beamHeight - shortBy(design)) / inches(1))) }
        : null,
    'height.low': (_v, _design, setting) => {
      const wanted = Math.max(...setting.planted.map((one) => one.crop.supportToMm));
      return { beamHeight: Math.min(setting.reachMm, inches(Math.round(wanted / inches(1)))) };
    },
    'reach.tall': (v, design, setting) => ({
      beamHeight: Math.max(
        feet(3),
        inches(Math.floor((v.beamHeight - (design.support.topMm.most - setting.reachMm)) / inches(1))),
      ),
    }),
    'load.heavy': (v) =>
      v.make === 'board'
        ? { make: 'lengths' }
        : v.section === '2x2'
          ? { section: '2x4' }
          : v.section === '45x45'
            ? { section: '45x95' }
            : { postSpacing: feet(8) },
    'brace.none': (v) => (v.braces === 'none' ? { braces: 'ends' } : { make: 'lengths' }),
    'string.tight': () => ({ slack: inches(4) }),
    'board.short': (_v, design) => ({
      rowLength: Math.max(feet(2), Math.min(design.builtMm, design.support.boardFits?.longestMm ?? 0)),
    }),
    'places.one-more': () => ({ school: 'ends' }),
    ...ROW_MENDS,
  },
});
