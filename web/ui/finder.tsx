import { Search } from 'lucide-react';
import { useId } from 'react';
import { inputLook } from './field';

/** A field that narrows what stands under it to what is sought. Not printed. */
export function Finder({ label, sought, seek }: { label: string; sought: string; seek: (words: string) => void }) {
  const id = useId();
  return (
    <div className="no-print relative w-full sm:w-72">
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <Search size={17} aria-hidden className="pointer-events-none absolute top-3.5 left-3 text-soft" />
      <input
        id={id}
        type="search"
        autoComplete="off"
        placeholder={label}
        value={sought}
        onChange={(event) => seek(event.target.value)}
        className={`${inputLook} w-full pl-10`}
      />
    </div>
  );
}
