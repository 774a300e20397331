/**
 * The newer of two documents with every part of it that says the same as before as the very object it was, so that
 * what was worked out from those parts still counts. Plain data only.
 * @example keepSame({ a: [1], b: [2] }, { a: [1], b: [3] }) // its `a` is the old one, its `b` the new one
 */
export function keepSame<Document>(before: Document, now: Document): Document {
  if (Object.is(before, now)) return before;
  if (!isData(before) || !isData(now) || Array.isArray(before) !== Array.isArray(now)) return now;
  const fields = Object.keys(now);
  const kept = fields.map((field) => [field, keepSame(before[field], now[field])] as const);
  const same =
    fields.length === Object.keys(before).length &&
    kept.every(([field, value]) => field in before && Object.is(value, before[field]));
  if (same) return before;
  return (Array.isArray(now) ? kept.map(([, value]) => value) : Object.fromEntries(kept)) as Document;
}

const isData = (one: unknown): one is Record<string, unknown> => typeof one === 'object' && one !== null;
