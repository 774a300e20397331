'use client';
import { Button } from '../ui/button';

/** What went wrong on the server has a digest; nearly always its database has been stopped. What went wrong in the page has none. */
const SAYS = {
  server: {
    title: 'The garden cannot be read just now',
    says: 'The database does not answer. Start the program again with ./lignum start; nothing that was saved is lost.',
  },
  page: {
    title: 'This page has stopped working',
    says: 'That is a fault of the program. Nothing that was saved is lost, and what was not is kept in this browser: try again, or load the page anew.',
  },
};

/** What is shown when a page cannot be made or has broken. */
export default function PageError({ error, reset }: { error: Error & { digest?: string }; reset: () => void }) {
  const { title, says } = SAYS[error.digest ? 'server' : 'page'];
  return (
    <main className="mx-auto grid min-h-dvh max-w-lg content-center gap-4 p-6">
      <h1 className="text-3xl">{title}</h1>
      <p className="text-soft">{says}</p>
      <p>
        <Button look="main" onClick={reset}>
          Try again
        </Button>
      </p>
    </main>
  );
}
