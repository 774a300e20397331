'use client';
import { Button } from '../ui/button';

/** What went wrong, by the digest that the server gives it; what broke in the page itself has none. */
const SAYS: Record<string, { title: string; says: string }> = {
  busy: {
    title: 'There is much to do here just now',
    says: 'Others are being answered. Nothing is lost; try again in a moment.',
  },
  full: {
    title: 'The disk is full',
    says: 'The disk that the database writes to has no room left. Make some, and try again; nothing that was saved is lost.',
  },
  silent: {
    title: 'The garden cannot be read just now',
    says: 'The database does not answer. If it is not back within a minute, start the program again with ./lignum start; nothing that was saved is lost.',
  },
  fault: {
    title: 'This page could not be made',
    says: 'That is a fault of the program. Nothing that was saved is lost.',
  },
  page: {
    title: 'This page has stopped working',
    says: 'That is a fault of the program. Nothing that was saved is lost, and what was not is kept in this browser: try again, or load the page anew.',
  },
};

/** What is shown when a page cannot be made or has broken. */
export default function PageError({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  const [, why = error.digest ? 'fault' : 'page', mark] = /^lignum (\w+) (\w+)$/.exec(error.digest ?? '') ?? [];
  const { title, says } = SAYS[why] ?? SAYS.page!;
  return (
    <main className="mx-auto grid min-h-dvh max-w-lg content-center gap-4 p-6">
      <h1 className="text-3xl">{title}</h1>
      <p className="text-soft">
        {says}
        {why === 'fault' && mark && (
          <>
            {' '}
            What went wrong stands in the log under <code>{mark}</code>.
          </>
        )}
      </p>
      <p>
        <Button look="main" onClick={reset}>
          Try again
        </Button>
      </p>
    </main>
  );
}
