import { tangentAt } from '../geometry/curve';
import type { Design } from './design';
import { axisOf, type Bar } from './shapes/bar';
import { asShape } from './shapes/shapes';

/** Posts stand in one line where they are no farther off it. mm. */
const IN_LINE_MM = 80;
/** What leans farther than this (the upright share of its length) stands in a ring or in pairs, not in a line. */
const UPRIGHT = 0.98;

type Numbered = Pick<Design, 'parts' | 'traits' | 'ground'>;

/** The posts: straight, set in the soil, and neither a guide for shoots nor a strut that holds one up. */
export const postsIn = ({ parts, traits }: Pick<Design, 'parts' | 'traits'>): Bar[] =>
  parts.flatMap((part) => {
    const bar = asShape(part, 'bar');
    return bar &&
      bar.bent === undefined &&
      (bar.stands !== undefined || bar.buriedMm > 0) &&
      !['guide', 'brace'].includes(traits[bar.role]?.as ?? '')
      ? [bar]
      : [];
  });

/** Bars by the line across the row in which they stand, the front first. */
function inLines(bars: readonly Bar[]): Bar[][] {
  const lines = new Map<number, Bar[]>();
  for (const bar of bars) {
    const y = [...lines.keys()].find((at) => Math.abs(at - bar.to[1]) < IN_LINE_MM) ?? bar.to[1];
    lines.set(y, [...(lines.get(y) ?? []), bar]);
  }
  return [...lines].toSorted(([a], [b]) => a - b).map(([, line]) => line);
}

/**
 * The lines in which upright posts stand, each from its start: those of a row by how far back they are; those along a
 * path are one line. None where they lean.
 */
export function postLines(design: Numbered): Bar[][] {
  const posts = postsIn(design);
  if (posts.some((post) => Math.abs(tangentAt(axisOf(post), 0)[2]) < UPRIGHT)) return [];
  if ('path' in design.ground) return posts.length > 0 ? [posts] : [];
  return inLines(posts).map((line) => line.toSorted((a, b) => a.from[0] - b.from[0]));
}

/**
 * The number of every upright post, by part: from 1, line by line from the front, along a path in the order it is gone.
 * Drawings, marks, holes and tables all call a post by it.
 * @example postNumbers(design).get('post-3') // 3
 */
export const postNumbers = (design: Numbered): ReadonlyMap<string, number> =>
  new Map(
    postLines(design)
      .flat()
      .map((post, i) => [post.id, i + 1]),
  );
