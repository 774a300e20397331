import Link from 'next/link';
import { buttonLook } from '../../ui/button';
import { useGarden } from '../shell/garden-context';

/** Stands where a structure was, once it has been removed. */
export default function NotHere() {
  const { id } = useGarden();
  return (
    <main className="mx-auto grid max-w-xl gap-3 p-8">
      <h1 className="text-2xl">This structure is not in the garden</h1>
      <p className="text-soft">It was removed, here or in another tab. Undo brings back what this tab removed.</p>
      <p>
        <Link className={buttonLook('main')} href={`/g/${id}`}>
          Back to the garden
        </Link>
      </p>
    </main>
  );
}
