import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { kindsInstead } from '../../../choosing/instead';
import { ROW_KINDS } from '../../../choosing/sketches';
import { CATALOGUE } from '../../../catalogue/catalogue';
import type { Bar } from '../../../design/shapes/bar';
import type { Sheet } from '../../../design/shapes/sheet';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed, planOnBed } from '../../onto-bed.fixture';
import { kind } from './index';

const BEANS = { crop: 'pole-bean', training: 'row', count: 8 };
const PEAS = { crop: 'pea', training: 'row', count: 20 };

describe('what stands already', () => {
  it('costs nothing, whatever it is: all of it is one’s own, and nobody is told to buy or build any but the net that is hung on it', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { sized, cost, shopping, bill } = first(plan);
        const hung = String(sized.knobs['net']?.value);
        for (const { stock, role } of sized.design.parts)
          expect(CATALOGUE.stock(stock).sold).toBe(role === 'net' ? 'rolls' : 'own');
        const bought = [...new Set(shopping.purchases.map(({ stock }) => stock))];
        if (hung === 'none') {
          expect(sized.design.joints.flatMap(({ fixings }) => fixings)).toEqual([]);
          expect([cost.totalMinor, cost.complete, bought]).toEqual([0, true, []]);
        } else expect(bought.toSorted()).toEqual([hung, 'tie-uv'].toSorted());
        expect(bill.length).toBeGreaterThan(0);
      }),
      { numRuns: cases(20) },
    );
  });

  it('is drawn as it was measured: so long, so high, its posts no farther apart, its first hold where that is', () => {
    fc.assert(
      fc.property(
        fc.record({
          rowLength: fc.integer({ min: 900, max: 4500 }),
          top: fc.integer({ min: 500, max: 3000 }),
          starts: fc.integer({ min: 0, max: 400 }),
          posts: fc.integer({ min: 400, max: 3000 }),
          apart: fc.integer({ min: 20, max: 400 }),
          made: fc.constantFrom('mesh', 'wires', 'slats'),
        }),
        (knobs) => {
          const { ofRole, design } = onBed('standing', knobs, {}, BEANS);
          const posts = ofRole<Bar>('post');
          for (const { from, to } of posts) expect(to[2] - from[2]).toBeCloseTo(knobs.top, 6);
          posts.slice(1).forEach(({ from }, i) => {
            expect(from[0] - (posts[i] as Bar).from[0]).toBeLessThanOrEqual(knobs.posts + 0.6);
          });
          expect(design.hold).toMatchObject({ startsMm: knobs.starts, topMm: { least: knobs.top, most: knobs.top } });
          const wires = ofRole('wire').length;
          if (knobs.made === 'wires')
            expect(wires).toBe(Math.min(60, Math.floor((knobs.top - knobs.starts) / knobs.apart + 1e-6) + 1));
        },
      ),
      { numRuns: cases(40) },
    );
  });

  it('says what climbs it and what does not: thin tendrils no thick slats, heavy fruit nothing that gives', () => {
    const codes = (knobs: Record<string, number | string>, what: typeof BEANS) =>
      onBed('standing', { top: feet(6), ...knobs }, {}, what).codes;
    expect(codes({ made: 'mesh', apart: inches(2) }, PEAS)).toContain('climb.climbs');
    expect(codes({ made: 'slats', thick: inches(1.5) }, PEAS)).not.toContain('climb.climbs');
    expect(codes({ bears: 'light' }, { crop: 'cucumber', training: 'vine', count: 4 })).toContain('load.never');
    expect(codes({ bears: 'heavy' }, { crop: 'cucumber', training: 'vine', count: 4 })).toContain('load.carried');
    // Too low for its crop it stays as it is: that is told, and nothing is offered that would be built.
    const low = onBed('standing', { top: feet(3) }, {}, BEANS);
    for (const { check, mend } of low.verdicts) if (check === 'crop-height') expect(mend).toBeFalsy();
  });

  it('is never suggested to be built', () => {
    expect(ROW_KINDS.map(({ id }) => id)).not.toContain('standing');
    const plan = planOnBed('panel-wall', {}, {}, BEANS);
    expect(kindsInstead(plan, plan.structures[0]!).map(({ id }) => id)).not.toContain('standing');
    const there = planOnBed('standing', {}, {}, BEANS);
    expect(kindsInstead(there, there.structures[0]!).map(({ id }) => id)).toContain('standing');
  });

  it('a fence of boards carries peas when a net hangs on it: that is its one mend, and it climbs then', () => {
    const slats = { made: 'slats', thick: inches(3), top: feet(5), bears: 'heavy' };
    const bare = onBed('standing', slats, {}, PEAS);
    const mend = bare.verdicts.find(({ told }) => told.code === 'climb.thick' || told.code === 'mesh.wide')?.mend;
    expect(mend?.settings).toMatchObject({ net: 'mesh-fine' });
    const hung = onBed('standing', { ...slats, ...mend?.settings }, {}, PEAS);
    for (const code of ['climb.thick', 'mesh.wide']) expect(hung.codes).not.toContain(code);
    expect(hung.codes).toContain('climb.climbs');
    // From its first hold to its top, in strips of two feet at most.
    expect(hung.design.hold?.topMm.most).toBe(feet(5));
    expect(hung.ofRole<Sheet>('net').map(({ heightMm }) => heightMm <= feet(2) + 1e-6)).toEqual([true, true, true]);
  });
});
