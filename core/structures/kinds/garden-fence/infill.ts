import { stockOf } from '../../../catalogue/catalogue';
import type { Joint } from '../../../design/design';
import { plumbEnds, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { flatBase, onSheet, type Sheet } from '../../../design/shapes/sheet';
import { add, reach, scale, unit, minus, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { lastingTimber } from '../../rules/timber-knobs';
import { alongEvery, screwThrough, washered, washersAlong } from '../../rules/fixings';
import { onLeg, type Bay, type FencePost } from './run';
import { BOARD_UP_MM, bayLevel, looseOf, lowOf, type Fence } from './fence';

/** Staples or clips up a post, and washers round a frame (from memory). mm. */
const STAPLE_EVERY_MM = inches(8);
const CLIP_EVERY_MM = inches(12);
/** Screws through a stile into a post: as shares of the height of a frame, and so many thicknesses from the post (from memory). */
const ASLANT_UP = [
  [0.15, 0.5, 0.85],
  [0.2, 0.55, 0.8],
] as const;
/** What goes aslant into a frame starts so far in, as a share of its thickness (from memory). */
const ASLANT_IN = 0.58;
/** Pegs along an apron (from memory). mm. */
const PEG_EVERY_MM = inches(36);

interface Filled {
  parts: Part[];
  joints: Joint[];
}

/** Fills every bay but the gateway. */
export function fillBays(f: Fence): Filled {
  const open = f.run.bays.filter((bay) => bay.guest === null);
  const each =
    f.v.infill === 'mesh'
      ? stretchMesh(f, open)
      : f.v.infill === 'framed'
        ? open.map((bay, i) => (clearOf(f, bay) < LEAST_FRAME * f.rail.wideMm ? slitBay : frameBay)(f, bay, i))
        : boardBays(f, open);
  return { parts: each.flatMap((one) => one.parts), joints: each.flatMap((one) => one.joints) };
}

const tagOf = (bay: Bay, i: number): string => `r${bay.leg.index + 1}-${i + 1}`;

/** Neighbouring bays of one run that one length of mesh covers; stepped ones each by themselves. */
function stretches(f: Fence, bays: readonly Bay[]): Bay[][] {
  const groups: Bay[][] = [];
  for (const bay of bays) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    if (last && before && !f.stepped && before.leg === bay.leg && before.to === bay.from) last.push(bay);
    else groups.push([bay]);
  }
  return groups;
}

function stretchMesh(f: Fence, bays: readonly Bay[]): Filled[] {
  return stretches(f, bays).map((group, i): Filled => {
    const [first, last] = [group[0] as Bay, group.at(-1) as Bay];
    const tag = tagOf(first, i);
    const posts = [first.from, ...group.map((bay) => bay.to)];
    const parts: Part[] = [];
    const joints: Joint[] = [];
    const buried = f.v.dig === 'buried' ? f.v.below : 0;
    const low = lowOf(f.v);
    const main = meshSheet(f, first, last, `mesh-${tag}`, 'mesh', f.v.mesh, low !== null ? 0 : buried, f.v.height);
    parts.push(main);
    joints.push(...posts.map((post) => hangOn(f, main, post, first, 'mesh to post', f.v.height - looseOf(f.v))));
    if (low !== null) {
      const roll = stockOf(f.setting.catalogue, low, 'mesh roll');
      const high = Math.min(f.v.height, roll.heightMm - buried);
      const fine = meshSheet(f, first, last, `low-${tag}`, 'low mesh', low, buried, high);
      parts.push(fine);
      joints.push(...posts.map((post) => hangOn(f, fine, post, first, 'low mesh to post', high)));
    }
    if (f.v.dig === 'apron') {
      const apron = apronSheet(f, first, last, tag, main);
      const pegs = alongEvery(apron.cutMm, PEG_EVERY_MM);
      parts.push(apron);
      joints.push({
        id: `pegs-${tag}`,
        kind: 'apron pegged',
        places: [
          onSheet(apron, apron.cutMm / 2, apron.heightMm / 2),
          onSheet(apron, apron.cutMm / 2, 0),
          onSheet(main, main.cutMm / 2, 0),
        ],
        parts: [apron.id, main.id],
        fixings: [{ stock: 'ground-peg', count: pegs }],
      });
    }
    return { parts, joints };
  });
}

/** Along its own leg, level. */
const place = (post: FencePost, bay: Bay): number =>
  Math.hypot(post.at[0] - bay.leg.from[0], post.at[1] - bay.leg.from[1]);

/** Mesh on the outer face of the posts, as much of its height as is over the soil and in it. */
function meshSheet(
  f: Fence,
  first: Bay,
  last: Bay,
  id: string,
  role: string,
  stock: string,
  buriedMm: number,
  aboveMm: number,
): Sheet {
  const roll = stockOf(f.setting.catalogue, stock, 'mesh roll');
  const level = f.stepped ? bayLevel(first, true).baseFrom : null;
  const out = -f.faceMm / 2;
  const at = (post: FencePost, bay: Bay): Point => {
    const [x, y, z] = onLeg(bay.leg, place(post, bay), 0, out);
    return [x, y, (level ?? z) - buriedMm];
  };
  const [from, to] = [at(first.from, first), at(last.to, last)];
  const cutMm = Math.max(1, reach(from, to));
  const heightMm = Math.min(roll.heightMm, aboveMm + buriedMm);
  const count = Math.max(1, Math.round(cutMm / roll.openingMm));
  const rungs = Math.max(1, Math.round(heightMm / roll.stepMm));
  return {
    shape: 'sheet',
    id,
    role,
    stock,
    base: flatBase(from, unit(minus(to, from)), cutMm),
    up: UP,
    cutMm,
    heightMm,
    uprightsMm: Array.from({ length: count + 1 }, (_, n) => (n * cutMm) / count),
    levelsMm: Array.from({ length: rungs + 1 }, (_, n) => (n * heightMm) / rungs),
    wireMm: roll.wireMm,
    meshes: 0,
  };
}

/** The lower part of the same mesh, bent outward on the soil. */
function apronSheet(f: Fence, first: Bay, last: Bay, tag: string, main: Sheet): Sheet {
  const roll = stockOf(f.setting.catalogue, f.v.mesh, 'mesh roll');
  const out = -f.faceMm / 2;
  const from = onLeg(first.leg, place(first.from, first), 2, out);
  const to = onLeg(last.leg, place(last.to, last), 2, out);
  const cutMm = Math.max(1, reach(from, to));
  const count = Math.max(1, Math.round(cutMm / roll.openingMm));
  const rungs = Math.max(1, Math.round(f.v.below / roll.stepMm));
  return {
    shape: 'sheet',
    id: `apron-${tag}`,
    role: 'apron',
    stock: f.v.mesh,
    board: main.id,
    base: flatBase(from, unit(minus(to, from)), cutMm),
    up: [-first.leg.out[0], -first.leg.out[1], 0],
    cutMm,
    heightMm: f.v.below,
    uprightsMm: Array.from({ length: count + 1 }, (_, n) => (n * cutMm) / count),
    levelsMm: Array.from({ length: rungs + 1 }, (_, n) => (n * f.v.below) / rungs),
    wireMm: roll.wireMm,
    meshes: 0,
  };
}

function hangOn(f: Fence, sheet: Sheet, post: FencePost, bay: Bay, kind: string, highMm: number): Joint {
  const every = f.timber ? STAPLE_EVERY_MM : CLIP_EVERY_MM;
  const count = alongEvery(highMm, every);
  const base = f.stepped ? bayLevel(bay, true).baseFrom : post.at[2];
  const [x, y] = onLeg(bay.leg, place(post, bay), 0, -f.faceMm / 2);
  const places = Array.from({ length: count }, (_, n): Point => [
    x,
    y,
    base + highMm * (0.04 + (0.92 * n) / (count - 1)),
  ]);
  return {
    id: `${sheet.id}-${post.id}`,
    kind,
    places,
    parts: [sheet.id, post.id],
    fixings: f.timber
      ? [{ stock: 'staple-fence', count, drive: { through: sheet.id, into: post.id, way: bay.leg.out, places } }]
      : [{ stock: 'post-clip', count }],
  };
}

/** Clear between the faces of the posts of a bay. mm. */
const clearOf = (f: Fence, bay: Bay): number => place(bay.to, bay) - place(bay.from, bay) - f.faceMm;

/** A frame narrower than so many of its stiles is none (from memory). */
const LEAST_FRAME = 3;

/** Beside a gate a slit may be left that no frame fits into: mesh from post to post closes it. */
function slitBay(f: Fence, bay: Bay, i: number): Filled {
  const mesh = meshSheet(f, bay, bay, `mesh-${tagOf(bay, i)}`, 'mesh', f.v.mesh, 0, f.v.height);
  return {
    parts: [mesh],
    joints: [bay.from, bay.to].map((post) => hangOn(f, mesh, post, bay, 'mesh to post', f.v.height)),
  };
}

/** A frame between two posts: two rails and two stiles, halved into each other at the corners, mesh on the outside with screws and washers. */
function frameBay(f: Fence, bay: Bay, i: number): Filled {
  const tag = tagOf(bay, i);
  const { wideMm, thickMm, id: stock } = f.rail;
  const base = bayLevel(bay, f.stepped).baseFrom + BOARD_UP_MM;
  // Two rails have room over each other, however low.
  const high = Math.max(2.2 * wideMm, f.v.height - BOARD_UP_MM);
  const a = place(bay.from, bay) + f.faceMm / 2;
  const b = place(bay.to, bay) - f.faceMm / 2;
  const clear = Math.max(LEAST_FRAME * wideMm, b - a);
  const at = (along: number, up: number): Point => {
    const [x, y] = onLeg(bay.leg, along);
    return [x, y, base + up];
  };
  const notch: EndCut = { cut: 'notch', longMm: wideMm, deepMm: thickMm / 2, off: 1 };
  const side = (name: string, from: Point, to: Point, wide: Point): Bar =>
    barOf({
      id: `${name}-${tag}`,
      role: 'frame side',
      of: { id: stock, wideMm: wideMm, thickMm: thickMm },
      from,
      to,
      wide,
      cutMm: Math.max(1, reach(from, to)),
      ends: [notch, notch],
    });
  const rails = [
    side('frame-foot', at(a, wideMm / 2), at(a + clear, wideMm / 2), UP),
    side('frame-head', at(a, high - wideMm / 2), at(a + clear, high - wideMm / 2), UP),
  ];
  const stiles = [a + wideMm / 2, a + clear - wideMm / 2].map((along, n) =>
    side(`frame-stile${n + 1}`, at(along, 0), at(along, high), bay.leg.along),
  );
  const roll = stockOf(f.setting.catalogue, f.v.mesh, 'mesh roll');
  const out = (point: Point): Point => add(point, scale(bay.leg.out, -thickMm / 2));
  const meshHigh = Math.min(high, roll.heightMm);
  const mesh: Sheet = {
    shape: 'sheet',
    id: `mesh-${tag}`,
    role: 'mesh',
    stock: roll.id,
    base: flatBase(out(at(a, 0)), bay.leg.along, clear),
    up: UP,
    cutMm: clear,
    heightMm: meshHigh,
    uprightsMm: Array.from(
      { length: Math.round(clear / roll.openingMm) + 1 },
      (_, n) => (n * clear) / Math.max(1, Math.round(clear / roll.openingMm)),
    ),
    levelsMm: Array.from(
      { length: Math.round(meshHigh / roll.stepMm) + 1 },
      (_, n) => (n * meshHigh) / Math.max(1, Math.round(meshHigh / roll.stepMm)),
    ),
    wireMm: roll.wireMm,
    meshes: 0,
  };
  const screw = screwThrough(f.setting, thickMm / 2, thickMm / 2);
  const held = [...(meshHigh >= high - wideMm ? rails : [rails[0] as Bar]), ...stiles];
  const along = [a + wideMm / 2, a + clear - wideMm / 2] as const;
  const washersOn = (bar: Bar): Point[] => {
    const n = stiles.indexOf(bar);
    if (n >= 0) return washersAlong(out(at(along[n] ?? a, 0)), out(at(along[n] ?? a, meshHigh)), wideMm);
    const up = bar === rails[0] ? wideMm / 2 : high - wideMm / 2;
    return washersAlong(out(at(a, up)), out(at(a + clear, up)), wideMm);
  };
  return {
    parts: [...rails, ...stiles, mesh],
    joints: [
      ...rails.flatMap((rail) =>
        stiles.map((stile, n): Joint => ({
          id: `${rail.id}-${n + 1}`,
          kind: 'frame joined',
          places: [at(along[n] ?? a, rail === rails[0] ? wideMm / 2 : high - wideMm / 2)],
          parts: [rail.id, stile.id],
          fixings: [{ stock: screw, count: 4, drive: { through: stile.id, into: rail.id, way: bay.leg.out } }],
        })),
      ),
      ...([bay.from, bay.to] as const).map((post, n): Joint => ({
        id: `frame-${tag}-${post.id}`,
        kind: 'frame to post',
        places: ASLANT_UP[n === 0 ? 0 : 1].map((share) => at(n === 0 ? a : a + clear, share * high)),
        parts: [post.id, (stiles[n] as Bar).id],
        fixings: [
          {
            stock: 'screw-short',
            count: ASLANT_UP[0].length,
            // From the outside, aslant through the edge of the stile into the side of the post.
            drive: {
              through: (stiles[n] as Bar).id,
              into: post.id,
              way: unit(add(bay.leg.out, scale(bay.leg.along, n === 0 ? -1 : 1))),
              places: ASLANT_UP[n === 0 ? 0 : 1].map((share) =>
                out(at(n === 0 ? a + ASLANT_IN * thickMm : a + clear - ASLANT_IN * thickMm, share * high)),
              ),
            },
          },
        ],
      })),
      {
        id: `${mesh.id}-washers`,
        kind: 'mesh to frame',
        places: [
          out(at(a + clear / 2, wideMm / 2)),
          out(at(a + clear / 2, meshHigh - wideMm / 2)),
          ...[a + wideMm / 2, a + clear - wideMm / 2].map((along) => out(at(along, meshHigh / 2))),
        ],
        parts: [mesh.id, ...held.map((one) => one.id)],
        fixings: held.flatMap((bar) => washered(mesh.id, bar, bay.leg.out, washersOn(bar), f.setting)),
      },
    ],
  };
}

/** Whether a bay is the first after a corner that turns to the right, away from the garden. */
function turnsOut(f: Fence, bay: Bay): boolean {
  if (bay.from.kind === 'line' || place(bay.from, bay) > 1) return false;
  const legs = f.run.legs;
  const before = f.setting.place.closed ? legs.at(bay.leg.index - 1) : legs[bay.leg.index - 1];
  if (!before || before === bay.leg) return false;
  return before.along[0] * bay.leg.along[1] - before.along[1] * bay.leg.along[0] < -1e-9;
}

/** Level (or raked) boards on the outer faces of the posts, from the middle of one post to the middle of the next; to the outside of the last. */
function boardBays(f: Fence, bays: readonly Bay[]): Filled[] {
  const board = stockOf(f.setting.catalogue, lastingTimber(f.setting, f.v.board), 'timber');
  const pitch = board.wideMm + f.v.boardGap;
  const count = Math.max(1, Math.floor((f.v.height - BOARD_UP_MM + f.v.boardGap + 0.5) / pitch));
  const screw = screwThrough(f.setting, board.thickMm, f.faceMm);
  return bays.map((bay, i): Filled => {
    // After a corner that turns away from the garden the outer faces of two runs would cross: there one bay has its boards within.
    const side = turnsOut(f, bay) ? 1 : -1;
    const out = side * (f.faceMm / 2 + board.thickMm / 2);
    const tag = tagOf(bay, i);
    const reachPast = (post: FencePost): number => (post.kind === 'line' ? 0 : f.faceMm / 2);
    const level = f.stepped ? bayLevel(bay, true).baseFrom : null;
    const at = (along: number, up: number, outMm: number): Point => {
      const [x, y, z] = onLeg(bay.leg, along, 0, outMm);
      return [x, y, (level ?? z) + up];
    };
    const [a, b] = [place(bay.from, bay) - reachPast(bay.from), place(bay.to, bay) + reachPast(bay.to)];
    const slope = level === null ? Math.atan2(bay.leg.to[2] - bay.leg.from[2], bay.leg.longMm) : 0;
    const raked = Math.abs(slope) >= 0.005;
    const boards = Array.from({ length: count }, (_, n): Bar => {
      const up = BOARD_UP_MM + n * pitch + board.wideMm / 2;
      const [from, to] = [at(a, up, out), at(b, up, out)];
      return barOf({
        id: `board-${tag}-${n + 1}`,
        role: 'board',
        of: board,
        from,
        to,
        wide: [-Math.sin(slope) * bay.leg.along[0], -Math.sin(slope) * bay.leg.along[1], Math.cos(slope)],
        cutMm: reach(from, to) + (raked ? board.wideMm * Math.tan(Math.abs(slope)) : 0),
        ends: raked ? plumbEnds(slope) : [{ cut: 'square' }, { cut: 'square' }],
      });
    });
    const joints = boards.flatMap((one, n) =>
      [bay.from, bay.to].map((post): Joint => ({
        id: `${one.id}-${post.id}`,
        kind: 'board to post',
        places: [at(place(post, bay), BOARD_UP_MM + n * pitch + board.wideMm / 2, (side * f.faceMm) / 2)],
        parts: [one.id, post.id],
        fixings: [
          { stock: screw, count: 2, drive: { through: one.id, into: post.id, way: scale(bay.leg.out, -side) } },
        ],
      })),
    );
    return { parts: boards, joints };
  });
}
