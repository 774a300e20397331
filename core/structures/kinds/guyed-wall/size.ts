import { AS_BOUGHT } from '../../../design/end-cut';
import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { plantsOf, type Placement, type Joint, type Station } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import type { Part } from '../../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../../design/shapes/sheet';
import { add, minus, reach, scale, unit, type Point } from '../../../geometry/space';
import { slopeOf, type Ground } from '../../../site/ground';
import { inches } from '../../../quantity/length';
import { roundArea, stretchOf, yieldShareOf } from '../../../statics/wire';
import { fact } from '../../../wording/say';
import { nextStockUp } from '../../rules/depth';
import { footingReasons, pourFootings, setBy } from '../../rules/footing';
import type { Values } from '../../knob';
import { footAt, type Lie } from '../../rules/lie';
import { fixingLevels, leanOffPost, onSheetAbove, panelRun, type RunPiece } from '../../rules/panel-run';
import { panelsCould } from '../../rules/could';
import { offeredPanels } from '../../rules/panel-choice';
import { acrossBed, startOf, rowHandles, spacingHandle } from '../../rules/row';
import type { BedSetting } from '../../setting';
import { equalBays } from '../../rules/spacing';
import { placeStations } from '../../rules/stations';
import { setPost, standingOf } from '../../rules/timber-post';
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

