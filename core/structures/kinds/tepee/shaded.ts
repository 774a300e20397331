import type { BedSetting } from '../../setting';

export type RingSide = 'front' | 'back' | 'start' | 'end';

/** Direction of each side from the middle, in the structure's own frame. Radians. */
export const SIDE_RAD: Record<RingSide, number> = { end: 0, back: Math.PI / 2, start: Math.PI, front: -Math.PI / 2 };

/** Compass bearing of a side: the row runs on the bearing of its length, the back lies 90° to its left. Degrees. */
export function bearingOfSide(side: RingSide, setting: BedSetting): number {
  const far = setting.site.northDeg + 90 - setting.place.bed.turnDeg;
  const turn = { end: 0, back: -90, start: 180, front: 90 }[side];
  return (((far + turn) % 360) + 360) % 360;
}

/** The side that is turned from the sun at noon: north of the equator the one nearest north, south of it the one nearest south. */
export function shadedSide(setting: BedSetting): RingSide {
  const pole = setting.site.latitudeDeg >= 0 ? 0 : 180;
  const off = (side: RingSide): number => Math.abs(((bearingOfSide(side, setting) - pole + 540) % 360) - 180);
  return (['back', 'front', 'start', 'end'] as const).reduce((best, side) =>
    off(side) < off(best) - 1e-9 ? side : best,
  );
}
