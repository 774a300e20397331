import { STAGES, type SaidOfPart, type Stage } from '@lignum/core/work/stage';
import { msOf, registerOf, type Entry } from './record';
import { tickedAs, tickOf, type TickedAbout } from './ticks';

/** What each stage is ticked off as, from the first that is anything. */
const TICKED = ['bought', 'cut', 'stood', 'built'] as const satisfies readonly TickedAbout[];
const STAGE_OF = { bought: 'bought', cut: 'cut', stood: 'stood', built: 'fixed' } as const;

/** What is said of one thing. */
export type Said = Pick<Entry, 'about' | 'what' | 'field' | 'value'>;

/** How long a piece was cut. mm. */
export const cutAs = (what: string, mm: number): Said => ({ about: 'cut', what, field: 'mm', value: mm });

/** What of a structure was cut, by its parts, and how long; null where nobody noted that. mm. */
export function cutIn(entries: ReadonlyMap<string, Entry>, structure: string): Record<string, number | null> {
  const cut: Record<string, number | null> = {};
  for (const { about, field, value, what } of entries.values()) {
    const [of, ...part] = what.split(' ');
    if (about !== 'cut' || field !== 'done' || value !== true || of !== structure) continue;
    const mm = entries.get(registerOf({ about, what, field: 'mm' }))?.value;
    cut[part.join(' ')] = typeof mm === 'number' ? mm : null;
  }
  return cut;
}

/** What is ticked off that a structure's pieces are cut and had from: cut of all, built of it, bought on the list of all or on its own. */
export function tickedOf(
  entries: Iterable<Entry>,
  structure: string,
): {
  cut: { structure: string; part: string }[];
  built: string[];
  bought: { stock: string; size: number }[];
} {
  const [cut, built, bought] = [[], [], []] as [
    { structure: string; part: string }[],
    string[],
    { stock: string; size: number }[],
  ];
  for (const { about, field, value, what } of entries) {
    if (field !== 'done' || value !== true) continue;
    // No structure and no stock has a space in its id.
    const words = what.split(' ');
    const [of = '', ...rest] = words;
    const part = rest.join(' ');
    if (about === 'cut') cut.push({ structure: of, part });
    else if (about === 'built' && of === structure) built.push(part);
    else if (about === 'bought') {
      const line = words.length === 3 && of === structure ? words.slice(1) : words;
      const size = Number(line[1]);
      if (line.length === 2 && Number.isFinite(size)) bought.push({ stock: line[0] ?? '', size });
    }
  }
  return { cut, built, bought };
}

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
 * Only what differs from what is said already; of what is cut now how long it is too.
 * @param now how far each part is
 * @param cutMm how long parts have to be cut
 */
export function sayStage(
  entries: ReadonlyMap<string, Entry>,
  structure: string,
  parts: readonly string[],
  stage: Stage,
  now: ReadonlyMap<string, Stage>,
  cutMm: ReadonlyMap<string, number>,
): Said[] {
  const to = STAGES.indexOf(stage);
  return parts.flatMap((part) => {
    const what = tickedAs(structure, part);
    return TICKED.flatMap((about): Said[] => {
      const value = STAGES.indexOf(STAGE_OF[about]) <= to;
      const said = tickOf(entries, about, what)?.done;
      // What the list says of a part is only seen while nothing more is said of it: else it is said of the part itself.
      const listed = (now.get(part) ?? 'planned') === stage ? value : undefined;
      const stands = said ?? (about === 'bought' ? listed : false);
      if (stands === value) return [];
      const mm = about === 'cut' && value ? cutMm.get(part) : undefined;
      return [{ about, what, field: 'done', value }, ...(mm === undefined ? [] : [cutAs(what, mm)])];
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
