import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { cropIn } from '../crops/book';
import { DEMO_PLAN } from '../demo/garden';
import { yearOf } from '../growth/growth';
import { seasonOf } from '../plan/season';
import { computeGarden } from '../plan/compute';
import type { Plan, Planting, StructurePlan } from '../plan/plan';
import { VISITORS, type Visitor } from '../site/plot';
import { monthDayOf } from '../site/sun/season';
import { SOIL } from '../site/underfoot';
import { closedBy, getsPast } from '../site/visitors';
import { planOnBed } from '../structures/onto-bed.fixture';
import { kindOf, KINDS } from '../structures/registry';
import { inches } from '../quantity/length';
import { named } from './guard-sketches';
import { answerRoundAll, answersFor, type Answer } from './keep-out';
import { openTo, whoIsKeptOut } from './kept-out';

const visited = (plan: Plan, visitors: readonly Visitor[]): Plan => ({ ...plan, site: { ...plan.site, visitors } });
const watch = (plan: Plan) => whoIsKeptOut(plan, computeGarden(plan).structures);
const cabbages = planOnBed('hoop-tunnel', {}, {}, { crop: 'cabbage', training: 'head', count: 8 });
const threat = (plan: Plan, who: string) => watch(plan)[0]?.threats.find((one) => one.who === who);
/** An answer as it enters the plan: a gate in the fence it came with. */
const placed = ({ structures }: Answer): StructurePlan[] =>
  named(
    structures,
    structures.map((_, i) => `new-${i}`),
  ).map((one) => ({ ...one, name: 'New' }));
const ring = (closed: boolean, knobs: StructurePlan['knobs'] = {}): StructurePlan => ({
  id: 'fence',
  kind: 'garden-fence',
  name: 'Fence',
  stand: {
    on: 'path',
    closed,
    inside: 'left',
    underfoot: SOIL,
    spots: [
      [-4000, -2000],
      [4000, -2000],
      [4000, 2000],
      [-4000, 2000],
    ].map(([x, y]) => ({ xMm: 30_000 + (x ?? 0), yMm: 30_000 + (y ?? 0), groundMm: 0 })),
  },
  plantings: [],
  knobs,
});

