import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { CATALOGUE } from '../../../catalogue/catalogue';
import { wallHolds } from '../../../checks/wall-holds';
import { barCorners, barOf } from '../../../design/shapes/bar';
import { ofShape } from '../../../design/shapes/shapes';
import type { Point } from '../../../geometry/space';
import { computeStructure } from '../../../plan/compute';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { planOnBed } from '../../onto-bed.fixture';
import { screwsIntoWall } from '../../rules/against-wall';
import type { BedSetting } from '../../setting';
import { crossing, diamonds, fan, squares, type Panel, type Run } from './lathwork';
import { kind } from './index';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyPanel: fc.Arbitrary<Panel> = fc.record({
  wideMm: mm(290, 1850),
  highMm: mm(381, 2400),
  everyMm: mm(100, 305),
  lathMm: fc.constantFrom(38, 63),
  battenMm: fc.constantFrom(38, 45),
  battenEveryMm: mm(300, 1220),
});
const lengthOf = ({ from, to }: Run): number => Math.hypot(to[0] - from[0], to[1] - from[1]);
/** How far a place lies from the middle line of a lath that goes on for ever. */
const offLine = ({ from, to }: Run, [x, y]: readonly [number, number]): number =>
  Math.abs((to[0] - from[0]) * (y - from[1]) - (to[1] - from[1]) * (x - from[0])) /
  Math.hypot(to[0] - from[0], to[1] - from[1]);

describe('laths of a panel', () => {
  it('squares: from edge to edge, in equal spaces no wider than asked; battens in free spaces, close enough', () => {
    fc.assert(
      fc.property(anyPanel, (panel) => {
        const { rear, front, battens } = squares(panel);
        for (const [runs, of, long] of [
          [rear, 1, panel.highMm],
          [front, 0, panel.wideMm],
        ] as const) {
          const at = runs.map(({ from }) => from[of]);
          const steps = at.slice(1).map((one, i) => one - (at[i] as number));
          expect(Math.max(...steps) - Math.min(...steps)).toBeLessThan(1e-6);
          expect(at[0]).toBeCloseTo(panel.lathMm / 2, 6);
          expect(at.at(-1)).toBeCloseTo(long - panel.lathMm / 2, 6);
          if (long > 2 * panel.everyMm + panel.lathMm) expect(steps[0]).toBeLessThanOrEqual(panel.everyMm + 1e-6);
        }
        const space = (front[1] as Run).from[0] - (front[0] as Run).from[0];
        for (const { from } of battens)
          expect(Math.min(...front.map((one) => Math.abs(one.from[0] - from[0])))).toBeCloseTo(space / 2, 6);
        const apart = battens.slice(1).map(({ from }, i) => from[0] - (battens[i] as Run).from[0]);
        // In whole spaces: the nearest to what was asked.
        if (apart.length > 0) expect(Math.max(...apart)).toBeLessThan(Math.max(panel.battenEveryMm, space) + space);
      }),
      { numRuns: cases(100) },
    );
  });

  it('diamonds: at 45°, mirrored, as far apart as asked, to the very edges; every one crosses another, no screw is covered', () => {
    fc.assert(
      fc.property(anyPanel, (panel) => {
        const { rear, front, battens } = diamonds(panel);
        // Four across, but a driver passes between two: three quarters of an inch.
        const every = Math.max(
          Math.min(panel.everyMm, panel.wideMm / 4, panel.highMm / 4),
          panel.lathMm + inches(0.75),
        );
        const onEdge = ([x, y]: readonly [number, number]) =>
          Math.min(Math.abs(x), Math.abs(x - panel.wideMm), Math.abs(y), Math.abs(y - panel.highMm)) < 1e-6 &&
          x > -1e-6 &&
          x < panel.wideMm + 1e-6 &&
          y > -1e-6 &&
          y < panel.highMm + 1e-6;
        for (const run of [...rear, ...front]) {
          expect(Math.abs(Math.abs(run.to[0] - run.from[0]) - (run.to[1] - run.from[1]))).toBeLessThan(1e-6);
          expect([run.from, run.to].every(onEdge)).toBe(true);
        }
        rear.slice(1).forEach((run, i) => expect(offLine(run, (rear[i] as Run).from)).toBeCloseTo(every, 6));
        for (const run of rear) expect(front.some((other) => crossing(run, other))).toBe(true);
        for (const run of front) expect(rear.some((other) => crossing(run, other))).toBe(true);
        for (const batten of battens)
          for (const run of rear) {
            const at = crossing(run, batten);
            if (at) for (const over of front) expect(offLine(over, at)).toBeGreaterThan(every / 2 - 1e-6);
          }
      }),
      { numRuns: cases(100) },
    );
  });

  it('a fan: ribs of one length from one foot that do not lie on each other, within the panel; a lath and two battens across all of them', () => {
    fc.assert(
      fc.property(anyPanel, fc.integer({ min: 3, max: 9 }), (panel, ribs) => {
        const { rear, front, battens } = fan({ ...panel, ribs });
        expect(rear.length).toBeLessThanOrEqual(ribs);
        for (const run of rear) expect(lengthOf(run)).toBeCloseTo(panel.highMm, 6);
        rear
          .slice(1)
          .forEach((run, i) => expect(offLine(run, (rear[i] as Run).from)).toBeGreaterThan(panel.lathMm - 1e-6));
        const all = [...rear, ...front].flatMap(({ from, to }) => [from[0], to[0]]);
        expect(Math.min(...all)).toBeGreaterThan(-1e-6);
        expect(Math.max(...all)).toBeLessThan(panel.wideMm + 1e-6);
        expect(battens.length).toBeGreaterThanOrEqual(2);
        for (const across of [...front, ...battens])
          expect(rear.filter((rib) => crossing(rib, across))).toHaveLength(rear.length);
        // A screw into a batten is not under a lath.
        for (const { from } of battens)
          expect(Math.min(...front.map((one) => Math.abs(one.from[1] - from[1])))).toBeGreaterThan(
            panel.lathMm / 2 - 1e-6,
          );
      }),
      { numRuns: cases(100) },
    );
  });
});

