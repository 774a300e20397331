import { verdict, type Check } from './verdict';

/** Are there places for the plants that are planned? */
export const plantsFit: Check = ({ design, setting }) => {
  const short = setting.planted.find((one) => placesFor(one.id) < one.count);
  const planned = setting.planted.reduce((sum, one) => sum + one.count, 0);
  if (setting.planted.length === 0) return null;
  function placesFor(planting: string): number {
    return design.stations.filter((station) => station.planting === planting).length;
  }
  if (short) return verdict('plants-fit', 'warn', 'plants.too-many', { crop: short.crop.name, planned: short.count, places: placesFor(short.id), spacing: { mm: short.training.spacingMm } });
  return verdict('plants-fit', 'good', 'plants.fit', { planned, places: design.stations.length });
};
