import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import type { Bar } from '../design/design';
import { outlineOf } from '../design/outline';
import { reach } from '../design/space';
import { computeStructure } from '../plan/compute';
import { parseLength } from '../quantity/length';
import { chainFigures, textWidth } from './dimension';
import { barCorners, PROJECTIONS, splitAtGround } from './project';
import { setOnPaper } from './sheet';
import { PRINT_STYLE, toSvg } from './svg';
import { ripAcross, ripAlong } from './rip-views';
import { drawAtAGlance, drawViews } from './views';

const SIZE = 13;
const anyChain = fc.array(fc.double({ min: 5, max: 3000, noNaN: true }), { minLength: 1, maxLength: 25 }).map((gaps) => gaps.reduce<number[]>((at, gap) => [...at, (at.at(-1) ?? 0) + gap], [0]));

describe('dimension strings', () => {
  it('say every length, and no two figures of a tier touch', () => {
    fc.assert(fc.property(anyChain, fc.double({ min: 0.02, max: 0.5, noNaN: true }), fc.constantFrom('imperial' as const, 'metric' as const), (atMm, scale, units) => {
      const figures = chainFigures({ axis: 'x', label: '', atMm, tapedMm: atMm }, scale, units, SIZE);
      const said = figures.reduce((sum, { text }) => {
        const [, count = '1', length = text] = /^(?:(\d+) × )?(.*)$/.exec(text) ?? [];
        const read = parseLength(length, 'mm');
        return sum + Number(count) * (read.ok ? read.mm : NaN);
      }, 0);
      // Each figure is rounded to the tape: half a sixteenth, or half a millimetre, a gap.
      expect(Math.abs(said - (atMm.at(-1) ?? 0))).toBeLessThanOrEqual(0.9 * (atMm.length - 1) + 0.01);
      for (const tier of new Set(figures.map((figure) => figure.tier))) {
        const ends = figures.filter((figure) => figure.tier === tier).map(({ text, from, to }) => ({ left: (from + to) / 2 - textWidth(text, SIZE) / 2, right: (from + to) / 2 + textWidth(text, SIZE) / 2 })).sort((a, b) => a.left - b.left);
        ends.slice(1).forEach((one, i) => { expect(one.left).toBeGreaterThanOrEqual(ends[i]?.right ?? 0); });
      }
    }));
  });

  it('say equal narrow gaps once, and what a tape reads along a slope', () => {
    expect(chainFigures({ axis: 'x', label: '', atMm: [0, 100, 200, 300], tapedMm: [0, 101, 202, 303] }, 0.1, 'metric', SIZE).map((figure) => figure.text)).toEqual(['3 × 101 mm']);
  });
});

describe('projected parts', () => {
  const frame = DEMO_PLAN.structures.find((one) => one.kind === 'twine-frame');
  if (!frame) throw new Error('the demo has lost its twine frame');
  const { sized: { design } } = computeStructure(DEMO_PLAN, frame);
  const bars = design.parts.filter((part): part is Bar => part.shape === 'bar');

  it('a brace cut 45° at both ends is longer on one side by twice its width, and its long side is what is cut', () => {
    for (const brace of bars.filter((bar) => bar.role === 'brace')) {
      const corners = barCorners(brace);
      const sides = [-1, 1].map((w) => { const [a, b] = [0, 1].map((end) => corners[end * 4 + (w + 1)]); return reach(a ?? [0, 0, 0], b ?? [0, 0, 0]); });
      expect(Math.max(...sides)).toBeCloseTo(brace.cutMm, 6);
      expect(Math.max(...sides) - Math.min(...sides)).toBeCloseTo(2 * brace.wideMm, 6);
    }
  });

  it('a post parts at the ground into what stands and what is buried', () => {
    for (const post of bars.filter((bar) => bar.role === 'post')) {
      const { above, below } = splitAtGround(post);
      expect(reach(above.from, above.to)).toBeCloseTo(post.cutMm - post.buriedMm, 6);
      expect(below && reach(below.from, below.to)).toBeCloseTo(post.buriedMm, 6);
      expect(outlineOf(barCorners(post).map(PROJECTIONS.elevation))).toHaveLength(4);
    }
  });
});

