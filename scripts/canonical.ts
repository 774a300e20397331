import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { canonical, digestFile, digestsOf, pretty } from '@lignum/core/canonical/canonical.fixture';

/**
 * `npm run canonical` takes what the program makes of the kept plans today as what it shall make of them;
 * `npm run canonical -- DIR` writes all of it out, so that two checkouts can be laid beside each other.
 */
const [dir] = process.argv.slice(2);
const all = [...canonical()];
if (dir) {
  mkdirSync(dir, { recursive: true });
  for (const { name, of } of all) writeFileSync(join(dir, `${name.replaceAll(/[^\w-]+/g, '-')}.txt`), pretty(of));
} else writeFileSync(digestFile, `${all.map(digestsOf).join('\n')}\n`);
