import { stringify } from 'csv-stringify/sync';
import { cropIn } from '../crops/book';
import type { Crop } from '../crops/crop';
import type { ComputedStructure } from '../plan/compute-as';
import { formatLength, type Units } from '../quantity/length';
import type { RodMark } from '../setting-out/rod';
import { rodsOf } from '../setting-out/rods';

/** Every mark of one structure, a line each, in the order they are met along each rod: what it is along, what is met, its running figure in mm and as a tape says it. */
export function marksCsv({ sized, kind }: ComputedStructure, crops: readonly Crop[], units: Units): string {
  const word = (what: string): string => kind.names.parts[what]?.word ?? kind.names.joints[what] ?? what;
  const metBy = ({ of, what }: RodMark): string =>
    of === 'plant' || of === 'spare' ? cropIn(crops, what).name : word(what);
  const rows = rodsOf(sized.design).flatMap((rod, i) =>
    rod.marks.map((mark) => [
      i + 1,
      rod.kind,
      word(rod.role),
      rod.alike,
      rod.parts.join(' '),
      metBy(mark),
      mark.no || '',
      mark.of,
      Math.round(mark.atMm * 10) / 10,
      formatLength(mark.atMm, units),
    ]),
  );
  return stringify([['rod', 'along', 'role', 'alike', 'parts', 'what', 'number', 'place', 'at mm', 'at'], ...rows], {
    record_delimiter: 'windows',
    escape_formulas: true,
  });
}
