import completeE from '@stdlib/math-base-special-ellipe';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Bar } from '../../../design/shapes/bar';
import type { Sheet } from '../../../design/shapes/sheet';
import type { Fill } from '../../../design/shapes/fill';
import { reach } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { CATALOGUE, stockOf } from '../../../catalogue/catalogue';
import { heightAcross, hoopOf } from './hoop';

/** ¾″ pressure pipe. */
const PIPE = stockOf(CATALOGUE, 'pipe-plastic-27', 'rod');
const span = fc.double({ min: 300, max: 3600, noNaN: true });
const high = fc.double({ min: 200, max: 2100, noNaN: true });

describe('a hoop', () => {
  it('of half an ellipse is as long as the complete elliptic integral says (@stdlib ellipe, parameter m = 1 − b²/a²)', () => {
    fc.assert(
      fc.property(span, high, (spanMm, heightMm) => {
        const [long, short] = [spanMm / 2, heightMm].toSorted((a, b) => b - a) as [number, number];
        expect(hoopOf('ellipse', spanMm, heightMm, PIPE).lengthMm).toBeCloseTo(
          2 * long * completeE(1 - (short / long) ** 2),
          4,
        );
      }),
    );
  });

  it('of half a circle is π times its radius, with straight legs for what is higher (by hand)', () => {
    expect(hoopOf('circle', 1200, 600, PIPE).lengthMm).toBeCloseTo(1884.956, 3);
    expect(hoopOf('circle', 1200, 900, PIPE).lengthMm).toBeCloseTo(1884.956 + 600, 3);
    expect(hoopOf('circle', 1200, 400, PIPE).heightMm).toBe(600);
  });

  it('that springs is as high as it is asked to be, never shorter than its own chain of points, and highest in the middle', () => {
    fc.assert(
      fc.property(span, fc.double({ min: 0.45, max: 1.2, noNaN: true }), (spanMm, share) => {
        const hoop = hoopOf('sprung', spanMm, share * spanMm, PIPE);
        expect(hoop.heightMm / (share * spanMm)).toBeCloseTo(1, 2);
        const chain = hoop.points
          .slice(1)
          .reduce(
            (sum, [x, up], i) =>
              sum + reach([x, up, 0], [...(hoop.points[i] ?? [0, 0]), 0] as [number, number, number]),
            0,
          );
        expect(chain / hoop.lengthMm).toBeGreaterThan(0.99);
        expect(chain).toBeLessThanOrEqual(hoop.lengthMm * 1.001);
        expect(heightAcross(hoop, 0)).toBeCloseTo(hoop.heightMm, 3);
        expect(heightAcross(hoop, spanMm)).toBe(0);
      }),
      { numRuns: cases(40) },
    );
  });
});

describe('hoop tunnel', () => {
  it('covers its hoops from tuck to tuck and end to end, of as many strips as the roll is too narrow for, and no hoop is farther than asked', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('cover-insect', 'cover-butterfly', 'cover-fleece'),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 12, max: 60 }),
        (cover, tuck, apart) => {
          const { design, ofRole } = onBed('hoop-tunnel', {
            cover,
            tuck: inches(tuck),
            apart: inches(apart),
            shape: 'circle',
            width: feet(4),
            height: feet(2),
          });
          const hoops = ofRole<Bar>('hoop');
          const feetAt = hoops.map((one) => one.from[0]);
          for (const [i, x] of feetAt.slice(1).entries())
            expect(x - (feetAt[i] ?? 0)).toBeLessThanOrEqual(inches(apart) + 0.01);
          const strips = ofRole<Sheet>('cover');
          const roll = stockOf(CATALOGUE, cover, 'mesh roll');
          // By hand: π × 2′ over the hoop (its pipe adds a hand), and a tuck at each side.
          const girth = Math.PI * feet(2) + 2 * inches(tuck);
          const wide = strips.reduce((sum, one) => sum + (one.spreadMm ?? 0), 0) - (strips.length - 1) * inches(4);
          expect(wide).toBeGreaterThan(girth - 25);
          expect(wide).toBeLessThan(girth + 60);
          for (const strip of strips) {
            expect(strip.spreadMm).toBeLessThanOrEqual(roll.heightMm + 1);
            // As long as the tunnel, and at each end the height of the hoop and a foot to tie.
            expect(strip.cutMm).toBeCloseTo(design.builtMm + 2 * (feet(2) + feet(1)), 6);
          }
        },
      ),
      { numRuns: cases(30) },
    );
  });

  it('takes the coarsest net that stops what its crop draws, says when it is opened for insects and when it is outgrown', () => {
    const cabbage = onBed('hoop-tunnel', {}, {}, { crop: 'cabbage', training: 'head' });
    expect(cabbage.codes).toContain('cover.keeps');
    expect(onBed('hoop-tunnel', { cover: 'cover-bird' }, {}, { crop: 'cabbage', training: 'head' }).codes).toContain(
      'cover.open',
    );
    const cucumber = onBed('hoop-tunnel', { cover: 'cover-insect' }, {}, { crop: 'cucumber', training: 'pruned' });
    expect(cucumber.codes).toEqual(expect.arrayContaining(['opens.by', 'cover.outgrown']));
  });

  it('has a sleeve and, of block sides, a core for every foot: 5″ × 5″ × 8″ less its pipe, by hand', () => {
    const { ofRole } = onBed('hoop-tunnel', { feet: 'core', rowLength: feet(6), apart: feet(3) });
    expect(ofRole('sleeve')).toHaveLength(6);
    const cores = ofRole<Fill>('concrete');
    // 127² × 203.2 mm less π/4 × 42.2² × 203.2 mm: a ¾″ hoop stands in 1¼″ pipe.
    for (const core of cores) expect(core.litres).toBeCloseTo(2.9932, 3);
  });
});
import { cases } from '../../../cases.fixture';
