import { stockOf } from '../../../catalogue/catalogue';
import { meshesAcross } from '../../../catalogue/stock';
import type { Design, Joint, Standing, Station } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Part } from '../../../design/shapes/shapes';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { sampledThrough, shifted, type Curve } from '../../../geometry/curve';
import { ALONG, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import type { Bed } from '../../../site/bed';
import { frameOf, toFrame } from '../../../site/stand';
import { MESH_WIRE_YIELD_MPA, roundInertia, yieldRadius } from '../../../statics/elastica';
import { STEEL_E_MPA } from '../../../statics/wire';
import { fact } from '../../../wording/say';
import type { Built } from '../../kind';
import type { Values } from '../../knob';
import { nextStockUp } from '../../rules/depth';
import { placeStations } from '../../rules/stations';
import { isOffered } from '../../setting';
import { bowOf, lengthFor, spanFor, widestSpan, type Bow } from './bow';
import { statureOf, type ArchSetting, type PANEL_ARCH_KNOBS } from './knobs';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';

export type PanelArchValues = Values<typeof PANEL_ARCH_KNOBS>;

/** Ties a post, and how far apart those along a seam are (from memory). A wire tie takes 10″. mm. */
const TIES_A_POST = 3;
const SEAM_EVERY_MM = inches(24);
const TIE_MM = inches(10);
/** Stems stand this far outside the mesh (from memory). mm. */
const STEM_OUT_MM = inches(3);
/** Longest hoop, where the price book names no length. mm. */
const USUAL_ROD_MM = feet(20);

/** What its own checks and mends ask for. */
export interface PanelArchFacts {
  bow: Bow;
  /** Between the feet as asked for, and as far as the strip reaches. */
  askedMm: number;
  widestMm: number;
  wantedMm: number;
  statureMm: number;
  pushN: number;
  /** Radius at which its wire or rod begins to set. */
  yieldMm: number;
  way: { wideMm: number; lengthMm: number; skewDeg: number } | null;
  runs: number;
}

/** What is bent: how long and how wide it is, how stiff, and when it sets. */
interface Strip {
  lengthMm: number;
  wideMm: number;
  stiffness: number;
  yieldMm: number;
}

/** Sizes the arch: the bow of an elastica between feet that posts (or the soil) hold upright, panel beside panel, plants along both feet. */
export function sizePanelArch(v: PanelArchValues, setting: ArchSetting): Built<PanelArchFacts> {
  const { place } = setting;
  const way = place.on === 'beds' ? place.way : null;
  const isPanel = v.make === 'panel';
  const meshStock = isPanel
    ? v.panel
    : (['mesh-4-welded', 'mesh-garden'].find((id) => isOffered(setting, id)) ?? 'mesh-4-welded');
  const { bow, askedMm, widestMm, strip } = isPanel ? bendPanel(v, setting) : bendHoops(v, setting, meshStock);
  const builtMm = v.count * strip.wideMm;
  const startMm = way ? (way.lengthMm - builtMm) / 2 : 0;
  const edges = Array.from({ length: v.count + 1 }, (_, i) => i * strip.wideMm);
  const chain = chainOf(bow, isPanel ? 0 : v.depth);
  const sheets = Array.from({ length: v.count }, (_, i) =>
    layMesh(meshStock, chain, i, bow, setting, isPanel ? 0 : v.depth),
  );
  const built = isPanel
    ? standPosts(v, setting, bow, edges, sheets)
    : standHoops(v, setting, bow, edges, sheets, chain);
  const soil = soilBeside(setting, startMm);
  const stations = way ? plantAlong(v, setting, bow, builtMm, chain, soil) : [];
  const along = bow.lengthMm / 2;
  const half = bow.spanMm / 2;
  const wires = stockOf(setting.catalogue, isPanel ? v.panel : meshStock, isPanel ? 'panel' : 'mesh roll');
  const mesh =
    wires.form === 'panel' ? { wide: wires.pitchMm, high: inches(8) } : { wide: wires.openingMm, high: wires.stepMm };

  const design: Design = {
    kind: 'panel-arch',
    parts: [...sheets, ...built.parts],
    joints: [...built.joints, ...seams(sheets, bow)],
    stations,
    ground: { lengthMm: Math.max(1, builtMm), riseMm: 0 },
    builtMm,
    startMm,
    posts: built.posts,
    hold: {
      by: 'mesh',
      meshMm: mesh,
      memberMm: wires.wireMm,
      stepMm: Math.min(mesh.wide, mesh.high),
      fineToMm: 0,
      carries: wires.carries,
      startsMm: Math.max(0, bow.liftMm - Math.max(0, ...soil.map((side) => side.heightMm))),
      gapMm: Math.max(0, bow.liftMm - Math.max(0, ...soil.map((side) => side.heightMm))),
      topMm: { least: along, most: along },
      could: { topMm: along, carries: wires.carries, net: false },
    },
    views: viewsOf(soil, way?.wideMm ?? bow.spanMm),
    bodies: 1,
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
      { view: 'elevation', axis: 'x', label: 'feet', atMm: [-half, half], tapedMm: [0, bow.spanMm] },
      ...(way && way.wideMm > 1
        ? [{ view: 'elevation', axis: 'x' as const, label: 'way', atMm: [-way.wideMm / 2, way.wideMm / 2] }]
        : []),
      {
        view: 'elevation',
        axis: 'z',
        label: 'heights',
        atMm: [...new Set([0, bow.liftMm, bow.liftMm + bow.heldMm, bow.crownMm])],
      },
      { view: 'side', axis: 'x', label: 'posts', atMm: edges },
      { view: 'plan', axis: 'x', label: 'posts', atMm: edges },
      { view: 'plan', axis: 'z', label: 'across', atMm: [-half, half] },
    ],
    handles: [
      ...(v.solve !== 'span'
        ? [{ knob: 'span', view: 'elevation', at: [half, bow.liftMm], axis: 'right', perMm: 2 } as const]
        : []),
      { knob: 'held', view: 'elevation', at: [-half, bow.liftMm + bow.heldMm], axis: 'up', perMm: 1 },
      ...(v.solve === 'headroom' && isPanel
        ? [{ knob: 'lift', view: 'elevation', at: [-half, bow.liftMm], axis: 'up', perMm: 1 } as const]
        : []),
      ...(v.solve !== 'headroom' && Math.abs(bow.crownMm - v.headroom) < 2
        ? [{ knob: 'headroom', view: 'elevation', at: [0, bow.crownMm], axis: 'up', perMm: 1 } as const]
        : []),
      { knob: 'depth', view: 'side', at: [edges[0] ?? 0, -v.depth], axis: 'up', perMm: -1 },
    ],
  };
  return {
    design,
    facts: {
      bow,
      askedMm,
      widestMm,
      wantedMm: v.solve === 'headroom' ? 0 : v.headroom,
      statureMm: statureOf(setting),
      pushN: bow.free.pushPerEi * strip.stiffness,
      yieldMm: strip.yieldMm,
      way,
      runs: (place.on === 'beds' ? place.way.at : place.at).turnDeg,
    },
  };
}

