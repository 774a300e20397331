import { counted } from '../crops/counted';
import { countOf, type Planted } from '../crops/planted';
import type { Station } from '../design/design';
import { check } from './check';

/**
 * Are there places for the plants that are planned? `endToEnd` gives how many a single row takes when it
 * is planted from end to end; nought where that is no choice.
 */
export const plantsFit = check(
  'plants-fit',
  {
    says: {
      'places.one-more':
        '{planned} planned, but half a space in gives {places}: {places} spaces have one more end. From end to end there are {planned}.',
      'plants.too-many': '{what} planned, but there is room for {places} at {spacing}.',
      'plants.fit': '{places|place|places} for {planned|plant|plants}.',
      'plants.spare': '{planned|plant|plants} planned; {spare|place is|places are} spare.',
    },
    mends: { 'places.one-more': 'Plant from end to end', 'plants.too-many': 'Make room for them' },
  },
  (
    at: { planted: readonly Planted[]; stations: readonly Station[]; endToEnd: (spacingMm: number) => number },
    found,
  ) => {
    if (at.planted.length === 0) return null;
    const placesFor = (planting: string): number =>
      at.stations.filter((station) => station.planting === planting).length;
    const short = at.planted.find((one) => placesFor(one.id) < one.count);
    const planned = countOf(at.planted);
    if (!short) {
      const spare = at.stations.length - planned;
      return spare > 0
        ? found('good', 'plants.spare', { planned, spare })
        : found('good', 'plants.fit', { planned, places: at.stations.length });
    }
    const places = placesFor(short.id);
    const { spacingMm } = short.training;
    const values = { what: counted(short.crop, short.count), planned: short.count, places, spacing: { mm: spacingMm } };
    // One more post than gaps: the plant that is missing stands on the end.
    return places > 1 && short.count === places + 1 && short.count === at.endToEnd(spacingMm)
      ? found('note', 'places.one-more', values)
      : found('warn', 'plants.too-many', values);
  },
);
