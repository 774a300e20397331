import { newId } from '../../kept/new-id';
import { registerOf, STAMP, stampOf, type Entry } from '../../kept/record';
import type { Exchanged, RecordOutside, Waiting } from '../../kept/record-book';

const keptKey = (id: string): string => `lignum-said-${id}:`;
/** All that waited lay in one place before each entry had its own. */
const beforeKey = (id: string): string => `lignum-ticks-${id}`;

/** The record of a garden as a tab reaches it: the server, and what this device keeps until it has arrived. */
export function recordOutside(id: string): RecordOutside {
  const keyOf = (entry: Entry): string => `${keptKey(id)}${registerOf(entry)}`;
  // A full or forbidden store: what is said is still in this tab, and on its way.
  const unkept = new Map<string, Waiting>();
  const stored = (key: string): Waiting | null => {
    try {
      return entryIn(JSON.parse(localStorage.getItem(key) ?? 'null'));
    } catch {
      return null;
    }
  };
  takeOver(id, keyOf);
  return {
    async exchange(entries) {
      const reply = await fetch(`/api/gardens/${encodeURIComponent(id)}/record`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ entries }),
        // What is ticked last goes out even when the page is left.
        keepalive: true,
      });
      const answer = (await reply.json().catch(() => null)) as Exchanged | null;
      // What answers in a server's place, as a gateway does, has nothing to say.
      return reply.ok && Array.isArray(answer?.entries) ? answer : null;
    },
    keep(entry) {
      const key = keyOf(entry);
      const before = stored(key);
      if (before && before.stamp > entry.stamp) return;
      try {
        localStorage.setItem(key, JSON.stringify(entry));
        unkept.delete(key);
      } catch {
        unkept.set(key, entry);
      }
    },
    forget(entry) {
      const key = keyOf(entry);
      if (unkept.get(key)?.stamp === entry.stamp) unkept.delete(key);
      if (stored(key)?.stamp === entry.stamp) localStorage.removeItem(key);
    },
    kept() {
      const found = new Map(unkept);
      try {
        for (const key of Object.keys(localStorage)) {
          const entry = key.startsWith(keptKey(id)) ? stored(key) : null;
          if (entry && !((found.get(key)?.stamp ?? '') > entry.stamp)) found.set(key, entry);
        }
      } catch {
        // Forbidden: what this tab holds is all there is.
      }
      return [...found.values()];
    },
    nowMs: () => Date.now(),
    device: newId(8),
  };
}

function entryIn(said: unknown): Waiting | null {
  const entry = said as Waiting | null;
  return entry && typeof entry.what === 'string' && STAMP.test(entry.stamp) ? entry : null;
}

/** What an earlier version kept unsent on this device, each thing as the entries that it said. */
function takeOver(id: string, keyOf: (entry: Entry) => string): void {
  try {
    const kept = JSON.parse(localStorage.getItem(beforeKey(id)) ?? '[]') as Record<string, unknown>[];
    for (const { about, what, person, at, ...said } of kept)
      for (const field of ['done', 'note', 'paidMinor'] as const) {
        const entry = { about, what, field, value: said[field] ?? null, person } as Omit<Waiting, 'stamp'>;
        const stamp = stampOf(Date.parse(String(at)), 0, 'before');
        if (entry.value !== null && entry.value !== '')
          localStorage.setItem(keyOf({ ...entry, stamp }), JSON.stringify({ ...entry, stamp, unsure: true }));
      }
    localStorage.removeItem(beforeKey(id));
  } catch {
    // Nothing there that can be read.
  }
}
