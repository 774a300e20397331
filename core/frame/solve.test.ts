import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { add, cross, minus, scale, type Point } from '../geometry/space';
import { lengthOf } from './elements';
import { NO_LOADS, push, type Frame, type Loads, type Spread } from './frame';
import { along, AXES, chainOf, densely, EI, GJ, held, ROD } from './frame.fixture';
import { solveFrame, type Response } from './solve';

const down = (frame: Frame, w: number): Spread[] => frame.beams.map((_, beam) => ({ beam, by: [0, 0, -w] }));
const zAt = ({ moved }: Response, node: number): number => moved[node * 6 + 2] as number;
const momentAt = (response: Response, beam: number, end: 0 | 1): number => response.ends(beam)[end * 6 + 5] as number;

describe('beams of the handbooks (Timoshenko, Strength of Materials, part I; Roark, Formulas for Stress and Strain, table 8)', () => {
  const [l, w] = [2400, 0.05];
  it('held at one end: P l³ / 3 E I under a load at its tip, w l⁴ / 8 E I and w l² / 2 under an even one', () => {
    const frame = along(l, 1, (n) => [held(0, n[0] as Point)]);
    const tip = NO_LOADS(frame);
    push(tip, frame, 1, [0, 0, -80]);
    const solved = solveFrame(frame);
    expect(zAt(solved.under({ loads: tip }), 1)).toBeCloseTo((-80 * l ** 3) / (3 * EI), 3);
    const even = solved.under({ loads: NO_LOADS(frame), spread: down(frame, w) });
    expect(zAt(even, 1)).toBeCloseTo((-w * l ** 4) / (8 * EI), 3);
    expect(Math.abs(momentAt(even, 0, 0))).toBeCloseTo((w * l ** 2) / 2, 0);
    expect(solved.loose).toEqual([]);
  });

  it('borne at both ends: 5 w l⁴ / 384 E I and w l² / 8; held at both: w l⁴ / 384 E I, w l² / 12 and w l² / 24', () => {
    const simple = along(l, 2, (n) => [held(0, n[0] as Point, 'xyzX'), held(2, n[2] as Point, 'yz')]);
    const borne = solveFrame(simple).under({ loads: NO_LOADS(simple), spread: down(simple, w) });
    expect(zAt(borne, 1)).toBeCloseTo((-5 * w * l ** 4) / (384 * EI), 3);
    expect(Math.abs(momentAt(borne, 0, 1))).toBeCloseTo((w * l ** 2) / 8, 0);
    const fast = along(l, 2, (n) => [held(0, n[0] as Point), held(2, n[2] as Point)]);
    const both = solveFrame(fast).under({ loads: NO_LOADS(fast), spread: down(fast, w) });
    expect(zAt(both, 1)).toBeCloseTo((-w * l ** 4) / (384 * EI), 3);
    expect(Math.abs(momentAt(both, 0, 0)) / ((w * l ** 2) / 12)).toBeCloseTo(1, 4);
    expect(Math.abs(momentAt(both, 0, 1)) / ((w * l ** 2) / 24)).toBeCloseTo(1, 3);
  });

  it('held at one end and borne at the other: 3/8 w l is borne; over three supports the middle one has 10/8 of a span, and w l² / 8', () => {
    const propped = along(l, 2, (n) => [held(0, n[0] as Point), held(2, n[2] as Point, 'yz')]);
    const one = solveFrame(propped).under({ loads: NO_LOADS(propped), spread: down(propped, w) });
    expect(one.onGround(1).force[2]).toBeCloseTo((-3 / 8) * w * l, 3);
    const three = along(2 * l, 2, (n) => [0, 1, 2].map((i) => held(i, n[i] as Point, i === 0 ? 'xyzX' : 'yz')));
    const two = solveFrame(three).under({ loads: NO_LOADS(three), spread: down(three, w) });
    expect(two.onGround(1).force[2]).toBeCloseTo((-10 / 8) * w * l, 3);
    expect(Math.abs(momentAt(two, 0, 1)) / ((w * l ** 2) / 8)).toBeCloseTo(1, 4);
  });

  it('a portal with held feet, pushed at its head: P h / 2 (3k + 1) / (6k + 1) at its feet, P h / 2 · 3k / (6k + 1) at its corners (Kleinlogel, Rigid Frame Formulas, frame 43)', () => {
    const [h, span, p] = [2000, 3000, 100];
    const nodes: Point[] = [
      [0, 0, 0],
      [0, 0, h],
      [span, 0, h],
      [span, 0, 0],
    ];
    // Not drawn out along itself, as the formulas have it.
    const stiff = { ...ROD, ea: ROD.ea * 1e4 };
    const frame: Frame = {
      nodes,
      beams: chainOf(nodes, stiff),
      links: [held(0, nodes[0] as Point), held(3, nodes[3] as Point)],
      lines: [],
    };
    const loads = NO_LOADS(frame);
    push(loads, frame, 1, [p, 0, 0]);
    const pushed = solveFrame(frame).under({ loads });
    const k = h / span;
    const inPlane = (beam: number, end: 0 | 1): number =>
      Math.hypot(...pushed.ends(beam).slice(end * 6 + 4, end * 6 + 6));
    expect(inPlane(0, 0) / (((p * h) / 2) * ((3 * k + 1) / (6 * k + 1)))).toBeCloseTo(1, 3);
    expect(inPlane(0, 1) / (((p * h) / 2) * ((3 * k) / (6 * k + 1)))).toBeCloseTo(1, 3);
    expect(inPlane(2, 1) / (((p * h) / 2) * ((3 * k + 1) / (6 * k + 1)))).toBeCloseTo(1, 3);
  });

  it('in space: bent at a right angle and pushed out of its plane it gives P a³/3EI + P b³/3EI + P a² b/GJ; a quarter of a ring P R³ (π/4 EI + (3π/4 − 2)/GJ) (Roark, table 9)', () => {
    const [a, b, p] = [700, 900, 40];
    const bent: Point[] = [
      [0, 0, 0],
      [b, 0, 0],
      [b, a, 0],
    ];
    const at = (nodes: Point[]): [Frame, Loads] => {
      const frame: Frame = { nodes, beams: chainOf(nodes), links: [held(0, nodes[0] as Point)], lines: [] };
      const loads = NO_LOADS(frame);
      push(loads, frame, nodes.length - 1, [0, 0, -p]);
      return [frame, loads];
    };
    const [frame, loads] = at(bent);
    expect(zAt(solveFrame(frame).under({ loads }), 2)).toBeCloseTo(
      -((p * a ** 3) / (3 * EI) + (p * b ** 3) / (3 * EI) + (p * a ** 2 * b) / GJ),
      3,
    );
    const r = 800;
    const ring = Array.from({ length: 41 }, (_, i): Point => {
      const turn = (Math.PI / 2) * (i / 40);
      return [r * Math.sin(turn), r * (1 - Math.cos(turn)), 0];
    });
    const [quarter, pushed] = at(ring);
    const closed = p * r ** 3 * (Math.PI / 4 / EI + ((3 * Math.PI) / 4 - 2) / GJ);
    expect(zAt(solveFrame(quarter).under({ loads: pushed }), 40) / -closed).toBeCloseTo(1, 3);
  });
});

