import type { Rod, RodMark } from '@lignum/core/setting-out/rods';
import type { StructureKind } from '@lignum/core/structures/kind';
import { wordFor } from '../../shell/stock-words';

/** What lies at a place along a rod: between two faces, or at one figure. mm. */
export interface Met {
  what: string;
  fromMm: number | null;
  atMm: number | null;
  toMm: number | null;
}

const numbered = (word: string, no: number): string => (no > 0 ? `${word} ${no}` : word);

function nameOf(kind: StructureKind, rod: Rod, mark: RodMark, cropName: (id: string) => string): string {
  switch (mark.of) {
    case 'plant':
      return numbered(cropName(mark.what), mark.no);
    case 'spare':
      return 'spare place, nobody planned';
    case 'hole':
      return numbered('hole', mark.no);
    case 'end':
      return 'top: cut here';
    case 'starts':
      return `${numbered(wordFor(kind, mark.what), mark.no)} begins`;
    case 'ends':
      return `${numbered(wordFor(kind, mark.what), mark.no)} ends`;
    default:
      return numbered(wordFor(kind, mark.what), mark.no);
  }
}

/** The marks of a rod as one line for each thing that is met, in their order; both faces and the middle of what crosses in one. */
export function metAlong(kind: StructureKind, rod: Rod, cropName: (id: string) => string): Met[] {
  const all: (Met & { key: string })[] = [];
  for (const mark of rod.marks) {
    const face = mark.of === 'near face' || mark.of === 'far face' || mark.of === 'middle';
    const key = face ? `${mark.what} ${mark.no}` : '';
    const known = face ? all.find((one) => one.key === key) : undefined;
    const one = known ?? { key, what: nameOf(kind, rod, mark, cropName), fromMm: null, atMm: null, toMm: null };
    if (!known) all.push(one);
    if (mark.of === 'near face') one.fromMm = mark.atMm;
    else if (mark.of === 'far face') one.toMm = mark.atMm;
    else one.atMm = mark.atMm;
  }
  return all.map(({ key: _key, ...met }) => met);
}

/** What a rod is, and the zero from which its figures run. */
export function rodTitle(kind: StructureKind, rod: Rod): { title: string; zero: string } {
  const word = wordFor(kind, rod.role);
  switch (rod.kind) {
    case 'posts':
      return {
        title: `Along the ground: ${word.toLowerCase()}s${rod.line ? `, line ${rod.line}` : ''}`,
        zero:
          Math.abs(rod.marks[0]?.atMm ?? 0) < 1
            ? `Zero: the outside of ${word.toLowerCase()} 1`
            : Math.abs(rod.marks[1]?.atMm ?? 0) < 1
              ? `Zero: the middle of ${word.toLowerCase()} 1`
              : 'Zero: the start of the row',
      };
    case 'plants':
      return {
        title: `Along the ground: plants${rod.role === 'front' || rod.role === 'back' ? `, ${rod.role}` : ''}`,
        zero: 'Zero: the start of the row',
      };
    case 'run':
      return { title: `Where each ${word.toLowerCase()} begins and ends`, zero: 'Zero: the start of the row' };
    case 'timber':
      return { title: word, zero: 'Zero: its first end, left or low' };
    case 'heights':
      return { title: `Heights on ${word.toLowerCase()}`, zero: 'Zero: the soil at its foot' };
  }
}
