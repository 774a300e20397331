import { expect, it } from 'vitest';
import { DEMO_PLAN } from '../demo/garden';
import { computeGarden } from '../plan/compute';
import { sameBill, type BillLine } from './take-off';

const bills = computeGarden(DEMO_PLAN).structures.map(({ bill }) => bill);
const shifted = (bill: readonly BillLine[], mm: number): BillLine[] =>
  bill.map((line) => (line.cutMm === null ? line : { ...line, cutMm: line.cutMm + mm }));

it('takes two bills for one that differ by what no tape tells, and by nothing that is bought or cut', () => {
  for (const bill of bills) {
    // Halves of a tenth are rounded up and down by the least there is: those stay out of the way.
    const even = bill.map((line) => (line.cutMm === null ? line : { ...line, cutMm: Math.round(line.cutMm) }));
    expect(sameBill(even, shifted(even, 1e-9))).toBe(true);
    const [first, ...rest] = even as [BillLine, ...BillLine[]];
    expect(sameBill(even, [{ ...first, count: first.count + 1 }, ...rest])).toBe(false);
    expect(sameBill(even, rest)).toBe(false);
    if (even.some(({ cutMm }) => cutMm !== null)) expect(sameBill(even, shifted(even, 1))).toBe(false);
  }
});
