import type { BayAsStood, Design } from '../../design/design';
import type { Setting } from '../setting';

/** How a reading of what is clear before a post is called; no knob has a colon in its name. */
export const clearBefore = (post: string): string => `clear:${post}`;

/** What is less or more than so much of what was meant was read wrongly, or is another bay (from memory). */
const WITHIN = { least: 0.5, most: 1.5 };

/** What a tape may say of a bay that was meant so wide and has so much room, and what it says if it does. mm. */
export function bayAsStood(
  plannedMm: number,
  post: string,
  { measured }: Pick<Setting, 'measured'>,
  roomMm = Infinity,
): BayAsStood & { clearMm: number } {
  const [leastMm, mostMm] = [plannedMm * WITHIN.least, Math.min(plannedMm * WITHIN.most, roomMm)];
  const saidMm = measured[clearBefore(post)] ?? null;
  const isMeasured = saidMm !== null && saidMm >= leastMm - 1e-6 && saidMm <= mostMm + 1e-6;
  return { plannedMm, leastMm, mostMm, saidMm, isMeasured, clearMm: isMeasured ? saidMm : plannedMm };
}

/**
 * Where the posts of a row stand: each as far from the one before as was measured, else as was meant. Centres, mm.
 * Decision 79.
 * @example rowAsStood([45, 2445, 4845], 90, (i) => `post-${i + 1}`, setting).postsAt // [45, 2445, 4845], nothing being measured
 */
export function rowAsStood(
  plannedAt: readonly number[],
  faceMm: number,
  idOf: (i: number) => string,
  setting: Pick<Setting, 'measured'>,
): { postsAt: number[]; bays: (BayAsStood & { clearMm: number })[] } {
  const bays = plannedAt
    .slice(1)
    .map((at, i) => bayAsStood(at - (plannedAt[i] as number) - faceMm, idOf(i + 1), setting));
  const postsAt = plannedAt.slice(0, 1);
  for (const { clearMm } of bays) postsAt.push((postsAt.at(-1) as number) + clearMm + faceMm);
  // To the digit where nothing is measured.
  return { postsAt: bays.some(({ isMeasured }) => isMeasured) ? postsAt : [...plannedAt], bays };
}

/** How many of a design's bays can be measured and have been, and how much more than meant is clear in those, all together. mm. */
export function measuredIn({ bays = [] }: Pick<Design, 'bays'>): { of: number; measured: number; moreMm: number } {
  const read = bays.flatMap(({ clearMm, asStood }) => (asStood ? [{ clearMm, ...asStood }] : []));
  const measured = read.filter(({ isMeasured }) => isMeasured);
  return {
    of: read.length,
    measured: measured.length,
    moreMm: measured.reduce((sum, { clearMm, plannedMm }) => sum + clearMm - plannedMm, 0),
  };
}
