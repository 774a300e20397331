import { textWidth } from '@lignum/core/drawing/dimension';
import { overlap, type Pair } from '@lignum/core/geometry/polygon';
import { cornersOf } from '@lignum/core/site/plot';

/** What a thing is called, where its middle is on the page, and how long and wide it is there. Pixels. */
export interface LabelWish {
  id: string;
  text: string;
  at: Pair;
  /** Direction of its length, counter-clockwise. */
  turnDeg: number;
  lengthPx: number;
  widthPx: number;
  /** A row stands down its middle: its name goes beside the row. */
  carries: boolean;
}

export interface PlacedLabel {
  text: string;
  at: Pair;
  /** As the page turns: clockwise, never upside down. */
  turnDeg: number;
  /** From the middle to the line the letters stand on, square to them. */
  dy: number;
}

export const LABEL_PX = 12.5;
/** From the line letters stand on to half their height, and how high they are with some air. */
const HALF_HIGH = 4.5;
const HIGH = 12;

/** A rectangle on the page by its middle, turned clockwise: corners are found as on the plot, whatever the unit. */
const rectangle = ([xMm, yMm]: Pair, turnDeg: number, long: number, wide: number): Pair[] =>
  cornersOf({ xMm, yMm, turnDeg }, long, wide);

/** The outline of a label on the page. */
export function outlineOfLabel({ text, at: [x, y], turnDeg, dy }: PlacedLabel): Pair[] {
  const turn = (turnDeg * Math.PI) / 180;
  const down = dy + HIGH / 2 - HALF_HIGH * 2;
  const middle: Pair = [x - down * Math.sin(turn), y + down * Math.cos(turn)];
  return rectangle(middle, turnDeg, textWidth(text, LABEL_PX), HIGH);
}

/** Where its name can stand, the best first: on it where it has room, else beside it on either side. */
function placesFor({ text, at, turnDeg, lengthPx, widthPx, carries }: LabelWish): PlacedLabel[] {
  const turn = (((((-turnDeg % 180) + 180) % 180) + 90) % 180) - 90;
  const wide = textWidth(text, LABEL_PX);
  const beside = widthPx < 18 || (lengthPx < wide && widthPx < wide);
  const above = -widthPx / 2 - 5;
  const below = widthPx / 2 + 2 * HALF_HIGH + 3;
  const onIt = carries ? widthPx * 0.27 + HALF_HIGH : HALF_HIGH;
  return (beside ? [above, below] : [onIt, above, below]).map((dy) => ({ text, at, turnDeg: turn, dy }));
}

/**
 * Names on the plot, none over another: the chosen one's first, then the largest things'; what finds no
 * room goes without until it is chosen. `clear` is a square that they keep out of. By id.
 */
export function placeLabels(
  wishes: readonly LabelWish[],
  chosen: string | null,
  clear?: { at: Pair; halfPx: number },
): Map<string, PlacedLabel> {
  const order = [...wishes].sort(
    (a, b) => Number(b.id === chosen) - Number(a.id === chosen) || b.lengthPx * b.widthPx - a.lengthPx * a.widthPx,
  );
  const placed = new Map<string, PlacedLabel>();
  const taken = clear ? [rectangle(clear.at, 0, 2 * clear.halfPx, 2 * clear.halfPx)] : [];
  const bodies = wishes.map(({ id, at, turnDeg, lengthPx, widthPx }) => ({
    id,
    outline: rectangle(at, -turnDeg, lengthPx, widthPx),
  }));
  for (const wish of order) {
    const others = bodies.filter(({ id }) => id !== wish.id);
    const [free] = placesFor(wish)
      .map((place) => ({ place, outline: outlineOfLabel(place) }))
      .filter(({ outline }) => taken.every((other) => !overlap(outline, other)))
      // A name on another thing would be taken for that one's.
      .map((one) => ({ ...one, on: others.filter((other) => overlap(one.outline, other.outline)).length }))
      .sort((a, b) => a.on - b.on);
    if (!free) continue;
    placed.set(wish.id, free.place);
    taken.push(free.outline);
  }
  return placed;
}
