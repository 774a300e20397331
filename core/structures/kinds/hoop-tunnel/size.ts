import { add } from '../../../geometry/space';
import { stockOf } from '../../../catalogue/catalogue';
import { bendOf, type Bend } from '../../../checks/bend-sets';
import { nearestUnder, type Nearest } from '../../../checks/cover-set';
import { chain, soilChain } from '../../../design/chain';
import { placed, type Design } from '../../../design/design';
import type { Sheet } from '../../../design/shapes/sheet';
import { inches } from '../../../quantity/length';
import { roomOf } from '../../../site/bed';
import { onGround } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together } from '../../assemblies/assembly';
import { bedRow, groundOf } from '../../assemblies/bed-row';
import { lapJoints } from '../../assemblies/cover-strips';
import type { Sizing } from '../../kind';
import { acrossBed } from '../../rules/row';
import { plantUnder, rowsOf } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { cordOver, gathered, layCover, onHoop } from './cover';
import { runRidge, setSleeves, standHoop } from './frame';
import { heightAcross, hoopOf, type Hoop } from './hoop';
import { SLEEVE_MM, type HoopTunnelValues } from './knobs';

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

/** Why there are so many of each. */
const reasonsOf = (
  v: HoopTunnelValues,
  hoop: ReturnType<typeof hoopOf>,
  covers: readonly Sheet[],
  { bays, apartMm, clips }: { bays: number; apartMm: number; clips: number },
): Design['reasons'] => ({
  hoop: fact('count.hoops', { bays, apart: { mm: apartMm } }),
  sleeve: fact('count.sleeves'),
  concrete: fact('count.cores'),
  ridge: fact('count.ridge'),
  'ridge cord': fact('count.ridge'),
  cover: fact(covers.length > 1 ? 'count.strips' : 'count.cover', {
    strips: covers.length,
    girth: { mm: hoop.lengthMm },
    tuck: { mm: v.tuck },
    gather: { mm: ((covers[0]?.cutMm ?? 0) - v.rowLength) / 2 },
  }),
  'cover on hoop': fact('count.clips', { clips }),
  'end gathered': fact('count.gathers'),
  'hold-down': fact('count.cords'),
  'hold-down pegged': fact('count.pegs'),
  'hoop in sleeve': fact('count.straps'),
  'hoop to ridge': fact('count.clamps'),
});

/** Sizes the tunnel: equal bays of hoops along the bed, in sleeves or in the soil, a cover over them that is tucked in and gathered at both ends. */
export function sizeHoopTunnel(v: HoopTunnelValues, setting: BedSetting): Sizing<HoopTunnelFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const rod = stockOf(setting.catalogue, v.rod, 'rod');
  const hoop = hoopOf(v.shape, v.width, v.height, rod);
  const builtMm = v.rowLength;
  const bays = Math.max(1, Math.ceil(builtMm / v.apart - 1e-6));
  const apartMm = builtMm / bays;
  const at = Array.from({ length: bays + 1 }, (_, i) => i * apartMm);
  const y = acrossBed(v.rowAt, setting);
  const buriedMm = v.feet === 'pushed' ? PUSHED_MM : SLEEVE_MM;
  const hoops = at.map((x, i) => standHoop(hoop, rod, onGround(ground, x, y), buriedMm, i));
  const covers = layCover(v, setting, hoop, rod, ground, y, builtMm);
  // Each row owns half its spacing to both sides, out to the edge of the bed.
  const soilMm = Math.max(v.width, Math.min(roomOf(bed).widthMm, v.width + 2 * EDGE_MM));
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
  const row = bedRow(setting, v, {
    builtMm,
    yMm: y,
    topMm: hoop.heightMm,
    endTopMm: 0,
    rowsAtMm: rowsOf(stations, y),
    stations,
  });
  const clips = Math.max(3, Math.ceil(hoop.lengthMm / CLIP_EVERY_MM) + 1);
  const half = v.width / 2;
  const [cover] = covers as [Sheet, ...Sheet[]];
  return {
    design: placed({
      ...together(
        { parts: hoops },
        v.feet !== 'pushed' && setSleeves(v, setting, hoops),
        runRidge(v, setting, hoop, rod, hoops, at, ground, y),
        { parts: covers, joints: hoops.map((bar, i) => onHoop(v, bar, covers, at[i] ?? 0, clips)) },
        v.held === 'cords' && cordOver(setting, cover, hoop, at, ground, y),
        { joints: [...gathered(covers, builtMm), ...lapJoints(covers, 'cover to cover')] },
      ),
      ...row,
      views: row.views.map((view) => ({ ...view, square: view.as === 'upright' })),
      reasons: reasonsOf(v, hoop, covers, { bays, apartMm, clips }),
      marks: [
        ...row.marks,
        soilChain(ground, 'hoops', at),
        chain('elevation', 'z', 'heights', [-buriedMm, 0, hoop.heightMm]),
        chain('end', 'x', 'feet', [y - half, y + half], [0, v.width]),
        chain('end', 'z', 'top', [0, hoop.heightMm]),
      ],
      handles: [
        ...row.handles,
        { knob: 'width', view: 'end', at: [0, y + half, hoop.heightMm * 0.2], axis: 'right', perMm: 2 },
        Math.abs(hoop.heightMm - v.height) < 2 && {
          knob: 'height',
          view: 'end',
          at: [0, y, hoop.heightMm],
          axis: 'up',
        },
        at.length > 2 && {
          knob: 'apart',
          view: 'elevation',
          at: add(onGround(ground, apartMm), [0, 0, hoop.heightMm]),
          axis: 'right',
        },
      ],
    }),
    facts: {
      hoop,
      cutMm: hoop.lengthMm + 2 * buriedMm,
      soldMm: setting.sizesOf(rod.id).at(-1) ?? Infinity,
      apartMm,
      bend: v.shape === 'sprung' ? bendOf(hoop.tightMm, rod, false) : null,
      nearest: nearestUnder({ stations }, setting.planted, (across) => heightAcross(hoop, across - y)),
    },
  };
}
