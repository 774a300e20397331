import type { HeldBy } from '../design/design';

/**
 * How each small part holds what it joins (common practice, no source); those of a family by its first word. What
 * is not here holds nothing by itself: a washer, a turnbuckle, a cap, a plant.
 */
const HELD_BY: Readonly<Record<string, HeldBy>> = {
  screw: 'screwed',
  'screw-eye': 'through a hole',
  'eye-bolt': 'through a hole',
  'ring-insulator': 'through a hole',
  'line-clamp': 'clipped',
  'gate-handle': 'clipped',
  'warning-sign': 'clipped',
  'l-bracket': 'screwed',
  'wall-plug': 'screwed',
  nail: 'nailed',
  staple: 'stapled',
  'gate-hinge': 'hinged',
  'butt-hinge': 'hinged',
  'strap-hinge': 'hinged',
  'gate-latch': 'clipped',
  'hook-eye': 'clipped',
  'hoop-clip': 'clipped',
  'post-clip': 'clipped',
  'corner-strap': 'screwed',
  drip: 'clipped',
  'tank-outlet': 'through a hole',
  'pipe-clamp': 'bolted',
  'post-shoe': 'bolted',
  'post-plate': 'bolted',
  anchor: 'bolted',
  'pipe-strap': 'clipped',
  'ground-peg': 'pegged',
  'ground-anchor': 'pegged',
  tie: 'tied',
  twine: 'tied',
};

/** How a fixing of the catalogue holds; null of what holds nothing by itself. @example heldBy('screw-50') // 'screwed' */
export const heldBy = (stock: string): HeldBy | null => HELD_BY[stock] ?? HELD_BY[stock.split('-')[0] ?? ''] ?? null;

/** Which way what is joined can carry: pressed together, pulled apart, across, and turned. */
export interface Carries {
  press: boolean;
  pull: boolean;
  shear: boolean;
  turn: boolean;
}

/**
 * What each way of joining carries (common practice, no source): one screw is a pivot, two or more hold against
 * turning; nails and staples are not trusted to be pulled straight out by a load that stays, but mesh that is drawn
 * over them is; what is tied or lashed carries no turn; what only bears is pressed, and nothing else.
 */
export function carriesOf(by: HeldBy, count: number): Carries {
  const all = { press: true, pull: true, shear: true };
  switch (by) {
    case 'screwed':
    case 'bolted':
      return { ...all, turn: count > 1 };
    case 'cast in':
      return { ...all, turn: true };
    case 'nailed':
      return { ...all, pull: false, turn: count > 1 };
    case 'stapled':
    case 'clipped':
    case 'hinged':
    case 'lashed':
    case 'pegged':
      return { ...all, turn: false };
    case 'tied':
      return { press: false, pull: true, shear: true, turn: false };
    case 'through a hole':
      return { ...all, press: false, turn: false };
    case 'bearing':
      return { press: true, pull: false, shear: false, turn: false };
  }
}
