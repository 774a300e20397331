import { notFound } from 'next/navigation';
import { cache } from 'react';
import { tellWhy } from './tell-why';
import { database, type Database } from './database';
import { logged, whyOf } from './failing';
import { loadGarden } from './garden-store';

/** What a page reads. */
export const readForPage = <T>(read: (db: Database) => Promise<T>): Promise<T> =>
  computedForPage(() => read(database()));

/** What a page is made of. Why it cannot be had is told to the page as the digest of the error: its message stays here. */
export async function computedForPage<T>(have: () => Promise<T>): Promise<T> {
  try {
    return await have();
  } catch (error) {
    const why = whyOf(error);
    const mark = logged(error);
    tellWhy(why);
    throw Object.assign(new Error('A page could not be read.'), { digest: `lignum ${why} ${mark}` });
  }
}

/** The garden a page is about, read once for a request however many of its parts ask; the page for what is not there, where there is none. */
export const gardenOfRequest = cache(
  async (id: string) => (await readForPage((db) => loadGarden(db, id))) ?? notFound(),
);

/** The page for what is not there, where the saved plan of a garden has no such structure. */
export async function seekStructure({ id, structure }: { id: string; structure: string }): Promise<void> {
  const { plan } = await gardenOfRequest(id);
  if (!plan.structures.some((one) => one.id === structure)) notFound();
}