/** A panel of given length: two of span, feet and headroom give the third. */
function bendPanel(
  v: PanelArchValues,
  setting: ArchSetting,
): { bow: Bow; askedMm: number; widestMm: number; strip: Strip } {
  const panel = stockOf(setting.catalogue, v.panel, 'panel');
  const { lengthMm } = panel;
  const strip: Strip = {
    lengthMm,
    wideMm: panel.heightMm,
    // The long wires bend; those across them only space them.
    stiffness: panel.levelsMm.length * STEEL_E_MPA * roundInertia(panel.wireMm),
    yieldMm: yieldRadius(panel.wireMm, STEEL_E_MPA, MESH_WIRE_YIELD_MPA),
  };
  const widestMm = widestSpan(lengthMm, v.held);
  const liftSet = v.solve === 'feet' ? 0 : v.lift;
  const askedMm =
    v.solve === 'span'
      ? spanFor({ crownMm: v.headroom, liftMm: liftSet, heldMm: v.held, lengthMm, least: inches(18), most: feet(14) })
      : v.span;
  const spanMm = Math.min(askedMm, widestMm);
  const flat = bent({ spanMm, liftMm: liftSet, heldMm: v.held, lengthMm });
  // On feet that are solved for, the whole bow is lifted as it is.
  const lift = v.solve === 'feet' ? Math.min(feet(3), Math.max(0, v.headroom - flat.crownMm)) : 0;
  return { bow: { ...flat, liftMm: flat.liftMm + lift, crownMm: flat.crownMm + lift }, askedMm, widestMm, strip };
}

