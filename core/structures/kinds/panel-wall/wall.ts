import { AS_BOUGHT } from '../../../design/end-cut';
import { stockOf } from '../../../catalogue/catalogue';
import type { WeldedPanel } from '../../../catalogue/stock';
import type { Fixing, Joint, Standing } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import type { Part } from '../../../design/shapes/shapes';
import { cornerOf, flatBase, onSheet, type Sheet } from '../../../design/shapes/sheet';
import { ALONG, pathLength, UP, type Point } from '../../../geometry/space';
import { groundAt, slopeOf } from '../../../site/ground';
import { inches } from '../../../quantity/length';
import { nextStockUp } from '../../rules/depth';
import { footAt, lengthOnSoil, type Lie } from '../../rules/lie';
import type { BedSetting } from '../../setting';
import { FIXING_STOCK, type PanelWallValues } from './knobs';
import { fixingLevels, onSheetAbove, type RunPiece } from '../../rules/panel-run';

/** Above this gap a wire is stretched halfway up it: 24″ (common practice, no source). mm. */
export const MOST_OPEN_GAP_MM = inches(24);
/** Ties at each lap of two panels, and how far apart those of a net are (from memory). */
export const TIES_A_LAP = 3;
export const NET_TIE_EVERY_MM = inches(24);
/** Wire for the turns round an end post, each end (from memory). mm. */
const WIRE_END_MM = inches(12);
/** Stems stand this far out from the mesh (from memory). mm. */
export const STEM_OUT_MM = inches(3);

/** One wall along its line: posts, panels and their laps, the wire under a high gap, the net low down. */
export function placeWall(o: {
  v: PanelWallValues;
  panel: WeldedPanel;
  lie: Lie;
  run: readonly RunPiece[];
  postsAt: readonly number[];
  y: number;
  name: string;
  setting: BedSetting;
}): { parts: Part[]; joints: Joint[]; standing: Standing[] } {
  const { v, panel, lie, run, y } = o;
  const standing: Standing[] = [];
  const slope = slopeOf(lie.ground);
  const along: Point = lie.level ? ALONG : [Math.cos(slope), 0, Math.sin(slope)];
  const up: Point = lie.level ? UP : [-Math.sin(slope), 0, Math.cos(slope)];
  const fix = FIXING_STOCK[v.fixing];
  const joints: Joint[] = [];

  const sheets = run.map((piece, i): Sheet => {
    const low = footAt(lie, piece.fromMm, y);
    const z = lie.level ? Math.max(low[2], groundAt(lie.ground, piece.toMm)) : low[2];
    const stub = panel.edgeMm;
    const length = piece.meshes * panel.pitchMm + (piece.whole ? 2 : 1) * stub;
    const base: Point = [low[0], y, z];
    return {
      shape: 'sheet',
      id: `panel-${o.name}${i + 1}`,
      role: 'panel',
      stock: panel.id,
      cutMm: length,
      meshes: piece.meshes,
      base: flatBase([base[0] - along[0] * stub, y, base[2] + v.gap - along[2] * stub], along, length),
      up,
      heightMm: panel.heightMm,
      levelsMm: panel.levelsMm,
      wireMm: panel.wireMm,
      uprightsMm: Array.from({ length: piece.meshes + 1 }, (_, n) => stub + n * panel.pitchMm),
    };
  });

  const { faceMm } = stockOf(o.setting.catalogue, 'steel-post', 'steel post');
  const sizes = o.setting.sizesOf('steel-post');
  const posts = o.postsAt.map((at, i): Bar => {
    const foot = footAt(lie, at, y + panel.wireMm);
    const held = run.flatMap((piece, n) =>
      piece.fromMm <= at + 1 && at <= piece.toMm + 1 ? [sheets[n] as Sheet] : [],
    );
    const panelTop = Math.max(
      ...held.map(
        (sheet) =>
          cornerOf(sheet)[2] +
          (lie.level ? 0 : (foot[0] - cornerOf(sheet)[0]) * Math.tan(slope)) +
          sheet.heightMm / up[2],
      ),
    );
    const above = panelTop - foot[2] - v.abovePost;
    const stock = nextStockUp(above + v.depth, sizes) ?? { mm: above + v.depth, enough: true };
    const buried = Math.max(0, stock.mm - above);
    const id = `post-${o.name}${i + 1}`;
    const top = stock.mm - buried;
    standing.push({
      id,
      aboveMm: above,
      buriedMm: buried,
      wantedMm: v.depth,
      shortMm: Math.max(0, above + v.depth - stock.mm),
      set: 'driven',
    });
    const perPanel = lie.level ? held : held.slice(0, 1);
    for (const sheet of perPanel) {
      const levels = fixingLevels(sheet.levelsMm, foot[2] + top - cornerOf(sheet)[2], v.perPost);
      joints.push({
        id: `${id}-${sheet.id}`,
        kind: 'panel to post',
        places: levels.map((level) => onSheetAbove(sheet, level, foot[0])),
        parts: [id, ...(lie.level ? [sheet] : held).map((one) => one.id)],
        fixings: [{ ...fix, count: levels.length }],
      });
    }
    return barOf({
      id,
      role: 'post',
      of: { id: 'steel-post', faceMm },
      cutMm: stock.mm,
      buriedMm: buried,
      from: [foot[0], foot[1] + faceMm / 2, foot[2] - buried],
      to: [foot[0], foot[1] + faceMm / 2, foot[2] + top],
      ends: AS_BOUGHT,
    });
  });

  const lapTie: Fixing =
    v.fixing === 'clip' ? { ...FIXING_STOCK.wire, count: TIES_A_LAP } : { ...fix, count: TIES_A_LAP };
  sheets.slice(1).forEach((next, i) => {
    const before = sheets[i] as Sheet;
    const drop =
      cornerOf(next)[2] - cornerOf(before)[2] - (along[2] * (cornerOf(next)[0] - cornerOf(before)[0])) / along[0];
    const places = Array.from({ length: TIES_A_LAP }, (_, n) =>
      onSheetAbove(
        next,
        Math.max(0, -drop) + ((next.heightMm - Math.abs(drop)) * n) / (TIES_A_LAP - 1),
        cornerOf(next)[0],
      ),
    );
    joints.push({
      id: `lap-${o.name}${i + 1}`,
      kind: 'panel to panel',
      places,
      parts: [before.id, next.id],
      fixings: [lapTie],
    });
  });

  const parts: Part[] = [...posts, ...sheets];
  if (v.fineMesh === 'low') {
    const net = placeNet(o, along, up, sheets);
    parts.push(net);
    for (const sheet of sheets) {
      const ties = 2 * (Math.ceil(sheet.cutMm / NET_TIE_EVERY_MM) + 1);
      // Where the soil is highest the panel is nearest to it.
      const nearSoil = onSheet(sheet, (lie.level && slope > 0 ? sheet.uprightsMm.at(-1) : sheet.uprightsMm[0]) ?? 0, 0);
      joints.push({
        id: `net-${sheet.id}`,
        kind: 'net to panel',
        places: [nearSoil],
        parts: [net.id, sheet.id],
        fixings: [{ stock: 'tie-plastic', count: ties }],
      });
    }
  }
  if (v.gap > MOST_OPEN_GAP_MM) {
    const path = o.postsAt.map((at): Point => {
      const foot = footAt(lie, at, y);
      return [foot[0], foot[1], foot[2] + v.gap / 2];
    });
    const wire: Line = {
      shape: 'line',
      id: `wire-${o.name}1`,
      role: 'line wire',
      stock: 'line-wire',
      path,
      diameterMm: 2.5,
      cutMm: pathLength(path) + 2 * WIRE_END_MM,
    };
    parts.push(wire);
    posts.forEach((post, i) =>
      joints.push({
        id: `wire-${post.id}`,
        kind: 'wire to post',
        places: [path[i] as Point],
        parts: [wire.id, post.id],
        fixings: [{ ...FIXING_STOCK.wire, count: 1 }],
      }),
    );
  }
  return { parts, joints, standing };
}

