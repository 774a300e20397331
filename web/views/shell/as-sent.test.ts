import { gzipSync } from 'node:zlib';
import { afterEach, expect, it, vi } from 'vitest';
import type { SeenAnswer } from '../../worked/working';
import { asSent } from './as-sent';

const CARRIED = { structures: [], shopping: {}, cost: {} } as unknown as SeenAnswer['garden'];
const READING = { structure: 'tomato-wall', kind: 'panel-wall', knob: 'gap', mm: 311 };
const ANSWER: SeenAnswer = { revision: 7, savedAt: '2026-05-01T10:00:00Z', readings: [READING], garden: CARRIED };
const MINE = { revision: 7, savedAt: ANSWER.savedAt, readings: [READING] };

const answers = (reply: () => Promise<Response>) => {
  const asked = vi.fn<(url: string) => Promise<Response>>(reply);
  vi.stubGlobal('fetch', asked);
  return asked;
};
const says = (body: Uint8Array | string, status = 200) =>
  answers(() => Promise.resolve(new Response(body as BodyInit, { status })));

afterEach(() => vi.unstubAllGlobals());

it('takes what the server drew the page from, where page and server have the same save and the same readings', async () => {
  const asked = says(gzipSync(JSON.stringify(ANSWER)));
  expect(await asSent('a garden', MINE)).toEqual(CARRIED);
  expect(asked.mock.calls[0]?.[0]).toBe('/api/gardens/a%20garden/seen');
});

it.each([
  ['a newer save', { ...ANSWER, revision: 8 }],
  ['a save of the same number that was put back since', { ...ANSWER, savedAt: '2026-05-02T10:00:00Z' }],
  ['a reading more', { ...ANSWER, readings: [READING, { ...READING, knob: 'run' }] }],
  ['another reading', { ...ANSWER, readings: [{ ...READING, mm: 312 }] }],
])('takes nothing that follows from %s', async (_, answer) => {
  says(gzipSync(JSON.stringify(answer)));
  expect(await asSent('g', MINE)).toBeNull();
});

it('goes without it where the server refuses, says nothing that can be read, or is not there', async () => {
  says('{"message":"busy"}', 503);
  expect(await asSent('g', MINE)).toBeNull();
  says('not packed');
  expect(await asSent('g', MINE)).toBeNull();
  says(gzipSync('{ not JSON'));
  expect(await asSent('g', MINE)).toBeNull();
  answers(() => Promise.reject(new TypeError('Failed to fetch')));
  expect(await asSent('g', MINE)).toBeNull();
});
