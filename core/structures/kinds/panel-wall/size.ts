import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import type { WeldedPanel } from '../../../catalogue/stock';
import type { Placement, Joint, Mark, Standing } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { slopeOf, type Ground } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { footAt, lengthOnLie, lengthOnSoil, type Lie } from '../../rules/lie';
import { acrossBed, startOf, rowHandles, spacingHandle } from '../../rules/row';
import { isOffered, type BedSetting } from '../../setting';
import { fewestPosts } from '../../rules/spacing';
import { placeStations } from '../../rules/stations';
import type { PanelWallValues } from './knobs';
import { panelsCould } from '../../rules/could';
import { offeredPanels, wholeRunMm } from '../../rules/panel-choice';
import { leanOffPost, overlapPlaces, panelRun, type RunPiece } from '../../rules/panel-run';
import { MOST_OPEN_GAP_MM, NET_TIE_EVERY_MM, STEM_OUT_MM, TIES_A_LAP, fineMeshTop, placeWall } from './wall';

/** What its own checks and mends ask for. */
export interface PanelWallFacts {
  /** Where the walls stand across the bed, 0 being its middle; how far apart posts stand at most; how far panels stand off plumb end posts. mm. */
  rowsAtMm: readonly number[];
  spacingMm: number;
  leansMm: number;
}

/** Sizes the wall and places its parts. Every length follows the trade's rules named beside it. */
export function sizePanelWall(v: PanelWallValues, setting: BedSetting): Sizing<PanelWallFacts> {
  const { bed } = setting.place;
  const panel = stockOf(setting.catalogue, v.panel, 'panel');
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const lie: Lie = { ground, level: v.onSlope === 'level' && ground.riseMm !== 0 };
  const asked = panelRun(lengthOnLie(lie, v.rowLength), panel, v.overlap);
  const run = v.panels === asked.length ? asked : panelRun(wholeRunMm(v.panels, panel, v.overlap), panel, v.overlap);
  const runEnd = (run[run.length - 1] as RunPiece).toMm;
  const postsAt = fewestPosts(0, overlapPlaces(run, panel.pitchMm), runEnd, v.postSpacing);
  const middle = acrossBed(v.rowAt, setting);
  const rows = Array.from({ length: v.walls }, (_, i) => middle + (i - (v.walls - 1) / 2) * v.wallSpacing);

  const parts: Part[] = [];
  const joints: Joint[] = [];
  const standing: Standing[] = [];
  rows.forEach((y, row) => {
    const wall = placeWall({ v, panel, lie, run, postsAt, y, name: rows.length > 1 ? `${row + 1}.` : '', setting });
    parts.push(...wall.parts);
    joints.push(...wall.joints);
    standing.push(...wall.standing);
  });

  const posts = parts.filter((part): part is Bar => part.role === 'post');
  const builtMm = lengthOnSoil(lie, runEnd);
  const plantRows = rows.flatMap((y) =>
    v.sides === 'both'
      ? [
          { acrossMm: y - STEM_OUT_MM, side: 'front' as const },
          { acrossMm: y + STEM_OUT_MM, side: 'back' as const },
        ]
      : [{ acrossMm: y - STEM_OUT_MM, side: 'front' as const }],
  );
  const levelSteps = panel.levelsMm.slice(1).map((level, i) => level - (panel.levelsMm[i] as number));
  const stepDrop = lie.level
    ? Math.max(...run.map((piece) => (piece.toMm - piece.fromMm) * Math.abs(Math.tan(slopeOf(ground)))))
    : 0;
  const wire = v.gap > MOST_OPEN_GAP_MM;
  const firstPost = posts[0] as Bar;

  const startMm = startOf(v, builtMm, bed);
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: builtMm,
    school: v.school,
    rows: plantRows,
  });
  const design: Placement = {
    kind: 'panel-wall',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    wish: { askedMm: v.panels === asked.length ? v.rowLength : builtMm, stepMm: panel.pitchMm },
    startMm,
    posts: standing,
    hold: {
      by: 'mesh',
      meshMm: { wide: panel.pitchMm, high: Math.max(...levelSteps) },
      memberMm: panel.wireMm,
      stepMm: Math.min(panel.pitchMm, Math.max(...levelSteps)),
      fineToMm: v.fineMesh === 'low' ? fineMeshTop(v, setting) : 0,
      carries: panel.carries,
      startsMm: wire ? v.gap / 2 : v.gap,
      gapMm: v.gap,
      topMm: { least: v.gap + panel.heightMm, most: v.gap + panel.heightMm + stepDrop },
      could: panelsCould(setting, offeredPanels(setting), {
        net: isOffered(setting, 'mesh-fine'),
        gapMm: v.gap,
        mostMm: (setting.sizesOf('steel-post').at(-1) ?? Infinity) - v.depth + v.abovePost,
      }),
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: v.walls,
    reasons: reasonsFor(v, panel, run, postsAt, lie.level),
    marks: [
      ...marksFor({ v, panel, run, lie, postsAt, first: firstPost }),
      ...rowMarks({
        stations,
        ground,
        builtMm: builtMm,
        bed,
        rowsAtMm: rows,
        endTopMm: v.gap + panel.heightMm + stepDrop,
      }),
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm, yMm: middle, topMm: v.gap + panel.heightMm }),
      { knob: 'gap', view: 'elevation', at: [runEnd / 2, footAt(lie, runEnd / 2, 0)[2] + v.gap], axis: 'up', perMm: 1 },
      { knob: 'depth', view: 'end', at: [firstPost.from[1], -v.depth], axis: 'up', perMm: -1 },
      spacingHandle((posts[1] as Bar).to[0], (posts[1] as Bar).to[2]),
    ],
  };
  return {
    design,
    facts: {
      rowsAtMm: rows,
      spacingMm: Math.max(...postsAt.slice(1).map((at, i) => at - (postsAt[i] as number))),
      leansMm: lie.level ? 0 : leanOffPost(panel.heightMm, ground),
    } satisfies PanelWallFacts,
  };
}