/** Hoops are cut as long as the headroom takes; with the headroom left open they are half a circle. */
function bendHoops(
  v: PanelArchValues,
  setting: ArchSetting,
  meshStock: string,
): { bow: Bow; askedMm: number; widestMm: number; strip: Strip } {
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const mesh = stockOf(setting.catalogue, meshStock, 'mesh roll');
  const most = (setting.sizesOf(rod.id).at(-1) ?? USUAL_ROD_MM) - 2 * v.depth;
  const spanMm = v.solve === 'span' ? Math.min(feet(14), Math.max(inches(18), (2 * v.headroom) / 1.7)) : v.span;
  const lengthMm =
    v.solve === 'headroom'
      ? (Math.PI / 2) * spanMm + 2 * v.held
      : lengthFor({
          crownMm: v.headroom,
          spanMm,
          liftMm: 0,
          heldMm: v.held,
          most: Math.max(most, 1.2 * spanMm + 2 * v.held),
        });
  const strip: Strip = {
    lengthMm,
    wideMm: mesh.heightMm,
    stiffness: rod.stiffnessMpa * roundInertia(rod.diameterMm, rod.wallMm),
    yieldMm: yieldRadius(rod.diameterMm, rod.stiffnessMpa, rod.yieldMpa),
  };
  return {
    bow: bent({ spanMm, liftMm: 0, heldMm: v.held, lengthMm }),
    askedMm: spanMm,
    widestMm: widestSpan(lengthMm, v.held),
    strip,
  };
}

/** A bow that is known to reach; a fault in the program where it does not. */
function bent(o: Parameters<typeof bowOf>[0]): Bow {
  const bow = bowOf(o);
  if (!bow)
    throw new Error(`A strip of ${o.lengthMm} does not reach ${o.spanMm}: bring the span within widestSpan first.`);
  return bow;
}

/** The strip from its foot at the front to its foot at the back, in the plane of the first post; `belowMm` goes into the soil. */
function chainOf(bow: Bow, belowMm: number): Point[] {
  const half = bow.spanMm / 2;
  const up = bow.liftMm + bow.heldMm;
  return [
    [0, -half, bow.liftMm - belowMm],
    ...bow.free.points.map((one): Point => [0, one.acrossMm, up + one.upMm]),
    [0, half, bow.liftMm - belowMm],
  ];
}

function layMesh(
  stock: string,
  chain: readonly Point[],
  i: number,
  bow: Bow,
  setting: ArchSetting,
  belowMm: number,
): Sheet {
  const item = setting.catalogue.stock(stock);
  const above =
    belowMm > 0 ? [[0, -bow.spanMm / 2, 0] as Point, ...chain.slice(1, -1), [0, bow.spanMm / 2, 0] as Point] : chain;
  const common = { shape: 'sheet', stock, cutMm: bow.lengthMm, up: ALONG } as const;
  const base = (wide: number): Curve => shifted(sampledThrough(above, 96), [i * wide, 0, 0]);
  if (item.form === 'panel') {
    const meshes = meshesAcross(item);
    return {
      ...common,
      id: `panel-${i + 1}`,
      role: 'panel',
      base: base(item.heightMm),
      heightMm: item.heightMm,
      levelsMm: item.levelsMm,
      uprightsMm: Array.from({ length: meshes + 1 }, (_, n) => item.edgeMm + n * item.pitchMm),
      wireMm: item.wireMm,
      meshes,
    };
  }
  const roll = stockOf(setting.catalogue, stock, 'mesh roll');
  const count = Math.max(1, Math.round(bow.lengthMm / roll.openingMm));
  const rungs = Math.max(1, Math.round(roll.heightMm / roll.stepMm));
  return {
    ...common,
    id: `mesh-${i + 1}`,
    role: 'mesh',
    base: base(roll.heightMm),
    heightMm: roll.heightMm,
    levelsMm: Array.from({ length: rungs + 1 }, (_, n) => (n * roll.heightMm) / rungs),
    uprightsMm: Array.from({ length: count + 1 }, (_, n) => (n * bow.lengthMm) / count),
    wireMm: roll.wireMm,
    meshes: 0,
  };
}

interface Stood {
  parts: Part[];
  joints: Joint[];
  posts: Standing[];
}

/**
 * Studded posts at every edge of the panels, on both sides: between beds on the path’s side, so that the
 * panel’s foot is pinched between post and board; on open ground outside, against the push.
 */
