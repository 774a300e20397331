'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { A_PAGE, type Asked, type GardenOrder, type GardenPage } from '../../kept/garden-card';
import { buttonLook } from '../../ui/button';
import { Finder } from '../../ui/finder';
import { Switcher } from '../../ui/switcher';

const ORDER_WORDS: { id: GardenOrder; label: string }[] = [
  { id: 'saved', label: 'Last saved' },
  { id: 'name', label: 'Name' },
  { id: 'made', label: 'First made' },
];
/** The list follows once the hand rests. ms. */
const REST_MS = 250;

const addressOf = ({ seek, by, page }: Asked): string => {
  const search = new URLSearchParams({
    ...(seek ? { seek } : {}),
    ...(by === 'saved' ? {} : { by }),
    ...(page === 1 ? {} : { page: String(page) }),
  });
  return search.size > 0 ? `/?${search}` : '/';
};

/** Many gardens are sought by their words and put in order. */
export function LookThrough({ page: { asked, found } }: { page: GardenPage }) {
  const router = useRouter();
  const [seek, setSeek] = useState(asked.seek);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const type = (words: string) => {
    setSeek(words);
    clearTimeout(timer.current);
    timer.current = setTimeout(
      () => router.replace(addressOf({ ...asked, seek: words.slice(0, 80), page: 1 })),
      REST_MS,
    );
  };
  return (
    <div className="mt-4 flex flex-wrap items-center justify-between gap-3">
      <Finder label="Find a garden" sought={seek} seek={type} />
      <Switcher
        label="In order of"
        value={asked.by}
        choices={ORDER_WORDS}
        onChange={(by) => router.replace(addressOf({ seek, by: by as GardenOrder, page: 1 }))}
      />
      <p role="status" className={found === 0 ? 'w-full py-6 text-soft' : 'sr-only'}>
        {found === 0 ? `No garden is called “${asked.seek}”.` : `${found} ${found === 1 ? 'garden' : 'gardens'}`}
      </p>
    </div>
  );
}

/** From page to page of a long list. */
export function Pages({ page: { asked, found, gardens } }: { page: GardenPage }) {
  const first = (asked.page - 1) * A_PAGE + 1;
  const last = first + gardens.length - 1;
  const count = (many: number): string => many.toLocaleString('en');
  return (
    <nav aria-label="Pages of gardens" className="mt-4 flex flex-wrap items-center gap-3">
      <p className="w-full text-soft tabular-nums sm:w-auto sm:grow">
        {count(first)} to {count(last)} of {count(found)}
      </p>
      {first > 1 && (
        <Link href={addressOf({ ...asked, page: asked.page - 1 })} className={buttonLook('plain')}>
          <ChevronLeft size={17} aria-hidden />
          Page before
        </Link>
      )}
      {last < found && (
        <Link href={addressOf({ ...asked, page: asked.page + 1 })} className={buttonLook('plain')}>
          Next page
          <ChevronRight size={17} aria-hidden />
        </Link>
      )}
    </nav>
  );
}
