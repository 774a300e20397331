import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { isUrgent } from '../checks/check';
import { openTo, whoIsKeptOut, type BedWatch } from '../choosing/kept-out';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { monthDayOf } from '../site/sun/season';
import { planOnBed } from '../structures/onto-bed.fixture';
import { say } from '../wording/say';
import { nextSteps, type NextStep } from './next-steps';
import { openAt, openIn, openPoints, unheld } from './open-points';
import { AHEAD_PHRASES } from './phrases';

const TONGUE = { units: 'imperial', locale: 'en-IE' } as const;
/** The soil of a bed of its own lies in the middle of the ground. */
const amid = ({ beds, site }: Plan): Plan['beds'] =>
  beds.slice(0, 1).map((bed) => ({ ...bed, xMm: site.widthMm / 2, yMm: site.depthMm / 2 }));
const EMPTY: Plan = { ...DEMO_PLAN, beds: [], features: [], plantings: [], structures: [], crops: [], shed: [] };
const wall = planOnBed('panel-wall', {}, {}, { crop: 'tomato', training: 'two-leaders', count: 6 });

/** What a garden asks for, where some of it has been bought and printed. */
function steps(plan: Plan, done: { bought?: boolean; printed?: boolean } = {}): NextStep[] {
  const garden = computeGarden(plan);
  const here = openIn(plan, garden);
  return nextSteps({
    ...here,
    garden,
    points: openPoints(here),
    isBought: () => done.bought === true,
    isPrinted: () => done.printed === true,
  });
}
const asked = (plan: Plan, done = {}): string[] => steps(plan, done).map(({ door }) => door.to);

describe('what is open', () => {
  const garden = computeGarden(DEMO_PLAN);
  const points = openPoints(openIn(DEMO_PLAN, garden));

  it('is every finding that has to be looked at, once, what fails first; each can be said, and is counted where it is', () => {
    const urgent = garden.structures.flatMap(({ verdicts }) => verdicts.filter(isUrgent));
    expect(points.filter(({ at }) => at.is === 'structure')).toHaveLength(urgent.length);
    expect(new Set(points.map(({ id }) => id)).size).toBe(points.length);
    const levels = points.map(({ level }) => level);
    expect(levels).toEqual(levels.toSorted());
    for (const { told } of points) expect(say(told, AHEAD_PHRASES, TONGUE)).not.toBe('');
    const counted = [...openAt(points).values()].reduce((sum, { fails, warns }) => sum + fails + warns, 0);
    expect(counted).toBe(points.filter(({ at }) => at.is !== 'beds').length);
  });

  it('is who gets in as the page of who is kept out has it: each bed that is open there in one point, no other', () => {
    const open = whoIsKeptOut(DEMO_PLAN, garden.structures).filter((one) => openTo(one).length > 0);
    const told = points.flatMap(({ at }) => (at.is === 'beds' ? at.ids : []));
    expect(told.toSorted()).toEqual(open.map(({ bed }) => bed.id).toSorted());
    const nobody = { ...DEMO_PLAN, site: { ...DEMO_PLAN.site, visitors: [] } };
    expect(openPoints(openIn(nobody, garden)).some(({ at }) => at.is === 'beds')).toBe(false);
  });

  it('is a crop that climbs and has nothing to climb; one that stands by itself is not', () => {
    const bare = { ...wall, structures: [] };
    expect(unheld({ plan: bare, garden: computeGarden(bare) })).toHaveLength(1);
    expect(unheld({ plan: wall, garden: computeGarden(wall) })).toEqual([]);
    const salad = planOnBed('hoop-tunnel', {}, {}, { crop: 'lettuce', training: 'head', count: 6 });
    const open = { ...salad, structures: [] };
    expect(unheld({ plan: open, garden: computeGarden(open) })).toEqual([]);
  });

  it('is a bed that lies over another, over what nobody can dig, or past the edge of the ground, till it is moved', () => {
    const [bed] = amid({ ...DEMO_PLAN, beds: wall.beds });
    const codes = (beds: Plan['beds'], features: Plan['features'] = []) => {
      const plan = { ...EMPTY, beds, features };
      return openPoints(openIn(plan, computeGarden(plan))).map(({ told, at }) => [
        told.code,
        at.is === 'bed' ? at.id : '',
      ]);
    };
    const house = DEMO_PLAN.features.find(({ kind }) => kind === 'house')!;
    const line = DEMO_PLAN.features.find(({ kind }) => kind === 'buried line')!;
    const under = { xMm: bed!.xMm, yMm: bed!.yMm };
    expect(codes([bed!])).toEqual([]);
    expect(codes([bed!, { ...bed!, id: 'again' }])).toEqual([['open.bed-over', 'again']]);
    expect(
      codes(
        [bed!],
        [
          { ...house, ...under },
          { ...line, ...under },
        ],
      ),
    ).toEqual([['open.bed-over', bed!.id]]);
    expect(
      codes([{ ...bed!, underfoot: { is: 'balcony', bearsKgM2: 500, answeredBy: 'A' } }], [{ ...house, ...under }]),
    ).toEqual([]);
    expect(codes([{ ...bed!, xMm: 0 }])).toEqual([['open.bed-past', bed!.id]]);
  });

  it('is what has no price', () => {
    const dear = { ...wall, priceBook: { ...wall.priceBook, lines: [] } };
    const found = openPoints(openIn(dear, computeGarden(dear))).filter(({ at }) => at.is === 'stock');
    expect(found.length).toBeGreaterThan(0);
    expect(found.every(({ told }) => told.code === 'open.no-price')).toBe(true);
  });
});

