import type { Site } from '../site/plot';
import { commonSeason, SEASON_PHRASES } from '../structures/rules/common-season';
import type { SeasonNote } from '../structures/step';
import type { Phrases } from '../wording/say';
import type { ComputedStructure } from './compute-as';
import { ownPhrases } from './own-phrases';

/**
 * What is done through the season at a structure: what its kind says of it, and what is done at all of them. Apart from
 * its design: nobody reads it while a knob is turned, and what tells a crop's year is fetched only then.
 */
export const seasonOf = ({
  kind,
  sized,
  setting,
}: Pick<ComputedStructure, 'kind' | 'sized' | 'setting'>): SeasonNote[] =>
  inOrder([...kind.season(sized, setting), ...commonSeason(sized.design, setting)], setting.site);

/** The sentences of a season. */
export const seasonPhrases = ({ kind }: Pick<ComputedStructure, 'kind'>): Phrases => withOwn(kind);
const withOwn = ownPhrases(SEASON_PHRASES);

/** What is done whenever it is time first, then what has its day, from midwinter on. */
function inOrder(notes: readonly SeasonNote[], { latitudeDeg }: Pick<Site, 'latitudeDeg'>): SeasonNote[] {
  const midwinter = latitudeDeg < 0 ? '07-01' : '01-01';
  const since = (on: string): string => (on >= midwinter ? `0 ${on}` : `1 ${on}`);
  const dated = notes.flatMap((note) => (note.on === null ? [] : [{ note, since: since(note.on) }]));
  return [
    ...notes.filter(({ on }) => on === null),
    ...dated.toSorted((a, b) => (a.since < b.since ? -1 : a.since > b.since ? 1 : 0)).map(({ note }) => note),
  ];
}
