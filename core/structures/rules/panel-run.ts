import { meshesAcross, type WeldedPanel } from '../../catalogue/stock';
import { alongOf, cornerOf, onSheet, type Sheet } from '../../design/shapes/sheet';
import type { Point } from '../../geometry/space';
import { slopeOf, type Ground } from '../../site/ground';

/**
 * A piece of the run: where its outermost upright wires stand, by a tape along the run. mm.
 * @example { fromMm: 0, toMm: 4877, meshes: 24, whole: true }
 */
export interface RunPiece {
  fromMm: number;
  toMm: number;
  meshes: number;
  whole: boolean;
}

const SLACK_MM = 0.5;

/**
 * Divides a run into panels that overlap by whole meshes, the last one cut beside a wire. The run
 * never sticks out past `lengthMm`: what is less than a mesh is left over. At least two meshes long.
 */
export function panelRun(lengthMm: number, panel: WeldedPanel, overlapMeshes: number): RunPiece[] {
  const across = meshesAcross(panel);
  const overlap = Math.min(overlapMeshes, across - 1);
  const wanted = Math.max(2, Math.floor((lengthMm + SLACK_MM) / panel.pitchMm));
  const pieces: RunPiece[] = [];
  let start = 0;
  for (;;) {
    const meshes = Math.min(across, wanted - start);
    pieces.push({
      fromMm: start * panel.pitchMm,
      toMm: (start + meshes) * panel.pitchMm,
      meshes,
      whole: meshes === across,
    });
    if (start + meshes >= wanted) return pieces;
    start += meshes - overlap;
  }
}

/**
 * Lays panels over posts that stand where they stand: each goes on past a post that the next begins before, so that
 * their lap is held, and may be longer for it; the last is cut beside the first wire that reaches the last post.
 * @param onFaceMm an end wire this far beside the middle of a post still lies on its face
 * @example panelRunOver([0, 2500, 5100, 7600], panel, 1, 17).length // 2
 */
export function panelRunOver(
  postsAt: readonly number[],
  panel: WeldedPanel,
  overlapMeshes: number,
  onFaceMm: number,
): RunPiece[] {
  const across = meshesAcross(panel);
  const pitch = panel.pitchMm;
  const overlap = Math.min(overlapMeshes, across - 1);
  const wanted = Math.max(2, Math.ceil(((postsAt.at(-1) ?? 0) - onFaceMm) / pitch));
  const pieces: RunPiece[] = [];
  let start = 0;
  for (;;) {
    const meshes = Math.min(across, wanted - start);
    const end = start + meshes;
    pieces.push({ fromMm: start * pitch, toMm: end * pitch, meshes, whole: meshes === across });
    if (end >= wanted) return pieces;
    const held = postsAt.findLast((at) => at <= end * pitch + onFaceMm) ?? 0;
    const next = Math.min(end - overlap, Math.floor((held + onFaceMm) / pitch));
    // In a bay longer than a panel nothing holds the lap: it lies where it would, and that is found.
    start = next > start ? next : end - overlap;
  }
}

/** Places, on wires inside each overlap, where a post could hold both neighbours. */
export function overlapPlaces(pieces: readonly RunPiece[], pitchMm: number): number[][] {
  return pieces.slice(1).map((next, i) => {
    const end = (pieces[i] as RunPiece).toMm;
    const count = Math.round((end - next.fromMm) / pitchMm) + 1;
    return Array.from({ length: count }, (_, n) => next.fromMm + n * pitchMm);
  });
}

/** Heights of the level wires that a post's fixings go on: the lowest, the highest below the post's top, and evenly between. */
export function fixingLevels(levelsMm: readonly number[], postTopMm: number, count: number): number[] {
  const within = levelsMm.filter((level) => level <= postTopMm);
  const usable = within.length > 0 ? within : levelsMm.slice(0, 1);
  const low = usable[0] as number;
  const high = usable[usable.length - 1] as number;
  return Array.from({ length: count }, (_, i) => {
    const want = count === 1 ? low : low + ((high - low) * i) / (count - 1);
    return usable.reduce((best, level) => (Math.abs(level - want) < Math.abs(best - want) ? level : best));
  });
}

/** The point of a panel's level wire that is plumb over (or under) a place along the row, or the nearest to it. */
export function onSheetAbove(sheet: Sheet, levelMm: number, x: number): Point {
  const along = (x - cornerOf(sheet)[0] - sheet.up[0] * levelMm) / alongOf(sheet)[0];
  return onSheet(sheet, Math.max(0, Math.min(sheet.cutMm, along)), levelMm);
}

/** How far the top of a panel that is square to the slope stands off a plumb post at its foot: height × sin(slope). mm. */
export const leanOffPost = (heightMm: number, ground: Ground): number => heightMm * Math.abs(Math.sin(slopeOf(ground)));
