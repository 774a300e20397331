import { stockOf } from '../../catalogue/catalogue';
import { MESH_ROLLS } from '../../catalogue/panels';
import { FENCE_NEEDS, USUAL_HEIGHT } from '../../site/visitors';
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
} {
  const needs = setting.site.visitors.flatMap((who) => FENCE_NEEDS[who] ?? []);
  return {
    heightMm: Math.max(0, ...setting.site.visitors.map((who) => USUAL_HEIGHT[who] ?? 0)),
    openingMm: Math.min(Infinity, ...needs.map((need) => need.openingMm)),
    buryMm: Math.max(0, ...needs.map((need) => need.buryMm)),
    apronMm: Math.max(0, ...needs.map((need) => need.apronMm)),
  };
}
