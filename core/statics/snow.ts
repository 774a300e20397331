/** The snow of one night that is reckoned with: eight inches (from memory), settled, 2 kN/m³ (EN 1991-1-3:2003, table E.1). mm, N/m². */
export const SNOW_DEEP_MM = 200;
export const SNOW_NM2 = 2 * SNOW_DEEP_MM;

/** What of the snow on level ground lies on a roof of one slope (EN 1991-1-3:2003, table 5.2, μ1). rad. @example liesOn(0) // 0.8 */
export function liesOn(slope: number): number {
  const deg = (slope * 180) / Math.PI;
  return deg <= 30 ? 0.8 : Math.max(0, (0.8 * (60 - deg)) / 30);
}
