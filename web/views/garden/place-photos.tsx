'use client';
import Link from 'next/link';
import { useMemo, useSyncExternalStore } from 'react';
import { photoBookOf } from '../photos/photo-outside';
import { Photos } from '../photos/photos';
import { useGarden } from '../shell/garden-context';

/** Photos of the place itself, and where those of what is built are. */
export default function PlacePhotos() {
  const { id, plan } = useGarden();
  const book = useMemo(() => photoBookOf(id), [id]);
  const { photos } = useSyncExternalStore(book.subscribe, book.get, book.get);
  const elsewhere = plan.structures.flatMap((one) => {
    const many = photos.filter(({ structure }) => structure === one.id).length;
    return many > 0 ? [{ ...one, many }] : [];
  });
  return (
    <div>
      <h2 className="mb-1 text-lg">Photos of the place</h2>
      <Photos structure="" parts={[]} />
      {elsewhere.length > 0 && (
        <ul aria-label="Photos of what is built" className="mt-2 text-[0.95rem]">
          {elsewhere.map((one) => (
            <li key={one.id}>
              <Link
                href={`/g/${id}/s/${one.id}`}
                className="inline-flex min-h-11 items-center text-chalk hover:underline"
              >
                {one.name}: {one.many} {one.many === 1 ? 'photo' : 'photos'}
              </Link>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
