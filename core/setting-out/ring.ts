import type { Design } from '../design/design';
import { ofShape } from '../design/shapes/shapes';

/** One pole of a ring: its number in the order they are met, where it stands from the middle, and the chord to it from the one before. */
export interface RingPole {
  no: number;
  /** From the middle of the ring, and from the first pole round it. mm, degrees clockwise from above. */
  radiusMm: number;
  turnDeg: number;
  chordMm: number;
  /** Straight from the first pole's foot to its own. mm. */
  fromFirstMm: number;
}

export interface RingPlan {
  poles: readonly RingPole[];
  /** Plants on a ring of their own: from the middle of the poles', and the least from one to the next; null where none are. mm. */
  plants: { count: number; radiusMm: number; apartMm: number } | null;
  /** The chord that is left open for a door, from the last pole to the first; null where the ring is closed. mm. */
  doorMm: number | null;
}

/** Wider than the others by this share, the gap between the last pole and the first is a door (from memory). */
const DOOR = 1.3;

/** Where the poles of a ring stand: what leans together from round about; null for what stands in rows. */
export function ringOf(design: Design): RingPlan | null {
  if (!design.traces?.length) return null;
  const poles = ofShape(design.parts, 'bar').filter(({ role }) => design.traits[role]?.as === 'body');
  if (poles.length < 3) return null;
  const feet = poles.map((pole) => {
    const share =
      pole.buriedMm / Math.hypot(pole.to[0] - pole.from[0], pole.to[1] - pole.from[1], pole.to[2] - pole.from[2]);
    return [
      pole.from[0] + share * (pole.to[0] - pole.from[0]),
      pole.from[1] + share * (pole.to[1] - pole.from[1]),
    ] as const;
  });
  const middle = middleOf(feet);
  const turns = feet
    .map(([x, y]) => ({ x, y, turn: Math.atan2(y - middle[1], x - middle[0]) }))
    .toSorted((a, b) => b.turn - a.turn);
  const chord = (i: number): number => {
    const [a, b] = [turns[(i + turns.length - 1) % turns.length], turns[i % turns.length]];
    return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
  };
  // The widest gap is the door: counting begins after it.
  const widest = turns.reduce((best, _one, i) => (chord(i) > chord(best) + 1 ? i : best), 0);
  const order = turns.map((_one, i) => (widest + i) % turns.length);
  const usual = Math.min(...order.map((i) => chord(i)));
  const first = turns[widest];
  return {
    doorMm: chord(widest) > DOOR * usual ? chord(widest) : null,
    plants: plantsOn(design, middle),
    poles: order.map((at, i) => {
      const one = turns[at] as (typeof turns)[number];
      const turned = (((first?.turn ?? 0) - one.turn) * 180) / Math.PI;
      return {
        no: i + 1,
        radiusMm: Math.hypot(one.x - middle[0], one.y - middle[1]),
        turnDeg: (turned + 720) % 360,
        chordMm: chord(at),
        fromFirstMm: first ? Math.hypot(one.x - first.x, one.y - first.y) : 0,
      };
    }),
  };
}

function plantsOn(design: Design, middle: readonly [number, number]): RingPlan['plants'] {
  const round = design.stations.filter(({ side }) => side === 'round').map(({ at }) => at);
  const [first] = round;
  if (!first || round.length < 2) return null;
  const apart = round.map((one, i) =>
    Math.min(...round.flatMap((other, k) => (k === i ? [] : [Math.hypot(one[0] - other[0], one[1] - other[1])]))),
  );
  return {
    count: round.length,
    radiusMm: Math.hypot(first[0] - middle[0], first[1] - middle[1]),
    apartMm: Math.min(...apart),
  };
}

/** The middle of the ring: of the circle through three of its feet. */
function middleOf(feet: readonly (readonly [number, number])[]): readonly [number, number] {
  const [a, b, c] = [feet[0], feet[Math.floor(feet.length / 3)], feet[Math.floor((2 * feet.length) / 3)]];
  if (!a || !b || !c) return [0, 0];
  const d = 2 * (a[0] * (b[1] - c[1]) + b[0] * (c[1] - a[1]) + c[0] * (a[1] - b[1]));
  const sq = (p: readonly [number, number]): number => p[0] ** 2 + p[1] ** 2;
  return [
    (sq(a) * (b[1] - c[1]) + sq(b) * (c[1] - a[1]) + sq(c) * (a[1] - b[1])) / d,
    (sq(a) * (c[0] - b[0]) + sq(b) * (a[0] - c[0]) + sq(c) * (b[0] - a[0])) / d,
  ];
}
