import { faceAt } from '../rules/against-wall';
import { acrossBed } from '../rules/row';
import type { StationSchool } from '../rules/stations';
import type { BedSetting } from '../setting';
import { bedRow, type BedRow } from './bed-row';

/**
 * What hangs on the wall behind a bed, so high over the soil: its plants stand in one row before it, wherever they are
 * pulled to, and the wall is seen from the end. mm.
 */
export function wallRow(
  setting: BedSetting,
  v: { rowLength: number; startAt: number; plantsAt: number; school: StationSchool },
  topMm: number,
): BedRow & { rowsAtMm: readonly number[] } {
  const y = acrossBed(v.plantsAt, setting);
  const row = bedRow(setting, v, {
    builtMm: v.rowLength,
    yMm: y,
    topMm,
    endTopMm: 0,
    rows: [{ acrossMm: y, side: 'front' }],
  });
  return {
    ...row,
    rowsAtMm: [y],
    views: row.views.map((view) => (view.id === 'end' ? { ...view, wallMm: faceAt(setting) } : view)),
    handles: row.handles.map((pull) =>
      pull.knob === 'rowAt' ? { knob: 'plantsAt', view: 'plan', at: [v.rowLength / 2, y, 0], axis: 'up' } : pull,
    ),
  };
}
