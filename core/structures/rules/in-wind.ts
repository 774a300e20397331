import type { Catalogue } from '../../catalogue/stock';
import { stockOf } from '../../catalogue/catalogue';
import { LEAVES_REACH_MM, yearOf } from '../../growth/growth';
import { DRAG, leafDrag } from '../../statics/drag';
import { bromsPush, SOIL_OVER } from '../../statics/pile';
import { STEEL_OVER, strengthOf } from '../../statics/strength';
import { adjustedValues } from '../../statics/timber';
import { windPressure } from '../../statics/wind';
import type { Setting } from '../setting';
import { gustOn, speedAt } from './gust';

/** Mesh on a row of posts, between two heights over the soil. mm. */
export interface MeshInWind {
  fromMm: number;
  toMm: number;
  /** Share of it that is wire. */
  opacity: number;
  /** Filled soil through which a post stands before firm ground holds it. mm. */
  softMm: number;
}

/** What the wind pushes each millimetre of a row with, and what that bends its posts with where firm ground holds them. N, N mm to the mm. */
export interface RowInWind {
  pushes: number;
  bends: number;
}

const DAYS = 7;
const WEEKS = Array.from({ length: 52 }, (_, week) => (week + 0.5) * DAYS);

/**
 * A row in the wind of its hardest week: leaves and mesh each by their drag, at the middle of their heights (force, and
 * force times height). What a suggestion is sized by; whether it stands is asked of the whole frame.
 * @example rowInWind(setting, { fromMm: 510, toMm: 1780, opacity: 0.06, softMm: 140 }).bends // 144 N mm to the millimetre
 */
export function rowInWind(setting: Setting, { fromMm, toMm, opacity, softMm }: MeshInWind): RowInWind {
  const band = (low: number, high: number, press: number): RowInWind => ({
    pushes: press * Math.max(0, high - low),
    bends: (press * Math.max(0, high ** 2 - low ** 2)) / 2,
  });
  const most = (rows: readonly RowInWind[]): RowInWind =>
    rows.reduce((high, one) => (one.bends > high.bends ? one : high), { pushes: 0, bends: 0 });
  return most(
    WEEKS.map((day) => {
      const speed = speedAt(setting.wind, gustOn(setting, day));
      const q = windPressure(speed) / 1e6;
      const mesh = band(fromMm, toMm, q * DRAG.sheet * opacity);
      const leaves = setting.planted.map(({ crop, training }) => {
        const { grown, ends } = yearOf(crop, setting.site);
        if (grown === null || day < grown || day > ends) return { pushes: 0, bends: 0 };
        const leafy = Math.min(1, LEAVES_REACH_MM / training.spacingMm);
        // It leans on what holds it as high as it is held, though that ends lower.
        const high = Math.min(crop.heightMm, Math.max(toMm, crop.supportToMm));
        return band(Math.min(crop.supportFromMm, high / 2), high, q * leafDrag(speed) * leafy);
      });
      const leafiest = most(leaves);
      const pushes = mesh.pushes + leafiest.pushes;
      return { pushes, bends: mesh.bends + leafiest.bends + pushes * softMm };
    }),
  );
}

/** A post between two bays carries more than its even share, under a beam that runs on over it more still, and leaning over itself bends it further (from memory, all: as frames of such rows are found to). */
const UNEVENLY = { pushed: 1.2, bent: 4 / 3, underBeam: 1.5 } as const;

/** How far apart studded steel posts may stand in such a wind, by what bends the post and by what the soil holds. mm. @param deepMm in firm ground. */
export function steelPostsApart(
  { soil, catalogue }: { soil: Setting['soil']; catalogue: Catalogue },
  { pushes, bends }: RowInWind,
  deepMm: number,
): number {
  const post = stockOf(catalogue, 'steel-post', 'steel post');
  const steel = strengthOf(post);
  if (pushes <= 0 || !steel || !('momentMm4' in steel) || steel.momentMm4 === undefined) return Infinity;
  const carries = ((steel.yieldMpa / STEEL_OVER) * steel.momentMm4) / (post.faceMm / 2);
  const holds = bromsPush({ acrossMm: post.faceMm, deepMm, upMm: bends / pushes, soil, plate: post.plate }) / SOIL_OVER;
  return Math.min(carries / bends / UNEVENLY.bent, holds / pushes / UNEVENLY.pushed);
}

/** How far apart posts of sawn timber may stand in such a wind that are bent flat, by what bends them (wet, No. 2, for a gust). mm. @param post its section. */
export function timberPostsApart(
  { bends }: RowInWind,
  { wideMm, thickMm }: { wideMm: number; thickMm: number },
): number {
  const { bending } = adjustedValues({
    wideMm,
    thickMm,
    grade: 'No. 2',
    duration: 'wind',
    wet: true,
    repetitive: false,
  });
  return bends > 0 ? (bending.mpa * wideMm * thickMm ** 2) / 6 / bends / UNEVENLY.underBeam : Infinity;
}
