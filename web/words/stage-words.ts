import type { Stage } from '@lignum/core/work/stage';

/** How far a part is, in a word. */
export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  planned: 'Planned',
  bought: 'To hand',
  cut: 'Cut',
  stood: 'Stands',
  fixed: 'Fixed',
};
