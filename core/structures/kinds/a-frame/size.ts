import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import { timberId, TREATMENTS } from '../../../catalogue/timber';
import type { Placement, Joint } from '../../../design/design';
import type { EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import type { Part } from '../../../design/shapes/shapes';
import { flatBase, type Sheet } from '../../../design/shapes/sheet';
import { minus, scale, type Point } from '../../../geometry/space';
import { onGround, slopeOf, type Ground } from '../../../site/ground';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { evenly, screwThrough } from '../../rules/fixings';
import type { Values } from '../../knob';
import { mostSpread, leanOf, leastSpread, onLeaf, upLeaf, type Leaf } from '../../rules/leaves';
import { acrossBed, startOf, rowHandles } from '../../rules/row';
import { isOffered, type BedSetting } from '../../setting';
import { placeStations } from '../../rules/stations';
import { BETWEEN_MM, MOST_LEAF_MM, TETHER, type A_FRAME_KNOBS } from './knobs';
import { slatsUp } from './slats';

export type AFrameValues = Values<typeof A_FRAME_KNOBS>;

/** What its own checks and mends ask for. */
export interface AFrameFacts {
  rowsAtMm: readonly number[];
  /** From the foot line to the middle, and how high. */
  tips: { halfBaseMm: number; heightMm: number };
  folds: { longMm: number; wideMm: number; thickMm: number };
}

/** How high the tether hangs; what it needs to be made fast (from memory). mm. */
const TETHER_UP_MM = inches(18);
const TETHER_END_MM = inches(4);
/** Cross rails of a meshed leaf, and how far apart its staples are (from memory). */
const CROSS_RAILS = 3;
const STAPLE_EVERY_MM = inches(6);
/** Each half of an 8″ strap hinge. mm. */
const STRAP_MM = inches(4);
/** The first and the last of them stand this far in (from memory). mm. */
const EDGE_IN_MM = inches(0.75);
/** Stems stand this far outside the feet (from memory). mm. */
export const STEM_OUT_MM = inches(2);

interface Frame {
  v: AFrameValues;
  ground: Ground;
  y: number;
  leanRad: number;
  stile: { id: string; wideMm: number; thickMm: number };
  slat: { id: string; wideMm: number; thickMm: number };
}

/** Sizes the frames: two leaves each, slatted or meshed, hinged at the head, tethered at the foot. */
export function sizeAFrame(asked: AFrameValues, setting: BedSetting): Sizing<AFrameFacts> {
  const { bed } = setting.place;
  const v = { ...asked, spread: Math.min(asked.spread, mostSpread(asked.leaf, asked.hingeGap)) };
  const stile = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const slatTreatment =
    [v.treatment, ...TREATMENTS].find((one) => setting.sizesOf(timberId(v.slat, one)).length > 0) ?? v.treatment;
  const slat = stockOf(setting.catalogue, timberId(v.slat, slatTreatment), 'timber');
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const y = acrossBed(v.rowAt, setting);
  const { heightMm, leanRad } = leanOf(v.leaf, v.spread, v.hingeGap);
  const f: Frame = {
    v,
    ground,
    y,
    leanRad,
    stile: { id: stile.id, wideMm: stile.wideMm, thickMm: stile.thickMm },
    slat: { id: slat.id, wideMm: slat.wideMm, thickMm: slat.thickMm },
  };
  const builtMm = v.frames * v.width + (v.frames - 1) * BETWEEN_MM;
  const parts: Part[] = [];
  const joints: Joint[] = [];
  for (let i = 0; i < v.frames; i++) {
    const frame = placeFrame(f, i, setting);
    parts.push(...frame.parts);
    joints.push(...frame.joints);
  }
  const rows = [-1, 1].map((side) => y + side * (v.spread / 2 + STEM_OUT_MM));
  const net = stockOf(setting.catalogue, 'mesh-fine', 'mesh roll');
  const slats = slatsUp(v.leaf, slat.wideMm, v.gauge).length;
  const feet = [-1, 1].map((side) => y + (side * v.spread) / 2);

  const startMm = startOf(v, builtMm, bed);
  const stations = placeStations({
    planted: setting.planted,
    ground,
    fromMm: 0,
    lengthMm: builtMm,
    school: v.school,
    rows: [
      { acrossMm: rows[0] as number, side: 'front', up: [0, Math.sin(leanRad), Math.cos(leanRad)] },
      { acrossMm: rows[1] as number, side: 'back', up: [0, -Math.sin(leanRad), Math.cos(leanRad)] },
    ],
  });
  const design: Placement = {
    kind: 'a-frame',
    parts,
    joints,
    stations,
    ground,
    builtMm,
    startMm,
    posts: [],
    hold: {
      by: 'mesh',
      ...(v.infill === 'slats'
        ? {
            meshMm: { wide: v.width - 2 * stile.wideMm, high: v.gauge },
            memberMm: slat.thickMm,
            stepMm: v.gauge + slat.wideMm,
            fineToMm: 0,
          }
        : {
            meshMm: { wide: net.openingMm, high: net.openingMm },
            memberMm: net.wireMm,
            stepMm: net.openingMm,
            fineToMm: 0,
          }),
      carries: v.infill === 'slats' && v.leaf <= MOST_LEAF_MM + inches(1) ? 'heavy' : 'medium',
      startsMm: v.infill === 'slats' ? Math.min(...slatsUp(v.leaf, slat.wideMm, v.gauge)) : 0,
      gapMm: 0,
      topMm: { least: heightMm, most: heightMm },
      could: {
        topMm: leanOf(Math.max(v.leaf, MOST_LEAF_MM), leastSpread(MOST_LEAF_MM), v.hingeGap).heightMm,
        carries: 'heavy',
        net: isOffered(setting, 'mesh-fine'),
      },
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: v.frames,
    reasons: {
      stile: fact('count.stiles', { frames: v.frames, lean: Math.round((leanRad * 1800) / Math.PI) / 10 }),
      slat: fact(v.infill === 'slats' ? 'count.slats' : 'count.cross', {
        slats: v.infill === 'slats' ? slats : CROSS_RAILS,
        gauge: { mm: v.gauge },
      }),
      mesh: fact('count.mesh'),
      chain: fact('count.tether', { up: { mm: TETHER_UP_MM }, end: { mm: TETHER_END_MM } }),
      'slat to stile': fact('count.slat-screws'),
      'mesh to leaf': fact('count.mesh-staples', { every: { mm: STAPLE_EVERY_MM } }),
      'leaf to leaf': fact('count.hinges'),
      'tether to leaf': fact('count.tether-eyes'),
      'foot to ground': fact('count.pegs'),
    },
    marks: [
      ...rowMarks({ stations, ground, builtMm: builtMm, bed, rowsAtMm: rows, endTopMm: 0 }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'frames',
        atMm: Array.from({ length: v.frames }, (_, i) => i * (v.width + BETWEEN_MM)).flatMap((at) => [
          onGround(ground, at)[0],
          onGround(ground, at + v.width)[0],
        ]),
        tapedMm: Array.from({ length: v.frames }, (_, i) => i * (v.width + BETWEEN_MM)).flatMap((at) => [
          at,
          at + v.width,
        ]),
      },
      { view: 'elevation', axis: 'z', label: 'peak', atMm: [0, heightMm] },
      { view: 'end', axis: 'x', label: 'feet', atMm: feet, tapedMm: [0, v.spread] },
      { view: 'end', axis: 'z', label: 'peak', atMm: [0, TETHER_UP_MM * Math.cos(leanRad), heightMm] },
    ],
    handles: [
      ...rowHandles({ ground, rowMm: v.rowLength, builtMm, yMm: y, topMm: heightMm }),
      {
        knob: 'width',
        view: 'elevation',
        at: [onGround(ground, v.width)[0], onGround(ground, v.width)[2] + heightMm],
        axis: 'right',
        perMm: 1 / Math.cos(slopeOf(ground)),
      },
      { knob: 'spread', view: 'end', at: [y + v.spread / 2, 0], axis: 'right', perMm: 2 },
      { knob: 'leaf', view: 'end', at: [y, heightMm], axis: 'up', perMm: Math.cos(leanRad) },
    ],
  };
  return {
    design,
    facts: {
      rowsAtMm: rows,
      tips: { halfBaseMm: v.spread / 2, heightMm },
      folds: {
        longMm: v.leaf,
        wideMm: v.width,
        thickMm: 2 * stile.thickMm + (v.infill === 'slats' ? 2 * slat.thickMm : 2 * net.wireMm) + v.hingeGap,
      },
    } satisfies AFrameFacts,
  };
}

/** From the outer face of a leaf inwards. */
const inward = (leaf: Leaf): Point => minus(onLeaf(leaf, 0, 0, 0), onLeaf(leaf, 0, 0, 1));

function placeFrame(f: Frame, index: number, setting: BedSetting): { parts: Part[]; joints: Joint[] } {
  const { v, stile, slat } = f;
  const name = index + 1;
  const from = index * (v.width + BETWEEN_MM);
  const parts: Part[] = [];
  const joints: Joint[] = [];
  const square: EndCut = { cut: 'square' };
  const row: Point = [Math.cos(slopeOf(f.ground)), 0, Math.sin(slopeOf(f.ground))];
  const leaves = ([-1, 1] as const).map((side) => {
    const leafName = `${name}${side < 0 ? 'front' : 'back'}`;
    const leaf: Leaf = { ground: f.ground, y: f.y, side, spreadMm: v.spread, leanRad: f.leanRad };
    // The thickness of a stile points along axis × wide: the foot is cut level, an angle of the lean.
    const foot: EndCut = f.leanRad < 0.005 ? square : { cut: 'angle', angleRad: -side * f.leanRad };
    const stiles = [stile.wideMm / 2, v.width - stile.wideMm / 2].map((at, n): Bar =>
      barOf({
        id: `stile-${leafName}-${n + 1}`,
        role: 'stile',
        of: stile,
        from: onLeaf(leaf, from + at, 0, 0),
        to: onLeaf(leaf, from + at, v.leaf, 0),
        cutMm: v.leaf,
        ends: [foot, square],
      }),
    );
    parts.push(...stiles);
    const out = stile.thickMm / 2 + slat.thickMm / 2;
    const ups =
      v.infill === 'slats'
        ? slatsUp(v.leaf, slat.wideMm, v.gauge)
        : Array.from(
            { length: CROSS_RAILS },
            (_, i) => slat.wideMm / 2 + ((v.leaf - slat.wideMm) * i) / (CROSS_RAILS - 1),
          );
    ups.forEach((up, n) => {
      const id = `slat-${leafName}-${n + 1}`;
      parts.push(
        barOf({
          id,
          role: 'slat',
          of: slat,
          from: onLeaf(leaf, from, up, out),
          to: onLeaf(leaf, from + v.width, up, out),
          wide: upLeaf(leaf),
          cutMm: v.width,
        }),
      );
      joints.push({
        id: `${id}-screws`,
        kind: 'slat to stile',
        places: [stile.wideMm / 2, v.width - stile.wideMm / 2].map((at) =>
          onLeaf(leaf, from + at, up, stile.thickMm / 2),
        ),
        parts: [id, ...stiles.map((one) => one.id)],
        fixings: stiles.map(({ id: into }) => ({
          stock: screwThrough(setting, slat.thickMm, stile.thickMm),
          count: 2,
          drive: { through: id, into, way: inward(leaf) },
        })),
      });
    });
    if (v.infill === 'mesh') {
      const net = stockOf(setting.catalogue, 'mesh-fine', 'mesh roll');
      const strips = Math.ceil((v.leaf - 1) / net.heightMm);
      for (let n = 0; n < strips; n++) {
        const start = n * net.heightMm;
        const high = Math.min(net.heightMm, v.leaf - start);
        const count = Math.max(1, Math.round(v.width / net.openingMm));
        const rungs = Math.max(1, Math.floor(high / net.openingMm));
        const mesh: Sheet = {
          shape: 'sheet',
          id: `mesh-${leafName}-${n + 1}`,
          role: 'mesh',
          stock: net.id,
          cutMm: v.width,
          meshes: 0,
          base: flatBase(onLeaf(leaf, from, start, stile.thickMm / 2), row, v.width),
          up: upLeaf(leaf),
          heightMm: high,
          wireMm: net.wireMm,
          uprightsMm: Array.from({ length: count + 1 }, (_, i) => (i * v.width) / count),
          levelsMm: Array.from({ length: rungs + 1 }, (_, i) => (i * high) / rungs),
        };
        parts.push(mesh);
        joints.push({
          id: `${mesh.id}-staples`,
          kind: 'mesh to leaf',
          places: [stile.wideMm / 2, v.width - stile.wideMm / 2].flatMap((at) =>
            [0.05, 0.5, 0.95].map((share) => onLeaf(leaf, from + at, start + share * high, stile.thickMm / 2)),
          ),
          parts: [mesh.id, ...stiles.map((one) => one.id)],
          fixings: stiles.map(({ id: into }, n) => {
            const at = n === 0 ? stile.wideMm / 2 : v.width - stile.wideMm / 2;
            const out = stile.thickMm / 2;
            const places = evenly(
              onLeaf(leaf, from + at, start + EDGE_IN_MM, out),
              onLeaf(leaf, from + at, start + high - EDGE_IN_MM, out),
              STAPLE_EVERY_MM,
            );
            return {
              stock: 'staple-fence',
              count: places.length,
              drive: { through: mesh.id, into, way: inward(leaf), places },
            };
          }),
        });
      }
    }
    return { leaf, stiles };
  });
  const [front, back] = leaves;
  const hinge = [front, back].flatMap((one) => (one ? one.stiles.map((stile) => stile.id) : []));
  joints.push({
    id: `hinge-${name}`,
    kind: 'leaf to leaf',
    places: leaves.flatMap((one) => one.stiles.map((bar) => bar.to)),
    parts: hinge,
    fixings: [
      {
        stock: 'strap-hinge',
        count: 2,
        plates: [stile.wideMm / 2, v.width - stile.wideMm / 2].map((at) =>
          leaves.flatMap(({ leaf }, n) => {
            const strap = [STRAP_MM, 0].map((down) => onLeaf(leaf, from + at, v.leaf - down, stile.thickMm / 2));
            return n === 0 ? strap : strap.toReversed();
          }),
        ),
      },
    ],
  });
  for (const [n, at] of [stile.wideMm / 2, v.width - stile.wideMm / 2].entries()) {
    const path = leaves.map(({ leaf }) => onLeaf(leaf, from + at, TETHER_UP_MM, 0));
    const id = `tether-${name}-${n + 1}`;
    const across = Math.abs((path[1] as Point)[1] - (path[0] as Point)[1]);
    const tether: Line = {
      shape: 'line',
      id,
      role: 'chain',
      stock: TETHER[v.tether],
      path,
      diameterMm: 3,
      cutMm: across + 2 * TETHER_END_MM,
    };
    parts.push(tether);
    joints.push({
      id: `${id}-eyes`,
      kind: 'tether to leaf',
      places: path,
      parts: [id, ...leaves.map((one) => (one.stiles[n] as Bar).id)],
      fixings: leaves.map(({ leaf, stiles }) => ({
        stock: 'screw-eye',
        count: 1,
        drive: {
          through: null,
          into: (stiles[n] as Bar).id,
          way: scale(inward(leaf), -1),
          places: [onLeaf(leaf, from + at, TETHER_UP_MM, -stile.thickMm / 2)],
        },
      })),
    });
  }
  if (v.pegs === 'yes')
    for (const { stiles } of leaves)
      for (const { id, from: foot } of stiles)
        joints.push({
          id: `peg-${id}`,
          kind: 'foot to ground',
          places: [foot],
          parts: [id],
          fixings: [{ stock: 'ground-peg', count: 1 }],
        });
  return { parts, joints };
}
