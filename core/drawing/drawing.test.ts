import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../cases.fixture';
import { DEMO_PLAN } from '../demo/garden';
import { barCorners, type Bar } from '../design/shapes/bar';
import { shapeOf } from '../design/shapes/shapes';
import { bendMarks } from '../geometry/curve';
import { outlineOf } from '../geometry/outline';
import { reach, type Point } from '../geometry/space';
import { computeStructure } from '../plan/compute';
import { bareUnitOf, parseLength } from '../quantity/length';
import { chainFigures, textWidth } from './dimension';
import { closeUps } from './close-ups';
import { setOnPaper } from './sheet';
import { PRINT_STYLE } from './inks';
import { toSvg } from './svg';
import { ripAcross, ripAlong } from './rip-views';
import { drawAtAGlance, drawViews } from './views';

const SIZE = 13;
const anyChain = fc
  .array(fc.double({ min: 5, max: 3000, noNaN: true }), { minLength: 1, maxLength: 25 })
  .map((gaps) => gaps.reduce<number[]>((at, gap) => [...at, (at.at(-1) ?? 0) + gap], [0]));

describe('dimension strings', () => {
  it('say every length, and no two figures of a tier touch', () => {
    fc.assert(
      fc.property(
        anyChain,
        fc.double({ min: 0.02, max: 0.5, noNaN: true }),
        fc.constantFrom('imperial' as const, 'metric' as const),
        (atMm, scale, units) => {
          const figures = chainFigures({ axis: 'x', label: '', atMm, tapedMm: atMm }, scale, units, SIZE);
          const said = figures.reduce((sum, { text }) => {
            const [, count = '1', length = text] = /^(?:(\d+) × )?(.*)$/.exec(text) ?? [];
            const read = parseLength(length, 'mm');
            return sum + Number(count) * (read.ok ? read.mm : NaN);
          }, 0);
          // Each figure is rounded to the tape: half a sixteenth, or half a millimetre, a gap.
          expect(Math.abs(said - (atMm.at(-1) ?? 0))).toBeLessThanOrEqual(0.9 * (atMm.length - 1) + 0.01);
          for (const tier of new Set(figures.map((figure) => figure.tier))) {
            const ends = figures
              .filter((figure) => figure.tier === tier)
              .map(({ text, from, to }) => ({
                left: (from + to) / 2 - textWidth(text, SIZE) / 2,
                right: (from + to) / 2 + textWidth(text, SIZE) / 2,
              }))
              .sort((a, b) => a.left - b.left);
            ends.slice(1).forEach((one, i) => {
              expect(one.left).toBeGreaterThanOrEqual(ends[i]?.right ?? 0);
            });
          }
        },
      ),
    );
  });

  it('say equal narrow gaps once, and what a tape reads along a slope', () => {
    expect(
      chainFigures(
        { axis: 'x', label: '', atMm: [0, 100, 200, 300], tapedMm: [0, 101, 202, 303] },
        0.1,
        'metric',
        SIZE,
      ).map((figure) => figure.text),
    ).toEqual(['3 × 101 mm']);
  });
});

describe('projected parts', () => {
  const frame = DEMO_PLAN.structures.find((one) => one.kind === 'twine-frame');
  if (!frame) throw new Error('the demo has lost its twine frame');
  const {
    sized: { design },
  } = computeStructure(DEMO_PLAN, frame);
  const bars = design.parts.filter((part): part is Bar => part.shape === 'bar');

  it('a brace cut 45° at both ends is longer on one side by twice its width, and its long side is what is cut', () => {
    for (const brace of bars.filter((bar) => bar.role === 'brace')) {
      const corners = barCorners(brace);
      const sides = [-1, 1].map((w) => {
        const [a, b] = [0, 1].map((end) => corners[end * 4 + (w + 1)]);
        return reach(a ?? [0, 0, 0], b ?? [0, 0, 0]);
      });
      expect(Math.max(...sides)).toBeCloseTo(brace.cutMm, 6);
      expect(Math.max(...sides) - Math.min(...sides)).toBeCloseTo(2 * brace.wideMm, 6);
    }
  });

  it('a post parts at the ground into what stands and what is buried', () => {
    for (const post of bars.filter((bar) => bar.role === 'post')) {
      const ends = shapeOf(post)
        .solids(post)
        .map((solid) => {
          const up = (solid.solid === 'box' ? solid.corners : []).map((point) => point[2]);
          return { below: solid.below, long: Math.max(...up) - Math.min(...up) };
        });
      expect(ends.find((one) => !one.below)?.long).toBeCloseTo(post.cutMm - post.buriedMm, 6);
      expect(ends.find((one) => one.below)?.long).toBeCloseTo(post.buriedMm, 6);
      expect(outlineOf(barCorners(post).map(([x, , z]) => [x, z] as const))).toHaveLength(4);
    }
  });
});

