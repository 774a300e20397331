import { ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

/** A part that is opened when it is wanted; folded it can say what it holds. */
export function Fold({
  title,
  says,
  startsOpen = false,
  onToggle,
  className = '',
  look = 'font-semibold',
  children,
}: {
  title: string;
  says?: string;
  startsOpen?: boolean;
  onToggle?: (open: boolean) => void;
  className?: string;
  /** How the title is set. */
  look?: string;
  children: ReactNode;
}) {
  return (
    <details
      className={className}
      open={startsOpen}
      {...(onToggle ? { onToggle: (event) => onToggle(event.currentTarget.open) } : {})}
    >
      <summary className="flex min-h-11 cursor-pointer items-center gap-2 marker:content-none">
        <ChevronRight size={17} aria-hidden className="shrink-0 text-soft [[open]>summary>&]:rotate-90" />
        <span className={`${says ? 'shrink-0' : ''} ${look}`}>{title}</span>
        {says && <span className="min-w-0 truncate text-[0.9rem] text-soft [[open]>summary>&]:invisible">{says}</span>}
      </summary>
      {children}
    </details>
  );
}