/** The net hangs from the soil up; under a high gap it is lifted so that it still laps the panel by 4″. */
function placeNet(
  o: { v: PanelWallValues; y: number; name: string; setting: BedSetting; lie: Lie; run: readonly RunPiece[] },
  along: Point,
  up: Point,
  sheets: readonly Sheet[],
): Sheet {
  const net = stockOf(o.setting.catalogue, 'mesh-fine', 'mesh roll');
  const first = sheets[0] as Sheet;
  const lift = fineMeshTop(o.v, o.setting) - net.heightMm;
  const slope = slopeOf(o.lie.ground);
  const runMm = (o.run[o.run.length - 1] as RunPiece).toMm;
  const length = lengthOnSoil(o.lie, runMm);
  const soil: Point = [Math.cos(slope), 0, Math.sin(slope)];
  const count = Math.round(length / net.openingMm);
  const rungs = Math.floor(net.heightMm / net.openingMm);
  return {
    shape: 'sheet',
    id: `net-${o.name}1`,
    role: 'fine mesh',
    stock: net.id,
    cutMm: length,
    meshes: 0,
    base: flatBase([0, cornerOf(first)[1] - 4, lift], o.lie.level ? soil : along, length),
    up: o.lie.level ? UP : up,
    heightMm: net.heightMm,
    wireMm: net.wireMm,
    uprightsMm: Array.from({ length: count + 1 }, (_, i) => (i * length) / count),
    levelsMm: Array.from({ length: rungs + 1 }, (_, i) => i * net.openingMm),
  };
}

export function fineMeshTop(v: PanelWallValues, setting: BedSetting): number {
  const net = stockOf(setting.catalogue, 'mesh-fine', 'mesh roll');
  return Math.max(net.heightMm, v.gap + inches(4));
}
