import { expect, test } from 'vitest';
import { hoursBehind } from './row-shadow';
import { samplesOfDay } from './samples';
import { LEAST_ALTITUDE_RAD } from './shadow';

// At the equinox the tip of a shadow runs along a straight line, due east, height × tan(latitude) poleward of
// what throws it: why the equinox line of a flat sundial is straight (any textbook of gnomonics).
test('at the equinox a long wall that runs east–west shades all day up to height × tan(latitude), and nothing beyond', () => {
  const latitudeDeg = 52;
  const day = samplesOfDay(2026, 9, 23, { latitudeDeg, longitudeDeg: 0 }).filter(
    ({ sun }) => sun.altitudeRad > 2 * LEAST_ALTITUDE_RAD,
  );
  const all = day.reduce((sum, { hours }) => sum + hours, 0);
  const wall = [
    [-80_000, 0],
    [80_000, 0],
  ] as const;
  const behind = (share: number) =>
    hoursBehind(wall, 2000, [0, 2000 * Math.tan((latitudeDeg * Math.PI) / 180) * share], day, 0);
  expect(all).toBeGreaterThan(9);
  expect(behind(0.95)).toBeCloseTo(all);
  expect(behind(1.05)).toBe(0);
  expect(behind(-0.5)).toBe(0);
});
