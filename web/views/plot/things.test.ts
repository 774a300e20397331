import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { computeGarden } from '@lignum/core/plan/compute';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { readPlan } from '@lignum/core/formats/read-plan';
import type { PlanSpot } from '@lignum/core/site/plot';
import { alongPath, type PathSpot } from '@lignum/core/site/path';
import { arrowMove } from './arrows';
import {
  bendPath,
  bodyOf,
  extentOf,
  moveThing,
  MOST_CORNERS,
  newFeature,
  settleSpot,
  thingsOf,
  type Thing,
} from './things';

const ALL = thingsOf(DEMO_PLAN, computeGarden(DEMO_PLAN));
const anything = fc.constantFrom(...ALL);
const fence = ALL.find((one) => one.is === 'path') as Extract<Thing, { is: 'path' }>;
type Gate = Extract<Thing, { is: 'run' }>;
const mm = fc.integer({ min: 0, max: 14_000 });
const again = (thing: Thing, change: (plan: typeof DEMO_PLAN) => typeof DEMO_PLAN): Thing =>
  thingsOf(change(DEMO_PLAN), computeGarden(change(DEMO_PLAN))).find((one) => one.id === thing.id) as Thing;

describe('what is taken hold of on the plot', () => {
  it('is every bed and feature, and every structure that stands on no bed, once', () => {
    const onBeds = DEMO_PLAN.structures.filter(({ stand }) => stand.on === 'bed' || stand.on === 'beds').length;
    expect(ALL).toHaveLength(DEMO_PLAN.beds.length + DEMO_PLAN.features.length + DEMO_PLAN.structures.length - onBeds);
    expect(new Set(ALL.map(({ id }) => id)).size).toBe(ALL.length);
  });

  it('goes where it is put and keeps its size; a gate stays in its run, at the nearest place to where it is pulled', () => {
    fc.assert(
      fc.property(anything, mm, mm, (thing, xMm, yMm) => {
        const moved = again(thing, moveThing(thing, { xMm, yMm }));
        const [from, to] = [bodyOf(thing), bodyOf(moved)];
        if (thing.is !== 'run') {
          expect([to.xMm, to.yMm].map(Math.round)).toEqual([xMm, yMm]);
          expect([to.lengthMm, to.widthMm].map(Math.round)).toEqual([from.lengthMm, from.widthMm].map(Math.round));
          return;
        }
        const { stand } = moved as Gate;
        expect(stand.atMm).toBe(Math.round(alongPath(thing.path.spots, thing.path.closed, [xMm, yMm])));
      }),
      { numRuns: 20 },
    );
  });

  it('a gate that is nudged again before it is worked out what gap it gets goes on from where the plan has it', () => {
    const before = computeGarden(DEMO_PLAN);
    const gateOf = (plan: typeof DEMO_PLAN) => thingsOf(plan, before).find((one) => one.is === 'run') as Gate;
    const nudged = [1, 2, 3].reduce((plan) => {
      const gate = gateOf(plan);
      const { xMm, yMm } = bodyOf(gate);
      return moveThing(gate, { xMm: xMm + 100, yMm })(plan);
    }, DEMO_PLAN);
    const [was, is] = [gateOf(DEMO_PLAN), gateOf(nudged)];
    expect(was.at).toEqual(before.structures.find(({ structure }) => structure.id === was.id)?.frame);
    // Three steps along its run, whichever way that goes.
    expect(Math.abs(Math.abs(is.stand.atMm - was.stand.atMm) - 300)).toBeLessThan(15);
  });

  it('turned four times by a quarter it is as it was; a path turned by a quarter about its middle swaps its sides', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ALL.filter((one) => one.is !== 'run')), (thing) => {
        const quarter = (one: Thing) =>
          again(one, moveThing(one, { turnDeg: one.is === 'path' ? 90 : bodyOf(one).turnDeg + 90 }));
        const turned = quarter(thing);
        const [before, after] = [extentOf(thing), extentOf(turned)];
        expect(after.right - after.left).toBeCloseTo(before.top - before.bottom, 3);
        expect((after.left + after.right) / 2).toBeCloseTo((before.left + before.right) / 2, 3);
      }),
      { numRuns: 20 },
    );
  });

  it('whatever is moved, turned or bent, the door takes the plan', () => {
    const change = fc.oneof(
      fc.tuple(anything, mm, mm).map(([thing, xMm, yMm]) => moveThing(thing, { xMm, yMm })),
      fc
        .tuple(fc.integer({ min: 0, max: 5 }), mm, mm)
        .map(([corner, xMm, yMm]) =>
          bendPath(fence, (spots) => spots.map((spot, i) => (i === corner ? { ...spot, xMm, yMm } : spot))),
        ),
      fc.integer({ min: 0, max: 5 }).map((corner) => bendPath(fence, (spots) => spots.filter((_, i) => i !== corner))),
    );
    fc.assert(
      fc.property(change, (edit) => {
        const read = readPlan(edit(DEMO_PLAN));
        expect(read.ok ? [] : read.faults).toEqual([]);
      }),
      { numRuns: 20 },
    );
  });
});

