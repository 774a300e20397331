import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import { allCases } from '../cases.fixture';
import { canonical, digestsOf, pretty, type Kept } from './canonical.fixture';

const kept = (file: string): unknown => JSON.parse(readFileSync(new URL(file, import.meta.url), 'utf8'));
const digest = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, 7);
/** Where all of it is written out, to be laid beside what another checkout makes. */
const folder = process.env.LIGNUM_CANONICAL;

const digests = new URL('digests.txt', import.meta.url);

/**
 * What was changed on purpose is told in its commit, and `npm run canonical` takes it. A hasty test takes every third of the
 * kept plans, which is three of each kind.
 */
it('makes of the demo and of two hundred kept plans what it made of them, but for the order and the names of parts', async () => {
  const every = allCases() ? 1 : 3;
  const plans = (kept('plans.json') as Kept[]).filter((_, i) => i % every === 0);
  const lines: string[] = [];
  if (folder) mkdirSync(folder, { recursive: true });
  for (const one of canonical(kept('ground.json') as Record<string, object>, plans)) {
    lines.push(digestsOf(one, digest));
    if (folder) writeFileSync(join(folder, `${one.name.replaceAll(/[^\w-]+/g, '-')}.txt`), pretty(one.of));
  }
  if (every === 1) {
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('digests.txt');
    return;
  }
  const nameOf = (line: string): string => line.slice(0, line.indexOf(' | '));
  const tried = new Set(lines.map(nameOf));
  expect(
    readFileSync(digests, 'utf8')
      .trimEnd()
      .split('\n')
      .filter((line) => tried.has(nameOf(line))),
  ).toEqual(lines);
});
