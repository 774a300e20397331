import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { expect, it } from 'vitest';

const ROOT = resolve(import.meta.dirname, '..');
const read = (file: string): string => readFileSync(resolve(ROOT, file), 'utf8');
const namedIn = (text: string): number[] =>
  [...text.matchAll(/\bDecisions? (\d+(?:, \d+)*)\./g)].flatMap(([, list]) => (list ?? '').split(', ').map(Number));

it('names every decision in the code that it governs, and no other', () => {
  const decided = [...read('docs/decisions.md').matchAll(/^(\d+)\. .* — \*(\S+)\*$/gm)].map(([, no, file]) => ({
    no: Number(no),
    file: file as string,
  }));
  expect(decided.map(({ no }) => no)).toEqual(decided.map((_, i) => i + 1));
  expect(decided.length).toBeGreaterThan(40);
  const named = ['core', 'web']
    .flatMap((room) =>
      readdirSync(resolve(ROOT, room), { recursive: true, encoding: 'utf8' }).map((at) => `${room}/${at}`),
    )
    .filter((file) => /\.tsx?$/.test(file) && !/node_modules|\.next/.test(file) && !file.endsWith('decisions.test.ts'))
    .flatMap((file) => namedIn(read(file)).map((no) => `${no} ${file}`));
  expect(named.toSorted()).toEqual(decided.map(({ no, file }) => `${no} ${file}`).toSorted());
});
