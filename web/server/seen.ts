import { promisify } from 'node:util';
import { gzip } from 'node:zlib';
import { carrier, writeCarried } from '@lignum/core/plan/carried';
import { withReadings } from '@lignum/core/plan/readings';
import { readingsIn } from '../kept/readings';
import { inTurns } from '../worked/in-turns';
import { working, type SeenAnswer } from '../worked/working';
import { KeptAnswers } from './computing/answers';
import { refuse, withDatabase } from './door';
import { loadGarden } from './garden-store';
import { loadRecord } from './record-store';

const kept = new KeptAnswers();
const squeezed = promisify(gzip);

/**
 * Everything that follows from a saved garden and what was measured in it, as its page drew it: the page goes on from
 * it without working anything out. A {@link SeenAnswer} as JSON, packed once for all who ask.
 */
export const seenGarden = (garden: string): Promise<Response> =>
  withDatabase(async (db) => {
    const [stored, said] = await Promise.all([loadGarden(db, garden), loadRecord(db, garden)]);
    if (!stored) return refuse(404, 'This garden is no longer here.');
    const readings = readingsIn(said);
    const { revision, savedAt } = stored;
    const key = JSON.stringify([garden, revision, savedAt, readings]);
    const before = kept.get(key);
    if (before) return packed(before.body);
    const plan = working.plan(garden, withReadings(stored.plan, readings));
    await inTurns(working.structures(plan));
    const of: Omit<SeenAnswer, 'garden'> = { revision, savedAt, readings };
    const carried = writeCarried(carrier()(working.garden(garden, plan).garden));
    const body = await squeezed(`${JSON.stringify(of).slice(0, -1)},"garden":${carried}}`, { level: 4 });
    kept.set(key, { body });
    return packed(body);
  });

const packed = (body: string | Uint8Array): Response =>
  new Response(body as Uint8Array<ArrayBuffer>, {
    headers: { 'Content-Type': 'application/gzip', 'Cache-Control': 'no-store' },
  });
