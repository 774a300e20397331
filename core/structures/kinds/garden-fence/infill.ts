import type { Joint } from '../../../design/design';
import { onSheet, sheetOf, type Sheet } from '../../../design/shapes/sheet';
import { lengthOf, line, type Curve } from '../../../geometry/curve';
import { add, dot, scale, unit, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { together, type Assembled } from '../../assemblies/assembly';
import { halvedFrame, meshOnFrame } from '../../assemblies/halved-frame';
import { rollOf } from '../../rules/barrier';
import type { SetPost } from '../../assemblies/set-post';
import { alongEvery, washered } from '../../rules/fixings';
import { boardBays } from './boards';
import { hurdleBay } from './hurdles';
import { picketBays } from './pickets';
import { bayLevel, isAskew, isStiff, isWood, looseOf, lowOf, type Fence } from './fence';
import { BOARD_UP_MM } from './knobs';
import { baysAbout, onLeg, place, turnAt, type Bay, type FencePost } from '../../rules/run';

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

/** Aprons of two runs leave a wedge open outside a corner: a piece of the same mesh over both closes it. */
export function cornerAprons(f: Fence): Assembled {
  if (f.v.infill !== 'mesh' || f.v.dig !== 'apron') return together();
  const wide = f.v.below;
  return together(
    ...f.run.posts.flatMap((post): Assembled[] => {
      const { before, after } = baysAbout(f.run, post);
      if (!before || !after || before.guest !== null || after.guest !== null) return [];
      const turn = turnAt(before.leg, after.leg);
      // The garden is on the left: a turn to the left opens the outside.
      if (turn < WEDGE_RAD) return [];
      const back = Math.min(0, Math.cos(turn)) * wide;
      const at = (along: number, out: number): Point =>
        onLeg(before.leg, place(post, before) + along, 3, -f.faceMm / 2 - out);
      const piece = sheetOf({
        id: `apron-${post.id}`,
        role: 'apron',
        of: rollOf(f.setting, f.v.mesh),
        base: line(at(-wide / 2, back), at(wide, back)),
        up: [-before.leg.out[0], -before.leg.out[1], 0],
        heightMm: wide - back,
      });
      return [
        {
          parts: [piece],
          joints: [
            {
              id: `pegs-${post.id}`,
              kind: 'apron pegged',
              // Halfway out, and at the foot of the post.
              places: [onSheet(piece, wide / 2, (wide - back) / 2), onSheet(piece, wide / 2, -back)],
              parts: [piece.id, post.id],
              fixings: [{ stock: 'ground-peg', count: 2 }],
            },
          ],
        },
      ];
    }),
  );
}
/** Less of a turn leaves a wedge that nobody digs in (from memory). */
const WEDGE_RAD = Math.PI / 18;

/** Fills every bay but the gateway. */
export function fillBays(f: Fence): Assembled {
  const open = f.run.bays.filter((bay) => bay.guest === null);
  const each =
    f.v.infill === 'mesh'
      ? stretches(f, open).map((group) => stretchMesh(f, group))
      : f.v.infill === 'framed'
        ? open.map((bay) => (clearOf(f, bay) < LEAST_FRAME * f.rail.wideMm ? slitBay : frameBay)(f, bay))
        : f.v.infill === 'pickets'
          ? picketBays(f, open)
          : f.v.infill === 'hurdles'
            ? open.map((bay) => hurdleBay(f, bay))
            : boardBays(f, open);
  return together(...each);
}

/**
 * Neighbouring bays of one run that one length of mesh covers; stepped ones each by themselves. Where a roll ends the
 * next begins on the same post, both over its whole face.
 */
function stretches(f: Fence, bays: readonly Bay[]): Bay[][] {
  const rolls = [f.v.mesh, lowOf(f.v)].flatMap((id) => (id === null ? [] : [f.setting.sizesOf(id).at(-1) ?? Infinity]));
  const longest = Math.min(...rolls);
  const groups: Bay[][] = [];
  for (const bay of bays) {
    const last = groups.at(-1);
    const before = last?.at(-1);
    const joins = last && before && !f.stepped && before.leg === bay.leg && before.to === bay.from;
    if (joins && lengthOf(meshLine(f, last[0] as Bay, bay, 0)) <= longest) last.push(bay);
    else groups.push([bay]);
  }
  return groups;
}

function stretchMesh(f: Fence, group: readonly Bay[]): Assembled {
  const [first, last] = [group[0] as Bay, group.at(-1) as Bay];
  const tag = first.key;
  const posts = [first.from, ...group.map((bay) => bay.to)];
  const buried = f.v.dig === 'buried' ? f.v.below : 0;
  const low = lowOf(f.v);
  const hung = (role: 'mesh' | 'low mesh', roll: string, buriedMm: number, aboveMm: number, toMm: number) => {
    const mesh = meshSheet(f, first, last, {
      id: `${role === 'mesh' ? 'mesh' : 'low'}-${tag}`,
      role,
      roll,
      buriedMm,
      aboveMm,
    });
    return {
      parts: [mesh],
      joints: posts.map((post) => hangOn(f, mesh, post, first, Math.min(toMm, mesh.heightMm - buriedMm))),
    };
  };
  const main = hung('mesh', f.v.mesh, low === null ? buried : 0, f.v.height, f.v.height - looseOf(f.v));
  const lowMm = low === null ? 0 : Math.min(f.v.height, rollOf(f.setting, low).heightMm - buried);
  return together(
    main,
    low !== null && hung('low mesh', low, buried, lowMm, lowMm),
    f.v.dig === 'apron' && apronOf(f, first, last, tag, main.parts[0] as Sheet),
  );
}

/** Along the outer face of the posts, from the far edge of the first to the far edge of the last, so far over the soil or over one level. */
function meshLine(f: Fence, first: Bay, last: Bay, upMm: number, level: number | null = null): Curve {
  const half = f.faceMm / 2;
  const at = (post: FencePost, bay: Bay, past: number): Point => {
    const [x, y, z] = onLeg(bay.leg, place(post, bay) + past, 0, -half);
    return [x, y, (level ?? z) + upMm];
  };
  return line(at(first.from, first, -half), at(last.to, last, half));
}

/** Mesh on the outer face of the posts, as much of its height as is over the soil and in it. */
function meshSheet(
  f: Fence,
  first: Bay,
  last: Bay,
  o: { id: string; role: string; roll: string; buriedMm: number; aboveMm: number },
): Sheet {
  const roll = rollOf(f.setting, o.roll);
  return sheetOf({
    id: o.id,
    role: o.role,
    of: roll,
    base: meshLine(f, first, last, -o.buriedMm, f.stepped ? bayLevel(first, true).baseFrom : null),
    heightMm: Math.min(roll.heightMm, o.aboveMm + o.buriedMm),
  });
}

/** The lower part of the same mesh, bent outward on the soil and pegged. */
function apronOf(f: Fence, first: Bay, last: Bay, tag: string, main: Sheet): Assembled {
  const apron = sheetOf({
    id: `apron-${tag}`,
    role: 'apron',
    of: rollOf(f.setting, f.v.mesh),
    board: main.id,
    base: meshLine(f, first, last, 2),
    up: [-first.leg.out[0], -first.leg.out[1], 0],
    heightMm: f.v.below,
  });
  return {
    parts: [apron],
    joints: [
      {
        id: `pegs-${tag}`,
        kind: 'apron pegged',
        places: [
          onSheet(apron, apron.cutMm / 2, apron.heightMm / 2),
          onSheet(apron, apron.cutMm / 2, 0),
          onSheet(main, main.cutMm / 2, 0),
        ],
        parts: [apron.id, main.id],
        fixings: [{ stock: 'ground-peg', count: alongEvery(apron.cutMm, PEG_EVERY_MM) }],
      },
    ],
  };
}

/** Clips, staples or, for welded mesh that would work them loose, screws and washers up a post, as high as the mesh is held. */
function hangOn(f: Fence, sheet: Sheet, post: FencePost, bay: Bay, highMm: number): Joint {
  const bar = f.bars.get(post.id) as SetPost;
  const wood = isWood(bar);
  const count = alongEvery(highMm, wood ? STAPLE_EVERY_MM : CLIP_EVERY_MM);
  const base = f.stepped ? bayLevel(bay, true).baseFrom : post.at[2];
  const [x, y] = onLeg(bay.leg, place(post, bay), 0, -f.faceMm / 2);
  const places = Array.from({ length: count }, (_, n): Point => [
    x,
    y,
    base + highMm * (0.04 + (0.92 * n) / (count - 1)),
  ]);
  return {
    id: `${sheet.id}-${post.id}`,
    kind: `${sheet.role} to post`,
    places,
    parts: [sheet.id, post.id],
    fixings: !wood
      ? [{ stock: 'post-clip', count }]
      : isStiff(f, sheet.stock)
        ? washered(sheet.id, bar, bay.leg.out, places, f.setting)
        : [{ stock: 'staple-fence', count, drive: { through: sheet.id, into: post.id, way: bay.leg.out, places } }],
  };
}

/**
 * How far a post stands out along a run, within half the thickness of a frame to both sides of its line: half its face,
 * and more where it is set square to another run (a square of half-width h turned by θ reaches (h + y sin θ) / cos θ and
 * (h − y cos θ) / sin θ, the nearer of both, at a distance y from its middle).
 */
function standsOut(f: Fence, post: FencePost, bay: Bay): number {
  const [half, y] = [f.faceMm / 2, f.rail.thickMm / 2];
  const { wide } = f.bars.get(post.id) as SetPost;
  const [cos, sin] = [
    Math.abs(dot(wide, bay.leg.along)),
    Math.abs(wide[0] * bay.leg.along[1] - wide[1] * bay.leg.along[0]),
  ];
  const at = (off: number): number =>
    Math.min(cos > 1e-6 ? (half + off * sin) / cos : Infinity, sin > 1e-6 ? (half - off * cos) / sin : Infinity);
  // Its corner, where that is within the thickness.
  const corner = half * (cos - sin);
  return Math.max(at(-y), at(y), ...(Math.abs(corner) <= y ? [at(corner)] : []));
}

/** Clear between the posts of a bay, where a frame goes. mm. */
const clearOf = (f: Fence, bay: Bay): number =>
  place(bay.to, bay) - place(bay.from, bay) - standsOut(f, bay.from, bay) - standsOut(f, bay.to, bay);

/** A frame narrower than so many of its stiles is none (from memory). */
const LEAST_FRAME = 3;

/** Beside a gate a slit may be left that no frame fits into: mesh from post to post closes it. */
function slitBay(f: Fence, bay: Bay): Assembled {
  const mesh = meshSheet(f, bay, bay, {
    id: `mesh-${bay.key}`,
    role: 'mesh',
    roll: f.v.mesh,
    buriedMm: 0,
    aboveMm: f.v.height,
  });
  return { parts: [mesh], joints: [bay.from, bay.to].map((post) => hangOn(f, mesh, post, bay, f.v.height)) };
}

/** A frame between two posts, mesh on the outside with screws and washers, screwed aslant to both. */
function frameBay(f: Fence, bay: Bay): Assembled {
  const tag = bay.key;
  const { wideMm, thickMm } = f.rail;
  const { out, along } = bay.leg;
  const base = bayLevel(bay, f.stepped).baseFrom + BOARD_UP_MM;
  // Two rails have room over each other, however low.
  const high = Math.max(2.2 * wideMm, f.v.height - BOARD_UP_MM);
  const from = place(bay.from, bay) + standsOut(f, bay.from, bay);
  const clear = Math.max(LEAST_FRAME * wideMm, clearOf(f, bay));
  const at = (right: number, up: number, outMm = 0): Point => {
    const [x, y] = onLeg(bay.leg, from + right, 0, -outMm);
    return [x, y, base + up];
  };
  const frame = halvedFrame({
    plane: { at, right: along, up: UP, inwards: out },
    of: f.rail,
    wideMm: clear,
    highMm: high,
    ids: {
      uprights: [`frame-stile1-${tag}`, `frame-stile2-${tag}`],
      levels: [`frame-foot-${tag}`, `frame-head-${tag}`],
    },
    roles: { upright: 'frame side', level: 'frame side' },
    keeps: 'uprights',
    kind: 'frame joined',
    screws: 4,
    setting: f.setting,
  });
  const sides = [...frame.levels, ...frame.uprights];
  const held = ([bay.from, bay.to] as const).map((post, n): Joint => {
    const [stile, ups] = [frame.uprights[n as 0 | 1], ASLANT_UP[n as 0 | 1].map((share) => share * high)];
    const right = n === 0 ? ASLANT_IN * thickMm : clear - ASLANT_IN * thickMm;
    const heads = ups.map((up) => at(right, up, thickMm / 2));
    // From the outside, aslant through the edge of the stile into the side of the post; into the middle of one that stands askew.
    const [x, y] = heads[0] as Point;
    const way = isAskew(f, post, bay)
      ? unit([post.at[0] - x, post.at[1] - y, 0])
      : unit(add(out, scale(along, n === 0 ? -1 : 1)));
    return {
      id: `frame-${tag}-${post.id}`,
      kind: 'frame to post',
      places: ups.map((up) => at(n === 0 ? 0 : clear, up)),
      parts: [post.id, stile.id],
      fixings: [
        {
          stock: 'screw-short',
          count: ups.length,
          drive: { through: stile.id, into: post.id, way, places: heads },
        },
      ],
    };
  });
  return together(
    { parts: sides, joints: [...frame.joints, ...held] },
    meshOnFrame(frame, f.v.mesh, f.setting, { id: `mesh-${tag}`, role: 'mesh', kind: 'mesh to frame', on: sides }),
  );
}
