import { stockOf } from '../../../catalogue/catalogue';
import type { WeldedPanel } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import { cornerOf, flatBase, onSheet, sheetOf, type Sheet } from '../../../design/shapes/sheet';
import { add, ALONG, pathLength, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { groundAt, slopeOf, wayAlong } from '../../../site/ground';
import { together, type Assembled } from '../../assemblies/assembly';
import { cutPanel } from '../../assemblies/panels';
import { drivePost, type SetPost } from '../../assemblies/set-post';
import { footAt, lengthOnSoil, type Lie } from '../../rules/lie';
import { fixingLevels, onSheetAbove, type RunPiece } from '../../rules/panel-run';
import type { BedSetting } from '../../setting';
import { FIXING_STOCK, type PanelWallValues } from './knobs';

/** Above this gap a wire is stretched halfway up it: 24″ (common practice, no source). mm. */
export const MOST_OPEN_GAP_MM = inches(24);
/** Ties at each lap of two panels, and how far apart those of a net are (from memory). */
export const TIES_A_LAP = 3;
export const NET_TIE_EVERY_MM = inches(24);
/** Wire for the turns round an end post, each end (from memory). mm. */
const WIRE_END_MM = inches(12);
/** A clip or a tie needs so much of a post above the wire it holds (from memory). mm. */
const CLIP_MM = 5;
/** Stems stand this far out from the mesh (from memory). mm. */
export const STEM_OUT_MM = inches(3);

/** One wall along its line: posts, panels and their laps, the wire under a high gap, the net low down. */
export function placeWall(o: {
  v: PanelWallValues;
  panel: WeldedPanel;
  lie: Lie;
  run: readonly RunPiece[];
  postsAt: readonly number[];
  /** An end wire this far beside the middle of a post is held by it. */
  onFaceMm: number;
  y: number;
  name: string;
  setting: BedSetting;
}): Assembled & { posts: readonly SetPost[] } {
  const { v, panel, lie, run, y } = o;
  const slope = slopeOf(lie.ground);
  const along: Point = lie.level ? ALONG : wayAlong(lie.ground);
  const up: Point = lie.level ? UP : [-Math.sin(slope), 0, Math.cos(slope)];
  const sheets = run.map((piece, i) => {
    const [x, , low] = footAt(lie, piece.fromMm, y);
    const z = lie.level ? Math.max(low, groundAt(lie.ground, piece.toMm)) : low;
    return cutPanel(panel, {
      id: `panel-${o.name}${i + 1}`,
      meshes: piece.meshes,
      at: [x, y, z + v.gap],
      along,
      up,
      stubsMm: [panel.edgeMm, piece.whole ? panel.edgeMm : 0],
    });
  });
  const { faceMm } = stockOf(o.setting.catalogue, 'steel-post', 'steel post');
  const set = o.postsAt.map((at, i): { post: SetPost; joints: Joint[] } => {
    const foot = footAt(lie, at, y + panel.wireMm);
    const held = run.flatMap((piece, n) =>
      piece.fromMm <= at + o.onFaceMm && at <= piece.toMm + o.onFaceMm ? [sheets[n] as Sheet] : [],
    );
    const panelTop = Math.max(
      ...held.map((sheet) => {
        const [x, , z] = cornerOf(sheet);
        return z + (lie.level ? 0 : (foot[0] - x) * Math.tan(slope)) + sheet.heightMm / up[2];
      }),
    );
    const post = drivePost({
      id: `post-${o.name}${i + 1}`,
      foot: add(foot, [0, faceMm / 2, 0]),
      aboveMm: panelTop - foot[2] - v.abovePost,
      depthMm: v.depth,
      setting: o.setting,
    });
    const hung = (lie.level ? held : held.slice(0, 1)).map((sheet): Joint => {
      // Up to the wire that crosses below the top of the post, wherever along a slope that stands.
      const crossing = (level: number): Point => onSheetAbove(sheet, level, foot[0]);
      const below = sheet.levelsMm.filter((level) => crossing(level)[2] <= post.to[2] - CLIP_MM);
      const levels = fixingLevels(sheet.levelsMm, below.at(-1) ?? 0, v.perPost);
      return {
        id: `${post.id}-${sheet.id}`,
        kind: 'panel to post',
        places: levels.map(crossing),
        parts: [post.id, ...(lie.level ? [sheet] : held).map((one) => one.id)],
        fixings: [{ ...FIXING_STOCK[v.fixing], count: levels.length }],
      };
    });
    return { post, joints: hung };
  });
  const posts = set.map(({ post }) => post);
  return {
    posts,
    ...together(
      { parts: [...posts, ...sheets], joints: [...set.flatMap(({ joints }) => joints), ...laps(o, sheets, along)] },
      v.fineMesh === 'low' && hangNet(o, along, up, sheets),
      v.gap > MOST_OPEN_GAP_MM && stretchWire(o, posts),
    ),
  };
}

/** Ties where the next panel laps this one, over as much as both have of their height there. */
function laps({ v, name }: Parameters<typeof placeWall>[0], sheets: readonly Sheet[], along: Point): Joint[] {
  return sheets.slice(1).map((next, i): Joint => {
    const before = sheets[i] as Sheet;
    const [x, , z] = cornerOf(next);
    const [x0, , z0] = cornerOf(before);
    const drop = z - z0 - (along[2] * (x - x0)) / along[0];
    const both = next.heightMm - Math.abs(drop);
    return {
      id: `lap-${name}${i + 1}`,
      kind: 'panel to panel',
      places: Array.from({ length: TIES_A_LAP }, (_, n) =>
        onSheetAbove(next, Math.max(0, -drop) + (both * n) / (TIES_A_LAP - 1), x),
      ),
      parts: [before.id, next.id],
      fixings: [{ ...FIXING_STOCK[v.fixing === 'clip' ? 'wire' : v.fixing], count: TIES_A_LAP }],
    };
  });
}

/** A wire halfway up a high gap, made fast to every post. */
function stretchWire({ v, lie, postsAt, y, name }: Parameters<typeof placeWall>[0], posts: readonly Bar[]): Assembled {
  const path = postsAt.map((at) => footAt(lie, at, y, v.gap / 2));
  const wire = lineOf({
    id: `wire-${name}1`,
    role: 'line wire',
    of: { id: 'line-wire', diameterMm: 2.5 },
    path,
    cutMm: pathLength(path) + 2 * WIRE_END_MM,
  });
  return {
    parts: [wire],
    joints: posts.map((post, i) => ({
      id: `wire-${post.id}`,
      kind: 'wire to post',
      places: [path[i] as Point],
      parts: [wire.id, post.id],
      fixings: [{ ...FIXING_STOCK.wire, count: 1 }],
    })),
  };
}

/** The net hangs from the soil up, tied to every panel; under a high gap it is lifted so that it still laps the panel by 4″. */
function hangNet(
  { v, name, setting, lie, run }: Parameters<typeof placeWall>[0],
  along: Point,
  up: Point,
  sheets: readonly Sheet[],
): Assembled {
  const roll = stockOf(setting.catalogue, 'mesh-fine', 'mesh roll');
  const slope = slopeOf(lie.ground);
  const cutMm = lengthOnSoil(lie, (run[run.length - 1] as RunPiece).toMm);
  const corner: Point = [0, cornerOf(sheets[0] as Sheet)[1] - 4, fineMeshTop(v, setting) - roll.heightMm];
  const rungs = Math.floor(roll.heightMm / roll.openingMm);
  const net = sheetOf({
    id: `net-${name}1`,
    role: 'fine mesh',
    of: roll,
    base: flatBase(corner, lie.level ? wayAlong(lie.ground) : along, cutMm),
    up: lie.level ? UP : up,
    heightMm: roll.heightMm,
    levelsMm: Array.from({ length: rungs + 1 }, (_, i) => i * roll.openingMm),
  });
  return {
    parts: [net],
    joints: sheets.map((sheet) => ({
      id: `net-${sheet.id}`,
      kind: 'net to panel',
      // Where the soil is highest the panel is nearest to it.
      places: [onSheet(sheet, (lie.level && slope > 0 ? sheet.uprightsMm.at(-1) : sheet.uprightsMm[0]) ?? 0, 0)],
      parts: [net.id, sheet.id],
      fixings: [{ stock: 'tie-plastic', count: 2 * (Math.ceil(sheet.cutMm / NET_TIE_EVERY_MM) + 1) }],
    })),
  };
}

export function fineMeshTop(v: PanelWallValues, setting: BedSetting): number {
  const net = stockOf(setting.catalogue, 'mesh-fine', 'mesh roll');
  return Math.max(net.heightMm, v.gap + inches(4));
}
