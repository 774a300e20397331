import { STAGES, type SaidOfPart, type Stage } from '@lignum/core/work/progress';
import { msOf, registerOf, type Entry } from './record';
import { tickedAs, tickOf, type TickedAbout } from './ticks';

/** What each stage is ticked off as, from the first that is anything. */
const TICKED = ['bought', 'cut', 'stood', 'built'] as const satisfies readonly TickedAbout[];
const STAGE_OF = { bought: 'bought', cut: 'cut', stood: 'stood', built: 'fixed' } as const;

/** What was said of a part of a structure. */
export function saidOf(entries: ReadonlyMap<string, Entry>, structure: string, part: string): SaidOfPart {
  const what = tickedAs(structure, part);
  const bought = tickOf(entries, 'bought', what)?.done;
  const built = entries.get(registerOf({ about: 'built', what, field: 'done' }));
  return {
    ...(bought === undefined ? {} : { bought }),
    cut: tickOf(entries, 'cut', what)?.done ?? false,
    stood: tickOf(entries, 'stood', what)?.done ?? false,
    ...(built?.value === true ? { builtOn: new Date(msOf(built.stamp)).toISOString().slice(0, 10) } : {}),
  };
}

/**
 * What has to be said for parts to be as far as somebody says: everything before it too, and nothing beyond it any more.
 * Only what differs from what is said already. @param now how far each part is
 */
export function sayStage(
  entries: ReadonlyMap<string, Entry>,
  structure: string,
  parts: readonly string[],
  stage: Stage,
  now: ReadonlyMap<string, Stage>,
): Pick<Entry, 'about' | 'what' | 'field' | 'value'>[] {
  const to = STAGES.indexOf(stage);
  return parts.flatMap((part) => {
    const what = tickedAs(structure, part);
    return TICKED.flatMap((about) => {
      const value = STAGES.indexOf(STAGE_OF[about]) <= to;
      const said = tickOf(entries, about, what)?.done;
      // What the list says of a part is only seen while nothing more is said of it: else it is said of the part itself.
      const listed = (now.get(part) ?? 'planned') === stage ? value : undefined;
      const stands = said ?? (about === 'bought' ? listed : false);
      return stands === value ? [] : [{ about, what, field: 'done' as const, value }];
    });
  });
}

/** Whether a part stands where it belongs, fixed for good or not. */
export const standsIn =
  (entries: ReadonlyMap<string, Entry>) =>
  (structure: string, part: string): boolean => {
    const what = tickedAs(structure, part);
    return (tickOf(entries, 'built', what)?.done ?? false) || (tickOf(entries, 'stood', what)?.done ?? false);
  };
