import { meshesAcross } from '../../../catalogue/stock';
import type { Fixing, Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { cornerOf, flatBase, type Sheet } from '../../../design/shapes/sheet';
import { ALONG, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import { cutPanel } from '../../assemblies/panels';
import type { RailTrellisValues } from './knobs';
import type { Rail, Trellis } from './rails';

/** Five screws and washers carry a 16′ rail's length of panel (common practice, no source). mm between. */
export const SCREW_EVERY_MM = feet(16) / 5;
/** Metal ties hold a panel that runs behind the posts, at three heights (from memory); wire for one, mm. */
export const TIES_A_POST = 3;
const TIE_MM = inches(10);
/** From a panel's end to its outermost screw (from memory). mm. */
const SCREW_IN_MM = inches(1);
/** Staples stand this far from a screw or from each other's middle (from memory). mm. */
const STAPLE_ASIDE_MM = inches(1.5);
/** A panel split lengthways makes four strips (common practice, no source). */
export const STRIPS = 4;

/**
 * Places along a length: where the even steps of the whole row fall into it, the first half a step in, so that
 * a rail over two panels gets five and not three of each; two at the least, and one on each rail that would
 * get none.
 */
function alongPlaces(fromMm: number, lengthMm: number, rowMm: number, rails: readonly Rail[]): number[] {
  const steps = Math.max(1, Math.round(rowMm / SCREW_EVERY_MM));
  const inMm = Math.min(SCREW_IN_MM, lengthMm / 4);
  const row = Array.from({ length: steps }, (_, i) => ((i + 0.5) * rowMm) / steps)
    .filter((at) => at >= fromMm - SCREW_EVERY_MM / 4 && at <= fromMm + lengthMm)
    .map((at) => Math.min(fromMm + lengthMm - inMm, Math.max(fromMm + inMm, at)));
  const even = row.length >= 2 ? row : [fromMm + lengthMm / 4, fromMm + (3 * lengthMm) / 4];
  const missed = rails.filter((rail) => !even.some((x) => x >= rail.fromMm && x <= rail.toMm));
  return [
    ...even,
    ...missed.map((rail) => Math.min(Math.max(fromMm, (rail.fromMm + rail.toMm) / 2), fromMm + lengthMm)),
  ];
}

/** From the outside of the first post to that of the last. mm. */
const rowMmOf = (t: Trellis): number => (t.postsAt.at(-1) ?? 0) + t.postMm / 2;

/** Where a panel is screwed to the rails of one level: on the middle of the rail. */
const screwPlaces = (
  t: Trellis,
  level: Rail['level'],
  fromMm: number,
  lengthMm: number,
  y: number,
  rails: readonly Rail[],
): Point[] =>
  alongPlaces(fromMm, lengthMm, rowMmOf(t), rails).map((x): Point => [
    x,
    y,
    level === 'bottom' ? t.lowMm + t.rail.wideMm / 2 : t.highMm - t.rail.wideMm / 2,
  ]);

/** What holds a panel to the rails of one level: at each place a screw with its washer, or staples on either side of it. */
function panelFixings(
  v: RailTrellisValues,
  panel: string,
  way: Point,
  places: readonly Point[],
  rails: readonly Rail[],
): Fixing[] {
  return onRails(places, rails).flatMap(({ rail, own }): Fixing[] => {
    const into = { through: panel, into: rail.bar.id, way };
    const beside = (ways: readonly number[]): Point[] =>
      own.flatMap(([x, y, z]) => ways.map((to): Point => [onRail(x + to * STAPLE_ASIDE_MM, rail), y, z]));
    const staples = (ways: readonly number[]): Fixing => ({
      stock: 'staple-fence',
      count: ways.length * own.length,
      drive: { ...into, places: beside(ways) },
    });
    if (v.fixing === 'staples') return [staples([-1, 1])];
    return [
      { stock: 'screw-roofing', count: own.length, drive: { ...into, places: own } },
      { stock: 'washer-fender', count: own.length },
      ...(v.fixing === 'more' ? [staples([1])] : []),
    ];
  });
}

/** A place along the row, or the nearest of a rail to it that is far enough from its ends. */
const onRail = (x: number, { fromMm, toMm }: Rail): number =>
  Math.max(fromMm + SCREW_IN_MM, Math.min(toMm - SCREW_IN_MM, x));

/** Places shared out among the rails that lie over them, each moved onto its own; rails without any are left out. */
function onRails(places: readonly Point[], rails: readonly Rail[]): { rail: Rail; own: Point[] }[] {
  const off = (x: number, rail: Rail): number => Math.abs(onRail(x, rail) - x);
  const nearest = (x: number): Rail => rails.reduce((best, rail) => (off(x, rail) < off(x, best) ? rail : best));
  return rails
    .map((rail) => ({
      rail,
      own: places.flatMap(([x, y, z]): Point[] => (nearest(x) === rail ? [[onRail(x, rail), y, z]] : [])),
    }))
    .filter(({ own }) => own.length > 0);
}

const railsAt = (rails: readonly Rail[], level: Rail['level'], side: number, fromMm: number, toMm: number): Rail[] =>
  rails.filter((one) => one.level === level && one.side === side && one.fromMm < toMm - 1 && one.toMm > fromMm + 1);

/** So many whole meshes of the panel over a length, from its corner: whole with its edges, else what is more shared between its ends. */
function pieceOf(t: Trellis, id: string, corner: Point, meshes: number, lengthMm: number): Sheet {
  const stub =
    lengthMm >= t.panel.lengthMm - 1 ? t.panel.edgeMm : Math.max(0, (lengthMm - meshes * t.panel.pitchMm) / 2);
  const at: Point = [corner[0] + stub, corner[1], corner[2]];
  const piece = cutPanel(t.panel, { id, meshes, at, along: ALONG, stubsMm: [stub, stub] });
  return { ...piece, cutMm: lengthMm, base: flatBase(corner, ALONG, lengthMm) };
}

/** How a panel is held to the rails of one side, low and high. */
function toRails(t: Trellis, part: Sheet, side: -1 | 1, rails: readonly Rail[]): Joint[] {
  const [from, y] = cornerOf(part);
  // Between the posts it lies on the inner faces of the rails, else on their outer ones.
  const way: Point = [0, t.v.hang === 'between' ? side : -side, 0];
  return (['bottom', 'top'] as const).map((level) => {
    const held = railsAt(rails, level, side, from, from + part.cutMm);
    const places = screwPlaces(t, level, from, part.cutMm, y, held);
    return {
      id: `${part.id}-${level}`,
      kind: 'panel to rail',
      places,
      parts: [part.id, ...held.map((one) => one.bar.id)],
      fixings: panelFixings(t.v, part.id, way, places, held),
    };
  });
}

/** What is clear in every bay, and how many whole meshes go into it. */
const clearBays = (t: Trellis): { fromMm: number; clearMm: number; meshes: number }[] =>
  t.postsAt.slice(1).map((to, i) => {
    const fromMm = (t.postsAt[i] as number) + t.postMm / 2;
    const clearMm = to - t.postMm / 2 - fromMm;
    const fit = Math.floor((clearMm + 0.5) / t.panel.pitchMm);
    return { fromMm, clearMm, meshes: Math.max(1, Math.min(meshesAcross(t.panel), fit)) };
  });

/** One panel to a bay, inside the front rails, as many whole meshes as the clear gap holds. */
export function panelsBetween(t: Trellis, rails: readonly Rail[]): Assembled & { parts: Sheet[] } {
  const parts = clearBays(t).map(({ fromMm, clearMm, meshes }, i) => {
    const onWires = meshes * t.panel.pitchMm;
    const onWire = meshes === meshesAcross(t.panel) ? Math.min(t.panel.lengthMm, Math.max(clearMm, onWires)) : onWires;
    const length = t.v.cutAt === 'gap' ? Math.min(clearMm, t.panel.lengthMm) : onWire;
    const corner: Point = [fromMm + (clearMm - length) / 2, t.y - t.postMm / 2 + t.panel.wireMm, t.lowMm];
    return pieceOf(t, `panel-${i + 1}`, corner, meshes, length);
  });
  return { parts, joints: parts.flatMap((part) => toRails(t, part, -1, rails)) };
}

/** Whole panels end to end on the face of the back rails (of the front ones where there are no others); the last is cut beside a wire. */
export function panelsBehind(
  t: Trellis,
  rails: readonly Rail[],
  posts: readonly Bar[],
): Assembled & { parts: Sheet[] } {
  const parts: Sheet[] = [];
  const side = t.sides.at(-1) as -1 | 1;
  const y = t.y + side * (t.postMm / 2 + t.rail.thickMm + t.panel.wireMm);
  const end = rowMmOf(t);
  const across = meshesAcross(t.panel);
  for (let from = 0; from < end - t.panel.pitchMm; from += (parts.at(-1) as Sheet).cutMm) {
    const meshes = Math.max(1, Math.min(across, Math.floor((end - from + 0.5) / t.panel.pitchMm)));
    const whole = meshes === across && end - from >= t.panel.lengthMm - 0.5;
    const length = whole ? t.panel.lengthMm : meshes * t.panel.pitchMm;
    parts.push(pieceOf(t, `panel-${parts.length + 1}`, [from, y, t.lowMm], meshes, length));
  }
  const tied = (part: Sheet): Joint[] => {
    const [from] = cornerOf(part);
    const passed = posts.filter((post) => post.to[0] >= from - 1 && post.to[0] < from + part.cutMm);
    return passed.map((post) => ({
      id: `${part.id}-${post.id}`,
      kind: 'panel to post',
      places: [0, 1, 2].map((n) => [post.to[0], y, t.lowMm + (n * t.panel.heightMm) / 2]),
      parts: [part.id, post.id],
      fixings: [{ stock: 'tie-wire', count: TIES_A_POST, eachMm: TIE_MM }],
    }));
  };
  return { parts, joints: parts.flatMap((part) => [...toRails(t, part, side, rails), ...tied(part)]) };
}

/** Strips of a panel split lengthways lie flat across the rails of both sides; four come out of one panel, which is bought for the first of them. */
export function layShelves(t: Trellis, rails: readonly Rail[]): Assembled {
  const wide = t.panel.heightMm / STRIPS;
  const levels = t.v.shelf === 'both' ? (['bottom', 'top'] as const) : (['top'] as const);
  const laid = levels.flatMap((level) =>
    clearBays(t).map(({ fromMm, clearMm, meshes }, i) => {
      const z = level === 'top' ? t.highMm : t.lowMm + t.rail.wideMm;
      const length = meshes * t.panel.pitchMm;
      const corner: Point = [fromMm + (clearMm - length) / 2, t.y - wide / 2, z];
      const flat = { role: 'shelf', up: [0, 1, 0] as const, heightMm: wide, levelsMm: [0, wide / 2, wide] };
      return { level, strip: { ...pieceOf(t, `shelf-${level}-${i + 1}`, corner, meshes, length), ...flat } };
    }),
  );
  const parts = laid.map(({ strip }, i): Sheet => {
    const first = i - (i % STRIPS);
    return i === first ? strip : { ...strip, board: (laid[first] as (typeof laid)[number]).strip.id };
  });
  const joints = laid.map(({ level, strip }): Joint => {
    const [from, , z] = cornerOf(strip);
    const held = t.sides.map((side) => {
      const some = railsAt(rails, level, side, from, from + strip.cutMm);
      const y = t.y + (side * (t.postMm + t.rail.thickMm)) / 2;
      const edge = alongPlaces(from, strip.cutMm, rowMmOf(t), some).map((x): Point => [x, y, z]);
      return { some, edge };
    });
    return {
      id: `${strip.id}-rails`,
      kind: 'shelf to rail',
      places: held.flatMap(({ edge }) => edge),
      parts: [strip.id, ...held.flatMap(({ some }) => some.map((one) => one.bar.id))],
      fixings: held.flatMap(({ some, edge }) =>
        onRails(edge, some).map(({ rail, own }): Fixing => ({
          stock: 'staple-fence',
          count: own.length,
          drive: { through: strip.id, into: rail.bar.id, way: [0, 0, -1], places: own },
        })),
      ),
    };
  });
  return { parts, joints };
}
