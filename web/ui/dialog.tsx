'use client';
import { Dialog as Radix } from 'radix-ui';
import { X } from 'lucide-react';
import { useRef, type ReactNode } from 'react';

/** A sheet laid over the page: closes with Escape, keeps the keyboard inside, gives it back afterwards. */
export function Sheet({
  open,
  onClose,
  title,
  says,
  children,
  wide = false,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  says?: string;
  children: ReactNode;
  wide?: boolean;
}) {
  // Where the keyboard was when it opened: there it goes back to, whatever was pressed to close it.
  const before = useRef<Element | null>(null);
  return (
    <Radix.Root
      open={open}
      onOpenChange={(next) => {
        if (!next) onClose();
      }}
    >
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          {...(says ? {} : { 'aria-describedby': undefined })}
          onOpenAutoFocus={(event) => {
            before.current = document.activeElement;
            const first = (event.target as HTMLElement).querySelector<HTMLElement>('[data-first]');
            if (!first) return;
            event.preventDefault();
            first.focus();
          }}
          onCloseAutoFocus={(event) => {
            if (!(before.current instanceof HTMLElement) || !before.current.isConnected) return;
            event.preventDefault();
            before.current.focus();
          }}
          className={`fixed inset-x-3 top-1/2 z-50 mx-auto max-h-[92vh] -translate-y-1/2 overflow-y-auto rounded-[3px] bg-sheet p-5 shadow-2xl sm:p-7 ${wide ? 'max-w-4xl' : 'max-w-xl'}`}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Radix.Title className="text-2xl">{title}</Radix.Title>
            <Radix.Close
              aria-label="Close"
              className="-mt-1.5 -mr-2 grid size-11 shrink-0 place-items-center rounded-[3px] text-soft hover:bg-well"
            >
              <X size={20} aria-hidden />
            </Radix.Close>
          </div>
          {says && <Radix.Description className="-mt-2 mb-4 text-soft">{says}</Radix.Description>}
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
