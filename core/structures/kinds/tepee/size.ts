import { stringRound } from '../../assemblies/strings-up';
import { pushPole } from '../../assemblies/set-post';
import { stockOf } from '../../../catalogue/catalogue';
import type { Pole } from '../../../catalogue/stock';
import { chain } from '../../../design/chain';
import { placed, type Hold, type Joint, type Station } from '../../../design/design';
import type { Bar } from '../../../design/shapes/bar';
import { lineOf, type Line } from '../../../design/shapes/line';
import { line } from '../../../geometry/curve';
import { add, dot, minus, scale, unit, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { notchOf } from '../../../site/bed';
import { onGround, type Ground } from '../../../site/ground';
import { fact } from '../../../wording/say';
import type { Assembled } from '../../assemblies/assembly';
import { together } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import type { Sizing } from '../../kind';
import type { Values } from '../../knob';
import { nextStockUp } from '../../rules/depth';
import { angleAt, anglesRound, doorHalfRad, onRing, openRingMm, ringArea, type Door } from '../../rules/ring';
import { acrossBed } from '../../rules/row';
import { rowMarks, rowViews } from '../../rules/row-views';
import { placeStations } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { bundleRadius, lashingMm, poleMm } from './cord';
import { middleAt, mostTie, type TEPEE_KNOBS } from './knobs';
import { SIDE_RAD } from './shaded';

export type TepeeValues = Values<typeof TEPEE_KNOBS>;

/** What its own checks and mends ask for. */
export interface TepeeFacts {
  rowsAtMm: readonly number[];
  /** From the foot line to the middle, and how high. */
  tips: { halfBaseMm: number; heightMm: number; pushedIn: boolean };
}

/** The ladder ends this far below the tie (from memory). mm. */
const BELOW_TIE_MM = inches(12);

/** Sizes the tepee: poles from the ring to the tie and past it, the lashing, a string ladder that leaves the door open, a ring of plants. */
export function sizeTepee(v: TepeeValues, setting: BedSetting): Sizing<TepeeFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const stock = stockOf(setting.catalogue, v.pole, 'pole');
  const outer = v.radius + v.ring / 2;
  const middle = { alongMm: outer, y: acrossBed(middleAt(setting, v), setting) };
  const door: Door = { middleRad: SIDE_RAD[v.doorAt], halfRad: doorHalfRad(v.door, v.radius) };
  const asked = poleMm({ heightMm: v.height, radiusMm: v.radius, crossingMm: v.crossing, pushInMm: v.pushIn });
  const sold = nextStockUp(asked, setting.sizesOf(stock.id));
  const tie = onRing(ground, middle, 0, 0, v.height);
  const feet = anglesRound(v.poles, door).map((angle) => ({
    foot: onRing(ground, middle, v.radius, angle, 0),
    aside: [-Math.sin(angle), Math.cos(angle), 0] as const,
  }));
  const poles = standPoles(v, stock, { askedMm: asked, soldMm: sold?.mm ?? asked }, feet, tie);
  const ladder = v.ladder === 'yes' ? ladderRound(v, poles, tie) : null;
  const ladderMm = (ladder?.parts ?? []).reduce((sum, part) => sum + part.cutMm, 0);
  const along = openRingMm(v.radius, door);
  const stations = placeStations({
    planted: setting.planted,
    ground: { lengthMm: along, riseMm: 0 },
    fromMm: 0,
    lengthMm: along,
    school: 'inset',
    rows: [{ acrossMm: 0, side: 'round' }],
  }).map((station): Station => {
    const at = onRing(ground, middle, v.radius, angleAt(station.alongMm, v.radius, door), 0);
    return { ...station, at, stem: line(at, tie) };
  });
  const apart = v.poles > 1 ? along / (door.halfRad === 0 ? v.poles : v.poles - 1) : 0;
  // Behind a notch its near side is picked from there.
  const rowsAtMm = [...(notchOf(bed) ? [] : [middle.y - v.radius]), middle.y + v.radius];
  const builtMm = 2 * outer;
  const startMm = (bed.lengthMm - builtMm) / 2;
  return {
    design: placed({
      ...together({ parts: poles }, lashed(v, stock, poles, tie), ladder),
      stations,
      ground,
      builtMm,
      startMm,
      hold: holdOf(v, setting, { ladder: ladder !== null, poleMm: stock.diameterMm, apartMm: apart }),
      views: rowViews({ ground, bed, startMm }),
      reasons: {
        pole: fact(v.door > 0 ? 'count.poles.door' : 'count.poles', {
          poles: v.poles,
          apart: { mm: apart },
          asked: { mm: asked },
        }),
        lashing: fact('count.lashing', { poles: v.poles }),
        'ladder string': fact('count.ladder', {
          total: { mm: ladderMm },
          from: { mm: v.ladderFrom },
          step: { mm: v.ladderStep },
          rungs: ladder?.parts.length ?? 0,
        }),
      },
      marks: [
        ...rowMarks({ stations, ground, builtMm, bed, rowsAtMm, endTopMm: v.height }),
        chain(
          'elevation',
          'x',
          'across',
          [v.ring / 2, outer, builtMm - v.ring / 2].map((at) => onGround(ground, at)[0]),
          [0, v.radius, 2 * v.radius],
        ),
        chain('elevation', 'z', 'heights', [
          onRing(ground, middle, 0, 0, 0)[2],
          tie[2],
          Math.max(...poles.map((pole) => pole.to[2])),
        ]),
        chain(
          'plan',
          'x',
          'ring',
          [0, v.ring, builtMm - v.ring, builtMm].map((at) => onGround(ground, at)[0]),
          [0, v.ring, builtMm - v.ring, builtMm],
        ),
      ],
      handles: [
        { knob: 'height', view: 'elevation', at: tie, axis: 'up' },
        { knob: 'radius', view: 'elevation', at: onRing(ground, middle, v.radius, 0, 0), axis: 'right', perMm: 0.5 },
        { knob: 'ring', view: 'plan', at: [onGround(ground, builtMm)[0], 0, 0], axis: 'right' },
        ladder && { knob: 'ladderFrom', view: 'end', at: [0, 0, v.ladderFrom], axis: 'up' },
      ],
      traces: [outer, Math.max(0, v.radius - v.ring / 2)].map((radius) => ringTrace(ground, middle, radius, door)),
      dug: { what: 'ring bed', mm3: ringArea(v.radius, v.ring, door) * v.dig },
    }),
    facts: {
      rowsAtMm,
      tips: { halfBaseMm: v.radius, heightMm: v.height, pushedIn: v.pushIn >= inches(4) },
    },
  };
}

