import { stockOf } from '../../../catalogue/catalogue';
import type { Rod } from '../../../catalogue/stock';
import type { Design, Joint, Standing } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import type { Fill } from '../../../design/shapes/fill';
import type { Line } from '../../../design/shapes/line';
import type { Part } from '../../../design/shapes/shapes';
import { onSheet, type Sheet } from '../../../design/shapes/sheet';
import { sampledThrough } from '../../../geometry/curve';
import { ALONG, add, unit, minus, type Point } from '../../../geometry/space';
import { feet, inches } from '../../../quantity/length';
import { onGround, type Ground } from '../../../site/ground';
import { yieldRadius } from '../../../statics/elastica';
import { fact } from '../../../wording/say';
import type { Built } from '../../kind';
import type { Values } from '../../knob';
import { acrossBed, rowHandles, startOf } from '../../rules/row';
import { rowMarks, rowViews } from '../../rules/row-views';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { heightAcross, hoopOf, type Hoop } from './hoop';
import { SLEEVE_MM, type HOOP_TUNNEL_KNOBS } from './knobs';

export type HoopTunnelValues = Values<typeof HOOP_TUNNEL_KNOBS>;

/** A hoop that is pushed into the soil itself goes so deep (from memory). mm. */
const PUSHED_MM = inches(12);
/** Strips of cover lap along a seam (from memory). mm. */
const SEAM_MM = inches(4);
/** Past the end hoops a cover is gathered to a peg: as long as the hoop is high, and a foot to tie (from memory). mm. */
const GATHER_MM = feet(1);
/** A tie at each gathered end, and ends of a cord to its pegs (from memory). mm. */
const TIE_MM = inches(36);
const CORD_END_MM = inches(12);
/** Clips a hoop: one every so far along it (from memory). mm. */
const CLIP_EVERY_MM = inches(18);
/** The core of an 8″ block: about 5″ square and as deep as the block (from memory). mm. */
const CORE_MM = inches(5);
/** Where no length is named in the price book. mm. */
const USUAL_PIPE_MM = feet(16);
/** The soil of a bed reaches so far past the feet of hoops that stand just inside its sides (from memory). mm. */
const EDGE_MM = inches(4);
/** Stems of a cover’s own lines: how many threads are drawn each way. */
const THREADS = 9;

/** What its own checks and mends ask for. */
export interface HoopTunnelFacts {
  hoop: Hoop;
  askedMm: number;
  apartMm: number;
  /** Radius at which the rod begins to take a set. */
  yieldMm: number;
  /** How much higher the cover is than each plant grows, the least first; what it grows to. */
  least: { crop: string; id: string; heightMm: number; clearToMm: number } | null;
  strips: number;
  rowsAtMm: readonly number[];
}

