import { extentOf } from '../../../design/extent';
import { stepsOf } from '../../../plan/steps';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../../../demo/garden';
import { distanceTo } from '../../../design/nearest';
import { shapeOf, type Part } from '../../../design/shapes/shapes';
import type { Point } from '../../../geometry/space';
import { drawViews } from '../../../drawing/views';
import { computeStructure } from '../../../plan/compute';
import { SOIL } from '../../../site/underfoot';
import type { Plan, StructurePlan } from '../../../plan/plan';
import { feet, inches } from '../../../quantity/length';
import type { PathSpot } from '../../../site/path';
import { toFrame, toPlot } from '../../../site/frame';

const spot = (xMm: number, yMm: number, groundMm = 0): PathSpot => ({ xMm, yMm, groundMm });
type Settings = Record<string, number | string>;

/** A gate in the run of a fence that turns a corner after twenty feet. */
function hung(
  knobs: Settings = {},
  o: { atMm?: number; fence?: Settings; spots?: readonly PathSpot[]; visitors?: Plan['site']['visitors'] } = {},
) {
  const spots = o.spots ?? [spot(1000, 2000), spot(1000 + feet(20), 2000), spot(1000 + feet(20), 2000 + feet(12))];
  const fence: StructurePlan = {
    id: 'f',
    kind: 'garden-fence',
    name: 'Fence',
    stand: { on: 'path', spots, closed: false, inside: 'left', underfoot: SOIL },
    plantings: [],
    knobs: { height: feet(4), ...o.fence },
  };
  const gate: StructurePlan = {
    id: 'g',
    kind: 'garden-gate',
    name: 'Gate',
    stand: { on: 'run', of: 'f', atMm: o.atMm ?? feet(10) },
    plantings: [],
    knobs,
  };
  const plan: Plan = {
    ...DEMO_PLAN,
    features: [],
    site: { ...DEMO_PLAN.site, visitors: o.visitors ?? ['rabbits'] },
    structures: [fence, gate],
  };
  const [beside, computed] = [computeStructure(plan, fence), computeStructure(plan, gate)];
  const bars = computed.sized.design.parts.flatMap((part) => (part.shape === 'bar' ? [part] : []));
  return {
    ...computed,
    beside,
    codes: computed.verdicts.map((verdict) => verdict.told.code),
    of: (role: string) => bars.filter((bar) => bar.role === role),
  };
}