it('screws in the wall: weight shared, and a pull whose moment about the lower edge is that of the weight', () => {
  const told = (at: Parameters<typeof wallHolds>[0]) => wallHolds(at);
  // By hand: 10 kg is 98.0665 N; two screws at 200 and 400 mm, 100 mm before the wall: 49.03 each and
  // 98.0665 × 100 × 400 / (200² + 400²) = 19.61 on the upper.
  const hand = { kg: 10, outMm: 100, screwsUpMm: [200, 400], wallOf: 'brick' as const };
  expect(told(hand)?.told.values?.['each']).toEqual({ newtons: expect.closeTo(68.6466, 3) as number });
  expect(told(hand)?.level).toBe('good');
  expect(told({ ...hand, kg: 60 })?.told.code).toBe('wall.heavy');
  expect(told({ ...hand, kg: 25, wallOf: 'soft' })?.told.code).toBe('wall.heavy');
});

it('screws of a batten into the wall: one near each end, none farther apart than asked, none where a lath is screwed to it; plugged but in timber', () => {
  const catalogue = { catalogue: CATALOGUE } as BedSetting;
  fc.assert(
    fc.property(
      mm(300, 2400),
      mm(150, 915),
      fc.array(mm(0, 1), { maxLength: 8 }),
      fc.constantFrom('brick', 'timber'),
      (longMm, wallEvery, shares, wallOf) => {
        const batten = barOf({
          id: 'b',
          role: 'batten',
          of: { id: 'timber-2x2-treated', wideMm: 38, thickMm: 38 },
          from: [0, 0, 0],
          to: [0, 0, longMm],
        });
        // Laths lie as far apart as the finest lattice has them.
        const laths = shares
          .map((share) => share * longMm)
          .toSorted((a, b) => a - b)
          .filter((at, i, all) => i === 0 || at - (all[i - 1] as number) >= 100);
        const apart = laths.filter((at, i) => i === 0 || at - (laths[i - 1] as number) >= 100);
        const joint = screwsIntoWall(
          batten,
          apart.map((at): Point => [0, -19, at]),
          { wallEvery, wallOf },
          catalogue,
        );
        const at = joint.places.map(([, , up]) => up);
        for (const screw of at) for (const lath of apart) expect(Math.abs(screw - lath)).toBeGreaterThan(25 - 1e-6);
        expect(Math.min(...at)).toBeGreaterThan(0);
        expect(Math.max(...at)).toBeLessThan(longMm);
        // As far as asked, or moved by two screws’ room.
        const steps = at.slice(1).map((one, i) => one - (at[i] as number));
        expect(Math.max(...steps)).toBeLessThan(wallEvery + 100 + 1e-6);
        expect(joint.fixings.map(({ count }) => count)).toEqual(
          wallOf === 'timber' ? [at.length] : [at.length, at.length],
        );
        // Through 38 mm and on into the wall by 35 at the least.
        expect(CATALOGUE.stock(joint.fixings[0]!.stock)).toMatchObject({ lengthMm: 75 });
      },
    ),
    { numRuns: cases(80) },
  );
});

