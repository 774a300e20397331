import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { type Bar, barCorners } from '../../../design/shapes/bar';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { slatsUp } from './slats';

const inch = (mm: number): number => Math.round((mm / 25.4) * 1e6) / 1e6;

describe('hinged A-frame', () => {
  it('peak = √(leaf² − (spread/2)²); about 15 slats of 1½″ on a 6′ leaf with a 3½″ gauge (common practice, no source)', () => {
    expect(slatsUp(feet(6), inches(1.5), inches(3.5))).toHaveLength(15);
    const frame = onBed('a-frame', {
      spread: inches(48),
      hingeGap: 0,
      leaf: feet(6),
      width: feet(4),
      frames: 1,
      slat: '1x2',
      section: '2x2',
    });
    expect(inch(frame.design.hold?.topMm.least ?? 0)).toBeCloseTo(Math.sqrt(72 ** 2 - 24 ** 2), 6);
    // Quantities in the style of a garden magazine's plan for a folding trellis (from memory): four stiles, thirty slats, two screws an end, two hinges.
    expect([
      frame.count('stile'),
      frame.count('slat'),
      frame.count('slat to stile'),
      frame.count('leaf to leaf'),
    ]).toEqual([4, 30, 120, 2]);
  });

  it('feet are cut to stand flat, at any spread', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 400, max: 1800, noNaN: true }),
        fc.double({ min: 1000, max: 2400, noNaN: true }),
        (spread, leaf) => {
          for (const stile of onBed('a-frame', { spread, leaf, frames: 1 }).ofRole<Bar>('stile')) {
            const heights = barCorners(stile)
              .slice(0, 4)
              .map((corner) => corner[2]);
            expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-6);
          }
        },
      ),
      { numRuns: cases(25) },
    );
  });
});
