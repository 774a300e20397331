import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { DEMO_PLAN } from '../../../demo/garden';
import { ofShape } from '../../../design/shapes/shapes';
import { computeStructure } from '../../../plan/compute';
import type { Plan } from '../../../plan/plan';
import { feet, inches } from '../../../quantity/length';
import { SOIL } from '../../../site/underfoot';
import { anyPlan, first } from '../../any-plan.fixture';
import { kind } from './index';
import { lengthsIn } from './lay';

/** A fence round a square, or along a line of so many feet. */
function fence(
  corners: readonly (readonly [number, number])[],
  closed: boolean,
  knobs: Record<string, number | string> = {},
) {
  const plan: Plan = {
    ...DEMO_PLAN,
    site: { ...DEMO_PLAN.site, widthMm: 60_000, depthMm: 60_000 },
    features: [],
    beds: [],
    plantings: [],
    structures: [
      {
        id: 's',
        kind: 'pallet-fence',
        name: 'S',
        stand: {
          on: 'path',
          spots: corners.map(([x, y]) => ({ xMm: feet(x) + 5000, yMm: feet(y) + 5000, groundMm: 0 })),
          closed,
          inside: 'left',
          underfoot: SOIL,
        },
        plantings: [],
        knobs,
      },
    ],
  };
  const computed = computeStructure(plan, plan.structures[0]!);
  const count = (role: string) => computed.sized.design.parts.filter((part) => part.role === role).length;
  return { ...computed, count, codes: computed.verdicts.map(({ told }) => told.code) };
}

describe('a fence of pallets', () => {
  it('fills any stretch: whole ones first, what is sawn no shorter than a foot where the stretch allows, none longer than a pallet', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 60_000, noNaN: true }),
        fc.constantFrom(1219.2, 1200),
        (stretch, pallet) => {
          const lengths = lengthsIn(stretch, pallet);
          const sum = lengths.reduce((all, mm) => all + mm, 0);
          expect(stretch - sum).toBeGreaterThanOrEqual(-1e-6);
          // What is left is shared out between them: a finger.
          expect(stretch - sum).toBeLessThanOrEqual(25 + 1e-6);
          expect(Math.min(...lengths)).toBeGreaterThanOrEqual(Math.min(stretch, 300) - 1e-6);
          expect(Math.max(...lengths)).toBeLessThanOrEqual(pallet + 1e-6);
          expect(lengths.filter((mm) => mm < pallet - 1).length).toBeLessThanOrEqual(2);
        },
      ),
    );
  });

  it('a square of 1,850 ft² (common practice, no source) takes forty-four pallets of 48″, eleven a side', () => {
    // A side is √1850 = 43.01′: 10.75 pallets, of which the corner takes half of two thicknesses.
    const side = Math.sqrt(1850);
    const square = fence(
      [
        [0, 0],
        [side, 0],
        [side, side],
        [0, side],
      ],
      true,
    );
    expect([square.count('pallet'), square.count('gate pallet')]).toEqual([43, 1]);
    const bought = square.shopping.purchases.find(({ stock }) => stock === 'pallet-48x40');
    expect(bought?.count).toBe(44);
    // Twelve stakes a side; a board over each joint but those of the gate.
    expect([square.count('stake'), square.count('board')]).toEqual([48, 4 * 10 - 2]);
    const sawn = ofShape(square.sized.design.parts, 'block').filter(({ cutMm }) => cutMm < inches(46));
    expect(sawn).toHaveLength(4);
    expect(square.codes).toContain('hung.between');
  });

  it('a gate that is no whole pallet between two others is told, and another is hung', () => {
    const line = fence(
      [
        [0, 0],
        [22, 0],
      ],
      false,
      { gateNo: 1 },
    );
    const { mend } = line.verdicts.find(({ told }) => told.code === 'hung.alone')!;
    expect(mend?.settings).toMatchObject({ gateNo: 2 });
    expect(
      fence(
        [
          [0, 0],
          [3, 0],
        ],
        false,
      ).verdicts.find(({ told }) => told.code === 'hung.alone')?.mend?.settings,
    ).toMatchObject({
      gate: 'none',
    });
    expect(
      fence(
        [
          [0, 0],
          [22, 0],
        ],
        false,
        { gate: 'none' },
      ).count('gate pallet'),
    ).toBe(0);
  });

  it('whatever its path: each pallet stands on the soil of its stretch, next to the last, and no two of one line lie in each other', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const blocks = ofShape(design.parts, 'block');
        const path = 'path' in design.ground ? design.ground.path : [];
        path.slice(1).forEach((to, i) => {
          const from = path[i]!;
          const own = blocks.filter(({ id }) => id.startsWith(`pallet-r${i + 1}-`));
          const long = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]);
          const along = (at: readonly number[]): number =>
            [0, 1, 2].reduce((sum, k) => sum + ((at[k] ?? 0) - (from[k] ?? 0)) * ((to[k] ?? 0) - (from[k] ?? 0)), 0) /
            long;
          const spans = own.map((block) => [along(block.corner), along(block.corner) + block.cutMm] as const);
          spans.slice(1).forEach(([start], n) => expect(start).toBeGreaterThanOrEqual(spans[n]![1] - 1e-6));
          expect(spans[0]![0]).toBeGreaterThanOrEqual(-1e-6);
          expect(spans.at(-1)![1]).toBeLessThanOrEqual(long + 1e-6);
        });
      }),
      { numRuns: cases(30) },
    );
  });
});
