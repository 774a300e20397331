import type { Catalogue, Stock } from '../catalogue/stock';
import type { Bar, Design, EndCut, Part } from '../design/design';
import type { Fact } from '../wording/say';

export type BillGroup = 'Timber' | 'Posts' | 'Panels and nets' | 'Wire and twine' | 'Fixings';

/** One line of the bill: identical things, counted, with the reason for the count. mm. */
export interface BillLine {
  id: string;
  group: BillGroup;
  /** The role of a part, or the kind of joint that small parts hold. */
  use: string;
  of: 'part' | 'joint';
  stock: string;
  count: number;
  /** Length of each as cut; null for small parts sold by the piece. */
  cutMm: number | null;
  ends: readonly [EndCut, EndCut] | null;
  /** Whole meshes of each, for panels. */
  meshes: number | null;
  parts: readonly string[];
  why: Fact;
}

const GROUPS: Record<Stock['form'], BillGroup> = {
  timber: 'Timber', 'steel post': 'Posts', panel: 'Panels and nets', 'mesh roll': 'Panels and nets', cord: 'Wire and twine', piece: 'Fixings',
};
const ORDER: readonly BillGroup[] = ['Posts', 'Timber', 'Panels and nets', 'Wire and twine', 'Fixings'];

/** Counts every part and every fixing of a design once. Cut lengths within 0.5 mm are one line. */
export function takeOff(design: Design, catalogue: Catalogue): BillLine[] {
  const lines = new Map<string, BillLine>();
  const put = (line: Omit<BillLine, 'id' | 'group' | 'why'>) => {
    const why = design.reasons[line.use];
    if (!why) throw new Error(`Nothing says why there are so many of "${line.use}": add it to the design's reasons.`);
    const key = [line.use, line.stock, line.cutMm === null ? '' : Math.round(line.cutMm * 2), JSON.stringify(line.ends), line.meshes].join('|');
    const known = lines.get(key);
    lines.set(key, known
      ? { ...known, count: known.count + line.count, parts: [...known.parts, ...line.parts] }
      : { ...line, id: '', group: GROUPS[catalogue.stock(line.stock).form], why });
  };
  for (const part of design.parts) {
    put({ use: part.role, of: 'part', stock: part.stock, count: 1, cutMm: part.cutMm, ends: endsOf(part), meshes: meshesOf(part), parts: [part.id] });
  }
  for (const joint of design.joints) {
    for (const fixing of joint.fixings) {
      put({ use: joint.kind, of: 'joint', stock: fixing.stock, count: fixing.count, cutMm: fixing.eachMm ?? null, ends: null, meshes: null, parts: [joint.id] });
    }
  }
  return [...lines.values()]
    .sort((a, b) => ORDER.indexOf(a.group) - ORDER.indexOf(b.group))
    .map((line, i) => ({ ...line, id: `line-${i + 1}` }));
}

const endsOf = (part: Part): Bar['ends'] | null => (part.shape === 'bar' ? part.ends : null);
const meshesOf = (part: Part): number | null => (part.shape === 'sheet' && part.meshes > 0 ? part.meshes : null);
