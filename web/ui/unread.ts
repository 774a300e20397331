/**
 * Whether something typed in there cannot be read: it has the focus then, and what would be given away over it waits
 * until it is mended or given up.
 */
export function isUnread(within: Element | null): boolean {
  const field = within?.querySelector<HTMLElement>('[data-unread]');
  field?.focus();
  return field != null;
}
