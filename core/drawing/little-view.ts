import type { Design, ViewFrame } from '../design/design';
import { projectionOf, type Projection } from '../design/projection';
import { boxAround, extent } from './draw-part';
import type { Primitive, View } from './primitive';
import { soilBetween } from './soil';

/** The frame of a small picture of a whole structure, seen as it is seen at first: the same whatever of it is drawn. */
export function littleView(
  design: Design,
  named: Pick<View, 'id' | 'title'>,
  draw: (flat: Projection, square: boolean) => Primitive[],
): View {
  const frame = design.views.find((one) => one.as === 'upright') as ViewFrame;
  const flat = projectionOf(frame);
  const box = boxAround(design.parts.map((part) => extent(part, flat)));
  const margin = Math.max(120, (box.right - box.left) * 0.02);
  const [left, right] = [box.left - margin, box.right + margin];
  return {
    ...named,
    chains: [],
    pulls: [],
    box: { left, right, bottom: box.bottom - 40, top: box.top + 40 },
    primitives: [
      ...draw(flat, frame.square),
      { draw: 'lines', ink: 'ground', lines: [soilBetween(frame.soil, left, right)] },
    ],
  };
}