describe('what is written on a drawing', () => {
  it.each(['imperial', 'metric'] as const)(
    'reads as the tape would: the figures of every string add up, in %s',
    (units) => {
      for (const structure of DEMO_PLAN.structures) {
        const { sized, around } = computeStructure(DEMO_PLAN, structure);
        for (const view of drawViews(sized.design, around))
          for (const chain of view.chains) {
            let [sum, said] = [0, 0];
            for (const { text } of chainFigures(chain, 0.1, units, 13)) {
              const [, times = '1', one = text] = /^(?:(\d+) × )?(.+)$/.exec(text) ?? [];
              const read = parseLength(one, bareUnitOf(units));
              if (!read.ok) throw new Error(`${text} is no length`);
              sum += Number(times) * read.mm;
              said += Number(times);
            }
            // Each figure is rounded to the tape: a sixteenth of an inch, or a millimetre.
            const total = (chain.tapedMm.at(-1) ?? 0) - (chain.tapedMm[0] ?? 0);
            expect(Math.abs(sum - total), `${structure.name}, ${view.title}, ${chain.label}`).toBeLessThanOrEqual(
              said * 0.8,
            );
          }
      }
    },
  );

  it('is of the thing: a fence by its bays, a gate by its gateway, an arch by its crown, hoops by eighths of a turn', () => {
    const of = (kind: string, knobs = {}) => {
      const structure = DEMO_PLAN.structures.find((one) => one.kind === kind);
      if (!structure) throw new Error(`the demo has no ${kind}`);
      const { sized, around } = computeStructure(DEMO_PLAN, { ...structure, knobs });
      const views = drawViews(sized.design, around);
      const chain = (view: string, label: string) =>
        views.find((one) => one.id === view)?.chains.find((one) => one.label === label)?.tapedMm ?? [];
      return { ...sized, views, chain };
    };
    const fence = of('garden-fence');
    const runs = [1, 2].map((n) => fence.chain(`side-${n}`, 'posts').at(-1) ?? 0);
    expect(runs.reduce((sum, long) => sum + long, 0)).toBeCloseTo(fence.design.builtMm, 3);
    expect(fence.chain('side-1', 'posts')).toHaveLength(
      (fence.design.bays ?? []).filter((bay) => bay.run === 1).length + 1,
    );
    const gate = of('garden-gate', { width: 1000, clear: 10 });
    expect(gate.chain('elevation', 'leaf and gateway')).toEqual([-500, -490, 490, 500]);
    const hoops = of('panel-arch', { make: 'rod' });
    const hoop = hoops.design.parts.find((part) => part.role === 'hoop');
    if (hoop?.shape !== 'bar') throw new Error('it has hoops of rod');
    // From upright to upright is half a turn, the last eighth at its very end.
    expect(shapeOf(hoop).hidden(hoop).length).toBeGreaterThanOrEqual(3);
    expect(shapeOf(hoop).hidden(hoop).length).toBeLessThanOrEqual(4);
    const [mark] = bendMarks(hoop.bent ?? { curve: 'line', from: hoop.from, to: hoop.to }, Math.PI / 2);
    // A quarter turn is at its crown, the middle of its length.
    expect(mark?.atMm).toBeCloseTo(hoop.cutMm / 2, -1);
  });
});

