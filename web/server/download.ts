import type { Plan } from '@lignum/core/plan/plan';
import { refuse, withDatabase } from './door';
import { loadGarden } from './garden-store';

/** A file name from a garden's own: letters and digits of any script, the rest dashes. */
export const fileName = (name: string): string =>
  name
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase() || 'garden';

/** Answers with a file made from a garden's saved plan, or 404. */
export async function download(
  id: string,
  make: (plan: Plan) => { name: string; type: string; text: string } | null,
): Promise<Response> {
  return withDatabase(async (db) => {
    const garden = await loadGarden(db, id);
    const file = garden && make(garden.plan);
    if (!file) return refuse(404, 'This garden, or this part of it, is no longer here.');
    return new Response(file.text, {
      headers: {
        'Content-Type': `${file.type}; charset=utf-8`,
        'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(file.name)}`,
        'Cache-Control': 'no-store',
      },
    });
  });
}
