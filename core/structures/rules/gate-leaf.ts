import type { Design, Joint } from '../../design/design';
import { plumbEnds, type EndCut } from '../../design/end-cut';
import { barOf, type Bar } from '../../design/shapes/bar';
import type { Part } from '../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../design/shapes/sheet';
import { add, ALONG, reach, UP, type Point } from '../../geometry/space';
import { feet, inches } from '../../quantity/length';
import { rollOf } from './barrier';
import { screwThrough, washered, washersAlong } from './fixings';
import type { Setting } from '../setting';

/** Where a leaf is gone through, from above, and to which side it swings. */
export const doorwayOf = ({ middle, swing }: Pick<Leaf, 'middle' | 'swing'>): NonNullable<Design['doorway']> => ({
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
/** Of a 12″ hinge the strap on the leaf, of it and of a latch the plate on the post, and the bar of a latch (from memory). mm. */
const STRAP_MM = inches(10);
const PLATE_MM = inches(2);
const LATCH_MM = inches(3);

/** A leaf by its outside: how wide and high, where the middle of its gateway is on the soil and its foot hangs over that, and to which side its hinges are. mm. */
export interface Leaf {
  middle: Point;
  wideMm: number;
  highMm: number;
  footMm: number;
  /** −1 where it hangs on the first post, 1 on the second. */
  hingeSide: -1 | 1;
  /** Out of its face on which it opens: −1 outward (to the front), 1 inward. */
  swing: -1 | 1;
  hinges: number;
  stock: string;
  railWideMm: number;
  railThickMm: number;
}

export interface Made {
  parts: Part[];
  joints: Joint[];
}

/**
 * Two stiles and two rails, halved into each other at the corners (stiles lose their backs, rails their fronts: a
 * screw through the edge of a stile would have to be longer than any), and one brace that lies flat on their inner face from the lower
 * hinge corner up to the latch corner, its ends plumb: there it is pressed and cannot sag (common practice, no source).
 */
export function frameLeaf(leaf: Leaf, setting: Setting): Made & { stiles: readonly Bar[]; rails: readonly Bar[] } {
  const { wideMm, highMm, railWideMm: wide, railThickMm: thick, footMm } = leaf;
  const at = (right: number, up: number, y = 0): Point => add(leaf.middle, [right, y, footMm + up]);
  const bar = (id: string, role: string, from: Point, to: Point, way: Point, ends: Bar['ends'], cutMm: number): Bar =>
    barOf({
      id,
      role,
      of: { id: leaf.stock, wideMm: wide, thickMm: thick },
      from,
      to,
      wide: way,
      cutMm: Math.max(1, cutMm),
      ends,
    });
  const notch: EndCut = { cut: 'notch', longMm: wide, deepMm: thick / 2, off: 1 };
  const hingeX = (leaf.hingeSide * (wideMm - wide)) / 2;
  const stiles = ['hinge', 'latch'].map((name, n) => {
    const x = n === 0 ? hingeX : -hingeX;
    return bar(`${name}-stile`, 'stile', at(x, 0), at(x, highMm), ALONG, [notch, notch], highMm);
  });
  const half = wideMm / 2 - wide;
  const ups = [wide / 2, highMm - wide / 2] as const;
  const rails = ['lower', 'upper'].map((name, n) =>
    bar(
      `${name}-rail`,
      'rail',
      at(-wideMm / 2, ups[n] as number),
      at(wideMm / 2, ups[n] as number),
      UP,
      [notch, notch],
      wideMm,
    ),
  );
  // From the middle of one stile to the middle of the other, its lower tip flush with the foot of the
  // leaf and its upper with the head: H cos r − R sin r = w, for a brace of width w in a run R and a height H.
  const run = wideMm - wide;
  const rise = Math.acos(wide / Math.hypot(highMm, run)) - Math.atan2(run, highMm);
  const tip = wide / (2 * Math.cos(rise));
  const corners = [at(hingeX, tip, thick), at(-hingeX, highMm - tip, thick)] as const;
  const brace = bar(
    'brace',
    'brace',
    corners[0],
    corners[1],
    [Math.sin(rise) * leaf.hingeSide, 0, Math.cos(rise)],
    plumbEnds(rise),
    reach(...corners) + wide * Math.tan(rise),
  );
  // Where it lies on a rail too: a steep one has left its corner before it comes to that.
  const leaves = (wide / 2) * Math.tan(rise);
  const onRail = leaves < 0.8 * wide ? (leaves + wide) / 2 : null;
  const end = (n: number): number => (n === 0 ? leaf.hingeSide : -leaf.hingeSide);
  const updown = (n: number, up: number): number => (n === 0 ? up : highMm - up);
  const corner = screwThrough(setting, thick / 2, thick / 2);
  const lap = screwThrough(setting, thick, thick);
  const joints: Joint[] = [
    ...rails.flatMap((rail, n) =>
      stiles.map((stile, m): Joint => {
        const right = m === 0 ? leaf.hingeSide : -leaf.hingeSide;
        return {
          id: `${rail.id}-${stile.id}`,
          kind: 'leaf joined',
          places: [at((right * (wideMm - wide)) / 2, ups[n] as number)],
          parts: [rail.id, stile.id],
          fixings: [{ stock: corner, count: 4, drive: { way: [0, 1, 0], through: stile.id, into: rail.id } }],
        };
      }),
    ),
    ...corners.map((place, n): Joint => {
      const [rail, stile] = [rails[n] as Bar, stiles[n] as Bar];
      return {
        id: `brace-${n + 1}`,
        kind: 'brace fixed',
        places: [
          add(place, [0, -thick / 2, 0]),
          at(end(n) * (half + wide / 2), updown(n, wide / 2), thick / 2),
          ...(onRail === null ? [] : [at(end(n) * half, updown(n, onRail), thick / 2)]),
        ],
        parts: [brace.id, stile.id, rail.id],
        // A steep brace lies along the stile, a flat one along the rail.
        fixings: [
          {
            stock: lap,
            count: wide < NARROW_MM ? 2 : 3,
            drive: { way: [0, -1, 0], through: brace.id, into: highMm > wideMm ? stile.id : rail.id },
          },
        ],
      };
    }),
  ];
  return { parts: [...stiles, ...rails, brace], joints, stiles, rails };
}

/** Hinges on the side to which it opens, and a latch on the other stile; both are screwed to posts of the run. */
export function hangLeaf(leaf: Leaf, stiles: readonly Bar[]): Joint[] {
  const { highMm, footMm, railWideMm: wide } = leaf;
  const y = (leaf.swing * leaf.railThickMm) / 2;
  const at = (right: number, up: number): Point => add(leaf.middle, [right, y, footMm + up]);
  const edge = leaf.wideMm / 2;
  const ups = leaf.hinges === 3 ? [wide / 2, highMm / 2, highMm - wide / 2] : [wide / 2, highMm - wide / 2];
  const [hinge, latch] = stiles as [Bar, Bar];
  return [
    {
      id: 'hinges',
      kind: 'hung',
      places: ups.map((up) => at(leaf.hingeSide * edge, up)),
      parts: [hinge.id],
      fixings: [
        {
          stock: 'gate-hinge',
          count: leaf.hinges,
          plates: ups.map((up): Point[] => [PLATE_MM, -STRAP_MM].map((out) => at(leaf.hingeSide * (edge + out), up))),
        },
      ],
    },
    {
      id: 'latch',
      kind: 'latched',
      places: [at(-leaf.hingeSide * edge, highMm * 0.75)],
      parts: [latch.id],
      fixings: [
        {
          stock: 'gate-latch',
          count: 1,
          plates: [[PLATE_MM, -LATCH_MM].map((out) => at(-leaf.hingeSide * (edge + out), highMm * 0.75))],
        },
      ],
    },
  ];
}

/** Mesh on the outside of the leaf, screwed on with washers all round; so much of it stands loose over its top. */
export function meshOn(
  leaf: Leaf,
  rollId: string,
  setting: Setting,
  on: readonly Bar[],
  o: { name?: string; overMm?: number } = {},
): Made {
  const { name = 'mesh', overMm = 0 } = o;
  const roll = rollOf(setting, rollId);
  const { wideMm, railWideMm: rail } = leaf;
  const tall = Math.min(leaf.highMm + overMm, roll.heightMm);
  const y = -leaf.railThickMm / 2;
  const at = (right: number, up: number): Point => add(leaf.middle, [right, y, leaf.footMm + up]);
  const across = Math.max(1, Math.round(wideMm / roll.openingMm));
  const rungs = Math.max(1, Math.round(tall / roll.stepMm));
  const mesh: Sheet = {
    shape: 'sheet',
    id: name.replace(' ', '-'),
    role: name,
    stock: roll.id,
    base: flatBase(at(-wideMm / 2, 0), ALONG, wideMm),
    up: UP,
    cutMm: wideMm,
    heightMm: tall,
    uprightsMm: Array.from({ length: across + 1 }, (_, n) => (n * wideMm) / across),
    levelsMm: Array.from({ length: rungs + 1 }, (_, n) => (n * tall) / rungs),
    wireMm: roll.wireMm,
    meshes: 0,
  };
  const upOf = (bar: Bar): number => bar.from[2] - leaf.middle[2] - leaf.footMm;
  const held = on.filter((bar) => bar.role === 'stile' || upOf(bar) < tall);
  const washersOn = (bar: Bar): Point[] =>
    bar.role === 'stile'
      ? washersAlong(
          at(bar.from[0] - leaf.middle[0], 0),
          at(bar.from[0] - leaf.middle[0], Math.min(tall, leaf.highMm)),
          rail,
        )
      : washersAlong(at(-wideMm / 2, upOf(bar)), at(wideMm / 2, upOf(bar)), rail);
  return {
    parts: [mesh],
    joints: [
      {
        id: `${mesh.id}-washers`,
        kind: 'mesh to leaf',
        places: [
          at((rail - wideMm) / 2, Math.min(tall, leaf.highMm) / 2),
          at((wideMm - rail) / 2, Math.min(tall, leaf.highMm) / 2),
          at(0, rail / 2),
        ],
        parts: [mesh.id, ...held.map((one) => one.id)],
        fixings: held.flatMap((bar) => washered(mesh.id, bar, [0, 1, 0], washersOn(bar), setting)),
      },
    ],
  };
}