function standPosts(
  v: PanelArchValues,
  setting: ArchSetting,
  bow: Bow,
  edges: readonly number[],
  sheets: readonly Sheet[],
): Stood {
  const { faceMm } = stockOf(setting.catalogue, 'steel-post', 'steel post');
  const wire = stockOf(setting.catalogue, v.panel, 'panel').wireMm;
  const out = (setting.place.on === 'beds' ? -1 : 1) * (wire + faceMm / 2);
  const aboveMm = bow.liftMm + bow.heldMm;
  const stock = nextStockUp(aboveMm + v.depth, setting.sizesOf('steel-post')) ?? {
    mm: aboveMm + v.depth,
    enough: true,
  };
  const buriedMm = Math.max(0, stock.mm - aboveMm);
  const stood: Stood = { parts: [], joints: [], posts: [] };
  for (const side of [-1, 1])
    edges.forEach((x, i) => {
      const id = `post-${side < 0 ? 'front' : 'back'}-${i + 1}`;
      const y = side * (bow.spanMm / 2 + out);
      const post: Bar = {
        shape: 'bar',
        id,
        role: 'post',
        stock: 'steel-post',
        cutMm: stock.mm,
        buriedMm,
        from: [x, y, -buriedMm],
        to: [x, y, stock.mm - buriedMm],
        wide: ALONG,
        wideMm: faceMm,
        thickMm: faceMm,
        ends: [{ cut: 'as bought' }, { cut: 'as bought' }],
        holes: [],
      };
      const held = sheets.filter((_, n) => n === i || n === i - 1);
      stood.parts.push(post);
      stood.posts.push({
        id,
        aboveMm,
        buriedMm,
        wantedMm: v.depth,
        shortMm: Math.max(0, aboveMm + v.depth - stock.mm),
        set: 'driven',
      });
      stood.joints.push({
        id: `tie-${id}`,
        kind: 'panel to post',
        places: Array.from({ length: TIES_A_POST }, (_, n): Point => [
          x,
          (side * bow.spanMm) / 2,
          bow.liftMm + bow.heldMm * (0.08 + (0.84 * n) / (TIES_A_POST - 1)),
        ]),
        parts: [id, ...held.map((sheet) => sheet.id)],
        fixings: [{ stock: 'tie-wire', count: TIES_A_POST, eachMm: TIE_MM }],
      });
    });
  return stood;
}

/** Hoops at every edge of the mesh, pushed into the soil, with a purlin along their crowns. */
function standHoops(
  v: PanelArchValues,
  setting: ArchSetting,
  bow: Bow,
  edges: readonly number[],
  sheets: readonly Sheet[],
  chain: readonly Point[],
): Stood {
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const cutMm = bow.lengthMm + 2 * v.depth;
  const curve = sampledThrough(chain, 96);
  const longest = setting.sizesOf(rod.id).at(-1) ?? cutMm;
  const round = {
    stock: rod.id,
    round: true,
    wideMm: rod.diameterMm,
    thickMm: rod.diameterMm,
    holes: [],
    ends: [{ cut: 'square' }, { cut: 'square' }],
  } as const;
  const stood: Stood = { parts: [], joints: [], posts: [] };
  const hoops = edges.map((x, i): Bar => {
    const bow3 = shifted(curve, [x, 0, 0]);
    const [first, last] = [chain[0], chain.at(-1)] as [Point, Point];
    return {
      ...round,
      shape: 'bar',
      id: `hoop-${i + 1}`,
      role: 'hoop',
      from: [x, first[1], first[2]],
      to: [x, last[1], last[2]],
      bent: bow3,
      wide: ALONG,
      cutMm,
      buriedMm: v.depth,
    };
  });
  const purlin: Bar = {
    ...round,
    shape: 'bar',
    id: 'purlin-1',
    role: 'purlin',
    from: [0, 0, bow.crownMm - rod.diameterMm],
    to: [edges.at(-1) ?? 0, 0, bow.crownMm - rod.diameterMm],
    wide: [0, 0, 1],
    cutMm: edges.at(-1) ?? 1,
    buriedMm: 0,
  };
  stood.parts.push(...hoops, purlin);
  hoops.forEach((hoop, i) => {
    const held = sheets.filter((_, n) => n === i || n === i - 1);
    const ties = Math.max(3, Math.ceil(bow.lengthMm / SEAM_EVERY_MM) + 1);
    const [sheet] = held;
    stood.posts.push({
      id: hoop.id,
      aboveMm: bow.crownMm,
      buriedMm: v.depth,
      wantedMm: v.depth,
      shortMm: Math.max(0, cutMm - longest),
      set: 'driven',
    });
    stood.joints.push(
      {
        id: `mesh-${hoop.id}`,
        kind: 'mesh to hoop',
        places: Array.from({ length: ties }, (_, n): Point => {
          const at = sheet ? onSheet(sheet, (bow.lengthMm * (n + 0.02)) / (ties - 0.96), 0) : hoop.from;
          return [edges[i] ?? 0, at[1], at[2]];
        }),
        parts: [hoop.id, ...held.map((one) => one.id)],
        fixings: [{ stock: 'tie-wire', count: ties, eachMm: TIE_MM }],
      },
      {
        id: `clamp-${hoop.id}`,
        kind: 'hoop to purlin',
        places: [[edges[i] ?? 0, 0, bow.crownMm - rod.diameterMm / 2]],
        parts: [hoop.id, purlin.id],
        fixings: [{ stock: 'pipe-clamp', count: 1 }],
      },
    );
  });
  return stood;
}

