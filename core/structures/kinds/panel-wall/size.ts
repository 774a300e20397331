import { stockOf } from '../../../catalogue/catalogue';
import type { WeldedPanel } from '../../../catalogue/stock';
import { ascending, chain } from '../../../design/chain';
import { placed, type Design, type Mark } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { slopeOf } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf, spacingPull } from '../../assemblies/bed-row';
import { panelHold } from '../../assemblies/panels';
import type { SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { panelsCould } from '../../rules/could';
import { footAt, lengthOnLie, lengthOnSoil, lieChain, type Lie } from '../../rules/lie';
import { offeredPanels, wholeRunMm } from '../../rules/panel-choice';
import { baysOfRow, rowAsStood, stoodReason, type RowAsStood } from '../../rules/as-stood';
import { leanOffPost, overlapPlaces, panelRun, panelRunOver, type RunPiece } from '../../rules/panel-run';
import { acrossBed } from '../../rules/row';
import { fewestPosts, widestBay } from '../../rules/spacing';
import type { PlantRow } from '../../rules/stations';
import { isOffered, type BedSetting } from '../../setting';
import type { PanelWallValues } from './knobs';
import { fineMeshTop, MOST_OPEN_GAP_MM, NET_TIE_EVERY_MM, placeWall, STEM_OUT_MM, TIES_A_LAP } from './wall';

/** What its own checks and mends ask for. */
export interface PanelWallFacts {
  /** Where the walls stand across the bed, 0 being its middle; how far apart posts stand at most; how far panels stand off plumb end posts. mm. */
  rowsAtMm: readonly number[];
  spacingMm: number;
  leansMm: number;
}

/** As it is planned every post stands at a wire: no more than rounding (from memory). mm. */
const ON_WIRE_MM = 1;
/** What a post is called where there is one wall. */
const postId = (i: number): string => `post-${i + 1}`;

/** Sizes the wall and places its parts. Every length follows the trade's rules named beside it. */
export function sizePanelWall(v: PanelWallValues, setting: BedSetting): Sizing<PanelWallFacts> {
  const panel = stockOf(setting.catalogue, v.panel, 'panel');
  const ground = groundOf(setting.place.bed);
  const lie: Lie = { ground, level: v.onSlope === 'level' && ground.riseMm !== 0 };
  const asked = panelRun(lengthOnLie(lie, v.rowLength), panel, v.overlap);
  const meant = v.panels === asked.length ? asked : panelRun(wholeRunMm(v.panels, panel, v.overlap), panel, v.overlap);
  const { faceMm } = stockOf(setting.catalogue, 'steel-post', 'steel post');
  // Of two walls a bay is one of each: neither is measured by itself.
  const stood = rowAsStood(
    fewestPosts(0, overlapPlaces(meant, panel.pitchMm), (meant[meant.length - 1] as RunPiece).toMm, v.postSpacing),
    faceMm,
    postId,
    v.walls > 1 ? { measured: {} } : setting,
  );
  const { postsAt } = stood;
  const asStood = stood.bays.some(({ isMeasured }) => isMeasured);
  const run = asStood ? panelRunOver(postsAt, panel, v.overlap, faceMm / 2) : meant;
  const runEnd = (run[run.length - 1] as RunPiece).toMm;
  const middle = acrossBed(v.rowAt, setting);
  const rowsAtMm = Array.from({ length: v.walls }, (_, i) => middle + (i - (v.walls - 1) / 2) * v.wallSpacing);
  const walls = rowsAtMm.map((y, i) =>
    placeWall({
      v,
      panel,
      lie,
      run,
      postsAt,
      onFaceMm: asStood ? faceMm / 2 : ON_WIRE_MM,
      y,
      name: v.walls > 1 ? `${i + 1}.` : '',
      setting,
    }),
  );
  const [first, second] = (walls[0] as (typeof walls)[number]).posts as [SetPost, SetPost];
  const builtMm = lengthOnSoil(lie, runEnd);
  const stepDrop = lie.level
    ? Math.max(...run.map((piece) => (piece.toMm - piece.fromMm) * Math.abs(Math.tan(slopeOf(ground)))))
    : 0;
  const top = v.gap + panel.heightMm;
  const row = bedRow(setting, v, {
    builtMm,
    yMm: middle,
    topMm: top,
    endTopMm: top + stepDrop,
    rowsAtMm,
    rows: rowsAtMm.flatMap((y): PlantRow[] => [
      { acrossMm: y - STEM_OUT_MM, side: 'front' },
      ...(v.sides === 'both' ? [{ acrossMm: y + STEM_OUT_MM, side: 'back' as const }] : []),
    ]),
  });
  return {
    design: placed({
      ...together(...walls, { reasons: reasonsFor(v, panel, run, stood, lie.level) }),
      ...row,
      ...(v.walls > 1 ? {} : { bays: baysOfRow(stood, faceMm, postId, lie) }),
      wish: { askedMm: v.panels === asked.length ? v.rowLength : builtMm, stepMm: panel.pitchMm },
      hold: panelHold(panel, {
        gapMm: v.gap,
        startsMm: v.gap > MOST_OPEN_GAP_MM ? v.gap / 2 : v.gap,
        fineToMm: v.fineMesh === 'low' ? fineMeshTop(v, setting) : 0,
        topMm: { least: top, most: top + stepDrop },
        could: panelsCould(setting, offeredPanels(setting), {
          net: isOffered(setting, 'mesh-fine'),
          gapMm: v.gap,
          mostMm: (setting.sizesOf('steel-post').at(-1) ?? Infinity) - v.depth + v.abovePost - aslantMm(panel, lie),
        }),
      }),
      marks: [...marksFor({ v, panel, run, lie, postsAt, first }), ...row.marks],
      handles: [
        ...row.handles,
        { knob: 'gap', view: 'elevation', at: footAt(lie, runEnd / 2, 0, v.gap), axis: 'up' },
        { knob: 'depth', view: 'end', at: [0, first.from[1], -v.depth], axis: 'up', perMm: -1 },
        spacingPull(second.to),
      ],
    }),
    facts: {
      rowsAtMm,
      spacingMm: widestBay(postsAt),
      leansMm: lie.level ? 0 : leanOffPost(panel.heightMm, ground),
    },
  };
}

/** How much taller plumb posts are than a panel that follows the ground stands over it. mm. */
const aslantMm = ({ heightMm }: WeldedPanel, { ground, level }: Lie): number =>
  level ? 0 : heightMm * (Math.hypot(1, Math.tan(slopeOf(ground))) - 1);

function reasonsFor(
  v: PanelWallValues,
  panel: WeldedPanel,
  run: readonly RunPiece[],
  stood: RowAsStood,
  steps: boolean,
): Design['reasons'] {
  const { postsAt } = stood;
  const whole = run.filter((piece) => piece.whole).length;
  const laid = whole === run.length ? 'count.panels' : whole === 0 ? 'count.panel-cut' : 'count.panels-cut';
  const each = v.walls > 1 ? '.walls' : run.length > 1 ? '.laps' : '';
  return {
    post:
      stoodReason(stood) ??
      fact(`count.posts${each}`, { posts: postsAt.length, spacing: { mm: v.postSpacing }, walls: v.walls }),
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
}): Mark<'elevation'>[] {
  const { v, panel, run } = o;
  const foot = o.first.from[2] + o.first.buriedMm;
  const laps = run.slice(1).flatMap((next, i) => [next.fromMm, (run[i] as RunPiece).toMm]);
  return [
    lieChain(o.lie, 'posts', o.postsAt),
    ...(run.length > 1 ? [lieChain(o.lie, 'panels', [0, ...laps, (run[run.length - 1] as RunPiece).toMm])] : []),
    chain('elevation', 'z', 'heights', ascending([o.first.from[2], foot, foot + v.gap, foot + v.gap + panel.heightMm])),
  ];
}
