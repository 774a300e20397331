import type { Design } from '../design/design';
import { projectionOf } from '../design/projection';
import { shapeOf, type Part } from '../design/shapes/shapes';
import { boxAround, drawPart, extent } from './draw-part';
import type { View } from './primitive';

/** What is less than this from where it was meant is where it was meant. mm. */
const MOVED_MM = 5;

/**
 * A view of what stands with what was meant under it, dotted: of its members those that came to stand elsewhere, came out
 * otherwise, or are not there any more; what hangs on them goes with them. The very same view where nothing is.
 */
export function withMeant(view: View, built: Design, meant: Design): View {
  const frame = meant.views.find(({ id }) => id === view.id);
  if (!frame) return view;
  const flat = projectionOf(frame);
  const there = new Map(built.parts.map((part) => [part.id, part]));
  const hasMoved = (part: Part): boolean => {
    const now = there.get(part.id);
    if (!now) return true;
    const [a, b] = [boxAround([extent(part, flat)]), boxAround([extent(now, flat)])];
    return (['left', 'right', 'bottom', 'top'] as const).some((side) => Math.abs(a[side] - b[side]) > MOVED_MM);
  };
  const only = frame.only && new Set(frame.only);
  const moved = meant.parts.filter(
    (part) => (!only || only.has(part.id)) && shapeOf(part).nature === 'member' && hasMoved(part),
  );
  if (moved.length === 0) return view;
  const box = boxAround(moved.map((part) => extent(part, flat)));
  return {
    ...view,
    // What stands is drawn over it, and its soil stays where it is.
    primitives: [
      ...moved.flatMap((part) =>
        drawPart(part, flat, frame.square).map((one) => ({ ...one, ink: 'planned' as const })),
      ),
      ...view.primitives,
    ],
    box: {
      left: Math.min(view.box.left, box.left),
      right: Math.max(view.box.right, box.right),
      bottom: Math.min(view.box.bottom, box.bottom),
      top: Math.max(view.box.top, box.top),
    },
  };
}