/** Sizes the tunnel: equal bays of hoops along the bed, in sleeves or in the soil, a cover over them that is tucked in and gathered at both ends. */
export function sizeHoopTunnel(v: HoopTunnelValues, setting: BedSetting): Built<HoopTunnelFacts> {
  const { bed } = setting.place;
  const ground: Ground = { lengthMm: bed.lengthMm, riseMm: bed.riseMm };
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const hoop = hoopOf(v.shape, v.width, v.height);
  const builtMm = v.rowLength;
  const startMm = startOf(v, builtMm, bed);
  const bays = Math.max(1, Math.ceil(builtMm / v.apart - 1e-6));
  const apartMm = builtMm / bays;
  const at = Array.from({ length: bays + 1 }, (_, i) => i * apartMm);
  const y = acrossBed(v.rowAt, setting);
  const buriedMm = v.feet === 'pushed' ? PUSHED_MM : SLEEVE_MM;

  const hoops = at.map((x, i) => standHoop(hoop, rod, onGround(ground, x, y), buriedMm, i));
  const posts = hoops.map((bar): Standing => ({
    id: bar.id,
    aboveMm: hoop.heightMm,
    buriedMm,
    wantedMm: buriedMm,
    shortMm: Math.max(0, bar.cutMm - (setting.sizesOf(rod.id).at(-1) ?? USUAL_PIPE_MM)),
    set: 'pushed',
  }));
  const covers = layCover(v, setting, hoop, rod, ground, y, builtMm);
  const sleeves = v.feet === 'pushed' ? null : setSleeves(v, setting, hoops);
  const ridge = runRidge(v, setting, hoop, rod, hoops, at, ground, y);
  const cords = v.held === 'cords' ? cordOver(setting, covers[0] as Sheet, hoop, at, ground, y) : null;
  // Each row owns half its spacing to both sides, out to the edge of the bed.
  const soilMm = Math.max(v.width, Math.min(bed.widthMm, v.width + 2 * EDGE_MM));
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: builtMm,
    acrossMm: y,
    wideMm: soilMm,
  });
  const parts: Part[] = [
    ...hoops,
    ...(sleeves?.parts ?? []),
    ...(ridge?.parts ?? []),
    ...covers,
    ...(cords?.parts ?? []),
  ];
  const clips = Math.max(3, Math.ceil(hoop.lengthMm / CLIP_EVERY_MM) + 1);
  const joints: Joint[] = [
    ...(sleeves?.joints ?? []),
    ...(ridge?.joints ?? []),
    ...hoops.map((bar, i) => onHoop(v, bar, covers, at[i] ?? 0, clips)),
    ...(cords?.joints ?? []),
    ...gathered(covers, builtMm),
    ...covers.slice(1).map((next, i): Joint => {
      const before = covers[i] as Sheet;
      return {
        id: `seam-${i + 1}`,
        kind: 'cover to cover',
        places: [
          onSheet(before, (before.spreadMm ?? 0) - SEAM_MM / 2, builtMm / 2),
          onSheet(next, SEAM_MM / 2, builtMm / 2),
        ],
        parts: [before.id, next.id],
        fixings: [],
      };
    }),
  ];
  const half = v.width / 2;
  const [cover] = covers as [Sheet, ...Sheet[]];
  const design: Design = {
    kind: 'hoop-tunnel',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    startMm,
    posts,
    hold: null,
    views: rowViews({ ground, bed, startMm }).map((view) => ({ ...view, square: view.as === 'upright' })),
    bodies: 1,
    reasons: {
      hoop: fact('count.hoops', { bays, apart: { mm: apartMm } }),
      sleeve: fact('count.sleeves'),
      concrete: fact('count.cores'),
      ridge: fact('count.ridge'),
      'ridge cord': fact('count.ridge'),
      cover: fact(covers.length > 1 ? 'count.strips' : 'count.cover', {
        strips: covers.length,
        girth: { mm: hoop.lengthMm },
        tuck: { mm: v.tuck },
        gather: { mm: (cover.cutMm - builtMm) / 2 },
      }),
      'cover on hoop': fact('count.clips', { clips }),
      'end gathered': fact('count.gathers'),
      'hold-down': fact('count.cords'),
      'hold-down pegged': fact('count.pegs'),
      'hoop in sleeve': fact('count.straps'),
      'hoop to ridge': fact('count.clamps'),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm, bed, rowsAtMm: rowsOf(stations, y), endTopMm: 0 }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'hoops',
        atMm: at.map((x) => onGround(ground, x)[0]),
        tapedMm: at,
      },
      { view: 'elevation', axis: 'z', label: 'heights', atMm: [-buriedMm, 0, hoop.heightMm] },
      { view: 'end', axis: 'x', label: 'feet', atMm: [y - half, y + half], tapedMm: [0, v.width] },
      { view: 'end', axis: 'z', label: 'top', atMm: [0, hoop.heightMm] },
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm, yMm: y, topMm: hoop.heightMm }),
      { knob: 'width', view: 'end', at: [y + half, hoop.heightMm * 0.2], axis: 'right', perMm: 2 },
      ...(Math.abs(hoop.heightMm - v.height) < 2
        ? [{ knob: 'height', view: 'end', at: [y, hoop.heightMm], axis: 'up', perMm: 1 } as const]
        : []),
      ...(at.length > 2
        ? [
            {
              knob: 'apart',
              view: 'elevation',
              at: [onGround(ground, at[1] ?? 0)[0], onGround(ground, at[1] ?? 0)[2] + hoop.heightMm],
              axis: 'right',
              perMm: 1,
            } as const,
          ]
        : []),
    ],
  };
  const clearances = stations
    .filter((one) => !one.spare)
    .map((one) => ({
      crop: setting.planted.find(({ crop }) => crop.id === one.crop)?.crop.name ?? one.crop,
      id: one.crop,
      heightMm: one.growsMm,
      clearToMm: heightAcross(hoop, one.at[1] - y),
    }))
    .toSorted((a, b) => a.clearToMm - a.heightMm - (b.clearToMm - b.heightMm));
  return {
    design,
    facts: {
      hoop,
      askedMm: v.height,
      apartMm,
      yieldMm: yieldRadius(rod.diameterMm, rod.stiffnessMpa, rod.yieldMpa),
      least: clearances[0] ?? null,
      strips: covers.length,
      rowsAtMm: [y],
    },
  };
}

