import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { SimulatedLaser, steady } from './measuring-device';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

it('streams readings near what it points at until it is stopped, and one wild reading moves nothing', () => {
  const seen: number[] = [];
  let turn = 0;
  const laser = new SimulatedLaser(2380, 1.5, () => (turn++ % 11) / 10);
  laser.start((mm) => seen.push(mm));
  vi.advanceTimersByTime(1100);
  laser.stop();
  vi.advanceTimersByTime(1000);
  expect(seen).toHaveLength(11);
  expect(Math.max(...seen.map((mm) => Math.abs(mm - 2380)))).toBeLessThanOrEqual(1.5);
  expect(steady(seen)).toBeCloseTo(2380, 6);
  expect(Math.abs(steady([...seen, 9000]) - 2380)).toBeLessThan(0.5);
});
