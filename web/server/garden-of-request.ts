import { notFound } from 'next/navigation';
import { cache } from 'react';
import { database, type Database } from './database';
import { logged, whyOf } from './failing';
import { loadGarden } from './garden-store';

/** What a page reads. Why it cannot be read is told to the page as the digest of the error: its message stays here. */
export async function readForPage<T>(read: (db: Database) => Promise<T>): Promise<T> {
  try {
    return await read(database());
  } catch (error) {
    const why = whyOf(error);
    const mark = logged(error);
    throw Object.assign(new Error('A page could not be read.'), { digest: `lignum ${why} ${mark}` });
  }
}

/** The garden a page is about, read once for a request however many of its parts ask; the page for what is not there, where there is none. */
export const gardenOfRequest = cache(
  async (id: string) => (await readForPage((db) => loadGarden(db, id))) ?? notFound(),
);

/** A structure of a garden by its id, where the saved plan has it; else the page for what is not there. */
export async function knownStructure({ id, structure }: { id: string; structure: string }): Promise<string> {
  const { plan } = await gardenOfRequest(id);
  return plan.structures.some((one) => one.id === structure) ? structure : notFound();
}
