import type { DocumentFault } from './door';

/** How long each list of a plan may be; the schema holds the same. */
export const LIST_LIMITS = {
  beds: 100,
  features: 200,
  crops: 100,
  plantings: 400,
  structures: 200,
  lines: 500,
  shed: 300,
  people: 8,
  off: 366,
  fixed: 500,
} as const;
/** Letters of a shop’s name at most. */
export const SHOP_LETTERS = 40;
/** Of any other list, of the fields of one object, and of objects within each other. */
const MOST_ENTRIES = 500;
const MOST_FIELDS = 200;
const MOST_DEPTH = 16;

/**
 * What is out of all measure in a document, before anything is read in it: lists that are too long,
 * objects of too many fields, too many of them within each other. Takes a time in proportion to what is
 * within measure, whatever the rest is.
 */
export function outOfMeasure(input: unknown): DocumentFault[] {
  const faults: DocumentFault[] = [];
  const waiting: Lying[] = [{ value: input as object, name: '', depth: 0, within: null }];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { value, name, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    const at = next;
    const say = (message: string): void => void faults.push({ path: pathOf(at) || '/', message });
    if (depth > MOST_DEPTH) {
      say(`lies ${depth} deep; the most is ${MOST_DEPTH}`);
      break;
    }
    const list = Array.isArray(value);
    const limit = list ? ((LIST_LIMITS as Record<string, number>)[name] ?? MOST_ENTRIES) : MOST_FIELDS;
    const entries = list ? value.length : Object.keys(value).length;
    if (entries > limit) say(`has ${entries} ${list ? 'entries' : 'fields'}; the most is ${limit}`);
    else
      for (const [name, one] of Object.entries(value) as [string, unknown][])
        // Only what holds others can be out of measure.
        if (typeof one === 'object' && one !== null) waiting.push({ value: one, name, depth: depth + 1, within: at });
  }
  return faults;
}

/** Something that is looked at, and what it lies within: where it is is put together only for what is out of measure. */
interface Lying {
  value: object | null;
  name: string;
  depth: number;
  within: Lying | null;
}
const pathOf = ({ name, within }: Lying): string => (within ? `${pathOf(within)}/${name}` : name);