describe('who is kept out', () => {
  it('birds come to canes while they fruit, rabbits as long as they are in leaf; a net is opened for bees and not “outgrown” in spring', () => {
    const canes = planOnBed('walk-in-cage', {}, {}, { crop: 'raspberry', training: 'canes', count: 6 });
    const plan = visited(canes, ['rabbits', 'birds']);
    const { starts, pickedFrom, pickedTo, ends } = yearOf(cropIn([], 'raspberry'), plan.site);
    const days = (who: string) => [threat(plan, who)?.from, threat(plan, who)?.to];
    expect(days('birds')).toEqual([monthDayOf((pickedFrom ?? 0) - 10), monthDayOf(pickedTo ?? 0)]);
    expect(days('rabbits')).toEqual([monthDayOf(starts), monthDayOf(ends)]);
    expect(threat(plan, 'birds')?.met.map(({ outgrown }) => outgrown)).toEqual([null]);
  });

  it('a net keeps butterflies from its bed and no rabbit; a closed fence keeps the rabbit from all inside it and no butterfly; an open one nobody', () => {
    const plan = visited(cabbages, ['rabbits']);
    expect(threat(plan, 'cabbage butterflies')?.keptOut).toBe(true);
    expect(threat(plan, 'rabbits')?.met.map((one) => one.past)).toEqual(['soft']);
    const fenced = { ...plan, structures: [ring(true)] };
    expect(threat(fenced, 'rabbits')?.keptOut).toBe(true);
    expect(threat(fenced, 'cabbage butterflies')?.met.map((one) => one.past)).toEqual(['roof']);
    expect(threat({ ...plan, structures: [ring(false)] }, 'rabbits')?.met).toEqual([]);
    expect(threat({ ...plan, structures: [ring(true, { height: inches(18) })] }, 'rabbits')?.met[0]?.past).toBe('low');
  });

  it('is kept from a bed only who is kept from every crop of it: a cover over the cabbages does nothing for the kale beside them', () => {
    const both = (over: readonly string[]): Plan => ({
      ...cabbages,
      plantings: [
        ...cabbages.plantings,
        {
          ...(cabbages.plantings[0] as Planting),
          id: 'kale',
          crop: 'kale',
          training: cropIn([], 'kale').trainings[0]?.id ?? '',
          count: 2,
        },
      ],
      structures: cabbages.structures.map((one) => ({ ...one, plantings: over })),
    });
    const butterflies = (over: readonly string[]) => threat(both(over), 'cabbage butterflies');
    expect(butterflies(['p', 'kale'])).toMatchObject({ crops: ['Cabbage', 'Kale'], keptOut: true });
    expect(butterflies(['p'])).toMatchObject({ crops: ['Cabbage', 'Kale'], keptOut: false });
  });

  it('a fence keeps out no more than its gate does: one too open lets in whom the fence stops', () => {
    const gate = (knobs: StructurePlan['knobs']): StructurePlan => ({
      id: 'gate',
      kind: 'garden-gate',
      name: 'Gate',
      stand: { on: 'run', of: 'fence', atMm: 2000 },
      plantings: [],
      knobs,
    });
    const plan = visited(cabbages, ['rabbits']);
    const shut = (knobs: StructurePlan['knobs']) =>
      threat({ ...plan, structures: [ring(true), gate(knobs)] }, 'rabbits')?.keptOut;
    expect([shut({}), shut({ filling: 'mesh', mesh: 'mesh-2x4-60', low: 'none' })]).toEqual([true, false]);
  });

  it('what visits comes to the crops of a family that it is known to like, and to no other', () => {
    const fleas = (crop: string, training: string) =>
      openTo(
        watch(
          visited({ ...planOnBed('weave', {}, {}, { crop, training, count: 4 }), structures: [] }, ['flea beetles']),
        )[0]!,
      );
    expect(fleas('cabbage', 'head')).toContain('flea beetles');
    expect(fleas('lettuce', 'head')).not.toContain('flea beetles');
  });

  it('a cage that is walked into counts for every bed inside its walls, and for none outside them', () => {
    const [bed] = cabbages.beds;
    const at = (id: string, yMm: number) => ({ ...bed!, id, name: id, yMm: bed!.yMm + yMm, widthMm: 300 });
    const cage: StructurePlan = {
      id: 'cage',
      kind: 'walk-in-cage',
      name: 'Cage',
      stand: { on: 'bed', bed: 'mine' },
      plantings: [],
      knobs: { room: inches(60), net: 'cover-bird', low: 'mesh-1-36' },
    };
    const plan: Plan = {
      ...visited(cabbages, ['rabbits', 'birds']),
      beds: [at('mine', 0), at('inside', 900), at('outside', 4000)],
      plantings: ['mine', 'inside', 'outside'].map((id) => ({
        id,
        bed: id,
        crop: 'strawberry',
        training: 'row',
        year: DEMO_PLAN.garden.year,
        count: 4,
      })),
      structures: [cage],
    };
    expect(watch(plan).map((one) => openTo(one))).toEqual([[], [], expect.arrayContaining(['rabbits', 'birds'])]);
  });

  it('has the trade’s limits: ¾″ for birds, 7 mm for butterflies, 0.8 mm for flea beetles, 1″ for rabbits (common practice, no source)', () => {
    const roofed = (mm: number) => ({ barrier: closedBy(mm, 2500), stiffMm: Infinity, roofed: true, floored: false });
    expect([19, 19.5].map((mm) => getsPast('birds', roofed(mm)))).toEqual([null, 'open']);
    expect([7, 7.1].map((mm) => getsPast('cabbage butterflies', roofed(mm)))).toEqual([null, 'open']);
    expect([0.8, 0.9].map((mm) => getsPast('flea beetles', roofed(mm)))).toEqual([null, 'open']);
    expect([1.3, 1.4].map((mm) => getsPast('carrot fly', roofed(mm)))).toEqual([null, 'open']);
    // It keeps low: a wall of fine mesh, 24″ high, does without a roof.
    expect(
      [609, 580].map((mm) => getsPast('carrot fly', { ...roofed(1.3), barrier: closedBy(1.3, mm), roofed: false })),
    ).toEqual([null, 'roof']);
    expect(
      [31, 40].map((mm) => getsPast('rabbits', { ...roofed(mm), barrier: { ...closedBy(mm, 900), buriedMm: 160 } })),
    ).toEqual([null, 'open']);
    // Plastic is gnawed; deer do not.
    const plastic = { ...roofed(50), roofed: false, stiffMm: 0, barrier: closedBy(50, 2400) };
    expect(['deer', 'dogs', 'groundhogs'].map((who) => getsPast(who, plastic))).toEqual([null, 'soft', 'soft']);
    // A wall of mesh two feet down keeps out what tunnels, a foot deep only voles, and those of ¼″ alone.
    const walled = (mm: number, deep: number) => ({ ...roofed(mm), barrier: { ...closedBy(mm, 300), buriedMm: deep } });
    expect(['moles', 'voles'].map((who) => getsPast(who, walled(6, 305)))).toEqual(['floor', null]);
    expect(['moles', 'voles'].map((who) => getsPast(who, walled(12, 610)))).toEqual([null, 'floor']);
    expect(['slugs', 'badgers', 'nobody knows it'].map((who) => getsPast(who, roofed(0.1)))).toEqual([
      'any',
      'any',
      'any',
    ]);
    expect(getsPast('burrowers', { ...roofed(1), floored: true })).toBeNull();
    expect(getsPast('squirrels', { ...roofed(19), roofed: false })).toBe('roof');
    expect(getsPast('deer', { ...roofed(50), barrier: closedBy(50, inches(80)), roofed: false })).toBe('low');
  });

  it('an answer does what it says: built, it stops those it names and lets in those it does not, for any visitors', () => {
    const beds = watch(DEMO_PLAN).map(({ bed }) => bed.id);
    fc.assert(
      fc.property(fc.constantFrom(...beds), fc.subarray([...VISITORS]), (bedId, visitors) => {
        const plan = visited(DEMO_PLAN, visitors);
        const answers = answersFor(kindOf, KINDS, plan, bedId);
        const [best] = answers;
        expect(answers.map((one) => one.leaves.length)).toEqual(
          answers.map((one) => one.leaves.length).toSorted((a, b) => a - b),
        );
        if (!best) return;
        const built = {
          ...plan,
          structures: [...plan.structures, ...placed(best)],
        };
        const after = watch(built).find(({ bed }) => bed.id === bedId)?.threats ?? [];
        for (const { who, keptOut } of after) {
          if (best.stops.includes(who)) expect(keptOut, who).toBe(true);
          if (best.leaves.includes(who)) expect(keptOut, who).toBe(false);
        }
      }),
      { numRuns: cases(12) },
    );
  });

  it('one fence round all stops in every bed what it stops, for less than one round each', () => {
    const plan = visited(DEMO_PLAN, ['rabbits', 'deer', 'birds']);
    const all = answerRoundAll(kindOf, KINDS, plan);
    expect(all?.stops).toEqual(expect.arrayContaining(['rabbits', 'deer']));
    expect(all?.leaves).toContain('birds');
    const built = { ...plan, structures: [...plan.structures, ...(all ? placed(all) : [])] };
    const after = watch(built);
    expect(after.filter(({ threats }) => threats.some((one) => one.who === 'deer' && !one.keptOut))).toEqual([]);
    const each = after.map(({ bed }) =>
      answersFor(kindOf, KINDS, plan, bed.id).find((one) => one.stops.includes('deer')),
    );
    expect(all?.totalMinor).toBeLessThan(each.reduce((sum, one) => sum + (one?.totalMinor ?? 0), 0));
  });

  it('counts a guard for what it covers: a metre of net on eight metres of bed keeps no bird from the rest, nor five places from eight plants', () => {
    const short = (rowLength: number, count: number) =>
      visited(
        planOnBed('hoop-tunnel', { rowLength }, { lengthMm: 8000 }, { crop: 'strawberry', training: 'row', count }),
        ['birds'],
      );
    expect(threat(short(8000, 8), 'birds')).toMatchObject({ keptOut: true });
    expect(threat(short(700, 30), 'birds')).toMatchObject({ keptOut: false, met: [{ past: 'part' }] });
    const bare = { ...short(1000, 8), structures: short(1000, 8).structures.map((one) => ({ ...one, plantings: [] })) };
    expect(threat(bare, 'birds')).toMatchObject({ keptOut: false, met: [{ past: 'part' }] });
  });

  it('a cover keeps out until its crop has grown into it, on the day that its own bench says; one that lies on leaves keeps no butterfly off them', () => {
    const flat = visited(
      planOnBed('flat-cover', { cover: 'cover-insect' }, {}, { crop: 'cabbage', training: 'head', count: 8 }),
      ['birds'],
    );
    const off = seasonOf(computeGarden(flat).structures[0]!).find(({ what }) => what.code === 'season.off')?.on;
    expect(off).toMatch(/^\d\d-\d\d$/);
    expect(threat(flat, 'birds')).toMatchObject({ keptOut: true, until: off, outgrown: true });
    expect(threat(flat, 'cabbage butterflies')?.met.map((one) => one.past)).toEqual(['touch']);
    // And it is not the first answer where another lasts.
    const answers = answersFor(kindOf, KINDS, { ...flat, structures: [] }, 'b');
    const lasts = answers.map(({ leaves, outgrown }) => [leaves.length, outgrown !== null] as const);
    expect(lasts).toEqual(lasts.toSorted((a, b) => a[0] - b[0] || Number(a[1]) - Number(b[1])));
    expect(answers[0]?.outgrown).toBeNull();
  });

  it('says from which day a net is opened for insects, and nothing of a bed in which nothing grows', () => {
    const squash = planOnBed(
      'hoop-tunnel',
      { cover: 'cover-insect' },
      {},
      { crop: 'cucumber', training: 'pruned', count: 4 },
    );
    expect(threat(visited(squash, []), 'striped beetles')?.until).toMatch(/^\d\d-\d\d$/);
    expect(watch({ ...squash, plantings: [] })).toEqual([]);
  });
});
