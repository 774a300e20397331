/** Lets go of everything that was kept: another who uses this device finds no garden. */
export async function forgetPages(): Promise<void> {
  if (!('caches' in window)) return;
  for (const name of await caches.keys()) if (name.startsWith('lignum-')) await caches.delete(name);
}
