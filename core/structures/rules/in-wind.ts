import type { Catalogue } from '../../catalogue/stock';
import { stockOf } from '../../catalogue/catalogue';
import { LEAVES_REACH_MM } from '../../growth/leaves-reach';
import { DRAG, leafDrag, monthGust } from '../../statics/drag';
import { bromsPush, SOIL_OVER } from '../../statics/pile';
import { STEEL_OVER, STUDDED } from '../../statics/studded-post';
import { adjustedValues } from '../../statics/timber';
import { onceIn, windPressure } from '../../statics/wind';
import type { Setting } from '../setting';
import { ONCE_IN_YEARS, speedAt } from './gust';

/** Mesh on a row of posts, between two heights over the soil. mm. */
export interface MeshInWind {
  fromMm: number;
  toMm: number;
  /** Share of it that is wire. */
  opacity: number;
  /** A beam along the top of the posts, by how wide it is to the wind. mm. */
  beamMm?: number;
  /** Filled soil through which a post stands before firm ground holds it. mm. */
  softMm: number;
}

/** What the wind pushes each millimetre of a row with, and what that bends its posts with where firm ground holds them. N, N mm to the mm. */
export interface RowInWind {
  pushes: number;
  bends: number;
}

/** The month whose gusts an annual crop in full leaf meets at the end of its season: October, April in the south (from memory). */
const LATE = 9;

/**
 * A row in full leaf in the wind of the end of its season: leaves and mesh each by their drag, at the middle of their
 * heights (force, and force times height). What a suggestion is sized by; whether it stands is asked of the whole frame.
 * @example rowInWind(setting, { fromMm: 510, toMm: 1780, opacity: 0.06, softMm: 140 }).bends // 144 N mm to the millimetre
 */
export function rowInWind(
  { site, wind, planted }: Setting,
  { fromMm, toMm, opacity, softMm, beamMm = 0 }: MeshInWind,
): RowInWind {
  const speed = speedAt(wind, site.gustMs * onceIn(ONCE_IN_YEARS) * monthGust(LATE, true));
  const q = windPressure(speed) / 1e6;
  const band = (low: number, high: number, press: number): RowInWind => ({
    pushes: press * Math.max(0, high - low),
    bends: (press * Math.max(0, high ** 2 - low ** 2)) / 2,
  });
  const mesh = band(fromMm, toMm, q * DRAG.sheet * opacity);
  const leaves = planted
    .map(({ crop, training }) => {
      const leafy = Math.min(1, LEAVES_REACH_MM / training.spacingMm);
      // It leans on what holds it as high as it is held, though that ends lower.
      const high = Math.min(crop.heightMm, Math.max(toMm, crop.supportToMm));
      return band(Math.min(crop.supportFromMm, high / 2), high, q * leafDrag(speed) * leafy);
    })
    .reduce((most, one) => (one.bends > most.bends ? one : most), { pushes: 0, bends: 0 });
  const beam = q * DRAG.edged * beamMm;
  const pushes = mesh.pushes + leaves.pushes + beam;
  return { pushes, bends: mesh.bends + leaves.bends + beam * toMm + pushes * softMm };
}

/** A post between two bays carries more than its even share, under a beam that runs on over it more still, and leaning over itself bends it further (from memory, all: as frames of such rows are found to). */
const UNEVENLY = { pushed: 1.45, bent: 4 / 3, underBeam: 1.3 } as const;

/** How far apart studded steel posts may stand in such a wind, by what bends the post and by what the soil holds. mm. @param deepMm in firm ground. */
export function steelPostsApart(
  { soil, catalogue }: { soil: Setting['soil']; catalogue: Catalogue },
  { pushes, bends }: RowInWind,
  deepMm: number,
): number {
  const post = stockOf(catalogue, 'steel-post', 'steel post');
  if (pushes <= 0) return Infinity;
  const carries = (STUDDED.yieldMpa / STEEL_OVER) * STUDDED.plasticMm3;
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
