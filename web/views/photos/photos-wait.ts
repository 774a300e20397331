const keyOf = (garden: string): string => `lignum-photos-wait-${garden}`;

/** Whether photos of a garden wait on this device to be sent: known without anything of theirs being fetched. */
export const photosWait = {
  of: (garden: string): boolean => {
    try {
      return localStorage.getItem(keyOf(garden)) !== null;
    } catch {
      return false;
    }
  },
  say: (garden: string, they: boolean): void => {
    try {
      if (they) localStorage.setItem(keyOf(garden), '1');
      else localStorage.removeItem(keyOf(garden));
    } catch {
      // Forbidden: they go when they are looked at.
    }
  },
};
