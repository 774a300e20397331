import { textWidth } from '@lignum/core/drawing/dimension';
import { overlap, type Pair } from '@lignum/core/geometry/polygon';
import { cornersOf } from '@lignum/core/site/plot';

/** What a thing is called, its number in the list, where its middle is on the page, and how long and wide it is there. Pixels. */
export interface LabelWish {
  id: string;
  text: string;
  number: number;
  at: Pair;
  /** Direction of its length, counter-clockwise. */
  turnDeg: number;
  lengthPx: number;
  widthPx: number;
  /** Nothing is drawn in it: its name may stand there. */
  isBare: boolean;
  /** Without a place for its name it has its number. */
  isPinned: boolean;
}

export interface PlacedLabel {
  text: string;
  at: Pair;
  /** As the page turns: clockwise, never upside down. */
  turnDeg: number;
  /** From the middle to the line the letters stand on, square to them. */
  dy: number;
}

/** A number in a disc, by its middle; `to` is where a line leads from one that had to stand apart from its thing. */
export interface PlacedPin {
  number: number;
  at: Pair;
  to: Pair | null;
}

export interface PlacedNames {
  names: Map<string, PlacedLabel>;
  pins: Map<string, PlacedPin>;
}

export const LABEL_PX = 12.5;
/** From the line letters stand on to half their height, and how high they are with some air. */
const HALF_HIGH = 4.5;
const HIGH = 12;
/** Half of a pin's disc. */
export const PIN_PX = 9;

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

export const outlineOfPin = ({ at }: PlacedPin): Pair[] => rectangle(at, 0, 2 * PIN_PX + 2, 2 * PIN_PX + 2);

const outlineOfThing = ({ at, turnDeg, lengthPx, widthPx }: LabelWish): Pair[] =>
  rectangle(at, -turnDeg, lengthPx, widthPx);

/** Where its name can stand, the best first: in it where it is bare and has room, along it beside it, or level over or under it. */
function placesFor(wish: LabelWish): PlacedLabel[] {
  const { text, at, turnDeg, lengthPx, widthPx, isBare } = wish;
  const turn = (((((-turnDeg % 180) + 180) % 180) + 90) % 180) - 90;
  const wide = textWidth(text, LABEL_PX);
  const hasRoom = widthPx >= 18 && (lengthPx >= wide || widthPx >= wide);
  const beside = [-widthPx / 2 - 5, widthPx / 2 + 2 * HALF_HIGH + 3];
  const along = (by: number): Pair => [
    at[0] + by * Math.cos((turn * Math.PI) / 180),
    at[1] + by * Math.sin((turn * Math.PI) / 180),
  ];
  const spare = Math.max(0, (lengthPx - wide) / 2);
  const ys = outlineOfThing(wish).map(([, y]) => y);
  const level = [
    { at: [at[0], Math.min(...ys)] as Pair, dy: -5 },
    { at: [at[0], Math.max(...ys)] as Pair, dy: 2 * HALF_HIGH + 3 },
  ];
  return [
    ...(isBare && hasRoom ? [{ text, at, turnDeg: turn, dy: HALF_HIGH }] : []),
    // Short names read better level, at the ends of what lies up the page.
    ...level.map((one) => ({ text, ...one, turnDeg: 0 })),
    ...[0, -spare, spare].flatMap((by) => beside.map((dy) => ({ text, at: along(by), turnDeg: turn, dy }))),
  ];
}

/** Where its number can stand: on it from its middle to its ends, else beside it, each time farther off. */
function* pinsFor(wish: LabelWish): Generator<PlacedPin> {
  const { at, turnDeg, lengthPx, number } = wish;
  const turn = (-turnDeg * Math.PI) / 180;
  for (const share of [0, -0.2, 0.2, -0.4, 0.4]) {
    const by = share * lengthPx;
    yield { number, at: [at[0] + by * Math.cos(turn), at[1] + by * Math.sin(turn)], to: null };
  }
  for (let ring = 1; ring <= 8; ring++)
    for (let step = 0; step < 12; step++) {
      const way = (step * Math.PI) / 6;
      const far = ring * PIN_PX * 1.2;
      yield { number, at: [at[0] + far * Math.cos(way), at[1] + far * Math.sin(way)], to: at };
    }
}

/**
 * Names on the plot, none over another name or on a thing in which something stands; what has no free place for its
 * name gets its number, by which the list calls it. The largest things come first. `clear` is a square that they keep
 * out of, `page` the paper, `built` the outlines of what stands about and has no name of its own. By id. Decision 67.
 */
export function placeNames(
  wishes: readonly LabelWish[],
  page: { widthPx: number; heightPx: number },
  clear?: { at: Pair; halfPx: number },
  built: readonly (readonly Pair[])[] = [],
): PlacedNames {
  const order = [...wishes].sort((a, b) => b.lengthPx * b.widthPx - a.lengthPx * a.widthPx);
  const [names, pins] = [new Map<string, PlacedLabel>(), new Map<string, PlacedPin>()];
  const taken = clear ? [rectangle(clear.at, 0, 2 * clear.halfPx, 2 * clear.halfPx)] : [];
  const bodies = wishes.map((wish) => ({ id: wish.id, isBare: wish.isBare, outline: outlineOfThing(wish) }));
  const isFree = (outline: readonly Pair[]): boolean =>
    outline.every(([x, y]) => x >= 0 && y >= 0 && x <= page.widthPx && y <= page.heightPx) &&
    taken.every((other) => !overlap(outline, other));
  for (const wish of order) {
    const free = placesFor(wish).find((place) => {
      const outline = outlineOfLabel(place);
      // A name on another thing would be taken for that one's.
      return (
        isFree(outline) &&
        built.every((other) => !overlap(outline, other)) &&
        bodies.every(({ id, isBare, outline: body }) => (id === wish.id && isBare) || !overlap(outline, body))
      );
    });
    if (!free) continue;
    names.set(wish.id, free);
    taken.push(outlineOfLabel(free));
  }
  for (const wish of order) {
    if (names.has(wish.id) || !wish.isPinned) continue;
    for (const pin of pinsFor(wish)) {
      if (!isFree(outlineOfPin(pin))) continue;
      pins.set(wish.id, pin);
      taken.push(outlineOfPin(pin));
      break;
    }
  }
  return { names, pins };
}
