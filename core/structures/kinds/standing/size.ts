import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll } from '../../../catalogue/stock';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, type Design, type Hold, type Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { flatBase, sheetOf, threads } from '../../../design/shapes/sheet';
import { add, scale, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { onGround, wayAlong, type Ground } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import type { Sizing } from '../../kind';
import { liesOver, piecesOverPosts, type Stretch } from '../../rules/over-posts';
import { acrossBed } from '../../rules/row';
import { equalBays } from '../../rules/spacing';
import type { BedSetting } from '../../setting';
import type { StandingValues } from './knobs';

/** Stems are tied so often where what they stand at is upright (from memory). mm. */
const TIED_MM = inches(12);
/** Of two lengths of net that follow each other one goes so far past the post they share (from memory). mm. */
const LAP_MM = inches(4);
/** Plants stand so far before it (from memory). mm. */
const BEFORE_MM = inches(3);
/** Threads of mesh, and slats, that are drawn at most. */
const DRAWN = 60;

/** What its own checks ask for. */
export interface StandingFacts {
  rowsAtMm: readonly number[];
}

/** Draws what stands there, plain, at its true size: posts, and what is between them. */
export function sizeStanding(v: StandingValues, setting: BedSetting): Sizing<StandingFacts> {
  const ground = groundOf(setting.place.bed);
  const y = acrossBed(v.rowAt, setting);
  const of = stockOf(setting.catalogue, 'own-post', 'pole');
  const postsAt = equalBays([of.diameterMm / 2, Math.max(of.diameterMm, v.rowLength - of.diameterMm / 2)], v.posts);
  const posts = postsAt.map((at, i) => {
    const foot = onGround(ground, at, y);
    return barOf({ id: `post-${i + 1}`, role: 'post', of, from: foot, to: add(foot, [0, 0, v.top]) });
  });
  const low = Math.min(v.starts, v.top - inches(2));
  const face = y - of.diameterMm / 2;
  const between = {
    mesh: meshOf,
    wires: wiresOf,
    slats: slatsOf,
  }[v.made]({
    v,
    setting,
    posts,
    low,
    at: (along, up) => add(onGround(ground, along, face), [0, 0, up]),
    way: wayAlong(ground),
  });
  const net = v.net === 'none' ? null : hungNet(v, setting, { posts, postsAt }, low, ground, face);
  const rowsAtMm = [face - BEFORE_MM];
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm: v.top,
    rowsAtMm,
    rows: rowsAtMm.map((acrossMm) => ({ acrossMm, side: 'front' as const })),
  });
  return {
    design: placed({
      ...together({ parts: posts }, between, net, { reasons: REASONS }),
      ...row,
      hold: holdOf(v, low, net?.roll ?? null),
      marks: [
        ...row.marks,
        soilChain(ground, 'posts', postsAt),
        chain('elevation', 'z', 'heights', ascending([0, low, v.top])),
      ],
      handles: [
        ...row.handles,
        { knob: 'top', view: 'elevation', at: (posts[0] as Bar).to, axis: 'up' },
        { knob: 'starts', view: 'end', at: [0, face, low], axis: 'up' },
      ],
    }),
    facts: { rowsAtMm },
  };
}

interface Between {
  v: StandingValues;
  setting: BedSetting;
  posts: readonly Bar[];
  low: number;
  at: (along: number, up: number) => Point;
  way: Point;
}

/** How it holds together is its own affair: it does. */
const asItIs = (id: string, places: readonly Point[], parts: readonly string[]): Joint => ({
  id,
  kind: 'as it stands',
  by: 'tied',
  places,
  parts,
  fixings: [],
});

function meshOf({ v, setting, posts, low, at, way }: Between): Assembled {
  const of = stockOf(setting.catalogue, 'own-mesh', 'mesh roll');
  const high = v.top - low;
  const lines = (longMm: number): number[] =>
    threads(longMm, Math.min(DRAWN, Math.max(1, Math.round(longMm / v.apart))));
  const sheet = sheetOf({
    id: 'mesh',
    role: 'mesh',
    of,
    base: flatBase(at(0, low), way, v.rowLength),
    up: UP,
    heightMm: high,
    uprightsMm: lines(v.rowLength),
    levelsMm: lines(high),
  });
  return {
    parts: [sheet],
    joints: posts.map((post) =>
      asItIs(`mesh-${post.id}`, [add(post.from, [0, -post.thickMm / 2, (low + v.top) / 2])], [sheet.id, post.id]),
    ),
  };
}

function wiresOf({ v, setting, posts, low, at }: Between): Assembled {
  const of = stockOf(setting.catalogue, 'own-wire', 'cord');
  const count = Math.max(1, Math.min(DRAWN, Math.floor((v.top - low) / v.apart + 1e-6) + 1));
  const made = Array.from({ length: count }, (_, i) => {
    const up = low + i * v.apart;
    const wire = lineOf({
      id: `wire-${i + 1}`,
      role: 'wire',
      of: { id: of.id, diameterMm: v.thick },
      path: [at(0, up), at(v.rowLength, up)],
    });
    const joints = posts.map((post) =>
      asItIs(`${wire.id}-${post.id}`, [add(post.from, [0, -post.thickMm / 2, up])], [wire.id, post.id]),
    );
    return { wire, joints };
  });
  return { parts: made.map(({ wire }) => wire), joints: made.flatMap(({ joints }) => joints) };
}

