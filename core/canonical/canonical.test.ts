import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { canonical, digestFile, digestsOf } from './canonical.fixture';

/** What was changed on purpose is told in its commit, and `npm run canonical` takes it. */
it('makes of the demo and of two hundred kept plans what it made of them, but for the order and the names of parts', () => {
  expect([...canonical()].map(digestsOf)).toEqual(readFileSync(digestFile, 'utf8').trimEnd().split('\n'));
});
