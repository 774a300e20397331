import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { liftOn } from '../../../checks/roof-lifts';
import { barCorners, type Bar } from '../../../design/shapes/bar';
import { ofShape } from '../../../design/shapes/shapes';
import { cross, dot, minus, reach, unit, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed } from '../../onto-bed.fixture';
import { kind } from './index';

const TOMATOES = { crop: 'tomato-bush', training: 'bush', count: 4 };
const PLAIN = { rowLength: feet(8), deep: inches(36), front: feet(6), back: inches(78), over: inches(10) };
const way = ({ from, to }: Bar): Point => unit(minus(to, from));

describe('a rain roof', () => {
  it('8′ × 3′: three pairs of posts, rafters as Pythagoras has them, laths no farther than 2′ apart, film over all with what is folded round', () => {
    const { ofRole, bill, codes, facts } = (() => {
      const made = onBed('rain-roof', PLAIN, {}, TOMATOES);
      return { ...made, facts: made.sized.facts as { fall: number } };
    })();
    expect([ofRole('post').length, ofRole('rafter').length, ofRole('brace').length]).toEqual([6, 3, 2]);
    // 36″ over, 6″ up, 10″ past the posts at both ends.
    for (const rafter of ofRole<Bar>('rafter'))
      expect(reach(rafter.from, rafter.to)).toBeCloseTo(Math.hypot(inches(36), inches(6)) + 2 * inches(10), 6);
    expect(facts.fall).toBeCloseTo(6 / 36, 6);
    const [film] = bill.filter(({ stock }) => stock === 'cover-film');
    expect(film?.cutMm).toBeCloseTo(feet(8) + 2 * inches(4), 6);
    expect(codes).toEqual(expect.arrayContaining(['rain.runs', 'lift.holds', 'cover.clear']));
  });

  it('every rafter lies beside both its posts and under every lath, and no post, lath or rafter stands through the film', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design } = first(plan).sized;
        const bars = new Map(ofShape(design.parts, 'bar').map((one) => [one.id, one]));
        const of = (role: string) => [...bars.values()].filter((bar) => bar.role === role);
        const [rafter, lath] = [of('rafter')[0] as Bar, of('lath')[0] as Bar];
        const up = unit(cross(way(lath), way(rafter)));
        const out: Point = up[2] < 0 ? [-up[0], -up[1], -up[2]] : up;
        const film = dot(lath.from, out) + lath.thickMm / 2;
        for (const bar of [...of('rafter'), ...of('lath')])
          expect(Math.max(...barCorners(bar).map((at) => dot(at, out)))).toBeLessThanOrEqual(film + 1e-6);
        for (const { kind: joint, parts } of design.joints) {
          const [a, b] = parts.map((id) => bars.get(id)) as [Bar, Bar];
          if (joint !== 'rafter to post' && joint !== 'lath to rafter') continue;
          const square = cross(way(a), way(b));
          const apart = Math.abs(dot(minus(b.from, a.from), square)) / Math.hypot(...square);
          const wanted = joint === 'rafter to post' ? (a.thickMm + b.wideMm) / 2 : (a.thickMm + b.wideMm) / 2;
          expect(Math.abs(apart - wanted)).toBeLessThan(b.wideMm / 8);
        }
        // Both ends of the film lie on a lath.
        const along = (bar: Bar): number => dot(bar.from, way(rafter));
        const ends = [dot(rafter.from, way(rafter)), dot(rafter.to, way(rafter))].toSorted((a, b) => a - b);
        const ups = of('lath').map(along);
        expect(Math.min(...ups) - (ends[0] as number)).toBeLessThan(lath.wideMm + 1e-6);
        expect((ends[1] as number) - Math.max(...ups)).toBeLessThan(2 * lath.wideMm + 1e-6);
      }),
      { numRuns: cases(30) },
    );
  });

  it('lies down in the gust by what it weighs: twice the gust lifts four times as much, and in tamped soil nothing of that is counted', () => {
    const at = { gustMs: 20, wind: 'usual', areaM2: 3, frameKg: 60, concreteKg: 200, posts: 4 } as const;
    expect(liftOn({ ...at, gustMs: 40 }).lift).toBeCloseTo(4 * liftOn(at).lift, 9);
    expect(liftOn(at).weight).toBeCloseTo(260 * 9.80665, 6);
    const tamped = onBed('rain-roof', { ...PLAIN, footing: 'tamped' }, {}, TOMATOES);
    expect(tamped.codes).toContain('lift.off');
    const mend = tamped.verdicts.find(({ told }) => told.code === 'lift.off')?.mend?.settings;
    expect(mend).toMatchObject({ footing: 'dry' });
    expect(onBed('rain-roof', { ...PLAIN, ...mend }, {}, TOMATOES).codes).toContain('lift.holds');
  });

  it('a flat one, a wide one and one too low for its crop are told and mended', () => {
    for (const [knobs, code, crop] of [
      [{ ...PLAIN, back: feet(6) }, 'rain.stands', TOMATOES],
      [{ ...PLAIN, front: feet(2), back: feet(3) }, 'cover.outgrown', TOMATOES],
      [{ ...PLAIN, deep: feet(8), front: feet(4), back: feet(10), over: inches(24) }, 'rain.wide', TOMATOES],
    ] as const) {
      const { codes, verdicts } = onBed('rain-roof', knobs, { widthMm: feet(10) }, crop);
      expect(codes).toContain(code);
      const mend = verdicts.find(({ told }) => told.code === code)?.mend?.settings;
      expect(mend, code).toBeTruthy();
      expect(onBed('rain-roof', { ...mend } as never, { widthMm: feet(10) }, crop).codes).not.toContain(code);
    }
  });
});
