import { THROUGH_BED_WORDS } from '../../rules/depth';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { FOOTING } from '../../assemblies/footing';
import { SET_POST } from '../../assemblies/set-post';
import { endsBraced } from '../../../checks/ends-braced';
import { hurdleHigh } from '../../../checks/hurdle-high';
import { keepsOut } from '../../../checks/keeps-out';
import { meshFixed } from '../../../checks/mesh-fixed';
import { meshHighEnough } from '../../../checks/mesh-high-enough';
import { pathShape } from '../../../checks/path-shape';
import { postChecks } from '../../../checks/sets';
import { stockOf } from '../../../catalogue/catalogue';
import { feet, inches } from '../../../quantity/length';
import { LEAST_DRIVEN_MM, LET_IN_MM, NO_FILL } from '../../../statics/embedment';
import { structureKind, type Built } from '../../kind';
import type { Settings } from '../../knob';
import { LOW_MENDS, meshesFor, needsOf } from '../../rules/barrier';
import { shortBy } from '../../rules/depth';
import { stillCome } from '../../rules/still-come';
import type { GardenFenceValues } from './fence';
import { hurdleTop } from './hurdles';
import { GARDEN_FENCE_KNOBS, type PathSetting } from './knobs';
import { WORDS } from './words';
import { fenceOpenings, sizeGardenFence, type GardenFenceFacts } from './size';
import { BUILDING } from './steps';

const wholeInches = (mm: number): number => Math.floor(mm / inches(1)) * inches(1);

/** As high as its roll allows over what goes into the soil. */
const toTheRoll = (v: GardenFenceValues, { facts }: Built<GardenFenceFacts>, setting: PathSetting): Settings | null => {
  const room = stockOf(setting.catalogue, v.mesh, 'mesh roll').heightMm - facts.belowMm;
  return room >= inches(12) ? { height: wholeInches(room) } : null;
};

/** Rolls that stop all who visit at its height. */
const otherMesh = (v: GardenFenceValues, { facts }: Built<GardenFenceFacts>, setting: PathSetting): Settings | null => {
  const found = meshesFor(setting, { heightMm: v.height, belowMm: facts.belowMm });
  return found && { infill: 'mesh', mesh: found.mesh, low: found.low ?? 'none' };
};

/** Posts along a path with mesh, frames, boards or hurdles between, corners, a slope, and gaps for gates. */
export const kind = structureKind({
  id: 'garden-fence',
  name: 'Garden fence',
  blurb: 'Round the beds or along a side, with corners and room for gates: as high and as fine as who visits asks for.',
  purpose: 'barrier',
  stands: ['path'],
  nature: { tendingMinutes: { leaner: 0, climber: 0 }, moves: 'stays' },
  knobs: GARDEN_FENCE_KNOBS,
  size: sizeGardenFence,
  openings: fenceOpenings,
  checks: ({ design, facts }, v, setting) => [
    pathShape({
      spots: facts.spots,
      closed: setting.place.closed,
      lengthMm: design.builtMm,
      flat: v.infill !== 'mesh',
    }),
    keepsOut({ visitors: setting.site.visitors, guard: facts.guard }),
    facts.rollMm === null ? null : meshHighEnough({ rollMm: facts.rollMm, aboveMm: v.height, belowMm: facts.belowMm }),
    v.infill === 'mesh' ? endsBraced({ posts: facts.ends, braced: v.braces === 'braced' }) : null,
    v.infill === 'framed' ? meshFixed({ by: 'screws' }) : null,
    v.infill === 'hurdles' ? hurdleHigh({ topMm: hurdleTop(setting, v), highMm: v.height }) : null,
    ...postChecks(design, { soil: setting.soil, wind: setting.wind, fill: NO_FILL }),
  ],
  ...BUILDING,
  guards: { how: ({ facts }) => facts.guard, stillCome },
  builtOf: [TIMBER_WORDS, THROUGH_BED_WORDS, SET_POST, FOOTING],
  ...WORDS,
  mends: {
    ...LOW_MENDS,
    'keeps.open': otherMesh,
    'keeps.soft': otherMesh,
    'keeps.climb': () => ({ infill: 'mesh', top: 'loose' }),
    'keeps.dig': (_v, _built, setting) => ({
      infill: 'mesh',
      dig: 'buried',
      below: Math.max(inches(6), needsOf(setting).buryMm),
    }),
    'keeps.under': (v) => (v.infill === 'framed' || v.infill === 'hurdles' ? null : { onSlope: 'racked' }),
    'hurdle.over': (v, _built, setting) => ({ height: hurdleTop(setting, v) }),
    'hurdle.short': (v, _built, setting) => ({ height: hurdleTop(setting, v) }),
    'roll.low': toTheRoll,
    'roll.short': toTheRoll,
    'ends.loose': () => ({ braces: 'braced' }),
    'depth.shallow': (v) => ({ depth: v.infill === 'mesh' && v.posts === 'steel' ? LEAST_DRIVEN_MM : LET_IN_MM }),
    'depth.share': (v) => ({ depth: Math.min(feet(4), Math.ceil(v.height / 2 / inches(1)) * inches(1)) }),
    'post.short': (v, { design }) => {
      const less = shortBy(design);
      return v.height - less >= inches(12) ? { height: wholeInches(v.height - less) } : null;
    },
  },
});
