/**
 * How far off the midday sun a long side of a bed looks, whose length is turned so far from the page's rightward: south of it
 * north of the equator, north of it south of that. The bearing of the front, the side towards the page's lower edge of a bed
 * that is not turned, is 180° less its turn, by the page's own bearing. Degrees, from 0 to 180.
 * @example offSunDeg({ latitudeDeg: 52, northDeg: 0 }, 0, 'front') // 0: it looks south
 */
export function offSunDeg(
  site: { latitudeDeg: number; northDeg: number },
  turnDeg: number,
  side: 'front' | 'back',
): number {
  const bearing = site.northDeg + 180 - turnDeg + (side === 'back' ? 180 : 0);
  const sun = site.latitudeDeg >= 0 ? 180 : 0;
  return Math.abs(((((bearing - sun + 180) % 360) + 360) % 360) - 180);
}
