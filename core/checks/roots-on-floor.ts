import type { Underfoot } from '../site/underfoot';
import { check } from './check';

/** Most vegetables root so deep at the least: 10 to 13″ (common practice, no source). mm. */
export const ROOM_MM = 254;

/** Where roots cannot go on down, is there room for them in the bed itself? */
export const rootsOnFloor = check(
  'roots-on-floor',
  {
    says: {
      'roots.shallow': 'On {floor} roots have the {deep} of soil in the bed and no more; most vegetables want {least}.',
      'roots.room': 'On {floor} roots have the {deep} of soil in the bed and no more: enough for most vegetables.',
    },
    mends: { 'roots.shallow': 'Build the sides higher' },
  },
  (at: { soilMm: number; underfoot: Underfoot }, found) => {
    const values = { floor: at.underfoot.is, deep: { mm: at.soilMm } };
    return at.soilMm < ROOM_MM - 0.5
      ? found('warn', 'roots.shallow', { ...values, least: { mm: ROOM_MM } })
      : found('good', 'roots.room', values);
  },
);
