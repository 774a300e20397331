import { stockOf } from '../../../catalogue/catalogue';
import type { SectionId } from '../../../catalogue/stock';
import { timberId } from '../../../catalogue/timber';
import type { Borne } from '../../../checks/vines-borne';
import { ascending, chain } from '../../../design/chain';
import { placed, type Design, type Hold, type Station } from '../../../design/design';
import { line } from '../../../geometry/curve';
import { inches } from '../../../quantity/length';
import { asPlace, frameOf } from '../../../site/stands/stands';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { boltPlates, PLATE_UP_MM, pourFootings, pourShoes, setBy, SHOE_UP_MM } from '../../assemblies/footing';
import { setPost, type SetPost } from '../../assemblies/set-post';
import type { Sizing } from '../../kind';
import { soilBeside, statureOf, viewsOf, type WaySetting } from '../../rules/over-way';
import { lastingTimber } from '../../rules/timber-knobs';
import { placeStations } from '../../rules/stations';
import { kneeBraces, layBeams, layRafters, sideBraces, type Grid } from './frame';
import { baysOf, legOf, onTheWay, sortOf, type ArborValues } from './knobs';
import { layRoofSlats, layRoofWires } from './roof';
import { closeSides, SIDE_WASHERS_MM } from './sides';
import { borneBy, heaviestOn } from './vines';

/** Stems stand this far outside the posts (from memory). mm. */
const STEM_OUT_MM = inches(4);

/** What its own checks and mends ask for. */
export interface ArborFacts {
  headroomMm: number;
  statureMm: number;
  insideMm: number;
  /** Clear where the posts stand on the way; null on open ground. */
  onWayMm: number | null;
  braces: number;
  /** What keeps it upright on shoes or plates, along the way and across it; null where its posts stand in the ground. */
  shoes: { along: boolean; across: boolean } | null;
  runs: number;
  way: { lengthMm: number } | null;
  /** What of all that is planted weighs most on the roof when it is old, to each metre, over how many rafters; null where nothing is. */
  vines: { crop: string; kgM: number; rafters: number; weightKg: number; beam: Borne; rafter: Borne } | null;
}

/** How far the foot of a post is over the soil or the slab. mm. */
const footUp = (v: ArborValues): number => ({ ground: 0, shoes: SHOE_UP_MM, plates: PLATE_UP_MM })[v.feet];

/** What its posts stand in or on. */
function footedOn(v: ArborValues, posts: readonly SetPost[]): Assembled {
  if (v.feet === 'plates') return boltPlates(posts);
  return v.feet === 'shoes' ? pourShoes(posts, v.depth, v.gravel) : pourFootings(posts, v.footing, v.gravel);
}

