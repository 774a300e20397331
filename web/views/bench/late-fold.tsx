import { useState, type ReactNode } from 'react';
import { Fold } from '../../ui/fold';

/** Fetched and drawn only while it is open: turning a knob need not wait for it. */
export function LateFold({ title, children }: { title: string; children: () => ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <Fold className="mt-1" look="font-display text-lg font-semibold" title={title} onToggle={setOpen}>
      {open && children()}
    </Fold>
  );
}
