import { together } from '@lignum/core/paper/blocks';
import type { Block } from '@lignum/core/paper/page';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
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
  /** How large drawings are, as a share of their usual height. */
  drawn: number;
}

export const amount = (on: On, minor: number): string =>
  formatMoney(money(minor, on.plan.garden.currency), on.tongue.locale);
export const long = (on: On, mm: number): string => formatLength(mm, on.tongue.units);

/** Cut pieces by number, as the bill has them: part by part. */
export function partNumbers({ bill }: ComputedStructure): Map<string, number> {
  const numbers = new Map<string, number>();
  bill
    .filter((line) => line.of !== 'joint')
    .forEach((line, i) => line.parts.forEach((part) => numbers.set(part, i + 1)));
  return numbers;
}

/** A list that takes less than a third of a page is not parted. */
export const whole = (blocks: readonly Block[]): Block[] =>
  blocks.reduce((sum, one) => sum + one.heightPx, 0) < 330 ? [together(blocks)] : [...blocks];