/** Sizes the arbor: posts in two lines, beams on their tops, rafters across them, braces in the corners, slats at the sides. */
export function sizeArbor(v: ArborValues, setting: WaySetting): Sizing<ArborFacts> {
  const timber = (section: SectionId) => stockOf(setting.catalogue, lastingTimber(setting, section), 'timber');
  const { wideMm: postMm } = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const way = asPlace(setting.place, 'beds')?.way ?? null;
  const startMm = way ? (way.lengthMm - v.long) / 2 : 0;
  const soil = soilBeside(setting, startMm);
  const y = (v.inside + postMm) / 2;
  const bays = baysOf(v);
  const grid: Omit<Grid, 'underMm'> = {
    alongMm: Array.from({ length: bays + 1 }, (_, i) => postMm / 2 + ((v.long - postMm) * i) / bays),
    acrossMm: [-y, y],
    postMm,
    beamsRun: v.beams,
  };
  const beamStock = timber(v.beamOf);
  const isSet = v.feet === 'ground';
  const sort = sortOf(v);
  const upMm = footUp(v);
  const aboveBeamMm = sort === 'paired' ? beamStock.wideMm : 0;
  const posts = grid.acrossMm.flatMap((across) =>
    grid.alongMm.map((along, i) =>
      setPost({
        id: `post-${across < 0 ? 'front' : 'back'}-${i + 1}`,
        foot: [along, across, upMm],
        aboveMm: v.headroom + aboveBeamMm - upMm,
        depthMm: isSet ? v.depth : 0,
        section: v.section,
        treatment: v.treatment,
        setting,
        set: isSet ? setBy(v.footing) : v.feet === 'shoes' ? 'shoe' : 'plate',
      }),
    ),
  );
  // Where no post on sale is long enough, all of it stands lower.
  const underMm = Math.min(v.headroom, ...posts.map(({ to }) => to[2] - aboveBeamMm));
  const g: Grid = { ...grid, underMm };
  const { beams, joints: onPosts } = layBeams(g, posts, {
    of: beamStock,
    shape: v.beamEnds,
    overMm: v.beamOver,
    longestMm: setting.sizesOf(beamStock.id).at(-1) ?? Infinity,
    sort,
  });
  const { rafters, joints: onBeams } = layRafters(g, beams, {
    of: timber(v.rafterOf),
    shape: v.rafterEnds,
    overMm: v.rafterOver,
    everyMm: v.rafterEvery,
    sort,
  });
  const legMm = legOf(v);
  const braceStock =
    sort === 'paired' ? stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber') : timber(v.rafterOf);
  const braces = legMm > 0 ? kneeBraces(g, posts, beams, { of: braceStock, legMm, sort }) : null;
  const knee = legMm > 0 ? { legMm, of: braceStock } : null;
  const aside = isSet ? null : sideBraces(g, posts, timber(v.rafterOf), knee);
  const slatted =
    v.roof === 'slats' ? layRoofSlats(g, rafters, { of: timber(v.roofSlatOf), share: v.shade / 100, setting }) : null;
  const sides = closeSides(v, setting, g, posts);
  const stations = way ? plantBeside(v, setting, soil, y + postMm / 2 + STEM_OUT_MM) : [];
  const topMm = underMm + beamStock.wideMm;
  return {
    design: placed({
      ...together(
        { parts: posts },
        { parts: beams, joints: onPosts },
        { parts: rafters, joints: onBeams },
        braces && { parts: braces.braces, joints: braces.joints },
        aside && { parts: aside.braces, joints: aside.joints },
        slatted,
        v.roof === 'wires' &&
          layRoofWires(g, rafters, { of: stockOf(setting.catalogue, 'line-wire', 'cord'), everyMm: v.wireEvery }),
        sides,
        footedOn(v, posts),
        { reasons: reasonsOf(v, rafters.length, slatted?.closed ?? 0) },
      ),
      stations,
      ground: { lengthMm: v.long, riseMm: 0 },
      builtMm: v.long,
      startMm,
      hold: way ? holdOf(v, setting, topMm) : null,
      views: viewsOf(soil, way?.wideMm ?? v.inside),
      marks: [
        chain('elevation', 'x', 'inside', [-v.inside / 2, v.inside / 2], [0, v.inside]),
        chain('elevation', 'x', 'over the posts', [-y - postMm / 2, y + postMm / 2], [0, v.inside + 2 * postMm]),
        chain('elevation', 'z', 'heights', [0, underMm, topMm, topMm + timber(v.rafterOf).wideMm]),
        chain('side', 'x', 'posts', ascending([0, ...g.alongMm, v.long])),
        sides && chain('side', 'z', 'slats', ascending([0, ...sides.upsMm])),
        chain('plan', 'x', 'posts', g.alongMm),
        chain('plan', 'z', 'across', g.acrossMm),
      ],
      handles: [
        { knob: 'inside', view: 'elevation', at: [0, v.inside / 2, v.headroom / 3], axis: 'right', perMm: 2 },
        { knob: 'headroom', view: 'elevation', at: [0, 0, underMm], axis: 'up' },
        { knob: 'long', view: 'side', at: [v.long, 0, v.headroom / 3], axis: 'right' },
        { knob: 'depth', view: 'side', at: [postMm / 2, 0, -v.depth], axis: 'up', perMm: -1 },
        legMm > 0 &&
          v.beams === 'across' && {
            knob: 'braceLeg',
            view: 'elevation',
            at: [0, -v.inside / 2, underMm - legMm],
            axis: 'up',
            perMm: -1,
          },
      ],
    }),
    facts: {
      headroomMm: underMm,
      statureMm: statureOf(setting),
      insideMm: v.inside,
      onWayMm: onTheWay(setting, v),
      braces: braces?.braces.length ?? 0,
      shoes: isSet
        ? null
        : {
            along: (aside?.braces.length ?? 0) > 0,
            across: v.beams === 'across' && (braces?.braces.length ?? 0) > 0,
          },
      runs: frameOf(setting.place, 0).turnDeg,
      way,
      vines: vinesOn(v, setting, rafters.length),
    },
  };
}

function vinesOn(v: ArborValues, setting: WaySetting, rafters: number): ArborFacts['vines'] {
  const heaviest = heaviestOn(setting.planted);
  if (!heaviest) return null;
  const { crop, kgM } = heaviest;
  return {
    crop: crop.name,
    kgM,
    rafters,
    weightKg: (kgM * v.long) / 1000,
    ...borneBy(v, setting, { kgM, rafters }),
  };
}

