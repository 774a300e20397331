import { stockOf } from '../../catalogue/catalogue';
import { meshesAcross, type WeldedPanel } from '../../catalogue/stock';
import { nominalMm, timberId } from '../../catalogue/timber';
import type { Bar, Design, EndCut, Fixing, Joint, Mark, Part, Sheet } from '../../design/design';
import { ALONG, groundAt, UP, type Ground, type Point } from '../../design/space';
import { feet, inches } from '../../quantity/length';
import { fact } from '../../wording/say';
import { screwThrough } from '../fixings';
import { footingReasons, pourFootings, setBy } from '../footing';
import type { Values } from '../knob';
import { lengthOnLie, lengthOnSoil, type Lie } from '../lie';
import { baysAPiece, piecesOverPosts, type Stretch } from '../over-posts';
import { acrossBed, rowHandles } from '../row';
import type { Setting } from '../setting';
import { placeStations } from '../stations';
import { setPost, standingOf } from '../timber-post';
import { postCentres } from './bays';
import { panelOf, type RAIL_TRELLIS_KNOBS } from './knobs';

export type RailTrellisValues = Values<typeof RAIL_TRELLIS_KNOBS>;

/** Five screws and washers carry a 16′ rail's length of panel (common practice, no source). mm between. */
const SCREW_EVERY_MM = feet(16) / 5;
/** Metal ties hold a panel that runs behind the posts, at three heights (from memory); wire for one, mm. */
const TIES_A_POST = 3;
const TIE_MM = inches(10);
/** A panel split lengthways makes four strips (common practice, no source). */
const STRIPS = 4;
/** Longest rail, where the price book names no length. mm. */
const USUAL_RAIL_MM = feet(16);
/** Stems stand this far out from the mesh (from memory). mm. */
const STEM_OUT_MM = inches(4);

const square: EndCut = { cut: 'square' };

interface Rail extends Stretch {
  bar: Bar;
  side: -1 | 1;
  level: 'bottom' | 'top';
}

interface Trellis {
  v: RailTrellisValues;
  setting: Setting;
  panel: WeldedPanel;
  postsAt: readonly number[];
  postMm: number;
  rail: { id: string; wideMm: number; thickMm: number };
  sides: readonly (-1 | 1)[];
  y: number;
  /** Underside of the bottom rail, and upper side of the top rail, over the level. */
  lowMm: number;
  highMm: number;
}

