import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { feetOf } from '../design/on-plot';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import type { Plan } from '../plan/plan';
import { onBed } from '../structures/onto-bed.fixture';
import { patchAround } from './patch';
import { whereItGoes, windOf, WINDS, type WhereItGoes } from './where-it-goes';

const { structures } = computeGarden(DEMO_PLAN);
const all = structures.map((one) => ({ one, goes: whereItGoes(DEMO_PLAN, one) }));
const goesOf = (id: string): WhereItGoes => all.find(({ one }) => one.structure.id === id)!.goes;

it('the piece of plot that is drawn holds all that is measured, and points out of the front', () => {
  for (const { one, goes } of all) {
    const { box, arrow, shown } = patchAround(DEMO_PLAN, goes);
    const inside = ([x, y]: readonly [number, number]) =>
      x >= box.left && x <= box.right && y >= box.bottom && y <= box.top;
    const measured = goes.found.flatMap(({ at, offsets }) => [at, ...offsets.map((offset) => offset.at)]);
    expect([...goes.covers.flat(), ...measured, ...shown.map(({ at }) => at)].filter((at) => !inside(at))).toEqual([]);
    for (const name of goes.beds) expect(shown.map((thing) => thing.name)).toContain(name);
    const [from, to] = arrow;
    const [dx, dy] = goes.frontWay;
    expect((to[0] - from[0]) * dx + (to[1] - from[1]) * dy, one.structure.id).toBeCloseTo(500, 6);
    // Nothing of it lies further out than where the arrow begins.
    for (const [x, y] of goes.covers.flat()) expect((x - from[0]) * dx + (y - from[1]) * dy).toBeLessThan(1e-6);
  }
});

describe('where a structure goes', () => {
  it('winds are the compass’s, whichever way the plan is turned', () => {
    expect([windOf([0, 1], 0), windOf([1, 0], 0), windOf([0, -1], 0), windOf([-1, 1], 0)]).toEqual([
      'north',
      'east',
      'south',
      'north-west',
    ]);
    const turn = fc.integer({ min: -4, max: 12 });
    fc.assert(
      fc.property(turn, turn, (eighths, north) => {
        const rad = (eighths * Math.PI) / 4;
        const wind = windOf([Math.sin(rad), Math.cos(rad)], north * 45);
        expect(wind).toBe(WINDS[(((eighths + north) % 8) + 8) % 8]);
      }),
    );
  });

  it('is told of every structure of the demo: two distances across each other to each place, from what there is', () => {
    for (const { one, goes } of all) {
      if (one.setting.place.on !== 'run') expect(goes.found.length, one.structure.id).toBeGreaterThan(0);
      for (const { at, offsets } of goes.found) {
        expect(offsets, one.structure.id).toHaveLength(2);
        for (const offset of offsets)
          expect(Math.hypot(at[0] - offset.at[0], at[1] - offset.at[1])).toBeCloseTo(offset.mm, 6);
        const [a, b] = offsets.map((offset) => [offset.at[0] - at[0], offset.at[1] - at[1]] as const);
        const square = Math.abs(a![0] * b![0] + a![1] * b![1]) / Math.max(1, Math.hypot(...a!) * Math.hypot(...b!));
        expect(square, one.structure.id).toBeLessThan(0.75);
      }
    }
  });

  it('on a bed is from its sides, told by the winds they face: as the bed’s own length and width have it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 7 }), fc.integer({ min: 1200, max: 6000 }), (eighths, lengthMm) => {
        const turnDeg = eighths * 45;
        const computed = onBed(
          'panel-wall',
          {},
          { lengthMm, turnDeg },
          { crop: 'pole-bean', training: 'single', count: 4 },
        );
        const { place, site } = computed.setting;
        if (place.on !== 'bed') throw new Error('It stands on a bed.');
        const { bed } = place;
        const plan: Plan = { ...DEMO_PLAN, beds: [bed], features: [], site: { ...site, northDeg: 0 } };
        const { found, front, start } = whereItGoes(plan, computed);
        const [first, last] = found;
        const from = (place: typeof first, wind: string) => place?.offsets.find(({ side }) => side === wind)?.mm;
        // Turned by nothing its length runs east; its front faces south then, and its start lies west.
        const wind = (eighth: number) => WINDS[(((eighth - eighths) % 8) + 8) % 8]!;
        expect([front?.wind, start?.wind]).toEqual([wind(4), wind(6)]);
        const posts = feetOf(computed.design).map(([x]) => x + computed.design.startMm);
        // Its feet are within the bed.
        expect(found.flatMap(({ offsets }) => offsets.filter(({ mm, outside }) => mm > 1 && outside))).toEqual([]);
        expect(from(first, wind(6)) ?? NaN).toBeCloseTo(Math.min(...posts), 4);
        expect(from(last, wind(2)) ?? NaN).toBeCloseTo(lengthMm - Math.max(...posts), 4);
        const across = first?.offsets.filter(({ side }) => side === wind(4) || side === wind(0)) ?? [];
        expect(across.map(({ mm }) => Math.abs(mm - bed.widthMm / 2))[0]).toBeLessThan(bed.widthMm / 2 + 1);
      }),
      { numRuns: cases(24) },
    );
  });

  it('says what stands the way it faces, which bed has which crop, on which side lids turn, and where a gate hangs', () => {
    const arch = goesOf('dock-arch');
    expect(arch.grows.map(({ bed, side }) => [bed, side?.wind])).toEqual([
      ['Dry-dock bed, west', 'west'],
      ['Dry-dock bed, east', 'east'],
    ]);
    const frame = goesOf('salad-frame');
    expect([frame.front?.wind, frame.hinged?.wind]).toEqual(['east', 'west']);
    // A gate and the door of a cage say where they turn, by what they hang on.
    for (const id of ['river-gate', 'berry-cage']) expect(goesOf(id).hinged, id).not.toBeNull();
    expect(goesOf('berry-cage').found.flatMap(({ offsets }) => offsets.map(({ outside }) => outside))).toEqual(
      Array(4).fill(true),
    );
    expect(goesOf('river-gate').between).toEqual({ host: 'River fence', posts: [6, 7] });
    expect(goesOf('river-fence').found.map(({ is }) => is)).toEqual([{ corner: 1 }, { corner: 2 }, { corner: 3 }]);
    expect(goesOf('bean-tepee').found.map(({ is, offsets }) => [is, offsets.map(({ from }) => from)])).toEqual([
      ['middle', ['Ring on the grass', 'Ring on the grass']],
    ]);
    // The cage is entered from its front and opens outward; the gate swings square to the run it hangs in.
    const cage = goesOf('berry-cage');
    expect([cage.door?.side?.wind, cage.door?.swings.wind]).toEqual([cage.front?.wind, cage.front?.wind]);
    const gate = goesOf('river-gate');
    expect(gate.door?.side).toBeNull();
    expect([gate.front?.wind, WINDS[(WINDS.indexOf(gate.front?.wind ?? 'north') + 4) % 8]]).toContain(
      gate.door?.swings.wind,
    );
    expect(frame.door).toBeNull();
    // A hinged frame turns at its peak: it opens to no side.
    expect(goesOf('cucumber-fold').hinged).toBeNull();
  });
});
