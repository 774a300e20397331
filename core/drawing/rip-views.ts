import type { RippedBoard } from '../design/design';
import type { Primitive, Spot, View } from './primitive';

/** Thickness a board is drawn with when it is seen from its end. mm. */
const THICK_MM = 38;
const GUIDE_THICK_MM = 20;

const rectangle = (left: number, bottom: number, right: number, top: number): Spot[] => [
  [left, bottom],
  [right, bottom],
  [right, top],
  [left, top],
];
const place = (
  id: View['id'],
  title: string,
  primitives: readonly Primitive[],
  chains: View['chains'],
  box: View['box'],
): View => ({ id, title, primitives, chains, pulls: [], box });

/** The board seen from its end: strips between the saw cuts, and a guide lying where it is clamped for each. */
export function ripAcross(board: RippedBoard): View {
  const edges = [0, ...board.strips.flatMap((strip) => [strip.fromMm, strip.fromMm + strip.wideMm]), board.wideMm];
  const marks = [...new Set(edges.map((edge) => Math.round(edge * 1000) / 1000))].sort((a, b) => a - b);
  const guides = board.guides.map((guide) =>
    guide.from === 'first edge' ? guide.guideMm : board.wideMm - guide.guideMm,
  );
  const chain = (label: string, atMm: readonly number[]) => ({ axis: 'x' as const, label, atMm, tapedMm: atMm });
  const [first = 0] = guides;
  return place(
    'end',
    'Across the board',
    [
      ...board.strips.map((strip): Primitive => ({
        draw: 'shape',
        ink: 'timber',
        points: rectangle(strip.fromMm, 0, strip.fromMm + strip.wideMm, THICK_MM),
      })),
      // The first guide as it lies; the second is the same from the other edge.
      { draw: 'shape', ink: 'steel', points: rectangle(first, THICK_MM, first + 60, THICK_MM + GUIDE_THICK_MM) },
      {
        draw: 'lines',
        ink: 'hidden',
        lines: guides.slice(1).map((at): Spot[] => [
          [at, THICK_MM],
          [at, THICK_MM + GUIDE_THICK_MM],
        ]),
      },
    ],
    [chain('strips', marks), chain('guide', [0, first])],
    { left: 0, right: Math.max(board.wideMm, first + 60), bottom: 0, top: THICK_MM + GUIDE_THICK_MM + 6 },
  );
}

/** The board laid flat: what is cut from each strip, in order from the hooked end. */
export function ripAlong(board: RippedBoard): View {
  const shapes = board.strips.flatMap((strip): Primitive[] => [
    { draw: 'shape', ink: 'bed', points: rectangle(0, strip.fromMm, board.lengthMm, strip.fromMm + strip.wideMm) },
    ...strip.pieces.map((piece): Primitive => ({
      draw: 'shape',
      ink: 'timber',
      points: rectangle(piece.atMm, strip.fromMm, piece.atMm + piece.lengthMm, strip.fromMm + strip.wideMm),
      part: piece.part,
    })),
  ]);
  const chains = board.strips.map((strip) => {
    const atMm = [0, ...strip.pieces.map((piece) => piece.atMm + piece.lengthMm)];
    return { axis: 'x' as const, label: strip.name, atMm, tapedMm: atMm };
  });
  return place('plan', 'Along the board', shapes, chains, {
    left: 0,
    right: board.lengthMm,
    bottom: 0,
    top: board.wideMm,
  });
}
