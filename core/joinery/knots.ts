import type { Point } from '../geometry/space';

/*
 * The knots that a structure is tied with, each as the path of its cord in space: x to the right, y up, z
 * towards the eye, in radii of a pole. How each runs is common practice, no source; what lies over what
 * follows from z alone, and a test holds those with a name in the theory of knots to the crossings of that name.
 */

/**
 * What a knot is tied on: an upright pole, a wire, or another cord; behind or before the cord by its own z, which is
 * 0. Decision 20.
 */
export interface TiedOn {
  from: Point;
  to: Point;
  radius: number;
  look: 'timber' | 'steel' | 'wire';
}

export interface Knot {
  on: readonly TiedOn[];
  of: 'cord' | 'wire';
  /** The cords; the last of them is the one that is being tied, unless all grow together. */
  cords: readonly (readonly Point[])[];
  together?: true;
  /** Each picture: how many points of the cord are drawn, and what is done. */
  stages: readonly { points: number; say: string }[];
}

export const KNOT_IDS = [
  'clove hitch',
  'half hitch',
  'two half hitches',
  'reef knot',
  'stopper',
  'wire tie',
  'wound wire',
  'three poles',
] as const;
export type KnotId = (typeof KNOT_IDS)[number];

const RIGHT = 0;
const BEHIND = 90;
const LEFT = 180;
const FRONT = 270;

/** A place on the skin of something round that stands upright at x: by the bearing from its middle (0 to the right, 90 behind), and how far off the skin. */
const at = (bearing: number, y: number, off = 0.14, x = 0, radius = 1): Point => {
  const turn = (bearing * Math.PI) / 180;
  return [x + (radius + off) * Math.cos(turn), y, -(radius + off) * Math.sin(turn)];
};

const pole = (x = 0, half = 2.1): TiedOn => ({ from: [x, -half, 0], to: [x, half, 0], radius: 1, look: 'timber' });

/** Across the front from the left, round behind, across its own standing part, round again and under the crossing. */
const clove = (x: number, lift: number, startX: number, endX: number): Point[] => [
  [startX, 0.3 + lift, 0.9],
  at(235, 0.3 + lift, 0.14, x),
  at(FRONT, 0.2 + lift, 0.14, x),
  at(315, 0.1 + lift, 0.14, x),
  at(RIGHT, -0.1 + lift, 0.14, x),
  at(BEHIND, -0.35 + lift, 0.14, x),
  at(LEFT, -0.4 + lift, 0.14, x),
  at(235, -0.25 + lift, 0.5, x),
  at(FRONT, 0.3 + lift, 0.62, x),
  at(315, 0.85 + lift, 0.5, x),
  at(RIGHT, 1.0 + lift, 0.14, x),
  at(BEHIND, 1.0 + lift, 0.14, x),
  at(LEFT, 0.95 + lift, 0.14, x),
  at(235, 0.85 + lift, 0.14, x),
  at(FRONT, 0.65 + lift, 0.14, x),
  at(315, 0.5 + lift, 0.14, x),
  [endX, 0.5 + lift, 0.9],
];

/** A ring or an eye, seen from its edge. */
const RING_RADIUS = 0.55;
const onRing = (bearing: number, y: number): Point => at(bearing, y, 0.14, 0, RING_RADIUS);
/** From the right twice round a ring. */
const ROUND_TURN: readonly Point[] = [
  [1.2, 0, 0.1],
  onRing(315, 0.05),
  onRing(FRONT, 0.1),
  onRing(LEFT, 0.1),
  onRing(BEHIND, 0),
  onRing(RIGHT, -0.3),
  onRing(FRONT, -0.4),
  onRing(LEFT, -0.5),
];

/** Round the standing part from before to behind and out through its own loop. */
const hitchOn = (x: number): Point[] => [
  [x + 0.1, -0.75, 0.3],
  [x + 0.42, -0.3, 0.5],
  [x + 0.5, 0.3, 0.4],
  [x + 0.34, 0.62, 0],
  [x + 0.12, 0.35, -0.4],
  [x - 0.05, -0.35, -0.4],
  [x - 0.02, -0.72, -0.1],
];