/** Neighbours are tied along their seam. */
const seams = (sheets: readonly Sheet[], bow: Bow): Joint[] =>
  sheets.slice(1).map((next, i): Joint => {
    const ties = Math.max(2, Math.floor((bow.lengthMm - 2 * bow.heldMm) / SEAM_EVERY_MM));
    return {
      id: `seam-${i + 1}`,
      kind: 'panel to panel',
      places: Array.from({ length: ties }, (_, n) =>
        onSheet(next, bow.heldMm + ((bow.lengthMm - 2 * bow.heldMm) * (n + 0.5)) / ties, 0),
      ),
      parts: [(sheets[i] as Sheet).id, next.id],
      fixings: [{ stock: 'tie-wire', count: ties, eachMm: TIE_MM }],
    };
  });

interface Side {
  bed: Bed;
  side: -1 | 1;
  heightMm: number;
}

/** The beds on either side of the way, by which side of it they lie. */
function soilBeside(setting: ArchSetting, startMm: number): Side[] {
  if (setting.place.on !== 'beds') return [];
  const frame = frameOf(setting.place, startMm);
  return setting.place.beds.map((bed) => ({
    bed,
    side: toFrame(frame, [bed.xMm, bed.yMm])[1] < 0 ? -1 : 1,
    heightMm: bed.heightMm,
  }));
}

/** Plants of each bed along its own foot of the arch; their stems go up the mesh to its crown. */
function plantAlong(
  v: PanelArchValues,
  setting: ArchSetting,
  bow: Bow,
  builtMm: number,
  chain: readonly Point[],
  soil: readonly Side[],
): Station[] {
  const wayMm = setting.place.on === 'beds' ? setting.place.way.wideMm : 0;
  return soil.flatMap(({ bed, side, heightMm }) => {
    const y = side * (Math.max(bow.spanMm, wayMm) / 2 + STEM_OUT_MM);
    const half = chain.slice(0, Math.ceil(chain.length / 2)).map(([, across, up]): Point => [0, across * -side, up]);
    const rows = placeStations({
      planted: setting.planted.filter((one) => one.bed === bed.id),
      ground: { lengthMm: Math.max(1, builtMm), riseMm: 0 },
      fromMm: 0,
      lengthMm: builtMm,
      school: v.school,
      rows: [{ acrossMm: y, side: side < 0 ? 'front' : 'back' }],
    });
    return rows.map((station): Station => {
      const at: Point = [station.at[0], y, heightMm];
      const stem = sampledThrough(
        [at, ...half.filter((point) => point[2] > heightMm + 30).map(([, a, u]): Point => [at[0], a, u])],
        24,
      );
      return { ...station, at, stem };
    });
  });
}

/** Through the passage, from the side, and from above. */
function viewsOf(soil: readonly Side[], wayMm: number): Design['views'] {
  const edge = wayMm / 2;
  const high = (side: -1 | 1): number => soil.find((one) => one.side === side)?.heightMm ?? 0;
  return [
    {
      ...fromEnd('Through the passage', [
        [-edge - 10, high(-1)],
        [-edge, high(-1)],
        [-edge + 1, 0],
        [edge - 1, 0],
        [edge, high(1)],
        [edge + 10, high(1)],
      ]),
      id: 'elevation',
    },
    FROM_ABOVE,
    {
      ...fromFront('From the side', [
        [0, 0],
        [1, 0],
      ]),
      id: 'side',
      nearest: true,
    },
  ];
}
