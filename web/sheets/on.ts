import { partNumbers } from '@lignum/core/materials/part-numbers';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import type { Shopping } from '@lignum/core/costing/buy';
import { shedWords } from '../words/stock-words';
import { together } from '@lignum/core/paper/blocks';
import type { Block } from '@lignum/core/paper/page';
import { layoutName } from '@lignum/core/cutting/cut-plan';
import type { SeenGarden } from '@lignum/core/plan/compute';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength, type Units } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { Tongue } from '@lignum/core/wording/say';

/** Sizes of type on a sheet. Pixels. */
export const BODY = 12;
export const SMALL = 11;

/** What a part of the sheets is composed of. */
export interface On {
  plan: Plan;
  computed: ComputedStructure;
  tongue: Tongue;
  wide: number;
  /** The garden it is bought and cut with; null where it is built alone. */
  with: SeenGarden | null;
}

/** Numbers of all pieces of a garden, by structure and part: its letter in the garden, and its number there. */
export function gardenNumbers(garden: SeenGarden): Map<string, string> {
  const numbers = new Map<string, string>();
  garden.structures.forEach((one, i) => {
    for (const [part, no] of partNumbers(one)) numbers.set(`${one.structure.id} ${part}`, `${layoutName(i)}${no}`);
  });
  return numbers;
}

export const amount = (on: On, minor: number): string =>
  formatMoney(money(minor, on.plan.garden.currency), on.tongue.locale);
export const long = (on: Pick<On, 'tongue'>, mm: number): string => formatLength(mm, on.tongue.units);

/** A list that takes less than a third of a page is not parted. */
export const whole = (blocks: readonly Block[]): Block[] =>
  blocks.reduce((sum, one) => sum + one.heightPx, 0) < 330 ? [together(blocks)] : [...blocks];

/** "1–3, 7": whole numbers, those that follow each other as their first and last. */
export function ranges(numbers: readonly number[]): string {
  const sorted = [...new Set(numbers)].toSorted((a, b) => a - b);
  return sorted
    .flatMap((first, i) => {
      if (sorted[i - 1] === first - 1) return [];
      let last = first;
      while (sorted.includes(last + 1)) last++;
      return [last > first ? `${first}–${last}` : `${first}`];
    })
    .join(', ');
}

export const pageOf = (page: number, of: number): string => `page ${page} of ${of}`;

/** What comes out of the shed, as a line of a list: how many, what, how much. */
export const fromShed = (shopping: Shopping, units: Units): string[][] =>
  shopping.fromShed.map((one) => [
    String(one.count),
    `${CATALOGUE.stock(one.stock).name}, ${shedWords(one.stock, one.size, units)}`,
  ]);