describe('what only pulls, what only presses, and what leans', () => {
  it('a post that is pushed at its head leans over itself: H (tan kl − kl) / (k P) (Timoshenko and Gere, Theory of Elastic Stability, 1.11); past Euler’s load it is lost', () => {
    const l = 1800;
    const nodes = Array.from({ length: 5 }, (_, i): Point => [0, 0, (l * i) / 4]);
    const frame: Frame = { nodes, beams: chainOf(nodes), links: [held(0, nodes[0] as Point)], lines: [] };
    const solved = solveFrame(frame);
    const euler = (Math.PI ** 2 * EI) / (4 * l ** 2);
    for (const share of [0.2, 0.4, 0.6]) {
      const [loads, p] = [NO_LOADS(frame), share * euler];
      push(loads, frame, 4, [10, 0, -p]);
      const k = Math.sqrt(p / EI);
      const leant = solved.under({ loads }, true);
      expect((leant.moved[24] as number) / ((10 * (Math.tan(k * l) - k * l)) / (k * p))).toBeCloseTo(1, 2);
      expect(leant.leansOver / (1 / (1 - share))).toBeCloseTo(1, 1);
      expect(leant.lost).toBe(false);
    }
    const over = NO_LOADS(frame);
    push(over, frame, 4, [10, 0, -1.1 * euler]);
    expect(solved.under({ loads: over }, true).lost).toBe(true);
  });

  it('a mast with four guys at 45° is held by the one to windward: H / cos 45°, and the one to leeward is slack (by hand)', () => {
    const h = 2000;
    const nodes: Point[] = [
      [0, 0, 0],
      [0, 0, h],
      [-h, 0, 0],
      [h, 0, 0],
      [0, h, 0],
      [0, -h, 0],
    ];
    const frame: Frame = {
      nodes,
      beams: chainOf(nodes.slice(0, 2)),
      links: [held(0, nodes[0] as Point, 'xyzZ'), ...[2, 3, 4, 5].map((i) => held(i, nodes[i] as Point, 'xyz'))],
      lines: [2, 3, 4, 5].map((b) => ({ a: 1, b, ea: 1e6, pullN: 0 })),
    };
    const loads = NO_LOADS(frame);
    push(loads, frame, 1, [100, 0, 0]);
    const blown = solveFrame(frame).under({ loads }, true);
    expect(blown.pull(0)).toBeCloseTo(100 * Math.SQRT2, 0);
    expect(blown.pull(1)).toBe(0);
    expect(blown.slack).toContain(1);
    // Drawn tight beforehand both work, until the one to leeward slackens.
    const tight = solveFrame({ ...frame, lines: frame.lines.map((line) => ({ ...line, pullN: 200 })) });
    const still = tight.under({ loads: NO_LOADS(frame) }, true);
    for (const i of [0, 1, 2, 3]) expect(still.pull(i)).toBeCloseTo(200, 0);
    const both = tight.under({ loads }, true);
    expect(both.pull(0) - both.pull(1)).toBeCloseTo(100 * Math.SQRT2, 0);
  });

  it('what lies on two feet is tipped off one of them when the other has it all, and is lost past that (by hand)', () => {
    const nodes: Point[] = [
      [0, 0, 0],
      [500, 0, 0],
      [1000, 0, 0],
    ];
    const foot = (a: number): Frame['links'][number] => ({
      a,
      b: null,
      at: nodes[a] as Point,
      axes: [
        [0, 0, -1],
        [1, 0, 0],
        [0, 1, 0],
      ],
      stiff: [1e5, 1e5, 1e5, 0, 1e9, 1e9],
      pressesOnly: true,
    });
    const frame: Frame = { nodes, beams: chainOf(nodes), links: [foot(0), foot(2)], lines: [] };
    const at = (up: number): Response => {
      const loads = NO_LOADS(frame);
      push(loads, frame, 1, [0, 0, -100]);
      push(loads, frame, 2, [0, 0, up]);
      return solveFrame(frame).under({ loads }, true);
    };
    expect(at(40).onGround(0).force[2]).toBeCloseTo(-50, 1);
    expect(at(40).onGround(1).force[2]).toBeCloseTo(-10, 1);
    expect(at(40).lifted).toEqual([]);
    expect(at(80).lifted).toContain(1);
  });

  it('what nothing holds is named with the way it goes, and the rest still has its answer', () => {
    // A frame hinged at all four corners racks.
    const nodes: Point[] = [
      [0, 0, 0],
      [0, 0, 1000],
      [0, 0, 1000],
      [1500, 0, 1000],
      [1500, 0, 1000],
      [1500, 0, 0],
    ];
    const hinge = (a: number, b: number): Frame['links'][number] => ({
      a,
      b,
      at: nodes[a] as Point,
      axes: AXES,
      stiff: [1e6, 1e6, 1e6, 1e9, 0, 1e9],
    });
    const racks: Frame = {
      nodes,
      beams: [0, 2, 4].map((a) => ({ a, b: a + 1, of: ROD, wide: a === 2 ? [0, 0, 1] : [0, 1, 0] }) as const),
      links: [held(0, nodes[0] as Point, 'xyzXZ'), held(5, nodes[5] as Point, 'xyzXZ'), hinge(1, 2), hinge(3, 4)],
      lines: [],
    };
    const { loose } = solveFrame(racks);
    expect(loose).toHaveLength(1);
    const way = loose[0]?.way ?? [];
    expect(Math.abs(way[1]?.[0] ?? 0)).toBeCloseTo(1, 3);
    expect(way[1]?.[0]).toBeCloseTo(way[4]?.[0] ?? NaN, 3);
    expect(way[0]?.[0]).toBeCloseTo(0, 3);
    // A wire from corner to corner takes it away.
    expect(solveFrame({ ...racks, lines: [{ a: 0, b: 3, ea: 1e6, pullN: 0 }] }).loose).toEqual([]);
  });
});

