'use client';
import { useHotkeys } from 'react-hotkeys-hook';
import { isSingleKey, isTyping } from './single-keys';

/** What single letters and signs do while this is shown; they are heard where {@link isSingleKey} says so. */
export function useSingleKeys(does: Readonly<Record<string, () => void>>): void {
  useHotkeys(
    Object.keys(does),
    (event) => does[event.key.toLowerCase()]?.(),
    {
      // By the sign that is written, whatever the keyboard and whatever it takes to write it.
      useKey: true,
      ignoreModifiers: true,
      preventDefault: true,
      // Sliders and the like count as fields to the library; which are, is said by `isSingleKey`.
      enableOnFormTags: true,
      ignoreEventWhen: (event) => !isSingleKey(event),
    },
    [does],
  );
}

/** Undo and redo, but in a text of several lines, which has its own. */
export function useUndoKeys(undo: () => void, redo: () => void): void {
  const options = {
    enableOnFormTags: true,
    preventDefault: true,
    useKey: true,
    ignoreEventWhen: ({ target }: KeyboardEvent) => isTyping(target) && (target as HTMLElement).tagName === 'TEXTAREA',
  } as const;
  useHotkeys('mod+z', undo, options, [undo]);
  useHotkeys(['mod+y', 'mod+shift+z'], redo, options, [redo]);
}
