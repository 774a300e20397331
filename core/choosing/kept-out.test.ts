import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import type { Plan, StructurePlan } from '../plan/plan';
import { VISITORS, type Visitor } from '../site/plot';
import { SOIL } from '../site/underfoot';
import { closedBy, getsPast } from '../site/visitors';
import { planOnBed } from '../structures/onto-bed.fixture';
import { kindOf, KINDS } from '../structures/registry';
import { inches } from '../quantity/length';
import { named } from './guard-sketches';
import { answerRoundAll, answersFor, openTo, whoIsKeptOut, type Answer } from './kept-out';

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
        count: 4,
      })),
      structures: [cage],
    };
    expect(watch(plan).map((one) => openTo(one))).toEqual([[], [], expect.arrayContaining(['rabbits', 'birds'])]);
  });

  it('has the trade’s limits: ¾″ for birds, 7 mm for butterflies, 1.3 mm for flea beetles, 1″ for rabbits (common practice, no source)', () => {
    const roofed = (mm: number) => ({ barrier: closedBy(mm, 2500), stiffMm: Infinity, roofed: true, floored: false });
    expect([19, 19.5].map((mm) => getsPast('birds', roofed(mm)))).toEqual([null, 'open']);
    expect([7, 7.1].map((mm) => getsPast('cabbage butterflies', roofed(mm)))).toEqual([null, 'open']);
    expect([1.3, 1.4].map((mm) => getsPast('flea beetles', roofed(mm)))).toEqual([null, 'open']);
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
      { numRuns: 12 },
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

  it('says from which day a net is opened for insects, and nothing of a bed in which nothing grows', () => {
    const squash = planOnBed(
      'hoop-tunnel',
      { cover: 'cover-insect' },
      {},
      { crop: 'cucumber', training: 'pruned', count: 4 },
    );
    expect(threat(visited(squash, []), 'striped beetles')?.opens).toMatch(/^\d\d-\d\d$/);
    expect(watch({ ...squash, plantings: [] })).toEqual([]);
  });
});