describe('who gets in on a day', () => {
  const day = fc.integer({ min: 1, max: 365 });
  const watch = (from: number, to: number, until: number | null): BedWatch => ({
    bed: { id: 'b', name: 'B', xMm: 0, yMm: 0, turnDeg: 0, lengthMm: 1, widthMm: 1 },
    crops: [],
    threats: [
      {
        who: 'rabbits',
        crops: [],
        from: monthDayOf(from),
        to: monthDayOf(to),
        keptOut: until !== null,
        met: [],
        until: until === null ? null : monthDayOf(until),
        outgrown: false,
      },
    ],
  });

  it('comes between its days alone, over the turn of the year too; what is opened keeps nobody out from then on', () => {
    fc.assert(
      fc.property(day, fc.integer({ min: 0, max: 300 }), fc.nat(300), day, (from, long, after, on) => {
        const within = (by: number): boolean => (((on - from - by) % 365) + 365) % 365 <= long - by;
        const to = ((from + long - 1) % 365) + 1;
        expect(openTo(watch(from, to, null), monthDayOf(on)).length > 0).toBe(within(0));
        const opens = Math.min(after, long);
        const until = ((from + opens - 1) % 365) + 1;
        expect(openTo(watch(from, to, until), monthDayOf(on)).length > 0).toBe(within(0) && within(opens));
        expect(openTo(watch(from, to, until))).toEqual([]);
      }),
      { numRuns: cases(300) },
    );
  });
});

describe('what is next', () => {
  it('goes the way of the work: the ground, a bed, what grows, on what, who visits, what is open, the shop, the plans', () => {
    expect(asked(EMPTY)).toEqual(['ground', 'first bed']);
    const bed = { ...EMPTY, beds: amid({ ...EMPTY, beds: wall.beds }), site: { ...EMPTY.site, visitors: [] } };
    expect(asked(bed)).toEqual(['plant']);
    expect(asked({ ...bed, plantings: wall.plantings })).toEqual(['on what', 'visitors', 'open']);
    const built = { ...bed, plantings: wall.plantings, structures: wall.structures };
    const last = asked(built).slice(-2);
    expect(last).toEqual(['list', 'print']);
    expect(asked(built, { bought: true })).not.toContain('list');
    expect(asked(built, { bought: true, printed: true })).not.toContain('print');
  });

  it('can be said, is told apart by what it asks, and asks for nothing where all is done', () => {
    for (const plan of [EMPTY, wall, DEMO_PLAN]) {
      const all = steps(plan);
      for (const { told } of all) expect(say(told, AHEAD_PHRASES, TONGUE)).toMatch(/\w/);
      expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
    }
    const fine = {
      ...wall,
      beds: wall.beds.slice(0, 1),
      site: { ...wall.site, visitors: ['rabbits'] as const },
      structures: [],
      plantings: [],
    };
    expect(asked({ ...fine, beds: [], features: DEMO_PLAN.features }, { bought: true, printed: true })).toEqual([
      'first bed',
    ]);
  });
});