const wound = (fromX: number, toX: number, turns: number, radius: number): Point[] =>
  Array.from({ length: turns * 8 + 1 }, (_, i): Point => {
    const turn = (i / 8) * 2 * Math.PI;
    return [fromX + ((toX - fromX) * i) / (turns * 8), -radius * Math.cos(turn), radius * Math.sin(turn)];
  });

/** One of two wires that are twisted about each other, downwards. */
const twisted = (from: number): Point[] =>
  Array.from({ length: 13 }, (_, i): Point => {
    const turn = ((from + i * 90) * Math.PI) / 180;
    return [-0.12 * Math.cos(turn), -0.9 - i * 0.09, 1.6 + 0.12 * Math.sin(turn)];
  });

const roundThree = (y: number, drop: number): Point[] => [
  [-3.1, y, 0.7],
  [-2, y - 0.02, 1.16],
  [0, y - 0.05, 1.16],
  [2, y - 0.08, 1.16],
  [3.1, y - 0.1, 0.7],
  [3.3, y - 0.12, -0.3],
  [2, y - drop / 2, -1.16],
  [-2, y - drop / 2, -1.16],
  [-3.3, y - drop + 0.05, -0.3],
];

export const KNOTS: Readonly<Record<KnotId, Knot>> = {
  'clove hitch': {
    of: 'cord',
    on: [pole()],
    cords: [clove(0, -0.2, -3, 3)],
    stages: [
      { points: 6, say: 'Across, and round behind' },
      { points: 12, say: 'Up over itself, and round again' },
      { points: 17, say: 'Under the crossing; pull both ends' },
    ],
  },
  'half hitch': {
    of: 'cord',
    on: [pole()],
    cords: [
      [
        [-3, 0.9, 0.9],
        at(235, 0.9),
        at(FRONT, 0.85),
        at(315, 0.8),
        at(RIGHT, 0.7),
        at(BEHIND, 0.4),
        at(LEFT, -0.5),
        at(235, -0.55, 0.4),
        at(FRONT, -0.3, 0.6),
        at(315, 0.1, 0.4),
        at(RIGHT, 0.2),
        at(BEHIND, 0.15),
        at(LEFT, 0.1),
        at(235, 0.05),
        at(FRONT, -0.15),
        at(315, -0.4),
        [3, -0.45, 0.9],
      ],
    ],
    stages: [
      { points: 5, say: 'Once round' },
      { points: 12, say: 'On round, lower' },
      { points: 17, say: 'Round again and under itself; pull tight' },
    ],
  },
  'two half hitches': {
    of: 'cord',
    on: [{ from: [0, -2.1, 0], to: [0, 2.1, 0], radius: RING_RADIUS, look: 'steel' }],
    cords: [
      [
        [5, 0, 0],
        ...ROUND_TURN,
        onRing(BEHIND, -0.7),
        [0.8, -0.9, 0],
        ...hitchOn(1.3),
        [1.75, -1.05, 0.1],
        ...hitchOn(2.6),
        [3.1, -1.5, 0.2],
      ],
    ],
    stages: [
      { points: 11, say: 'Twice round' },
      { points: 18, say: 'Over the long end, round behind it, and out under itself' },
      { points: 27, say: 'The same again; push them together' },
    ],
  },
  'reef knot': {
    of: 'cord',
    on: [],
    cords: [
      [
        [-4, -0.35, 0],
        [-1.9, -0.35, 0.15],
        [-1.35, -0.38, 0.3],
        [0, -0.55, -0.3],
        [1.0, -0.78, 0.2],
        [1.6, -0.62, 0.3],
        [1.75, 0, 0.3],
        [1.6, 0.62, 0.3],
        [1.0, 0.78, 0.2],
        [0, 0.55, -0.3],
        [-1.35, 0.38, 0.3],
        [-1.9, 0.35, 0.15],
        [-4, 0.35, 0],
      ],
      [
        [4, -0.35, 0],
        [1.9, -0.35, -0.15],
        [1.35, -0.38, -0.3],
        [0, -0.55, 0.3],
        [-1.0, -0.78, -0.2],
        [-1.6, -0.62, -0.3],
        [-1.75, 0, -0.3],
        [-1.6, 0.62, -0.3],
        [-1.0, 0.78, -0.2],
        [0, 0.55, 0.3],
        [1.35, 0.38, -0.3],
        [1.9, 0.35, -0.15],
        [4, 0.35, 0],
      ],
    ],
    stages: [
      { points: 4, say: 'Two ends, towards each other' },
      { points: 8, say: 'Up behind the other’s loop' },
      { points: 13, say: 'Back out on the side it came in; pull all four' },
    ],
  },
  stopper: {
    of: 'cord',
    on: [],
    cords: [
      [
        [-4, 0, 0],
        [-1.2, 0, 0],
        [-0.6, 0.02, 0.3],
        [0.55, 0.05, -0.3],
        [1.25, 0.3, 0.1],
        [1.4, 0.8, 0.3],
        [0.9, 1.35, 0.1],
        [0, 1.45, 0],
        [-0.8, 1.05, -0.1],
        [-0.75, 0.02, -0.3],
        [-0.35, -0.7, 0],
        [0.25, -0.65, 0.1],
        [0.55, 0.04, 0.3],
        [0.9, 0.55, 0],
        [1.42, 0.75, -0.3],
        [2.2, 0.85, 0],
        [3.4, 0.9, 0],
      ],
    ],
    stages: [
      { points: 6, say: 'Turn the end up' },
      { points: 11, say: 'A loop, and round behind the long end' },
      { points: 17, say: 'Out through the loop; pull tight' },
    ],
  },
  'wire tie': {
    on: [pole(), { from: [-3, 0, 1.15], to: [3, 0, 1.15], radius: 0.12, look: 'wire' }],
    of: 'wire',
    cords: [
      [
        at(BEHIND, 0.5),
        at(LEFT, 0.5),
        at(232, 0.4, 0.3),
        at(236, 0, 0.62),
        at(245, -0.35, 0.5),
        [-0.12, -0.75, 1.6],
        ...twisted(0),
      ],
      [
        at(BEHIND, 0.5),
        at(RIGHT, 0.5),
        at(308, 0.4, 0.3),
        at(304, 0, 0.62),
        at(295, -0.35, 0.5),
        [0.12, -0.75, 1.6],
        ...twisted(180),
      ],
    ],
    together: true,
    stages: [
      { points: 2, say: 'Round behind' },
      { points: 6, say: 'Both ends forward over the wire' },
      { points: 19, say: 'Three turns with pliers; the end turned in' },
    ],
  },
  'wound wire': {
    of: 'wire',
    on: [{ from: [0, -1.6, 0], to: [0, 1.6, 0], radius: RING_RADIUS, look: 'steel' }],
    cords: [
      [[6, 0, 0], ...ROUND_TURN, onRing(BEHIND, -0.6), [0.9, -0.5, -0.1], ...wound(1.5, 4, 6, 0.28), [4.3, -0.5, 0.1]],
    ],
    stages: [
      { points: 11, say: 'Twice round, or through the eye' },
      { points: 28, say: 'Round itself, close' },
      { points: 61, say: 'Six turns; cut, and press the end in' },
    ],
  },
  'three poles': {
    of: 'cord',
    on: [pole(-2.05, 2.6), pole(0, 2.6), pole(2.05, 2.6)],
    cords: [
      [
        ...clove(-2.05, 1.1, -4.4, -0.75).slice(0, 16),
        [-0.9, 1.4, 0.9],
        [0, 1.2, 1.16],
        [2, 1.05, 1.16],
        [3.1, 0.95, 0.7],
        [3.3, 0.85, -0.3],
        [2, 0.8, -1.16],
        [-2, 0.7, -1.16],
        [-3.3, 0.62, -0.3],
        ...roundThree(0.55, 0.4),
        ...roundThree(0.15, 0.4),
        ...roundThree(-0.25, 0.4),
        [-3.1, -0.65, 0.7],
        [-2, -0.72, 1.16],
        [0, -0.85, 1.16],
        ...clove(2.05, -1.5, 0.9, 4.6).slice(1),
      ],
    ],
    stages: [
      { points: 17, say: 'Clove hitch on the first pole' },
      { points: 51, say: 'Three wraps round all three, side by side' },
      { points: 70, say: 'Clove hitch on the third pole; leave the tail' },
    ],
  },
};