function reasonsFor(
  v: PanelWallValues,
  panel: WeldedPanel,
  run: readonly RunPiece[],
  postsAt: readonly number[],
  steps: boolean,
): Placement['reasons'] {
  const whole = run.filter((piece) => piece.whole).length;
  const laid = whole === run.length ? 'count.panels' : whole === 0 ? 'count.panel-cut' : 'count.panels-cut';
  const each = v.walls > 1 ? '.walls' : run.length > 1 ? '.laps' : '';
  return {
    post: fact(`count.posts${each}`, { posts: postsAt.length, spacing: { mm: v.postSpacing }, walls: v.walls }),
    panel: fact(laid, { whole, mesh: { mm: panel.pitchMm }, length: { mm: v.rowLength } }),
    'fine mesh': fact('count.net'),
    'line wire': fact('count.wire', { gap: { mm: v.gap }, most: { mm: MOST_OPEN_GAP_MM } }),
    'panel to post': fact(steps ? 'count.fixings.steps' : 'count.fixings', {
      each: v.perPost,
      posts: postsAt.length * v.walls,
    }),
    'panel to panel': fact('count.laps', { ties: TIES_A_LAP, laps: (run.length - 1) * v.walls }),
    'net to panel': fact('count.net-ties', { every: { mm: NET_TIE_EVERY_MM } }),
    'wire to post': fact('count.wire-ties'),
  };
}

function marksFor(o: {
  v: PanelWallValues;
  panel: WeldedPanel;
  run: readonly RunPiece[];
  lie: Lie;
  postsAt: readonly number[];
  first: Bar;
}): Mark[] {
  const { v, panel, run } = o;
  const foot = o.first.from[2] + o.first.buriedMm;
  const along = (label: string, atMm: readonly number[]): Mark => ({
    view: 'elevation',
    axis: 'x',
    label,
    atMm: atMm.map((at) => footAt(o.lie, at, 0)[0]),
    tapedMm: atMm,
  });
  const laps = run.slice(1).flatMap((next, i) => [next.fromMm, (run[i] as RunPiece).toMm]);
  return [
    along('posts', o.postsAt),
    ...(run.length > 1 ? [along('panels', [0, ...laps, (run[run.length - 1] as RunPiece).toMm])] : []),
    {
      view: 'elevation',
      axis: 'z',
      label: 'heights',
      atMm: [...new Set([o.first.from[2], foot, foot + v.gap, foot + v.gap + panel.heightMm])],
    },
  ];
}
