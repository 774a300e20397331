import { formatLength } from '@lignum/core/quantity/length';
import type { Place } from '@lignum/core/site/stand';
import type { Tongue } from '@lignum/core/wording/say';

/** Where a structure stands, in a few words: "Long bed, 24′ × 3′", "over the way between Yard bed and Middle row". */
export function placeWords(place: Place, { units }: Tongue): string {
  switch (place.on) {
    case 'bed': {
      const { name, lengthMm, widthMm } = place.bed;
      return `${name}, ${formatLength(lengthMm, units)} × ${formatLength(widthMm, units)}`;
    }
    case 'beds':
      return `over the way between ${place.beds[0].name} and ${place.beds[1].name}, ${formatLength(place.way.wideMm, units)} wide`;
    case 'path': {
      // As the plot counts them: its ends are corners too.
      const corners = place.spots.length;
      return `${place.closed ? 'a closed loop' : 'along a line'}${place.closed || corners > 2 ? `, ${corners} corners` : ''}`;
    }
    case 'spot':
      return 'on open ground';
    case 'run':
      return `in ${place.host}`;
  }
}
