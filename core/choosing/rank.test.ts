import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import type { Plan } from '../plan/plan';
import { KINDS } from '../structures/registry';
import { say } from '../wording/say';
import { overtakesIn, spending } from './over-seasons';
import { CHOOSING_PHRASES } from './phrases';
import { cropIn } from '../crops/book';
import { rankKinds } from './rank';
import { rankBeds } from './where';

function ranked(crop: string, training: string, count = 8, bed = 'long-bed') {
  const plan: Plan = { ...DEMO_PLAN, structures: [], plantings: [{ id: 'p', bed, crop, training, count }] };
  return rankKinds(plan, KINDS, (kind) => ({ id: `s-${kind.id}`, kind: kind.id, name: kind.name, bed, plantings: ['p'], knobs: {} }));
}

describe('which support a crop deserves', () => {
  it('bush crops get a panel, not strings; what cannot be trained up is told so and can still be chosen', () => {
    const pepper = ranked('pepper', 'bush');
    expect([pepper[0]?.structure.kind, pepper[1]?.suits, pepper.length]).toEqual(['panel-wall', false, KINDS.length]);
    expect(pepper[1]?.con.map((told) => told.code)).toContain('climb.bush-string');
    expect(ranked('lettuce', 'head').every((choice) => !choice.suits)).toBe(true);
  });

  it('never ranks what does not suit above what does, and says every reason in words, for every crop', () => {
    fc.assert(fc.property(fc.constantFrom(...CROPS), fc.constantFrom(...DEMO_PLAN.beds.map((bed) => bed.id)), fc.integer({ min: 1, max: 30 }), (crop, bed, count) => {
      const choices = ranked(crop.id, crop.trainings[0]?.id ?? '', count, bed);
      const fit = choices.map((choice) => choice.suits);
      expect([...fit].sort((a, b) => Number(b) - Number(a))).toEqual(fit);
      for (const told of choices.flatMap((choice) => [...choice.pro, ...choice.con])) expect(say(told, CHOOSING_PHRASES, { units: 'metric', locale: 'en' })).not.toMatch(/NaN|undefined|[{}]/);
    }), { numRuns: 40 });
  });

  it('finds the bed: enough room, enough sun, and not where the family has just stood', () => {
    const tomato = cropIn([], 'tomato');
    const [first, ...rest] = rankBeds({ ...DEMO_PLAN, plantings: [], structures: [] }, tomato, tomato.trainings[0] ?? { id: '', name: '', spacingMm: 500, pruned: true }, 14);
    expect(first?.bed.id).toBe('long-bed');
    const yard = rest.find((choice) => choice.bed.id === 'yard-bed');
    expect(yard?.con.map((told) => told.code)).toEqual(expect.arrayContaining(['bed.family-again', 'bed.some-room']));
    for (const told of rest.flatMap((choice) => [...choice.pro, ...choice.con])) expect(say(told, CHOOSING_PHRASES, { units: 'imperial', locale: 'en' })).not.toMatch(/undefined|NaN/);
    // A full bed has no room left.
    expect(rankBeds(DEMO_PLAN, tomato, tomato.trainings[0] ?? { id: '', name: '', spacingMm: 500, pruned: true }, 14).find((choice) => choice.bed.id === 'long-bed')?.places.inset).toBe(0);
  });

  it('counts seasons: what is bought again, and when the dearer start has become the cheaper', () => {
    const bought = (stock: string, costMinor: number) => [{ stock, size: 1, count: 1, eachMinor: costMinor, costMinor }];
    // Plastic ties last 2 seasons: bought in seasons 1, 3, 5.
    expect(spending(bought('tie-plastic', 100), 5, CATALOGUE)).toEqual([100, 100, 200, 200, 300]);
    expect(overtakesIn([250, 250, 250, 250, 250], [100, 100, 200, 200, 300])).toBe(5);
    expect(overtakesIn([100], [250])).toBeNull();
  });
});
