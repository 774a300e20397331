import { reach, type Point } from '../geometry/space';
import { axesOf, beamStiffness, cordRow, endsOf, inFrame, lengthOf, linkRows } from './elements';
import type { Frame } from './frame';
import { nearOrder } from './order';
import { addAt, profileOf, type Profile } from './profile';

/** A frame as one matrix, and what of its parts is asked for again. */
export interface Assembled {
  matrix: Profile;
  /** Its places in the order in which they stand in the matrix, and the first row of each. */
  order: readonly number[];
  place: Int32Array;
  beamAxes: readonly (readonly Point[])[];
  beamLong: readonly number[];
  /** Rows of the two ends. */
  beamAt: readonly Int32Array[];
  /** How a spring of a link is drawn out. */
  rowOf(link: number, spring: number): Float64Array;
  linkAt: readonly Int32Array[];
  cordOf: readonly Float64Array[];
  cordAt: readonly Int32Array[];
  /** N/mm. */
  cordK: readonly number[];
}

/** Puts the stiffness of all parts of a frame together (Przemieniecki, *Theory of Matrix Structural Analysis*, 6.2). */
export function assembled({ nodes, beams, links, lines }: Frame): Assembled {
  const pairs = [...beams, ...links, ...lines].flatMap(({ a, b }) => (b === null ? [] : [[a, b] as const]));
  const order = nearOrder(nodes.length, pairs);
  const place = new Int32Array(nodes.length);
  order.forEach((node, i) => (place[node] = i * 6));
  const dofs = (a: number, b: number | null): Int32Array =>
    Int32Array.from({ length: b === null ? 6 : 12 }, (_, i) => (place[i < 6 ? a : (b as number)] as number) + (i % 6));
  const size = nodes.length * 6;
  const first = Int32Array.from({ length: size }, (_, i) => i - (i % 6));
  for (const [a, b] of pairs) {
    const [low, high] = [
      Math.min(place[a] as number, place[b] as number),
      Math.max(place[a] as number, place[b] as number),
    ];
    for (let i = 0; i < 6; i++) first[high + i] = Math.min(first[high + i] as number, low);
  }
  const matrix = profileOf(first);
  const put = (k: Float64Array, at: Int32Array): void => {
    for (let i = 0; i < at.length; i++)
      for (let j = 0; j <= i; j++) {
        const by = k[i * 12 + j] as number;
        if (by !== 0) addAt(matrix, at[i] as number, at[j] as number, by);
      }
  };
  const putRow = (row: Float64Array, k: number, at: Int32Array): void => {
    for (let i = 0; i < at.length; i++)
      if (row[i] !== 0)
        for (let j = 0; j <= i; j++)
          if (row[j] !== 0)
            addAt(matrix, at[i] as number, at[j] as number, k * (row[i] as number) * (row[j] as number));
  };

  const beamAxes = beams.map((beam) => axesOf(beam, nodes));
  const beamLong = beams.map((beam) => lengthOf(beam, nodes));
  const beamAt = beams.map(({ a, b }) => dofs(a, b));
  beams.forEach((beam, i) =>
    put(inFrame(beamStiffness(beam, beamLong[i] as number), beamAxes[i] as readonly Point[]), beamAt[i] as Int32Array),
  );
  const linkOf = links.map((link) => linkRows(link, nodes));
  const linkAt = links.map(({ a, b }) => dofs(a, b));
  const rowOf = (link: number, spring: number): Float64Array =>
    (linkOf[link] as Float64Array).subarray(spring * 12, spring * 12 + 12);
  links.forEach(({ stiff }, i) =>
    stiff.forEach((k, spring) => k > 0 && putRow(rowOf(i, spring), k, linkAt[i] as Int32Array)),
  );
  const cordOf = lines.map((cord) => cordRow(cord, nodes));
  const cordAt = lines.map(({ a, b }) => dofs(a, b));
  const cordK = lines.map((cord) => cord.ea / reach(...endsOf(cord, nodes)));
  lines.forEach((_, i) => putRow(cordOf[i] as Float64Array, cordK[i] as number, cordAt[i] as Int32Array));
  // Where only cords meet nothing is turned.
  for (let i = 0; i < size; i++) if (i % 6 > 2 && at(matrix, i) === 0) addAt(matrix, i, i, 1);

  return { matrix, order, place, beamAxes, beamLong, beamAt, rowOf, linkAt, cordOf, cordAt, cordK };
}

const at = ({ start, first, of }: Profile, i: number): number =>
  of[(start[i] as number) + i - (first[i] as number)] as number;
