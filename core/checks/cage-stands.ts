import type { Wind } from '../site/soil';
import { check } from './check';

/** How many times as tall as wide a cage stands with so many rods, at the most (from memory); a windy place takes one rod more. */
const SLENDER = [1.6, 2.8, 4.5, 7];

/** How many times as tall as wide a cage may be with so many rods. */
export const slenderest = (stakes: number, wind: Wind): number =>
  SLENDER[Math.max(0, stakes - (wind === 'exposed' ? 1 : 0))] ?? (SLENDER.at(-1) as number);

/** The fewest rods with which a cage stands, up to three. @example rodsFor(1500, 560, 'usual') // 1 */
export const rodsFor = (heightMm: number, diameterMm: number, wind: Wind): number =>
  [0, 1, 2].find((stakes) => heightMm / diameterMm <= slenderest(stakes, wind)) ?? 3;

/** Does it stay up when it is full of leaves? */
export const cageStands = check(
  'cage-stands',
  {
    says: {
      'cage.blows': '{high} tall and {across} across, with {stakes|rod|rods}: full of leaves it blows over.',
      'cage.stands': '{stakes|rod|rods} and the stakes of its lowest row hold it up.',
      'cage.stands-low': 'Low and wide enough to stand on the stakes of its lowest row.',
    },
    mends: { 'cage.blows': 'Give it what stands' },
  },
  (at: { heightMm: number; diameterMm: number; stakes: number; wind: Wind }, found) => {
    const values = { high: { mm: at.heightMm }, across: { mm: at.diameterMm }, stakes: at.stakes };
    if (at.heightMm / at.diameterMm > slenderest(at.stakes, at.wind)) return found('warn', 'cage.blows', values);
    return found('good', at.stakes > 0 ? 'cage.stands' : 'cage.stands-low', values);
  },
);
