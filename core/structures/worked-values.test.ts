import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE, stockOf } from '../catalogue/catalogue';
import type { Plan } from '../plan/plan';
import { settingOf } from '../plan/setting-of';
import { feet, inches } from '../quantity/length';
import { one, planOnBed } from './onto-bed.fixture';
import { kindOf } from './registry';
import { screwThrough } from './rules/fixings';
import { stationsAlong } from './rules/stations';

const setting = settingOf(kindOf, planOnBed('weave'), planOnBed('weave').structures[0] as Plan['structures'][number]);
const tomato = { crop: 'tomato', training: 'two-leaders' };

describe('actual sizes', () => {
  // DOC PS 20-20, American Softwood Lumber Standard, table 3: dry dressed 2 → 1 1/2 in, 4 → 3 1/2 in.
  it.each([
    ['timber-2x4-untreated', 1.5, 3.5],
    ['timber-2x2-untreated', 1.5, 1.5],
  ])('%s is not what it is called', (id, thick, wide) => {
    const timber = stockOf(CATALOGUE, id, 'timber');
    expect([timber.thickMm, timber.wideMm]).toEqual([inches(thick), inches(wide)]);
  });
});

describe('plant places (common practice, no source)', () => {
  it('8′ at 12″ from end to end gives 9; 10′ at 12″, half a space in, gives 10 with the first at 6″', () => {
    expect(stationsAlong(feet(8), inches(12), 'ends')).toHaveLength(9);
    const inset = stationsAlong(feet(10), inches(12), 'inset');
    expect(inset).toHaveLength(10);
    expect(inset[0]).toBeCloseTo(inches(6), 6);
  });

  it('a 16′ panel takes about 7 tomatoes unpruned and 10 to 12 pruned', () => {
    expect(
      one('panel-wall', {}, { crop: 'tomato', training: 'unpruned' }, { school: 'ends' }).design.stations,
    ).toHaveLength(7);
    const pruned = one('panel-wall', {}, tomato, { school: 'ends' }).design.stations.length;
    expect(pruned).toBeGreaterThanOrEqual(10);
    expect(pruned).toBeLessThanOrEqual(12);
  });

  it('shares a row between two plantings by the bed each asks for', () => {
    const both = one('panel-wall', {}, tomato, {}, (plan) => ({
      ...plan,
      plantings: [
        { id: 'p', bed: 'b', crop: 'tomato', training: 'one-stem', count: 8, year: plan.garden.year },
        { id: 'q', bed: 'b', crop: 'cucumber', training: 'vine', count: 8, year: plan.garden.year },
      ],
      structures: plan.structures.map((structure) => ({ ...structure, plantings: ['p', 'q'] })),
    }));
    expect(both.design.stations.map((station) => station.planting)).toEqual([
      ...Array<string>(8).fill('p'),
      ...Array<string>(8).fill('q'),
    ]);
  });
});

describe('screws', () => {
  it('2½″ for 1½″ stock (common practice, no source), and never out of the far side', () => {
    expect(screwThrough(setting, inches(1.5), inches(3.5))).toBe('screw-short');
    fc.assert(
      fc.property(
        fc.double({ min: 11, max: 60, noNaN: true }),
        fc.double({ min: 11, max: 100, noNaN: true }),
        (head, hold) => {
          const { lengthMm } = stockOf(CATALOGUE, screwThrough(setting, head, hold), 'piece');
          expect(lengthMm).toBeLessThanOrEqual(head + hold);
          if (hold >= inches(1)) expect(lengthMm).toBeGreaterThan(head);
        },
      ),
    );
  });
});
