import { stockOf } from '../../catalogue/catalogue';
import { MESH_ROLLS } from '../../catalogue/panels';
import { SEEN_MM } from '../../checks/check';
import { feet } from '../../quantity/length';
import { fenceNeed, FORGIVEN_MM, openTo, twoDo, type Barrier, type FenceNeed, type Guard } from '../../site/visitors';
import type { Settings } from '../knob';
import { isOffered, type Setting } from '../setting';

/** Mesh off the roll that keeps animals out. */
const BARRIER_ROLLS = MESH_ROLLS.filter(
  (roll) => roll.id.startsWith('mesh-') && roll.id !== 'mesh-fine' && !roll.id.startsWith('mesh-cage'),
);
export const rollChoices = BARRIER_ROLLS.map((roll) => ({ id: roll.id, label: roll.name }));
export const offeredRolls = (setting: Setting): string[] =>
  BARRIER_ROLLS.map((roll) => roll.id).filter((id) => isOffered(setting, id));
export const rollOf = (setting: Setting, id: string) => stockOf(setting.catalogue, id, 'mesh roll');

/** The needs of all visitors that a fence can keep out, together. mm. */
export function needsOf(setting: Setting): {
  heightMm: number;
  openingMm: number;
  buryMm: number;
  apronMm: number;
  looseTopMm: number;
  /** How high something that gnaws or pushes has to be held by wire or boards, and the widest mesh for those. */
  stiffMm: number;
  stiffOpeningMm: number;
} {
  const needs = setting.site.visitors.flatMap((who): FenceNeed[] => {
    const need = fenceNeed(who);
    if (!need) return [];
    return need.two && twoDo(need, setting.second)
      ? [{ ...need, heightMm: need.two.heightMm, usualMm: need.two.heightMm }]
      : [need];
  });
  const gnaws = needs.filter(({ stiff }) => stiff);
  const most = (of: (need: FenceNeed) => number, among = needs): number => Math.max(0, ...among.map(of));
  return {
    heightMm: most(({ usualMm }) => usualMm),
    openingMm: Math.min(Infinity, ...needs.map((need) => need.openingMm)),
    buryMm: most(({ buryMm }) => buryMm),
    apronMm: most(({ apronMm }) => apronMm),
    looseTopMm: most(({ looseTopMm }) => looseTopMm),
    stiffMm: most(({ heightMm }) => heightMm, gnaws),
    stiffOpeningMm: Math.min(Infinity, ...gnaws.map((need) => need.openingMm)),
  };
}

/** What is too low is made as high as who visits asks, as far as fences go. */
const higher = (_values: unknown, _built: unknown, setting: Setting): Settings => ({
  height: Math.min(feet(8), needsOf(setting).heightMm),
});
export const LOW_MENDS = { 'keeps.low': higher, 'keeps.low-two': higher };

/** Whether what gnaws or pushes is held by a roll: wire, not plastic. */
export const isWire = (setting: Setting, id: string): boolean => rollOf(setting, id).look === 'wire';

/** A mesh for a fence or a gate, and a finer or stiffer one over its lower part where one alone will not do. */
export interface Meshes {
  mesh: string;
  low: string | null;
}

/** How mesh of so much over the soil, with so much of it in the soil, stands against who visits; the low one takes the soil. mm. */
export function meshBarrier(
  setting: Setting,
  { mesh, low }: Meshes,
  at: { heightMm: number; belowMm: number },
): { openingMm: number; openingLowMm: number; lowToMm: number; stiffMm: number } {
  // Nobody passes an opening narrower than himself, however high it is (from memory).
  const open = (id: string): number => Math.min(rollOf(setting, id).openingMm, rollOf(setting, id).stepMm);
  const lowToMm = low === null ? at.heightMm : Math.min(at.heightMm, rollOf(setting, low).heightMm - at.belowMm);
  return {
    openingMm: open(mesh),
    openingLowMm: open(low ?? mesh),
    lowToMm,
    stiffMm: isWire(setting, mesh) ? Infinity : low !== null && isWire(setting, low) ? lowToMm : 0,
  };
}

/** How a fence or a gate guards: by its meshes, or by boards so far apart; stiff where it is of boards. mm. */
export function standingGuard(
  mesh: ReturnType<typeof meshBarrier> | null,
  gapMm: number,
  at: Pick<Barrier, 'heightMm' | 'buriedMm' | 'apronMm' | 'underMm' | 'besideMm' | 'looseTopMm' | 'second'>,
): Guard {
  const boards = { openingMm: gapMm, openingLowMm: gapMm, lowToMm: at.heightMm, stiffMm: Infinity };
  const { stiffMm, ...openings } = mesh ?? boards;
  return { barrier: { ...at, ...openings }, stiffMm, roofed: false, floored: false };
}

/** A roll by the metre, at its cheapest size. */
const byTheMetre = (setting: Setting, id: string): number =>
  Math.min(...setting.sizesOf(id).map((size) => ((setting.priceOf(id, size) ?? Infinity) * 1000) / size));

/**
 * The cheapest rolls on sale that stop all who visit and that a fence can stop, from so high over the soil down to so
 * deep in it: one, or two over each other; null where none do. `mesh` asks what goes with that one.
 */
export function meshesFor(setting: Setting, at: { heightMm: number; belowMm: number }, mesh?: string): Meshes | null {
  const needs = setting.site.visitors.flatMap((who) => fenceNeed(who) ?? []);
  const rolls = offeredRolls(setting);
  const highEnough = ({ mesh: main, low }: Meshes): boolean =>
    rollOf(setting, main).heightMm + SEEN_MM >= at.heightMm + (low === null ? at.belowMm : 0);
  const stops = (meshes: Meshes): boolean => {
    const barrier = meshBarrier(setting, meshes, at);
    return needs.every((need) => {
      const open = openTo(barrier, Math.min(need.heightMm, at.heightMm));
      return open <= need.openingMm + 3 && (!need.stiff || barrier.stiffMm + FORGIVEN_MM >= need.heightMm);
    });
  };
  const cost = ({ mesh: main, low }: Meshes): number =>
    byTheMetre(setting, main) + (low === null ? 0 : byTheMetre(setting, low));
  return (
    rolls
      .filter((id) => mesh === undefined || id === mesh)
      .flatMap((main): Meshes[] =>
        [null, ...rolls.filter((id) => isWire(setting, id))].map((low) => ({ mesh: main, low })),
      )
      .filter((one) => one.low !== one.mesh && highEnough(one) && stops(one))
      .toSorted((a, b) => cost(a) - cost(b))[0] ?? null
  );
}

/** Low meshes that can be chosen. */
export const LOW_CHOICES = [{ id: 'none', label: 'none' }, ...rollChoices.filter(({ id }) => id !== 'mesh-deer-96')];
export const offeredLow = (setting: Setting): string[] => [
  'none',
  ...offeredRolls(setting).filter((id) => isWire(setting, id)),
];
