import type { WallBehind } from '../site/wall';
import { check, SEEN_MM } from './check';

/** What holds a wire or a batten sits so far below the top of a wall (from memory: a course of bricks). mm. */
export const BELOW_TOP_MM = 60;

/** Is there a wall behind the bed, as long and as high as what hangs on it? Lengths along the bed from its near end. */
export const againstWall = check(
  'against-wall',
  {
    says: {
      'wall.none': 'No wall, fence or house stands along the back of this bed, a stride behind it at most.',
      'wall.past': 'Its end is {over} past the end of {wall}.',
      'wall.low': 'Its top is {top} over the soil, and {wall} ends at {ends}.',
      'wall.carries': '{wall} carries it.',
    },
    unfit: ['wall.none'],
    mends: { 'wall.past': 'Keep it to the wall', 'wall.low': 'Keep it below the top' },
  },
  (at: { wall: WallBehind | null; fromMm: number; toMm: number; topMm: number }, found) => {
    const { wall } = at;
    if (!wall) return found('fail', 'wall.none');
    const over = Math.max(wall.fromMm - at.fromMm, at.toMm - wall.toMm);
    const values = { wall: wall.name, over: { mm: over }, top: { mm: at.topMm }, ends: { mm: wall.topMm } };
    if (over > SEEN_MM) return found('fail', 'wall.past', values);
    return at.topMm > wall.topMm - BELOW_TOP_MM + SEEN_MM
      ? found('fail', 'wall.low', values)
      : found('good', 'wall.carries', values);
  },
);
