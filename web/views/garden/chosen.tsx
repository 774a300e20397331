'use client';
import { useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { Gap } from '../plot/gaps-among';
import { Inspector } from '../plot/inspector';
import type { Thing } from '../plot/things';
import { GapInspector } from '../plot/ways';

/** What is chosen on the plot or in the list: beside the plot, in the hand over it from below. */
export default function Chosen({
  thing,
  gap,
  number,
  takesFocus,
  onClose,
}: {
  thing: Thing | undefined;
  gap: Gap | undefined;
  number: number | undefined;
  /** It was chosen in the list: the keyboard goes on in here. */
  takesFocus: boolean;
  onClose: () => void;
}) {
  const all = useRef<HTMLDivElement>(null);
  useHotkeys(
    'escape',
    onClose,
    {
      enableOnFormTags: true,
      // What lies over the page, or has a use for the key of its own, keeps it.
      ignoreEventWhen: ({ target, defaultPrevented }) =>
        defaultPrevented ||
        (!all.current?.contains(target as Node) &&
          (target as Element).closest('[role=dialog], input, textarea, select') !== null),
    },
    [onClose],
  );
  return (
    <div
      ref={all}
      className="stands-over max-lg:fixed max-lg:inset-x-0 max-lg:bottom-[3.8rem] max-lg:z-20 max-lg:max-h-[46dvh] max-lg:overflow-y-auto max-lg:border-t-2 max-lg:border-ink max-lg:bg-ground max-lg:px-4 max-lg:pt-2 max-lg:pb-6"
    >
      {gap && <GapInspector key={gap.id} gap={gap} onClose={onClose} />}
      {thing && <Inspector key={thing.id} thing={thing} number={number} takesFocus={takesFocus} onClose={onClose} />}
    </div>
  );
}
