import { pathShape } from '../../../checks/path-shape';
import { postChecks } from '../../../checks/sets';
import { wiresApart } from '../../../checks/wires-apart';
import { wiresStop } from '../../../checks/wires-stop';
import { feet, inches } from '../../../quantity/length';
import { LIVE_NEEDS } from '../../../site/visitors';
import { LEAST_DRIVEN_MM, NO_FILL } from '../../../statics/embedment';
import { structureKind } from '../../kind';
import { DRIVEN_WORDS, shortBy } from '../../rules/depth';
import { stillCome } from '../../rules/still-come';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { asWires, ELECTRIC_FENCE_KNOBS, heightsFor, meantFor, type PathSetting } from './knobs';
import { sizeElectricFence } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Those it is meant for, and of those who visit whoever wires stop. */
const whoComes = (setting: PathSetting, against: string): string[] => [
  ...new Set([...meantFor(setting, against), ...setting.site.visitors.filter((who) => LIVE_NEEDS[who])]),
];

/** Live wires on insulators along a path, with the bought unit that feeds them. */
export const kind = structureKind({
  id: 'electric-fence',
  name: 'Electric wires',
  blurb: 'Live wires on light stakes, fed by a bought unit: raccoons off the sweetcorn, badgers and deer out.',
  purpose: 'barrier',
  stands: ['path'],
  nature: { tendingMinutes: { leaner: 0, climber: 0 }, moves: 'comes apart' },
  knobs: ELECTRIC_FENCE_KNOBS,
  size: sizeElectricFence,
  checks: ({ design, facts }, v, setting) => [
    pathShape({ spots: facts.spots, closed: setting.place.closed, lengthMm: design.builtMm, flat: false }),
    wiresStop({ comes: whoComes(setting, v.against), heightsMm: facts.heightsMm }),
    wiresApart(facts),
    ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: NO_FILL }),
  ],
  ...BUILDING,
  guards: { how: ({ facts }) => facts.guard, stillCome },
  builtOf: [TIMBER_WORDS, DRIVEN_WORDS],
  ...WORDS,
  mends: {
    'live.past': (v, _built, setting) => asWires(heightsFor(whoComes(setting, v.against), setting.market)),
    'wires.close': (_v, { facts: { heightsMm, takesMm } }) =>
      asWires(
        heightsMm.reduce<number[]>(
          (kept, at) => (kept.length === 0 || at - (kept.at(-1) ?? 0) >= takesMm ? [...kept, at] : kept),
          [],
        ),
      ),
    'depth.shallow': () => ({ depth: LEAST_DRIVEN_MM }),
    'depth.share': (_v, { design }) => ({
      depth: Math.min(
        feet(4),
        Math.ceil(Math.max(...design.posts.map((post) => post.aboveMm)) / 2 / inches(1)) * inches(1),
      ),
    }),
    'post.short': (_v, { design, facts: { heightsMm } }) => {
      const most = (heightsMm.at(-1) ?? 0) - shortBy(design);
      const left = heightsMm.filter((at) => at <= most);
      return left.length > 0 ? asWires(left) : null;
    },
  },
});
