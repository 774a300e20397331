import type { Design, ViewFrame } from '../design/design';
import { shapeOf } from '../design/shapes/shapes';
import { boxAround, drawPart, extent } from './draw-part';
import type { Primitive, View } from './primitive';
import { projectionOf } from './project';
import { soilBetween } from './views';

/**
 * A step as a small picture: what it adds is shown dark, what stands already light, all steps of a structure
 * in one frame. Seen as the structure is seen at first; what lies flat to that is seen from above.
 */
export function stepView(design: Design, adds: readonly string[], stands: ReadonlySet<string>): View {
  const frame = design.views.find((one) => one.as === 'upright') as ViewFrame;
  const flat = projectionOf(frame);
  const box = boxAround(design.parts.map((part) => extent(part, flat)));
  const added = new Set(adds);
  const mass = (id: string): number =>
    Number(design.parts.some((part) => part.id === id && shapeOf(part).nature === 'mass'));
  const draw = (only: (id: string) => boolean, light: boolean): Primitive[] =>
    design.parts
      .filter((part) => only(part.id))
      .toSorted((a, b) => mass(b.id) - mass(a.id))
      .flatMap((part) => drawPart(part, flat, frame.square))
      .map((one) =>
        light && one.draw !== 'dot' && one.draw !== 'crow foot' ? { ...one, ink: 'stands' as const } : one,
      );
  const margin = Math.max(120, (box.right - box.left) * 0.02);
  const soil = soilBetween(frame.soil, box.left - margin, box.right + margin);
  return {
    id: 'step',
    title: 'Step',
    chains: [],
    pulls: [],
    box: { left: box.left - margin, right: box.right + margin, bottom: box.bottom - 40, top: box.top + 40 },
    primitives: [
      ...draw((id) => stands.has(id) && !added.has(id), true),
      ...draw((id) => added.has(id), false),
      { draw: 'lines', ink: 'ground', lines: [soil] },
    ],
  };
}
