import { calendarOf, type Dated } from '@lignum/core/formats/calendar';
import { TOOL_WORDS } from '@lignum/core/building/tool-words';
import { TOOLS } from '@lignum/core/building/tools';
import type { Plan } from '@lignum/core/plan/plan';
import type { Units } from '@lignum/core/quantity/length';
import { instantOf } from '@lignum/core/site/sun/clock';
import { BEGINS_MIN, clockOf } from '@lignum/core/work/days';
import { needsOf } from '@lignum/core/work/needs';
import { onDay } from '@lignum/core/work/on-day';
import type { Before } from '@lignum/core/work/weekends';
import { beforeWords, countedWords, hoursWords } from '../../words/work-words';
import { weekendsIn } from './weekends-in';

/** The evening before, from when work begins. Hours. */
const EVENING_BEFORE_H = 15;

/** The days of work of a garden, and what has to be seen to before them, as an iCalendar document. */
export function workCalendar(
  plan: Plan,
  o: { garden: string; units: Units; built: readonly string[]; today: string; origin: string; stampMs: number },
): string {
  const tongue = { units: o.units, locale: plan.garden.locale };
  const { computed, weekends } = weekendsIn(plan, o);
  const byId = new Map(computed.map((one) => [one.structure.id, one]));
  const name = (id: string): string => byId.get(id)?.structure.name ?? id;
  const zone = plan.site.zone ?? 'UTC';
  const days = weekends.days.map(({ date, there }): Dated => {
    const work = onDay(weekends, date);
    const long = Math.max(...there.map(({ minutes }) => minutes));
    const ends = Math.max(...work.flatMap(({ tasks }) => tasks.map(({ placed }) => placed.to)));
    const used = new Set(
      work.flatMap(({ structure, tasks }) => {
        const one = byId.get(structure);
        return one
          ? needsOf(
              one,
              tasks.flatMap(({ task }) => task.steps),
            ).tools
          : [];
      }),
    );
    const tools = TOOLS.filter((tool) => used.has(tool)).map((tool) => TOOL_WORDS[tool]);
    const at = (minute: number): number => instantOf(date, minute, zone);
    return {
      id: `${o.garden}-${date}@lignum`,
      title: `Build: ${work.map(({ structure }) => name(structure)).join(', ')}`,
      says: [
        `${there.map((one) => one.name).join(', ')}.`,
        ...work.map(
          ({ structure, minutes, counted }) =>
            `${name(structure)}, ${hoursWords(minutes)}: ${countedWords(counted, tongue, 4) || 'made ready'}`,
        ),
      ].join('\n'),
      when: { fromMs: at(BEGINS_MIN), toMs: at(clockOf(ends, long)) },
      remind: { hoursBefore: EVENING_BEFORE_H, says: `Lay out for tomorrow: ${tools.join('; ')}` },
      address: `${o.origin}/g/${o.garden}/weekends/${date}`,
    };
  });
  const before = weekends.before.map((one: Before): Dated => ({
    id: `${o.garden}-${one.what}-${one.by}@lignum`,
    title: beforeWords(one, name, tongue.locale).split(/[,:.]/)[0] ?? '',
    says: beforeWords(one, name, tongue.locale),
    when: { day: one.by },
  }));
  return calendarOf(`${plan.garden.name}: weekends`, [...before, ...days], o.stampMs);
}
