import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { asShape } from '../../../design/shapes/shapes';
import { flatBase, sheetOf, threads } from '../../../design/shapes/sheet';
import { add, cross, scale, type Point } from '../../../geometry/space';
import { onGround, wayAlong, type Ground } from '../../../site/ground';
import { together, type Assembled } from '../../assemblies/assembly';
import { panelOf, type Panel, type Plane } from '../../assemblies/covered-panel';
import { hingesAlong } from '../../assemblies/hinged-lid';
import { washered } from '../../rules/fixings';
import type { BedSetting } from '../../setting';

/** How its leaves lean: up from the soil, each so long; their inner edges meet along the ridge. mm, radians. */
export interface Leaning {
  leanRad: number;
  leafMm: number;
}

/** Halvings until the lean is found. */
const HALVINGS = 60;

/**
 * The lean of two leaves of a thickness that are so wide outside at the foot and so high inside: by half the width w, the
 * height h and the thickness t, (w − t sin a) tan a = h (geometry), found by halving. mm.
 */
export function leaningOf(o: { widthMm: number; highMm: number; thickMm: number }): Leaning {
  const runs = (rad: number): number => o.widthMm / 2 - o.thickMm * Math.sin(rad);
  let [low, top] = [0, Math.PI / 2 - 1e-3];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + top) / 2;
    if (runs(middle) * Math.tan(middle) < o.highMm) low = middle;
    else top = middle;
  }
  return { leanRad: low, leafMm: o.highMm / Math.sin(low) };
}

/** The front sheet goes on over the gap between the outer edges of the strips along the ridge, and so much past it (from memory). mm. */
const PAST_GAP_MM = 10;
export const overRidgeMm = ({ leanRad }: Leaning, thickMm: number): number =>
  2 * thickMm * Math.tan(leanRad) + PAST_GAP_MM;

export interface Tents {
  ground: Ground;
  yMm: number;
  widthMm: number;
  highMm: number;
  leaning: Leaning;
  strip: Timber;
  glazing: MeshRoll;
  setting: BedSetting;
}

/** Square to the soil along the row: it stands on a slope as it would on the level. */
const squareUp = (ground: Ground): Point => cross(wayAlong(ground), [0, 1, 0]);

/** The plane of one leaf of a tent that goes from one place to another along the row: −1 the front one. The way along the back one goes back. mm. */
function leafPlane(t: Tents, side: -1 | 1, fromMm: number, toMm: number): Plane {
  const { leanRad, leafMm } = t.leaning;
  const [c, s] = [Math.cos(leanRad), Math.sin(leanRad)];
  const along = wayAlong(t.ground);
  const square = squareUp(t.ground);
  const up = add([0, -side * c, 0], scale(square, s));
  const out = add([0, side * s, 0], scale(square, c));
  return {
    way: scale(along, -side),
    side: up,
    normal: out,
    wideMm: leafMm,
    at: (alongMm, across, upMm) => {
      const ridge = add(
        onGround(t.ground, side < 0 ? fromMm + alongMm : toMm - alongMm, t.yMm),
        scale(square, t.highMm),
      );
      return add(ridge, add(scale(up, across - leafMm / 2), scale(out, upMm)));
    },
  };
}

