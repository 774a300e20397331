import type { LengthFault, Units } from '@lignum/core/quantity/length';

const EXAMPLE: Record<Units, string> = { imperial: `7' 9 1/2" or 93.5`, metric: '2.38 m, 238 cm or 2380' };

/** Why a length could not be read, with an example of one that can. */
export function sayLengthFault(fault: LengthFault, units: Units): string {
  const example = `Write it like ${EXAMPLE[units]}.`;
  switch (fault.code) {
    case 'empty':
      return example;
    case 'negative':
      return 'A length cannot be less than nothing.';
    case 'divided-by-zero':
      return `${fault.piece} divides by nought.`;
    case 'two-systems':
      return 'Feet and metres cannot be mixed in one length.';
    case 'unknown-unit':
      return `"${fault.piece}" is not a unit of length. ${example}`;
    case 'out-of-order':
      return `"${fault.piece}" comes after a smaller unit. ${example}`;
    case 'thousands-comma':
      return `Is "${fault.piece}" a thousand or a decimal? Leave the comma out, or write a point.`;
    case 'unreadable':
      return `"${fault.piece}" cannot be read. ${example}`;
  }
}
