import { stockOf } from '../../../catalogue/catalogue';
import type { WeldedPanel } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain, soilChain } from '../../../design/chain';
import { placed, plantsOf, type Joint, type Station, type Design } from '../../../design/design';
import { AS_BOUGHT } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { lineOf } from '../../../design/shapes/line';
import type { Sheet } from '../../../design/shapes/sheet';
import { add, minus, reach, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { slopeOf, wayAlong } from '../../../site/ground';
import { roundArea, stretchOf, yieldShareOf } from '../../../statics/wire';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { bedRow, groundOf, spacingPull } from '../../assemblies/bed-row';
import { pourFootings, setBy } from '../../assemblies/footing';
import { cutPanel, panelHold } from '../../assemblies/panels';
import { setPost, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { panelsCould } from '../../rules/could';
import { nextStockUp } from '../../rules/depth';
import { eyeIn } from '../../rules/fixings';
import { footAt, type Lie } from '../../rules/lie';
import { offeredPanels } from '../../rules/panel-choice';
import { fixingLevels, leanOffPost, onSheetAbove, panelRun, type RunPiece } from '../../rules/panel-run';
import { acrossBed } from '../../rules/row';
import { equalBays, widestBay } from '../../rules/spacing';
import type { BedSetting } from '../../setting';
import { ABOVE_PANEL_MM, type GUYED_WALL_KNOBS } from './knobs';

export type GuyedWallValues = Values<typeof GUYED_WALL_KNOBS>;

/** What its own checks and mends ask for. */
export interface GuyedWallFacts {
  rowsAtMm: readonly number[];
  spacingMm: number;
  leansMm: number;
  /** Tightened wires: pull, what it stretches the longest, and its share of what makes the wire give. */
  guys: { tensionN: number; stretchMm: number; yieldShare: number } | null;
}

/** Turns of wire at each end of a guy, and a tie round a 4×4 (from memory). mm. */
const GUY_END_MM = inches(12);
const TIE_MM = inches(18);
/** Eyes stand this far below the post's top and above the soil (from memory). mm. */
const EYE_IN_MM = inches(4);
/** A cane stands this deep, and overlaps the panel by as much (from memory). mm. */
const CANE_IN_MM = inches(6);
const STEM_OUT_MM = inches(3);

/** Staples of two panels that meet over a post stand this far in from their ends (from memory). mm. */
const STAPLE_IN_MM = inches(0.75);

/** Why there are so many of each. */
function reasonsOf(
  v: GuyedWallValues,
  panel: WeldedPanel,
  run: readonly RunPiece[],
  posts: number,
  stretchMm: number,
): Design['reasons'] {
  const whole = run.filter((piece) => piece.whole).length;
  return {
    post: fact('count.posts', { posts, spacing: { mm: v.postSpacing } }),
    panel: fact(whole === run.length ? 'count.panels' : whole === 0 ? 'count.panel-cut' : 'count.panels-cut', {
      whole,
      mesh: { mm: panel.pitchMm },
      length: { mm: v.rowLength },
    }),
    'guy wire': fact('count.guys', {
      end: { mm: GUY_END_MM },
      stretch: { mm: stretchMm },
      pull: { newtons: v.pull },
    }),
    cane: fact('count.canes', { in: { mm: CANE_IN_MM } }),
    'panel to post': fact(v.ties === 'two' ? 'count.staples' : 'count.staples.only', { staples: v.staples }),
    'guy to post': fact('count.eyes'),
    'turnbuckle in a guy': fact('count.turnbuckles'),
    'cane to panel': fact('count.cane-ties'),
  };
}

/** Sizes the wall: posts wherever panels meet, panels on their front faces, crossed guys in the end bays, canes under the panel. */
export function sizeGuyedWall(v: GuyedWallValues, setting: BedSetting): Sizing<GuyedWallFacts> {
  const panel = stockOf(setting.catalogue, v.panel, 'panel');
  const { wideMm: postMm } = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground = groundOf(setting.place.bed);
  const lie: Lie = { ground, level: false };
  const slope = slopeOf(ground);
  const run = panelRun(v.rowLength, panel, 0);
  const builtMm = (run.at(-1) as RunPiece).toMm;
  // The wall ends where its end posts do; panels meet over the middles of the others.
  const endIn = Math.min(postMm / 2, builtMm / 4);
  const postsAt = equalBays([endIn, ...run.slice(0, -1).map((piece) => piece.toMm), builtMm - endIn], v.postSpacing);
  const y = acrossBed(v.rowAt, setting);
  const top = v.gap + panel.heightMm;
  const posts = postsAt.map((at, i) =>
    setPost({
      id: `post-${i + 1}`,
      foot: footAt(lie, at, y),
      aboveMm: top + ABOVE_PANEL_MM,
      depthMm: v.depth,
      section: v.section,
      treatment: v.treatment,
      setting,
      set: setBy(v.footing),
    }),
  );
  const sheets = run.map((piece, i) => {
    const stub = piece.whole ? panel.edgeMm : 0;
    return cutPanel(panel, {
      id: `panel-${i + 1}`,
      meshes: piece.meshes,
      at: add(footAt(lie, piece.fromMm, y - postMm / 2 - panel.wireMm / 2), [0, 0, v.gap]),
      along: wayAlong(ground),
      up: [-Math.sin(slope), 0, Math.cos(slope)],
      stubsMm: [stub, stub],
    });
  });
  const row = bedRow(setting, v, {
    builtMm,
    yMm: y,
    topMm: top,
    rows: [{ acrossMm: y - STEM_OUT_MM - postMm / 2, side: 'front' }],
  });
  const guys = v.guys === 'ends' ? stretchGuys(posts, v.pull, setting) : null;
  const wire = stockOf(setting.catalogue, 'guy-wire', 'cord').diameterMm;
  const stretchMm = stretchOf(v.pull, guys?.longestMm ?? 0, roundArea(wire));
  const [first, second] = posts as [SetPost, SetPost];
  const foot = first.from[2] + first.buriedMm;
  return {
    design: placed({
      ...together(
        { parts: posts },
        { parts: sheets, joints: staplePanels(v, panel, posts, postsAt, sheets, run) },
        guys,
        v.canes === 'yes' && standCanes(v, plantsOf(row), sheets, run, setting),
        pourFootings(posts, v.footing, v.gravel),
        {
          reasons: reasonsOf(v, panel, run, posts.length, stretchMm),
        },
      ),
      ...row,
      wish: { askedMm: v.rowLength, stepMm: panel.pitchMm },
      hold: panelHold(panel, {
        gapMm: v.gap,
        topMm: { least: top, most: top },
        could: panelsCould(setting, offeredPanels(setting), { net: false, gapMm: v.gap }),
      }),
      marks: [
        ...row.marks,
        soilChain(ground, 'posts', postsAt),
        chain('elevation', 'z', 'heights', ascending([first.from[2], foot, foot + v.gap, foot + top])),
      ],
      handles: [
        ...row.handles,
        { knob: 'gap', view: 'elevation', at: footAt(lie, builtMm / 2, 0, v.gap), axis: 'up' },
        { knob: 'depth', view: 'end', at: [0, y, -v.depth], axis: 'up', perMm: -1 },
        spacingPull(second.to),
      ],
    }),
    facts: {
      rowsAtMm: [y],
      spacingMm: widestBay(postsAt),
      leansMm: leanOffPost(panel.heightMm, ground),
      guys: guys && { tensionN: v.pull, stretchMm, yieldShare: yieldShareOf(v.pull, wire) },
    },
  };
}

/** Staples up each post on the wires of the panels it passes; of two that meet over a post each is held on its own half. */
function staplePanels(
  v: GuyedWallValues,
  panel: WeldedPanel,
  posts: readonly Bar[],
  postsAt: readonly number[],
  sheets: readonly Sheet[],
  run: readonly RunPiece[],
): Joint[] {
  const levels = fixingLevels(panel.levelsMm, panel.heightMm, v.staples);
  return posts.flatMap((post, n) =>
    sheets.flatMap((sheet, i): Joint[] => {
      const { fromMm, toMm } = run[i] as RunPiece;
      const at = postsAt[n] as number;
      if (at < fromMm - 1 || at > toMm + 1) return [];
      const inwards = (at < fromMm + STAPLE_IN_MM ? 1 : at > toMm - STAPLE_IN_MM ? -1 : 0) * STAPLE_IN_MM;
      const on = (x: number): Point[] => levels.map((level) => onSheetAbove(sheet, level, x));
      const places = on(post.to[0] + inwards);
      return [
        {
          id: `${sheet.id}-${post.id}`,
          kind: 'panel to post',
          places: on(post.to[0]),
          parts: [sheet.id, post.id],
          fixings: [
            {
              stock: 'staple-fence',
              count: v.staples,
              drive: { through: sheet.id, into: post.id, way: [0, 1, 0], places },
            },
            ...(v.ties === 'two' ? [{ stock: 'tie-wire', count: 2, eachMm: TIE_MM }] : []),
          ],
        },
      ];
    }),
  );
}

/** Two crossed wires in each end bay, from near the top of one post to near the foot of the next; a turnbuckle in each. */
function stretchGuys(posts: readonly Bar[], pullN: number, setting: BedSetting): Assembled & { longestMm: number } {
  const last = posts.length - 1;
  const bays =
    last > 1
      ? ([
          [0, 1],
          [last, last - 1],
        ] as const)
      : ([[0, last]] as const);
  const turnbuckle = stockOf(setting.catalogue, 'turnbuckle', 'piece').lengthMm;
  const made = bays.flatMap(([a, b], bay) =>
    [
      [a, b],
      [b, a],
    ].map(([high, low], i) => {
      const [from, to] = [posts[high as number], posts[low as number]] as [Bar, Bar];
      const behind = from.from[1] + from.thickMm / 2;
      const head: Point = [from.to[0], behind, from.to[2] - EYE_IN_MM];
      const foot: Point = [to.to[0], behind, to.from[2] + to.buriedMm + EYE_IN_MM];
      const id = `guy-${bay + 1}${i === 0 ? 'a' : 'b'}`;
      const longMm = reach(head, foot);
      const wire = lineOf({
        id,
        role: 'guy wire',
        of: { id: 'guy-wire', diameterMm: 2.7 },
        path: [head, foot],
        pullN,
        cutMm: Math.max(1, longMm - turnbuckle) + 2 * GUY_END_MM,
      });
      const eye = (end: string, at: Point, into: Bar): Joint => ({
        id: `${id}-${end}`,
        kind: 'guy to post',
        places: [at],
        parts: [id, into.id],
        fixings: [eyeIn(into.id, [0, -1, 0], at, 'eye-bolt')],
      });
      const tightened: Joint = {
        id: `${id}-turnbuckle`,
        kind: 'turnbuckle in a guy',
        places: [add(foot, scale(unit(minus(head, foot)), GUY_END_MM))],
        parts: [id],
        fixings: [{ stock: 'turnbuckle', count: 1 }],
      };
      return { wire, longMm, joints: [eye('head', head, from), eye('foot', foot, to), tightened] };
    }),
  );
  return {
    parts: made.map(({ wire }) => wire),
    joints: made.flatMap(({ joints }) => joints),
    longestMm: Math.max(...made.map(({ longMm }) => longMm)),
  };
}

/** A cane from the soil beside each plant to the lowest wires of the panel above it. */
function standCanes(
  v: GuyedWallValues,
  stations: readonly Station[],
  sheets: readonly Sheet[],
  run: readonly RunPiece[],
  setting: BedSetting,
): Assembled {
  const cane = stockOf(setting.catalogue, 'cane-bamboo', 'pole');
  const led = stations.flatMap((station) => {
    const sheet = sheets[run.findIndex((piece) => station.alongMm <= piece.toMm + 1)] ?? sheets.at(-1);
    return sheet ? [{ station, sheet, tie: onSheetAbove(sheet, CANE_IN_MM, station.at[0]) }] : [];
  });
  // Beside the end of a panel it leans along to it as well; an inch short it is tied a little lower.
  const asked = Math.max(
    v.gap + 2 * CANE_IN_MM,
    ...led.map(({ station, tie }) => CANE_IN_MM + reach(tie, station.at) - inches(1)),
  );
  const long = nextStockUp(asked, setting.sizesOf(cane.id))?.mm ?? asked;
  const canes = led.map(({ station, tie }, i) => {
    const way = unit(minus(tie, station.at));
    return barOf({
      id: `cane-${i + 1}`,
      role: 'cane',
      of: cane,
      cutMm: long,
      buriedMm: CANE_IN_MM,
      ends: AS_BOUGHT,
      from: add(station.at, scale(way, -CANE_IN_MM)),
      to: add(station.at, scale(way, long - CANE_IN_MM)),
    });
  });
  return {
    parts: canes,
    joints: led.map(({ sheet, tie }, i) => ({
      id: `cane-${i + 1}-tie`,
      kind: 'cane to panel',
      places: [tie],
      parts: [`cane-${i + 1}`, sheet.id],
      fixings: [{ stock: 'tie-plastic', count: 1 }],
    })),
  };
}
