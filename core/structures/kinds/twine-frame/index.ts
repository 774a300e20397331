import { ROW_AS_STOOD } from '../../rules/as-stood';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { ROW_WORDS } from '../../rules/row';
import { THROUGH_BED_WORDS } from '../../rules/depth';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { boardLongEnough } from '../../../checks/board-fits';
import { braced } from '../../../checks/braced';
import { holeClash } from '../../../checks/hole-clash';
import { rowsCarried, rowsInBed } from '../../../checks/rows-in-bed';
import { stringSlack } from '../../../checks/string-slack';
import { reachOverBed, ROW_MENDS, topOf } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { feet, inches } from '../../../quantity/length';
import { LET_IN_MM } from '../../../statics/embedment';
import { letInDepth, shortBy, throughBedMend } from '../../rules/depth';
import { structureKind } from '../../kind';
import { TWINE_FRAME_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeTwineFrame } from './size';
import { BUILDING } from './steps';

/** Two uprights and a beam, a string to a plant. */
export const kind = structureKind({
  id: 'twine-frame',
  name: 'Twine frame',
  blurb: 'Timber and string: the closest planting, light to build, new strings every spring.',
  nature: { tendingMinutes: { leaner: 1.5, climber: 1 }, moves: 'stays' },
  purpose: 'support',
  stands: ['bed'],
  knobs: TWINE_FRAME_KNOBS,
  size: sizeTwineFrame,
  checks: ({ design, facts }, v, setting) => [
    rowsInBed({ rows: v.rows, widthMm: setting.place.bed.widthMm }),
    facts.boardFits && boardLongEnough(facts.boardFits),
    ...standChecks(design, setting, facts.spacingMm),
    braced(facts),
    holeClash(facts.holes),
    stringSlack(facts),
    ...plantedRowChecks(design, setting, facts.rowsAtMm, {
      bothSides: false,
      apartMm: facts.rowsAtMm.length > 1 ? (facts.rowsAtMm[1] as number) - (facts.rowsAtMm[0] as number) : Infinity,
    }),
  ],
  ...BUILDING,
  builtOf: [THROUGH_BED_WORDS, ROW_WORDS, ROW_AS_STOOD, TIMBER_WORDS, SET_POST, FOOTING],
  ...WORDS,
  mends: {
    'rows.many': (v, _built, setting) => ({ rows: rowsCarried(setting.place.bed.widthMm, v.rows) }),
    'spacing.wide': () => ({ postSpacing: feet(8) }),
    'depth.shallow': () => ({ depth: LET_IN_MM }),
    'depth.bed': throughBedMend(LET_IN_MM),
    'depth.share': (v, _built, setting) => ({ depth: Math.min(feet(4), letInDepth(v.beamHeight, setting)) }),
    'post.short': (v, { design }) =>
      v.beamHeight - shortBy(design) >= feet(3)
        ? { beamHeight: inches(Math.floor((v.beamHeight - shortBy(design)) / inches(1))) }
        : null,
    'height.low': (_v, _built, setting) => {
      const wanted = Math.max(...setting.planted.map((one) => one.crop.supportToMm));
      return { beamHeight: Math.min(reachOverBed(setting), inches(Math.round(wanted / inches(1)))) };
    },
    'reach.tall': (v, { design }, setting) => ({
      beamHeight: Math.max(
        feet(3),
        inches(Math.floor((v.beamHeight - (topOf(design) - reachOverBed(setting))) / inches(1))),
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
    'board.short': (_v, { design, facts }) => ({
      rowLength: Math.max(feet(2), Math.min(design.builtMm, facts.boardFits?.longestMm ?? 0)),
    }),
    'places.one-more': () => ({ school: 'ends' }),
    ...ROW_MENDS,
  },
});