describe('a sheet', () => {
  it('keeps everything on the paper, whatever its size, for every demo structure', () => {
    for (const structure of DEMO_PLAN.structures) {
      const { sized, around } = computeStructure(DEMO_PLAN, structure);
      for (const view of drawViews(sized.design, around)) {
        for (const [widthPx, heightPx] of [
          [330, 320],
          [640, 360],
          [1100, 520],
        ] as const) {
          const paper = setOnPaper(view, { widthPx, heightPx, units: 'imperial' });
          const spots = paper.marks.flatMap((mark) =>
            mark.draw === 'shape'
              ? mark.points
              : mark.draw === 'lines'
                ? mark.lines.flat()
                : mark.draw === 'copies'
                  ? mark.at.flatMap(([x, y]) => mark.points.map(([dx, dy]) => [x + dx, y + dy] as const))
                  : [mark.at],
          );
          expect(Math.min(...spots.map((spot) => spot[0]))).toBeGreaterThanOrEqual(0);
          expect(Math.max(...spots.map((spot) => spot[0]))).toBeLessThanOrEqual(widthPx);
          expect(Math.max(...spots.map((spot) => spot[1]))).toBeLessThanOrEqual(paper.heightPx);
          // Figures beside the drawing keep clear of each other too.
          const figures = paper.marks.flatMap((mark) =>
            mark.draw === 'text' && mark.anchor === 'end' && mark.ink === 'figure' ? [mark] : [],
          );
          figures.forEach((one, i) =>
            figures.slice(i + 1).forEach((other) => {
              const beside = Math.abs(one.at[1] - other.at[1]) >= 8;
              const apart = (a: typeof one, b: typeof one) => a.at[0] <= b.at[0] - textWidth(b.text, b.size) + 1;
              expect(
                beside || apart(one, other) || apart(other, one),
                `${structure.name}: ${one.text}, ${other.text}`,
              ).toBe(true);
            }),
          );
        }
      }
    }
  });

  it('stands alone as a file: its own style, its title escaped', () => {
    const svg = toSvg(
      {
        widthPx: 10,
        heightPx: 10,
        lens: null,
        frame: { scale: 1, originPx: [0, 0] },
        pulls: [],
        title: 'A "b" <c> & d',
        marks: [{ draw: 'text', at: [1, 1], text: '<7′>', size: 13, anchor: 'middle', ink: 'figure' }],
      },
      PRINT_STYLE,
    );
    expect(svg).toContain('<style>');
    expect(svg).toContain('A &quot;b&quot; &lt;c&gt; &amp; d');
    expect(svg).toContain('&lt;7′&gt;');
  });
});

describe('a ripped board', () => {
  it('is drawn with every strip and saw cut, which make up its width, and a guide that lies over the beam', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 75, noNaN: true }),
        fc.double({ min: 1, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 150, noNaN: true }),
        (strip, kerfMm, shoeOffsetMm) => {
          const plan = { ...DEMO_PLAN, garden: { ...DEMO_PLAN.garden, saw: { kerfMm, shoeOffsetMm } } };
          const {
            sized: { design },
          } = computeStructure(plan, {
            id: 's',
            kind: 'twine-frame',
            name: 'S',
            stand: { on: 'bed', bed: 'yard-bed' },
            plantings: [],
            knobs: { make: 'board', board: '2x8', strip },
          });
          const [board] = design.boards ?? [];
          if (!board) throw new Error('no board');
          expect(board.strips.reduce((sum, one) => sum + one.wideMm, 0) + 2 * kerfMm).toBeCloseTo(board.wideMm, 6);
          board.strips.slice(1).forEach((next, i) => {
            const before = board.strips[i];
            expect(next.fromMm - (before ? before.fromMm + before.wideMm : NaN)).toBeCloseTo(kerfMm, 6);
          });
          for (const guide of board.guides) expect(guide.guideMm).toBeCloseTo(guide.stripMm + kerfMm + shoeOffsetMm, 6);
          const across = ripAcross(board);
          const [strips] = across.chains;
          expect([strips?.atMm[0], strips?.atMm.at(-1)]).toEqual([0, expect.closeTo(board.wideMm, 3)]);
          // Every piece is cut from its strip with a saw cut between it and the next.
          for (const one of board.strips)
            one.pieces.slice(1).forEach((piece, i) => {
              const before = one.pieces[i];
              expect(piece.atMm - (before ? before.atMm + before.lengthMm : NaN)).toBeCloseTo(kerfMm, 6);
            });
          expect(ripAlong(board).box).toMatchObject({ left: 0, right: board.lengthMm });
        },
      ),
      { numRuns: cases(40) },
    );
  });
});

describe('at a glance', () => {
  it('shows every part that stands, from the far ones to the near ones, and nothing that is buried', () => {
    for (const structure of DEMO_PLAN.structures) {
      const {
        sized: { design },
        around,
      } = computeStructure(DEMO_PLAN, structure);
      const { primitives, pulls, chains } = drawAtAGlance(design, around);
      expect([pulls, chains]).toEqual([[], []]);
      const drawn = new Set(primitives.flatMap((one) => ('part' in one && one.part !== undefined ? [one.part] : [])));
      expect(drawn).toEqual(
        new Set(design.parts.filter((part) => shapeOf(part).nature !== 'mass').map((part) => part.id)),
      );
      expect(primitives.some((one) => 'ink' in one && one.ink === 'hidden')).toBe(false);
    }
  });
});

