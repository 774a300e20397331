import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cases } from '../../../cases.fixture';
import type { Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { distanceTo } from '../../../design/nearest';
import { ofShape } from '../../../design/shapes/shapes';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { lengthOf } from '../../../geometry/curve';
import type { Point } from '../../../geometry/space';
import { heightAt } from '../../../site/ground';
import { feet, inches } from '../../../quantity/length';
import { anyPlan, first } from '../../any-plan.fixture';
import { onBed } from '../../onto-bed.fixture';
import { kindOf } from '../../registry';

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
          // A 2× rail is 1½″ thick: round a corner a net goes that far and a hand (4″) on, round a post 2″ on.
          const [corner, post, thick] = [inches(1.5 + 4), inches(1.5 + 2), inches(1.5)];
          const beside = nets.some((one) => one.id.startsWith('net-front'));
          expect([alongOf('back'), alongOf('left'), alongOf('right')]).toEqual(
            [long + 2 * (corner + thick), wide + post + thick, wide + thick + (beside ? thick : post)].map(
              (mm) => expect.closeTo(mm, 3) as number,
            ),
          );
          expect(alongOf('front') + alongOf('over-door')).toBeCloseTo(
            beside ? long + 2 * (corner + thick) + post + inches(4) : -Infinity,
            3,
          );
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

  it('leaves no way in: every edge of every net lies on another net, on wood or on the soil, its door shut', () => {
    fc.assert(
      fc.property(anyPlan(kindOf('walk-in-cage')), (plan) => {
        const { design } = first(plan).sized;
        const level = plan.beds[0]?.riseMm === 0;
        const raised = plan.beds[0]?.heightMm ?? 0;
        const open = ofShape(design.parts, 'sheet').flatMap((sheet) =>
          rimOf(sheet).flatMap((at) => {
            const soil = Math.max(0, at[2] + raised - heightAt(design.ground, at[0], at[1]));
            const others = design.parts.filter((part) => part !== sheet);
            const gap = Math.min(soil, ...others.map((part) => distanceTo(part, at)));
            // On a slope what is cut square stands off by as much as it is aslant, and a door’s net goes on past its lintel; under the turn of the net over the
            // door, at the corner, is a pocket 1½″ wide that the net of the short side closes.
            return gap >
              (!level ? (sheet.id === 'door-net' ? 60 : 25) : sheet.id.startsWith('net-over-door') ? 20 : 1.5)
              ? [`${sheet.id}: ${gap.toFixed(1)}`]
              : [];
          }),
        );
        expect(open).toEqual([]);
      }),
      { numRuns: cases(20) },
    );
  });
});

/** Points along the four edges of a sheet. */
const rimOf = (sheet: Sheet): Point[] => {
  const long = sheet.spreadMm ?? lengthOf(sheet.base);
  return Array.from({ length: 9 }, (_, i) => (i + 1) / 10).flatMap((share) => [
    onSheet(sheet, share * long, 0),
    onSheet(sheet, share * long, sheet.heightMm),
    onSheet(sheet, 0, share * sheet.heightMm),
    onSheet(sheet, long, share * sheet.heightMm),
  ]);
};
