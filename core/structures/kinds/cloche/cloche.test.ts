import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { barCorners, type Bar } from '../../../design/shapes/bar';
import { cornersOf, type Sheet } from '../../../design/shapes/sheet';
import { dot, minus, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { leaningOf } from './tent';

const LETTUCE = { crop: 'lettuce', training: 'head', count: 8 };
const sizes = fc.record({
  width: fc.integer({ min: 380, max: 900 }),
  high: fc.integer({ min: 254, max: 700 }),
  rowLength: fc.integer({ min: 800, max: 4500 }),
  tents: fc.integer({ min: 1, max: 4 }),
});

describe('a tent cloche', () => {
  it('of no thickness leans as a right triangle has it: half of 600 and 300 high is 45°, its leaves 300 √2', () => {
    const { leanRad, leafMm } = leaningOf({ widthMm: 600, highMm: 300, thickMm: 0 });
    expect([leanRad, leafMm]).toEqual([expect.closeTo(Math.PI / 4, 9), expect.closeTo(300 * Math.SQRT2, 6)]);
  });

  it('is as wide at the foot and as high inside as is asked, its leaves meet along the ridge and never cross, and stand on the soil', () => {
    fc.assert(
      fc.property(sizes, (knobs) => {
        const { ofRole } = onBed('cloche', knobs, {}, LETTUCE);
        const strips = ofRole<Bar>('leaf strip');
        const corners = strips.flatMap(barCorners);
        const across = corners.map(([, y]) => y);
        expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(knobs.width, 3);
        expect(Math.min(...corners.map(([, , z]) => z))).toBeCloseTo(0, 3);
        const middle = (Math.max(...across) + Math.min(...across)) / 2;
        for (const bar of strips) {
          const side = bar.id.includes('front') && !bar.id.includes('back-') ? -1 : 1;
          for (const [, y] of barCorners(bar)) expect(side * (y - middle)).toBeGreaterThanOrEqual(-1e-6);
        }
        // What of the strips comes nearest to the ridge from below is as high as is asked.
        const ridge = corners.filter(([, y]) => Math.abs(y - middle) < 1e-6).map(([, , z]) => z);
        expect(Math.min(...ridge)).toBeCloseTo(knobs.high, 3);
      }),
      { numRuns: cases(30) },
    );
  });

  it('lets no rain through along its ridge, and its ends cover the ends of all strips', () => {
    fc.assert(
      fc.property(sizes, (knobs) => {
        const { ofRole } = onBed('cloche', knobs, {}, LETTUCE);
        const [front, back] = ['front', 'back'].map((side) =>
          [...ofRole<Sheet>('front glazing'), ...ofRole<Sheet>('glazing')].find(
            ({ id }) => id === `tent-1-${side}-glazing`,
          ),
        ) as [Sheet, Sheet];
        const top = ({ base, up, heightMm }: Sheet): Point => {
          const from = base.curve === 'line' ? base.from : ([0, 0, 0] as const);
          return [from[0] + up[0] * heightMm, from[1] + up[1] * heightMm, from[2] + up[2] * heightMm];
        };
        // The front sheet ends over the back leaf, past the edge where that one's sheet begins.
        expect(top(front)[1]).toBeGreaterThan(top(back)[1]);
        const ends = ofRole<Sheet>('end sheet');
        expect(ends).toHaveLength(2);
        const strips = ofRole<Bar>('leaf strip').flatMap(barCorners);
        for (const end of ends) {
          const rim = cornersOf(end);
          for (const at of strips)
            rim.forEach((a, i) => {
              // On the inner side of every edge of the outline, seen along the row.
              const along = minus(rim[(i + 1) % rim.length] as Point, a);
              expect(dot([0, -along[2], along[1]], minus(at, a))).toBeGreaterThanOrEqual(-0.5 * Math.hypot(...along));
            });
        }
      }),
      { numRuns: cases(20) },
    );
  });

  it('says where leaves reach it, and where clear sheet is not sold so wide', () => {
    expect(onBed('cloche', { width: inches(24), high: inches(9) }, {}, LETTUCE).codes).toEqual(
      expect.arrayContaining(['cover.outgrown']),
    );
    expect(onBed('cloche', { width: inches(48), high: inches(36) }, {}, LETTUCE).codes).toContain('sheet.short');
    expect(onBed('cloche', {}, {}, LETTUCE).codes).toEqual(expect.arrayContaining(['cover.clear', 'sheet.reaches']));
  });
});
