import type { Design } from '../../design/design';

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
