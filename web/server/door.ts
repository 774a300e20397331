import type { DocumentFault } from '@lignum/core/formats/door';
import { database, type Database } from './database';
import { logged, SAID, whyOf } from './failing';

/** A plan of the largest size the door admits is well under this. Bytes. */
const MOST_BYTES = 4_000_000;
/** More faults than these help nobody. */
const MOST_FAULTS = 40;

export const answer = (status: number, body: unknown, headers: Record<string, string> = {}): Response =>
  Response.json(body, { status, headers: { 'Cache-Control': 'no-store', ...headers } });

/** A refusal that says why; of many faults the first, and how many more there are. */
export const refuse = (status: number, message: string, faults: readonly DocumentFault[] = []): Response =>
  answer(status, {
    message: faults.length > MOST_FAULTS ? `${message} The first ${MOST_FAULTS} of ${faults.length} faults:` : message,
    faults: faults.slice(0, MOST_FAULTS),
  });

/** The JSON body of a request, or the refusal to answer with. It is counted as it comes in: what is too long is not read to its end. */
async function readBody(request: Request): Promise<{ ok: true; body: unknown } | { ok: false; refusal: Response }> {
  const [type = ''] = (request.headers.get('content-type') ?? '').split(';');
  if (type.trim().toLowerCase() !== 'application/json') return { ok: false, refusal: refuse(415, 'Send JSON.') };
  const text = await textOf(request.body);
  if (text === null)
    return { ok: false, refusal: refuse(413, `The document is longer than ${MOST_BYTES} bytes, which is the most.`) };
  try {
    const body = JSON.parse(text) as unknown;
    return holdsNoText(text)
      ? { ok: false, refusal: refuse(422, 'A text of it holds a NUL or half a character, which cannot be kept.') }
      : { ok: true, body };
  } catch (error) {
    return { ok: false, refusal: refuse(400, `This is not JSON: ${(error as Error).message}`) };
  }
}

/** Whether a string of a JSON text, or a name of a field, is none that a database keeps: with a NUL, or half of a pair. */
function holdsNoText(json: string): boolean {
  // Only written as escapes can they come this far.
  if (!/\\u(?:0000|d[89a-f])/i.test(json)) return false;
  const isNone = (text: string): boolean => text.includes('\0') || /\p{Surrogate}/u.test(text);
  let found = false;
  JSON.parse(json, (name, value: unknown) => {
    found ||= isNone(name) || (typeof value === 'string' && isNone(value));
    return value;
  });
  return found;
}

async function textOf(body: ReadableStream<Uint8Array> | null): Promise<string | null> {
  if (!body) return '';
  const reader = body.getReader();
  const decoder = new TextDecoder();
  let [text, bytes] = ['', 0];
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > MOST_BYTES) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

/** Runs a handler with the database. Whatever goes wrong is one sentence that says what to do, and stands in the log. */
export async function withDatabase(handle: (db: Database) => Promise<Response>): Promise<Response> {
  try {
    return await handle(database());
  } catch (error) {
    const why = whyOf(error);
    const { status, message, afterS } = SAID[why];
    const mark = logged(error);
    const more = why === 'fault' ? ` What went wrong stands in the log under ${mark}.` : '';
    return answer(
      status,
      { message: `${message}${more}`, faults: [], why },
      afterS === undefined ? {} : { 'Retry-After': String(afterS) },
    );
  }
}

/** Reads a JSON body and hands it on with the database: no exception leaves. */
export const withBody = (
  request: Request,
  handle: (body: unknown, db: Database) => Promise<Response>,
): Promise<Response> =>
  withDatabase(async (db) => {
    const read = await readBody(request);
    return read.ok ? handle(read.body, db) : read.refusal;
  });

export const newId = (): string => crypto.randomUUID();
