import { AS_BOUGHT } from '../../../design/end-cut';
import { line } from '../../../geometry/curve';
import type { Sizing } from '../../kind';
import { rowMarks, rowViews } from '../../rules/row-views';
import { stockOf } from '../../../catalogue/catalogue';
import type { Placement, Joint, Station } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { add, minus, pathLength, scale, unit, type Point } from '../../../geometry/space';
import { slopeOf, type Ground } from '../../../site/ground';
import { inches } from '../../../quantity/length';
import { fact } from '../../../wording/say';
import { nextStockUp } from '../../rules/depth';
import { acrossBed } from '../../rules/row';
import type { Values } from '../../knob';
import { angleAt, anglesRound, doorHalfRad, onRing, openRingMm, ringArea, type Door } from '../../rules/ring';
import type { BedSetting } from '../../setting';
import { placeStations } from '../../rules/stations';
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

/** One turn of string round a pole where it passes, and made fast at both ends (from memory). mm. */
const LADDER_END_MM = inches(6);
/** The ladder ends this far below the tie (from memory). mm. */
const BELOW_TIE_MM = inches(12);

/** Sizes the tepee: poles from the ring to the tie and past it, the lashing, a string ladder that leaves the door open, a ring of plants. */
export function sizeTepee(v: TepeeValues, setting: BedSetting): Sizing<TepeeFacts> {
  const { bed } = setting.place;
  const ground: Ground = { lengthMm: setting.place.bed.lengthMm, riseMm: setting.place.bed.riseMm };
  const stock = stockOf(setting.catalogue, v.pole, 'pole');
  const outer = v.radius + v.ring / 2;
  const middle = { alongMm: outer, y: acrossBed(middleAt(setting, v), setting) };
  const door: Door = { middleRad: SIDE_RAD[v.doorAt], halfRad: doorHalfRad(v.door, v.radius) };
  const angles = anglesRound(v.poles, door);
  const asked = poleMm({ heightMm: v.height, radiusMm: v.radius, crossingMm: v.crossing, pushInMm: v.pushIn });
  const sold = nextStockUp(asked, setting.sizesOf(stock.id));
  const longMm = sold?.mm ?? asked;
  const tie = onRing(ground, middle, 0, 0, v.height);
  const bundle = bundleRadius(v.poles, stock.diameterMm);

  const poles = angles.map((angle, i): Bar => {
    const foot = onRing(ground, middle, v.radius, angle, 0);
    const aside: Point = [-Math.sin(angle), Math.cos(angle), 0];
    const axis = unit(minus(add(tie, scale(aside, bundle)), foot));
    // Round poles have no wide face: any direction square to the axis will do.
    const wide = aside;
    return barOf({
      id: `pole-${i + 1}`,
      role: 'pole',
      of: stock,
      cutMm: longMm,
      buriedMm: v.pushIn,
      from: add(foot, scale(axis, -v.pushIn)),
      to: add(foot, scale(axis, longMm - v.pushIn)),
      wide: squareTo(axis, wide),
      ends: AS_BOUGHT,
    });
  });
  const girt = bundle + stock.diameterMm / 2;
  const lashing: Line = {
    shape: 'line',
    id: 'lashing-1',
    role: 'lashing',
    stock: 'rope-natural',
    diameterMm: 6,
    cutMm: lashingMm(v.poles, stock.diameterMm),
    path: Array.from({ length: 37 }, (_, i): Point => [
      tie[0] + girt * Math.cos((i * Math.PI) / 6),
      tie[1] + girt * Math.sin((i * Math.PI) / 6),
      tie[2] - girt / 3 + (i * girt) / 54,
    ]),
  };
  const ladder = v.ladder === 'yes' ? ladderRound(v, poles, tie, stock.diameterMm) : { parts: [], joints: [] };

  const along = openRingMm(v.radius, door);
  const row: readonly Station[] = placeStations({
    planted: setting.planted,
    ground: { lengthMm: along, riseMm: 0 },
    fromMm: 0,
    lengthMm: along,
    school: 'inset',
    rows: [{ acrossMm: 0, side: 'round' }],
  });
  const stations = row.map((station): Station => ({
    ...station,
    at: onRing(ground, middle, v.radius, angleAt(station.alongMm, v.radius, door), 0),
    stem: line(onRing(ground, middle, v.radius, angleAt(station.alongMm, v.radius, door), 0), tie),
  }));
  const dugMm3 = ringArea(v.radius, v.ring, door) * v.dig;
  const apart = v.poles > 1 ? along / (door.halfRad === 0 ? v.poles : v.poles - 1) : 0;
  const slope = slopeOf(ground);
  const flat = (mm: number): number => mm * Math.cos(slope);

  // Behind the notch of a keyhole its near side is picked from there.
  const rowsAtMm = [...(bed.outline.shape === 'keyhole' ? [] : [middle.y - v.radius]), middle.y + v.radius];
  const startMm = (bed.lengthMm - 2 * outer) / 2;
  const design: Placement = {
    kind: 'tepee',
    parts: [...poles, lashing, ...ladder.parts],
    joints: [
      {
        id: 'tie',
        kind: 'poles lashed',
        places: poles.map((pole) => poleAt(pole, v.pushIn, tie, 1)),
        parts: [lashing.id, ...poles.map((pole) => pole.id)],
        fixings: [],
      },
      ...ladder.joints,
    ],
    stations,
    ground,
    builtMm: 2 * outer,
    startMm,
    posts:
      sold && !sold.enough
        ? poles.map((pole) => ({
            id: pole.id,
            aboveMm: asked - v.pushIn,
            buriedMm: Math.max(0, longMm - (asked - v.pushIn)),
            wantedMm: v.pushIn,
            shortMm: asked - longMm,
            set: 'pushed' as const,
          }))
        : poles.map((pole) => ({
            id: pole.id,
            aboveMm: longMm - v.pushIn,
            buriedMm: v.pushIn,
            wantedMm: v.pushIn,
            shortMm: 0,
            set: 'pushed' as const,
          })),
    hold: {
      by: 'poles',
      meshMm: null,
      memberMm:
        v.ladder === 'yes' ? stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm : stock.diameterMm,
      stepMm: v.ladder === 'yes' ? v.ladderStep : apart,
      fineToMm: 0,
      // Poles and canes carry beans and peas, never squash or cucumber (common practice, no source).
      carries: 'medium',
      startsMm: 0,
      gapMm: 0,
      topMm: { least: v.height, most: v.height },
      could: {
        topMm: Math.max(v.height, mostTie(setting, v.pole, v.radius)),
        carries: 'medium',
        net: true,
      },
    },
    views: rowViews({ ground, bed, startMm }),
    bodies: 1,
    reasons: {
      pole: fact(v.door > 0 ? 'count.poles.door' : 'count.poles', {
        poles: v.poles,
        apart: { mm: apart },
        asked: { mm: asked },
      }),
      lashing: fact('count.lashing', { poles: v.poles }),
      'ladder string': fact('count.ladder', {
        total: { mm: ladder.parts.reduce((sum, part) => sum + part.cutMm, 0) },
        from: { mm: v.ladderFrom },
        step: { mm: v.ladderStep },
        rungs: ladder.parts.length,
      }),
    },
    marks: [
      ...rowMarks({
        stations,
        ground,
        builtMm: 2 * outer,
        bed,
        rowsAtMm,
        endTopMm: v.height,
      }),
      {
        view: 'elevation',
        axis: 'x',
        label: 'across',
        atMm: [flat(v.ring / 2), flat(outer), flat(2 * outer - v.ring / 2)],
        tapedMm: [0, v.radius, 2 * v.radius],
      },
      {
        view: 'elevation',
        axis: 'z',
        label: 'heights',
        atMm: [onRing(ground, middle, 0, 0, 0)[2], tie[2], Math.max(...poles.map((pole) => pole.to[2]))],
      },
      {
        view: 'plan',
        axis: 'x',
        label: 'ring',
        atMm: [0, flat(v.ring), flat(2 * outer - v.ring), flat(2 * outer)],
        tapedMm: [0, v.ring, 2 * outer - v.ring, 2 * outer],
      },
    ],
    handles: [
      { knob: 'height', view: 'elevation', at: [tie[0], tie[2]], axis: 'up', perMm: 1 },
      {
        knob: 'radius',
        view: 'elevation',
        at: [flat(2 * outer - v.ring / 2), onRing(ground, middle, v.radius, 0, 0)[2]],
        axis: 'right',
        perMm: 0.5,
      },
      { knob: 'ring', view: 'plan', at: [flat(2 * outer), 0], axis: 'right', perMm: 1 },
      ...(v.ladder === 'yes'
        ? [{ knob: 'ladderFrom', view: 'end', at: [0, v.ladderFrom], axis: 'up', perMm: 1 } as const]
        : []),
    ],
    traces: [
      ringTrace(ground, middle, outer, door),
      ringTrace(ground, middle, Math.max(0, v.radius - v.ring / 2), door),
    ],
    dug: { what: 'ring bed', mm3: dugMm3 },
  };
  return {
    design,
    facts: {
      rowsAtMm,
      tips: { halfBaseMm: v.radius, heightMm: v.height, pushedIn: v.pushIn >= inches(4) },
    } satisfies TepeeFacts,
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
function ladderRound(
  v: TepeeValues,
  poles: readonly Bar[],
  tie: Point,
  diameterMm: number,
): { parts: Line[]; joints: Joint[] } {
  const top = v.height - BELOW_TIE_MM;
  const count = Math.max(1, Math.floor((top - v.ladderFrom) / v.ladderStep + 1e-9) + 1);
  const parts: Line[] = [];
  const joints: Joint[] = [];
  for (let i = 0; i < count; i++) {
    const up = Math.min(v.height * 0.95, v.ladderFrom + i * v.ladderStep);
    const on = poles.map((pole) => poleAt(pole, v.pushIn, tie, up / v.height));
    const path = v.door > 0 ? on : [...on, on[0] as Point];
    const id = `ladder-${i + 1}`;
    parts.push({
      shape: 'line',
      id,
      role: 'ladder string',
      stock: `twine-${v.twine}`,
      path,
      diameterMm: 3,
      cutMm: pathLength(path) + path.length * Math.PI * diameterMm + 2 * LADDER_END_MM,
    });
    joints.push({
      id: `${id}-poles`,
      kind: 'ladder to pole',
      places: on,
      parts: [id, ...poles.map((pole) => pole.id)],
      fixings: [],
    });
  }
  return { parts, joints };
}
