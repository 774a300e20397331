import type { Design } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { drawPart } from './draw-part';
import { littleView } from './little-view';
import type { Primitive, View } from './primitive';

/**
 * A step as a small picture: what it adds is shown dark, what stands already light, all steps of a structure
 * in one frame, seen as the structure is seen at first.
 */
export function stepView(design: Design, adds: readonly string[], stands: ReadonlySet<string>): View {
  const added = new Set(adds);
  const mass = (part: Part): number => Number(shapeOf(part).nature === 'mass');
  const light = (one: Primitive): Primitive =>
    one.draw === 'dot' || one.draw === 'crow foot' ? one : { ...one, ink: 'stands' };
  return littleView(design, { id: 'step', title: 'Step' }, (flat, square) => {
    const draw = (some: readonly Part[]): Primitive[] =>
      some.toSorted((a, b) => mass(b) - mass(a)).flatMap((part) => drawPart(part, flat, square));
    return [
      ...draw(design.parts.filter(({ id }) => stands.has(id) && !added.has(id))).map(light),
      ...draw(design.parts.filter(({ id }) => added.has(id))),
    ];
  });
}
