import { SIZES, type PaperSize } from '@lignum/core/paper/page';
import type { Units } from '@lignum/core/quantity/length';

const KEPT_AS = 'lignum-paper';

/** What can be printed on, the usual ones first. */
export const PAPERS = Object.keys(SIZES) as PaperSize[];

/** The paper asked for, or what is usual where lengths are written so. */
export const paperFrom = (asked: string | null, units: Units): PaperSize =>
  PAPERS.find((size) => size === asked) ?? (units === 'imperial' ? 'Letter' : 'A4');

/** The paper this device prints on, where it has been chosen. */
export function paperKept(units: Units): PaperSize {
  try {
    return paperFrom(localStorage.getItem(KEPT_AS), units);
  } catch {
    // A forbidden store: what is usual.
    return paperFrom(null, units);
  }
}

export function keepPaper(size: PaperSize): void {
  try {
    localStorage.setItem(KEPT_AS, size);
  } catch {
    // It is chosen again next time.
  }
}