/** A hoop with its feet in the soil, in the plane of its place along the bed. */
function standHoop(hoop: Hoop, rod: Rod, foot: Point, buriedMm: number, i: number): Bar {
  const chain = [
    [hoop.points[0]?.[0] ?? 0, -buriedMm] as const,
    ...hoop.points,
    [hoop.points.at(-1)?.[0] ?? 0, -buriedMm] as const,
  ].map(([across, up]): Point => add(foot, [0, across, up]));
  const curve = sampledThrough(chain, 96);
  return {
    shape: 'bar',
    id: `hoop-${i + 1}`,
    role: 'hoop',
    stock: rod.id,
    round: true,
    from: chain[0] as Point,
    to: chain.at(-1) as Point,
    bent: curve,
    wide: ALONG,
    wideMm: rod.diameterMm,
    thickMm: rod.diameterMm,
    cutMm: hoop.lengthMm + 2 * buriedMm,
    buriedMm,
    ends: [{ cut: 'square' }, { cut: 'square' }],
    holes: [],
  };
}

/** Strips of cover along the tunnel, side by side over the hoops, from tuck to tuck; each cut as long as the tunnel with both its gathers. */
function layCover(
  v: HoopTunnelValues,
  setting: BedSetting,
  hoop: Hoop,
  rod: Rod,
  ground: Ground,
  y: number,
  builtMm: number,
): Sheet[] {
  const roll = stockOf(setting.catalogue, v.cover, 'mesh roll');
  const out = rod.diameterMm / 2;
  const hangs = setting.place.bed.heightMm > 0;
  const first = hoop.points[0] as readonly [number, number];
  const flap = (side: -1 | 1): readonly [number, number] =>
    hangs
      ? [side * -first[0] + side * out, -Math.min(v.tuck, setting.place.bed.heightMm)]
      : [side * (-first[0] + v.tuck), 0];
  const section = [
    ...(v.tuck > 0 ? [flap(-1)] : []),
    ...hoop.points.map(([across, up]) => {
      const long = Math.hypot(across, up) || 1;
      return [across * (1 + out / long), up * (1 + out / long)] as const;
    }),
    ...(v.tuck > 0 ? [flap(1)] : []),
  ];
  const foot = onGround(ground, 0, y);
  const way = unit(minus(onGround(ground, builtMm, y), foot));
  const whole = sampledThrough(
    section.map(([across, up]): Point => add(foot, [0, across, up])),
    96,
  );
  const girthMm = whole.lengthMm;
  const strips = Math.max(1, Math.ceil((girthMm - SEAM_MM) / (roll.heightMm - SEAM_MM) - 1e-6));
  const eachMm = (girthMm + (strips - 1) * SEAM_MM) / strips;
  const cutMm = builtMm + 2 * (hoop.heightMm + GATHER_MM);
  return Array.from({ length: strips }, (_, i): Sheet => {
    const from = i * (eachMm - SEAM_MM);
    const steps = 48;
    const base =
      strips === 1
        ? whole
        : sampledThrough(
            Array.from({ length: steps + 1 }, (__, n) =>
              pointOn(whole.points, (from + (eachMm * n) / steps) / girthMm),
            ),
            steps,
          );
    return {
      shape: 'sheet',
      id: `cover-${i + 1}`,
      role: 'cover',
      stock: roll.id,
      base,
      up: way,
      cutMm,
      spreadMm: base.lengthMm,
      heightMm: builtMm,
      uprightsMm: Array.from({ length: THREADS }, (__, n) => (base.lengthMm * n) / (THREADS - 1)),
      levelsMm: Array.from({ length: THREADS }, (__, n) => (builtMm * n) / (THREADS - 1)),
      wireMm: roll.wireMm,
      meshes: 0,
    };
  });
}

/** A point at a share of the way along evenly spaced points. */
function pointOn(points: readonly Point[], share: number): Point {
  const at = Math.max(0, Math.min(1, share)) * (points.length - 1);
  const i = Math.min(points.length - 2, Math.floor(at));
  const [a, b] = [points[i] as Point, points[i + 1] as Point];
  return [0, 1, 2].map((k) => (a[k] as number) + (at - i) * ((b[k] as number) - (a[k] as number))) as unknown as Point;
}