/** Poles from their feet to the tie and past it, each passing the middle of the bundle on the same side. */
function standPoles(
  v: TepeeValues,
  stock: Pole,
  { askedMm, soldMm }: { askedMm: number; soldMm: number },
  feet: readonly { foot: Point; aside: Point }[],
  tie: Point,
): Bar[] {
  const bundle = bundleRadius(v.poles, stock.diameterMm);
  return feet.map(({ foot, aside }, i) => {
    const up = unit(minus(add(tie, scale(aside, bundle)), foot));
    // Round poles have no wide face: any direction square to the axis will do.
    const wide = squareTo(up, aside);
    return pushPole({
      id: `pole-${i + 1}`,
      role: 'pole',
      of: stock,
      foot,
      up,
      askedMm,
      soldMm,
      pushInMm: v.pushIn,
      wide,
    });
  });
}

/** Three turns of cord are drawn over two thirds of this at the most (from memory). mm. */
const TURNS_HIGH_MM = 90;

/** The lashing round the bundle at the tie. */
function lashed(v: TepeeValues, stock: Pole, poles: readonly Bar[], tie: Point): Assembled {
  const girt = bundleRadius(v.poles, stock.diameterMm) + stock.diameterMm / 2;
  // However thick the bundle is, the turns lie close.
  const high = Math.min(girt, TURNS_HIGH_MM);
  const lashing = lineOf({
    id: 'lashing-1',
    role: 'lashing',
    of: { id: 'rope-natural', diameterMm: 6 },
    cutMm: lashingMm(v.poles, stock.diameterMm),
    path: Array.from({ length: 37 }, (_, i): Point => [
      tie[0] + girt * Math.cos((i * Math.PI) / 6),
      tie[1] + girt * Math.sin((i * Math.PI) / 6),
      tie[2] - high / 3 + (i * high) / 54,
    ]),
  });
  return {
    parts: [lashing],
    joints: [
      {
        id: 'tie',
        kind: 'poles lashed',
        by: 'lashed',
        // Where the cord lies on the outside of each.
        places: poles.map((pole): Point => {
          const at = poleAt(pole, v.pushIn, tie, 1);
          const axis = unit(minus(pole.to, pole.from));
          const out: Point = [at[0] - tie[0], at[1] - tie[1], 0];
          return add(at, scale(unit(minus(out, scale(axis, dot(out, axis)))), stock.diameterMm / 2));
        }),
        parts: [lashing.id, ...poles.map((pole) => pole.id)],
        fixings: [],
      },
    ],
  };
}

