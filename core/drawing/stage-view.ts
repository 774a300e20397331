import type { Design } from '../design/design';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { STAGES, type Stage } from '../work/stage';
import { drawPart } from './draw-part';
import { littleView } from './little-view';
import type { Primitive, View } from './primitive';

/** What is pointed at is drawn once more in this ink, which fills nothing: how far it is stays seen. */
const POINTED_AT = 'driven';

/**
 * A structure as far as it is built: each part in the ink of its stage, the furthest over what is not there yet, seen as it
 * is seen at first.
 * @param chosen parts that somebody points at
 */
export function stageView(design: Design, stages: ReadonlyMap<string, Stage>, chosen: ReadonlySet<string>): View {
  const rank = (id: string): number => STAGES.indexOf(stages.get(id) ?? 'planned');
  const parts = design.parts.toSorted(
    (a, b) =>
      // Earth and concrete lie behind, whatever has become of them.
      Number(shapeOf(b).nature === 'mass') - Number(shapeOf(a).nature === 'mass') || rank(a.id) - rank(b.id),
  );
  return littleView(design, { id: 'stages', title: 'How far it is' }, (flat, square) => {
    const draw = (part: Part, ink: Stage | typeof POINTED_AT): Primitive[] =>
      drawPart(part, flat, square).map((one) => ({ ...one, ink }));
    return [
      ...parts.flatMap((part) => draw(part, stages.get(part.id) ?? 'planned')),
      ...parts.flatMap((part) => (chosen.has(part.id) ? draw(part, POINTED_AT) : [])),
    ];
  });
}