/** A sleeve round each foot: in the soil, strapped to the side of the bed, or cast into the core of a block. */
function setSleeves(
  v: HoopTunnelValues,
  setting: BedSetting,
  hoops: readonly Bar[],
): { parts: Part[]; joints: Joint[] } {
  const pipe = stockOf(setting.catalogue, 'pipe-sleeve-33', 'rod');
  const made = hoops.flatMap((hoop, i) =>
    [hoop.from, hoop.to].map((foot, side) => {
      const name = `${i + 1}-${side === 0 ? 'front' : 'back'}`;
      const top: Point = add(foot, [0, 0, SLEEVE_MM]);
      const sleeve: Bar = {
        shape: 'bar',
        id: `sleeve-${name}`,
        role: 'sleeve',
        stock: pipe.id,
        round: true,
        cutMm: SLEEVE_MM,
        buriedMm: v.feet === 'side' ? 0 : SLEEVE_MM,
        from: foot,
        to: top,
        wide: ALONG,
        wideMm: pipe.diameterMm,
        thickMm: pipe.diameterMm,
        ends: [{ cut: 'square' }, { cut: 'square' }],
        holes: [],
      };
      const middle: Point = add(foot, [0, 0, SLEEVE_MM / 2]);
      const inSleeve: Joint = {
        id: `foot-${name}`,
        kind: 'hoop in sleeve',
        places: [middle],
        parts: [hoop.id, sleeve.id],
        fixings: v.feet === 'side' ? [{ stock: 'pipe-strap', count: 1 }] : [],
      };
      const half = CORE_MM / 2;
      const core: Fill = {
        shape: 'fill',
        id: `core-${name}`,
        role: 'concrete',
        stock: 'concrete-mix',
        cutMm: SLEEVE_MM,
        bottom: foot,
        rim: {
          outline: [
            [-half, -half],
            [half, -half],
            [half, half],
            [-half, half],
          ],
        },
        crownMm: 0,
        litres: ((CORE_MM ** 2 - (Math.PI / 4) * pipe.diameterMm ** 2) * SLEEVE_MM) / 1e6,
      };
      const cast: Joint = {
        id: `cast-${name}`,
        kind: 'sleeve in core',
        places: [middle],
        parts: [sleeve.id, core.id],
        fixings: [],
      };
      return v.feet === 'core'
        ? { parts: [sleeve, core], joints: [inSleeve, cast] }
        : { parts: [sleeve], joints: [inSleeve] };
    }),
  );
  return { parts: made.flatMap((one) => one.parts), joints: made.flatMap((one) => one.joints) };
}

/** A cord hitched round the crown of every hoop, or a pipe clamped under them. */
function runRidge(
  v: HoopTunnelValues,
  setting: BedSetting,
  hoop: Hoop,
  rod: Rod,
  hoops: readonly Bar[],
  at: readonly number[],
  ground: Ground,
  y: number,
): { parts: Part[]; joints: Joint[] } | null {
  if (v.ridge === 'none') return null;
  const under = v.ridge === 'pipe' ? hoop.heightMm - rod.diameterMm : hoop.heightMm;
  const crown = (x: number): Point => add(onGround(ground, x, y), [0, 0, under]);
  if (v.ridge === 'cord') {
    const cord: Line = {
      shape: 'line',
      id: 'ridge-cord',
      role: 'ridge cord',
      stock: 'twine-synthetic',
      path: at.map(crown),
      cutMm: (at.at(-1) ?? 0) + at.length * CORD_END_MM,
      diameterMm: stockOf(setting.catalogue, 'twine-synthetic', 'cord').diameterMm,
    };
    return {
      parts: [cord],
      joints: hoops.map((bar, i) => ({
        id: `hitch-${i + 1}`,
        kind: 'cord round hoop',
        places: [crown(at[i] ?? 0)],
        parts: [cord.id, bar.id],
        fixings: [],
      })),
    };
  }
  const longest = setting.sizesOf(rod.id).at(-1) ?? USUAL_PIPE_MM;
  const end = at.at(-1) ?? 0;
  // Pieces meet under a hoop, where both are clamped.
  const breaks = [0];
  for (const [i, x] of at.entries()) {
    const next = at[i + 1];
    if (next !== undefined && next - (breaks.at(-1) ?? 0) > longest && x > (breaks.at(-1) ?? 0)) breaks.push(x);
  }
  const pieces = breaks.map((from, i): Bar => {
    const to = breaks[i + 1] ?? end;
    return {
      shape: 'bar',
      id: `ridge-${i + 1}`,
      role: 'ridge',
      stock: rod.id,
      round: true,
      cutMm: Math.max(1, to - from),
      buriedMm: 0,
      from: crown(from),
      to: crown(to),
      wide: [0, 1, 0],
      wideMm: rod.diameterMm,
      thickMm: rod.diameterMm,
      ends: [{ cut: 'square' }, { cut: 'square' }],
      holes: [],
    };
  });
  return {
    parts: pieces,
    joints: hoops.map((bar, i): Joint => {
      const x = at[i] ?? 0;
      const held = pieces.filter((_one, n) => x >= (breaks[n] ?? 0) - 1 && x <= (breaks[n + 1] ?? end) + 1);
      return {
        id: `clamp-${i + 1}`,
        kind: 'hoop to ridge',
        places: [add(onGround(ground, x, y), [0, 0, hoop.heightMm - rod.diameterMm / 2])],
        parts: [bar.id, ...held.map((one) => one.id)],
        fixings: [{ stock: 'pipe-clamp', count: Math.max(1, held.length) }],
      };
    }),
  };
}

