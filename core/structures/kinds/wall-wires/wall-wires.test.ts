import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { BELOW_TOP_MM } from '../../../checks/against-wall';
import { ofShape } from '../../../design/shapes/shapes';
import { computeStructure } from '../../../plan/compute';
import type { Plan } from '../../../plan/plan';
import { feet, inches } from '../../../quantity/length';
import { onPlan, type Feature } from '../../../site/plot';
import { NEAR_WALL_MM, wallBehind } from '../../../site/wall';
import { anyPlan, first } from '../../any-plan.fixture';
import { planOnBed } from '../../onto-bed.fixture';
import { kind } from './index';

const wall = (
  bed: Plan['beds'][number],
  more: Partial<Feature> & { offMm?: number; alongMm?: number } = {},
): Feature => {
  const { offMm = 0, alongMm = 0, ...rest } = more;
  const widthMm = rest.widthMm ?? 240;
  const [xMm, yMm] = onPlan(bed, alongMm, (bed.widthMm + widthMm) / 2 + offMm);
  return {
    id: 'w',
    name: 'Yard wall',
    kind: 'wall',
    xMm,
    yMm,
    turnDeg: bed.turnDeg,
    lengthMm: bed.lengthMm,
    widthMm,
    heightMm: 2300,
    keepClearMm: 0,
    ...rest,
  };
};
/** On a bed of 12′ × 2′ before a wall. */
function onWall(
  knobs: Record<string, number | string> = {},
  more: Parameters<typeof wall>[1] = {},
  bed: Partial<Plan['beds'][number]> = {},
) {
  const plan = planOnBed(
    'wall-wires',
    knobs,
    { lengthMm: feet(12), widthMm: feet(2), ...bed },
    { crop: 'apple', training: 'espalier', count: 1 },
  );
  const before = { ...plan, features: [wall(plan.beds[0]!, more)] };
  const computed = computeStructure(before, before.structures[0]!);
  const codes = computed.verdicts.filter(({ level }) => level !== 'good').map(({ told }) => told.code);
  return { ...computed, codes, design: computed.sized.design };
}

describe('what stands behind a bed', () => {
  it('is found by its nearest face, however bed and wall are turned, and whichever way the wall was drawn', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.constantFrom(0, 180),
        fc.double({ min: 0, max: NEAR_WALL_MM - 1, noNaN: true }),
        fc.double({ min: -1000, max: 1000, noNaN: true }),
        fc.constantFrom('wall' as const, 'house' as const, 'fence' as const),
        (turnDeg, drawn, offMm, alongMm, of) => {
          const bed = { ...planOnBed('wall-wires', {}, { turnDeg, heightMm: 200 }).beds[0]! };
          const found = wallBehind(bed, [{ ...wall(bed, { offMm, alongMm, kind: of }), turnDeg: turnDeg + drawn }]);
          expect(found?.faceMm).toBeCloseTo(bed.widthMm / 2 + offMm, 3);
          expect(found?.fromMm).toBeCloseTo(alongMm, 3);
          expect(found?.toMm).toBeCloseTo(bed.lengthMm + alongMm, 3);
          expect(found?.topMm).toBeCloseTo(2100, 6);
        },
      ),
      { numRuns: cases(60) },
    );
  });

  it('is nothing that is far, before the bed, past its end, askew, or no wall at all; of two the nearer', () => {
    const [bed] = planOnBed('wall-wires').beds as [Plan['beds'][number]];
    const at = (more: Parameters<typeof wall>[1]) => wallBehind(bed, [wall(bed, more)]);
    expect(at({})?.name).toBe('Yard wall');
    for (const more of [
      { offMm: NEAR_WALL_MM + 1 },
      { offMm: -bed.widthMm - 240 },
      { alongMm: bed.lengthMm + 10 },
      { turnDeg: bed.turnDeg + 5 },
      { kind: 'path' as const },
    ])
      expect(at(more)).toBeNull();
    const two = [wall(bed, { offMm: 400 }), { ...wall(bed, { offMm: 90 }), id: 'near' }];
    expect(wallBehind(bed, two)?.id).toBe('near');
  });
});

describe('wires on a wall', () => {
  it('an espalier: wires every 18″ from 15″ (from memory), an eye every 6′ at most, plants a foot out from the wall', () => {
    const { design, codes, bill } = onWall();
    const wires = ofShape(design.parts, 'line');
    expect(wires.map(({ path }) => Math.round((path[0]?.[2] ?? 0) / inches(1)))).toEqual([15, 33, 51, 69]);
    // 12′ in two bays of 6′: three eyes and plugs a wire, one turnbuckle.
    const count = (stock: string) => bill.reduce((sum, line) => sum + (line.stock === stock ? line.count : 0), 0);
    expect([count('vine-eye'), count('wall-plug'), count('turnbuckle')]).toEqual([12, 12, 4]);
    expect(codes).toEqual([]);
    // 100 mm of eye, 40 of it in the wall; the wire lies in it.
    expect(feet(1) - (wires[0]?.path[0]?.[1] ?? 0)).toBeCloseTo(60 - inches(0.25), 6);
    expect(design.stations[0]?.at[1]).toBeCloseTo(feet(1) - inches(12), 6);
  });

  it('says what wall there is not: none, too short, too low; and each but the first has a mend that mends it', () => {
    expect(onWall({}, { offMm: 2000 }).codes).toContain('wall.none');
    const mended = (code: string, knobs: Record<string, number>, more: Parameters<typeof wall>[1]) => {
      const { verdicts } = onWall(knobs, more);
      const mend = verdicts.find(({ told }) => told.code === code)?.mend;
      expect(mend, code).toBeTruthy();
      return onWall(mend?.settings as Record<string, number>, more).codes;
    };
    expect(mended('wall.past', { rowLength: feet(12), startAt: 0 }, { lengthMm: feet(9) })).not.toContain('wall.past');
    expect(mended('wall.low', { top: feet(6) }, { heightMm: 1500 })).not.toContain('wall.low');
    // In timber there is no plug.
    expect(onWall({}, { kind: 'fence' }).bill.some(({ stock }) => stock === 'wall-plug')).toBe(false);
    expect(onWall({}, { kind: 'fence' }).sized.knobs.wallOf?.value).toBe('timber');
  });

  it('as suggested it keeps to its wall, whatever that is; every wire is level, off the wall, and carried where it is said', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const own = { ...plan, structures: [{ ...plan.structures[0]!, knobs: {} }] };
        const { design } = first(plan).sized;
        for (const wire of ofShape(design.parts, 'line')) {
          expect(new Set(wire.path.map(([, y, z]) => `${y} ${z}`)).size).toBe(1);
          const eyes = design.joints.filter(
            ({ id }) => id.startsWith(`${wire.id}-eye`) && id !== `${wire.id}-turnbuckle`,
          );
          expect(eyes.map(({ places }) => places[0])).toEqual(wire.path);
        }
        const { setting, sized, verdicts } = first(own);
        if (!setting.wall || setting.wall.topMm < inches(24)) return;
        const overlap = Math.min(own.beds[0]!.lengthMm, setting.wall.toMm) - Math.max(0, setting.wall.fromMm);
        if (overlap < feet(2)) return;
        expect(sized.design.hold?.topMm.most).toBeLessThanOrEqual(
          setting.wall.topMm - BELOW_TOP_MM + Math.abs(own.beds[0]!.riseMm),
        );
        expect(verdicts.map(({ told }) => told.code)).not.toContain('wall.past');
      }),
      { numRuns: cases(40) },
    );
  });
});
