let pressing: Promise<void> | undefined;

if (typeof document !== 'undefined')
  document.addEventListener(
    'mousedown',
    () => {
      pressing = new Promise((done) => {
        const release = () => {
          pressing = undefined;
          // The click of this press comes in the same breath.
          setTimeout(done);
        };
        document.addEventListener('mouseup', release, { once: true, capture: true });
      });
    },
    true,
  );

/**
 * Waited for before what moves things about: while something is being pressed, until that is done. What is pressed would
 * slip away from under the hand, and the press would go nowhere. Decision 74.
 */
export const pressDone = (): Promise<void> | undefined => pressing;
