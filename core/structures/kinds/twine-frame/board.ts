import { stockOf } from '../../../catalogue/catalogue';
import { timberId } from '../../../catalogue/timber';
import type { RippedBoard } from '../../../design/design';
import { inches } from '../../../quantity/length';
import type { BedSetting } from '../../setting';
import type { TwineFrameValues } from './knobs';

/** What the frame is cut from: one section for all, or the strips of one ripped board. mm. */
export interface Wood {
  stock: string;
  thickMm: number;
  postWideMm: number;
  beamWideMm: number;
  board: { id: string; wideMm: number; lengthMm: number; longestMm: number; wantedMm: number } | null;
}

/** Where the price book names no length: 12′ (common practice for this frame, no source). mm. */
const USUAL_BOARD_MM = 3657.6;

/** A knee brace does its work from about a foot of corner on (from memory). mm. */
const LEAST_BRACE_LEG_MM = 254;

/** The middle strip is no narrower (from memory). mm. */
const LEAST_BEAM_MM = inches(1.5);

/** Two outer strips and the middle, less two saw cuts: 7¼″ − 2 × 2¼″ − 2 × ⅛″ leaves 2½″ (common practice, no source). */
export function woodOf(v: TwineFrameValues, setting: BedSetting): Wood {
  if (v.make === 'lengths') {
    const timber = stockOf(setting.catalogue, timberId(v.section, v.treatment), 'timber');
    return {
      stock: timber.id,
      thickMm: timber.thickMm,
      postWideMm: timber.wideMm,
      beamWideMm: timber.wideMm,
      board: null,
    };
  }
  const timber = stockOf(setting.catalogue, timberId(v.board, v.treatment), 'timber');
  const { kerfMm } = setting.saw;
  // Of wide outer strips no more is ripped than leaves a beam that arms can be screwed to.
  const stripMm = Math.min(v.strip, (timber.wideMm - 2 * kerfMm - LEAST_BEAM_MM) / 2);
  const beamWideMm = timber.wideMm - 2 * stripMm - 2 * kerfMm;
  const sizes = setting.sizesOf(timber.id);
  const wantedMm = Math.max(v.rowLength, v.beamHeight - beamWideMm + v.depth);
  // What an upright leaves of its strip becomes two braces: the shortest board on sale that leaves them long enough.
  const upright = v.beamHeight - beamWideMm + v.depth;
  const braced =
    v.braces === 'none'
      ? wantedMm
      : Math.max(wantedMm, upright + 2 * (LEAST_BRACE_LEG_MM * Math.SQRT2 + stripMm) + 2 * kerfMm);
  const lengthMm = sizes.find((size) => size >= braced - 0.5) ?? sizes.at(-1) ?? Math.max(USUAL_BOARD_MM, wantedMm);
  return {
    stock: timber.id,
    thickMm: timber.thickMm,
    postWideMm: stripMm,
    beamWideMm,
    board: { id: 'board-1', wideMm: timber.wideMm, lengthMm, longestMm: sizes.at(-1) ?? lengthMm, wantedMm },
  };
}

/** How long a brace can be, cut two from what an upright leaves of its strip. */
export const spareBraceMm = (boardMm: number, postMm: number, kerfMm: number): number =>
  (boardMm - postMm - 2 * kerfMm) / 2;

/** A part and the strip it is cut from: the outer ones are 0 and 2, the beam 1. */
export interface StripPiece {
  part: string;
  strip: 0 | 1 | 2;
  lengthMm: number;
}

/**
 * The rip plan: strips with the saw's own kerf between them, the outer ones with a factory edge each,
 * and where the guide is clamped. The guide lies over the middle strip: strip + kerf + the distance
 * from the shoe's edge to the blade, measured from the nearer factory edge.
 */
export function ripPlan(wood: Wood, setting: BedSetting, pieces: readonly StripPiece[]): RippedBoard | null {
  const { board } = wood;
  if (!board) return null;
  const { kerfMm, shoeOffsetMm } = setting.saw;
  const strip = (
    n: 0 | 1 | 2,
    name: string,
    fromMm: number,
    wideMm: number,
    edges: 'one factory edge' | 'both sawn',
  ) => {
    let at = 0;
    const laid = pieces
      .filter((piece) => piece.strip === n)
      .map(({ part, lengthMm }) => {
        const start = at;
        at += lengthMm + kerfMm;
        return { part, atMm: start, lengthMm };
      });
    return { name, fromMm, wideMm, edges, pieces: laid };
  };
  const guideMm = wood.postWideMm + kerfMm + shoeOffsetMm;
  return {
    id: board.id,
    stock: wood.stock,
    lengthMm: board.lengthMm,
    wideMm: board.wideMm,
    kerfMm,
    strips: [
      strip(0, 'first upright', 0, wood.postWideMm, 'one factory edge'),
      strip(1, 'beam', wood.postWideMm + kerfMm, wood.beamWideMm, 'both sawn'),
      strip(2, 'second upright', board.wideMm - wood.postWideMm, wood.postWideMm, 'one factory edge'),
    ],
    guides: [
      { cut: 1, from: 'first edge', stripMm: wood.postWideMm, guideMm },
      { cut: 2, from: 'second edge', stripMm: wood.postWideMm, guideMm },
    ],
  };
}
