import type { Mark, Station, ViewFrame } from '../../design/design';
import type { Bed } from '../../site/bed';
import { groundAt, slopeOf, type Ground } from '../../site/ground';

/** Soil drawn past the ends of a bed. mm. */
const BESIDE_MM = 500;

/** Straight down on all of it. */
export const FROM_ABOVE: ViewFrame<'plan'> = {
  id: 'plan',
  title: 'From above',
  right: [1, 0, 0],
  up: [0, 1, 0],
  eye: [0, 0, 1],
  origin: [0, 0, 0],
  as: 'above',
  square: false,
  nearest: false,
  soil: [],
};

/** Square on, with x to the right; and along x, from where it begins. The soil is told in the view's own coordinates. */
export const fromFront = (title: string, soil: ViewFrame['soil']): ViewFrame<'elevation'> => ({
  id: 'elevation',
  title,
  right: [1, 0, 0],
  up: [0, 0, 1],
  eye: [0, -1, 0],
  origin: [0, 0, 0],
  as: 'upright',
  square: true,
  nearest: false,
  soil,
});
export const fromEnd = (title: string, soil: ViewFrame['soil']): ViewFrame<'end'> => ({
  ...fromFront(title, soil),
  id: 'end',
  right: [0, 1, 0],
  eye: [-1, 0, 0],
  square: false,
  nearest: true,
});

/** The views of what stands in a row. */
export type RowView = 'elevation' | 'plan' | 'end';

/**
 * The three views of a row on a bed: from the front, from above, and along the row from its start. `startMm` is where it
 * begins in the bed. What is the sides of one stands on the path: of that the bed itself is not drawn. mm.
 */
export function rowViews(o: { ground: Ground; bed: Bed; startMm: number; sides?: true }): ViewFrame<RowView>[] {
  const high = o.bed.heightMm;
  const level = Math.cos(slopeOf(o.ground));
  const [near, far] = [-o.startMm * level, (o.bed.lengthMm - o.startMm) * level];
  const half = o.bed.widthMm / 2;
  /** Down to the paths at both ends, where the bed stands over them. */
  const bedSoil = (from: number, to: number, at: (x: number) => number): ViewFrame['soil'] =>
    o.sides
      ? [
          [from - BESIDE_MM, at(from) - high],
          [to + BESIDE_MM, at(to) - high],
        ]
      : high === 0
        ? [
            [from, at(from)],
            [to, at(to)],
          ]
        : [
            [from - BESIDE_MM, at(from) - high],
            [from, at(from) - high],
            [from, at(from)],
            [to, at(to)],
            [to, at(to) - high],
            [to + BESIDE_MM, at(to) - high],
          ];
  const along = (x: number): number => groundAt(o.ground, x);
  return [
    fromFront('From the front', bedSoil(near, far, along)),
    FROM_ABOVE,
    fromEnd(
      'From the end',
      bedSoil(-half, half, () => 0),
    ),
  ];
}

/** The chains that every row shows: plants and rows from above, and its top from the end (nought where it has a chain of its own there). */
export function rowMarks(o: {
  stations: readonly Station[];
  ground: Ground;
  builtMm: number;
  bed: Bed;
  rowsAtMm: readonly number[];
  endTopMm: number;
}): Mark<RowView>[] {
  const front = o.stations.filter((one) => one.side !== 'round' && one.at[1] === o.stations[0]?.at[1]);
  const places = [0, ...front.map((station) => station.alongMm), o.builtMm];
  const level = Math.cos(slopeOf(o.ground));
  const half = o.bed.widthMm / 2;
  const across = [...new Set([-half, ...o.rowsAtMm, half])].sort((a, b) => a - b);
  return [
    ...(front.length > 0
      ? [
          {
            view: 'plan',
            axis: 'x',
            label: 'plants',
            atMm: places.map((at) => at * level),
            tapedMm: places,
          } satisfies Mark<RowView>,
        ]
      : []),
    { view: 'plan', axis: 'z', label: 'across', atMm: across },
    { view: 'elevation', axis: 'x', label: 'in all', atMm: [0, o.builtMm * level], tapedMm: [0, o.builtMm] },
    ...(o.endTopMm > 0
      ? [{ view: 'end', axis: 'z', label: 'top', atMm: [0, o.endTopMm] } satisfies Mark<RowView>]
      : []),
  ];
}
