import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Copies } from '../kept/copies';

/** As `./lignum start` keeps them; where something else serves the pages, none are. */
export async function copies(): Promise<Copies> {
  const folder = process.env.LIGNUM_COPIES_IN;
  if (!folder) return { made: false };
  const names = await readdir(folder).catch(() => []);
  const [last] = names
    .filter((name) => name.endsWith('.backup'))
    .sort()
    .slice(-1);
  const at = last ? await stat(join(folder, last)).catch(() => null) : null;
  return { made: true, lastAt: at?.mtime.toISOString() ?? null, folder };
}
