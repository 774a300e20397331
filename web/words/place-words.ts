import { formatLength } from '@lignum/core/quantity/length';
import type { Place, PlaceOn, StandOn } from '@lignum/core/site/stands/stands';
import type { Tongue } from '@lignum/core/wording/say';

type Says = { readonly [On in StandOn]: (place: PlaceOn<On>, units: Tongue['units']) => string };

const SAYS: Says = {
  bed: ({ bed: { name, lengthMm, widthMm } }, units) =>
    `${name}, ${formatLength(lengthMm, units)} × ${formatLength(widthMm, units)}`,
  beds: ({ beds: [a, b], way }, units) =>
    `over the way between ${a.name} and ${b.name}, ${formatLength(way.wideMm, units)} wide`,
  path({ closed, spots: { length } }) {
    // As the plot counts them: its ends are corners too.
    return `${closed ? 'a closed loop' : 'along a line'}${closed || length > 2 ? `, ${length} corners` : ''}`;
  },
  spot: () => 'on open ground',
  run: ({ host }) => `in ${host}`,
};

/** Where a structure stands, in a few words: "Long bed, 24′ × 3′", "over the way between Yard bed and Middle row". */
export const placeWords = (place: Place, { units }: Tongue): string =>
  (SAYS[place.on] as (place: Place, units: Tongue['units']) => string)(place, units);
