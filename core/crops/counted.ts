import type { Crop } from './crop';

/** Crops that are not called by their first word and an s. */
const CALLED: Readonly<Record<string, readonly [one: string, several: string]>> = {
  'tomato-bush': ['bush tomato', 'bush tomatoes'],
  cabbage: ['cabbage', 'cabbages'],
  melon: ['small melon', 'small melons'],
  'dwarf-pea': ['dwarf pea', 'dwarf peas'],
  chilli: ['chilli', 'chillies'],
  sprouts: ['sprout plant', 'sprout plants'],
  fennel: ['Florence fennel', 'Florence fennels'],
  'bush-courgette': ['bush courgette', 'bush courgettes'],
  'autumn-raspberry': ['autumn raspberry', 'autumn raspberries'],
  loganberry: ['loganberry', 'loganberries'],
  redcurrant: ['currant', 'currants'],
  'climbing-rose': ['climbing rose', 'climbing roses'],
  'rambling-rose': ['rambling rose', 'rambling roses'],
  gladiolus: ['gladiolus', 'gladioli'],
  ...Object.fromEntries(
    // Nobody says "three garlics".
    [
      'okra',
      'chard',
      'garlic',
      'spinach',
      'rhubarb',
      'asparagus',
      'celery',
      'parsley',
      'basil',
      'mint',
      'sweetcorn',
      'kale',
      'broccoli',
      'clematis',
    ].map((name): [string, [string, string]] => [name, [`${name} plant`, `${name} plants`]]),
  ),
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