/** Sizes the wall: posts wherever panels meet, panels on their front faces, crossed guys in the end bays, canes under the panel. */
export function sizeGuyedWall(v: GuyedWallValues, setting: BedSetting): Sizing<GuyedWallFacts> {
  const { bed } = setting.place;
  const panel = stockOf(setting.catalogue, v.panel, 'panel');
  const post = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const lie: Lie = { ground, level: false };
  const slope = slopeOf(ground);
  const run = panelRun(v.rowLength, panel, 0);
  const runEnd = (run.at(-1) as RunPiece).toMm;
  // The wall ends where its end posts do; panels meet over the middles of the others.
  const endIn = Math.min(post.wideMm / 2, runEnd / 4);
  const postsAt = equalBays([endIn, ...run.slice(0, -1).map((piece) => piece.toMm), runEnd - endIn], v.postSpacing);
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
  const bars = posts.map((one) => one.bar);
  const along: Point = [Math.cos(slope), 0, Math.sin(slope)];
  const up: Point = [-Math.sin(slope), 0, Math.cos(slope)];

  const sheets = run.map((piece, i): Sheet => {
    const low = footAt(lie, piece.fromMm, y - post.wideMm / 2 - panel.wireMm / 2);
    const stub = piece.whole ? panel.edgeMm : 0;
    const cutMm = piece.meshes * panel.pitchMm + 2 * stub;
    return {
      shape: 'sheet',
      id: `panel-${i + 1}`,
      role: 'panel',
      stock: panel.id,
      meshes: piece.meshes,
      cutMm,
      base: flatBase([low[0] - along[0] * stub, low[1], low[2] + v.gap - along[2] * stub], along, cutMm),
      up,
      heightMm: panel.heightMm,
      levelsMm: panel.levelsMm,
      wireMm: panel.wireMm,
      uprightsMm: Array.from({ length: piece.meshes + 1 }, (_, n) => stub + n * panel.pitchMm),
    };
  });
  const panelJoints = bars.flatMap((bar, n): Joint[] =>
    sheets.flatMap((sheet, i): Joint[] => {
      const piece = run[i] as RunPiece;
      const at = postsAt[n] as number;
      if (at < piece.fromMm - 1 || at > piece.toMm + 1) return [];
      return [
        {
          id: `${sheet.id}-${bar.id}`,
          kind: 'panel to post',
          places: fixingLevels(panel.levelsMm, panel.heightMm, v.staples).map((level) =>
            onSheetAbove(sheet, level, bar.to[0]),
          ),
          parts: [sheet.id, bar.id],
          fixings: [
            {
              stock: 'staple-fence',
              count: v.staples,
              drive: {
                through: sheet.id,
                into: bar.id,
                way: [0, 1, 0],
                // Of two panels that meet over a post each is held on its own half.
                places: fixingLevels(panel.levelsMm, panel.heightMm, v.staples).map((level) =>
                  onSheetAbove(
                    sheet,
                    level,
                    bar.to[0] +
                      (at < piece.fromMm + STAPLE_IN_MM ? 1 : at > piece.toMm - STAPLE_IN_MM ? -1 : 0) * STAPLE_IN_MM,
                  ),
                ),
              },
            },
            ...(v.ties === 'two' ? [{ stock: 'tie-wire', count: 2, eachMm: TIE_MM }] : []),
          ],
        },
      ];
    }),
  );
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: runEnd,
    school: v.school,
    rows: [{ acrossMm: y - STEM_OUT_MM - post.wideMm / 2, side: 'front' }],
  });
  const guys = v.guys === 'ends' ? stretchGuys(bars, setting) : { parts: [], joints: [], longestMm: 0 };
  const canes =
    v.canes === 'yes' ? standCanes(v, plantsOf({ stations }), sheets, run, setting) : { parts: [], joints: [] };
  const footings = pourFootings(bars, v.footing, v.gravel);
  const levelSteps = panel.levelsMm.slice(1).map((level, i) => level - (panel.levelsMm[i] as number));
  const wire = stockOf(setting.catalogue, 'guy-wire', 'cord').diameterMm;
  const first = bars[0] as Bar;
  const foot = first.from[2] + first.buriedMm;
  const whole = run.filter((piece) => piece.whole).length;

  const startMm = startOf(v, runEnd, bed);
  const design: Placement = {
    kind: 'guyed-wall',
    parts: [...bars, ...sheets, ...guys.parts, ...canes.parts, ...footings.parts],
    joints: [...panelJoints, ...guys.joints, ...canes.joints, ...footings.joints],
    stations,
    ground,
    builtMm: runEnd,
    wish: { askedMm: v.rowLength, stepMm: panel.pitchMm },
    startMm,
    posts: posts.map(standingOf),
    hold: {
      by: 'mesh',
      meshMm: { wide: panel.pitchMm, high: Math.max(...levelSteps) },
      memberMm: panel.wireMm,
      stepMm: Math.min(panel.pitchMm, Math.max(...levelSteps)),
      fineToMm: 0,
      carries: panel.carries,
      startsMm: v.gap,
      gapMm: v.gap,
      topMm: { least: top, most: top },
      could: panelsCould(setting, offeredPanels(setting), { net: false, gapMm: v.gap }),
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: 1,
    reasons: {
      post: fact('count.posts', { posts: bars.length, spacing: { mm: v.postSpacing } }),
      panel: fact(whole === run.length ? 'count.panels' : whole === 0 ? 'count.panel-cut' : 'count.panels-cut', {
        whole,
        mesh: { mm: panel.pitchMm },
        length: { mm: v.rowLength },
      }),
      'guy wire': fact('count.guys', {
        end: { mm: GUY_END_MM },
        stretch: { mm: stretchOf(v.pull, guys.longestMm, roundArea(wire)) },
        pull: v.pull,
      }),
      cane: fact('count.canes', { in: { mm: CANE_IN_MM } }),
      ...footingReasons(v.gravel),
      'panel to post': fact(v.ties === 'two' ? 'count.staples' : 'count.staples.only', { staples: v.staples }),
      'guy to post': fact('count.eyes'),
      'turnbuckle in a guy': fact('count.turnbuckles'),
      'cane to panel': fact('count.cane-ties'),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: runEnd, bed, rowsAtMm: [y], endTopMm: top }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'posts',
        atMm: postsAt.map((at) => footAt(lie, at, 0)[0]),
        tapedMm: postsAt,
      },
      {
        view: 'elevation',
        axis: 'z',
        label: 'heights',
        atMm: [...new Set([first.from[2], foot, foot + v.gap, foot + top])],
      },
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm: runEnd, yMm: y, topMm: top }),
      {
        knob: 'gap',
        view: 'elevation',
        at: [footAt(lie, runEnd / 2, 0)[0], footAt(lie, runEnd / 2, 0)[2] + v.gap],
        axis: 'up',
        perMm: 1,
      },
      { knob: 'depth', view: 'end', at: [y, -v.depth], axis: 'up', perMm: -1 },
      spacingHandle((bars[1] as Bar).to[0], (bars[1] as Bar).to[2]),
    ],
  };
  return {
    design,
    facts: {
      rowsAtMm: [y],
      spacingMm: Math.max(...postsAt.slice(1).map((at, i) => at - (postsAt[i] as number))),
      leansMm: leanOffPost(panel.heightMm, ground),
      guys:
        guys.longestMm > 0
          ? {
              tensionN: v.pull,
              stretchMm: stretchOf(v.pull, guys.longestMm, roundArea(wire)),
              yieldShare: yieldShareOf(v.pull, wire),
            }
          : null,
    } satisfies GuyedWallFacts,
  };
}

