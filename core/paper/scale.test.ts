import fc from 'fast-check';
import { expect, it } from 'vitest';
import type { View } from '../drawing/primitive';
import { atScale } from './scale';

const PX_PER_MM = 96 / 25.4;
/** One line, so long and so high. */
const lineOf = (longMm: number, highMm: number): View => ({
  id: 'v',
  title: '',
  primitives: [
    {
      draw: 'lines',
      ink: 'edge',
      lines: [
        [
          [0, 0],
          [longMm, highMm],
        ],
      ],
    } as unknown as View['primitives'][number],
  ],
  chains: [],
  pulls: [],
  box: { left: 0, right: longMm, bottom: 0, top: highMm },
});

it('a scaled drawing is at the scale it says: a line and the bar are as long on paper as a rule expects (CSS: 96 px an inch)', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 50, max: 30_000, noNaN: true }),
      fc.double({ min: 50, max: 8000, noNaN: true }),
      fc.constantFrom('metric' as const, 'imperial' as const),
      (longMm, highMm, units) => {
        const { paper, of, said, bar, fine } = atScale(lineOf(longMm, highMm), { widthPx: 640, heightPx: 480, units });
        const drawn = paper.marks.flatMap((mark) =>
          mark.draw === 'lines' && mark.ink === 'edge' ? mark.lines : [],
        )[0];
        const [[x0 = 0, y0 = 0] = [], [x1 = 0, y1 = 0] = []] = drawn ?? [];
        const paperMm = (px: number) => px / PX_PER_MM;
        expect(paperMm(Math.hypot(x1 - x0, y1 - y0)) * of).toBeCloseTo(Math.hypot(longMm, highMm), 3);
        expect(paperMm(bar.px) * of).toBeCloseTo(bar.mm, 6);
        expect(bar.px).toBeGreaterThanOrEqual(40);
        expect(said).toContain(units === 'metric' ? `1:${of}` : `(1:${of})`);
        // 6″ = 1′ is 1:2, and so on: what is said in feet is the same scale.
        const feet = /^(.*)″ = (\d+)′/.exec(said);
        const written: Record<string, number> = {
          '½': 0.5,
          '¼': 0.25,
          '¾': 0.75,
          '⅛': 0.125,
          '⅜': 0.375,
          '3/16': 3 / 16,
          '1/16': 1 / 16,
          '1½': 1.5,
        };
        if (feet) expect((Number(feet[2]) * 12) / (written[feet[1] ?? ''] ?? Number(feet[1]))).toBeCloseTo(of, 9);
        expect(fine).toBeLessThanOrEqual(1);
        expect(paper.widthPx).toBeLessThanOrEqual(640 * 1.001);
      },
    ),
  );
});
