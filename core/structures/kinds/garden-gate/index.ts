import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { HUNG_LEAF } from '../../assemblies/hung-leaf';
import { inches } from '../../../quantity/length';
import { gateFits } from '../../../checks/gate-fits';
import { keepsOut } from '../../../checks/keeps-out';
import { meshFixed } from '../../../checks/mesh-fixed';
import { meshHighEnough } from '../../../checks/mesh-high-enough';
import { structureKind } from '../../kind';
import type { Settings } from '../../knob';
import { LOW_MENDS, meshesFor, needsOf, rollOf } from '../../rules/barrier';
import { stillCome } from '../../rules/still-come';
import { gateOpens, GARDEN_GATE_KNOBS, looseOver, type RunSetting } from './knobs';
import type { GardenGateValues } from './leaf';
import { WORDS } from './words';
import { sizeGardenGate } from './size';
import { BUILDING } from './steps';

const wholeInches = (mm: number): number => Math.floor(mm / inches(1)) * inches(1);

/** Rolls that stop all who visit at its height. */
const otherMesh = (v: GardenGateValues, _built: unknown, setting: RunSetting): Settings | null => {
  const found = meshesFor(setting, { heightMm: v.height, belowMm: 0 });
  return found && { filling: 'mesh', mesh: found.mesh, low: found.low ?? 'none' };
};

/** A framed leaf with one diagonal, in a gap of a fence, hung on its posts. */
export const kind = structureKind({
  id: 'garden-gate',
  name: 'Garden gate',
  blurb: 'In a fence: a square leaf with one diagonal that cannot sag, filled as the fence beside it.',
  purpose: 'barrier',
  stands: ['run'],
  nature: { tendingMinutes: { leaner: 0, climber: 0 }, moves: 'stays' },
  knobs: GARDEN_GATE_KNOBS,
  opensMm: gateOpens,
  size: sizeGardenGate,
  checks: ({ facts }, v, setting) => [
    gateFits({
      wideMm: v.width,
      leafMm: facts.leaf.wideMm,
      clearMm: v.clear,
      roomMm: setting.place.opening.roomMm,
      built: setting.place.opening.posts.length > 0,
    }),
    keepsOut({ visitors: setting.site.visitors, guard: facts.guard }),
    v.filling === 'mesh'
      ? meshHighEnough({
          rollMm: rollOf(setting, v.mesh).heightMm,
          aboveMm: facts.leaf.highMm + looseOver(setting, v.filling),
          belowMm: 0,
        })
      : null,
    v.filling === 'mesh' ? meshFixed({ by: 'screws' }) : null,
  ],
  ...BUILDING,
  guards: { how: ({ facts }) => facts.guard, stillCome },
  builtOf: [TIMBER_WORDS, HUNG_LEAF],
  ...WORDS,
  mends: {
    'gate.wide': (_v, _built, { place }) =>
      place.opening.roomMm >= inches(18) ? { width: wholeInches(place.opening.roomMm) } : null,
    'roll.short': (v, built, setting) =>
      otherMesh(v, built, setting) ?? { height: wholeInches(rollOf(setting, v.mesh).heightMm + v.under) },
    ...LOW_MENDS,
    'keeps.open': otherMesh,
    'keeps.soft': otherMesh,
    'keeps.beside': (_v, _built, setting) => {
      const most = Math.floor(needsOf(setting).openingMm / inches(0.125)) * inches(0.125);
      return most >= inches(0.25) ? { clear: Math.min(most, inches(0.5)) } : null;
    },
    'keeps.under': (v, { facts }, setting) => ({
      under: Math.max(inches(0.5), needsOf(setting).openingMm - (facts.guard.barrier.underMm - v.under)),
    }),
  },
});