describe('a trellis on a wall', () => {
  const onWall = (knobs: Record<string, number | string>, crop: string, training: string) => {
    const plan = planOnBed(
      'wall-trellis',
      knobs,
      { lengthMm: feet(8), widthMm: feet(2) },
      { crop, training, count: 1 },
    );
    const [bed] = plan.beds as [(typeof plan.beds)[number]];
    const wall = {
      id: 'w',
      name: 'Yard wall',
      kind: 'wall' as const,
      xMm: bed.xMm,
      yMm: bed.yMm + feet(1) + 100,
      turnDeg: bed.turnDeg,
      lengthMm: feet(8),
      widthMm: 200,
      heightMm: 2600,
      keepClearMm: 0,
    };
    const before = { ...plan, features: [wall] };
    const computed = computeStructure(before, before.structures[0]!);
    return {
      ...computed,
      codes: computed.verdicts.filter(({ level }) => level !== 'good').map(({ told }) => told.code),
    };
  };

  it('8′ of rose: two panels to 6½′, nothing wrong; laths lie one behind the other, the air behind them as thick as the battens', () => {
    const { codes, sized, bill } = onWall({}, 'climbing-rose', 'fan');
    expect(codes).toEqual([]);
    const depth = (role: string) => [
      ...new Set(
        ofShape(sized.design.parts, 'bar').flatMap((one) => (one.role === role ? [one.from[1].toFixed(3)] : [])),
      ),
    ];
    expect(depth('batten')).toEqual([(feet(1) - inches(0.75)).toFixed(3)]);
    expect(depth('rear')).toEqual([(feet(1) - inches(1.875)).toFixed(3)]);
    expect(depth('front')).toEqual([(feet(1) - inches(2.625)).toFixed(3)]);
    // 2 panels of 7 × 10 laths at 8″ and 6′ × 3′ 11¾″, a screw a crossing.
    const count = (stock: string) => bill.reduce((sum, line) => sum + (line.stock === stock ? line.count : 0), 0);
    expect(count('screw-bracket')).toBe(2 * 7 * 10);
    expect(count('wall-plug')).toBe(count('screw-75'));
  });

  it('what winds round nothing so thick is given strings, which pass where no batten is; a finding has a mend that mends it', () => {
    const { sized, codes } = onWall({}, 'clematis', 'vine');
    expect(codes).toEqual([]);
    const strings = ofShape(sized.design.parts, 'line');
    expect(strings.length).toBeGreaterThan(4);
    const battens = ofShape(sized.design.parts, 'bar').filter(({ role }) => role === 'batten');
    for (const { path } of strings)
      for (const batten of battens)
        expect(Math.abs((path[0]?.[0] ?? 0) - batten.from[0])).toBeGreaterThan(batten.wideMm / 2);
    for (const knobs of [{ strings: 0 }, { form: 'diamond' }, { form: 'fan', every: inches(12) }]) {
      const { verdicts } = onWall(knobs, 'clematis', 'vine');
      const thick = verdicts.find(({ told }) => told.code === 'climb.thick');
      expect(thick?.mend).toBeTruthy();
      expect(onWall(thick?.mend?.settings as Record<string, number>, 'clematis', 'vine').codes).not.toContain(
        'climb.thick',
      );
    }
  });

  it('laths at 45° end flush with the edges of their panel, level or plumb; every lath is held, nothing goes past the row', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, knobs } = first(plan).sized;
        const bars = ofShape(design.parts, 'bar');
        const held = new Set(design.joints.flatMap(({ parts }) => parts));
        for (const bar of bars) expect(held, bar.id).toContain(bar.id);
        for (const bar of bars.filter(({ role }) => role !== 'batten')) {
          if (knobs.form?.value !== 'diamond') continue;
          const corners = barCorners(bar);
          for (const end of [corners.slice(0, 4), corners.slice(4)]) {
            const spread = (axis: 0 | 2) =>
              Math.max(...end.map((at) => at[axis])) - Math.min(...end.map((at) => at[axis]));
            expect(Math.min(spread(0), spread(2))).toBeLessThan(1e-6);
          }
          const long = Math.max(...corners.map(([x]) => x)) - Math.min(...corners.map(([x]) => x));
          expect(bar.cutMm).toBeGreaterThan(long);
        }
        for (const bar of bars)
          for (const [x] of [bar.from, bar.to]) {
            expect(x).toBeGreaterThan(-1e-6);
            expect(x).toBeLessThan(design.builtMm + 1e-6);
          }
      }),
      { numRuns: cases(40) },
    );
  });
});
