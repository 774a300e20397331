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
} as const;
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
  const waiting: { value: unknown; path: string; depth: number }[] = [{ value: input, path: '', depth: 0 }];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    const { value, path, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    const say = (message: string): void => void faults.push({ path: path || '/', message });
    if (depth > MOST_DEPTH) {
      say(`lies ${depth} deep; the most is ${MOST_DEPTH}`);
      break;
    }
    const list = Array.isArray(value);
    const limit = list
      ? ((LIST_LIMITS as Record<string, number>)[path.split('/').at(-1) ?? ''] ?? MOST_ENTRIES)
      : MOST_FIELDS;
    const entries = list ? value.length : Object.keys(value).length;
    if (entries > limit) say(`has ${entries} ${list ? 'entries' : 'fields'}; the most is ${limit}`);
    else
      for (const [name, one] of Object.entries(value))
        waiting.push({ value: one, path: `${path}/${name}`, depth: depth + 1 });
  }
  return faults;
}
