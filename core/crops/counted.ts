import type { Crop } from './crop';

/** Crops that are not called by their first word and an s. */
const CALLED: Readonly<Record<string, readonly [one: string, several: string]>> = {
  'tomato-bush': ['bush tomato', 'bush tomatoes'],
  cabbage: ['cabbage', 'cabbages'],
  melon: ['small melon', 'small melons'],
  okra: ['okra plant', 'okra plants'],
  chard: ['chard plant', 'chard plants'],
};

const severalOf = (one: string): string =>
  /[^aeiou]y$/.test(one) ? `${one.slice(0, -1)}ies` : /(s|sh|ch|ato)$/.test(one) ? `${one}es` : `${one}s`;

/** So many plants of a crop, as a gardener counts them. @example counted(tomato, 14) // "14 tomatoes" */
export function counted(crop: Pick<Crop, 'id' | 'name'>, count: number): string {
  // "Tomato, indeterminate" is a tomato; "Malabar spinach" keeps its capital.
  const [named = crop.name] = crop.name.split(',');
  const one = named.startsWith('Malabar') ? named : named.toLowerCase();
  const called = CALLED[crop.id] ?? [one, severalOf(one)];
  return `${count} ${called[count === 1 ? 0 : 1]}`;
}
