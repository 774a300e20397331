import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { CATALOGUE, stockOf } from '../../../catalogue/catalogue';
import type { Bar } from '../../../design/shapes/bar';
import type { Fill } from '../../../design/shapes/fill';
import type { Sheet } from '../../../design/shapes/sheet';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';
import { postCentres } from './bays';

const inch = (mm: number): number => Math.round((mm / 25.4) * 1e6) / 1e6;

describe('long rail trellis (common practice, no source)', () => {
  const trellis = onBed(
    'rail-trellis',
    { bays: 'clear', bay: inches(90), rowLength: feet(32), section: '4x4', railSection: '2x4', panel: 'panel-8ft' },
    { lengthMm: feet(40) },
  );

  it('3½″ posts 90″ clear: second post from 7′ 9½″ to 8′ 1″, third from 15′ 7″ to 15′ 10½″, and a rail to its middle is 188¾″', () => {
    const faces = postCentres({ rowMm: feet(32), bayMm: inches(90), by: 'clear', postWideMm: inches(3.5) }).flatMap(
      (at) => [inch(at) - 1.75, inch(at) + 1.75],
    );
    expect(faces.slice(2, 6)).toEqual([93.5, 97, 187, 190.5]);
    expect(trellis.ofRole<Bar>('rail').filter((rail) => Math.abs(inch(rail.cutMm) - 188.75) < 1e-6)).toHaveLength(4);
    // 24″ deep, 8′ posts: two feet in the ground and nearly six out.
    expect(trellis.ofRole<Bar>('post').every((post) => post.cutMm === feet(8) && post.buriedMm === inches(24))).toBe(
      true,
    );
  });

  it('never breaks all rails on one post while a rail reaches over two bays, and rails are level on any slope', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3000, max: 30_000, noNaN: true }),
        fc.double({ min: 900, max: 2300, noNaN: true }),
        fc.constantFrom('both', 'front'),
        fc.double({ min: -0.06, max: 0.06, noNaN: true }),
        (row, bay, railSides, slope) => {
          const { design, ofRole, codes } = onBed(
            'rail-trellis',
            { rowLength: row, bay, railSides },
            { lengthMm: row, riseMm: row * slope },
          );
          expect(codes).not.toContain('rails.all-broken');
          for (const rail of ofRole<Bar>('rail')) expect(rail.from[2]).toBeCloseTo(rail.to[2], 6);
          for (const side of railSides === 'both' ? ['front', 'back'] : ['front'])
            for (const level of ['bottom', 'top']) {
              const run = ofRole<Bar>('rail').filter((rail) => rail.id.startsWith(`rail-${side}-${level}`));
              expect(run.reduce((sum, rail) => sum + rail.cutMm, 0)).toBeCloseTo(
                design.builtMm * Math.sqrt(1 - slope ** 2),
                4,
              );
            }
        },
      ),
      { numRuns: cases(25) },
    );
    expect(
      onBed('rail-trellis', { stagger: 'no', rowLength: feet(24), bay: feet(7) }, { lengthMm: feet(24) }).codes,
    ).toContain('rails.all-broken');
  });

  it('has the posts and boards of the plank fence in USDA Farmers’ Bulletin 1832 (from memory): posts near 8′ on centres, 16′ boards over two bays, joints broken', () => {
    // Two inches under 8′, so that a 16′ board reaches from the outside of the end post.
    const fence = onBed(
      'rail-trellis',
      {
        bays: 'centres',
        bay: inches(94),
        rowLength: 6 * inches(94) + inches(3.5),
        railSides: 'front',
        section: '4x4',
        railSection: '2x4',
      },
      { lengthMm: feet(49) },
    );
    const lengths = (level: string): number[] =>
      fence
        .ofRole<Bar>('rail')
        .filter((rail) => rail.id.includes(level))
        .map((rail) => Math.round(rail.from[0] / inches(94)));
    expect([fence.ofRole('post').length, lengths('top'), lengths('bottom')]).toEqual([7, [0, 2, 4], [0, 1, 3, 5]]);
  });

  it('panels are whole or a whole number of meshes, go into the gap, and four shelf strips come out of one panel', () => {
    const { ofRole, shopping } = onBed(
      'rail-trellis',
      { shelf: 'both', rowLength: feet(32), panel: 'panel-8ft', bay: inches(90) },
      { lengthMm: feet(32) },
    );
    for (const panel of ofRole<Sheet>('panel'))
      expect([inch(panel.cutMm) % 8, panel.cutMm <= inches(90)]).toEqual([0, true]);
    const shelves = ofRole<Sheet>('shelf');
    expect([shelves.length, shelves.filter((strip) => strip.board === undefined).length]).toEqual([10, 3]);
    expect(shopping.purchases.find((one) => one.stock === 'panel-8ft')?.count).toBe(ofRole('panel').length + 3);
  });

  it('a 4 × 4 set in a 10½″ hole takes the hole less the post; bags yield 0.375, 0.45 and 0.60 ft³ from 50, 60 and 80 lb', () => {
    const [fill] = trellis.ofRole<Fill>('concrete');
    const ft3 = (litres: number): number => litres / 28.316846592;
    // π/4 · 10.5² · 24 − 3.5² · 24, and a cone 1″ high, in cubic inches.
    expect(ft3(fill?.litres ?? 0)).toBeCloseTo(
      ((Math.PI / 4) * 10.5 ** 2 * 24 - 3.5 ** 2 * 24 + ((Math.PI / 4) * 10.5 ** 2) / 3) / 1728,
      6,
    );
    const { litresPerKg } = stockOf(CATALOGUE, 'concrete-mix', 'bagged');
    for (const [pounds, yields] of [
      [50, 0.375],
      [60, 0.45],
      [80, 0.6],
    ] as const)
      expect(ft3(litresPerKg * pounds * 0.45359237)).toBeCloseTo(yields, 6);
  });
});
