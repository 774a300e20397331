import { act, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { onTestFinished } from 'vitest';

/** Lets everything that follows from something happen before it goes on. */
export const after = (happens: () => unknown): Promise<void> =>
  act(() => Promise.resolve(happens()).then(() => undefined));

/** Puts a component on a page for the length of a test. */
export async function mount(node: ReactNode): Promise<HTMLElement> {
  (globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;
  const place = document.createElement('div');
  document.body.append(place);
  const root = createRoot(place);
  await after(() => root.render(node));
  onTestFinished(async () => {
    await after(() => root.unmount());
    place.remove();
  });
  return place;
}

/** As a hand does it: the whole of a field's text at once. */
export const write = (field: HTMLInputElement, text: string): Promise<void> =>
  after(() => {
    // Past React's own setter, which would take the change for its own.
    Reflect.set(HTMLInputElement.prototype, 'value', text, field);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });

export const press = (element: Element, key: string, more: KeyboardEventInit = {}): Promise<void> =>
  after(() => element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more })));

export const click = (element: Element): Promise<void> => after(() => (element as HTMLElement).click());

/** The first element of a kind that is there; a test that asks for what is not there has failed. */
export function the<E extends Element = HTMLElement>(place: Element, selector: string): E {
  const found = place.querySelector<E>(selector);
  if (!found) throw new Error(`There is no ${selector} in: ${place.innerHTML.slice(0, 400)}`);
  return found;
}
