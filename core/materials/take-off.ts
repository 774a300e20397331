import { shapeOf } from '../design/shapes/shapes';
import type { Catalogue, Stock } from '../catalogue/stock';
import type { Design } from '../design/design';
import { areParallel, type EndCut } from '../design/end-cut';
import type { Fact } from '../wording/say';

export type BillGroup = 'Timber' | 'Posts' | 'Panels and nets' | 'Wire and twine' | 'Concrete and gravel' | 'Fixings';

/** One line of the bill: identical things, counted, with the reason for the count. mm. */
export interface BillLine {
  id: string;
  group: BillGroup;
  /** The role of a part, or the kind of joint that small parts hold. */
  use: string;
  of: 'part' | 'joint' | 'board';
  stock: string;
  count: number;
  /** Length of each as cut; null for small parts sold by the piece. */
  cutMm: number | null;
  ends: readonly [EndCut, EndCut] | null;
  /** Whole meshes of each, for panels. */
  meshes: number | null;
  /** In place, of each, for what is poured. */
  litres: number | null;
  /** The board it is ripped from; such parts are bought as that board. */
  board: string | null;
  parts: readonly string[];
  why: Fact;
}

const GROUPS: Record<Stock['form'], BillGroup> = {
  timber: 'Timber',
  'steel post': 'Posts',
  pole: 'Posts',
  rod: 'Posts',
  panel: 'Panels and nets',
  'mesh roll': 'Panels and nets',
  cord: 'Wire and twine',
  bagged: 'Concrete and gravel',
  piece: 'Fixings',
};
const ORDER: readonly BillGroup[] = [
  'Posts',
  'Timber',
  'Panels and nets',
  'Wire and twine',
  'Concrete and gravel',
  'Fixings',
];

/** Ends that are mirrored are the same cut: the piece is turned over. Parallel ends and a pair that closes a corner are not. */
const cutAlike = (ends: BillLine['ends']): string =>
  !ends || (ends[0].cut === 'square' && ends[1].cut === 'square')
    ? String(ends?.length)
    : JSON.stringify(
        ends.map((end) => ('angleRad' in end ? { ...end, angleRad: Math.round(Math.abs(end.angleRad) * 1e6) } : end)),
      ) + (areParallel(ends) ? ' parallel' : '');

/** Counts every part and every fixing of a design once. Cut lengths within 0.5 mm are one line. */
export function takeOff(design: Design, catalogue: Catalogue): BillLine[] {
  const lines = new Map<string, BillLine & { parts: string[] }>();
  const put = (line: Omit<BillLine, 'id' | 'group' | 'why'>) => {
    const why = design.reasons[line.use];
    if (!why) throw new Error(`Nothing says why there are so many of "${line.use}": add it to the design's reasons.`);
    const key = [
      line.use,
      line.stock,
      line.cutMm === null ? '' : Math.round(line.cutMm * 2),
      cutAlike(line.ends),
      line.meshes,
      line.litres === null ? '' : Math.round(line.litres * 100),
      line.board,
    ].join('|');
    const known = lines.get(key);
    if (known) {
      known.count += line.count;
      known.parts.push(...line.parts);
    } else
      lines.set(key, { ...line, parts: [...line.parts], id: '', group: GROUPS[catalogue.stock(line.stock).form], why });
  };
  const none = { ends: null, meshes: null, litres: null, board: null };
  for (const board of design.boards ?? [])
    put({ ...none, use: 'board', of: 'board', stock: board.stock, count: 1, cutMm: board.lengthMm, parts: [board.id] });
  for (const part of design.parts) {
    put({
      use: part.role,
      of: 'part',
      stock: part.stock,
      count: 1,
      cutMm: part.cutMm,
      parts: [part.id],
      ...shapeOf(part).taken(part),
    });
  }
  for (const joint of design.joints) {
    for (const fixing of joint.fixings) {
      put({
        ...none,
        use: joint.kind,
        of: 'joint',
        stock: fixing.stock,
        count: fixing.count,
        cutMm: fixing.eachMm ?? null,
        parts: [joint.id],
      });
    }
  }
  return [...lines.values()]
    .sort((a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group))
    .map((line, i) => ({ ...line, id: `line-${i + 1}` }));
}
