import { existsSync, mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { DATA, ROOT, runLong, Stopped } from './run.mjs';
import { stopping } from './stopping.mjs';

/** So many nightly copies are kept; the oldest go first. */
const KEPT = 7;
/** Looked for a new day this often, and first after this long: a start is not made slower by it. ms. */
const LOOK_MS = 20 * 60_000;
const FIRST_MS = 60_000;
const NAMED = /^lignum-\d{4}-\d{2}-\d{2}\.backup$/;

/** Where copies lie: beside the database, or where LIGNUM_COPIES says; null where that is "off". */
export function copiesFolder() {
  const said = process.env.LIGNUM_COPIES;
  return said === 'off' ? null : said || join(DATA, 'copies');
}

const copiesIn = (folder) =>
  readdirSync(folder)
    .filter((name) => NAMED.test(name))
    .sort();

/** When the last copy was made, as an ISO instant; null where there is none yet. */
export function lastCopyAt() {
  try {
    const folder = copiesFolder();
    const last = copiesIn(folder).at(-1);
    return last ? statSync(join(folder, last)).mtime.toISOString() : null;
  } catch {
    return null;
  }
}

/** Writes the database into a file, with what it says of that. */
export const archive = (command, file, url) =>
  runLong(process.execPath, ['--import', 'tsx', join(ROOT, 'web/server/backup.ts'), command, file], {
    env: { LIGNUM_DATABASE_URL: url },
  });

const today = () => {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
};

/** One copy of everything a day for as long as this runs, seven deep; when one was made is told. */
export function keepCopies(url, told) {
  const folder = copiesFolder();
  if (folder === null) return;
  let busy = false;
  const look = async () => {
    const file = join(folder, `lignum-${today()}.backup`);
    if (busy || existsSync(file)) return;
    busy = true;
    try {
      mkdirSync(folder, { recursive: true, mode: 0o700 });
      const { code, err } = await archive('backup', file, url);
      if (code !== 0) process.stderr.write(`Today's copy was not made: ${err.trim().replace(/^Fault: /, '')}\n`);
      else told(lastCopyAt());
      const copies = copiesIn(folder);
      for (const old of copies.slice(0, Math.max(0, copies.length - KEPT))) rmSync(join(folder, old));
    } catch (error) {
      if (!(error instanceof Stopped)) process.stderr.write(`Today's copy was not made: ${error.message}\n`);
    } finally {
      busy = false;
    }
  };
  const first = setTimeout(() => void look(), FIRST_MS);
  const again = setInterval(() => void look(), LOOK_MS);
  stopping.addEventListener('abort', () => {
    clearTimeout(first);
    clearInterval(again);
  });
}
