import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { barCorners, type Bar } from '../../../design/shapes/bar';
import { boxesOf } from '../../../design/shapes/shape';
import { ofShape, shapeOf, type Part } from '../../../design/shapes/shapes';
import { areaOf, distanceToEdge, distanceToOutline, inside, overlap, type Pair } from '../../../geometry/polygon';
import { extentOf } from '../../../design/extent';
import { outlineOf } from '../../../geometry/outline';
import { distanceTo } from '../../../design/nearest';
import type { Point } from '../../../geometry/space';
import { footprintOf } from '../../../design/on-plot';
import { feet, inches } from '../../../quantity/length';
import { activeShare, LOOSE_SOIL_RAD, turnsOver } from '../../../statics/earth';
import { insideOf } from '../../assemblies/courses';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed, planOnBed } from '../../onto-bed.fixture';
import { kind } from './index';
import { pullOfTie } from './ties';
import { DEMO_PLAN } from '../../../demo/garden';
import { computeGarden, computeStructure } from '../../../plan/compute';
import type { Plan, StructurePlan } from '../../../plan/plan';
import { computeRemembered } from '../../../plan/remembered';
import { stepsOf } from '../../../plan/steps';
import { bedsAsBuilt, onPlotOf } from '../../../shade/on-plot';
import { CATALOGUE, stockOf } from '../../../catalogue/catalogue';
import { bedOutline, isOnFloor, type Bed } from '../../../site/bed';
import { getsPast, type Guard } from '../../../site/visitors';
import type { MadeBed } from '../../kind';
import type { BedSetting } from '../../setting';
import { bedsNamed } from '../../../site/stands/stands';
import type { Settings } from '../../knob';
import { kindOf } from '../../registry';

/** What a part covers seen from above, convex, and from how low to how high. */
const footprint = (part: Part) => {
  // Of a log, which is round, the square about it.
  const corners = part.role === 'log' ? barCorners(part as Bar) : shapeOf(part).solids(part).flatMap(boxesOf).flat();
  const zs = corners.map(([, , z]) => z);
  return {
    outline: outlineOf(corners.map(([x, y]): Pair => [x, y])),
    low: Math.min(...zs),
    high: Math.max(...zs),
  };
};

