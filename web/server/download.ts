import { cookies } from 'next/headers';
import { withReadings } from '@lignum/core/plan/readings';
import type { Units } from '@lignum/core/quantity/length';
import type { Plan } from '@lignum/core/plan/plan';
import { TICKET_COOKIE } from './guarded';
import { UNITS_COOKIE, unitsKept } from '../kept/own-units';
import { readingsIn } from '../kept/readings';
import type { Entry } from '../kept/record';
import { KeptAnswers } from './computing/answers';
import { computing } from './computing/pool';
import type { Made, Task } from './computing/tasks';
import { refuse, withDatabase } from './door';
import { loadGarden } from './garden-store';
import { loadRecord } from './record-store';

/** A file name from a garden's own: letters and digits of any script, the rest dashes; what follows the last dot stays. */
export const fileName = (name: string): string => {
  const [, stem = name, ending = ''] = /^(.*?)((?:\.[a-z]+)+)$/.exec(name) ?? [];
  const told = stem
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase();
  return `${told || 'garden'}${ending}`;
};

/** How who asks writes lengths: what their device has chosen, else what goes with what the garden buys. */
async function unitsOf(plan: Plan): Promise<Units> {
  return unitsKept((await cookies()).get(UNITS_COOKIE)?.value) ?? plan.garden.market;
}

/** Who asks, as far as can be told: whoever has been let in, else whoever speaks over that line. */
export async function clientOf(headers: Headers): Promise<string> {
  return (await cookies()).get(TICKET_COOKIE)?.value ?? headers.get('x-lignum-from') ?? '';
}

const GONE = 'This garden, or this part of it, is no longer here.';
const asFile = ({ called, type, body }: Made): Response =>
  new Response(typeof body === 'string' ? body : new Uint8Array(body), {
    headers: {
      'Content-Type': /^text|json|svg/.test(type) ? `${type}; charset=utf-8` : type,
      'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(fileName(called))}`,
      'Cache-Control': 'no-store',
    },
  });

const kept = new KeptAnswers<Made>();

/**
 * Answers with a file made from a garden's saved plan, with what was measured laid over it, in the lengths of who asks;
 * or 404. What was made of the same revision and the same readings is answered again.
 */
export const download = (
  request: Request,
  garden: string,
  taskIn: (
    units: Units,
    stored: { plan: Plan; said: readonly Entry[]; savedAt: Date },
  ) => Exclude<Task, { make: 'beds' }>,
): Promise<Response> =>
  withDatabase(async (db) => {
    const [stored, said] = await Promise.all([loadGarden(db, garden), loadRecord(db, garden)]);
    if (!stored) return refuse(404, GONE);
    const readings = readingsIn(said);
    const task = taskIn(await unitsOf(stored.plan), { plan: stored.plan, said, savedAt: new Date(stored.savedAt) });
    const key = JSON.stringify([garden, stored.revision, stored.savedAt, readings, task]);
    const before = kept.get(key);
    if (before) return asFile(before);
    const plan = withReadings(stored.plan, readings);
    const client = await clientOf(request.headers);
    const made = await computing({ garden, plan, task, client, signal: request.signal });
    if (!made) return refuse(404, GONE);
    kept.set(key, made);
    return asFile(made);
  });

/** Answers with a garden's plan as it is meant, as a file. */
export const downloadPlan = (garden: string): Promise<Response> =>
  withDatabase(async (db) => {
    const stored = await loadGarden(db, garden);
    if (!stored) return refuse(404, GONE);
    const body = `${JSON.stringify(stored.plan, null, 2)}\n`;
    return asFile({ called: `${stored.plan.garden.name}.lignum.json`, type: 'application/json', body });
  });
