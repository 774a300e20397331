import { bedForTwo } from '../../../checks/bed-for-two';
import { tipping } from '../../../checks/tipping';
import { feet, inches } from '../../../quantity/length';
import { TWINE_WORDS } from '../../assemblies/strings-up';
import { structureKind } from '../../kind';
import { reachOverBed } from '../../rules/row';
import { plantedRowChecks, standChecks } from '../../rules/row-checks';
import { acrossRing, LEAST_RADIUS_MM, mostTie, TEPEE_KNOBS } from './knobs';
import { WORDS } from './words';
import { sizeTepee } from './size';
import { BUILDING } from './steps';

/** Poles lashed at the top over a ring bed. */
export const kind = structureKind({
  id: 'tepee',
  name: 'Tepee and cone',
  blurb: 'Poles tied at the top over a ring of beans or peas: up in an hour, gone in winter.',
  nature: { tendingMinutes: { leaner: 2.5, climber: 0.5 }, moves: 'comes apart' },
  purpose: 'support',
  stands: ['bed'],
  knobs: TEPEE_KNOBS,
  size: sizeTepee,
  checks: ({ design, facts }, _v, setting) => [
    ...standChecks(design, setting),
    tipping(facts.tips),
    bedForTwo({ bed: setting.place.bed, needsMm: 2 * LEAST_RADIUS_MM }),
    ...plantedRowChecks(design, setting, facts.rowsAtMm),
  ],
  ...BUILDING,
  builtOf: [TWINE_WORDS],
  ...WORDS,
  mends: {
    'reach.outside': (v, _built, setting) => ({
      radius: Math.max(inches(8), Math.min(v.radius, (acrossRing(setting) - inches(1)) / 2)),
    }),
    'reach.far': (v, _built, setting) => ({ radius: Math.max(inches(8), Math.min(v.radius, setting.armMm)) }),
    'row.past-bed': (v, _built, setting) => ({
      radius: Math.max(inches(8), (acrossRing(setting) - v.ring) / 2),
    }),
    'post.short': (v, { design }) => {
      const crossing = Math.min(v.crossing, inches(12));
      const toTheTie = (design.parts.find((part) => part.role === 'pole')?.cutMm ?? 0) - crossing - v.pushIn;
      const height = Math.floor(Math.sqrt(Math.max(0, toTheTie ** 2 - v.radius ** 2)) / 10) * 10;
      return height >= feet(3) ? { height, crossing } : null;
    },
    'depth.shallow': () => ({ pushIn: inches(6) }),
    'tips.narrow': (v) => ({ radius: Math.min(feet(6), Math.ceil((v.height * 0.25) / 10) * 10) }),
    'height.low': (v, _built, setting) => ({
      height: Math.min(
        Math.max(v.height, mostTie(setting, v.pole, v.radius)),
        Math.max(feet(3), ...setting.planted.map((one) => one.crop.supportToMm)),
      ),
    }),
    'reach.tall': (_v, _built, setting) => ({ height: Math.max(feet(3), reachOverBed(setting)) }),
    'mesh.wide': () => ({ ladder: 'yes', ladderStep: inches(3) }),
  },
});