/** Sizes the trellis: posts in crowned concrete, level rails with staggered joints, panels cut beside a wire, shelves, caps. */
export function sizeRailTrellis(v: RailTrellisValues, setting: Setting): Design {
  const panel = panelOf(setting, v.panel);
  const post = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const rail = stockOf(setting.catalogue, timberId(v.railSection, railTreatment(v, setting)), 'timber');
  const ground: Ground = { lengthMm: setting.bed.lengthMm, riseMm: setting.bed.riseMm };
  const lie: Lie = { ground, level: true };
  const postsAt = postCentres({ rowMm: lengthOnLie(lie, v.rowLength), bayMm: v.bay, by: v.bays, postWideMm: post.wideMm });
  const builtMm = (postsAt.at(-1) as number) + post.wideMm / 2;
  const highGround = Math.max(0, groundAt(ground, builtMm));
  const lowMm = highGround + v.gap;
  const t: Trellis = {
    v, setting, panel, postsAt, postMm: post.wideMm, rail: { id: rail.id, wideMm: rail.wideMm, thickMm: rail.thickMm }, sides: v.railSides === 'both' ? [-1, 1] : [-1],
    y: acrossBed(v.rowAt, setting), lowMm, highMm: lowMm + panel.heightMm,
  };
  const posts = postsAt.map((at, i) => {
    const z = groundAt(ground, at);
    return setPost({ id: `post-${i + 1}`, foot: [at, t.y, z], aboveMm: t.highMm + v.topBlock - z, depthMm: v.depth, section: v.section, treatment: v.treatment, setting, set: setBy(v.footing) });
  });
  const bars = posts.map((one) => one.bar);
  const rails = layRails(t);
  const panels = v.hang === 'between' ? panelsBetween(t, rails) : panelsBehind(t, rails, bars);
  const shelves = v.shelf !== 'none' && v.railSides === 'both' ? layShelves(t, rails) : { parts: [], joints: [] };
  const footings = pourFootings(bars, v.footing, v.gravel);
  const caps: Joint[] = v.caps === 'cap' ? bars.map((bar) => ({ id: `cap-${bar.id}`, kind: 'cap on post', at: bar.to, parts: [bar.id], fixings: [{ stock: 'post-cap', count: 1 }] })) : [];
  const clearMm = (postsAt[1] as number) - (postsAt[0] as number) - post.wideMm;
  const nominal = nominalMm(v.section);
  const broken = postsAt.map((at, i) => (i === 0 || i === postsAt.length - 1 ? 0 : rails.filter((one) => Math.abs(one.fromMm - at) < 1).length));
  // Eight-foot centres are chosen by those who forget that the posts take their share.
  const meant = v.bays === 'centres' && Math.abs(v.bay - panel.lengthMm) < panel.pitchMm / 2 ? panel.lengthMm : Math.max(...panels.parts.map((part) => part.cutMm));
  const lines = t.sides.length * 2;
  const meshSteps = panel.levelsMm.slice(1).map((level, i) => level - (panel.levelsMm[i] as number));
  const gapAt = (at: number): number => lowMm - groundAt(ground, at);

  return {
    kind: 'rail-trellis',
    parts: [...bars, ...rails.map((one) => one.bar), ...panels.parts, ...shelves.parts, ...footings.parts],
    joints: [...railJoints(t, rails, bars), ...panels.joints, ...shelves.joints, ...footings.joints, ...caps],
    stations: placeStations({ planted: setting.planted, ground, fromMm: 0, lengthMm: lengthOnSoil(lie, builtMm), school: v.school, rows: [{ acrossMm: t.y - STEM_OUT_MM - post.wideMm / 2, side: 'front' }] }),
    ground,
    builtMm: lengthOnSoil(lie, builtMm),
    support: {
      holds: 'mesh', meshMm: { wide: panel.pitchMm, high: Math.max(...meshSteps) }, memberMm: panel.wireMm, stepMm: Math.min(panel.pitchMm, Math.max(...meshSteps)), fineToMm: 0,
      carries: panel.carries, startsMm: v.gap, gapMm: v.gap,
      topMm: { least: t.highMm - highGround, most: Math.max(...posts.map((one) => one.aboveMm)) - v.topBlock }, spacingMm: (postsAt[1] as number) - (postsAt[0] as number),
      posts: posts.map(standingOf), rowsAtMm: [t.y], bothSides: false,
      splices: { broken: Math.max(0, ...broken), rails: lines },
      ...(v.hang === 'between' ? {
        bay: { panelMm: meant, clearMm, nominalClearMm: clearMm + post.wideMm - (nominal?.wideMm ?? post.wideMm), posts: postsAt.length },
        cutOffWire: panels.parts.filter((part) => part.shape === 'sheet' && v.cutAt === 'gap' && Math.abs(part.cutMm - clearMm) < 1 && clearMm < panel.lengthMm - 1 && Math.abs((clearMm / panel.pitchMm) % 1) > 0.01).length,
      } : {}),
      fixedBy: v.fixing === 'staples' ? 'staples' : 'screws',
    },
    bodies: 1,
    reasons: {
      post: fact(`count.posts.${v.bays}`, { posts: postsAt.length, bay: { mm: v.bay }, clear: { mm: clearMm } }),
      rail: fact(v.stagger === 'yes' ? 'count.rails' : 'count.rails.line', { rails: lines, sides: t.sides.length }),
      panel: fact(v.hang === 'between' ? 'count.panels.between' : 'count.panels.behind', { bays: postsAt.length - 1, clear: { mm: clearMm } }),
      shelf: fact('count.shelves', { strips: STRIPS }),
      ...footingReasons(v.gravel),
      'rail to post': fact('count.rail-screws'),
      'panel to rail': fact('count.panel-screws', { every: { mm: SCREW_EVERY_MM } }),
      'panel to post': fact('count.ties', { ties: TIES_A_POST }),
      'shelf to rail': fact('count.shelf-staples'),
      'cap on post': fact('count.caps'),
    },
    marks: marksFor(t, bars, ground),
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: lengthOnSoil(lie, builtMm), yMm: t.y, topMm: t.highMm }),
      { knob: 'gap', view: 'elevation', at: [builtMm / 2, gapAt(builtMm / 2) + groundAt(ground, builtMm / 2)], axis: 'up', perMm: 1 },
      { knob: 'bay', view: 'elevation', at: [postsAt[1] as number, t.highMm + v.topBlock], axis: 'right', perMm: 1 },
      { knob: 'depth', view: 'end', at: [t.y, -v.depth], axis: 'up', perMm: -1 },
    ],
  };
}

/** Rails are treated as the posts are, where that is sold; else whatever is. */
function railTreatment(v: RailTrellisValues, setting: Setting): string {
  return [v.treatment, 'treated', 'untreated', 'durable'].find((one) => setting.sizesOf(timberId(v.railSection, one)).length > 0) ?? v.treatment;
}

