import { check, SEEN_MM } from './check';

/** Does the panel go between the posts as they measure, not as they are called? mm; `nominalClearMm` is what would be clear if timber were as thick as its name. */
export const bayFits = check(
  'bay-fits',
  {
    says: {
      'bay.narrow':
        'The panel is {panel} and only {clear} is clear between the posts: the posts take up what was forgotten.',
      'bay.actual':
        'The panel of {panel} goes into {clear}. Reckoned by the name of the timber, the last post would be {off} out.',
      'bay.fits': 'The panel of {panel} goes into {clear}.',
      'bay.open':
        '{clear} is clear between two posts and the whole panel is {panel}: {open} stays open, more than a mesh.',
    },
    mends: {
      'bay.narrow': 'Space the posts by the clear gap',
      'bay.open': 'Run whole panels behind the posts',
    },
  },
  (
    bay: {
      panelMm: number;
      clearMm: number;
      nominalClearMm: number;
      posts: number;
      /** What the panel of the widest leaves open, and a mesh of it, which is what cutting beside a wire may. */
      openMm: number;
      meshMm: number;
    },
    found,
  ) => {
    const apart = Math.abs(bay.clearMm - bay.nominalClearMm);
    const values = {
      panel: { mm: bay.panelMm },
      clear: { mm: bay.clearMm },
      off: { mm: apart * Math.max(1, bay.posts - 1) },
    };
    if (bay.panelMm > bay.clearMm + SEEN_MM) return found('warn', 'bay.narrow', values);
    if (bay.openMm > bay.meshMm + SEEN_MM)
      return found('warn', 'bay.open', { panel: values.panel, clear: values.clear, open: { mm: bay.openMm } });
    return found('good', apart > SEEN_MM ? 'bay.actual' : 'bay.fits', values);
  },
);
