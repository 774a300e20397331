import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import { barCorners, type Bar, type SawnAt as Edge } from '../../../design/shapes/bar';
import { ofShape } from '../../../design/shapes/shapes';
import { cross, dot, minus, unit, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { offSunDeg } from '../../../site/sun/faces';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed, one } from '../../onto-bed.fixture';
import { kind } from './index';

const PLAIN = { rowLength: feet(6), width: feet(3), board: '1x6', strip: '2x2', courses: 1, faces: 'front' } as const;
const LETTUCE = { crop: 'lettuce', training: 'head', count: 6 };

describe('a cold frame', () => {
  it('6′ × 3′, one board in front: two behind, a wedge at each end, the slope as trigonometry has it', () => {
    const { count, ofRole, bill } = onBed('cold-frame', PLAIN, {}, LETTUCE);
    // A course of four, and one more behind.
    expect([count('board'), count('wedge'), count('cleat')]).toEqual([5, 2, 2]);
    // ¾ × 5½″ boards: 5½″ up over 35¼″, a lip of 20 mm before the front.
    const slope = Math.atan(5.5 / 35.25);
    const [across] = ofRole<Bar>('lid strip').filter(({ id }) => id.includes('across'));
    const way = unit(minus(across!.to, across!.from));
    expect(Math.asin(way[2])).toBeCloseTo(slope, 6);
    const glazed = feet(3) / Math.cos(slope) + 20;
    expect(across!.cutMm).toBeCloseTo(glazed - 2 * inches(1.5), 3);
    // Sheet to the edge of both lids, nothing of it turned in.
    const sheet = bill.find(({ stock }) => stock === 'glazing-4');
    expect([sheet?.count, sheet?.cutMm]).toEqual([2, (feet(6) - inches(0.25)) / 2]);
    const [wedge] = ofRole<Bar>('wedge');
    expect(wedge!.cutMm).toBeCloseTo(inches(36 - 1.5), 6);
    // Where the slope comes over the front board it has its thickness times the slope.
    const [tip, heel] = wedge!.sawn!.edges as [Edge, Edge];
    expect(tip.highMm - tip.lowMm).toBeCloseTo((inches(0.75) * 5.5) / 35.25, 6);
    expect(heel.highMm - heel.lowMm).toBeCloseTo(inches(5.5), 6);
  });

  it('lids lie on the edge of the front board, the wedges and the board behind, and on nothing that stands out over those', () => {
    fc.assert(
      fc.property(anyPlan(kind), (plan) => {
        const { design, knobs } = first(plan).sized;
        const bars = ofShape(design.parts, 'bar');
        const lids = bars.filter(({ role }) => role === 'lid strip');
        const rail = lids.find(({ id }) => id.endsWith('-front'))!;
        const across = lids.find(({ id }) => id.includes('-across-'))!;
        const up = unit(cross(unit(minus(rail.to, rail.from)), unit(minus(across.to, across.from))));
        const normal: Point = up[2] < 0 ? [-up[0], -up[1], -up[2]] : up;
        // How far over the lower faces of the strips something is.
        const over = (at: Point): number => dot(minus(at, rail.from), normal) + rail.thickMm / 2;
        const most = (of: readonly Bar[]): number =>
          Math.max(...of.flatMap((bar) => (bar.sawn ? edge(bar) : barCorners(bar)).map(over)));
        const boxed = bars.filter(({ role }) => role === 'board' || role === 'post' || role === 'cleat');
        expect(most(boxed)).toBeLessThan(0.01);
        const wedges = bars.filter(({ role }) => role === 'wedge');
        expect(most(wedges)).toBeLessThan(0.01);
        // In front, along both wedges and behind: touched, not merely not passed.
        for (const wedge of wedges) for (const at of edge(wedge)) expect(over(at)).toBeCloseTo(0, 2);
        for (const id of [`board-front-${Number(knobs.courses?.value)}`, 'board-back-top'])
          expect(most(bars.filter((bar) => bar.id === id))).toBeCloseTo(0, 2);
      }),
      { numRuns: cases(30) },
    );
  });

  it('looks to the midday sun: the bearing of its low side by vectors, either side of the equator, and the nearer side is suggested', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.integer({ min: -360, max: 360 }),
        fc.integer({ min: -360, max: 360 }),
        (latitudeDeg, northDeg, turnDeg) => {
          const rad = Math.PI / 180;
          // Out of the front of a bed that is turned, on the page; then by the compass.
          const [x, y] = [Math.sin(turnDeg * rad), -Math.cos(turnDeg * rad)];
          const bearing = northDeg * rad + Math.atan2(x, y);
          const sun: readonly [number, number] = [0, latitudeDeg >= 0 ? -1 : 1];
          const cos = Math.sin(bearing) * sun[0] + Math.cos(bearing) * sun[1];
          const off = offSunDeg({ latitudeDeg, northDeg }, turnDeg, 'front');
          expect(Math.cos(off * rad)).toBeCloseTo(cos, 9);
          expect(off + offSunDeg({ latitudeDeg, northDeg }, turnDeg, 'back')).toBeCloseTo(180, 9);
        },
      ),
    );
    for (const [turnDeg, faces] of [
      [0, 'front'],
      [180, 'back'],
    ] as const) {
      const { sized, codes } = one('cold-frame', { turnDeg, lengthMm: feet(6) }, LETTUCE);
      expect(sized.knobs.faces?.value).toBe(faces);
      expect(codes).not.toContain('sun.away');
    }
    const away = one('cold-frame', { turnDeg: 180, lengthMm: feet(6) }, LETTUCE, { faces: 'front' });
    expect(away.codes).toContain('sun.away');
    expect(away.verdicts.find(({ told }) => told.code === 'sun.away')?.mend?.settings).toMatchObject({ faces: 'back' });
  });

  it('turned round it is the same frame, its tall crops on its high side', () => {
    const [to, fro] = (['front', 'back'] as const).map((faces) =>
      onBed('cold-frame', { ...PLAIN, faces }, {}, LETTUCE),
    );
    const bought = ({ bill }: NonNullable<typeof to>) =>
      bill.map(({ stock, cutMm, count }) => [stock, cutMm?.toFixed(3), count]);
    expect(bought(fro!)).toEqual(bought(to!));
    for (const { ofRole } of [to!, fro!]) {
      const [board] = ofRole<Bar>('board').filter(({ id }) => id === 'board-back-top');
      expect(Math.sign(board!.from[1])).toBe(ofRole === to!.ofRole ? 1 : -1);
    }
  });

  it('what comes nearest to the lids is told where it stands, and a board more gives it room', () => {
    const { verdicts, codes } = onBed('cold-frame', PLAIN, {}, { crop: 'kale', training: 'single', count: 4 });
    expect(codes).toContain('cover.outgrown');
    const low = onBed('cold-frame', PLAIN, {}, LETTUCE);
    const mend = low.verdicts.find(({ check }) => check === 'cover-clear')?.mend?.settings;
    expect(mend).toMatchObject({ courses: 2 });
    expect(onBed('cold-frame', { ...PLAIN, ...mend }, {}, LETTUCE).codes).not.toContain('cover.outgrown');
    // Air that stands still and heat are told whatever grows.
    expect(verdicts.map(({ told }) => told.code)).toContain('light.lids');
  });
});

/** Both corners of a sawn board's upper edge at each of its places. */
function edge({ from, to, wide, thickMm, sawn }: Bar): Point[] {
  const axis = unit(minus(to, from));
  const thick = cross(axis, wide);
  return (sawn?.edges ?? []).flatMap(({ atMm, highMm }) =>
    [-1, 1].map((side): Point => {
      const along = (i: 0 | 1 | 2): number =>
        from[i] + axis[i] * atMm + wide[i] * highMm + (thick[i] * side * thickMm) / 2;
      return [along(0), along(1), along(2)];
    }),
  );
}
