import type { Planted } from '../../crops/planted';
import type { Station } from '../../design/design';
import { line, type Curve } from '../../geometry/curve';
import { add, scale, UP, type Point } from '../../geometry/space';
import { toPick, type Bed } from '../../site/bed';
import { onGround, type Ground } from '../../site/ground';

/** The two schools of spacing plants along a length. Decision 15. */
export const STATION_SCHOOLS = [
  { id: 'ends', label: 'from end to end' },
  { id: 'inset', label: 'half a space in' },
] as const;
/** @example 'inset' // half a space in from both ends */
export type StationSchool = (typeof STATION_SCHOOLS)[number]['id'];

const SLACK_MM = 0.5;

/**
 * Distances from the start of a length at which plants stand. "From end to end" starts and finishes
 * on the ends: 8′ at 12″ gives 9. "Half a space in" gives each plant its own stretch of bed: 10′ at
 * 12″, first at 6″, gives 10 (both common practice, no source). What does not divide is shared
 * equally between the two ends. mm.
 */
export function stationsAlong(lengthMm: number, spacingMm: number, school: StationSchool): number[] {
  const spaces = Math.floor((lengthMm + SLACK_MM) / spacingMm);
  const count = school === 'ends' ? spaces + 1 : Math.max(1, spaces);
  const first = (lengthMm - (count - 1) * spacingMm) / 2;
  return Array.from({ length: count }, (_, i) => first + i * spacingMm);
}

/**
 * A line of plants across the bed; `up` is the way their stems grow, plumb where none is named. mm.
 * @example { side: 'front', acrossMm: -76 }
 */
export interface PlantRow {
  acrossMm: number;
  side: Station['side'];
  up?: Point;
}

/**
 * Places every planting along the rows of support. Several plantings share a row in proportion to
 * the bed each of them asks for (plants × spacing), one after another. Where two meet each keeps half its
 * spacing from the seam, whatever the school: no two plants share a place, and neither is crowded. The plants
 * are shared out evenly among the rows, from their beginnings; places beyond them are spare.
 */
export function placeStations(o: {
  planted: readonly Planted[];
  ground: Ground;
  fromMm: number;
  lengthMm: number;
  school: StationSchool;
  rows: readonly PlantRow[];
}): Station[] {
  const asked = o.planted.map((planted) => Math.max(1, planted.count) * planted.training.spacingMm);
  const total = asked.reduce((sum, one) => sum + one, 0);
  return o.rows.flatMap((row, rowIndex) => {
    let start = o.fromMm;
    return o.planted.flatMap((planted, i) => {
      const share = (o.lengthMm * (asked[i] as number)) / total;
      const { spacingMm } = planted.training;
      // Half a space in keeps clear of both ends by itself; from end to end only where nobody stands beyond.
      const seam = o.school === 'ends' ? spacingMm / 2 : 0;
      const [before, after] = [i > 0 ? seam : 0, i < o.planted.length - 1 ? seam : 0];
      const segmentStart = start + before;
      start += share;
      const wanted = Math.ceil((planted.count - rowIndex) / o.rows.length);
      return stationsAlong(Math.max(0, share - before - after), spacingMm, o.school).map((offset, n): Station => {
        const at = onGround(o.ground, segmentStart + offset, row.acrossMm);
        const place = {
          stem: stemFrom(at, planted.crop.heightMm, row.up),
          id: `plant-${rowIndex + 1}-${planted.id}-${n + 1}`,
          crop: planted.crop.id,
          planting: planted.id,
          at,
          alongMm: segmentStart + offset,
          side: row.side,
          spacingMm,
          growsMm: planted.crop.heightMm,
          heldToMm: planted.crop.supportToMm,
        };
        return n < wanted ? place : { spare: true, ...place };
      });
    });
  });
}