/** Bars, links, cords and feet anyhow, all of one piece and held somewhere. */
const anyFrame = fc
  .record({
    spots: fc.array(
      fc
        .tuple(...[0, 1, 2].map(() => fc.integer({ min: -20, max: 20 })))
        .map((at) => at.map((n) => n * 100) as unknown as Point),
      { minLength: 3, maxLength: 14 },
    ),
    picks: fc.array(fc.nat(1000), { minLength: 40, maxLength: 40 }),
    pushes: fc.array(fc.tuple(...[0, 1, 2].map(() => fc.double({ min: -200, max: 200, noNaN: true }))), {
      minLength: 14,
      maxLength: 14,
    }),
  })
  .map(({ spots, picks, pushes }) => {
    const nodes = spots.filter((at, i) => spots.findIndex((one) => Math.hypot(...minus(one, at)) < 50) === i);
    const pick = (i: number, of: number): number => (picks[i % 40] as number) % Math.max(1, of);
    const beams = nodes
      .slice(1)
      .map((_, i) => ({ a: pick(i, i + 1), b: i + 1, of: ROD, wide: [0.3, 0.5, 0.8] as Point }));
    const more = nodes.length > 3 ? [{ a: 0, b: nodes.length - 1 }] : [];
    const frame: Frame = {
      nodes,
      beams,
      links: [
        held(pick(20, nodes.length), add(nodes[pick(20, nodes.length)] as Point, [20, 10, -5])),
        ...more.map(({ a, b }) => ({
          a,
          b,
          at: scale(add(nodes[a] as Point, nodes[b] as Point), 0.5),
          axes: AXES,
          stiff: [900, 400, 300, 2e6, 1e6, 3e6] as const,
        })),
      ],
      lines:
        nodes.length > 4
          ? [{ a: 1, b: nodes.length - 2, to: add(nodes.at(-2) as Point, [5, 40, -20]), ea: 2e5, pullN: 0 }]
          : [],
    };
    const loads = NO_LOADS(frame);
    nodes.forEach((at, i) => push(loads, frame, i, pushes[i] as unknown as Point, add(at, [15, -30, 40])));
    const spread: Spread[] = frame.beams.map((_, beam) => ({
      beam,
      by: scale(pushes[beam] as unknown as Point, 1e-3),
    }));
    return { frame, loads, spread };
  })
  .filter(({ frame: { nodes, lines } }) => nodes.length > 2 && lines.every(({ a, b }) => a !== b));

