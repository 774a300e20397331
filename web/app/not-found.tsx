import Link from 'next/link';
import { buttonLook } from '../ui/button';

export default function NotFound() {
  return (
    <main className="mx-auto grid min-h-dvh max-w-lg content-center gap-4 p-6">
      <h1 className="text-3xl">There is nothing at this address</h1>
      <p className="text-soft">The garden may have been deleted in another tab, or the link was cut short.</p>
      <p>
        <Link href="/" className={buttonLook('main')}>
          All gardens
        </Link>
      </p>
    </main>
  );
}
