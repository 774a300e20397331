import type { BayAsStood, Design } from '../../design/design';
import { groundAt } from '../../site/ground';
import { fact, type Fact } from '../../wording/say';
import type { Said } from '../said';
import type { Setting } from '../setting';
import { footAt, type Lie } from './lie';

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

/** A row whose posts are laid as they stand. */
export type RowAsStood = ReturnType<typeof rowAsStood>;

/**
 * The bays of a row as its design tells them: along it as its tape lies, on the soil or level. mm.
 * @param faceMm how wide its posts are along it
 */
export const baysOfRow = (
  { postsAt, bays }: RowAsStood,
  faceMm: number,
  idOf: (i: number) => string,
  lie: Lie,
): NonNullable<Design['bays']> => {
  const { ground } = lie;
  const soil = (i: number): number => groundAt(ground, footAt(lie, postsAt[i] as number, 0)[0]);
  return bays.map(({ clearMm, ...asStood }, i) => ({
    name: String(i + 1),
    posts: [idOf(i), idOf(i + 1)] as const,
    guest: null,
    run: 1,
    fromMm: postsAt[i] as number,
    centresMm: clearMm + faceMm,
    clearMm,
    riseMm: soil(i + 1) - soil(i),
    ...(lie.level ? {} : { onSoil: true as const }),
    asStood,
  }));
};

/** Why there are so many posts, once any bay of them was measured; null while none is. */
export function stoodReason({ postsAt, bays }: RowAsStood): Fact | null {
  const clear = bays.map(({ clearMm }) => clearMm);
  return bays.some(({ isMeasured }) => isMeasured)
    ? fact('count.posts.stood', {
        posts: postsAt.length,
        least: { mm: Math.min(...clear) },
        most: { mm: Math.max(...clear) },
      })
    : null;
}

/** What kinds say whose posts are laid as they stand. */
export const ROW_AS_STOOD: Said = {
  phrases: { 'count.posts.stood': '{posts|post|posts} as they stand: {least} to {most} clear between them' },
};
