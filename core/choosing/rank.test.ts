import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { CATALOGUE } from '../catalogue/catalogue';
import { CROPS } from '../crops/table';
import { DEMO_PLAN } from '../demo/garden';
import type { Plan, StructurePlan } from '../plan/plan';
import type { Wind } from '../site/soil';
import { say } from '../wording/say';
import { overtakesIn, spending } from './over-seasons';
import { CHOOSING_PHRASES } from './phrases';
import { cropIn } from '../crops/book';
import { named } from './guard-sketches';
import { kindsInstead } from './instead';
import { computeAs } from '../plan/compute-as';
import { kindOf } from '../structures/registry';
import { bestKind, burden, rankKinds } from './rank';
import { ROW_KINDS, sketchesFor } from './sketches';
import { shadeTaken, weighed } from './weigh';
import { shareOut } from './share-out';
import { rankBeds } from './where';

/** A crop by itself in a bed, and every kind of row for it; in no more wind than most, where that is not said. */
function sketched(crop: string, training: string, count = 8, bed = 'long-bed', wind: Wind = 'usual') {
  const plan: Plan = {
    ...DEMO_PLAN,
    beds: DEMO_PLAN.beds.map((one) => (one.id === 'long-bed' ? { ...one, wind } : one)),
    structures: [],
    plantings: [{ id: 'p', bed, crop, training, count, year: DEMO_PLAN.garden.year }],
  };
  const sketches = ROW_KINDS.map((kind) => [
    {
      id: `s-${kind.id}`,
      kind: kind.id,
      name: kind.name,
      stand: { on: 'bed', bed } as const,
      plantings: ['p'],
      knobs: {},
    },
  ]);
  return { plan, sketches };
}
function ranked(...asked: Parameters<typeof sketched>) {
  const { plan, sketches } = sketched(...asked);
  return rankKinds(plan, sketches);
}

it('the best alone is the first of all that are ranked, said alike, in wind and out of it', () => {
  for (const [crop, wind] of [
    ['tomato', 'exposed'],
    ['pole-bean', 'usual'],
  ] as const) {
    const { plan, sketches } = sketched(crop, cropIn([], crop).trainings[0]?.id ?? '', 8, 'long-bed', wind);
    expect(bestKind(plan, sketches)).toEqual(rankKinds(plan, sketches)[0]);
  }
  expect(bestKind(DEMO_PLAN, [])).toBeNull();
});

describe('what stands, weighed', () => {
  it('is each as asked, by the very bill and verdicts it has in the garden, a fence with its gates; what would be ranked first among sketches of it is no worse', () => {
    const ids = ['tomato-weave', 'river-fence', 'nobody', 'tomato-wall'];
    const choices = weighed(DEMO_PLAN, ids);
    expect(choices.map(({ structure }) => structure.id)).toEqual(['tomato-weave', 'river-fence', 'tomato-wall']);
    for (const choice of choices) {
      const alone = DEMO_PLAN.structures.filter(
        ({ id, stand }) => id === choice.structure.id || (stand.on === 'run' && stand.of === choice.structure.id),
      );
      const bought = alone.map((one) => computeAs(kindOf, DEMO_PLAN, one));
      expect(choice.cost.totalMinor).toBe(bought.reduce((sum, { cost }) => sum + cost.totalMinor, 0));
      expect(choice.verdicts.map(({ told }) => told.code)).toEqual(bought[0]?.verdicts.map(({ told }) => told.code));
      for (const told of [...choice.pro, ...choice.con])
        expect(say(told, CHOOSING_PHRASES, { units: 'imperial', locale: 'en-IE' })).toMatch(/\w/);
    }
    // The sun it takes is the same where nothing but that is asked.
    for (const { structure, suits, shade } of choices)
      expect(shadeTaken(DEMO_PLAN, structure)).toEqual(suits ? shade : undefined);
    expect(choices[1]?.also.length).toBeGreaterThan(0);
    expect(choices[1]?.guard?.stops.length).toBeGreaterThan(0);
  });
});

