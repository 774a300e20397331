/** Heights of the passes: the first, then every so often, none above the posts' tops less a hand (from memory). mm. */
export function passHeights(firstMm: number, everyMm: number, postMm: number): number[] {
  const most = Math.max(firstMm, postMm - 50);
  return Array.from({ length: Math.floor((most - firstMm) / everyMm + 1e-9) + 1 }, (_, i) =>
    Math.min(postMm, firstMm + i * everyMm),
  );
}

/**
 * Twine of one pass: the row there and back (or once, for a level string), half turns about every
 * post it passes, and both ends. Over all passes: passes × (2 × row + wraps at posts) + ends (common
 * practice, no source). mm.
 */
export const passMm = (o: {
  rowMm: number;
  runs: 1 | 2;
  posts: number;
  halfTurns: number;
  girthMm: number;
  endMm: number;
}): number => o.runs * (o.rowMm + o.posts * (o.halfTurns / 2) * o.girthMm) + 2 * o.endMm;
