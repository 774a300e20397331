import { MESH_ROLLS } from '../../catalogue/panels';
import { NEEDS } from '../../site/visitors';
import { fact } from '../../wording/say';
import type { ChoiceKnob } from '../knob';
import type { Said } from '../said';
import { isOffered, type BedSetting } from '../setting';

/** Mesh that nothing gnaws through and nothing that tunnels passes. */
const FLOORS = MESH_ROLLS.filter(({ id }) => id.startsWith('hardware'));

/** Whether what lies under a bed is mesh that stops them. @example stopsBelow('hardware-48') // true */
export const stopsBelow = (floor: string): boolean => FLOORS.some(({ id }) => id === floor);

/** Who comes from below: what tunnels, and what digs under boards. */
function fromBelow(who: string): boolean {
  const need = NEEDS[who];
  return need?.by === 'floor' || (need?.by === 'roof' && need.floored) || (need?.by === 'fence' && need.buryMm > 0);
}

/** Mesh under a bed where somebody who visits comes from below. */
export const floorKnob = {
  type: 'choice',
  label: 'Mesh under it',
  group: 'Mesh',
  choices: [{ id: 'none', label: 'none' }, ...FLOORS.map(({ id, name }) => ({ id, label: name }))],
  offered: (setting) => ['none', ...FLOORS.map(({ id }) => id).filter((id) => isOffered(setting, id))],
  help: 'Against what tunnels; then the box is filled over it. Grass may stay under it.',
  suggest: (setting) =>
    setting.site.visitors.some(fromBelow)
      ? { value: 'hardware-48', why: fact('floor.burrowers') }
      : { value: 'none', why: fact('floor.none') },
} as const satisfies ChoiceKnob<BedSetting>;

export const FLOOR_WORDS = {
  phrases: {
    'floor.burrowers': 'Something digs or tunnels here: mesh under the bed stops it.',
  },
} as const satisfies Said;
