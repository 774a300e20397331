import type Joi from 'joi';
import { keepSame } from '../plan/keep-same';
import { atTheDoor, type DocumentFault } from './door';

type Doc = Record<string, unknown>;
type Entries = readonly unknown[];

/**
 * Looks at documents by a schema, at entries of their long lists only where they are not the very objects that were
 * found good before: of a garden that is saved again and again nearly all are. What is found good says what it said, and
 * where it says it in other words than the schema's it is the schema's; all else are the objects that came. Decision 61.
 * @param lists where the long lists are; each entry is judged for itself, by what stands in it alone
 */
export function lookingOnce<Document extends object>(
  schema: Joi.Schema,
  lists: readonly (readonly string[])[],
): (input: unknown) => { ok: true; value: Document } | { ok: false; faults: DocumentFault[] } {
  const good = new WeakSet<object>();
  const isGood = (entry: unknown): boolean => typeof entry === 'object' && entry !== null && good.has(entry);
  return (input) => {
    let fresh = input;
    /** For each list that is looked at in part, which entry stands where. */
    const kept = new Map<string, { entries: Entries; at: number[] }>();
    for (const list of lists) {
      const entries = entriesAt(input, list);
      if (!entries?.some(isGood)) continue;
      const at = entries.flatMap((entry, i) => (isGood(entry) ? [] : [i]));
      kept.set(`/${list.join('/')}`, { entries, at });
      fresh = withEntries(
        fresh,
        list,
        at.map((i) => entries[i]),
      );
    }
    const read = atTheDoor<Document>(schema, fresh);
    if (!read.ok)
      return { ok: false, faults: read.faults.map((fault) => ({ ...fault, path: placed(fault.path, kept) })) };
    let value: unknown = keepSame<unknown>(fresh, read.value);
    for (const [path, { entries, at }] of kept) {
      const list = path.slice(1).split('/');
      const looked = entriesAt(value, list) ?? [];
      const back = new Map(at.map((i, n) => [i, looked[n]]));
      value = withEntries(
        value,
        list,
        entries.map((entry, i) => back.get(i) ?? entry),
      );
    }
    for (const list of lists)
      for (const entry of entriesAt(value, list) ?? [])
        if (typeof entry === 'object' && entry !== null) good.add(entry);
    return { ok: true, value: keepSame<unknown>(input, value) as Document };
  };
}

/** A fault in what was looked at, by where that stands in the whole list. */
function placed(path: string, kept: ReadonlyMap<string, { at: readonly number[] }>): string {
  for (const [list, { at }] of kept) {
    const [, n, rest = ''] = new RegExp(`^${list}/(\\d+)(/.*)?$`).exec(path) ?? [];
    if (n !== undefined) return `${list}/${at[Number(n)]}${rest}`;
  }
  return path;
}

function entriesAt(document: unknown, list: readonly string[]): Entries | null {
  let at = document;
  for (const field of list) at = typeof at === 'object' && at !== null ? (at as Doc)[field] : undefined;
  return Array.isArray(at) ? at : null;
}

function withEntries(document: unknown, [field = '', ...deeper]: readonly string[], entries: Entries): unknown {
  const outer = document as Doc;
  return { ...outer, [field]: deeper.length > 0 ? withEntries(outer[field], deeper, entries) : entries };
}
