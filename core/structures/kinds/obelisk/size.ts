import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import type { Timber } from '../../../catalogue/stock';
import { chain } from '../../../design/chain';
import { placed, type Design, type Hold, type Joint, type Station } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import type { Line } from '../../../design/shapes/line';
import { line } from '../../../geometry/curve';
import { add, scale, unit, minus, type Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { notchOf } from '../../../site/bed';
import { onGround, slopeOf } from '../../../site/ground';
import { fact } from '../../../wording/say';
import { together, type Assembled } from '../../assemblies/assembly';
import { groundOf } from '../../assemblies/bed-row';
import { stringUp } from '../../assemblies/strings-up';
import type { Sizing } from '../../kind';
import { screwThrough } from '../../rules/fixings';
import { angleAt, onRing, openRingMm } from '../../rules/ring';
import { acrossBed } from '../../rules/row';
import { rowMarks, rowViews } from '../../rules/row-views';
import { lastingTimber } from '../../rules/timber-knobs';
import { placeStations } from '../../rules/stations';
import type { BedSetting } from '../../setting';
import { asideAt, faceOf, highest, rungHeights, rungsOf, SIDES, standLegs, type Side, type Stance } from './frame';
import { CAP_OVER_MM, LEAST_LEAN, mostHeight, OUTSIDE_MM, PIN_MM, type ObeliskValues } from './knobs';

/** The lowest rung is no lower (from memory). mm. */
const LOWEST_RUNG_MM = inches(6);
/** A pin's staples, so far under its top and over the soil (from memory). mm. */
const STAPLE_IN_MM = inches(4);

/** What its own checks and mends ask for. */
export interface ObeliskFacts {
  rowsAtMm: readonly number[];
  tips: { halfBaseMm: number; heightMm: number; pushedIn: boolean };
}

/** Sizes the obelisk: four legs to a cap, rungs on all four sides, strings where something thin climbs, plants about its foot. */
export function sizeObelisk(v: ObeliskValues, setting: BedSetting): Sizing<ObeliskFacts> {
  const { bed } = setting.place;
  const ground = groundOf(bed);
  const of = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
  const rung = stockOf(setting.catalogue, lastingTimber(setting, v.rungs), 'timber');
  const cap = stockOf(setting.catalogue, lastingTimber(setting, v.cap), 'timber');
  const pushed = v.feet === 'pushed';
  const tapers = v.form === 'obelisk';
  const radius = v.foot / 2 + OUTSIDE_MM;
  const startMm = v.along - radius;
  const middle = { alongMm: radius, y: acrossBed(v.across, setting) };
  const at = onGround(ground, middle.alongMm, middle.y);
  // The lowest foot of a slope still goes as deep as was asked for.
  const fallMm = (Math.abs(Math.tan(slopeOf(ground))) * v.foot) / 2;
  const longestMm = setting.sizesOf(of.id).at(-1) ?? Infinity;
  const stood = {
    ground,
    middle: at,
    footMm: v.foot,
    topMm: tapers ? Math.min(v.foot, cap.wideMm - 2 * CAP_OVER_MM) : v.foot,
    belowMm: pushed ? v.pushIn + fallMm : 0,
  };
  const stance: Stance = { ...stood, heightMm: highest(stood, v.height, longestMm) };
  const { heightMm } = stance;
  const legs = standLegs(stance, of, { askedMm: v.height, wantedMm: v.pushIn, longestMm, pushed });
  const heights = rungHeights(stance, rung.wideMm, v.rungEvery, LOWEST_RUNG_MM);
  const screw = screwThrough(setting, rung.thickMm, of.wideMm);
  const sides = SIDES.map((side) => rungsOf(stance, side, { of: rung, legs, heights, screw }));
  const strings = SIDES.map((side, i) => stringsOf(v, setting, stance, side, sides[i]?.parts ?? []));
  const apex: Point = add(at, [0, 0, heightMm]);
  const stations = plantRound(setting, middle, radius, apex);
  // Behind a notch its near side is picked from there.
  const rowsAtMm = [...(notchOf(bed) ? [] : [middle.y - radius]), middle.y + radius];
  const builtMm = 2 * radius;
  const [low, high] = [heights[0] ?? 0, heights.at(-1) ?? 0];
  return {
    design: placed({
      ...together(
        { parts: legs },
        ...sides,
        tapers && capped(setting, cap, stance, legs),
        !pushed && pinned(setting, legs),
        ...strings,
      ),
      stations,
      ground,
      builtMm,
      startMm,
      hold: holdOf(v, setting, { legMm: of.wideMm, rungMm: rung.thickMm, lowMm: low, stance }),
      views: rowViews({ ground, bed, startMm }),
      reasons: reasonsOf(
        v,
        heights.length,
        strings.flatMap(({ parts }) => parts),
      ),
      marks: [
        ...rowMarks({ stations, ground, builtMm, bed, rowsAtMm, endTopMm: heightMm }),
        chain(
          'elevation',
          'x',
          'feet',
          [-v.foot / 2, v.foot / 2].map((off) => at[0] + off),
          [radius - v.foot / 2, radius + v.foot / 2],
        ),
        chain('elevation', 'z', 'rungs', [
          at[2],
          ...heights.map((up) => at[2] + up - rung.wideMm / 2),
          at[2] + heightMm,
        ]),
      ],
      handles: [
        { knob: 'height', view: 'elevation', at: apex, axis: 'up' },
        // Drawings begin at its near side: the far leg follows the hand.
        { knob: 'foot', view: 'elevation', at: add(at, [v.foot / 2, 0, 0]), axis: 'right' },
        { knob: 'across', view: 'plan', at, axis: 'up' },
        pushed && { knob: 'pushIn', view: 'end', at: add(at, [0, 0, -v.pushIn]), axis: 'up', perMm: -1 },
        heights.length > 1 && {
          knob: 'rungEvery',
          view: 'elevation',
          at: add(at, [0, 0, high - v.rungEvery]),
          axis: 'up',
          perMm: -1,
        },
      ],
    }),
    facts: {
      rowsAtMm,
      tips: { halfBaseMm: v.foot / 2, heightMm, pushedIn: !pushed || v.pushIn >= inches(4) },
    },
  };
}

/** Why there are so many of each. */
const reasonsOf = (v: ObeliskValues, heights: number, strings: readonly Line[]): Design['reasons'] => ({
  leg: fact(v.feet === 'pushed' ? 'count.legs.pushed' : 'count.legs'),
  rung: fact('count.rungs', { rungs: heights, every: { mm: v.rungEvery } }),
  'rung to leg': fact('count.rung-screws', { rungs: heights * SIDES.length }),
  cap: fact('count.cap'),
  'cap to leg': fact('count.cap-screws'),
  'pin to leg': fact('count.pin-staples'),
  pin: fact('count.pins'),
  string: fact('count.strings', {
    strings: v.strings,
    total: { mm: strings.reduce((sum, { cutMm }) => sum + cutMm, 0) },
  }),
});

/** Plants all round its foot, their stems up to its top. mm. */
function plantRound(
  setting: BedSetting,
  middle: { alongMm: number; y: number },
  radius: number,
  apex: Point,
): Station[] {
  const ground = groundOf(setting.place.bed);
  const round = openRingMm(radius, NO_DOOR);
  return placeStations({
    planted: setting.planted,
    ground: { lengthMm: round, riseMm: 0 },
    fromMm: 0,
    lengthMm: round,
    school: 'inset',
    rows: [{ acrossMm: 0, side: 'round' }],
  }).map((station): Station => {
    const foot = onRing(ground, middle, radius, angleAt(station.alongMm, radius, NO_DOOR), 0);
    return { ...station, at: foot, stem: line(foot, apex) };
  });
}

/** A ring that is planted all round, from its front (from memory). */
const NO_DOOR = { middleRad: -Math.PI / 2, halfRad: 0 };

/** The cap on the level tops of the legs, a screw into each from above. */
function capped(setting: BedSetting, board: Timber, s: Stance, legs: readonly Bar[]): Assembled {
  const middle = add(s.middle, [0, 0, s.heightMm + board.thickMm / 2]);
  const half = board.wideMm / 2;
  const cap = barOf({
    id: 'cap-1',
    role: 'cap',
    of: board,
    from: add(middle, [-half, 0, 0]),
    to: add(middle, [half, 0, 0]),
    wide: [0, 1, 0],
  });
  const legMm = legs[0]?.wideMm ?? 0;
  return {
    parts: [cap],
    joints: legs.map((leg) => ({
      id: `cap-${leg.id}`,
      kind: 'cap to leg',
      places: [leg.to],
      parts: [cap.id, leg.id],
      fixings: [
        {
          stock: screwThrough(setting, board.thickMm, 3 * legMm),
          count: 1,
          drive: {
            through: cap.id,
            into: leg.id,
            way: [0, 0, -1],
            // Into the middle of the top: seen from above a leaning leg is more than that.
            places: [add(leg.to, [0, 0, board.thickMm])],
          },
        },
      ],
    })),
  };
}

/** A pin along the inner corner of each leg, half of it in the ground, stapled twice. */
function pinned(setting: BedSetting, legs: readonly Bar[]): Assembled {
  const rod = stockOf(setting.catalogue, 'rod-10', 'rod');
  const pins = legs.map((leg, i) => {
    const axis = unit(minus(leg.to, leg.from));
    // On the face that looks along the frame's inside.
    const inwards = scale(leg.wide, -1);
    const foot = add(leg.from, scale(inwards, (leg.wideMm + rod.diameterMm) / 2));
    const pin = barOf({
      id: `pin-${i + 1}`,
      role: 'pin',
      of: rod,
      from: add(foot, scale(axis, -PIN_MM / 2)),
      to: add(foot, scale(axis, PIN_MM / 2)),
      wide: leg.wide,
      cutMm: PIN_MM,
      buriedMm: PIN_MM / 2,
      stands: { aboveMm: PIN_MM / 2, buriedMm: PIN_MM / 2, wantedMm: PIN_MM / 2, shortMm: 0, set: 'driven' },
    });
    const places = [STAPLE_IN_MM, PIN_MM / 2 - STAPLE_IN_MM].map((up) =>
      add(add(leg.from, scale(axis, up)), scale(inwards, leg.wideMm / 2)),
    );
    const joint: Joint = {
      id: `${pin.id}-${leg.id}`,
      kind: 'pin to leg',
      places,
      parts: [pin.id, leg.id],
      fixings: [
        { stock: 'staple-fence', count: 2, drive: { through: null, into: leg.id, way: scale(inwards, -1), places } },
      ],
    };
    return { pin, joint };
  });
  return { parts: pins.map(({ pin }) => pin), joints: pins.map(({ joint }) => joint) };
}

/** Strings up a side, from its lowest rung to its top one, spread over what is free between the legs. */
function stringsOf(
  v: ObeliskValues,
  setting: BedSetting,
  s: Stance,
  side: Side,
  rungs: readonly Bar[],
): { parts: Line[]; joints: Joint[] } {
  const of = stockOf(setting.catalogue, `twine-${v.twine}`, 'cord');
  const legMm = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber').wideMm;
  const made = Array.from({ length: v.strings }, (_, n) => {
    const share = (2 * (n + 1)) / (v.strings + 1) - 1;
    return stringUp({
      id: `string-${side.id}-${n + 1}`,
      of,
      rungs: rungs.map((rung) => {
        const up = rung.from[2] - s.middle[2];
        const { out } = faceOf(s, side, legMm, up);
        const middle = scale(add(rung.from, rung.to), 0.5);
        const at = add(
          add(middle, scale(side.along, share * (asideAt(s, legMm, up) - legMm / 2))),
          scale(out, rung.thickMm / 2),
        );
        return { ...rung, at };
      }),
    });
  });
  return { parts: made.map(({ string }) => string), joints: made.map(({ joint }) => joint) };
}

/** What climbs holds on to its legs and rungs, or to strings between those. mm. */
const holdOf = (
  v: ObeliskValues,
  setting: BedSetting,
  o: { legMm: number; rungMm: number; lowMm: number; stance: Stance },
): Hold => ({
  by: 'poles',
  meshMm: null,
  memberMm: v.strings > 0 ? stockOf(setting.catalogue, `twine-${v.twine}`, 'cord').diameterMm : o.rungMm,
  stepMm:
    v.strings > 0
      ? Math.min(v.rungEvery, (2 * asideAt(o.stance, o.legMm, o.lowMm) - o.legMm) / (v.strings + 1))
      : v.rungEvery,
  fineToMm: 0,
  // Light timber on four feet: flowers, beans and peas, no squash (from memory).
  carries: 'medium',
  startsMm: 0,
  gapMm: 0,
  topMm: { least: o.stance.heightMm, most: o.stance.heightMm },
  // As high as it can be on the feet that it has.
  could: {
    topMm: Math.max(o.stance.heightMm, Math.min(mostHeight(setting, v), v.foot / LEAST_LEAN)),
    carries: 'medium',
    net: true,
  },
});
