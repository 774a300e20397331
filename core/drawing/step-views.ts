import type { Design, ViewFrame } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { boxAround, drawPart, extent } from './draw-part';
import type { Primitive, View } from './primitive';
import { projectionOf } from '../design/projection';
import { soilBetween } from './soil';

/**
 * A step as a small picture: what it adds is shown dark, what stands already light, all steps of a structure
 * in one frame, seen as the structure is seen at first.
 */
export function stepView(design: Design, adds: readonly string[], stands: ReadonlySet<string>): View {
  const frame = design.views.find((one) => one.as === 'upright') as ViewFrame;
  const flat = projectionOf(frame);
  const box = boxAround(design.parts.map((part) => extent(part, flat)));
  const added = new Set(adds);
  const mass = (part: Part): number => Number(shapeOf(part).nature === 'mass');
  const draw = (some: readonly Part[]): Primitive[] =>
    some.toSorted((a, b) => mass(b) - mass(a)).flatMap((part) => drawPart(part, flat, frame.square));
  const light = (one: Primitive): Primitive =>
    one.draw === 'dot' || one.draw === 'crow foot' ? one : { ...one, ink: 'stands' };
  const margin = Math.max(120, (box.right - box.left) * 0.02);
  const soil = soilBetween(frame.soil, box.left - margin, box.right + margin);
  return {
    id: 'step',
    title: 'Step',
    chains: [],
    pulls: [],
    box: { left: box.left - margin, right: box.right + margin, bottom: box.bottom - 40, top: box.top + 40 },
    primitives: [
      ...draw(design.parts.filter(({ id }) => stands.has(id) && !added.has(id))).map(light),
      ...draw(design.parts.filter(({ id }) => added.has(id))),
      { draw: 'lines', ink: 'ground', lines: [soil] },
    ],
  };
}