/** Two crossed wires in each end bay, from near the top of one post to near the foot of the next; a turnbuckle in each. */
function stretchGuys(
  posts: readonly Bar[],
  setting: BedSetting,
): { parts: Line[]; joints: Joint[]; longestMm: number } {
  const last = posts.length - 1;
  const bays =
    last > 1
      ? ([
          [0, 1],
          [last, last - 1],
        ] as const)
      : ([[0, last]] as const);
  const parts: Line[] = [];
  const joints: Joint[] = [];
  const turnbuckle = stockOf(setting.catalogue, 'turnbuckle', 'piece').lengthMm;
  let longestMm = 0;
  bays.forEach(([a, b], bay) =>
    [
      [a, b],
      [b, a],
    ].forEach(([high, low], i) => {
      const from = posts[high as number] as Bar;
      const to = posts[low as number] as Bar;
      const behind = from.from[1] + from.thickMm / 2;
      const head: Point = [from.to[0], behind, from.to[2] - EYE_IN_MM];
      const foot: Point = [to.to[0], behind, to.from[2] + to.buriedMm + EYE_IN_MM];
      const id = `guy-${bay + 1}${i === 0 ? 'a' : 'b'}`;
      const long = reach(head, foot);
      longestMm = Math.max(longestMm, long);
      parts.push({
        shape: 'line',
        id,
        role: 'guy wire',
        stock: 'guy-wire',
        path: [head, foot],
        diameterMm: 2.7,
        cutMm: Math.max(1, long - turnbuckle) + 2 * GUY_END_MM,
      });
      joints.push(
        {
          id: `${id}-head`,
          kind: 'guy to post',
          places: [head],
          parts: [id, from.id],
          fixings: [
            { stock: 'eye-bolt', count: 1, drive: { through: null, into: from.id, way: [0, -1, 0], places: [head] } },
          ],
        },
        {
          id: `${id}-foot`,
          kind: 'guy to post',
          places: [foot],
          parts: [id, to.id],
          fixings: [
            { stock: 'eye-bolt', count: 1, drive: { through: null, into: to.id, way: [0, -1, 0], places: [foot] } },
          ],
        },
        {
          id: `${id}-turnbuckle`,
          kind: 'turnbuckle in a guy',
          places: [add(foot, scale(unit(minus(head, foot)), GUY_END_MM))],
          parts: [id],
          fixings: [{ stock: 'turnbuckle', count: 1 }],
        },
      );
    }),
  );
  return { parts, joints, longestMm };
}

/** A cane from the soil beside each plant to the lowest wires of the panel above it. */
function standCanes(
  v: GuyedWallValues,
  stations: readonly Station[],
  sheets: readonly Sheet[],
  run: readonly RunPiece[],
  setting: BedSetting,
): { parts: Part[]; joints: Joint[] } {
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
  const parts: Bar[] = [];
  const joints: Joint[] = [];
  led.forEach(({ station, sheet, tie }, i) => {
    const way = unit(minus(tie, station.at));
    const id = `cane-${i + 1}`;
    parts.push(
      barOf({
        id,
        role: 'cane',
        of: cane,
        cutMm: long,
        buriedMm: CANE_IN_MM,
        wide: [1, 0, 0],
        ends: AS_BOUGHT,
        from: add(station.at, scale(way, -CANE_IN_MM)),
        to: add(station.at, scale(way, long - CANE_IN_MM)),
      }),
    );
    joints.push({
      id: `${id}-tie`,
      kind: 'cane to panel',
      places: [tie],
      parts: [id, sheet.id],
      fixings: [{ stock: 'tie-plastic', count: 1 }],
    });
  });
  return { parts, joints };
}
