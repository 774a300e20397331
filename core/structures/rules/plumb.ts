import type { Design } from '../../design/design';
import type { Standing } from '../../design/standing';
import { asShape } from '../../design/shapes/shapes';
import { minus, norm, type Point } from '../../geometry/space';
import type { Setting } from '../setting';

/** How readings of a post are called: how far it leans at its top, and how far its foot stands out of the line of its neighbours. */
export const leanOf = (post: string): string => `lean:${post}`;
export const asideOf = (post: string): string => `aside:${post}`;

/** So much out of plumb every timber frame is reckoned with, up to 5 m high (EN 1995-1-1, 5.4.4 (2): φ = 0.005, from memory of the clause). */
const LEAN = 0.005;
const LEAN_UP_TO_MM = 5000;
/** A member of solid timber may be out of straight by so much of its length between supports (EN 1995-1-1, 10.2 (1), from memory of the clause). */
const BOW = 1 / 300;
/** What is more than such a share of its height, or of the way between its neighbours, was read wrongly (from memory). */
const READ_WRONGLY = 0.25;
/** Posts whose line turns by more than this stand at a corner; of them none is out of line. Sine of the angle. */
const CORNER = 0.05;

/** A post as it may be read: how far out it is, how far it may be, and how far nobody reads. Null where there is nothing to be read, or nothing was. mm. */
export interface Upright {
  id: string;
  set: Standing['set'];
  lean: { mm: number | null; mayMm: number; mostMm: number };
  /** Of a post between two others in one line. */
  aside: { mm: number | null; mayMm: number; mostMm: number } | null;
}

/**
 * The posts of a design, each with what it was read to be out of plumb and out of line, and how far that matters.
 * @example uprightsOf(design, setting).filter(isOut)
 */
export function uprightsOf(
  { posts, parts }: Pick<Design, 'posts' | 'parts'>,
  { measured }: Pick<Setting, 'measured'>,
): Upright[] {
  const feet = posts.map(({ id }): Point | null => {
    const part = parts.find((one) => one.id === id);
    return (part && asShape(part, 'bar')?.from) ?? null;
  });
  return posts.map(({ id, aboveMm, set }, i): Upright => {
    const between = span(feet[i - 1], feet[i], feet[i + 1]);
    const read = (knob: string, mayMm: number, mostMm: number) => {
      const mm = measured[knob] ?? null;
      return { mm: mm !== null && mm >= 0 && mm <= mostMm ? mm : null, mayMm, mostMm };
    };
    return {
      id,
      set,
      lean: read(leanOf(id), aboveMm * LEAN * Math.min(1, Math.sqrt(LEAN_UP_TO_MM / aboveMm)), aboveMm * READ_WRONGLY),
      aside: between === null ? null : read(asideOf(id), between * BOW, between * READ_WRONGLY),
    };
  });
}

/** The way between the two neighbours of a post, where all three are in one line. mm. */
function span(
  before: Point | null | undefined,
  here: Point | null | undefined,
  after: Point | null | undefined,
): number | null {
  if (!before || !here || !after) return null;
  const [a, b] = [minus(here, before), minus(after, here)].map(([x, y]): Point => [x, y, 0]) as [Point, Point];
  const turn = Math.abs(a[0] * b[1] - a[1] * b[0]) / (norm(a) * norm(b) || 1);
  const goesOn = a[0] * b[0] + a[1] * b[1] > 0;
  return goesOn && turn < CORNER ? norm([a[0] + b[0], a[1] + b[1], 0]) : null;
}

/** Whether a post is farther out than it may be. */
export const isOut = ({ lean, aside }: Upright): boolean =>
  (lean.mm ?? 0) > lean.mayMm + 1e-9 || (aside !== null && (aside.mm ?? 0) > aside.mayMm + 1e-9);
