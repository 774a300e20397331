/**
 * Slats up a leaf with a gauge between them, from the head down: as many as fit with a gauge's width
 * after each but the last. A 6′ leaf of 1½″ slats with a 3½″ gauge takes 15 (about 15 is common
 * practice, no source). Middles, from the foot of the leaf. mm.
 */
export function slatsUp(leafMm: number, slatMm: number, gaugeMm: number): number[] {
  const count = Math.max(2, Math.floor((leafMm + gaugeMm + 0.5) / (slatMm + gaugeMm)));
  return Array.from({ length: count }, (_, i) => leafMm - slatMm / 2 - i * (slatMm + gaugeMm))
    .filter((at) => at >= slatMm / 2 - 1)
    .reverse();
}
