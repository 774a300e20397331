import { floorBears } from '../../../checks/floor-bears';
import { floorSlats } from '../../../checks/floor-slats';
import { planterReach } from '../../../checks/planter-reach';
import { planterStands } from '../../../checks/planter-stands';
import { potRoom } from '../../../checks/pot-room';
import type { Verdict } from '../../../checks/check';
import { holdChecks } from '../../../checks/sets';
import type { Design } from '../../../design/design';
import { countOf } from '../../../crops/planted';
import { feet, inches } from '../../../quantity/length';
import { AT_WALL } from '../../assemblies/at-wall';
import { BOX_WORDS } from '../../assemblies/box-of-boards';
import { RAILS } from '../../assemblies/rails';
import { STRINGS_UP } from '../../assemblies/strings-up';
import { POTTING_WORDS } from '../../rules/potting';
import { structureKind } from '../../kind';
import { wholeStep } from '../../rules/tidy';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { boxMm, KNEES_MM, PLANTER_BOX_KNOBS, stringsUp, type SpotSetting } from './knobs';
import { sizePlanterBox } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Of what grows before its trellis only that is asked for hold which wants any: salads grow at the foot of it. */
function heldChecks({ hold }: Pick<Design, 'hold'>, setting: SpotSetting): (Verdict | null)[] {
  const planted = setting.planted.filter(({ crop }) => crop.habit !== 'none');
  return hold && planted.length > 0 ? holdChecks({ planted, hold }) : [];
}

/** A box of boards on legs, with a slatted floor, cloth and mix. */
export const kind = structureKind({
  id: 'planter-box',
  name: 'Planter box',
  blurb:
    'A box on legs at the height of hips or over a wheelchair’s knees: for a terrace, a yard, a balcony that bears it.',
  purpose: 'planter',
  stands: ['spot'],
  nature: { tendingMinutes: { leaner: 0.5, climber: 0.5 }, moves: 'stays' },
  knobs: PLANTER_BOX_KNOBS,
  size: sizePlanterBox,
  checks: ({ design, facts }, v, setting) => [
    ...heldChecks(design, setting),
    potRoom({ planted: setting.planted, places: facts.places, litresEach: facts.litresEach }),
    planterReach({
      farMm: facts.farMm,
      reachMm: facts.reachMm,
      clearMm: facts.clearMm,
      kneesMm: v.use === 'knees' ? KNEES_MM : null,
    }),
    floorSlats({ bowMm: facts.bowMm, spanMm: facts.spanMm, rimMm: v.rim, boxMm: boxMm(v) }),
    planterStands(facts.blown),
    floorBears({
      wetKg: facts.wetKg,
      dryKg: facts.dryKg,
      floorM2: facts.floorM2,
      underfoot: setting.place.underfoot,
    }),
  ],
  ...BUILDING,
  builtOf: [AT_WALL, BOX_WORDS, POTTING_WORDS, RAILS, STRINGS_UP, TIMBER_WORDS],
  ...WORDS,
  mends: {
    'pots.few': (v, { facts }, setting) => {
      const long = (v.long * countOf(setting.planted)) / Math.max(1, facts.places);
      return long < feet(12) ? { long: Math.min(feet(12), wholeStep(long + inches(4), setting.market)) } : null;
    },
    'planter.far': (v, { facts }, setting) => {
      const width = wholeStep(
        v.width - (v.from === 'front only' ? 1 : 2) * (facts.farMm - facts.reachMm),
        setting.market,
      );
      return width >= inches(16) ? { width } : null;
    },
    'height.low': (v, _built, setting) => ({
      trellisHigh: Math.min(
        feet(6),
        Math.max(v.trellisHigh, setting.reachMm - v.rim, inches(12)),
        Math.max(...setting.planted.map((one) => one.crop.supportToMm)) + inches(4),
      ),
    }),
    'mesh.wide': (v, _built, setting) => ({ strings: Math.max(v.strings, stringsUp(setting, v)) }),
    'climb.thick': (v, _built, setting) => ({ strings: Math.max(v.strings, stringsUp(setting, v)) }),
    'planter.knees': (v) => ({ rim: KNEES_MM + boxMm(v) }),
    'planter.blows': (v) =>
      v.from === 'front only'
        ? { held: 'brackets' }
        : v.width < feet(4)
          ? { width: Math.min(feet(4), v.width + inches(8)) }
          : null,
    'slats.bow': (v) => (v.width >= inches(22) ? { width: v.width - inches(6) } : null),
    'slats.floor': (v, _built, setting) => ({ rim: wholeStep(boxMm(v) + inches(5), setting.market) }),
  },
});
