/** Where single letters are switched off, for those who dictate. */
export const SINGLE_KEYS_SWITCH = 'lignum-single-keys';

/** Fields in which a letter is not written: those that are set by arrows, or by a press. */
const WITHOUT_LETTERS = new Set(['range', 'radio', 'checkbox', 'button', 'color']);

export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) && !WITHOUT_LETTERS.has((target as HTMLInputElement).type)));

/** What has the keyboard to itself: lists, open or closed, pulls and rods, things on the plot. */
const TAKES_KEYS = '[role="combobox"],[role="slider"],[role="application"],[role="radiogroup"],svg [role="button"]';

/** A letter pressed by itself and meant for the page: not in a field, a list or on a thing of a drawing, nor while a sheet or a list lies over it. */
export const isSingleKey = (event: KeyboardEvent): boolean =>
  !event.ctrlKey &&
  !event.metaKey &&
  !event.altKey &&
  !isTyping(event.target) &&
  !(event.target instanceof Element && event.target.closest(TAKES_KEYS)) &&
  document.querySelector('[role="dialog"],[role="listbox"]') === null &&
  localStorage.getItem(SINGLE_KEYS_SWITCH) !== 'off';
