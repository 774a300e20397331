'use client';
import { Button } from '../ui/button';

/** What is shown when a page cannot be made: nearly always a database that has been stopped. */
export default function PageError({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="mx-auto grid min-h-dvh max-w-lg content-center gap-4 p-6">
      <h1 className="text-3xl">The garden cannot be read just now</h1>
      <p className="text-soft">
        The database does not answer. Start the program again with <code>./lignum start</code>; nothing that was saved
        is lost.
      </p>
      <p>
        <Button look="main" onClick={reset}>
          Try again
        </Button>
      </p>
    </main>
  );
}
