import type { Station } from '../../../design/design';
import { sampledThrough } from '../../../geometry/curve';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import { asPlace } from '../../../site/stands/stands';
import type { WaySetting, WaySide } from '../../rules/over-way';
import { placeStations } from '../../rules/stations';
import type { Bow } from './bow';
import type { PanelArchValues } from './knobs';

/** Stems stand this far outside the mesh (from memory). mm. */
const STEM_OUT_MM = inches(3);

/** Plants of each bed along its own foot of the arch; their stems go up the mesh to its crown. */
export function plantAlong(
  v: PanelArchValues,
  setting: WaySetting,
  bow: Bow,
  builtMm: number,
  chain: readonly Point[],
  soil: readonly WaySide[],
): Station[] {
  const wayMm = asPlace(setting.place, 'beds')?.way.wideMm ?? 0;
  return soil.flatMap(({ bed, side, heightMm }) => {
    const y = side * (Math.max(bow.spanMm, wayMm) / 2 + STEM_OUT_MM);
    const half = chain.slice(0, Math.ceil(chain.length / 2)).map(([, across, up]): Point => [0, across * -side, up]);
    const rows = placeStations({
      planted: setting.planted.filter((one) => one.bed === bed.id),
      ground: { lengthMm: Math.max(1, builtMm), riseMm: 0 },
      fromMm: 0,
      lengthMm: builtMm,
      school: v.school,
      rows: [{ acrossMm: y, side: side < 0 ? 'front' : 'back' }],
    });
    return rows.map((station): Station => {
      const at: Point = [station.at[0], y, heightMm];
      const stem = sampledThrough(
        [at, ...half.filter((point) => point[2] > heightMm + 30).map(([, a, u]): Point => [at[0], a, u])],
        24,
      );
      return { ...station, at, stem };
    });
  });
}
