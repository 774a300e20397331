import type { Design } from '../design/design';
import type { Setting } from '../structures/setting';
import type { Fact, FactValue } from '../wording/say';

export type Level = 'good' | 'note' | 'warn' | 'fail';

/** What one check found. `told.code` also names the mend, where the kind has one. */
export interface Verdict {
  check: string;
  level: Level;
  told: Fact;
}

export interface Subject {
  design: Design;
  setting: Setting;
}

/** Looks at one thing and says one thing of it; null where it does not apply. */
export type Check = (subject: Subject) => Verdict | null;

export const verdict = (
  check: string,
  level: Level,
  code: string,
  values: Record<string, FactValue> = {},
): Verdict => ({
  check,
  level,
  told: { code, values },
});

/** Half a millimetre: less is not seen on a tape. */
export const SEEN_MM = 0.5;
