import type { BillLine } from './take-off';

/** The number that each part has on its sheets and drawings: that of its line of the bill, so that what is alike has one. */
export function partNumbers({ bill }: { bill: readonly BillLine[] }): Map<string, number> {
  const numbers = new Map<string, number>();
  bill
    .filter((line) => line.of !== 'joint')
    .forEach((line, i) => line.parts.forEach((part) => numbers.set(part, i + 1)));
  return numbers;
}