/** The cover on a hoop: clipped where clips hold it, else lying on it. */
function onHoop(v: HoopTunnelValues, hoop: Bar, covers: readonly Sheet[], atMm: number, clips: number): Joint {
  const curve = hoop.bent;
  const long = curve && curve.curve === 'sampled' ? curve.lengthMm : 0;
  const places = Array.from({ length: clips }, (_, n) => {
    const share = (n + 0.5) / clips;
    return curve && curve.curve === 'sampled'
      ? pointOn(curve.points, (hoop.buriedMm + share * (long - 2 * hoop.buriedMm)) / long)
      : hoop.from;
  });
  return {
    id: `on-${hoop.id}`,
    kind: 'cover on hoop',
    places: [...places, ...covers.map((one) => onSheet(one, (one.spreadMm ?? 0) / 2, atMm))],
    parts: [hoop.id, ...covers.map((one) => one.id)],
    fixings: v.held === 'clips' ? [{ stock: 'hoop-clip', count: clips }] : [],
  };
}

/** A cord over the cover in the middle of each bay, to a peg on both sides. */
function cordOver(
  setting: BedSetting,
  cover: Sheet,
  hoop: Hoop,
  at: readonly number[],
  ground: Ground,
  y: number,
): { parts: Line[]; joints: Joint[] } {
  const { diameterMm } = stockOf(setting.catalogue, 'twine-synthetic', 'cord');
  const made = at.slice(1).map((to, i) => {
    const middle = ((at[i] ?? 0) + to) / 2;
    const foot = onGround(ground, middle, y);
    const path = hoop.points.map(([across, up]): Point => add(foot, [0, across * 1.04, up * 1.02 + 6]));
    const cord: Line = {
      shape: 'line',
      id: `hold-down-${i + 1}`,
      role: 'hold-down',
      stock: 'twine-synthetic',
      path,
      cutMm: hoop.lengthMm + 2 * CORD_END_MM,
      diameterMm,
    };
    const joint: Joint = {
      id: `pegs-${i + 1}`,
      kind: 'hold-down pegged',
      places: [path[0] as Point, path.at(-1) as Point, onSheet(cover, (cover.spreadMm ?? 0) / 2, middle)],
      parts: [cord.id, cover.id],
      fixings: [{ stock: 'ground-peg', count: 2 }],
    };
    return { cord, joint };
  });
  return { parts: made.map((one) => one.cord), joints: made.map((one) => one.joint) };
}

/** Each end drawn together and tied to a peg. */
const gathered = (covers: readonly Sheet[], builtMm: number): Joint[] =>
  [0, builtMm].map((x, i) => ({
    id: `gather-${i + 1}`,
    kind: 'end gathered',
    places: covers.map((one) => onSheet(one, (one.spreadMm ?? 0) / 2, x)),
    parts: covers.map((one) => one.id),
    fixings: [
      { stock: 'ground-peg', count: 1 },
      { stock: 'twine-synthetic', count: 1, eachMm: TIE_MM },
    ],
  }));
