'use client';
import { growingIn } from '@lignum/core/plan/growing';
import { goOnTo } from '@lignum/core/plan/next-season';
import type { Plan } from '@lignum/core/plan/plan';
import { seasonName } from '@lignum/core/site/seasons';
import { ChooserField } from '../../ui/chooser';
import { useGarden } from '../shell/garden-context';
import { fetched, NOT_FETCHED } from '../../ui/part';
import type { GardenStore } from '../shell/garden-store';
import { notice } from '../shell/notice';

const plantings = (count: number): string => `${count} ${count === 1 ? 'planting' : 'plantings'}`;

/** What becomes of what grows, said when another season is gone on to. */
function goneOn(before: Plan, after: Plan): string {
  const name = (plan: Plan): string => seasonName(plan.garden.year, plan.site.latitudeDeg);
  const now = growingIn(after);
  if (after.garden.year < before.garden.year)
    return `Back in the season ${name(after)}, in which ${plantings(now.length)} ${now.length === 1 ? 'grows' : 'grow'}.`;
  const lives = now.filter((one) => growingIn(before).includes(one)).length;
  const over = growingIn(before).length - lives;
  const said = [
    ...(over > 0 ? [`${plantings(over)} of ${name(before)} ${over === 1 ? 'is' : 'are'} over and kept`] : []),
    ...(lives > 0 ? [`${lives} that ${lives === 1 ? 'lives for years grows' : 'live for years grow'} on`] : []),
    'what stands keeps its sizes',
  ];
  return `Season ${name(after)}: ${said.join(', ')}.`;
}

/** Goes on to another season; what stands keeps the sizes that its kinds, fetched for it, say it has. */
async function goOn(store: GardenStore, year: number): Promise<void> {
  const kinds = await fetched(import('@lignum/core/structures/registry'));
  const before = store.getState().plan;
  if (!kinds) return notice.say(NOT_FETCHED, before);
  store.edit((now) => goOnTo(kinds.kindOf, now, year));
  const after = store.getState().plan;
  notice.say(goneOn(before, after), after);
}

/** Which season is planned: what stands goes on from one to the next, what is sown every year begins anew. */
export function SeasonField() {
  const { plan, store } = useGarden();
  const { year } = plan.garden;
  const seasons = new Set([year, year + 1, ...plan.plantings.map((one) => one.year)]);
  return (
    <div className="w-36">
      <ChooserField
        label="Season"
        value={String(year)}
        choices={[...seasons]
          .sort((a, b) => a - b)
          .map((one) => ({ id: String(one), label: seasonName(one, plan.site.latitudeDeg) }))}
        onChange={(next) => {
          if (Number(next) !== year) void goOn(store, Number(next));
        }}
      />
    </div>
  );
}
