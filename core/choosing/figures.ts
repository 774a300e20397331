import type { Catalogue } from '../catalogue/stock';
import type { PriceBook } from '../costing/price-book';
import { spentOnAll } from './over-seasons';
import { startOf, WEEKS_OF_TENDING, type Choice } from './weigh';

/** So many seasons are looked ahead where nobody says how many: as long as most timber in the ground lasts (from memory). */
export const USUAL_SEASONS = 10;

/** What is told of everything that could be built, and of what stands, in the same figures on every screen. */
export interface Figures {
  /** What all the plants cost on it to begin with, and after so many seasons, all of it that wears out bought again. Minor units. */
  startMinor: number;
  afterMinor: number;
  seasons: number;
  /** Tying, winding, opening and closing in a year. h. */
  hoursAYear: number;
  /** What it takes from the bed that loses most; null of what takes none, left out where nobody knows where it will stand. */
  shade?: Choice['shade'];
  /** Whether all of it has a price. */
  complete: boolean;
}

/**
 * The figures of a choice, or of what was worked out of one. Decision 70.
 * @example figuresOf(choice, 10, CATALOGUE, plan.priceBook).hoursAYear // 4.2
 */
export const figuresOf = (
  choice: Pick<Choice, 'cost' | 'purchases' | 'share' | 'minutesAWeek'> & { shade?: Choice['shade'] },
  seasons: number,
  catalogue: Catalogue,
  book: Pick<PriceBook, 'taxPercent' | 'pricesIncludeTax'>,
): Figures => ({
  startMinor: startOf(choice),
  afterMinor: spentOnAll(choice, seasons, catalogue, book).at(-1) ?? 0,
  seasons,
  hoursAYear: (choice.minutesAWeek * WEEKS_OF_TENDING) / 60,
  ...(choice.shade === undefined ? {} : { shade: choice.shade }),
  complete: choice.cost.complete,
});
