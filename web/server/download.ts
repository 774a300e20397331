import { cookies } from 'next/headers';
import type { Plan } from '@lignum/core/plan/plan';
import { withReadings } from '@lignum/core/plan/readings';
import type { Units } from '@lignum/core/quantity/length';
import { UNITS_COOKIE, unitsKept } from '../kept/own-units';
import { refuse, withDatabase } from './door';
import { loadGarden } from './garden-store';
import { loadRecord } from './record-store';
import { readingsIn } from '../kept/readings';

/** A file name from a garden's own: letters and digits of any script, the rest dashes. */
export const fileName = (name: string): string =>
  name
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase() || 'garden';

/** How who asks writes lengths: what their device has chosen, else what goes with what the garden buys. */
async function unitsOf(plan: Plan): Promise<Units> {
  return unitsKept((await cookies()).get(UNITS_COOKIE)?.value) ?? plan.garden.market;
}

type Made = { name: string; type: string } & ({ text: string } | { body: Buffer });

/** Answers with a file made from a garden's saved plan, with what was measured laid over it unless it is wanted as `meant`; in the lengths of who asks, or 404. */
export async function download(
  id: string,
  make: (plan: Plan, units: Units) => Made | null | Promise<Made | null>,
  as: 'built' | 'meant' = 'built',
): Promise<Response> {
  return withDatabase(async (db) => {
    const garden = await loadGarden(db, id);
    const plan =
      garden && as === 'built' ? withReadings(garden.plan, readingsIn(await loadRecord(db, id))) : garden?.plan;
    const file = plan && (await make(plan, await unitsOf(plan)));
    if (!file) return refuse(404, 'This garden, or this part of it, is no longer here.');
    return new Response('text' in file ? file.text : new Uint8Array(file.body), {
      headers: {
        'Content-Type': 'text' in file ? `${file.type}; charset=utf-8` : file.type,
        'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(file.name)}`,
        'Cache-Control': 'no-store',
      },
    });
  });
}
