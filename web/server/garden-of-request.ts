import { notFound } from 'next/navigation';
import { cache } from 'react';
import { database } from './database';
import { loadGarden } from './garden-store';

/** The garden a page is about, read once for a request however many of its parts ask; the page for what is not there, where there is none. */
export const gardenOfRequest = cache(async (id: string) => (await loadGarden(database(), id)) ?? notFound());
