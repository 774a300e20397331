import type { Design, ViewFrame } from '../design/design';
import { projectionOf } from '../design/projection';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { STAGES, type Stage } from '../work/progress';
import { boxAround, drawPart, extent } from './draw-part';
import type { Primitive, View } from './primitive';
import { soilBetween } from './soil';

/** What is pointed at is drawn once more in this ink, which fills nothing: how far it is stays seen. */
const POINTED_AT = 'driven';

/**
 * A structure as far as it is built: each part in the ink of its stage, the furthest over what is not there yet, seen as it
 * is seen at first.
 * @param chosen parts that somebody points at
 */
export function stageView(design: Design, stages: ReadonlyMap<string, Stage>, chosen: ReadonlySet<string>): View {
  const frame = design.views.find((one) => one.as === 'upright') as ViewFrame;
  const flat = projectionOf(frame);
  const box = boxAround(design.parts.map((part) => extent(part, flat)));
  const margin = Math.max(120, (box.right - box.left) * 0.02);
  const rank = (id: string): number => STAGES.indexOf(stages.get(id) ?? 'planned');
  const draw = (part: Part, ink: Stage | typeof POINTED_AT): Primitive[] =>
    drawPart(part, flat, frame.square).map((one) => ({ ...one, ink }));
  const parts = design.parts.toSorted(
    (a, b) =>
      // Earth and concrete lie behind, whatever has become of them.
      Number(shapeOf(b).nature === 'mass') - Number(shapeOf(a).nature === 'mass') || rank(a.id) - rank(b.id),
  );
  return {
    id: 'stages',
    title: 'How far it is',
    chains: [],
    pulls: [],
    box: { left: box.left - margin, right: box.right + margin, bottom: box.bottom - 40, top: box.top + 40 },
    primitives: [
      ...parts.flatMap((part) => draw(part, stages.get(part.id) ?? 'planned')),
      ...parts.flatMap((part) => (chosen.has(part.id) ? draw(part, POINTED_AT) : [])),
      { draw: 'lines', ink: 'ground', lines: [soilBetween(frame.soil, box.left - margin, box.right + margin)] },
    ],
  };
}
