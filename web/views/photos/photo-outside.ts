import { createStore, del, entries, set, type UseStore } from 'idb-keyval';
import { noteWaiting } from './photos-wait';
import { newId } from '../../kept/new-id';
import type { Photo } from '../../kept/photo';
import { PhotoBook, type PhotoOutside, type Said, type SaidOf, type WaitingPhoto } from '../../kept/photo-book';

/** Where photos wait on this device. */
const STORE = 'lignum-photos';

const base64 = async (blob: Blob): Promise<string> => {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000) text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
};

/** What was answered: a refusal says why; what answers in the server's place, or does not know just now, is nobody. */
async function said(reply: Response): Promise<Said> {
  const answer = (await reply.json().catch(() => null)) as { message?: string; faults?: { message: string }[] } | null;
  if (reply.ok && answer) return { is: 'kept' };
  if (!answer?.message || reply.status >= 500 || reply.status === 401) return { is: 'away' };
  return {
    is: reply.status === 409 ? 'full' : 'refused',
    message: [answer.message, ...(answer.faults ?? []).map(({ message }) => message)].join(' '),
  };
}

/** The photos of a garden as a tab reaches them: the server, and what this device keeps until they have arrived. */
function photoOutside(id: string): PhotoOutside {
  const address = `/api/gardens/${encodeURIComponent(id)}/photos`;
  const post = async (to: string, method: string, body: unknown): Promise<Said> => {
    try {
      return await said(
        await fetch(to, { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }),
      );
    } catch {
      return { is: 'away' };
    }
  };
  let store: UseStore | null = null;
  let named = 0;
  const kept = (): UseStore => (store ??= createStore(STORE, 'kept'));
  const at = (what: 'photo' | 'change', photo = ''): string => `${id} ${what} ${photo}`;
  const put = (key: string, value: unknown): Promise<void> => {
    if (value !== null) noteWaiting(id, true);
    return value === null ? del(key, kept()) : set(key, value, kept());
  };
  return {
    async list() {
      try {
        noteWaiting(id, false);
        const reply = await fetch(address);
        const answer = (await reply.json()) as { photos?: readonly Photo[] };
        return reply.ok && Array.isArray(answer.photos) ? answer.photos : null;
      } catch {
        return null;
      }
    },
    async send({ pictures, ...photo }) {
      const [picture, small] = await Promise.all([base64(pictures.picture), base64(pictures.small)]);
      return post(address, 'POST', { ...photo, picture, small });
    },
    change: (photo, change) => post(`${address}/${photo}`, 'PUT', change),
    async stored() {
      const all = (await entries<string, unknown>(kept())).toSorted(([a], [b]) => (a < b ? -1 : 1));
      const of = <One>(what: 'photo' | 'change'): One[] =>
        all.flatMap(([key, value]) => (key.startsWith(at(what)) ? [value as One] : []));
      return { photos: of<WaitingPhoto>('photo'), changes: of<SaidOf>('change') };
    },
    put: (photo, waits) => put(at('photo', photo), waits),
    putChange: (change, said) => put(at('change', change), said),
    nextName: () => `${String(Date.now()).padStart(15, '0')}-${String(named++).padStart(6, '0')}-${newId()}`,
  };
}

/** One for each garden a tab looks at. */
const books = new Map<string, PhotoBook>();

export function photoBookOf(garden: string): PhotoBook {
  const book = books.get(garden) ?? new PhotoBook(photoOutside(garden));
  books.set(garden, book);
  return book;
}
