import { calendarOf, type Dated } from '@lignum/core/formats/calendar';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import type { Plan } from '@lignum/core/plan/plan';
import type { Units } from '@lignum/core/quantity/length';
import { instantOf } from '@lignum/core/site/sun/clock';
import { needsOf } from '@lignum/core/work/needs';
import { clockIn, endOf, onDay } from '@lignum/core/work/on-day';
import { beforeInShort, beforeWords, countedWords, hoursWords } from '../../words/work-words';
import type { Built } from '@lignum/core/work/left';
import { weekendsIn } from './weekends-in';

/** The evening before, from when work begins. Hours. */
const EVENING_BEFORE_H = 15;

/** The days of work of a garden, and what has to be seen to before them, as an iCalendar document. */
export function workCalendar(
  plan: Plan,
  o: {
    garden: string;
    units: Units;
    built: Built;
    today: string;
    origin: string;
    stampMs: number;
  },
): string {
  const tongue = { units: o.units, locale: plan.garden.locale };
  const { computed, weekends } = weekendsIn(plan, o);
  const byId = new Map(computed.map((one) => [one.structure.id, one]));
  const name = (id: string): string => byId.get(id)?.structure.name ?? id;
  const { zone } = plan.site;
  const days = weekends.days.map((day): Dated => {
    const { date, there } = day;
    const work = onDay(weekends, date);
    const tools = needsOf(work, byId).tools.map((tool) => TOOL_WORDS[tool]);
    const [fromMin, toMin] = [clockIn(day, 0), clockIn(day, endOf(work))];
    return {
      id: `${o.garden}-${date}@lignum`,
      title: `Build: ${work.map(({ structure }) => name(structure)).join(', ')}`,
      says: [
        `${there.map((one) => one.name).join(', ')}.`,
        ...work.map(
          ({ structure, minutes, counted }) =>
            `${name(structure)}, ${hoursWords(minutes)}: ${countedWords(counted, tongue, 4)}`,
        ),
      ].join('\n'),
      // Where nobody has said whose clocks it goes by, by the clock of whoever reads it.
      when:
        zone === undefined
          ? { day: date, fromMin, toMin }
          : { fromMs: instantOf(date, fromMin, zone), toMs: instantOf(date, toMin, zone) },
      remind: { hoursBefore: EVENING_BEFORE_H, says: `Lay out for tomorrow: ${tools.join('; ')}` },
      address: `${o.origin}/g/${o.garden}/weekends/${date}`,
    };
  });
  const before = weekends.before.map((one): Dated => ({
    id: `${o.garden}-${[one.what, ...('tool' in one ? [one.tool.replace(' ', '-')] : 'cargo' in one ? [one.cargo] : []), one.by].join('-')}@lignum`,
    title: beforeInShort(one),
    says: beforeWords(one, name, tongue.locale),
    when: { day: one.by },
  }));
  return calendarOf(`${plan.garden.name}: weekends`, [...before, ...days], o.stampMs);
}
