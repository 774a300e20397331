import type { Mark, Placement, Pull, Station, ViewFrame } from '../../design/design';
import type { Bed } from '../../site/bed';
import { groundAt, slopeOf, type Ground } from '../../site/ground';
import { startOf } from '../rules/row';
import { rowMarks, rowViews, type RowView } from '../rules/row-views';
import { placeStations, type PlantRow, type StationSchool } from '../rules/stations';
import type { BedSetting } from '../setting';

/** The even slope that a bed lies on. */
export const groundOf = ({ lengthMm, riseMm }: Bed): Ground => ({ lengthMm, riseMm });

/** What stands in a row along a bed: where it begins, its plants, how it is seen, its chains and pulls. */
export interface BedRow extends Required<Pick<Placement, 'ground' | 'builtMm' | 'startMm' | 'stations'>> {
  views: readonly ViewFrame<RowView>[];
  marks: readonly Mark<RowView>[];
  handles: readonly Pull<RowView>[];
}

/**
 * A row as it stands in its bed: so long by a tape on the soil, its middle so far across, so high. Its plants stand
 * along `rows`, or are those that are stated. mm.
 * @example bedRow(setting, v, { builtMm: 4877, yMm: 0, topMm: 1830, rows: [{ acrossMm: -76, side: 'front' }] })
 */
export function bedRow(
  setting: BedSetting,
  v: { rowLength: number; startAt: number; school?: StationSchool },
  o: {
    builtMm: number;
    yMm: number;
    topMm: number;
    /** Its top as it is told from the end, where that is another; nought where that is told by a chain of its own. */
    endTopMm?: number;
    /** Where its lines lie across the bed, where that is not its middle. */
    rowsAtMm?: readonly number[];
  } & ({ rows: readonly PlantRow[] } | { stations: readonly Station[] }),
): BedRow {
  const { bed } = setting.place;
  const { builtMm, yMm, topMm, endTopMm = topMm, rowsAtMm = [yMm] } = o;
  const ground = groundOf(bed);
  const startMm = startOf(v, builtMm, bed);
  const stations =
    'stations' in o
      ? o.stations
      : placeStations({
          planted: setting.planted,
          ground,
          fromMm: 0,
          lengthMm: builtMm,
          school: v.school ?? 'inset',
          rows: o.rows,
        });
  const end = builtMm * Math.cos(slopeOf(ground));
  return {
    ground,
    builtMm,
    startMm,
    stations,
    views: rowViews({ ground, bed, startMm }),
    marks: rowMarks({ stations, ground, builtMm, bed, rowsAtMm, endTopMm }),
    handles: [
      {
        knob: 'rowLength',
        view: 'elevation',
        at: [end, 0, groundAt(ground, end) + topMm / 2],
        axis: 'right',
        perMm: v.rowLength / end,
      },
      { knob: 'rowAt', view: 'plan', at: [end / 2, yMm, 0], axis: 'up' },
    ],
  };
}

/** The limit of a bay is pulled at the second post: the row answers in whole bays. */
export const spacingPull = (at: Pull['at']): Pull<'elevation'> => ({
  knob: 'postSpacing',
  view: 'elevation',
  at,
  axis: 'right',
});