describe('raised bed', () => {
  it('a keyhole of 8 × 8′ with a notch of 3 × 4′: its fill is what its inside holds, two parts to one, with what settles', () => {
    const bed = onBed(
      'raised-bed',
      { make: 'boards', board: '2x6', high: inches(11), below: inches(1), settles: 0, fill: 'mix' },
      {
        lengthMm: feet(8),
        widthMm: feet(8),
        outline: { shape: 'keyhole', notchLongMm: feet(3), notchDeepMm: feet(4) },
      },
    );
    // By hand: all of it less the notch, each wall 1½″ inside: 93 × 93 less 39 × 48 of the notch with its walls (in²).
    const area = (93 * 93 - 39 * 48) * 25.4 ** 2;
    const litres = (role: string): number =>
      ofShape(bed.design.parts, 'fill')
        .filter((part) => part.role === role)
        .reduce((sum, part) => sum + part.litres, 0);
    expect(litres('soil') + litres('compost')).toBeCloseTo((area * 10 * 25.4) / 1e6, 6);
    expect(litres('soil') / litres('compost')).toBeCloseTo(2, 9);
    expect(bed.codes).toContain('bulge.fits');
  });

  it('an L of 10 × 6′ with 6 × 3′ left out, and a U, the same in boards, sheet and blocks: walled all round, filled as far as their inside goes', () => {
    const shape = { lengthMm: feet(10), widthMm: feet(6) };
    const L = { shape: 'corner', notchLongMm: feet(6), notchDeepMm: feet(3) } as const;
    const U = { shape: 'keyhole', notchLongMm: feet(5), notchDeepMm: feet(3) } as const;
    const built = (outline: typeof L | typeof U, knobs: Record<string, number | string>) =>
      onBed('raised-bed', { below: 0, settles: 0, fill: 'mix', ...knobs }, { ...shape, outline });
    const litres = ({ design }: ReturnType<typeof built>): number =>
      ofShape(design.parts, 'fill').reduce((sum, part) => sum + part.litres, 0);
    const boards = { make: 'boards', board: '2x6', high: inches(11) };
    // By hand, in²: each wall 1½″ inside, what is left out 1½″ larger where it is walled: one side and its back of an L.
    expect(litres(built(L, boards))).toBeCloseTo(((117 * 69 - 72 * 36) * 11 * 25.4 ** 3) / 1e6, 6);
    expect(litres(built(U, boards))).toBeCloseTo(((117 * 69 - 63 * 36) * 11 * 25.4 ** 3) / 1e6, 6);
    for (const make of ['boards', 'timbers', 'metal', 'blocks'])
      for (const [outline, corners] of [
        [L, 6],
        [U, 8],
      ] as const) {
        const { design } = built(outline, { make, high: inches(15) });
        const [fill] = ofShape(design.parts, 'fill');
        expect(fill && 'outline' in fill.rim ? fill.rim.outline.length : 0, make).toBe(corners);
        // On the plot it is its walls, one a side, and nothing of what they leave out.
        const walls = footprintOf(design);
        expect(walls).toHaveLength(corners);
        for (const wall of walls)
          wall.forEach(([x, y], i) => {
            const [u, w] = wall[(i + 1) % wall.length] as Pair;
            expect(distanceToOutline([(x + u) / 2, (y + w) / 2], design.walls ?? []), make).toBeLessThan(1);
          });
      }
  });

  it('4′ × 16½′ × 0.83′ is 54.8 ft³ of fill, 36.5 of topsoil and 18.3 of compost (common practice, no source, says 55, 36.7 and 18.3)', () => {
    const bed = onBed(
      'raised-bed',
      { make: 'boards', board: '2x8', high: inches(7.25), below: 0, settles: 0, fill: 'mix' },
      { lengthMm: feet(16.5) + 2 * inches(1.5), widthMm: feet(4) + 2 * inches(1.5) },
    );
    const [soil, compost] = ofShape(bed.design.parts, 'fill');
    const deep = inches(7.25);
    const asked = feet(0.83);
    const cubicFeet = (litres: number): number => (litres / 28.316846592) * (asked / deep);
    expect(cubicFeet(soil?.litres ?? 0)).toBeCloseTo(36.52, 2);
    expect(cubicFeet(compost?.litres ?? 0)).toBeCloseTo(18.26, 2);
  });

  it('what the paths round it give is not bought, and no more than the mix wants of topsoil', () => {
    const bed = (paths: number, fill = 'mix') =>
      onBed(
        'raised-bed',
        { make: 'boards', board: '2x6', high: inches(11), below: 0, settles: 0, fill, paths },
        { lengthMm: feet(8), widthMm: feet(4) },
      );
    const litres = ({ design }: ReturnType<typeof bed>, role: string): number =>
      ofShape(design.parts, 'fill').reduce((sum, part) => sum + (part.role === role ? part.litres : 0), 0);
    const bare = bed(0);
    // By hand: ways of 2′ round 8 × 4′ are 12 × 8 less 8 × 4, 64 ft²; 1½″ of them are 8 ft³, a quarter more when loose.
    const dug = bed(inches(1.5));
    expect(litres(dug, 'path soil')).toBeCloseTo(8 * 1.25 * 28.316846592, 6);
    expect(litres(dug, 'path soil') + litres(dug, 'soil')).toBeCloseTo(litres(bare, 'soil'), 6);
    expect(litres(dug, 'compost')).toBeCloseTo(litres(bare, 'compost'), 6);
    expect(dug.cost.totalMinor).toBeLessThan(bare.cost.totalMinor);
    // Deeper than is wanted none is bought.
    const deep = bed(inches(10));
    expect(litres(deep, 'soil')).toBe(0);
    expect(litres(deep, 'path soil')).toBeCloseTo(litres(bare, 'soil'), 6);
    expect(litres(bed(inches(10), 'own'), 'path soil')).toBe(0);
  });

  it('a cubic yard of mix is 14 barrow loads and two hours (common practice, no source: 13, and 1¾ with spreading), and 2970 lb when it is wet (110 lb/ft³)', () => {
    // Inside 9 × 3 × 1′.
    const plan = planOnBed(
      'raised-bed',
      { make: 'timbers', timber: '4x4', high: inches(14), below: inches(2), settles: 0, fill: 'own' },
      { lengthMm: feet(9) + inches(7), widthMm: feet(3) + inches(7) },
    );
    const steps = stepsOf(first(plan));
    const values = (code: string) => steps.find(({ what }) => what.code === code)?.what.values;
    expect(values('step.fill.soil')).toMatchObject({ loads: 14, hours: 2 });
    expect((values('step.water')?.wet as { kg: number }).kg / 0.45359237).toBeCloseTo(2970, -1.5);
  });

  it('high sides are tied post to post across, over nothing but soil in an L and a U; what wet soil pulls at a tie by hand', () => {
    const size = { lengthMm: feet(16), widthMm: feet(10) };
    const bed = (knobs: Settings, change: Partial<Bed> = { ...size, widthMm: feet(4) }) =>
      onBed(
        'raised-bed',
        { make: 'boards', board: '2x6', below: 0, fill: 'mix', postEvery: inches(48), ...knobs },
        change,
      );
    const ties = ({ design }: ReturnType<typeof bed>) => ofShape(design.parts, 'line').map(({ path }) => path);
    expect(ties(bed({ high: inches(11) }))).toHaveLength(0);
    const high = bed({ high: inches(22) });
    // Between the corners of 16′ at 4′ are three posts a side, and an arm’s length of soil between their faces.
    expect(ties(high)).toHaveLength(3);
    for (const [from, to] of ties(high)) expect(Math.abs((to?.[1] ?? 0) - (from?.[1] ?? 0))).toBeGreaterThan(feet(3));
    expect(high.codes).toContain('tied.holds');
    expect(bed({ high: inches(22), ties: 'none' }).codes).toContain('tied.leans');
    // Where no wire is sold it leans as suggested, and is mended lower.
    const wireless = planOnBed('raised-bed', { make: 'boards', board: '2x6', high: inches(22) }, size);
    const lines = wireless.priceBook.lines.filter(({ stock }) => stock !== 'guy-wire');
    const [only] = wireless.structures as [StructurePlan];
    const { verdicts } = computeStructure({ ...wireless, shed: [], priceBook: { ...wireless.priceBook, lines } }, only);
    const leans = verdicts.find(({ told }) => told.code === 'tied.leans');
    expect(leans?.mend?.turns.map(({ knob }) => knob)).toContain('high');
    expect(bed({ high: inches(16.5), ties: 'none' }).codes.filter((code) => code.startsWith('tied'))).toEqual([]);
    // By hand: 6 kPa a metre of depth; 22″ deep and 4′ long 1.142 kN, 186 mm up; about the foot held 279 mm up: 761 N.
    expect(pullOfTie(inches(22), inches(22), inches(48))).toBeCloseTo(761, -0.5);
    for (const shape of ['corner', 'keyhole'] as const) {
      const notched = { ...size, outline: { shape, notchLongMm: feet(6), notchDeepMm: feet(5) } };
      const across = ties(bed({ high: inches(22) }, notched));
      expect(across.length).toBeGreaterThan(0);
      for (const [from, to] of across)
        for (const share of [0.2, 0.5, 0.8]) {
          const [x, y] = [0, 1].map((k) => (from?.[k] ?? 0) * (1 - share) + (to?.[k] ?? 0) * share) as [number, number];
          expect(inside([x - feet(8), y], bedOutline(notched))).toBe(true);
        }
    }
  });

  it('two pins hold every timber, and no stub is left over at the end of a side', () => {
    const sizes = [
      { lengthMm: feet(4), widthMm: feet(3) },
      { lengthMm: 3645, widthMm: 900 },
      { lengthMm: feet(17), widthMm: feet(4) },
    ];
    for (const size of sizes)
      for (const make of ['timbers', 'logs', 'boards', 'metal']) {
        const { design } = onBed('raised-bed', { make, high: 400 }, size);
        const sawn = ofShape(design.parts, 'bar').filter(({ role }) =>
          ['timber', 'log', 'board', 'rail'].includes(role),
        );
        expect(Math.min(...sawn.map(({ cutMm }) => cutMm)), make).toBeGreaterThan(inches(20));
        const pinned = design.joints.filter(({ kind: made }) => made === 'pin through timber');
        if (pinned.length === 0) continue;
        for (const { id } of sawn)
          expect(pinned.filter(({ parts }) => parts.includes(id)).length, id).toBeGreaterThan(1);
      }
  });

  it('whatever its knobs: sides take no place twice, lie inside their outline, and each course is closed all round', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, facts } = first(plan).sized;
        const { built } = facts as { built: { longMm: number; wideMm: number } };
        const walls = design.parts.filter(({ role }) =>
          ['board', 'timber', 'log', 'block', 'half block', 'post', 'rail', 'sheet'].includes(role),
        );
        const seen = walls.map(footprint);
        for (let i = 0; i < seen.length; i++)
          for (let k = 0; k < i; k++) {
            const [a, b] = [seen[i], seen[k]] as [ReturnType<typeof footprint>, ReturnType<typeof footprint>];
            if (Math.min(a.high, b.high) - Math.max(a.low, b.low) < 2) continue;
            expect(overlap(a.outline, b.outline, 6), `${walls[i]?.id} ${walls[k]?.id}`).toBe(false);
          }
        for (const part of walls)
          for (const [x, y] of extentOf(part)) {
            expect(x).toBeGreaterThan(-6);
            expect(x).toBeLessThan(built.longMm + 6);
            expect(Math.abs(y)).toBeLessThan(built.wideMm / 2 + 6);
          }
        // Every course of walls holds as much as the outline less what is inside it, by two areas.
        const courses = new Map<number, number>();
        for (const [i, part] of walls.entries()) {
          if (part.role === 'post' || part.role === 'sheet') continue;
          const { outline, low } = seen[i] as ReturnType<typeof footprint>;
          const at = Math.round(low);
          courses.set(at, (courses.get(at) ?? 0) + areaOf(outline));
        }
        const all = [...courses.values()];
        expect(Math.max(...all) - Math.min(...all)).toBeLessThan(Math.max(...all) * 0.02);
      }),
      { numRuns: cases(60) },
    );
  });

  it('an inner outline is as far inside, corner by corner, whether it turns in or out', () => {
    const keyhole: Pair[] = [
      [0, 0],
      [900, 0],
      [900, 1200],
      [1800, 1200],
      [1800, 0],
      [2700, 0],
      [2700, 2400],
      [0, 2400],
    ];
    const inner = insideOf(keyhole, 100);
    expect(inner).toEqual([
      [100, 100],
      [800, 100],
      [800, 1300],
      [1900, 1300],
      [1900, 100],
      [2600, 100],
      [2600, 2300],
      [100, 2300],
    ]);
    for (const at of inner) expect(inside(at, keyhole)).toBe(true);
  });

  it('loose soil presses with a third of what lies over it (Rankine, φ = 30°); two courses of block stand against it, four do not', () => {
    expect(activeShare(LOOSE_SOIL_RAD)).toBeCloseTo(1 / 3, 9);
    // By hand: 388 mm high, push 18 · 0.388³ / (3 · 6) = 0.0584 kN·m a metre; 1.2 kN of blocks and soil at 97 mm: 0.116.
    expect(turnsOver({ highMm: 388, wideMm: 194, weightNmm: 1.2 })).toBeCloseTo(0.1164 / 0.05841, 2);
    const bed = (high: number, cores: string) =>
      onBed('raised-bed', { make: 'blocks', block: 'block-16', high, cores }, { widthMm: feet(4) }).codes;
    expect(bed(inches(15), 'soil')).toContain('bulge.stands');
    expect(bed(inches(30), 'soil')).toContain('bulge.turns');
    expect(bed(inches(30), 'pinned')).toContain('bulge.held');
  });

  it('mesh under it lies under all of the ground in its sides and none of the notch, in strips no wider than the roll; who tunnels is stopped by it', () => {
    fc.assert(
      fc.property(anyPlan(kind), fc.constantFrom('hardware-36', 'hardware-48', 'planter-cloth'), (plan, floor) => {
        const [one] = plan.structures as [StructurePlan];
        const laid = { ...one, knobs: { ...one.knobs, floor } };
        const { sized, setting } = first({ ...plan, structures: [laid] });
        const { guard } = sized.facts as { guard: Guard };
        const made = kind.makesBed(laid.knobs, setting) as MadeBed;
        const strips = ofShape(sized.design.parts, 'sheet').filter(({ role }) => role === 'floor');
        for (const { heightMm } of strips)
          expect(heightMm).toBeLessThanOrEqual(stockOf(CATALOGUE, floor, 'mesh roll').heightMm + 0.001);
        const covers = strips.map((strip) => outlineOf(extentOf(strip).map(([x, y]): Pair => [x, y])));
        for (let i = 1; i < 12; i++)
          for (let k = 1; k < 12; k++) {
            const [x, y] = [(made.lengthMm * i) / 12, made.widthMm * (k / 12 - 0.5)];
            // On the very edge it is neither.
            if (distanceToEdge([x - made.lengthMm / 2, y], bedOutline(made)) < 1) continue;
            const under = covers.some((outline) => inside([x, y], outline) && distanceToEdge([x, y], outline) > 1e-3);
            expect(under, `${x}, ${y}`).toBe(inside([x - made.lengthMm / 2, y], bedOutline(made)));
          }
        // Nobody tunnels under what lies on a floor.
        const stopped = floor.startsWith('hardware') || isOnFloor((setting as BedSetting).place.bed);
        expect(getsPast('moles', guard)).toBe(stopped ? null : 'floor');
      }),
      { numRuns: cases(40) },
    );
  });

  it('of corrugated steel: every sheet reaches from the ground to the rim, covers no more than it can and is held by both rails; the bow is that of the lower rail', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const [one] = plan.structures as [(typeof plan.structures)[number]];
        const metal = { ...one, knobs: { ...one.knobs, make: 'metal' } };
        const { design, facts } = first({ ...plan, structures: [metal] }).sized;
        const bars = (role: string) => ofShape(design.parts, 'bar').filter((part) => part.role === role);
        const { built, bowMm } = facts as { built: { highMm: number }; bowMm: number };
        for (const sheet of bars('sheet')) {
          expect(sheet.to[2] - sheet.from[2]).toBeCloseTo(built.highMm, 6);
          expect(sheet.wideMm).toBeLessThanOrEqual(inches(24) + 1e-6);
          const held = design.joints.filter(({ parts }) => parts[0] === sheet.id);
          expect(held.length).toBe(2);
        }
        expect(bowMm).toBeGreaterThan(0);
      }),
      { numRuns: cases(30) },
    );
  });

  it('what stands on a bed goes by its sides: their height, their size, level; bare, by what is said of the bed', () => {
    const wall = DEMO_PLAN.structures.find((one) => one.kind === 'panel-wall');
    const bed = DEMO_PLAN.beds.find(({ id }) => wall && bedsNamed(wall.stand).includes(id));
    if (!wall || !bed) throw new Error('the demo has no panel wall on a bed');
    const low = { ...bed, heightMm: 0, riseMm: 0, fill: 'loose' as const };
    const sides = (knobs: Settings): StructurePlan => ({
      id: 'sides',
      name: 'Sides',
      kind: 'raised-bed',
      stand: { on: 'bed', bed: bed.id },
      plantings: [],
      knobs,
    });
    const at = (structures: readonly StructurePlan[], riseMm = 0) => {
      const plan: Plan = {
        ...DEMO_PLAN,
        beds: DEMO_PLAN.beds.map((one) => (one === bed ? { ...low, riseMm } : one)),
        structures: [wall, ...structures],
      };
      return { plan, ...computeRemembered(kindOf, plan, wall) };
    };
    const bedOf = ({ setting }: ReturnType<typeof at>) => (setting.place as { bed: Bed }).bed;
    expect(bedOf(at([])).heightMm).toBe(0);
    const high = at([sides({ make: 'boards', board: '2x6', high: inches(11) })]);
    expect(bedOf(high)).toMatchObject({ heightMm: inches(11), lengthMm: bed.lengthMm, riseMm: 0 });
    // Its frame stands on the soil in them: so much higher on the plot.
    expect(high.frame.baseMm).toBeCloseTo(inches(11), 6);
    // Turned once more the wall follows, though nothing of its own has changed.
    expect(bedOf(at([sides({ make: 'boards', board: '2x6', high: inches(22) })])).heightMm).toBe(inches(22));
    // Level sides on falling ground are so much lower over the path at their high end.
    expect(bedOf(at([sides({ make: 'boards', board: '2x6', high: inches(11) })], -100))).toMatchObject({ riseMm: 0 });
    expect(bedOf(at([sides({ make: 'boards', board: '2x6', high: inches(11) })], -100)).heightMm).toBeCloseTo(
      inches(11) - 100,
      0,
    );
    // Blocks make it as long and as wide as whole ones come to.
    const laid = at([sides({ make: 'blocks', block: 'block-390' })]);
    const { built } = computeGarden(laid.plan).structures.find(({ structure }) => structure.id === 'sides')?.sized
      .facts as { built: { longMm: number; wideMm: number } };
    expect(bedOf(laid)).toMatchObject({ lengthMm: built.longMm, widthMm: built.wideMm, hollow: true });
    // Hoops over it stand in its cores.
    const hoops = { ...wall, id: 'hoops', kind: 'hoop-tunnel', knobs: {}, plantings: [] };
    const over = (plan: Plan) => computeRemembered(kindOf, plan, hoops).sized.knobs['feet']?.value;
    expect([over(laid.plan), over(high.plan)]).toEqual(['core', 'side']);
    // Its sides themselves see the bed as it was asked for, and the light of the plot falls on what they make of it.
    const { plan } = high;
    const [own] = computeGarden(plan).structures.filter(({ structure }) => structure.id === 'sides');
    expect((own?.setting.place as { bed: Bed }).bed.heightMm).toBe(0);
    expect(
      bedsAsBuilt(plan.beds, computeGarden(plan).structures.map(onPlotOf)).find(({ id }) => id === bed.id)?.heightMm,
    ).toBe(inches(11));
  });

  it('8′ × 4′ of 2×6 with drip lines a foot apart: four lines of six or seven openings, 50 litres an hour; an inch in 80 minutes (by hand)', () => {
    const bed = onBed(
      'raised-bed',
      { make: 'boards', board: '2x6', watered: 'drip', dripEvery: inches(12), fill: 'mix' },
      { lengthMm: feet(8), widthMm: feet(4) },
    );
    const lines = ofShape(bed.design.parts, 'line').filter(({ role }) => role === 'drip line');
    // 48″ − 2 × 1½″ are 45″: four lines 11¼″ apart; 96″ − 3″ − 2 × 5″ are 83″: an opening every foot, the first at the end, are seven.
    expect(lines.length).toBe(4);
    for (const { path } of lines) expect((path[1]?.[0] ?? 0) - (path[0]?.[0] ?? 0)).toBeCloseTo(inches(83), 6);
    expect(bed.sized.facts).toMatchObject({ drip: { openings: 28, litresH: 56 } });
    expect([bed.count('line on header'), bed.count('line closed'), bed.count('header to the tap')]).toEqual([4, 4, 1]);
    const fixings = bed.design.joints.flatMap((joint) => joint.fixings);
    const counted = (stock: string) =>
      fixings.filter((one) => one.stock === stock).reduce((sum, { count }) => sum + count, 0);
    expect([counted('drip-elbow'), counted('drip-tee'), counted('drip-end'), counted('drip-start')]).toEqual([
      2, 2, 4, 1,
    ]);
  });

  it('drip lines reach all of a bed of any outline: no soil is farther from one than their spacing, none leaves the sides, each is fed at one end', () => {
    const outlines = [
      { shape: 'rectangle' },
      { shape: 'keyhole', notchLongMm: 900, notchDeepMm: 800 },
      { shape: 'corner', notchLongMm: 1200, notchDeepMm: 700 },
    ] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...outlines),
        fc.integer({ min: 2600, max: 6000 }),
        fc.integer({ min: 1700, max: 2600 }),
        fc.integer({ min: 155, max: 600 }),
        (outline, lengthMm, widthMm, every) => {
          const { design } = onBed(
            'raised-bed',
            { make: 'boards', watered: 'drip', dripEvery: every, fill: 'mix' },
            { lengthMm, widthMm, outline },
          );
          const pipes = ofShape(design.parts, 'line').filter(({ role }) => role === 'drip line' || role === 'header');
          const walls = design.walls ?? [];
          for (const { path } of pipes) for (const [x, y] of path) expect(inside([x, y], walls)).toBe(true);
          for (let i = 1; i < 20; i++)
            for (let j = 1; j < 20; j++) {
              const at: Point = [(lengthMm * i) / 20, (j / 20 - 0.5) * widthMm, pipes[0]?.path[0]?.[2] ?? 0];
              if (!inside([at[0], at[1]], walls)) continue;
              const far = Math.min(...pipes.map((pipe) => distanceTo(pipe, at)));
              expect(far).toBeLessThan(Math.max(every / 2, inches(5)) + inches(9));
            }
          const on = (kind: string) =>
            design.joints.filter((joint) => joint.kind === kind).map(({ parts }) => parts[0]);
          for (const { id, role } of pipes)
            if (role === 'drip line') {
              expect(on('line on header')).toContain(id);
              expect(
                on('line on header').filter((one) => one === id).length +
                  on('line closed').filter((one) => one === id).length,
              ).toBe(2);
            }
        },
      ),
      { numRuns: cases(30) },
    );
  });

  it('out of a reservoir of 6″ in 8′ × 4′ it drinks 170 litres: gravel holds four tenths; its liner goes up both sides (by hand)', () => {
    const bed = onBed(
      'raised-bed',
      {
        make: 'boards',
        board: '2x8',
        high: inches(14.5),
        watered: 'below',
        reservoir: inches(6),
        fill: 'mix',
        below: inches(1),
        settles: 0,
      },
      { lengthMm: feet(8), widthMm: feet(4) },
    );
    const fills = ofShape(bed.design.parts, 'fill');
    const gravel = fills.find(({ role }) => role === 'reservoir');
    // 93″ × 45″ × 6″ are 25 110 in³, 411.5 litres; four tenths of them.
    expect(gravel?.litres).toBeCloseTo((93 * 45 * 6 * 25.4 ** 3) / 1e6, 3);
    expect(bed.sized.facts).toMatchObject({
      wick: { waterLitres: expect.closeTo(164.6, 1), linerMm: expect.closeTo(inches(45 + 2 * 10), 6) },
    });
    const liner = ofShape(bed.design.parts, 'sheet').find(({ role }) => role === 'liner');
    expect([liner?.cutMm, liner?.heightMm].map((mm) => (mm ?? 0) / 25.4)).toEqual([
      expect.closeTo(93 + 20, 6),
      expect.closeTo(65, 6),
    ]);
    // The layers lie on each other from the foot to an inch below the rim.
    const soil = fills.filter(({ role }) => role !== 'reservoir' && role !== 'core');
    const deep = fills.reduce((sum, { cutMm }) => sum + cutMm, 0);
    expect(deep).toBeCloseTo((bed.sized.facts as { built: { highMm: number } }).built.highMm - inches(1), 6);
    expect(Math.min(...soil.map(({ bottom }) => bottom[2]))).toBeCloseTo((gravel?.bottom[2] ?? 0) + inches(6), 6);
    expect(bed.count('outlet in the side')).toBe(1);
  });

  it('on paving or a deck nothing of it goes into the floor, whatever it is made of; its weight is that of its parts over the floor it takes', () => {
    fc.assert(
      fc.property(anyPlan(kind), fc.integer({ min: 50, max: 1500 }), (plan, bearsKgM2) => {
        const on = (underfoot: Bed['underfoot']) => {
          const beds = plan.beds.map((bed) => ({ ...bed, ...(underfoot ? { underfoot } : {}) }));
          return first({ ...plan, beds });
        };
        const computed = on({ is: 'decking', bearsKgM2, answeredBy: 'Who built it' });
        const { sized, verdicts } = computed;
        const bars = ofShape(sized.design.parts, 'bar');
        const base = Math.min(...sized.design.parts.flatMap((part) => extentOf(part).map(([, , z]) => z)));
        for (const bar of bars) {
          expect(bar.buriedMm).toBe(0);
          expect(Math.min(bar.from[2], bar.to[2])).toBeGreaterThan(base - 1e-6);
        }
        // What stands on it goes by its rim as it is built.
        const { bed } = (computed.setting as BedSetting).place;
        const made = kind.makesBed(plan.structures[0]?.knobs ?? {}, computed.setting) as MadeBed;
        const sides = bars.filter(({ role }) => ['board', 'rail', 'timber'].includes(role));
        const rim = Math.max(...sides.flatMap((bar) => extentOf(bar).map(([, , z]) => z)));
        if (sides.length > 0) expect(made.heightMm).toBeCloseTo(rim + bed.heightMm, 3);
        const codes = verdicts.map(({ told }) => told.code);
        expect(codes).not.toContain('ground.none');
        expect(codes).not.toContain('ground.bed');
        expect(stepsOf(computed).some(({ what }) => what.code === 'step.sweep')).toBe(true);
        const { onFloor } = sized.facts as { onFloor: { wetKg: number; dryKg: number; floorM2: number } };
        expect(onFloor.dryKg).toBeLessThanOrEqual(onFloor.wetKg);
        if (sized.knobs['fill']?.value === 'none') return;
        expect(codes.includes('floor.over')).toBe(onFloor.wetKg / onFloor.floorM2 > bearsKgM2);
        expect(codes.includes('floor.bears')).toBe(onFloor.wetKg / onFloor.floorM2 <= bearsKgM2);
      }),
      { numRuns: cases(30) },
    );
  });

  it('8′ × 4′ × 11″ of 2×6 on a deck: 25.6 ft³ of wet soil at 110 lb are 1270 kg, and its boards; a post of 2′ cannot stand in it', () => {
    const plan = planOnBed(
      'raised-bed',
      { make: 'boards', board: '2x6', high: inches(11), below: 0, fill: 'mix', settles: 0 },
      { lengthMm: feet(8), widthMm: feet(4), heightMm: inches(11), underfoot: { is: 'paving' } },
    );
    const [sides] = plan.structures as [StructurePlan];
    const { sized, verdicts } = computeStructure(plan, sides);
    const { onFloor } = sized.facts as { onFloor: { wetKg: number; soilMm: number } };
    const soil = ((93 * 45 * 11) / 1728) * 110 * 0.45359237;
    expect(onFloor.soilMm).toBeCloseTo(inches(11), 6);
    expect(onFloor.wetKg).toBeGreaterThan(soil);
    expect(onFloor.wetKg).toBeLessThan(soil + 60);
    expect(verdicts.map(({ told }) => told.code)).toContain('roots.room');
    const wall: StructurePlan = {
      id: 'w',
      name: 'W',
      kind: 'panel-wall',
      stand: { on: 'bed', bed: 'b' },
      plantings: [],
      knobs: { depth: feet(2) },
    };
    const said = (underfoot: Bed['underfoot']) =>
      computeStructure(
        {
          ...plan,
          beds: plan.beds.map(({ underfoot: _, ...bed }) => ({ ...bed, ...(underfoot ? { underfoot } : {}) })),
          structures: [wall],
        },
        wall,
      ).verdicts.map(({ told }) => told.code);
    expect(said({ is: 'paving' })).toContain('ground.bed');
    expect(said(undefined)).not.toContain('ground.bed');
  });

  it('a hexagon 6′ long of 2×6: six sides mitred at 30°, two posts in each corner, a strap a course; filled by its area (by hand)', () => {
    // Drawn out so that it is regular: a side of 3′, 5.196′ across.
    const bed = onBed(
      'raised-bed',
      { make: 'boards', board: '2x6', high: inches(11), fill: 'own', below: 0, settles: 0, postEvery: feet(4) },
      { lengthMm: feet(6), widthMm: feet(6) * Math.cos(Math.PI / 6), outline: { shape: 'polygon', corners: 6 } },
    );
    const boards = ofShape(bed.design.parts, 'bar').filter(({ role }) => role === 'board');
    expect(boards.length).toBe(12);
    for (const { cutMm, ends } of boards) {
      expect(cutMm).toBeCloseTo(feet(3), 3);
      // Closed on the outside, corner on corner.
      for (const end of ends) expect(end).toEqual({ cut: 'angle', angleRad: expect.closeTo(Math.PI / 6, 9) });
    }
    for (const board of boards)
      for (const at of [board.from, board.to]) {
        const corners = barCorners(board).map(([x, y]): Pair => [x, y]);
        const near = (bed.design.walls ?? []).map((corner) =>
          Math.min(...corners.map(([x, y]) => Math.hypot(x - corner[0], y - corner[1]))),
        );
        expect(near.filter((mm) => mm < 0.01).length, `${board.id} ${at[0]}`).toBe(2);
      }
    expect([bed.ofRole('post').length, bed.count('boards at a corner')]).toEqual([12, 12]);
    // Inside 1½″ boards the apothem is 3′ cos 30° − 1½″; a hexagon is 2√3 times its square.
    const apothem = feet(3) * Math.cos(Math.PI / 6) - inches(1.5);
    const litres = ofShape(bed.design.parts, 'fill').reduce((sum, one) => sum + one.litres, 0);
    expect(litres).toBeCloseTo((2 * Math.sqrt(3) * apothem ** 2 * inches(11)) / 1e6, 3);
    // What cannot be mitred has the largest square bed that it holds, and that is told.
    const timbers = onBed(
      'raised-bed',
      { make: 'timbers' },
      { lengthMm: feet(6), widthMm: feet(5), outline: { shape: 'polygon', corners: 8 } },
    );
    expect(timbers.codes).toContain('bed.squared');
    expect(timbers.design.walls?.length).toBe(4);
    const round = onBed(
      'raised-bed',
      { make: 'boards' },
      { lengthMm: feet(6), widthMm: feet(5), outline: { shape: 'round' } },
    );
    expect([round.design.walls?.length, round.codes.includes('bed.eight')]).toEqual([8, true]);
  });
});
