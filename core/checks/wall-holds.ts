import { GRAVITY_MS2 } from '../quantity/measure';
import { check } from './check';

/** What a wall is of, as what hangs on it asks. */
export type WallOf = 'brick' | 'soft' | 'stone' | 'render' | 'timber';

/**
 * What one screw of 5 mm is trusted with, sideways and out together, a quarter or less of what it breaks at: plugged in
 * hard brick or stone, in the joints of a soft wall, past render, in timber (from memory). Makers’ tables decide. N.
 */
const BEARS_N: Readonly<Record<WallOf, number>> = { brick: 300, soft: 150, stone: 300, render: 150, timber: 400 };

/**
 * Do the screws in the wall hold what hangs on it in full crop? All share its weight; as it hangs before the wall they
 * are pulled out as well, about its lower edge, each by as much as it is high: T = W·e·z/Σz² (a stiff plate on springs).
 */
export const wallHolds = check(
  'wall-holds',
  {
    says: {
      'wall.heavy': 'In full crop it weighs {weight}: {each} on the uppermost screws in the wall, which bear {bears}.',
      'wall.bears': 'In full crop it weighs {weight}: {each} on the uppermost screws in the wall, which bear {bears}.',
    },
    mends: { 'wall.heavy': 'Screw it to the wall more often' },
  },
  (at: { kg: number; outMm: number; screwsUpMm: readonly number[]; wallOf: WallOf }, found) => {
    const weightN = at.kg * GRAVITY_MS2;
    const squares = at.screwsUpMm.reduce((sum, up) => sum + up * up, 0);
    const pullN = (weightN * at.outMm * Math.max(...at.screwsUpMm)) / squares;
    const eachN = weightN / at.screwsUpMm.length + pullN;
    const values = { weight: { newtons: weightN }, each: { newtons: eachN }, bears: { newtons: BEARS_N[at.wallOf] } };
    return eachN > BEARS_N[at.wallOf] ? found('warn', 'wall.heavy', values) : found('good', 'wall.bears', values);
  },
);