const reasonsOf = (v: ArborValues, rafters: number, closed: number): Design['reasons'] => ({
  post: fact('count.posts', { bays: baysOf(v) }),
  beam: fact(`count.beams.${v.beams}${sortOf(v) === 'paired' ? '-two' : ''}`),
  rafter: fact('count.rafters', { rafters, every: { mm: v.rafterEvery } }),
  brace: fact('count.braces'),
  'side brace': fact('count.side-braces'),
  slat: v.sides === 'mesh' ? fact('count.mesh-slats') : fact('count.slats', { every: { mm: v.slatEvery } }),
  'side lath': fact('count.side-laths'),
  'side mesh': fact('count.side-mesh'),
  'side wire': fact('count.side-wires', { every: { mm: v.slatEvery } }),
  string: fact('count.strings', { strings: v.strings }),
  'roof slat': fact('count.roof-slats', { closed: Math.round(100 * closed) }),
  'roof wire': fact('count.roof-wires', { every: { mm: v.wireEvery } }),
  'slat on rafter': fact('count.roof-screws'),
  'wire on rafter': fact('count.roof-staples'),
  'beam to post': fact('count.pair-screws'),
  'beam to brace': fact('count.pair-screws'),
  'beam on post': fact('count.beam-screws'),
  'rafter on beam': fact('count.rafter-screws'),
  'brace to post': fact('count.brace-screws'),
  'brace to beam': fact('count.brace-screws'),
  'rail to post': fact('count.slat-screws'),
  'lath on slat': fact('count.roof-screws'),
  'mesh on slat': fact('count.side-washers', { every: { mm: SIDE_WASHERS_MM } }),
  'wire on post': fact('count.side-staples'),
});

/** Plants of each bed along its own side; their stems go up the slats and over the beams. */
const plantBeside = (
  v: ArborValues,
  setting: WaySetting,
  soil: ReturnType<typeof soilBeside>,
  outMm: number,
): Station[] =>
  soil.flatMap(({ bed, side, heightMm }) =>
    placeStations({
      planted: setting.planted.filter((one) => one.bed === bed.id),
      ground: { lengthMm: v.long, riseMm: 0 },
      fromMm: 0,
      lengthMm: v.long,
      school: v.school,
      rows: [{ acrossMm: side * outMm, side: side < 0 ? 'front' : 'back' }],
    }).map((station): Station => {
      const foot = [station.at[0], side * outMm, heightMm] as const;
      return {
        ...station,
        at: foot,
        stem: line(foot, [
          foot[0],
          side * (outMm - STEM_OUT_MM),
          Math.max(heightMm + 1, Math.min(v.headroom, heightMm + station.growsMm)),
        ]),
      };
    }),
  );

/** What climbs holds on to what is at the sides, or to the posts, and goes on over the roof. mm. */
function holdOf(v: ArborValues, setting: WaySetting, topMm: number): Hold {
  const { catalogue } = setting;
  const on = (
    by: Hold['by'],
    memberMm: number,
    stepMm: number,
  ): Pick<Hold, 'by' | 'memberMm' | 'stepMm' | 'meshMm'> => ({
    by,
    memberMm,
    stepMm,
    meshMm: null,
  });
  const roll = stockOf(catalogue, v.sideMesh, 'mesh roll');
  const thickMm = stockOf(catalogue, lastingTimber(setting, v.slatOf), 'timber').thickMm;
  const held = {
    open: () => on('poles', stockOf(catalogue, timberId(v.section, v.treatment), 'timber').wideMm, v.headroom),
    slats: () =>
      v.strings > 0
        ? on(
            'poles',
            stockOf(catalogue, `twine-${v.twine}`, 'cord').diameterMm,
            Math.min(v.slatEvery, v.long / (v.strings + 1)),
          )
        : on('poles', thickMm, v.slatEvery),
    lattice: () => on('poles', thickMm, v.slatEvery),
    mesh: () => ({
      ...on('mesh', roll.wireMm, Math.max(roll.openingMm, roll.stepMm)),
      meshMm: { wide: roll.openingMm, high: roll.stepMm },
    }),
    wires: () => on('wires', stockOf(catalogue, 'line-wire', 'cord').diameterMm, v.slatEvery),
  }[v.sides]();
  return {
    ...held,
    fineToMm: 0,
    carries: 'heavy',
    startsMm: v.sides === 'open' ? 0 : v.slatFrom,
    gapMm: 0,
    topMm: { least: topMm, most: topMm },
    could: { topMm, carries: 'heavy', net: true },
  };
}
