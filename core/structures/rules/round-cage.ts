import type { MeshRoll } from '../../catalogue/stock';
import type { Station } from '../../design/design';
import type { Sheet } from '../../design/shapes/sheet';
import { ALONG, UP, type Point } from '../../geometry/space';
import { onGround, type Ground } from '../../site/ground';
import type { BedSetting } from '../setting';
import type { Cut } from './girth';
import { stemFrom } from './stations';

/** The mesh of one cage: all round a circle about its plant, its lowest wires in the soil. Of several from one height the first is bought. */
export function roundSheet(roll: MeshRoll, cut: Cut, foot: Point, i: number): Sheet {
  const first = i - (i % cut.fromHeight);
  const highMm = cut.overMm + cut.legsMm;
  const levels = Array.from({ length: cut.rows }, (_, n) => cut.legsMm + n * roll.stepMm).filter(
    (at) => at <= highMm + 0.5,
  );
  return {
    shape: 'sheet',
    id: `cage-${i + 1}`,
    role: 'mesh',
    stock: roll.id,
    base: circleAbout([foot[0], foot[1], foot[2] - cut.legsMm], cut.girthMm / (2 * Math.PI)),
    up: UP,
    cutMm: cut.cutMm,
    heightMm: highMm,
    uprightsMm: Array.from({ length: cut.links }, (_, n) => n * roll.openingMm),
    levelsMm: [...levels, ...(cut.legsMm === 0 ? [highMm] : [])],
    wireMm: roll.wireMm,
    meshes: 0,
    ...(i === first ? {} : { board: `cage-${first + 1}` }),
  };
}

/** A level circle, once round. mm. */
export const circleAbout = (middle: Point, radiusMm: number): Sheet['base'] => ({
  curve: 'arc',
  middle,
  a: ALONG,
  b: [0, 1, 0],
  radiusMm,
  fromRad: 0,
  toRad: 2 * Math.PI,
});

/** A plant in the middle of every cage, planting after planting. */
export function plantIn(setting: BedSetting, ground: Ground, y: number, middles: readonly number[]): Station[] {
  const queue = setting.planted.flatMap((one) => Array.from({ length: one.count }, () => one));
  return middles.flatMap((at, i): Station[] => {
    const planted = queue[i];
    if (!planted) return [];
    const foot = onGround(ground, at, y);
    return [
      {
        id: `plant-${planted.id}-${i + 1}`,
        crop: planted.crop.id,
        planting: planted.id,
        at: foot,
        alongMm: at,
        side: 'in line',
        spacingMm: planted.training.spacingMm,
        growsMm: planted.crop.heightMm,
        heldToMm: planted.crop.supportToMm,
        stem: stemFrom(foot, planted.crop.heightMm),
      },
    ];
  });
}

/** How many places the bed has for cages so far apart. */
export const placesIn = (lengthMm: number, apartMm: number): number =>
  Math.max(1, Math.floor((lengthMm + 0.5) / apartMm));
