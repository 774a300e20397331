import { soilBeside, statureOf, viewsOf, type WaySetting } from '../../rules/over-way';
import { stockOf } from '../../../catalogue/catalogue';
import type { MeshRoll, WeldedPanel } from '../../../catalogue/stock';
import { bendOf, type Bend } from '../../../checks/bend-sets';
import { ascending, chain } from '../../../design/chain';
import { placed, type Hold } from '../../../design/design';
import { ofShape } from '../../../design/shapes/shapes';
import { inches } from '../../../quantity/length';
import { tightestRadius } from '../../../statics/elastica';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import type { Sizing } from '../../kind';
import { isOffered } from '../../setting';
import { bendHoops, bendPanel, chainOf } from './bend';
import { plantAlong } from './beside';
import type { Bow } from './bow';
import type { PanelArchValues } from './knobs';
import { layMesh, SEAM_EVERY_MM, seams } from './mesh';
import { standHoops, standPosts, TIES_A_POST } from './stands';
import { asPlace, frameOf } from '../../../site/stands/stands';

/** What its own checks and mends ask for. */
export interface PanelArchFacts {
  bow: Bow;
  /** Between the feet as asked for, and as far as the strip reaches. */
  askedMm: number;
  widestMm: number;
  wantedMm: number;
  statureMm: number;
  pushN: number;
  /** What its tightest bend does to its wire or rod. */
  bend: Bend;
  way: { wideMm: number; lengthMm: number; skewDeg: number } | null;
  runs: number;
}

/** Sizes the arch: the bow of a strip between feet that posts (or the soil) hold upright, panel beside panel, plants along both feet. */
export function sizePanelArch(v: PanelArchValues, setting: WaySetting): Sizing<PanelArchFacts> {
  const { place } = setting;
  const way = asPlace(place, 'beds')?.way ?? null;
  const isPanel = v.make === 'panel';
  const meshStock = isPanel
    ? v.panel
    : (['mesh-4-welded', 'mesh-garden'].find((id) => isOffered(setting, id)) ?? 'mesh-4-welded');
  const { bow, askedMm, widestMm, strip } = isPanel ? bendPanel(v, setting) : bendHoops(v, setting, meshStock);
  const builtMm = v.count * strip.wideMm;
  const startMm = way ? (way.lengthMm - builtMm) / 2 : 0;
  const edges = Array.from({ length: v.count + 1 }, (_, i) => i * strip.wideMm);
  const strand = chainOf(bow, isPanel ? 0 : v.depth);
  const sheets = Array.from({ length: v.count }, (_, i) =>
    layMesh(meshStock, strand, i, bow, setting, isPanel ? 0 : v.depth),
  );
  const stood = isPanel
    ? standPosts(v, setting, bow, edges, sheets)
    : standHoops(v, setting, bow, edges, sheets, strand);
  // Posts stand beside the feet: they are set out by their own middles.
  const postsAt = ascending(
    ofShape(stood.parts, 'bar').flatMap(({ role, from }) => (role === 'post' ? [from[1]] : [])),
  );
  const soil = soilBeside(setting, startMm);
  const along = bow.lengthMm / 2;
  const half = bow.spanMm / 2;
  const held = bow.liftMm + bow.heldMm;
  const bend = bendOf(tightestRadius(bow.free), strip.section, !isPanel);
  const wires = stockOf(setting.catalogue, isPanel ? v.panel : meshStock, isPanel ? 'panel' : 'mesh roll');
  const gapMm = Math.max(0, bow.liftMm - Math.max(0, ...soil.map((side) => side.heightMm)));
  return {
    design: placed({
      ...together({ parts: sheets }, stood, { joints: seams(sheets, bow) }),
      stations: way ? plantAlong(v, setting, bow, builtMm, strand, soil) : [],
      ground: { lengthMm: Math.max(1, builtMm), riseMm: 0 },
      builtMm,
      startMm,
      hold: holdOf(wires, gapMm, along),
      views: viewsOf(soil, way?.wideMm ?? bow.spanMm),
      reasons: {
        panel: fact('count.panels', { panels: v.count }),
        mesh: fact('count.mesh', { strips: v.count }),
        post: fact('count.posts', { sides: v.count + 1 }),
        hoop: fact('count.hoops', { hoops: v.count + 1 }),
        purlin: fact('count.purlin'),
        'panel to post': fact('count.ties', { ties: TIES_A_POST }),
        'panel to panel': fact('count.seams', { every: { mm: SEAM_EVERY_MM } }),
        'mesh to hoop': fact('count.mesh-ties', { every: { mm: SEAM_EVERY_MM } }),
        'hoop to purlin': fact('count.clamps'),
      },
      marks: [
        chain('elevation', 'x', 'feet', [-half, half], [0, bow.spanMm]),
        isPanel && chain('elevation', 'x', 'posts', postsAt, [0, (postsAt[1] ?? 0) - (postsAt[0] ?? 0)]),
        way && way.wideMm > 1 && chain('elevation', 'x', 'way', [-way.wideMm / 2, way.wideMm / 2]),
        chain('elevation', 'z', 'heights', [...new Set([0, bow.liftMm, held, bow.crownMm])]),
        chain('elevation', 'z', 'headroom', [0, bow.crownMm]),
        chain('side', 'x', 'posts', edges),
        chain('plan', 'x', 'posts', edges),
        chain('plan', 'z', 'across', [-half, half]),
      ],
      handles: [
        v.solve !== 'span' && { knob: 'span', view: 'elevation', at: [0, half, bow.liftMm], axis: 'right', perMm: 2 },
        { knob: 'held', view: 'elevation', at: [0, -half, held], axis: 'up' },
        v.solve === 'headroom' &&
          isPanel && { knob: 'lift', view: 'elevation', at: [0, -half, bow.liftMm], axis: 'up' },
        v.solve !== 'headroom' &&
          Math.abs(bow.crownMm - v.headroom) < 2 && {
            knob: 'headroom',
            view: 'elevation',
            at: [0, 0, bow.crownMm],
            axis: 'up',
          },
        { knob: 'depth', view: 'side', at: [edges[0] ?? 0, 0, -v.depth], axis: 'up', perMm: -1 },
      ],
    }),
    facts: {
      bow,
      askedMm,
      widestMm,
      wantedMm: v.solve === 'headroom' ? 0 : v.headroom,
      statureMm: statureOf(setting),
      // What was bent about a form, and has set, stands so by itself.
      pushN: bend.formMm !== null && bend.tightMm < bend.yieldMm ? 0 : bow.free.pushPerEi * strip.stiffness,
      bend,
      way,
      runs: frameOf(place, 0).turnDeg,
    },
  };
}

/** What plants hold on to: the wires of its panel or mesh, from the highest soil at its feet up to its crown along its bow. mm. */
function holdOf(wires: WeldedPanel | MeshRoll, gapMm: number, alongMm: number): Hold {
  const { carries } = wires;
  // Its feet may hang over the soil: a stem climbs that first.
  const topMm = gapMm + alongMm;
  const mesh =
    wires.form === 'panel' ? { wide: wires.pitchMm, high: inches(8) } : { wide: wires.openingMm, high: wires.stepMm };
  return {
    by: 'mesh',
    meshMm: mesh,
    memberMm: wires.wireMm,
    stepMm: Math.min(mesh.wide, mesh.high),
    fineToMm: 0,
    carries,
    startsMm: gapMm,
    gapMm,
    topMm: { least: topMm, most: topMm },
    could: { topMm, carries, net: false },
  };
}
