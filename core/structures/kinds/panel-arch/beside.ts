import type { Station, ViewFrame } from '../../../design/design';
import { sampledThrough } from '../../../geometry/curve';
import type { Point } from '../../../geometry/space';
import { inches } from '../../../quantity/length';
import type { Bed } from '../../../site/bed';
import { toFrame } from '../../../site/frame';
import { frameOf, asPlace, bedsOf } from '../../../site/stands/stands';
import { FROM_ABOVE, fromEnd, fromFront } from '../../rules/row-views';
import { placeStations } from '../../rules/stations';
import type { Bow } from './bow';
import type { PanelArchValues } from './knobs';
import type { ArchSetting } from './bend';

/** Stems stand this far outside the mesh (from memory). mm. */
const STEM_OUT_MM = inches(3);

interface WaySide {
  bed: Bed;
  side: -1 | 1;
  heightMm: number;
}

/** The beds on either side of the way, by which side of it they lie. */
export function soilBeside(setting: ArchSetting, startMm: number): WaySide[] {
  const frame = frameOf(setting.place, startMm);
  return bedsOf(setting.place).map((bed) => ({
    bed,
    side: toFrame(frame, [bed.xMm, bed.yMm])[1] < 0 ? -1 : 1,
    heightMm: bed.heightMm,
  }));
}

/** Plants of each bed along its own foot of the arch; their stems go up the mesh to its crown. */
export function plantAlong(
  v: PanelArchValues,
  setting: ArchSetting,
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

/** Through the passage, from the side, and from above. */
export function viewsOf(soil: readonly WaySide[], wayMm: number): ViewFrame<'elevation' | 'plan' | 'side'>[] {
  const edge = wayMm / 2;
  const high = (side: -1 | 1): number => soil.find((one) => one.side === side)?.heightMm ?? 0;
  return [
    {
      ...fromEnd('Through the passage', [
        [-edge - 10, high(-1)],
        [-edge, high(-1)],
        [-edge + 1, 0],
        [edge - 1, 0],
        [edge, high(1)],
        [edge + 10, high(1)],
      ]),
      id: 'elevation',
    },
    FROM_ABOVE,
    {
      ...fromFront('From the side', [
        [0, 0],
        [1, 0],
      ]),
      id: 'side',
      nearest: true,
    },
  ];
}