/** One tent: its two leaves, hinged along the ridge, pegged at its corners, and what closes its ends. */
export function tentOf(
  t: Tents,
  o: { no: number; fromMm: number; longMm: number; closes: readonly ('near' | 'far')[] },
): Assembled {
  const { no, fromMm, longMm } = o;
  const leaf = (side: -1 | 1): Panel =>
    panelOf(
      leafPlane(t, side, fromMm, fromMm + longMm),
      {
        name: `tent-${no}-${side < 0 ? 'front' : 'back'}`,
        role: 'leaf strip',
        fromMm: 0,
        longMm,
        upMm: 0,
        strip: t.strip,
        layers: [{ role: 'glazing', roll: t.glazing }],
      },
      t.setting,
    );
  const [bare, back] = [leaf(-1), leaf(1)];
  const overMm = overRidgeMm(t.leaning, t.strip.thickMm);
  const front: Panel = {
    ...bare,
    parts: bare.parts.map((part) => {
      const sheet = asShape(part, 'sheet');
      if (!sheet) return part;
      const heightMm = sheet.heightMm + overMm;
      return { ...sheet, role: 'front glazing', heightMm, levelsMm: threads(heightMm, 1) };
    }),
  };
  const square = squareUp(t.ground);
  const ridgeAt = (alongMm: number): Point => add(onGround(t.ground, fromMm + alongMm, t.yMm), scale(square, t.highMm));
  const { leanRad } = t.leaning;
  // Up the edge of a leaf out of the ridge: the hinge lies in the gap between the two, its knuckle below.
  const outOf = (side: -1 | 1): Point => add([0, side * Math.sin(leanRad), 0], scale(square, Math.cos(leanRad)));
  const hinges = hingesAlong(longMm).map(ridgeAt);
  const hinged: Joint = {
    id: `tent-${no}-ridge`,
    kind: 'ridge hinged',
    places: hinges,
    parts: [front.rails[1].id, back.rails[1].id],
    fixings: [
      {
        stock: 'butt-hinge',
        count: hinges.length,
        plates: hinges.map((at) => [
          add(at, scale(outOf(-1), t.strip.thickMm * LEAF_OF_HINGE)),
          at,
          add(at, scale(outOf(1), t.strip.thickMm * LEAF_OF_HINGE)),
        ]),
      },
    ],
  };
  const pegs = [front, back].flatMap(({ rails: [foot] }) =>
    [foot.from, foot.to].map((at, i): Joint => ({
      id: `peg-${foot.id}-${i + 1}`,
      kind: 'foot pegged',
      places: [at],
      parts: [foot.id],
      fixings: [{ stock: 'ground-peg', count: 1 }],
    })),
  );
  return together(
    front,
    back,
    { joints: [hinged, ...pegs] },
    ...o.closes.map((end) => endSheet(t, { no, end, atMm: end === 'near' ? fromMm : fromMm + longMm }, front, back)),
  );
}
/** A leaf of a hinge reaches so far up the edge of a strip, as a share of its thickness (from memory). */
const LEAF_OF_HINGE = 0.6;

/** Clear sheet cut to the outline of the two leaves from their end, screwed to the strips across them. */
function endSheet(
  t: Tents,
  o: { no: number; end: 'near' | 'far'; atMm: number },
  front: Panel,
  back: Panel,
): Assembled {
  const { leanRad } = t.leaning;
  const half = t.widthMm / 2;
  const [lip, out] = [t.strip.thickMm * Math.cos(leanRad), t.strip.thickMm * Math.sin(leanRad)];
  const sheet = sheetOf({
    id: `tent-${o.no}-${o.end}`,
    role: 'end sheet',
    of: t.glazing,
    base: flatBase(add(onGround(t.ground, o.atMm, t.yMm), [0, -half, 0]), [0, 1, 0], t.widthMm),
    up: squareUp(t.ground),
    heightMm: t.highMm + lip,
    outline: [
      [out, 0],
      [t.widthMm - out, 0],
      [t.widthMm, lip],
      [half + out, t.highMm + lip],
      [half - out, t.highMm + lip],
      [0, lip],
    ],
    uprightsMm: [],
    levelsMm: [],
  });
  const inwards = scale(wayAlong(t.ground), o.end === 'near' ? 1 : -1);
  // The strip across a leaf that its end is: the first of the front one is the last of the back one.
  const [strips, last] = [
    [front.bars[0], back.bars.at(-1)],
    [front.bars.at(-1), back.bars[0]],
  ] as [readonly [Bar, Bar], readonly [Bar, Bar]];
  const across = o.end === 'near' ? strips : last;
  const face = (bar: Bar): Point[] =>
    SCREWS_AT.map((share) => {
      const middle = add(scale(bar.from, 1 - share), scale(bar.to, share));
      return add(middle, scale(inwards, -t.strip.wideMm / 2));
    });
  return {
    parts: [sheet],
    joints: [
      {
        id: `${sheet.id}-screwed`,
        kind: 'end closed',
        places: across.map((bar) => face(bar)[0] as Point),
        parts: [sheet.id, ...across.map(({ id }) => id)],
        fixings: across.flatMap((bar) =>
          washered(sheet.id, { id: bar.id, thickMm: t.strip.wideMm }, inwards, face(bar), t.setting),
        ),
      },
    ],
  };
}
/** Two screws in each strip, at these shares of its length (from memory). */
const SCREWS_AT = [0.35, 0.65];
