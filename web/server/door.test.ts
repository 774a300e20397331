import { DrizzleQueryError } from 'drizzle-orm';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Busy, Silent } from './bounded-pool';
import { answer, refuse, withBody, withDatabase } from './door';

beforeEach(() => {
  // Named, never called: a pool connects when it is first asked something.
  vi.stubEnv('LIGNUM_DATABASE_URL', 'postgres://nobody@127.0.0.1:1/none');
  vi.spyOn(console, 'error').mockImplementation(() => undefined);
});
afterEach(() => {
  vi.unstubAllEnvs();
  vi.restoreAllMocks();
});

const asked = (body: BodyInit | null, type = 'application/json') =>
  new Request('http://127.0.0.1/api/gardens', {
    method: 'POST',
    body,
    headers: { 'content-type': type },
    ...(body instanceof ReadableStream ? { duplex: 'half' } : {}),
  });
const said = async (response: Response) => ({
  status: response.status,
  ...((await response.json()) as { message: string; faults?: object[] }),
});

describe('a body', () => {
  it('is handed on as it was sent, in whatever pieces it comes', async () => {
    const pieces = ['{"name":"', 'Küche', '"}'].map((piece) => new TextEncoder().encode(piece));
    const stream = new ReadableStream<Uint8Array>({
      start(to) {
        // Cut in the middle of a letter.
        const all = new Uint8Array(pieces.flatMap((piece) => [...piece]));
        to.enqueue(all.slice(0, 11));
        to.enqueue(all.slice(11));
        to.close();
      },
    });
    const heard: unknown[] = [];
    const response = await withBody(asked(stream), (body) => {
      heard.push(body);
      return Promise.resolve(answer(200, { fine: true }));
    });
    expect(response.status).toBe(200);
    expect(response.headers.get('cache-control')).toBe('no-store');
    expect(heard).toEqual([{ name: 'Küche' }]);
  });

  it('that is no JSON, of another type or too long is refused in words, and never read to an endless end', async () => {
    const never = () => Promise.reject(new Error('what was refused was handed on'));
    expect(await said(await withBody(asked('{"a":'), never))).toMatchObject({ status: 400 });
    expect(await said(await withBody(asked(''), never))).toMatchObject({ status: 400 });
    expect(await said(await withBody(asked('a=1', 'text/plain'), never))).toEqual({
      status: 415,
      message: 'Send JSON.',
      faults: [],
    });
    // A type that only begins like it; one that says how its letters are written.
    expect(await said(await withBody(asked('{}', 'application/jsonfoo'), never))).toMatchObject({ status: 415 });
    const fine = () => Promise.resolve(answer(200, {}));
    expect((await withBody(asked('{}', 'Application/JSON; charset=utf-8'), fine)).status).toBe(200);
    // What no database keeps: a NUL or half of a pair, in a text or a name; a backslash before "u0000" is none.
    for (const text of ['{"a":["\\u0000"]}', '{"\\ud800":1}', '{"a":"x\\uDFFF"}'])
      expect((await said(await withBody(asked(text), never))).status, text).toBe(422);
    for (const text of ['{"a":"\\\\u0000"}', '{"a":"\\ud83c\\udf31"}'])
      expect((await withBody(asked(text), fine)).status, text).toBe(200);
    let given = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(to) {
        given += 1;
        to.enqueue(new Uint8Array(100_000).fill(32));
      },
    });
    const long = await said(await withBody(asked(endless), never));
    expect([long.status, long.message]).toEqual([413, 'The document is longer than 4000000 bytes, which is the most.']);
    expect(given).toBeLessThan(60);
  });
});

describe('what goes wrong', () => {
  it('is one sentence: the database by name, anything else as a fault of the program', async () => {
    const failing = (error: Error) => withDatabase(() => Promise.reject(error)).then(said);
    for (const error of [
      Object.assign(new Error('x'), { code: 'ECONNREFUSED' }),
      new Error('Connection terminated unexpectedly'),
      new Error('timeout exceeded when trying to connect'),
      new Silent(),
      Object.assign(new Error('the database system is starting up'), { code: '57P03' }),
    ])
      expect(await failing(error)).toMatchObject({
        status: 503,
        message: expect.stringMatching(/database does not answer/i) as string,
      });
    // Much to do, and a disk that is full, are neither: one is asked again soon, the other is mended by somebody.
    for (const error of [new Busy(), Object.assign(new Error('too many clients'), { code: '53300' })]) {
      const busy = await withDatabase(() => Promise.reject(error));
      expect([busy.status, busy.headers.get('retry-after')]).toEqual([503, '1']);
      expect(await busy.json()).toMatchObject({ why: 'busy', message: expect.stringMatching(/much to do/) as string });
    }
    const noRoom = new DrizzleQueryError('insert', [], Object.assign(new Error('could not extend'), { code: '53100' }));
    expect(await failing(noRoom)).toMatchObject({
      status: 507,
      message: expect.stringMatching(/disk.*full/) as string,
    });
    // Nor is a file that is missing the database's.
    expect(await failing(Object.assign(new Error('no such font'), { code: 'ENOENT' }))).toMatchObject({ status: 500 });
    const fault = await failing(new TypeError('x is not a function'));
    expect(fault).toMatchObject({ status: 500, message: expect.stringMatching(/Nothing that is saved was changed/) });
    // By its mark it is found in the log, which says where it arose.
    const mark = /under ([0-9a-f]{8})/.exec(fault.message)?.[1] ?? 'none';
    expect(vi.mocked(console.error).mock.calls.flat().join('\n')).toMatch(
      new RegExp(`\\[${mark}\\] TypeError: x is not a function\\n +at `),
    );
    // What a query was given is in no log.
    await failing(new DrizzleQueryError('insert into gardens', ['my garden'], new Error('disk full')));
    const logged = vi.mocked(console.error).mock.calls.flat().join('\n');
    expect(logged).toContain('disk full');
    expect(logged).not.toContain('my garden');
  });

  it('names forty faults at the most, and how many there are', async () => {
    const faults = Array.from({ length: 55 }, (_, i) => ({ path: `/beds/${i}`, message: 'is odd' }));
    const told = await said(refuse(422, 'The plan was not taken.', faults));
    expect(told.faults).toHaveLength(40);
    expect(told.message).toBe('The plan was not taken. The first 40 of 55 faults:');
    expect((await said(refuse(422, 'No.', faults.slice(0, 40)))).message).toBe('No.');
  });
});
