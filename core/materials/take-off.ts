import { NOTHING_TAKEN, type Taken } from '../design/shapes/shape';
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
  sheeting: 'Panels and nets',
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

const inMillionths = (rad: number): number => Math.round(Math.abs(rad) * 1e6);

/** Ends that are mirrored are the same cut: the piece is turned over. Parallel ends and a pair that closes a corner are not. */
const cutAlike = (ends: BillLine['ends']): string =>
  !ends || (ends[0].cut === 'square' && ends[1].cut === 'square')
    ? String(ends?.length)
    : JSON.stringify(
        ends.map((end) =>
          'angleRad' in end
            ? { ...end, angleRad: inMillionths(end.angleRad) }
            : end.cut === 'compound'
              ? { ...end, mitreRad: inMillionths(end.mitreRad), tiltRad: inMillionths(end.tiltRad) }
              : end,
        ),
      ) + (areParallel(ends) ? ' parallel' : '');

/** Counts every part and every fixing of a design once. Cut lengths within 0.5 mm are one line. */
export function takeOff(design: Design, catalogue: Catalogue): BillLine[] {
  const lines = new Map<string, BillLine & { parts: string[] }>();
  const put = (
    use: string,
    of: BillLine['of'],
    stock: string,
    count: number,
    cutMm: number | null,
    { ends, meshes, litres, board }: Taken,
    part: string,
  ): void => {
    const key = `${use}|${stock}|${cutMm === null ? '' : Math.round(cutMm * 2)}|${cutAlike(ends)}|${meshes ?? ''}|${
      litres === null ? '' : Math.round(litres * 100)
    }|${board ?? ''}`;
    const known = lines.get(key);
    if (known) {
      known.count += count;
      known.parts.push(part);
      return;
    }
    const why = design.reasons[use];
    if (!why) throw new Error(`Nothing says why there are so many of "${use}": add it to the design's reasons.`);
    const group = GROUPS[catalogue.stock(stock).form];
    lines.set(key, { id: '', group, use, of, stock, count, cutMm, ends, meshes, litres, board, parts: [part], why });
  };
  for (const board of design.boards ?? [])
    put('board', 'board', board.stock, 1, board.lengthMm, NOTHING_TAKEN, board.id);
  for (const kit of design.kits ?? []) put(kit.role, 'board', kit.stock, 1, null, NOTHING_TAKEN, kit.id);
  for (const part of design.parts) {
    // What is sold by the piece is used whole, however long it is.
    const cutMm = catalogue.stock(part.stock).form === 'piece' ? null : part.cutMm;
    put(part.role, 'part', part.stock, 1, cutMm, shapeOf(part).taken(part), part.id);
  }
  for (const joint of design.joints)
    for (const { stock, count, eachMm } of joint.fixings)
      put(joint.kind, 'joint', stock, count, eachMm ?? null, NOTHING_TAKEN, joint.id);
  return [...lines.values()]
    .sort((a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group))
    .map((line, i) => ({ ...line, id: `line-${i + 1}` }));
}

/** Whether two bills ask for the same as far as a tape tells: of one sine no two machines work out the same last digit. */
export const sameBill = (one: readonly BillLine[], other: readonly BillLine[]): boolean =>
  toTheTape(one) === toTheTape(other);
const toTheTape = (bill: readonly BillLine[]): string =>
  JSON.stringify(bill, (_, value: unknown) => (typeof value === 'number' ? Math.round(value * 10) / 10 : value));
