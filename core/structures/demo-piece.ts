import type { Bed } from '../site/bed';
import type { Stand } from '../site/stands/stands';
import type { Settings } from './knob';

/** The season that the demo garden is planned for (our own invention). */
export const DEMO_YEAR = 2027;

/** What of a kind stands in the demo garden (its folder's `demo.ts`): structures, as suggested where no knobs are set, and the beds and plants they stand over. */
export interface DemoPiece {
  beds: readonly Bed[];
  plantings: readonly { id: string; bed: string; crop: string; training: string; count: number }[];
  structures: readonly { id: string; name: string; stand: Stand; plantings: readonly string[]; knobs?: Settings }[];
}

/** A bed of the demo: a level rectangle of loam on the ground, gone round, where nothing else is said. mm. */
export const demoBed = ({
  stood = [],
  ...bed
}: Pick<Bed, 'id' | 'name' | 'xMm' | 'yMm' | 'lengthMm' | 'widthMm'> &
  Partial<Bed> & {
    /** Families that stood there last year, the year before, and so on; "" where nothing did. */
    stood?: readonly string[];
  }): Bed => ({
  turnDeg: 0,
  heightMm: 0,
  fill: 'settled',
  outline: { shape: 'rectangle' },
  standFrom: 'both sides',
  riseMm: 0,
  soil: 'loam',
  wind: 'usual',
  grew: stood.flatMap((family, i) => (family === '' ? [] : [{ year: DEMO_YEAR - 1 - i, family }])),
  note: '',
  ...bed,
});