function slatsOf({ v, setting, posts, low, at }: Between): Assembled {
  const wire = stockOf(setting.catalogue, 'own-wire', 'cord');
  const count = Math.max(2, Math.min(DRAWN, Math.floor(v.rowLength / (v.apart + v.thick))));
  // They are held by something level, high and low.
  const rails = [low + (v.top - low) / 4, low + (3 * (v.top - low)) / 4].map((up, i) =>
    lineOf({ id: `rail-${i + 1}`, role: 'wire', of: wire, path: [at(0, up), at(v.rowLength, up)] }),
  );
  const slats = Array.from({ length: count }, (_, i) => {
    const along = ((i + 0.5) * v.rowLength) / count;
    return barOf({
      id: `slat-${i + 1}`,
      role: 'slat',
      of: { id: 'own-post', diameterMm: v.thick },
      from: at(along, low),
      to: at(along, v.top),
    });
  });
  return {
    parts: [...rails, ...slats],
    joints: rails.flatMap((rail) => {
      const up = (rail.path[0] as Point)[2] - at(0, 0)[2];
      return [
        ...posts.map((post) =>
          asItIs(`${rail.id}-${post.id}`, [add(post.from, [0, -post.thickMm / 2, up])], [rail.id, post.id]),
        ),
        ...slats.map((one) => asItIs(`${rail.id}-${one.id}`, [add(one.from, scale(UP, up - low))], [rail.id, one.id])),
      ];
    }),
  };
}

/** A net before what stands there, from its first hold to its top, in as many strips over each other as the roll is too low for, tied to every post. */
function hungNet(
  v: StandingValues,
  setting: BedSetting,
  { posts, postsAt }: { posts: readonly Bar[]; postsAt: readonly number[] },
  low: number,
  ground: Ground,
  face: number,
): Assembled & { roll: MeshRoll } {
  const roll = stockOf(setting.catalogue, v.net, 'mesh roll');
  const strips = Math.max(1, Math.ceil((v.top - low) / roll.heightMm - 1e-6));
  const highMm = (v.top - low) / strips;
  const ties = Math.max(2, Math.ceil(highMm / TIED_MM));
  const [{ thickMm } = { thickMm: 0 }] = posts;
  const longest = setting.sizesOf(roll.id).at(-1) ?? v.rowLength;
  const [over, whole] = [v.rowLength <= longest + 0.5, [{ fromMm: 0, toMm: v.rowLength }]];
  // Where no roll is so long, two of them lap on a post.
  const pieces = over ? whole : piecesOverPosts(postsAt, thickMm, longest - LAP_MM);
  const lapMm = over ? 0 : LAP_MM;
  const hung = (n: number, piece: Stretch, m: number): Assembled => {
    const fromMm = low + n * highMm;
    const sheet = sheetOf({
      id: over ? `net-${n + 1}` : `net-${n + 1}-${m + 1}`,
      role: 'net',
      of: roll,
      base: flatBase(
        add(onGround(ground, piece.fromMm, face), [0, 0, fromMm]),
        wayAlong(ground),
        piece.toMm - piece.fromMm,
      ),
      up: UP,
      heightMm: highMm,
      cutMm: Math.min(longest, piece.toMm - piece.fromMm) + lapMm,
      foldedMm: lapMm,
    });
    const joints = posts
      .filter((_, i) => liesOver(piece, postsAt[i] as number))
      .map((post): Joint => ({
        id: `${sheet.id}-${post.id}`,
        kind: 'net tied on',
        places: Array.from({ length: ties }, (_, i) =>
          add(post.from, [0, -post.thickMm / 2, fromMm + (highMm * (i + 0.5)) / ties]),
        ),
        parts: [sheet.id, post.id],
        fixings: [{ stock: 'tie-uv', count: ties }],
      }));
    return { parts: [sheet], joints };
  };
  return {
    roll,
    ...together(...Array.from({ length: strips }, (_, n) => pieces.map((piece, m) => hung(n, piece, m))).flat()),
  };
}

/** What plants find to hold on to: as it is, or the net that hangs on it. */
function holdOf(v: StandingValues, low: number, net: MeshRoll | null): Hold {
  const by = ({ mesh: 'mesh', wires: 'wires', slats: 'poles' } as const)[v.made];
  if (net)
    return {
      by: 'mesh',
      meshMm: { wide: net.openingMm, high: net.stepMm },
      memberMm: net.wireMm,
      stepMm: net.openingMm,
      fineToMm: 0,
      // It hangs on what stands there: that carries it.
      carries: v.bears,
      startsMm: low,
      gapMm: low,
      topMm: { least: v.top, most: v.top },
      could: { topMm: v.top, carries: v.bears, net: false },
    };
  return {
    by,
    meshMm: v.made === 'mesh' ? { wide: v.apart, high: v.apart } : null,
    memberMm: v.thick,
    stepMm: v.made === 'slats' ? TIED_MM : v.apart,
    fineToMm: 0,
    carries: v.bears,
    startsMm: low,
    gapMm: low,
    topMm: { least: v.top, most: v.top },
    could: { topMm: v.top, carries: v.bears, net: false },
  };
}

const REASONS: Design['reasons'] = {
  post: fact('count.stands'),
  mesh: fact('count.stands'),
  wire: fact('count.stands'),
  slat: fact('count.stands'),
  'as it stands': fact('count.stands'),
  net: fact('count.net'),
  'net tied on': fact('count.net-ties', { every: { mm: TIED_MM } }),
};