describe('a path that is bent', () => {
  const bent = (change: (spots: readonly PathSpot[]) => readonly PathSpot[], closed?: boolean) =>
    (again(fence, bendPath(fence, change, closed)) as typeof fence).stand;

  it('stays as it was where that would leave less than a path, too many corners, or two on one spot', () => {
    const [first] = fence.stand.spots as readonly [PathSpot];
    for (const change of [
      (spots: readonly PathSpot[]) => spots.slice(0, 1),
      (spots: readonly PathSpot[]) => [first, ...spots],
      () => Array.from({ length: MOST_CORNERS + 1 }, (_, i): PathSpot => ({ xMm: i * 500, yMm: 0, groundMm: 0 })),
    ])
      expect(bent(change)).toEqual(fence.stand);
  });

  it('tells the soil’s height over its first corner, and closes only round something', () => {
    const high = bent((spots) => spots.map((spot) => ({ ...spot, groundMm: spot.groundMm + 120 })));
    expect(high.spots.map(({ groundMm }) => groundMm)).toEqual(
      fence.stand.spots.map(({ groundMm }) => groundMm - (fence.stand.spots[0]?.groundMm ?? 0)),
    );
    expect(bent((spots) => spots, true).closed).toBe(true);
    expect(bent((spots) => spots.slice(0, 2), true).closed).toBe(false);
  });
});

it('a corner settles on an edge when close to one, else on a round length, and always on the plot', () => {
  const { widthMm, depthMm } = DEMO_PLAN.site;
  fc.assert(
    fc.property(fc.integer({ min: -500, max: 16_000 }), fc.integer({ min: -500, max: 17_000 }), (x, y) => {
      const settled = settleSpot(DEMO_PLAN.site, ALL, [x, y], 100);
      const edges = ALL.map(extentOf);
      settled.forEach((at, n) => {
        const most = n === 0 ? widthMm : depthMm;
        const lines = [0, most, ...edges.flatMap((one) => (n === 0 ? [one.left, one.right] : [one.bottom, one.top]))];
        const onLine = lines.some((line) => Math.abs(Math.max(0, Math.min(most, line)) - at) < 1e-6);
        expect(onLine || Math.abs(at / 100 - Math.round(at / 100)) < 1e-9).toBe(true);
        expect(at).toBeGreaterThanOrEqual(0);
        expect(at).toBeLessThanOrEqual(most);
        const wish = [x, y][n] as number;
        if (wish > 0 && wish < most) expect(Math.abs(at - wish)).toBeLessThanOrEqual(70);
      });
    }),
  );
});

it('an arrow moves a step the way it points, twelve with Shift; other keys move nothing', () => {
  const ways: Record<string, PlanSpot> = {
    ArrowLeft: [-25, 0],
    ArrowRight: [25, 0],
    ArrowUp: [0, 25],
    ArrowDown: [0, -25],
  };
  for (const [key, [x, y]] of Object.entries(ways)) {
    expect(arrowMove({ key, shiftKey: false }, 25)?.map((value) => value + 0)).toEqual([x, y]);
    expect(arrowMove({ key, shiftKey: true }, 25)?.map((value) => value + 0)).toEqual([x * 12, y * 12]);
    expect(arrowMove({ key, shiftKey: true }, 25, 5)?.map((value) => value + 0)).toEqual([x * 5, y * 5]);
  }
  expect(arrowMove({ key: 'a', shiftKey: false }, 25)).toBeNull();
});

it('a new thing lies on the plot and passes the door, whatever it is', () => {
  for (const kind of ['tree', 'house', 'wall', 'fence', 'path', 'water', 'buried line', 'well', 'compost'] as const) {
    const feature = newFeature(DEMO_PLAN, kind);
    expect(feature.lengthMm).toBeLessThanOrEqual(DEMO_PLAN.site.widthMm);
    expect(readPlan({ ...DEMO_PLAN, features: [...DEMO_PLAN.features, feature] }).ok).toBe(true);
  }
});