describe('a sheet', () => {
  it('keeps everything on the paper, whatever its size, for every demo structure', () => {
    for (const structure of DEMO_PLAN.structures) {
      const { sized, setting } = computeStructure(DEMO_PLAN, structure);
      for (const view of drawViews(sized.design, setting.bed)) {
        for (const [widthPx, heightPx] of [[330, 320], [640, 360], [1100, 520]] as const) {
          const paper = setOnPaper(view, { widthPx, heightPx, units: 'imperial' });
          const spots = paper.marks.flatMap((mark) => (mark.draw === 'shape' ? mark.points : mark.draw === 'lines' ? mark.lines.flat() : [mark.at]));
          expect(Math.min(...spots.map((spot) => spot[0]))).toBeGreaterThanOrEqual(0);
          expect(Math.max(...spots.map((spot) => spot[0]))).toBeLessThanOrEqual(widthPx);
          expect(Math.max(...spots.map((spot) => spot[1]))).toBeLessThanOrEqual(paper.heightPx);
        }
      }
    }
  });

  it('stands alone as a file: its own style, its title escaped', () => {
    const svg = toSvg({ widthPx: 10, heightPx: 10, lens: null, frame: { scale: 1, originPx: [0, 0] }, pulls: [], title: 'A "b" <c> & d', marks: [{ draw: 'text', at: [1, 1], text: '<7′>', size: 13, anchor: 'middle', ink: 'figure' }] }, PRINT_STYLE);
    expect(svg).toContain('<style>');
    expect(svg).toContain('A &quot;b&quot; &lt;c&gt; &amp; d');
    expect(svg).toContain('&lt;7′&gt;');
  });
});

describe('a ripped board', () => {
  it('is drawn with every strip and saw cut, which make up its width, and a guide that lies over the beam', () => {
    fc.assert(fc.property(fc.double({ min: 40, max: 75, noNaN: true }), fc.double({ min: 1, max: 6, noNaN: true }), fc.double({ min: 0, max: 150, noNaN: true }), (strip, kerfMm, shoeOffsetMm) => {
      const plan = { ...DEMO_PLAN, garden: { ...DEMO_PLAN.garden, saw: { kerfMm, shoeOffsetMm } } };
      const { sized: { design } } = computeStructure(plan, { id: 's', kind: 'twine-frame', name: 'S', bed: 'yard-bed', plantings: [], knobs: { make: 'board', board: '2x8', strip } });
      const [board] = design.boards ?? [];
      if (!board) throw new Error('no board');
      expect(board.strips.reduce((sum, one) => sum + one.wideMm, 0) + 2 * kerfMm).toBeCloseTo(board.wideMm, 6);
      board.strips.slice(1).forEach((next, i) => { const before = board.strips[i]; expect(next.fromMm - (before ? before.fromMm + before.wideMm : NaN)).toBeCloseTo(kerfMm, 6); });
      for (const guide of board.guides) expect(guide.guideMm).toBeCloseTo(strip + kerfMm + shoeOffsetMm, 6);
      const across = ripAcross(board);
      const [strips] = across.chains;
      expect([strips?.atMm[0], strips?.atMm.at(-1)]).toEqual([0, expect.closeTo(board.wideMm, 3)]);
      // Every piece is cut from its strip with a saw cut between it and the next.
      for (const one of board.strips) one.pieces.slice(1).forEach((piece, i) => { const before = one.pieces[i]; expect(piece.atMm - (before ? before.atMm + before.lengthMm : NaN)).toBeCloseTo(kerfMm, 6); });
      expect(ripAlong(board).box).toMatchObject({ left: 0, right: board.lengthMm });
    }), { numRuns: 40 });
  });
});

describe('at a glance', () => {
  it('shows every part that stands, from the far ones to the near ones, and nothing that is buried', () => {
    for (const structure of DEMO_PLAN.structures) {
      const { sized: { design }, setting } = computeStructure(DEMO_PLAN, structure);
      const { primitives, pulls, chains } = drawAtAGlance(design, setting.bed);
      expect([pulls, chains]).toEqual([[], []]);
      const drawn = new Set(primitives.flatMap((one) => ('part' in one && one.part !== undefined ? [one.part] : [])));
      expect(drawn).toEqual(new Set(design.parts.filter((part) => part.shape !== 'fill').map((part) => part.id)));
      expect(primitives.some((one) => 'ink' in one && one.ink === 'hidden')).toBe(false);
    }
  });
});