/** The direction square to an axis that is nearest to the wanted one. */
function squareTo(axis: Point, wanted: Point): Point {
  const along = axis[0] * wanted[0] + axis[1] * wanted[1] + axis[2] * wanted[2];
  return unit(minus(wanted, scale(axis, along)));
}

const ringTrace = (ground: Ground, middle: { alongMm: number; y: number }, radiusMm: number, door: Door): Point[] =>
  Array.from({ length: 49 }, (_, i) =>
    onRing(ground, middle, radiusMm, door.middleRad + door.halfRad + ((2 * Math.PI - 2 * door.halfRad) * i) / 48, 0),
  );

/** A point of a pole, by its share of the height from the soil to the tie. */
function poleAt(pole: Bar, pushInMm: number, tie: Point, share: number): Point {
  const axis = unit(minus(pole.to, pole.from));
  const foot = add(pole.from, scale(axis, pushInMm));
  return add(foot, scale(axis, (share * (tie[2] - foot[2])) / axis[2]));
}

/** Level strings from pole to pole, one turn round each; closed where there is no door. */
function ladderRound(v: TepeeValues, poles: readonly Bar[], tie: Point): { parts: Line[]; joints: Joint[] } {
  const top = v.height - BELOW_TIE_MM;
  const count = Math.max(1, Math.floor((top - v.ladderFrom) / v.ladderStep + 1e-9) + 1);
  const rungs = Array.from({ length: count }, (_, i) => {
    const up = Math.min(v.height * 0.95, v.ladderFrom + i * v.ladderStep);
    const on = poles.map((pole) => poleAt(pole, v.pushIn, tie, up / v.height));
    const path = v.door > 0 ? on : [...on, on[0] as Point];
    return stringRound({
      id: `ladder-${i + 1}`,
      role: 'ladder string',
      kind: 'ladder to pole',
      of: v.twine,
      path,
      poles,
    });
  });
  return { parts: rungs.map(({ string }) => string), joints: rungs.map(({ joint }) => joint) };
}

/** What climbs holds on to its poles, or to the strings of a ladder between them. mm. */
const holdOf = (
  v: TepeeValues,
  setting: BedSetting,
  o: { ladder: boolean; poleMm: number; apartMm: number },
): Hold => ({
  by: 'poles',
  meshMm: null,
  memberMm: o.ladder ? stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm : o.poleMm,
  stepMm: o.ladder ? v.ladderStep : o.apartMm,
  fineToMm: 0,
  // Poles and canes carry beans and peas, never squash or cucumber (common practice, no source).
  carries: 'medium',
  startsMm: 0,
  gapMm: 0,
  topMm: { least: v.height, most: v.height },
  could: { topMm: Math.max(v.height, mostTie(setting, v.pole, v.radius)), carries: 'medium', net: true },
});
