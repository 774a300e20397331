import type { Planted } from '../crops/planted';
import { check } from './check';

/** A level grid keeps what stands by itself and falls over; what climbs wants something upright (common practice, no source). */
export const gridSuits = check(
  'grid-suits',
  {
    says: {
      'grid.climbs': '{crop} climbs: it wants something upright, and lies on a grid.',
      'grid.suits': '{crop} stands by itself until it is tall: the grid keeps it from falling over.',
    },
    unfit: ['grid.climbs'],
  },
  ({ planted }: { planted: readonly Pick<Planted, 'crop'>[] }, found) => {
    const climbs = planted.find(({ crop }) => crop.grips !== null);
    if (climbs) return found('fail', 'grid.climbs', { crop: climbs.crop.name });
    const [first] = planted;
    return first ? found('good', 'grid.suits', { crop: first.crop.name }) : null;
  },
);