describe('any frame', () => {
  it('moves as a general library of linear algebra says (ml-matrix, LU of the whole matrix), to a millionth', () => {
    fc.assert(
      fc.property(anyFrame, ({ frame, loads }) => {
        const { moved } = solveFrame(frame).under({ loads });
        const by = densely(frame, loads);
        const far = Math.max(...by.map(Math.abs));
        by.forEach((mm, i) => expect(Math.abs((moved[i] as number) - mm)).toBeLessThan(1e-6 * far + 1e-12));
      }),
      { numRuns: cases(60) },
    );
  });

  it('gives the ground what it is pushed with, and the moment of that about any place', () => {
    fc.assert(
      fc.property(anyFrame, ({ frame, loads, spread }) => {
        const response = solveFrame(frame).under({ loads, spread });
        let [force, moment]: [Point, Point] = [
          [0, 0, 0],
          [0, 0, 0],
        ];
        const acts = (at: Point, f: Point, m: Point = [0, 0, 0]): void => {
          force = add(force, f);
          moment = add(moment, add(m, cross(at, f)));
        };
        frame.nodes.forEach((at, i) => {
          const [f, m] = [loads.slice(i * 6, i * 6 + 3), loads.slice(i * 6 + 3, i * 6 + 6)] as unknown as [
            Point,
            Point,
          ];
          acts(at, f, m);
        });
        for (const { beam, by } of spread) {
          const { a, b } = frame.beams[beam] as Frame['beams'][number];
          const middle = scale(add(frame.nodes[a] as Point, frame.nodes[b] as Point), 0.5);
          acts(middle, scale(by, lengthOf({ a, b }, frame.nodes)));
        }
        frame.links.forEach((link, i) => {
          if (link.b !== null) return;
          const on = response.onGround(i);
          acts(link.at, scale(on.force, -1), scale(on.moment, -1));
        });
        const size = Math.max(1, ...loads.map(Math.abs));
        for (const n of force) expect(Math.abs(n)).toBeLessThan(1e-5 * size);
        for (const n of moment) expect(Math.abs(n)).toBeLessThan(1e-2 * size);
      }),
      { numRuns: cases(60) },
    );
  });

  it('turned about or numbered otherwise gives the same answer, turned about or numbered otherwise', () => {
    fc.assert(
      fc.property(anyFrame, ({ frame, loads }) => {
        const n = frame.nodes.length;
        const other = (i: number): number => (i * 1 + 1) % n;
        const turn = ([x, y, z]: Point): Point => [-y, x, z];
        const nodes: Point[] = [];
        frame.nodes.forEach((at, i) => (nodes[other(i)] = turn(at)));
        const same: Frame = {
          nodes,
          beams: frame.beams.map((one) => ({ ...one, a: other(one.a), b: other(one.b), wide: turn(one.wide) })),
          links: frame.links.map((one) => ({
            ...one,
            a: other(one.a),
            b: one.b === null ? null : other(one.b),
            at: turn(one.at),
            axes: one.axes.map(turn) as unknown as typeof one.axes,
          })),
          lines: frame.lines.map((one) => ({
            ...one,
            a: other(one.a),
            b: other(one.b),
            ...(one.to ? { to: turn(one.to) } : {}),
          })),
        };
        const there = NO_LOADS(same);
        for (let i = 0; i < n; i++)
          for (const off of [0, 3])
            there.set(turn([...loads.slice(i * 6 + off, i * 6 + off + 3)] as unknown as Point), other(i) * 6 + off);
        const [one, two] = [solveFrame(frame).under({ loads }, true), solveFrame(same).under({ loads: there }, true)];
        expect(two.slack).toEqual(one.slack);
        const far = Math.max(...one.moved.map(Math.abs));
        for (let i = 0; i < n; i++) {
          const here = turn([...one.moved.slice(i * 6, i * 6 + 3)] as unknown as Point);
          here.forEach((mm, k) =>
            expect(Math.abs((two.moved[other(i) * 6 + k] as number) - mm)).toBeLessThan(1e-4 * far),
          );
        }
      }),
      { numRuns: cases(40) },
    );
  });
});
