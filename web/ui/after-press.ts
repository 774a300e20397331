// Fetched with what is said when something is first typed: whatever is pressed is pressed after that.
let isPressed = false;
let waiting: (() => void)[] = [];

if (typeof document !== 'undefined') {
  document.addEventListener('mousedown', () => (isPressed = true), true);
  document.addEventListener(
    'mouseup',
    () => {
      isPressed = false;
      const acts = waiting;
      waiting = [];
      // The click of this press comes in the same breath.
      if (acts.length > 0) setTimeout(() => acts.forEach((act) => act()));
    },
    true,
  );
}

/**
 * Does at once what moves things about, or, while something is being pressed, when that is done: what is pressed would
 * slip away from under the hand, and the press would go nowhere. Decision 74.
 */
export function afterPress(act: () => void): void {
  if (isPressed) waiting.push(act);
  else act();
}
