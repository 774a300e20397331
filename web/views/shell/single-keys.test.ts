// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest';
import { isSingleKey, isTyping, SINGLE_KEYS_SWITCH } from './single-keys';

afterEach(() => {
  document.body.innerHTML = '';
  localStorage.clear();
});
/** A key pressed on the first element of some markup. */
function pressed(markup: string, more: KeyboardEventInit = {}): KeyboardEvent {
  document.body.innerHTML = markup;
  const event = new KeyboardEvent('keydown', { key: 'g', bubbles: true, ...more });
  document.body.querySelector('*')?.dispatchEvent(event);
  return event;
}

it('a letter is a shortcut on a page and on what letters are not written in, and nowhere that they are', () => {
  const heard = (markup: string, more?: KeyboardEventInit) => isSingleKey(pressed(markup, more));
  expect(
    ['<p></p>', '<button></button>', '<input type="range">', '<input type="radio">'].map((one) => heard(one)),
  ).toEqual([true, true, true, true]);
  expect(
    ['<input>', '<input type="search">', '<textarea></textarea>', '<select></select>'].map((one) => heard(one)),
  ).toEqual([false, false, false, false]);
  expect([{ ctrlKey: true }, { metaKey: true }, { altKey: true }].map((more) => heard('<p></p>', more))).toEqual([
    false,
    false,
    false,
  ]);
});

it('while a sheet or a list lies over the page, and for those who dictate, no letter is one', () => {
  expect(isSingleKey(pressed('<p></p><div role="dialog"></div>'))).toBe(false);
  expect(isSingleKey(pressed('<p></p><ul role="listbox"></ul>'))).toBe(false);
  localStorage.setItem(SINGLE_KEYS_SWITCH, 'off');
  expect(isSingleKey(pressed('<p></p>'))).toBe(false);
  expect(isTyping(null)).toBe(false);
});