/** Two levels of rail a side. One side (or, with one side only, the lower rail) starts with half a rail. */
function layRails(t: Trellis): Rail[] {
  const { v, rail } = t;
  const longest = t.setting.sizesOf(rail.id).at(-1) ?? USUAL_RAIL_MM;
  const bays = baysAPiece(t.postsAt, t.postMm, longest);
  const half = v.stagger === 'yes' ? shortStart(t.postsAt, t.postMm, longest, bays) : Infinity;
  return t.sides.flatMap((side) => (['bottom', 'top'] as const).flatMap((level) => {
    const short = t.sides.length > 1 ? side > 0 : level === 'bottom';
    const z = level === 'bottom' ? t.lowMm + rail.wideMm / 2 : t.highMm - rail.wideMm / 2;
    const y = t.y + side * (t.postMm / 2 + rail.thickMm / 2);
    return piecesOverPosts(t.postsAt, t.postMm, longest, short ? half : Infinity).map((piece, i): Rail => ({
      ...piece, side, level,
      bar: {
        shape: 'bar', id: `rail-${side < 0 ? 'front' : 'back'}-${level}-${i + 1}`, role: 'rail', stock: rail.id, from: [piece.fromMm, y, z], to: [piece.toMm, y, z], wide: UP, wideMm: rail.wideMm, thickMm: rail.thickMm,
        cutMm: piece.toMm - piece.fromMm, buriedMm: 0, ends: [square, square], holes: [],
      },
    }));
  }));
}

/** How many bays the short first rail covers: about half, and so that its line shares the fewest joints with the others. */
function shortStart(postsAt: readonly number[], postMm: number, longest: number, bays: number): number {
  const joints = (first: number): Set<number> => new Set(piecesOverPosts(postsAt, postMm, longest, first).slice(1).map((piece) => piece.fromMm));
  const straight = joints(Infinity);
  const shared = (first: number): number => [...joints(first)].filter((at) => straight.has(at)).length;
  const half = Math.max(1, Math.floor(bays / 2));
  const tries = Array.from({ length: Math.max(1, bays) }, (_, i) => i + 1).sort((a, b) => Math.abs(a - half) - Math.abs(b - half));
  return tries.reduce((best, one) => (shared(one) < shared(best) ? one : best));
}

function railJoints(t: Trellis, rails: readonly Rail[], posts: readonly Bar[]): Joint[] {
  const screw = screwThrough(t.setting, t.rail.thickMm, t.postMm);
  return rails.flatMap((one) => posts.flatMap((post, i): Joint[] => {
    const at = t.postsAt[i] as number;
    if (at < one.fromMm - 1 || at > one.toMm + 1) return [];
    return [{ id: `${one.bar.id}-${post.id}`, kind: 'rail to post', at: [at, one.bar.from[1], one.bar.from[2]], parts: [one.bar.id, post.id], fixings: [{ stock: screw, count: 2 }] }];
  }));
}

/** What holds a length of panel to one rail. */
function panelFixings(v: RailTrellisValues, lengthMm: number): Fixing[] {
  const count = Math.max(2, Math.ceil(lengthMm / SCREW_EVERY_MM - 1e-6));
  if (v.fixing === 'staples') return [{ stock: 'staple-fence', count: 2 * count }];
  return [{ stock: 'screw-roofing', count }, { stock: 'washer-fender', count }, ...(v.fixing === 'more' ? [{ stock: 'staple-fence', count }] : [])];
}

const railsAt = (rails: readonly Rail[], level: Rail['level'], side: number, fromMm: number, toMm: number): Rail[] => rails.filter((one) => one.level === level && one.side === side && one.fromMm < toMm - 1 && one.toMm > fromMm + 1);

function sheet(t: Trellis, id: string, role: 'panel' | 'shelf', corner: Point, meshes: number, lengthMm: number, up: Point, heightMm: number, levels: readonly number[]): Sheet {
  const stub = lengthMm >= t.panel.lengthMm - 1 ? t.panel.edgeMm : Math.max(0, (lengthMm - meshes * t.panel.pitchMm) / 2);
  return { shape: 'sheet', id, role, stock: t.panel.id, cutMm: lengthMm, meshes: Math.max(1, meshes), corner, along: ALONG, up, heightMm, levelsMm: levels, wireMm: t.panel.wireMm, uprightsMm: Array.from({ length: meshes + 1 }, (_, n) => stub + n * t.panel.pitchMm) };
}