describe('which support a crop deserves', () => {
  it('bush crops get a panel, not strings; what cannot be trained up is told so and can still be chosen', () => {
    const pepper = ranked('pepper', 'bush');
    const strings = pepper.find((choice) => choice.structure.kind === 'twine-frame');
    expect([pepper[0]?.suits, strings?.suits, pepper.length]).toEqual([true, false, ROW_KINDS.length]);
    expect(strings?.con.map((told) => told.code)).toContain('climb.bush-string');
    // A stake, a cone of canes and a frame of thread carry beans and peas, never squash (common practice, no source).
    const squash = ranked('squash', 'vine', 4, 'odd-bed');
    expect(
      squash
        .filter((choice) => !choice.suits)
        .map((choice) => choice.structure.kind)
        .sort(),
    ).toEqual([
      'brushwood',
      'crossed-canes',
      'grow-through',
      'obelisk',
      'post-and-wire',
      'stake',
      'tepee',
      'wall-trellis',
      'wall-wires',
      'woven-frame',
    ]);
    expect(ranked('lettuce', 'head').every((choice) => !choice.suits)).toBe(true);
  });

  const growing = (crop: string, training: string, count: number): Plan => ({
    ...DEMO_PLAN,
    site: { ...DEMO_PLAN.site, visitors: ['rabbits'] },
    structures: [],
    plantings: [{ id: 'p', bed: 'long-bed', crop, training, count, year: DEMO_PLAN.garden.year }],
  });
  const guarded = (plan: Plan) => {
    const sketches = sketchesFor(
      plan,
      plan.beds.find((bed) => bed.id === 'long-bed')!,
      plan.plantings[0]!,
    );
    const ids = (some: readonly unknown[], n: number) => some.map((_, i) => `s-${n}-${i}`);
    return rankKinds(
      plan,
      sketches.map((some, n) => named(some, ids(some, n)).map((one) => ({ ...one, name: 'S' }))),
    );
  };

  it('what does not climb is ranked under covers and behind fences: those that stop more of who comes first, a fence with its gate', () => {
    const plan = growing('cabbage', 'head', 4);
    const choices = guarded(plan);
    const of = (kind: string) => choices.find(({ structure }) => structure.kind === kind)!;
    // Butterflies and rabbits come to cabbages: fine net on stiff mesh stops both, a net one, a fence the other. Only
    // four collars, at an eighth of its price, come before it.
    expect(choices.slice(0, 2).map(({ structure }) => structure.kind)).toEqual(['collar', 'lidded-frame']);
    expect([of('lidded-frame'), of('hoop-tunnel'), of('garden-fence')].map((one) => one.guard?.leaves.length)).toEqual([
      0, 1, 1,
    ]);
    const fence = of('garden-fence');
    expect(fence.also.map((one) => [one.kind, one.stand.on === 'run' && one.stand.of])).toEqual([
      ['garden-gate', fence.structure.id],
    ]);
    const alone = rankKinds(plan, [[fence.structure]]);
    expect(fence.cost.totalMinor).toBeGreaterThan(alone[0]?.cost.totalMinor ?? 0);
    // Nobody builds a box round a handful of radishes: what is at stake is the crop.
    expect(['collar', 'flat-cover']).toContain(guarded(growing('radish', 'row', 6))[0]?.structure.kind);
    // What is trained flat wants wires: they come first, and all else says that it has none, or no wall to hang them on.
    const [wires, ...others] = ranked('apple', 'cordon', 2);
    expect([wires?.structure.kind, wires?.suits]).toEqual(['post-and-wire', true]);
    for (const { structure, suits, con } of others)
      expect([
        suits,
        con.some(({ code }) => code === (structure.kind === 'wall-wires' ? 'wall.none' : 'climb.wires')),
      ]).toEqual([false, true]);
    // Before a wall they hang on that: nothing has to be dug or strutted.
    const border = ranked('apple', 'cordon', 2, 'wall-border');
    expect(border[0]?.structure.kind).toBe('wall-wires');
  });

  it('compares like with like: what holds a few of many is reckoned for as many as are wanted, or is out', () => {
    const many = ranked('pole-bean', 'single', 40);
    for (const { times, suits, design } of many) {
      expect(times).toBe(Math.max(1, Math.ceil(40 / design.stations.length)));
      if (times > 3) expect(suits).toBe(false);
    }
    // A cone for a dozen of forty beans is out; beans twine up strings and poles before level twine (common practice, no source).
    const rank = (kind: string) => many.findIndex(({ structure }) => structure.kind === kind);
    expect(rank('twine-frame')).toBeLessThan(rank('weave'));
    expect(many.find(({ structure }) => structure.kind === 'weave')?.con.map((told) => told.code)).toContain(
      'climb.along',
    );
  });

  it('never ranks what does not suit above what does, and says every reason in words, for every crop', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CROPS),
        fc.constantFrom(...DEMO_PLAN.beds.map((bed) => bed.id)),
        fc.integer({ min: 1, max: 30 }),
        (crop, bed, count) => {
          const choices = ranked(crop.id, crop.trainings[0]?.id ?? '', count, bed);
          const fit = choices.map((choice) => choice.suits);
          expect([...fit].sort((a, b) => Number(b) - Number(a))).toEqual(fit);
          for (const told of choices.flatMap((choice) => [...choice.pro, ...choice.con]))
            expect(say(told, CHOOSING_PHRASES, { units: 'metric', locale: 'en' })).not.toMatch(/NaN|undefined|[{}]/);
        },
      ),
      { numRuns: cases(12) },
    );
  });

  it('offers to build what stands only as what is for the same, itself among it, the fittest first', () => {
    for (const structure of DEMO_PLAN.structures) {
      const kinds = kindsInstead(DEMO_PLAN, structure);
      expect(kinds.map(({ id }) => id)).toContain(structure.kind);
      expect([...new Set(kinds.map(({ purpose }) => purpose))]).toEqual([kindOf(structure.kind).purpose]);
    }
    const wall = DEMO_PLAN.structures.find(({ id }) => id === 'tomato-wall') as StructurePlan;
    const plan = { ...DEMO_PLAN, structures: DEMO_PLAN.structures.filter((one) => one !== wall) };
    const ranked = rankKinds(
      plan,
      kindsInstead(DEMO_PLAN, wall).map(({ id }) => [{ ...wall, kind: id, knobs: {} }]),
    ).map(({ suits }) => suits);
    expect(new Set(ranked)).toEqual(new Set([true, false]));
    expect(ranked).toEqual(ranked.toSorted((a, b) => Number(b) - Number(a)));
  });

  it('weighs a warning as an hour and a half of work a season, a failure as what nobody would pay for, shade by the hour (from memory)', () => {
    const [choice] = ranked('tomato', 'two-leaders');
    if (!choice) throw new Error('nothing holds tomatoes');
    const found = (level: 'warn' | 'fail' | 'note') => ({
      check: 'c',
      level,
      told: { code: 'c', values: {}, says: '' },
    });
    const over = (o: Partial<typeof choice>) =>
      burden({ ...choice, ...o }, DEMO_PLAN, 0) - burden(choice, DEMO_PLAN, 0);
    const [note, warning, failure] = (['note', 'warn', 'fail'] as const).map((level) =>
      over({ verdicts: [...choice.verdicts, found(level)] }),
    );
    // Fourteen weeks of tending at 8 an hour.
    const anHour = over({ minutesAWeek: choice.minutesAWeek + 60 / 14 });
    expect([note, anHour]).toEqual([0, expect.closeTo(8, 6)]);
    expect(warning).toBeCloseTo(1.5 * anHour, 6);
    expect(failure).toBeGreaterThan(100 * (warning ?? NaN));
    const shade = { bed: 'b', hours: (choice.shade?.hours ?? 0) + 1 };
    expect(over({ shade })).toBeCloseTo(15, 6);
  });

  it('finds the bed: enough room, enough sun, and not where the family has just stood', () => {
    const tomato = cropIn([], 'tomato');
    const [first, ...rest] = rankBeds(
      { ...DEMO_PLAN, plantings: [], structures: [] },
      tomato,
      tomato.trainings[0] ?? { id: '', name: '', spacingMm: 500, pruned: true },
      14,
    );
    expect(first?.bed.id).toBe('long-bed');
    const yard = rest.find((choice) => choice.bed.id === 'yard-bed');
    expect(yard?.con.map((told) => told.code)).toEqual(expect.arrayContaining(['bed.family-again', 'bed.some-room']));
    for (const told of rest.flatMap((choice) => [...choice.pro, ...choice.con]))
      expect(say(told, CHOOSING_PHRASES, { units: 'imperial', locale: 'en' })).not.toMatch(/undefined|NaN/);
    // A full bed has no room left.
    expect(
      rankBeds(DEMO_PLAN, tomato, tomato.trainings[0] ?? { id: '', name: '', spacingMm: 500, pruned: true }, 14).find(
        (choice) => choice.bed.id === 'long-bed',
      )?.places.inset,
    ).toBe(0);
  });

  it('puts a bed with room and sun for all of them before one that has not, however much else speaks for that', () => {
    const empty: Plan = { ...DEMO_PLAN, plantings: [], structures: [] };
    for (const id of ['cucumber', 'tomato', 'pole-bean', 'pea'])
      for (const count of [4, 16, 40]) {
        const crop = cropIn([], id);
        const [first, ...rest] = rankBeds(
          empty,
          crop,
          crop.trainings[0] ?? { id: '', name: '', spacingMm: 500, pruned: true },
          count,
        );
        if (!first?.suits) expect(rest.some((one) => one.suits)).toBe(false);
        else
          expect([first.places.inset >= count, first.con.map((told) => told.code)]).toEqual([
            true,
            expect.not.arrayContaining(['bed.some-room', 'bed.shade']),
          ]);
      }
  });

  it('shares out wishes: every plant has a place or is said to have none, and no bed is filled past its length', () => {
    const anyWish = fc.record({ crop: fc.constantFrom(...CROPS), count: fc.integer({ min: 1, max: 60 }) });
    fc.assert(
      fc.property(fc.array(anyWish, { minLength: 1, maxLength: 6 }), (list) => {
        const empty: Plan = { ...DEMO_PLAN, plantings: [], structures: [] };
        const granted = shareOut(
          empty,
          list.map(({ crop, count }, i) => ({
            id: `w${i}`,
            crop: crop.id,
            training: crop.trainings[0]?.id ?? '',
            count,
          })),
        );
        const used = new Map<string, number>();
        for (const { wish, parts, left } of granted) {
          expect(parts.reduce((sum, part) => sum + part.count, left)).toBe(wish.count);
          const crop = cropIn([], wish.crop);
          const spacing = crop.trainings[0]?.spacingMm ?? 0;
          for (const part of parts) {
            const bed = DEMO_PLAN.beds.find((one) => one.id === part.bed);
            const rows = crop.habit === 'none' ? Math.max(1, Math.floor((bed?.widthMm ?? 0) / spacing)) : 1;
            used.set(part.bed, (used.get(part.bed) ?? 0) + (part.count * spacing) / rows);
          }
        }
        for (const bed of DEMO_PLAN.beds) expect(used.get(bed.id) ?? 0).toBeLessThanOrEqual(bed.lengthMm + 1);
      }),
      { numRuns: cases(25) },
    );
  });

  it('fills an empty bed before it crowds another that serves as well', () => {
    const [bed] = DEMO_PLAN.beds as [(typeof DEMO_PLAN.beds)[number]];
    const beds = ['a', 'b'].map((id, i) => ({
      ...bed,
      id,
      name: id,
      outline: { shape: 'rectangle' } as const,
      lengthMm: 6000,
      widthMm: 900,
      turnDeg: 90,
      riseMm: 0,
      grew: [],
      xMm: 15_000 + 8000 * i,
      yMm: 15_000,
    }));
    fc.assert(
      fc.property(
        fc.constantFrom('lettuce', 'carrot', 'tomato', 'pole-bean'),
        fc.constantFrom('a', 'b'),
        (id, taken) => {
          const crop = cropIn([], id);
          const plan: Plan = {
            ...DEMO_PLAN,
            features: [],
            structures: [],
            beds,
            site: { ...DEMO_PLAN.site, widthMm: 40_000, depthMm: 30_000 },
            plantings: [
              {
                id: 'p',
                bed: taken,
                crop: 'spinach',
                training: cropIn([], 'spinach').trainings[0]?.id ?? '',
                count: 2,
                year: DEMO_PLAN.garden.year,
              },
            ],
          };
          const [granted] = shareOut(plan, [{ id: 'w', crop: id, training: crop.trainings[0]?.id ?? '', count: 2 }]);
          expect(granted?.parts.map((part) => part.bed)).toEqual([taken === 'a' ? 'b' : 'a']);
        },
      ),
      { numRuns: cases(8) },
    );
  });

  it('counts seasons: what is bought again, and when the dearer start has become the cheaper', () => {
    const bought = (stock: string, costMinor: number) => [
      { stock, size: 1, count: 1, eachMinor: costMinor, costMinor },
    ];
    // Plastic ties last 2 seasons: bought in seasons 1, 3, 5.
    const taxed = { taxPercent: 10, pricesIncludeTax: true };
    expect(spending(bought('tie-plastic', 100), 5, CATALOGUE, taxed)).toEqual([100, 100, 200, 200, 300]);
    // Where the shelf's price has no tax in it, every season's has.
    expect(spending(bought('tie-plastic', 100), 5, CATALOGUE, { ...taxed, pricesIncludeTax: false })).toEqual([
      110, 110, 220, 220, 330,
    ]);
    expect(overtakesIn([250, 250, 250, 250, 250], [100, 100, 200, 200, 300])).toBe(5);
    expect(overtakesIn([100], [250])).toBeNull();
  });
});
