import type { DocumentFault } from '@lignum/core/formats/read-plan';
import { database, type Database } from './database';

/** A plan of the largest size the door admits is well under this. Bytes. */
const MOST_BYTES = 4_000_000;

export const answer = (status: number, body: unknown): Response =>
  Response.json(body, { status, headers: { 'Cache-Control': 'no-store' } });

export const refuse = (status: number, message: string, faults: readonly DocumentFault[] = []): Response =>
  answer(status, { message, faults });

/** Only this program's own pages may change anything: a browser says where a request comes from. */
export function fromElsewhere(request: Request): boolean {
  const site = request.headers.get('sec-fetch-site');
  return site !== null && site !== 'same-origin' && site !== 'none';
}

/** The JSON body of a request that changes something, or the refusal to answer with. */
export async function readBody(
  request: Request,
): Promise<{ ok: true; body: unknown } | { ok: false; refusal: Response }> {
  if (fromElsewhere(request))
    return { ok: false, refusal: refuse(403, 'This came from another site and was not carried out.') };
  if (!request.headers.get('content-type')?.startsWith('application/json'))
    return { ok: false, refusal: refuse(415, 'Send JSON.') };
  const text = await request.text();
  if (text.length > MOST_BYTES)
    return {
      ok: false,
      refusal: refuse(413, `The document is ${text.length} letters long; the most is ${MOST_BYTES}.`),
    };
  try {
    return { ok: true, body: JSON.parse(text) as unknown };
  } catch (error) {
    return { ok: false, refusal: refuse(400, `This is not JSON: ${(error as Error).message}`) };
  }
}

/** Runs a handler with the database; a database that cannot be reached is one sentence, not a stack. */
export async function withDatabase(handle: (db: Database) => Promise<Response>): Promise<Response> {
  try {
    return await handle(database());
  } catch (error) {
    console.error(error);
    return refuse(503, 'The database does not answer. Nothing was lost; start it again with ./lignum start.');
  }
}

export const newId = (): string => crypto.randomUUID();
