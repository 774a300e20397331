import fc from 'fast-check';
import { expect, it } from 'vitest';
import { inches } from '@lignum/core/quantity/length';
import { spokenLength } from './spoken';

it('lengths are called out as one would: feet, inches, halves, eighths and sixteenths', () => {
  expect(
    [93.5, 12, 24, 1, 25 + 3 / 8, 0.5, 3 / 16, 97 + 1 / 16, -2].map((inch) => spokenLength(inches(inch), 'imperial')),
  ).toEqual([
    '7 feet 9 and a half inches',
    '12 inches',
    '2 feet',
    '1 inch',
    '2 feet 1 and three eighths inches',
    'a half of an inch',
    '3 sixteenths of an inch',
    '8 feet 1 and 1 sixteenths inches',
    'minus 2 inches',
  ]);
  expect(spokenLength(2375, 'metric')).toBe('2375 millimetres');
});

it('whatever the length, something is said, and no sign that a voice cannot read', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400_000 }), (sixteenths) => {
      const said = spokenLength((sixteenths * 25.4) / 16, 'imperial');
      expect(said).toMatch(/^[a-z0-9 ]+$/);
      expect(said).toMatch(/\d|half|quarter|eighth/);
    }),
  );
});
