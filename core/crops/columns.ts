import { feet, inches } from '../quantity/length';
import type { Crop, Training, Years } from './crop';

/**
 * Columns of the crop table that rows share. Lengths mm, masses kg; figures from memory unless `sourcesOf` in table.ts
 * says otherwise.
 */

export const spaced = (id: string, name: string, spacingInches: number, pruned = false): Training => ({
  id,
  name,
  spacingMm: inches(spacingInches),
  pruned,
});
export const gap = (leastInches: number, mostInches: number) => ({
  least: inches(leastInches),
  most: inches(mostInches),
});
/** What stands by itself, so high. */
export const low = (highFeet: number) => ({ heightMm: feet(highFeet), supportFromMm: feet(highFeet) });
export const days = (least: number, most: number) => ({ least, most });
/** What stands through the winter on its own wood. */
export const standing = (own: Omit<Years, 'winter'>): Years => ({ winter: 'stands', ...own });
/** What comes anew from the ground every spring. */
export const diesBack = (own: Omit<Years, 'winter'>): Years => ({ winter: 'dies back', ...own });
/** When a crop is sown, in weeks from the last frost; how thick a thing it holds and how far apart (from memory). */
export const BEFORE_FROST = { from: -6, to: 2 };
export const AROUND_FROST = { from: -3, to: 6 };
export const AFTER_FROST = { from: 1, to: 6 };
export const TENDRIL_THIN = { memberMm: inches(1 / 4), stepMm: inches(3) };
export const TENDRIL_STRONG = { memberMm: inches(1), stepMm: inches(8) };
export const TWINES = { memberMm: inches(2), stepMm: inches(12) };

/** What climbers weigh on a roof when they are old, stated by the pound to a foot of it (from memory): to a metre. kg/m. */
export const grownOld = (poundsAFoot: number): { matureKgM: number } => ({
  matureKgM: Math.round(poundsAFoot * KG_M_OF_LB_FT * 10) / 10,
});
/** A pound to a foot, exactly 0.45359237 kg to 0.3048 m (NIST SP 811, appendix B.8). */
const KG_M_OF_LB_FT = 0.45359237 / 0.3048;

export const birds = { pest: 'birds', barrier: '¾″ (19 mm) net, taut, off the plants' };
export const slugs = { pest: 'slugs', barrier: 'bare, dry margin; hand picking' };
export const aphids = { pest: 'aphids', barrier: 'water jet; leave the ladybirds' };
export const beetles = { pest: 'striped beetles', barrier: '1/20″ (1.3 mm) net until flowering' };
export const whites = { pest: 'cabbage butterflies', barrier: '¼″ (7 mm) net or finer, not touching the leaves' };
export const fleaBeetle = { pest: 'flea beetles', barrier: '1/32″ (0.8 mm) net' };
export const carrotFly = { pest: 'carrot fly', barrier: '1/20″ (1.3 mm) net, or a wall of it 24″ (600 mm) high' };
export const rootFlies = { pest: 'root flies', barrier: '1/20″ (1.3 mm) net, its edges buried' };
export const leekMoth = { pest: 'leek moth', barrier: '1/20″ (1.3 mm) net, not touching the leaves' };
export const pigeons = { pest: 'pigeons', barrier: '1″ (25 mm) net, taut, off the plants' };
export const spottedWing = { pest: 'spotted-wing fly', barrier: '1/25″ (1 mm) net, closed when the fruit colours' };
export const rabbits = { pest: 'rabbits', barrier: '1″ (25 mm) mesh 2–3′ (600–900 mm) high with an apron' };

/** What a group of crops has in common. */
export type Shared = Omit<Crop, 'id' | 'name' | 'trainings'>;

/** One of a group: only what differs from it is said. */
export const more = (
  group: Shared,
  id: string,
  name: string,
  trainings: readonly Training[],
  own: Partial<Crop> = {},
): Crop => ({ ...group, id, name, trainings, ...own });
