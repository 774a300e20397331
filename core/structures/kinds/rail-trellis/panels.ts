import { meshesAcross } from '../../../catalogue/stock';
import type { Fixing, Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { cornerOf, flatBase, type Sheet } from '../../../design/shapes/sheet';
import { ALONG, UP, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
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

function sheet(
  t: Trellis,
  id: string,
  role: 'panel' | 'shelf',
  corner: Point,
  meshes: number,
  lengthMm: number,
  up: Point,
  heightMm: number,
  levels: readonly number[],
): Sheet {
  const stub =
    lengthMm >= t.panel.lengthMm - 1 ? t.panel.edgeMm : Math.max(0, (lengthMm - meshes * t.panel.pitchMm) / 2);
  return {
    shape: 'sheet',
    id,
    role,
    stock: t.panel.id,
    cutMm: lengthMm,
    meshes: Math.max(1, meshes),
    base: flatBase(corner, ALONG, lengthMm),
    up,
    heightMm,
    levelsMm: levels,
    wireMm: t.panel.wireMm,
    uprightsMm: Array.from({ length: meshes + 1 }, (_, n) => stub + n * t.panel.pitchMm),
  };
}

/** One panel to a bay, inside the front rails, as many whole meshes as the clear gap holds. */
export function panelsBetween(t: Trellis, rails: readonly Rail[]): { parts: Part[]; joints: Joint[] } {
  const parts: Part[] = [];
  const joints: Joint[] = [];
  t.postsAt.slice(1).forEach((to, i) => {
    const from = (t.postsAt[i] as number) + t.postMm / 2;
    const clear = to - t.postMm / 2 - from;
    const most = meshesAcross(t.panel);
    const meshes = Math.max(1, Math.min(most, Math.floor((clear + 0.5) / t.panel.pitchMm)));
    const onWire =
      meshes === most
        ? Math.min(t.panel.lengthMm, Math.max(clear, meshes * t.panel.pitchMm))
        : meshes * t.panel.pitchMm;
    const length = t.v.cutAt === 'gap' ? Math.min(clear, t.panel.lengthMm) : onWire;
    const corner: Point = [from + (clear - length) / 2, t.y - t.postMm / 2 + t.panel.wireMm, t.lowMm];
    const part = sheet(t, `panel-${i + 1}`, 'panel', corner, meshes, length, UP, t.panel.heightMm, t.panel.levelsMm);
    parts.push(part);
    for (const level of ['bottom', 'top'] as const) {
      const held = railsAt(rails, level, -1, corner[0], corner[0] + length);
      const places = screwPlaces(t, level, corner[0], length, corner[1], held);
      joints.push({
        id: `${part.id}-${level}`,
        kind: 'panel to rail',
        places,
        parts: [part.id, ...held.map((one) => one.bar.id)],
        fixings: panelFixings(t.v, part.id, [0, -1, 0], places, held),
      });
    }
  });
  return { parts, joints };
}

/** Whole panels end to end on the face of the back rails (of the front ones where there are no others); the last is cut beside a wire. */
export function panelsBehind(
  t: Trellis,
  rails: readonly Rail[],
  posts: readonly Bar[],
): { parts: Part[]; joints: Joint[] } {
  const parts: Part[] = [];
  const joints: Joint[] = [];
  const side = t.sides.at(-1) as -1 | 1;
  const y = t.y + side * (t.postMm / 2 + t.rail.thickMm + t.panel.wireMm);
  const end = (t.postsAt.at(-1) as number) + t.postMm / 2;
  const across = meshesAcross(t.panel);
  for (let from = 0, i = 1; from < end - t.panel.pitchMm; i++) {
    const meshes = Math.max(1, Math.min(across, Math.floor((end - from + 0.5) / t.panel.pitchMm)));
    const length =
      meshes === across && end - from >= t.panel.lengthMm - 0.5 ? t.panel.lengthMm : meshes * t.panel.pitchMm;
    const part = sheet(
      t,
      `panel-${i}`,
      'panel',
      [from, y, t.lowMm],
      meshes,
      length,
      UP,
      t.panel.heightMm,
      t.panel.levelsMm,
    );
    parts.push(part);
    for (const level of ['bottom', 'top'] as const) {
      const held = railsAt(rails, level, side, from, from + length);
      const places = screwPlaces(t, level, from, length, y, held);
      joints.push({
        id: `${part.id}-${level}`,
        kind: 'panel to rail',
        places,
        parts: [part.id, ...held.map((one) => one.bar.id)],
        fixings: panelFixings(t.v, part.id, [0, -side, 0], places, held),
      });
    }
    for (const [n, post] of posts.entries()) {
      const at = t.postsAt[n] as number;
      if (at >= from - 1 && at < from + length)
        joints.push({
          id: `${part.id}-${post.id}`,
          kind: 'panel to post',
          places: [0, 1, 2].map((n) => [at, y, t.lowMm + (n * t.panel.heightMm) / 2]),
          parts: [part.id, post.id],
          fixings: [{ stock: 'tie-wire', count: TIES_A_POST, eachMm: TIE_MM }],
        });
    }
    from += length;
  }
  return { parts, joints };
}

/** Strips of a panel split lengthways lie flat across the rails of both sides. */
export function layShelves(t: Trellis, rails: readonly Rail[]): { parts: Part[]; joints: Joint[] } {
  const parts: Part[] = [];
  const joints: Joint[] = [];
  const wide = t.panel.heightMm / STRIPS;
  const levels = Array.from({ length: 3 }, (_, i) => (i * wide) / 2);
  for (const level of t.v.shelf === 'both' ? (['bottom', 'top'] as const) : (['top'] as const)) {
    const z = level === 'top' ? t.highMm : t.lowMm + t.rail.wideMm;
    t.postsAt.slice(1).forEach((to, i) => {
      const from = (t.postsAt[i] as number) + t.postMm / 2;
      const clear = to - t.postMm / 2 - from;
      const meshes = Math.max(1, Math.min(meshesAcross(t.panel), Math.floor((clear + 0.5) / t.panel.pitchMm)));
      const length = meshes * t.panel.pitchMm;
      // Four strips come out of one panel: it is bought for the first of them.
      const first = parts.length - (parts.length % STRIPS);
      const strip: Sheet = {
        ...(parts.length % STRIPS === 0 ? {} : { board: (parts[first] as Part).id }),
        ...sheet(
          t,
          `shelf-${level}-${i + 1}`,
          'shelf',
          [from + (clear - length) / 2, t.y - wide / 2, z],
          meshes,
          length,
          [0, 1, 0],
          wide,
          levels,
        ),
      };
      parts.push(strip);
      const held = t.sides.map((side) => railsAt(rails, level, side, from, from + length));
      const edges = held.map((some, n) =>
        alongPlaces(cornerOf(strip)[0], length, rowMmOf(t), some).map((x): Point => [
          x,
          t.y + ((t.sides[n] as number) * (t.postMm + t.rail.thickMm)) / 2,
          z,
        ]),
      );
      joints.push({
        id: `${strip.id}-rails`,
        kind: 'shelf to rail',
        places: edges.flat(),
        parts: [strip.id, ...held.flat().map((one) => one.bar.id)],
        fixings: held.flatMap((some, n) =>
          onRails(edges[n] ?? [], some).map(({ rail, own }): Fixing => ({
            stock: 'staple-fence',
            count: own.length,
            drive: { through: strip.id, into: rail.bar.id, way: [0, 0, -1], places: own },
          })),
        ),
      });
    });
  }
  return { parts, joints };
}