describe('joints close up', () => {
  const trellis = computeStructure(DEMO_PLAN, {
    id: 's',
    kind: 'rail-trellis',
    name: 'S',
    stand: { on: 'bed', bed: 'long-bed' },
    plantings: [],
    knobs: { section: '4x4', railSection: '2x4' },
  });
  const jointOf = (kind: string) => closeUps(trellis.sized.design).find((one) => one.kind === kind);
  const said = (kind: string, axis: 'x' | 'z', side: number) => {
    const chain = jointOf(kind)?.views[side]?.chains.find((one) => one.axis === axis);
    return chain?.atMm.slice(1).map((at, i) => Math.round(((at - (chain.atMm[i] ?? 0)) / 25.4) * 1000) / 1000);
  };

  it('say the actual sizes of what meets (PS 20: a 2×4 is 1½ × 3½″, a 4×4 3½″) and how far in the screws sit', () => {
    expect(said('rail to post', 'x', 1)).toEqual([1.5, 3.5]);
    // Two screws askew, three shanks of 5 mm (0.591″) from either edge of the rail.
    expect(said('rail to post', 'z', 0)).toEqual([0.591, 2.319, 0.591]);
    expect(jointOf('rail to post')?.fixings).toEqual([
      { stock: 'screw-short', count: 2, pilotMm: 3.5, through: 'rail', into: 'post', turns: false },
    ]);
  });

  it('are shown through a window of one size, with all that the joint joins in it', () => {
    for (const structure of DEMO_PLAN.structures) {
      const { design } = computeStructure(DEMO_PLAN, structure).sized;
      for (const { kind, views } of closeUps(design))
        for (const view of views) {
          const paper = setOnPaper(view, { widthPx: 220, heightPx: 270, units: 'metric' });
          const other = setOnPaper(view, { widthPx: 400, heightPx: 500, units: 'metric' });
          expect(paper.lens?.radiusPx).toBeCloseTo(other.lens?.radiusPx ?? 0, 9);
          const shown = new Set(view.primitives.flatMap((one) => ('part' in one ? [one.part] : [])));
          expect(
            design.joints
              .filter((joint) => joint.kind === kind)
              .some((joint) => joint.parts.some((id) => shown.has(id))),
            `${structure.id} ${kind}`,
          ).toBe(true);
        }
    }
  });

  it('a halved end is two pieces that make up the bar less its notch, and lie inside it', () => {
    const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        mm(300, 2000),
        mm(15, 40),
        mm(0.2, 0.8),
        fc.constantFrom<1 | -1>(1, -1),
        (long, thickMm, share, off) => {
          const notch = { cut: 'notch', longMm: 38, deepMm: thickMm * share, off } as const;
          const bar: Bar = {
            shape: 'bar',
            id: 'b',
            role: 'frame side',
            stock: 'timber-2x4-treated',
            cutMm: long,
            from: [0, 0, 0],
            to: [long, 0, 0],
            wide: [0, 0, 1],
            wideMm: 38,
            thickMm,
            buriedMm: 0,
            holes: [],
            ends: [notch, { cut: 'square' }],
          };
          const boxes = shapeOf(bar)
            .solids(bar)
            .flatMap((solid) => (solid.solid === 'box' ? [solid.corners] : []));
          const spread = (corners: readonly Point[], axis: 0 | 1 | 2) =>
            Math.max(...corners.map((one) => one[axis])) - Math.min(...corners.map((one) => one[axis]));
          const volume = (corners: readonly Point[]) => spread(corners, 0) * spread(corners, 1) * spread(corners, 2);
          expect(boxes.reduce((sum, one) => sum + volume(one), 0)).toBeCloseTo(
            long * 38 * thickMm - 38 * 38 * thickMm * share,
            3,
          );
          for (const [x, y, z] of boxes.flat()) {
            expect(x).toBeGreaterThanOrEqual(-1e-6);
            expect(x).toBeLessThanOrEqual(long + 1e-6);
            expect(Math.abs(y)).toBeLessThanOrEqual(thickMm / 2 + 1e-6);
            expect(Math.abs(z)).toBeLessThanOrEqual(19 + 1e-6);
          }
        },
      ),
    );
  });
});
