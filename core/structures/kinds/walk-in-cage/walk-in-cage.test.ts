import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import type { Sheet } from '../../../design/shapes/sheet';
import { feet, inches } from '../../../quantity/length';
import { onBed } from '../../onto-bed.fixture';

describe('walk-in net cage', () => {
  it('its wires sag as a parabola: 0.25 kg/m² of wet net on the strip between its neighbours, and 12½ gauge steel, by hand', () => {
    const { verdicts, ofRole } = onBed('walk-in-cage', { room: feet(2), wires: feet(4), pull: 200 });
    const wires = ofRole<Line>('roof wire');
    const at = wires.map((one) => one.path[0]?.[0] ?? 0);
    const long = Math.max(
      ...ofRole<Bar>('top rail')
        .filter((one) => one.id.includes('front'))
        .map((one) => one.to[0]),
    );
    const spans = [0, ...at, long];
    const apart = Math.max(...spans.slice(1).map((x, i) => x - (spans[i] ?? 0))) / 1000;
    const span = Math.abs((wires[0]?.path[1]?.[1] ?? 0) - (wires[0]?.path[0]?.[1] ?? 0)) / 1000;
    // kg/m of one wire: π/4 × 2.5² mm² of 7850 kg/m³ are 0.0385.
    const load = 9.80665 * (0.25 * apart + 0.0385);
    const told = verdicts.find((one) => one.told.code === 'roof.taut')?.told.values as Record<string, { mm: number }>;
    expect(told.sag?.mm).toBeCloseTo(((load * span ** 2) / (8 * 200)) * 1000, 0);
  });

  it('whatever its knobs: nets close all four sides but the door and meet the roof, wires are no farther apart than asked, and lie on no post', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 12, max: 60 }),
        fc.integer({ min: 60, max: 96 }),
        fc.integer({ min: 20, max: 48 }),
        fc.integer({ min: 36, max: 120 }),
        fc.constantFrom('none', 'mesh-1-36', 'mesh-1-48'),
        (room, height, door, spacing, low) => {
          const { design, ofRole } = onBed('walk-in-cage', {
            room: inches(room),
            height: inches(height),
            door: inches(door),
            postSpacing: inches(spacing),
            low,
          });
          const [left, right] = [design.walls?.[0] ?? [0, 0], design.walls?.[1] ?? [0, 0]];
          const long = right[0] - left[0];
          const wide = 2 * Math.abs(left[1]);
          const nets = ofRole<Sheet>('side net');
          const alongOf = (side: string): number =>
            Math.max(...nets.filter((one) => one.id.startsWith(`net-${side}`)).map((one) => one.cutMm));
          expect([alongOf('back'), alongOf('left'), alongOf('right')]).toEqual(
            [long, wide, wide].map((mm) => expect.closeTo(mm, 3) as number),
          );
          expect(alongOf('front') + alongOf('over-door')).toBeCloseTo(long, 3);
          for (const one of nets) expect(Math.max(one.heightMm, 0)).toBeLessThanOrEqual(4001);
          const posts = design.posts.map((one) => one.id);
          expect(new Set(posts).size).toBe(posts.length);
          const front = ofRole<Bar>('post')
            .filter((one) => one.id.includes('front'))
            .map((one) => one.from[0]);
          for (const wire of ofRole<Line>('roof wire'))
            for (const post of front) expect(Math.abs((wire.path[0]?.[0] ?? 0) - post)).toBeGreaterThan(inches(1.75));
          const gaps = front.slice(2).map((x, i) => x - (front[i + 1] ?? 0));
          for (const gap of gaps) expect(gap).toBeLessThanOrEqual(inches(spacing) + 1);
        },
      ),
      { numRuns: cases(40) },
    );
  });
});
