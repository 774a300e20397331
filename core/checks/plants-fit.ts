import { stationsAlong } from '../structures/rules/stations';
import { verdict, type Check } from './verdict';

/** Are there places for the plants that are planned? */
export const plantsFit: Check = ({ design, setting }) => {
  const short = setting.planted.find((one) => placesFor(one.id) < one.count);
  const planned = setting.planted.reduce((sum, one) => sum + one.count, 0);
  if (setting.planted.length === 0) return null;
  function placesFor(planting: string): number {
    return design.stations.filter((station) => station.planting === planting).length;
  }
  // One more post than gaps: the plant that is missing stands on the end.
  if (
    short &&
    placesFor(short.id) > 1 &&
    short.count === placesFor(short.id) + 1 &&
    short.count === atEnds(short.training.spacingMm)
  ) {
    return verdict('plants-fit', 'note', 'places.one-more', {
      crop: short.crop.name,
      planned: short.count,
      places: placesFor(short.id),
      spacing: { mm: short.training.spacingMm },
    });
  }
  function atEnds(spacingMm: number): number {
    return design.support.rowsAtMm.length === 1 && setting.planted.length === 1
      ? stationsAlong(design.builtMm, spacingMm, 'ends').length
      : 0;
  }
  if (short)
    return verdict('plants-fit', 'warn', 'plants.too-many', {
      crop: short.crop.name,
      planned: short.count,
      places: placesFor(short.id),
      spacing: { mm: short.training.spacingMm },
    });
  return verdict('plants-fit', 'good', 'plants.fit', { planned, places: design.stations.length });
};
