import type { Pair } from '../../geometry/polygon';

/** A side of an outline that goes round with what it encloses on its left, and what its wall covers of it in one course. mm. */
export interface Run {
  side: number;
  from: Pair;
  way: Pair;
  inwards: Pair;
  longMm: number;
  fromMm: number;
  toMm: number;
}

const unitOf = (a: Pair, b: Pair): { way: Pair; longMm: number } => {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const longMm = Math.hypot(dx, dy);
  return { way: [dx / longMm, dy / longMm], longMm };
};

/**
 * What the wall of each side covers of it in one course, so thick inside the outline. At a corner that turns in on what is
 * enclosed one of two takes the corner: the next side in even courses, this one in odd ones, so that joints are broken. At
 * a corner of a notch this one always goes on past it. mm.
 * @example runsRound(rectangle, 194, 0).map(({ fromMm, toMm }) => toMm - fromMm) // each side less the thickness of one wall
 */
export function runsRound(outline: readonly Pair[], thickMm: number, course: number): Run[] {
  const count = outline.length;
  const sides = outline.map((from, i) => ({ from, ...unitOf(from, outline[(i + 1) % count] as Pair) }));
  const turnsIn = sides.map(({ way }, i) => {
    const next = sides[(i + 1) % count]?.way ?? way;
    return way[0] * next[1] - way[1] * next[0] > 0;
  });
  return sides.map(({ from, way, longMm }, side): Run => {
    const [before, after] = [turnsIn[(side + count - 1) % count] ?? true, turnsIn[side] ?? true];
    const odd = course % 2 === 1;
    return {
      side,
      from,
      way,
      inwards: [-way[1], way[0]],
      longMm,
      fromMm: before && odd ? thickMm : 0,
      toMm: longMm + (after ? (odd ? 0 : -thickMm) : thickMm),
    };
  });
}

/** By how much an outline turns at the end of each of its sides, to the left. Radians. */
export function turnsOf(outline: readonly Pair[]): number[] {
  const ways = outline.map((from, i) => unitOf(from, outline[(i + 1) % outline.length] as Pair).way);
  return ways.map((way, i) => {
    const next = ways[(i + 1) % ways.length] as Pair;
    return Math.atan2(way[0] * next[1] - way[1] * next[0], way[0] * next[0] + way[1] * next[1]);
  });
}

/** Whether every corner of an outline is a right one. */
export const isSquare = (outline: readonly Pair[]): boolean =>
  turnsOf(outline).every((rad) => Math.abs(Math.abs(rad) - Math.PI / 2) < 1e-6);

/** The sides of an outline, each as long as it is: for walls whose corners are mitred. mm. */
export const sidesRound = (outline: readonly Pair[]): Run[] =>
  outline.map((from, side): Run => {
    const { way, longMm } = unitOf(from, outline[(side + 1) % outline.length] as Pair);
    return { side, from, way, inwards: [-way[1], way[0]], longMm, fromMm: 0, toMm: longMm };
  });

/** The outline so far inside another, corner by corner: along the bisector, as far as its sides move in. mm. */
export function insideOf(outline: readonly Pair[], byMm: number): Pair[] {
  const count = outline.length;
  return outline.map(([x, y], i) => {
    const [a, b] = [outline[(i + count - 1) % count] as Pair, outline[(i + 1) % count] as Pair];
    const [one, two] = [unitOf(a, [x, y]).way, unitOf([x, y], b).way];
    const share = byMm / (1 + one[0] * two[0] + one[1] * two[1]);
    return [x + share * (-one[1] - two[1]), y + share * (one[0] + two[0])];
  });
}

/** A place of a run: so far along its side, so far inside the outline. */
export const onRun = ({ from, way, inwards }: Run, alongMm: number, inMm: number): Pair => [
  from[0] + way[0] * alongMm + inwards[0] * inMm,
  from[1] + way[1] * alongMm + inwards[1] * inMm,
];

/** The length nearest to one that is asked for that whole blocks and at most one half make. mm. */
export function inBlocks(askedMm: number, wholeMm: number, halfMm: number): number {
  const wholes = Math.max(0, Math.floor(askedMm / wholeMm));
  const made = [wholes, wholes + 1]
    .flatMap((n) => [n * wholeMm, n * wholeMm + halfMm])
    .filter((mm) => mm >= halfMm - 1);
  return made.reduce((best, mm) => (Math.abs(mm - askedMm) < Math.abs(best - askedMm) ? mm : best), made[0] ?? halfMm);
}

/** Whole blocks and halves that fill a run that was made for them: as few halves as there may be. */
export function blocksIn(runMm: number, wholeMm: number, halfMm: number): { wholes: number; halves: number } {
  for (let halves = 0; halves < 8; halves++) {
    const wholes = (runMm - halves * halfMm) / wholeMm;
    if (wholes > -1e-3 && Math.abs(wholes - Math.round(wholes)) < 2 / wholeMm)
      return { wholes: Math.round(wholes), halves };
  }
  return { wholes: Math.max(0, Math.floor(runMm / wholeMm)), halves: 1 };
}
