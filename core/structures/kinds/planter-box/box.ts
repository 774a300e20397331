import type { MeshRoll, Timber } from '../../../catalogue/stock';
import type { Joint } from '../../../design/design';
import { barOf, type Bar } from '../../../design/shapes/bar';
import { fillOf, squareRim, type Fill } from '../../../design/shapes/fill';
import { add, scale } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Assembled } from '../../assemblies/assembly';
import type { BoardBox, Sides } from '../../assemblies/box-of-boards';
import { meshOver } from '../../assemblies/covered-panel';
import { screwThrough } from '../../rules/fixings';
import { DRAIN_MM, RIM_MM, type SpotSetting } from './knobs';

/** Cloth is turned up at both ends by so much, and its strips lie so far over each other; a staple every so far (from memory). mm. */
const UP_MM = inches(4);
const OVER_MM = inches(4);
export const STAPLE_EVERY_MM = inches(4);

interface FloorOf {
  sides: Sides;
  board: Timber;
  legs: Timber;
  bearer: Timber;
  slat: Timber;
}

/** What carries the mix: a bearer along the inner faces of the legs of each side, slats across both, a finger apart. */
export function floorOf(
  box: BoardBox,
  o: FloorOf,
  setting: SpotSetting,
): Required<Pick<Assembled, 'parts' | 'joints'>> & { slats: readonly Bar[]; spanMm: number } {
  const { at, longMm, wideMm } = box;
  const { sides, board, legs, bearer, slat } = o;
  const [t, p, s] = [board.thickMm, legs.thickMm, bearer.thickMm];
  const onLegs = screwThrough(setting, s, p);
  const face = wideMm / 2 - t - p;
  const bearers = ([-1, 1] as const).map((side) =>
    barOf({
      id: `bearer-${side < 0 ? 'front' : 'back'}`,
      role: 'bearer',
      of: bearer,
      from: at(t, side * (face - s / 2), s / 2),
      to: at(longMm - t, side * (face - s / 2), s / 2),
      wide: box.normal,
    }),
  );
  const held = sides.posts.map((post): Joint => {
    const side = post.id.startsWith('post-front') ? -1 : 1;
    const one = bearers[side < 0 ? 0 : 1] as Bar;
    return {
      id: `${one.id}-${post.id}`,
      kind: 'bearer to leg',
      places: [add(at(0, side * face, s / 2), scale(box.way, post.from[0] - box.at(0, 0, 0)[0]))],
      parts: [one.id, post.id],
      fixings: [{ stock: onLegs, count: 2, drive: { through: one.id, into: post.id, way: scale(box.side, side) } }],
    };
  });
  const inner = longMm - 2 * t;
  const count = Math.max(1, Math.floor((inner + DRAIN_MM) / (slat.wideMm + DRAIN_MM)));
  const step = count > 1 ? (inner - slat.wideMm) / (count - 1) : 0;
  const legsAt = sides.posts.map((post) => post.from[0] - box.at(0, 0, 0)[0]);
  const screw = screwThrough(setting, slat.thickMm, s);
  const slats = Array.from({ length: count }, (_, i) => {
    const along = t + slat.wideMm / 2 + (count > 1 ? i * step : (inner - slat.wideMm) / 2);
    // Between legs it ends at them, elsewhere at the boards.
    const beside = legsAt.some((leg) => Math.abs(leg - along) < (p + slat.wideMm) / 2);
    const half = wideMm / 2 - t - (beside ? p : 0);
    const up = s + slat.thickMm / 2;
    return barOf({
      id: `slat-${i + 1}`,
      role: 'slat',
      of: slat,
      from: at(along, -half, up),
      to: at(along, half, up),
      wide: box.way,
    });
  });
  const laid = slats.flatMap((one) =>
    bearers.map((under): Joint => ({
      id: `${one.id}-${under.id}`,
      kind: 'slat to bearer',
      places: [[one.from[0], under.from[1], box.at(0, 0, s)[2]]],
      parts: [one.id, under.id],
      fixings: [{ stock: screw, count: 1, drive: { through: one.id, into: under.id, way: scale(box.normal, -1) } }],
    })),
  );
  return { parts: [...bearers, ...slats], joints: [...held, ...laid], slats, spanMm: 2 * (face - s / 2) };
}

/** Cloth over the slats, up at both ends; and the mix on it to an inch under the rim. */
export function filledBox(
  box: BoardBox,
  o: FloorOf & { slats: readonly Bar[]; roll: MeshRoll; mix: string; deepMm: number },
): Required<Pick<Assembled, 'parts' | 'joints'>> & { fill: Fill } {
  const { at, longMm, wideMm } = box;
  const { board, legs, sides, slats } = o;
  const t = board.thickMm;
  const floorUp = o.bearer.thickMm + o.slat.thickMm;
  const plane = { ...box, wideMm: wideMm - 2 * t };
  const cloth = meshOver(plane, {
    id: 'lining',
    role: 'lining',
    roll: o.roll,
    fromMm: t,
    longMm: longMm - 2 * t,
    up: floorUp,
    lapMm: OVER_MM,
    turnedMm: UP_MM,
  });
  const [inLong, inWide] = [longMm - 2 * t, wideMm - 2 * t];
  const fill = fillOf({
    id: 'mix',
    role: 'mix',
    of: o.mix,
    bottom: at(longMm / 2, 0, floorUp),
    rim: squareRim(inLong / 2, inWide / 2),
    cutMm: o.deepMm,
    litres: ((inLong * inWide - sides.posts.length * legs.wideMm * legs.thickMm) * o.deepMm) / 1e6,
  });
  // Each strip of cloth lies on the slat under its middle.
  const laid = cloth.map((sheet, i): Joint => {
    const share = (i + 0.5) / cloth.length;
    const slat = slats[Math.min(slats.length - 1, Math.floor(share * slats.length))] as Bar;
    return {
      id: `${sheet.id}-laid`,
      kind: 'lining stapled',
      by: 'stapled',
      places: [add([slat.from[0], 0, slat.from[2]], scale(box.normal, o.slat.thickMm / 2))],
      parts: [sheet.id, slat.id],
      fixings: [
        {
          stock: 'staple-tacker',
          count: Math.max(4, Math.ceil((2 * (sheet.cutMm + sheet.heightMm)) / STAPLE_EVERY_MM)),
        },
      ],
    };
  });
  const middle = slats[Math.floor(slats.length / 2)] as Bar;
  return {
    fill,
    parts: [...cloth, fill],
    joints: [
      ...laid,
      {
        id: 'mix-in-box',
        kind: 'mix in the box',
        by: 'bearing',
        places: [add([middle.from[0], 0, middle.from[2]], scale(box.normal, o.slat.thickMm / 2))],
        parts: [fill.id, middle.id],
        fixings: [],
      },
    ],
  };
}

/** How deep it is filled. mm. */
export const filledMm = (boxHighMm: number, bearerMm: number, slatMm: number): number =>
  Math.max(inches(2), boxHighMm - bearerMm - slatMm - RIM_MM);
