import { roomOf } from '../../../site/bed';
import { stockOf } from '../../../catalogue/catalogue';
import type { Nearest } from '../../../checks/cover-set';
import { plantsOf, type Placement, type Joint, type Standing } from '../../../design/design';
import type { Part } from '../../../design/shapes/shapes';
import type { Sheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { onGround, type Ground } from '../../../site/ground';
import { bendOf, type Bend } from '../../../checks/bend-sets';
import { fact } from '../../../wording/say';
import type { Sizing } from '../../kind';
import { lapJoints } from '../../rules/cover-strips';
import { acrossBed, rowHandles, startOf } from '../../rules/row';
import { rowMarks, rowViews } from '../../rules/row-views';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { heightAcross, hoopOf, type Hoop } from './hoop';
import { SLEEVE_MM, type HoopTunnelValues } from './knobs';
import { layCover, onHoop, cordOver, gathered } from './cover';
import { standHoop, setSleeves, runRidge } from './frame';

/** A hoop that is pushed into the soil itself goes so deep (from memory). mm. */
const PUSHED_MM = inches(12);
/** Clips a hoop: one every so far along it (from memory). mm. */
const CLIP_EVERY_MM = inches(18);
/** The soil of a bed reaches so far past the feet of hoops that stand just inside its sides (from memory). mm. */
const EDGE_MM = inches(4);

/** What its own checks and mends ask for. */
export interface HoopTunnelFacts {
  hoop: Hoop;
  /** A hoop with its feet, and the longest pipe on sale. */
  cutMm: number;
  soldMm: number;
  apartMm: number;
  /** Radius at which the rod begins to take a set. */
  bend: Bend | null;
  /** The plant over which least is left, where it stands across the hoop. */
  nearest: Nearest | null;
}

/** Sizes the tunnel: equal bays of hoops along the bed, in sleeves or in the soil, a cover over them that is tucked in and gathered at both ends. */
export function sizeHoopTunnel(v: HoopTunnelValues, setting: BedSetting): Sizing<HoopTunnelFacts> {
  const { bed } = setting.place;
  const ground: Ground = { lengthMm: bed.lengthMm, riseMm: bed.riseMm };
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const hoop = hoopOf(v.shape, v.width, v.height, rod);
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
    shortMm: 0,
    set: 'pushed',
  }));
  const covers = layCover(v, setting, hoop, rod, ground, y, builtMm);
  const sleeves = v.feet === 'pushed' ? null : setSleeves(v, setting, hoops);
  const ridge = runRidge(v, setting, hoop, rod, hoops, at, ground, y);
  const cords = v.held === 'cords' ? cordOver(setting, covers[0] as Sheet, hoop, at, ground, y) : null;
  // Each row owns half its spacing to both sides, out to the edge of the bed.
  const soilMm = Math.max(v.width, Math.min(roomOf(setting.place.bed).widthMm, v.width + 2 * EDGE_MM));
  const stations = plantUnder({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: builtMm,
    acrossMm: y,
    wideMm: soilMm,
    bed,
    armMm: setting.armMm,
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
    ...lapJoints(covers, 'cover to cover'),
  ];
  const half = v.width / 2;
  const [cover] = covers as [Sheet, ...Sheet[]];
  const design: Placement = {
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
  const [nearest] = plantsOf(design)
    .flatMap((one): Nearest[] => {
      const crop = setting.planted.find((planted) => planted.id === one.planting)?.crop;
      return crop ? [{ crop, highMm: heightAcross(hoop, one.at[1] - y) }] : [];
    })
    .toSorted((a, b) => a.highMm - a.crop.heightMm - (b.highMm - b.crop.heightMm));
  return {
    design,
    facts: {
      hoop,
      cutMm: hoop.lengthMm + 2 * buriedMm,
      soldMm: setting.sizesOf(rod.id).at(-1) ?? Infinity,
      apartMm,
      bend: v.shape === 'sprung' ? bendOf(hoop.tightMm, rod, false) : null,
      nearest: nearest ?? null,
    },
  };
}
