import type { CarriedGarden } from '@lignum/core/plan/carried';
import type { Reading } from '@lignum/core/plan/readings';
import type { SeenAnswer } from '../../worked/working';

/** So long the server may take to say what its page shows already; after that it is worked out here. ms. */
const PATIENCE_MS = 2000;

/** Where the server says what follows from a garden as it is saved. */
export const seenAddress = (garden: string): string => `/api/gardens/${encodeURIComponent(garden)}/seen`;

/**
 * What the server worked out of a garden when it drew the page; null where it has another save or other readings by now,
 * does not say so soon, there is no network, or the browser cannot unpack it.
 */
export async function asSent(
  garden: string,
  of: { revision: number; savedAt: string; readings: readonly Reading[] },
): Promise<CarriedGarden | null> {
  try {
    const reply = await fetch(seenAddress(garden), { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (!reply.ok || !reply.body) return null;
    const plain = new Response(reply.body.pipeThrough(new DecompressionStream('gzip')));
    const { garden: carried, ...sent } = (await plain.json()) as SeenAnswer;
    const isSame =
      sent.revision === of.revision &&
      sent.savedAt === of.savedAt &&
      JSON.stringify(sent.readings) === JSON.stringify(of.readings);
    return isSame ? carried : null;
  } catch {
    return null;
  }
}