/** One plant at each place, planting after planting; places beyond them stay empty. */
export function plantEach(
  planted: readonly Planted[],
  /** `up` is the way a stem grows; plumb where none is named. */
  places: readonly { at: Point; alongMm: number; up?: Point }[],
  side: Station['side'],
): Station[] {
  const queue = planted.flatMap((one) => Array.from({ length: one.count }, () => one));
  return places.flatMap(({ at, alongMm, up }, i): Station[] => {
    const one = queue[i];
    if (!one) return [];
    return [
      {
        id: `plant-${one.id}-${i + 1}`,
        crop: one.crop.id,
        planting: one.id,
        at,
        alongMm,
        side,
        spacingMm: one.training.spacingMm,
        growsMm: one.crop.heightMm,
        heldToMm: one.crop.supportToMm,
        stem: stemFrom(at, one.crop.heightMm, up),
      },
    ];
  });
}

/** A stem that grows straight from its foot. */
export const stemFrom = (foot: Point, growsMm: number, up: Point = UP): Curve =>
  line(foot, add(foot, scale(up, Math.max(1, growsMm))));

/** Rows closer than this are one (from memory). mm. */
const LEAST_ROWS_APART_MM = 50;

/**
 * Plants under a cover: as many rows as their widest spacing leaves room for, each row and each plant with half of it
 * to both sides. `acrossMm` is the middle of the soil. What is opened from its front has rows of their own for tall
 * crops, at the back, where that holds as many plants as mixed rows.
 */
export function plantUnder(o: {
  planted: readonly Planted[];
  ground: Ground;
  fromMm: number;
  lengthMm: number;
  acrossMm: number;
  wideMm: number;
  /** Where tall ones are given their rows, where they are given any. */
  tall?: 'behind' | 'before';
  /** Rows that cannot be picked from where one stands stay empty; where none can, one is planted an arm from the front. */
  bed: Pick<Bed, 'widthMm' | 'standFrom'>;
  armMm: number;
}): Station[] {
  const spacing = Math.max(LEAST_ROWS_APART_MM, ...o.planted.map((one) => one.training.spacingMm));
  const all = stationsAlong(o.wideMm, spacing, 'inset').map((off) => ({
    acrossMm: o.acrossMm - o.wideMm / 2 + off,
    side: 'in line' as const,
  }));
  const picked = all.filter(({ acrossMm }) => toPick(o.bed, acrossMm) <= o.armMm + SLACK_MM);
  const rows = picked.length > 0 ? picked : [{ acrossMm: o.armMm - o.bed.widthMm / 2, side: 'in line' as const }];
  const mixed = placeStations({ ...o, school: 'inset', rows });
  if (!o.tall || o.planted.length < 2 || rows.length < o.planted.length) return mixed;
  const rising = o.planted.toSorted((a, b) => a.crop.heightMm - b.crop.heightMm);
  const fromFront = o.tall === 'behind' ? rising : rising.reverse();
  const wanted = fromFront.map((one) => one.count / stationsAlong(o.lengthMm, one.training.spacingMm, 'inset').length);
  // Each has a row; the others go one by one to whoever lacks most.
  const given = fromFront.map(() => 1);
  for (let left = rows.length - fromFront.length; left > 0; left--) {
    const lacks = wanted.map((rowsWanted, i) => rowsWanted - (given[i] ?? 0));
    const most = lacks.indexOf(Math.max(...lacks));
    given[most] = (given[most] ?? 0) + 1;
  }
  let first = 0;
  const apart = fromFront.flatMap((one, i) => {
    const own = rows.slice(first, (first += given[i] ?? 0));
    return placeStations({ ...o, planted: [one], school: 'inset', rows: own });
  });
  const planned = (stations: readonly Station[]): number => stations.filter((one) => !one.spare).length;
  return planned(apart) >= planned(mixed) ? apart : mixed;
}

/** Where the rows of plants lie across a bed; the middle, if one is named, where there are none. mm. */
export const rowsOf = (stations: readonly Station[], middleMm: number | null): number[] =>
  stations.length === 0 ? (middleMm === null ? [] : [middleMm]) : [...new Set(stations.map((one) => one.at[1]))];