/** One panel to a bay, inside the front rails, as many whole meshes as the clear gap holds. */
function panelsBetween(t: Trellis, rails: readonly Rail[]): { parts: Part[]; joints: Joint[] } {
  const parts: Part[] = [];
  const joints: Joint[] = [];
  t.postsAt.slice(1).forEach((to, i) => {
    const from = (t.postsAt[i] as number) + t.postMm / 2;
    const clear = to - t.postMm / 2 - from;
    const most = meshesAcross(t.panel);
    const meshes = Math.max(1, Math.min(most, Math.floor((clear + 0.5) / t.panel.pitchMm)));
    const onWire = meshes === most ? Math.min(t.panel.lengthMm, Math.max(clear, meshes * t.panel.pitchMm)) : meshes * t.panel.pitchMm;
    const length = t.v.cutAt === 'gap' ? Math.min(clear, t.panel.lengthMm) : onWire;
    const corner: Point = [from + (clear - length) / 2, t.y - t.postMm / 2 + t.panel.wireMm, t.lowMm];
    const part = sheet(t, `panel-${i + 1}`, 'panel', corner, meshes, length, UP, t.panel.heightMm, t.panel.levelsMm);
    parts.push(part);
    for (const level of ['bottom', 'top'] as const) {
      const held = railsAt(rails, level, -1, corner[0], corner[0] + length);
      joints.push({ id: `${part.id}-${level}`, kind: 'panel to rail', at: corner, parts: [part.id, ...held.map((one) => one.bar.id)], fixings: panelFixings(t.v, length) });
    }
  });
  return { parts, joints };
}

/** Whole panels end to end on the face of the back rails (of the front ones where there are no others); the last is cut beside a wire. */
function panelsBehind(t: Trellis, rails: readonly Rail[], posts: readonly Bar[]): { parts: Part[]; joints: Joint[] } {
  const parts: Part[] = [];
  const joints: Joint[] = [];
  const side = t.sides.at(-1) as -1 | 1;
  const y = t.y + side * (t.postMm / 2 + t.rail.thickMm + t.panel.wireMm);
  const end = (t.postsAt.at(-1) as number) + t.postMm / 2;
  const across = meshesAcross(t.panel);
  for (let from = 0, i = 1; from < end - t.panel.pitchMm; i++) {
    const meshes = Math.max(1, Math.min(across, Math.floor((end - from + 0.5) / t.panel.pitchMm)));
    const length = meshes === across && end - from >= t.panel.lengthMm - 0.5 ? t.panel.lengthMm : meshes * t.panel.pitchMm;
    const part = sheet(t, `panel-${i}`, 'panel', [from, y, t.lowMm], meshes, length, UP, t.panel.heightMm, t.panel.levelsMm);
    parts.push(part);
    for (const level of ['bottom', 'top'] as const) {
      joints.push({ id: `${part.id}-${level}`, kind: 'panel to rail', at: [from, y, t.lowMm], parts: [part.id, ...railsAt(rails, level, side, from, from + length).map((one) => one.bar.id)], fixings: panelFixings(t.v, length) });
    }
    for (const [n, post] of posts.entries()) {
      const at = t.postsAt[n] as number;
      if (at >= from - 1 && at < from + length) joints.push({ id: `${part.id}-${post.id}`, kind: 'panel to post', at: [at, y, t.lowMm], parts: [part.id, post.id], fixings: [{ stock: 'tie-wire', count: TIES_A_POST, eachMm: TIE_MM }] });
    }
    from += length;
  }
  return { parts, joints };
}

/** Strips of a panel split lengthways lie flat across the rails of both sides. */
function layShelves(t: Trellis, rails: readonly Rail[]): { parts: Part[]; joints: Joint[] } {
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
      const strip: Sheet = { ...(parts.length % STRIPS === 0 ? {} : { board: (parts[first] as Part).id }), ...sheet(t, `shelf-${level}-${i + 1}`, 'shelf', [from + (clear - length) / 2, t.y - wide / 2, z], meshes, length, [0, 1, 0], wide, levels) };
      parts.push(strip);
      joints.push({ id: `${strip.id}-rails`, kind: 'shelf to rail', at: strip.corner, parts: [strip.id, ...t.sides.flatMap((side) => railsAt(rails, level, side, from, from + length).map((one) => one.bar.id))], fixings: [{ stock: 'staple-fence', count: 2 * Math.max(2, Math.ceil(length / SCREW_EVERY_MM)) }] });
    });
  }
  return { parts, joints };
}

function marksFor(t: Trellis, posts: readonly Bar[], ground: Ground): Mark[] {
  const faces = t.postsAt.flatMap((at) => [at - t.postMm / 2, at + t.postMm / 2]);
  const first = posts[0] as Bar;
  const foot = groundAt(ground, t.postsAt[0] as number);
  const heights = [first.from[2], foot, t.lowMm, t.highMm, first.to[2]];
  return [
    { axis: 'x', label: 'faces', atMm: faces },
    { axis: 'z', label: 'heights', atMm: [...new Set(heights)].sort((a, b) => a - b) },
  ];
}
