/**
 * How hard moving air pushes, as so many times q times the area seen. Bars with sharp edges 2.0 and round ones 1.2 (EN
 * 1991-1-4:2005, 7.7 and 7.9.2), each less for its ends: about 0.75 of it where a bar is twenty times as long as wide
 * (7.13, figure 7.36). What is open by what it covers: 1.3 times its solidity (from memory, nets and wires), a closed
 * sheet 1.3 (7.4, about that of a signboard).
 */
export const DRAG = { edged: 2 * 0.75, round: 1.2 * 0.75, sheet: 1.3 } as const;

/** Share of the gust’s pressure that lifts an open roof of one slope, with something standing below it (from memory). */
export const ROOF_LIFTS = 1.2;
/** A closed skin over a rounded body has the push of it shared between its two sides: half of a free sheet’s on each (from memory). */
export const ROUNDED = 0.65;

/** What leaves are pushed with in a light wind, and from where on they give way. m/s; how fast: from memory. */
const LEAVES = { drag: 0.6, fromMs: 10, gives: 0.7 } as const;

/**
 * The drag of leaves and thin stems, which give way and fold as it blows harder: 0.6 up to 10 m/s, then as the speed
 * to the power of −0.7, as tunnels found of crowns (Mayhead 1973, *Some drag coefficients for British forest trees*,
 * Agricultural Meteorology 12: 123–130: about 0.3 at 26 m/s; figures from memory).
 * @example leafDrag(26) // 0.31
 */
export const leafDrag = (speedMs: number): number =>
  LEAVES.drag * Math.max(1, speedMs / LEAVES.fromMs) ** -LEAVES.gives;

/**
 * The strongest gust of a month as a share of the year's, January first: seasonal factors for single months (BS 6399-2:1997,
 * annex D, table D.1; the same in the UK annex to EN 1991-1-4, table NA.2; from memory), as British stations have it. Where
 * thunderstorms make the gusts the summer is worse than this says.
 */
const BY_MONTH = [0.98, 0.83, 0.82, 0.75, 0.69, 0.66, 0.62, 0.71, 0.82, 0.82, 0.88, 0.94] as const;

/** @param month 0 for January; half a year on in the south. @example monthGust(7, true) // 0.71 of the year's strongest in August */
export const monthGust = (month: number, north: boolean): number => BY_MONTH[(month + (north ? 0 : 6)) % 12] as number;