describe('garden gate', () => {
  it.each(['first', 'second'] as const)(
    'hangs half an inch clear on each side with one brace up from the hinges of its %s post',
    (hinged) => {
      const { of, sized, bill } = hung({ width: inches(36), hinged });
      const [hinge, latch] = of('stile');
      const [brace, ...more] = of('brace');
      if (!hinge || !latch || !brace) throw new Error('a leaf has two stiles and a brace');
      const outer = Math.abs(latch.from[0] - hinge.from[0]) + hinge.wideMm;
      expect(outer).toBeCloseTo(inches(36) - 2 * inches(0.5), 6);
      expect(more).toEqual([]);
      // It fills the leaf from foot to head, its ends plumb on the middles of the stiles; its length by Pythagoras.
      const corners = extentOf(brace);
      const [xs, zs] = [corners.map((point) => point[0]), corners.map((point) => point[2])];
      expect([Math.min(...zs), Math.max(...zs)]).toEqual([
        expect.closeTo(hinge.from[2], 6),
        expect.closeTo(hinge.to[2], 6),
      ]);
      expect(new Set(xs.map((x) => Math.abs(x).toFixed(6)))).toEqual(
        new Set([((outer - hinge.wideMm) / 2).toFixed(6)]),
      );
      const [run, rise] = [Math.abs(brace.to[0] - brace.from[0]), brace.to[2] - brace.from[2]];
      expect(brace.cutMm).toBeCloseTo(Math.hypot(run, rise) + (brace.wideMm * rise) / run, 6);
      const hinges = sized.design.joints.find((joint) => joint.kind === 'hung')?.places[0]?.[0] ?? 0;
      expect([Math.sign(hinges), Math.sign(brace.from[0])]).toEqual(hinged === 'first' ? [-1, -1] : [1, 1]);
      expect(brace.to[2]).toBeGreaterThan(brace.from[2]);
      expect(bill.find((line) => line.stock === 'gate-latch')?.count).toBe(1);
    },
  );

  it.each(['steel', 'timber'])(
    'stands on the plot between two timber posts of its fence of %s, which moves them when it moves: hinges and latch lie on them and on the leaf, clear of the brace',
    (posts) => {
      for (const atMm of [feet(3), feet(10), feet(20) + feet(6)])
        for (const opens of ['inward', 'outward'])
          for (const rail of ['2x4', '2x2']) {
            const { frame, sized, beside } = hung({ opens, rail, width: inches(20) }, { atMm, fence: { posts } });
            const onPlot = (of: typeof frame, [x, y, z]: Point): Point => [...toPlot(of, x, y), z + of.baseMm];
            /** On a post of the fence or on a part of the leaf. */
            const under = (at: Point): string[] => {
              const [xMm, yMm, z] = onPlot(frame, at);
              const there: Point = [...toFrame(beside.frame, [xMm, yMm]), z - beside.frame.baseMm];
              const near = (part: Part, place: Point) => (distanceTo(part, place) < 1 ? [part.role] : []);
              return [
                ...beside.sized.design.parts
                  .filter(({ stock }) => stock.startsWith('timber'))
                  .flatMap((part) => near(part, there)),
                ...sized.design.parts.flatMap((part) => near(part, at)),
              ];
            };
            const plates = sized.design.joints.flatMap((one) => one.fixings.flatMap(({ plates: own = [] }) => own));
            expect(plates).toHaveLength(2 + 1);
            for (const plate of plates)
              for (const at of plate) {
                const on = under(at);
                expect(on.some((role) => role === 'post' || role === 'stile')).toBe(true);
                expect(on).not.toContain('brace');
              }
          }
    },
  );

  it('over a fall its blocks differ, so that the leaf is level: by hand, 30 mm a metre under 36″ less half an inch each side', () => {
    const steps = stepsOf(
      hung({ width: inches(36), under: 50, clear: inches(0.5) }, { spots: [spot(0, 0), spot(feet(20), 0, 182.88)] }),
    );
    const tried = steps.find(({ what }) => what.code === 'step.try')?.what.values as Record<string, { mm: number }>;
    expect(tried.second?.mm).toBeCloseTo(50 + 0.03 * inches(0.5), 2);
    expect(tried.first?.mm).toBeCloseTo(50 + 0.03 * inches(35.5), 2);
    expect(tried.under?.mm).toBe(tried.second?.mm);
    const order = steps.map(({ what }) => what.code);
    expect(order.indexOf('step.try')).toBeLessThan(order.indexOf('step.mesh'));
  });

  it('is filled as the fence beside it: its mesh, or its boards as wide and as far apart', () => {
    const boards = hung({}, { fence: { infill: 'boards', board: '1x4', boardGap: 30 } }).sized.knobs;
    expect([boards.filling, boards.board, boards.boardGap].map((knob) => knob?.value)).toEqual(['boards', '1x4', 30]);
    expect(hung({}, { fence: { mesh: 'mesh-1-48' } }).sized.knobs.mesh?.value).toBe('mesh-1-48');
  });

  it("is seen in its fence, and its fence's posts beside it", () => {
    const { sized, around, beside } = hung();
    const thin = (view: ReturnType<typeof drawViews>[number] | undefined) =>
      view?.primitives.filter((one) => one.ink === 'beside').length ?? 0;
    const [ofGate] = drawViews(sized.design, around);
    const [ofFence, otherRun] = drawViews(beside.sized.design, beside.around);
    expect([thin(ofGate), thin(ofFence), thin(otherRun)]).toEqual([2, expect.any(Number), 0]);
    expect(thin(ofFence)).toBe(
      sized.design.parts.filter((part) => part.shape === 'bar').flatMap((part) => shapeOf(part).solids(part)).length,
    );
  });

  it('hangs on the higher side of a slope, clear of the soil all the way across', () => {
    const { sized, of } = hung({}, { spots: [spot(0, 0), spot(feet(20), 0, 600)] });
    expect(sized.knobs.hinged?.value).toBe('second');
    // Twenty feet rise 600 mm: under a gateway of 36″ that is 90 mm, and 45 mm over its middle.
    expect(of('stile')[0]?.from[2]).toBeCloseTo((600 * 18) / 240 + Number(sized.knobs.under?.value), 3);
  });

  it.each([
    [
      'is wider than its run',
      { width: 1800 },
      { spots: [spot(0, 0), spot(1500, 0), spot(1500, 9000)], atMm: 700 },
      'gate.wide',
    ],
    ['leaves a slit beside it', { clear: inches(1.5) }, {}, 'keeps.beside'],
    ['leaves a way under it', { under: inches(6) }, {}, 'keeps.under'],
    ['is lower than its fence has to be', { height: inches(15) }, {}, 'keeps.low'],
    ['is too open', { mesh: 'mesh-2x4-60', low: 'none' }, {}, 'keeps.open'],
    ['is higher than its roll', { height: feet(6), mesh: 'mesh-1-36' }, {}, 'roll.short'],
    ['hangs heavy', { width: 1500 }, {}, 'gate.heavy'],
  ] as const)('one that %s is drawn and said, and its mend mends it', (_what, knobs, o, code) => {
    const { codes, sized, verdicts } = hung(knobs, o);
    expect(codes).toContain(code);
    expect(sized.design.parts.length).toBeGreaterThan(0);
    const mend = verdicts.find((verdict) => verdict.told.code === code)?.mend;
    if (mend) expect(hung(mend.settings as Settings, o).codes).not.toContain(code);
    else expect(code).toBe('gate.heavy');
  });
});
