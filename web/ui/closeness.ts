/** How well a choice (its words first, then its heading's) answers what is sought: at the start of a word before inside one. */
export function closeness(_: string, sought: string, [words = '', heading = '']: string[] = []): number {
  const want = sought.trim().toLowerCase();
  const name = words.toLowerCase();
  if (name.startsWith(want)) return 1;
  if (name.includes(` ${want}`)) return 0.8;
  if (name.includes(want)) return 0.5;
  return heading.toLowerCase().includes(want) ? 0.2 : 0;
}
