import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { ofShape } from '../../../design/shapes/shapes';
import { hungWire, roundArea, STEEL_E_MPA } from '../../../statics/wire';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed } from '../../onto-bed.fixture';
import { kind } from './index';

/** Where the halves of a range differ in sign. */
function root(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let i = 0; i < 200; i++) {
    const middle = (low + high) / 2;
    if (f(low) <= 0 === f(middle) <= 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

describe('post and wire', () => {
  it('hangs as an elastic catenary does: its length by sinh, its stretch by Hooke, to 2 % of pull and sag', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 2000, noNaN: true }),
        fc.double({ min: 0.001, max: 0.2, noNaN: true }),
        fc.double({ min: 1000, max: 7000, noNaN: true }),
        (pullN, loadNmm, spanMm) => {
          const areaMm2 = roundArea(2.5);
          const stiff = STEEL_E_MPA * areaMm2;
          const slack = spanMm / (1 + pullN / stiff);
          const along = (h: number): number => ((2 * h) / loadNmm) * Math.sinh((loadNmm * spanMm) / (2 * h));
          const h = root((at) => along(at) - slack * (1 + at / stiff), pullN * 0.9999, 1e6);
          const sag = (h / loadNmm) * (Math.cosh((loadNmm * spanMm) / (2 * h)) - 1);
          const hung = hungWire({ pullN, loadNmm, spanMm, areaMm2 });
          expect(hung.tensionN / h).toBeCloseTo(1, 1.4);
          expect(hung.sagMm / sag).toBeCloseTo(1, 1.4);
        },
      ),
      { numRuns: cases(200) },
    );
  });

  it('40 m of raspberries: posts no farther than 12′ apart, wires at 2′ 6″, 3′ 6″ and 5′ 6″ (from memory), about ten canes to the yard', () => {
    const row = onBed(
      'post-and-wire',
      { rowLength: 40_000 },
      { lengthMm: 41_000 },
      { crop: 'raspberry', training: 'canes', count: 80 },
    );
    // 39 911 mm between the middles of the end posts, in bays of 3658 at most: eleven of them.
    expect([row.count('post'), row.count('wire'), row.count('strut'), row.count('turnbuckle in a wire')]).toEqual([
      12, 3, 2, 3,
    ]);
    expect(row.design.hold?.topMm.most).toBeCloseTo(66 * 25.4, 6);
    expect(row.design.hold?.startsMm).toBeCloseTo(30 * 25.4, 6);
  });

  it('whatever its knobs: every wire crosses every post or arm, is as long as the row and its turns, and the steel of both ends is held', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, knobs } = first(plan).sized;
        const posts = design.posts.length;
        const wires = ofShape(design.parts, 'line').filter(({ role }) => role === 'wire');
        const lines = knobs.form?.value === 'double' ? 2 : 1;
        expect(wires.length).toBe(Number(knobs.wires?.value) * lines);
        for (const wire of wires) {
          const crossed = design.joints.filter(
            ({ kind: made, parts }) => made !== 'turnbuckle in a wire' && parts[0] === wire.id,
          );
          expect(crossed.map(({ kind: made }) => made).toSorted()).toEqual(
            ['wire made fast', 'wire made fast', ...Array<string>(posts - 2).fill('wire to post')].toSorted(),
          );
          const [from, to] = [wire.path[0], wire.path.at(-1)];
          const run = Math.hypot(...[0, 1, 2].map((k) => (to?.[k] ?? 0) - (from?.[k] ?? 0)));
          expect(wire.cutMm).toBeGreaterThan(run);
        }
      }),
      { numRuns: cases(40) },
    );
  });
});
