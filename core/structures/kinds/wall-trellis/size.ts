import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import { ascending, chain } from '../../../design/chain';
import { placed, type Design, type Hold, type Joint } from '../../../design/design';
import { compoundIn, SQUARE, type EndCut } from '../../../design/end-cut';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { ALONG, cross, minus, reach, unit, UP, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { groundAt } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import { stringUp } from '../../assemblies/strings-up';
import { wallRow } from '../../assemblies/wall-row';
import type { Sizing } from '../../kind';
import { faceAt, mostOnWall, screwsIntoWall } from '../../rules/against-wall';
import { screwThrough } from '../../rules/fixings';
import { baysIn } from '../../rules/spacing';
import { lastingTimber } from '../../rules/timber-knobs';
import { cropKg, woodKg } from '../../rules/weights';
import type { BedSetting } from '../../setting';
import { crossing, diamonds, fan, leastFan, squares, type Lathwork, type Run, type Spot } from './lathwork';
import { LEAST_HIGH_MM, type WallTrellisValues } from './knobs';

/** Panels hang so far from each other: wood moves, and water runs off (from memory). mm. */
const BETWEEN_MM = inches(0.5);
/** What grows on it hangs so far before its laths (from memory). mm. */
const CROP_OUT_MM = inches(4);

/** What its own checks and mends ask for. */
export interface WallTrellisFacts {
  rowsAtMm: readonly number[];
  topMm: number;
  /** What hangs on the wall in full crop, so far before it, and how high over its lower edge its screws are. */
  hangs: { kg: number; outMm: number; screwsUpMm: readonly number[] };
}

/** Where the layers of a panel are, and what they are of. */
interface Layers {
  at: (spot: Spot, layer: 'batten' | 'rear' | 'front') => Point;
  lath: { id: string; wideMm: number; thickMm: number };
  batten: { id: string; wideMm: number; thickMm: number };
  setting: BedSetting;
}

/** Sizes it: equal panels of laths along the wall, on battens that are screwed to it. */
export function sizeWallTrellis(v: WallTrellisValues, setting: BedSetting): Sizing<WallTrellisFacts> {
  const lath = stockOf(setting.catalogue, timberId(v.lathOf, v.treatment), 'timber');
  const batten = stockOf(setting.catalogue, lastingTimber(setting, v.batten), 'timber');
  const face = faceAt(setting);
  const ground = groundOf(setting.place.bed);
  // Level along the courses, and told over the soil in the middle of the row.
  const soilMm = groundAt(ground, v.rowLength / 2);
  const lowest = Math.min(v.lowest, v.top - LEAST_HIGH_MM);
  const least = v.form === 'fan' ? leastFan(lath.wideMm) : 0;
  const most = Math.max(1, Math.floor((v.rowLength + BETWEEN_MM) / (least + BETWEEN_MM)));
  const count = Math.min(most, baysIn(v.rowLength, v.panelWide));
  const wideMm = (v.rowLength - (count - 1) * BETWEEN_MM) / count;
  const work = lathworkOf(v, { wideMm, highMm: v.top - lowest, lathMm: lath.wideMm, battenMm: batten.wideMm });
  const out = {
    batten: batten.thickMm / 2,
    rear: batten.thickMm + lath.thickMm / 2,
    front: batten.thickMm + lath.thickMm * 1.5,
  };
  const panels = Array.from({ length: count }, (_, n) => {
    const fromMm = n * (wideMm + BETWEEN_MM);
    const layers: Layers = {
      at: ([along, up], layer) => [fromMm + along, face - out[layer], soilMm + lowest + up],
      lath,
      batten,
      setting,
    };
    const panel = panelOf(`${n + 1}`, work, layers, v);
    return together(panel, v.form === 'square' && stringsOf(`${n + 1}`, v, work, layers, panel.rear));
  });
  const all = together(...panels);
  const { rowsAtMm, ...row } = wallRow(setting, v, v.top);
  const screws = all.joints.filter(({ kind }) => kind === 'batten to wall');
  return {
    design: placed({
      ...together(all, { reasons: reasonsOf(v, work, count) }),
      ...row,
      hold: holdOf(v, setting, { work, lathMm: lath.thickMm, lowest, wideMm }),
      marks: [
        ...row.marks,
        chain('elevation', 'x', 'panels', [
          ...new Set(panels.flatMap((_, n) => [n * (wideMm + BETWEEN_MM), n * (wideMm + BETWEEN_MM) + wideMm])),
        ]),
        v.form === 'fan'
          ? chain(
              'elevation',
              'z',
              'battens',
              ascending([0, ...work.battens.map(({ from }) => soilMm + lowest + from[1])]),
            )
          : chain(
              'elevation',
              'x',
              'battens',
              panels.flatMap((_, n) => work.battens.map(({ from }) => n * (wideMm + BETWEEN_MM) + from[0])),
            ),
        chain('end', 'z', 'heights', ascending([0, soilMm + lowest, soilMm + v.top])),
      ],
      handles: [
        ...row.handles,
        { knob: 'top', view: 'elevation', at: [v.rowLength / 2, face, soilMm + v.top], axis: 'up' },
        { knob: 'lowest', view: 'elevation', at: [v.rowLength / 2, face, soilMm + lowest], axis: 'up' },
      ],
    }),
    facts: {
      rowsAtMm,
      topMm: soilMm + v.top,
      hangs: {
        kg: woodKg(all.parts) + cropKg(row, setting.planted),
        outMm: out.front + CROP_OUT_MM,
        screwsUpMm: screws.flatMap(({ places }) => places.map(([, , up]) => up - soilMm - lowest)),
      },
    },
  };
}

const lathworkOf = (
  v: WallTrellisValues,
  o: { wideMm: number; highMm: number; lathMm: number; battenMm: number },
): Lathwork => {
  const panel = { ...o, everyMm: v.every, battenEveryMm: v.battenEvery };
  switch (v.form) {
    case 'square':
      return squares(panel);
    case 'diamond':
      return diamonds(panel);
    case 'fan':
      return fan({ ...panel, ribs: v.ribs });
  }
};

const reasonsOf = (v: WallTrellisValues, work: Lathwork, panels: number): Design['reasons'] => ({
  rear: fact(`count.rear.${v.form}`, { laths: work.rear.length, panels }),
  front: fact(`count.front.${v.form}`, { laths: work.front.length, panels }),
  batten: fact('count.battens', { battens: work.battens.length, panels }),
  string: fact('count.strings', { strings: v.strings }),
  'lath over lath': fact('count.crossings'),
  'lath to batten': fact('count.on-battens'),
  'batten to wall': fact('count.wall-screws', { every: { mm: v.wallEvery } }),
});

/** A panel: its laths, a screw where two of them cross and where one lies on a batten, the battens on the wall. */
function panelOf(panel: string, work: Lathwork, o: Layers, v: WallTrellisValues): Assembled & { rear: readonly Bar[] } {
  const { lath, batten, setting } = o;
  const cut = (runs: readonly Run[], layer: 'batten' | 'rear' | 'front'): Bar[] =>
    runs.map((run, i) => {
      const [from, to] = [o.at(run.from, layer), o.at(run.to, layer)];
      const axis = unit(minus(to, from));
      const wide = unit(cross(axis, [0, 1, 0]));
      const of = layer === 'batten' ? batten : lath;
      return barOf({
        id: `${layer}-${panel}-${i + 1}`,
        role: layer,
        of,
        from,
        to,
        wide,
        ends: endsOf(run, axis, wide),
        // At 45° it is a width longer, long point to long point.
        cutMm: reach(from, to) + (run.cuts ? of.wideMm : 0),
      });
    });
  const [rear, front, battens] = [cut(work.rear, 'rear'), cut(work.front, 'front'), cut(work.battens, 'batten')];
  const over = (
    kind: string,
    through: { bars: Bar[]; runs: readonly Run[] },
    into: { bars: Bar[]; runs: readonly Run[] },
    stock: string,
    layer: 'rear' | 'front',
  ) =>
    through.runs.flatMap((run, i) =>
      into.runs.flatMap((other, n): Joint[] => {
        const spot = crossing(run, other);
        const [head, hold] = [through.bars[i], into.bars[n]];
        if (!spot || !head || !hold) return [];
        const [x, y, z] = o.at(spot, layer);
        // On a batten where the middle lines cross, which is clear of what lies before, however near the batten's end.
        const stated = layer === 'rear' && { places: [[x, y - head.thickMm / 2, z] as Point] };
        return [
          {
            id: `${head.id}-${hold.id}`,
            kind,
            places: [[x, y + head.thickMm / 2, z]],
            parts: [head.id, hold.id],
            fixings: [{ stock, count: 1, drive: { through: head.id, into: hold.id, way: [0, 1, 0], ...stated } }],
          },
        ];
      }),
    );
  const onBattens = over(
    'lath to batten',
    { bars: rear, runs: work.rear },
    { bars: battens, runs: work.battens },
    screwThrough(setting, lath.thickMm, batten.thickMm),
    'rear',
  );
  const screwedTo = (bar: Bar): Point[] =>
    onBattens.filter(({ parts }) => parts[1] === bar.id).flatMap(({ places }) => places);
  return {
    rear,
    parts: [...battens, ...rear, ...front],
    joints: [
      ...over(
        'lath over lath',
        { bars: front, runs: work.front },
        { bars: rear, runs: work.rear },
        screwThrough(setting, lath.thickMm, lath.thickMm),
        'front',
      ),
      ...onBattens,
      ...battens.map((bar) => screwsIntoWall(bar, screwedTo(bar), v, setting)),
    ],
  };
}

/** The ends of a lath at 45°, cut to the edges of its panel. */
function endsOf({ cuts }: Run, axis: Point, wide: Point): readonly [EndCut, EndCut] {
  if (!cuts) return SQUARE;
  const thick = unit(cross(axis, wide));
  const [from, to] = cuts.map((cut) => compoundIn(cut === 'level' ? UP : ALONG, { axis, wide, thick }).mitreRad);
  return [
    { cut: 'mitre', angleRad: -(from as number) },
    { cut: 'mitre', angleRad: to as number },
  ];
}

/** Strings up the panel in the middle of its spaces or shared out in them, but where a batten lies behind. */
function stringsOf(panel: string, v: WallTrellisValues, work: Lathwork, o: Layers, rear: readonly Bar[]): Assembled {
  const of = stockOf(o.setting.catalogue, `twine-${v.twine}`, 'cord');
  const free = (along: number): boolean =>
    work.battens.every(({ from }) => Math.abs(from[0] - along) > o.batten.wideMm / 2 + FREE_MM);
  const alongs = work.front.slice(1).flatMap(({ from }, i) => {
    const left = (work.front[i] as Run).from[0];
    return Array.from({ length: v.strings }, (_, n) => left + ((from[0] - left) * (n + 1)) / (v.strings + 1));
  });
  const made = alongs.filter(free).map((along, i): { string: Line; joint: Joint } =>
    stringUp({
      id: `string-${panel}-${i + 1}`,
      of,
      rungs: rear.map((rung, n) => {
        const [x, y, z] = o.at([along, (work.rear[n] as Run).from[1]], 'rear');
        return { ...rung, at: [x, y - rung.thickMm / 2, z] };
      }),
    }),
  );
  return { parts: made.map(({ string }) => string), joints: made.map(({ joint }) => joint) };
}
/** A string passes behind a lath where no batten is so near (from memory). mm. */
const FREE_MM = 6;

/** What climbs holds on to its laths, or to strings over those. mm. */
function holdOf(
  v: WallTrellisValues,
  setting: BedSetting,
  { work, lathMm, lowest, wideMm }: { work: Lathwork; lathMm: number; lowest: number; wideMm: number },
): Hold {
  const strung = v.form === 'square' && v.strings > 0;
  const spaceMm = wideMm / (work.front.length - 1) / (v.strings + 1);
  return {
    by: 'poles',
    meshMm: null,
    memberMm: strung ? stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm : lathMm,
    stepMm: strung ? Math.min(work.stepMm, spaceMm) : work.stepMm,
    fineToMm: 0,
    // Thin laths: roses, clematis, beans, no squash (from memory).
    carries: 'medium',
    startsMm: lowest,
    gapMm: lowest,
    topMm: { least: lowest + work.topMm.least, most: lowest + work.topMm.most },
    could: { topMm: Math.max(v.top, mostOnWall(setting, v)), carries: 'medium', net: true },
  };
}
