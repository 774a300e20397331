import type { Design, Joint } from '../../design/design';
import type { Bar } from '../../design/shapes/bar';
import { add, ALONG, minus, UP, type Point } from '../../geometry/space';
import { feet, inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import { screwThrough } from '../rules/fixings';
import type { Said } from '../said';
import type { Setting } from '../setting';
import type { Assembled } from './assembly';
import { risingBrace } from './brace';
import { halvedFrame, meshOnFrame, type HalvedFrame, type Stuff } from './halved-frame';

/** Where a leaf is gone through, from above, and to which side it swings. */
export const doorwayOf = ({ middle, swing }: Pick<HungLeaf, 'middle' | 'swing'>): NonNullable<Design['doorway']> => ({
  at: [middle[0], middle[1]],
  swings: swing > 0 ? 'back' : 'front',
});

/** A leaf this high or wide hangs on three hinges (from memory). mm. */
const HIGH_LEAF_MM = feet(5);
const WIDE_LEAF_MM = 1250;
export const hingesFor = (wideMm: number, highMm: number): number =>
  highMm > HIGH_LEAF_MM || wideMm > WIDE_LEAF_MM ? 3 : 2;
/** A brace narrower than this takes two screws at each end instead of three (from memory). mm. */
const NARROW_MM = 60;
/** A plate of a hinge, as high and as deep into the gap; of a latch, on the leaf and on the post alike (from memory). mm. */
const PLATE_HIGH_MM = 100;
const PLATE_DEEP_MM = inches(1.25);
const LATCH_MM = inches(1.5);
const LATCH_HIGH_MM = inches(1);

/** A leaf by its outside: how wide and high, where the middle of its gateway is on the soil and its foot hangs over that, and to which side its hinges are. mm. */
export interface HungLeaf {
  middle: Point;
  wideMm: number;
  highMm: number;
  footMm: number;
  /** −1 where it hangs on the first post, 1 on the second. */
  hingeSide: -1 | 1;
  /** Out of its face on which it opens: −1 outward (to the front), 1 inward. */
  swing: -1 | 1;
  hinges: number;
  of: Stuff;
}

/** A leaf as it is framed: its brace, and the halved frame, whose first upright is the one that hangs. */
export interface FramedLeaf {
  leaf: HungLeaf;
  frame: HalvedFrame;
  /** The stile with the hinges and the one with the latch. */
  stiles: readonly [hinge: Bar, latch: Bar];
  made: Assembled;
}

/**
 * Two stiles and two rails, halved into each other at the corners, and one brace that lies flat on their inner face
 * from the lower hinge corner up to the latch corner, its ends plumb: there it is pressed and cannot sag (common
 * practice, no source).
 */
export function frameLeaf(leaf: HungLeaf, setting: Setting): FramedLeaf {
  const { wideMm, highMm, of, footMm, hingeSide } = leaf;
  const { wideMm: wide, thickMm: thick } = of;
  const at = (right: number, up: number, y = 0): Point => add(leaf.middle, [right, y, footMm + up]);
  const first = hingeSide < 0;
  const frame = halvedFrame({
    plane: {
      at: (right, up, out = 0) => at(right - wideMm / 2, up, -out),
      right: ALONG,
      up: UP,
      inwards: [0, 1, 0],
    },
    of,
    wideMm,
    highMm,
    ids: {
      uprights: first ? ['hinge-stile', 'latch-stile'] : ['latch-stile', 'hinge-stile'],
      levels: ['lower-rail', 'upper-rail'],
    },
    roles: { upright: 'stile', level: 'rail' },
    keeps: 'uprights',
    kind: 'leaf joined',
    screws: 4,
    setting,
  });
  const stiles = [frame.uprights[first ? 0 : 1], frame.uprights[first ? 1 : 0]] as const;
  const hingeX = (hingeSide * (wideMm - wide)) / 2;
  // From the middle of one stile to the middle of the other, its lower tip flush with the foot of the
  // leaf and its upper with the head: H cos r − R sin r = w, for a brace of width w in a run R and a height H.
  const run = wideMm - wide;
  const rise = Math.acos(wide / Math.hypot(highMm, run)) - Math.atan2(run, highMm);
  const tip = wide / (2 * Math.cos(rise));
  const corners = [at(hingeX, tip, thick), at(-hingeX, highMm - tip, thick)] as const;
  const brace = risingBrace({ id: 'brace', of, from: corners[0], to: corners[1] });
  const half = wideMm / 2 - wide;
  // Where it lies on a rail too: a steep one has left its corner before it comes to that.
  const leaves = (wide / 2) * Math.tan(rise);
  const onRail = leaves < 0.8 * wide ? (leaves + wide) / 2 : null;
  const stock = screwThrough(setting, thick, thick);
  const fixed = corners.map((place, n): Joint => {
    const [rail, stile, end] = [frame.levels[n as 0 | 1], stiles[n as 0 | 1], n === 0 ? hingeSide : -hingeSide];
    const up = (mm: number): number => (n === 0 ? mm : highMm - mm);
    return {
      id: `brace-${n + 1}`,
      kind: 'brace fixed',
      places: [
        add(place, [0, -thick / 2, 0]),
        at(end * (half + wide / 2), up(wide / 2), thick / 2),
        ...(onRail === null ? [] : [at(end * half, up(onRail), thick / 2)]),
      ],
      parts: [brace.id, stile.id, rail.id],
      // A steep brace lies along the stile, a flat one along the rail.
      fixings: [
        {
          stock,
          count: wide < NARROW_MM ? 2 : 3,
          drive: { way: [0, -1, 0], through: brace.id, into: highMm > wideMm ? stile.id : rail.id },
        },
      ],
    };
  });
  return {
    leaf,
    frame,
    stiles,
    made: {
      parts: [...stiles, ...frame.levels, brace],
      // The side with the hinges first.
      joints: [...(first ? [0, 1, 2, 3] : [1, 0, 3, 2]).map((i) => frame.joints[i] as Joint), ...fixed],
      reasons: {
        stile: fact('count.leaf'),
        rail: fact('count.leaf'),
        brace: fact('count.brace'),
        'leaf joined': fact('count.corner-screws'),
        'brace fixed': fact('count.brace-screws'),
      },
    },
  };
}

/** Mesh on the outside of a leaf, on its stiles and its lower rail. */
export const meshOnLeaf = (
  { frame, stiles }: FramedLeaf,
  roll: string,
  setting: Setting,
  o: { id: string; role: string; overMm?: number },
): Assembled => ({
  ...meshOnFrame(frame, roll, setting, { ...o, kind: 'mesh to leaf', on: [...stiles, frame.levels[0]] }),
  reasons: { 'mesh to leaf': fact('count.washers') },
});

/** A plate of a hinge on the edge of a stile or on the side of a post: its outline in the gap, from the face to which the leaf opens. */
const plateIn = (at: (up: number, inwards: number) => Point, up: number): Point[] =>
  [
    [-1, 0],
    [1, 0],
    [1, PLATE_DEEP_MM],
    [-1, PLATE_DEEP_MM],
    [-1, 0],
  ].map(([way = 0, inwards = 0]) => at(up + (way * PLATE_HIGH_MM) / 2, inwards));

/** How high the latch sits: at three quarters, or lower where the brace comes down over a narrow stile there. mm. */
function latchUp({ leaf, stiles, made }: FramedLeaf): number {
  const { highMm, of, swing } = leaf;
  const usual = highMm * 0.75;
  const brace = made.parts.find(({ id }) => id === 'brace') as Bar;
  const [x, , z] = minus(brace.to, brace.from);
  const [run, rise] = [Math.abs(x), Math.atan2(z, Math.abs(x))];
  const inner = run + of.wideMm / 2 - LATCH_MM;
  // The brace lies on the inner face and ends over the middle of the stile.
  if (swing < 0 || inner >= run) return usual;
  const under = brace.from[2] - stiles[0].from[2] + inner * Math.tan(rise) - of.wideMm / (2 * Math.cos(rise));
  return Math.min(usual, under - LATCH_HIGH_MM);
}

/**
 * Hinges whose plates lie in the gap beside the leaf, knuckles to the side to which it opens, so that neither brace nor
 * filling is in their way; and a latch on the other stile. Both are screwed to posts of the run, or to those named.
 */
export function hangLeaf(framed: FramedLeaf, o: { freeMm: number; posts?: { hinge: Bar; latch: Bar } }): Assembled {
  const { leaf, stiles } = framed;
  const { highMm, footMm, hingeSide, swing } = leaf;
  const face = (swing * leaf.of.thickMm) / 2;
  const edge = leaf.wideMm / 2;
  const at = (right: number, up: number, y = face): Point => add(leaf.middle, [right, y, footMm + up]);
  const low = Math.max(leaf.of.wideMm, PLATE_HIGH_MM * 0.6);
  const ups = leaf.hinges === 3 ? [low, highMm / 2, highMm - low] : [low, highMm - low];
  // On the leaf, and as high on the post.
  const edges = [edge, edge + o.freeMm] as const;
  const side = -hingeSide;
  const up = latchUp(framed);
  return {
    parts: [],
    joints: [
      {
        id: 'hinges',
        kind: 'hung',
        places: (o.posts ? edges : [edge]).flatMap((out) => ups.map((one) => at(hingeSide * out, one))),
        parts: [stiles[0].id, ...(o.posts ? [o.posts.hinge.id] : [])],
        fixings: [
          {
            stock: 'gate-hinge',
            count: ups.length,
            // On the post, over the knuckle, on the leaf.
            plates: ups.map((one) =>
              [edge + o.freeMm, edge].flatMap((out) =>
                plateIn((high, inwards) => at(hingeSide * out, high, face - swing * inwards), one),
              ),
            ),
          },
        ],
      },
      {
        id: 'latch',
        kind: 'latched',
        places: (o.posts ? edges : [edge]).map((out) => at(side * out, up)),
        parts: [stiles[1].id, ...(o.posts ? [o.posts.latch.id] : [])],
        fixings: [
          {
            stock: 'gate-latch',
            count: 1,
            plates: [[at(side * (edge - LATCH_MM), up), at(side * (edge + o.freeMm + LATCH_MM), up)]],
          },
        ],
      },
    ],
    reasons: { hung: fact('count.hinges', { hinges: leaf.hinges }), latched: fact('count.latch') },
  };
}

/** A framed leaf on its hinges, with its latch. */
export const HUNG_LEAF = {
  names: {
    parts: {
      stile: { word: 'Stile', means: 'upright of the leaf, foot to head', as: 'body' },
      brace: { word: 'Brace', means: 'the one diagonal, long point to long point', as: 'brace', stacks: true },
    },
    joints: {
      'leaf joined': 'Corner of the leaf',
      'brace fixed': 'Brace in its corner',
      'mesh to leaf': 'Mesh to the leaf',
      hung: 'Hinges',
      latched: 'Latch',
    },
    joinery: {
      'leaf joined':
        'Halved: the stile loses the back half of its thickness over the width of the rail, the rail its front half. Four screws from the front.',
      hung: 'One plate on the edge of the stile, the other on the side of its post, both in the gap; the knuckle stands out on the side to which it opens. The lower hinge first, then plumb, then the others.',
    },
  },
  phrases: {
    'count.leaf': 'The frame of the leaf',
    'count.brace': 'One diagonal, up from the lower hinge to the latch',
    'count.corner-screws': 'At every corner',
    'count.brace-screws': 'Three at each end, two where it is narrow',
    'count.washers': 'Screws and washers, every 12″ (300 mm) all round',
    'count.hinges': '{hinges|hinge|hinges}: two, or three on a leaf that is high or wide',
    'count.latch': 'One, self-closing',
  },
} as const satisfies Said;
