/**
 * A name that nothing else has, of hexadecimal digits: `bytes` of chance. Not by `randomUUID`, which browsers have only
 * over https and on the machine itself: a phone in the garden comes over plain http.
 * @example newId() // '3f9a01c7'
 */
export const newId = (bytes = 4): string =>
  [...crypto.getRandomValues(new Uint8Array(bytes))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
