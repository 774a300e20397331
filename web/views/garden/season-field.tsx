'use client';
import { cropIn } from '@lignum/core/crops/book';
import { growingIn } from '@lignum/core/plan/growing';
import { goOnTo } from '@lignum/core/plan/next-season';
import type { Plan } from '@lignum/core/plan/plan';
import { kindOf } from '@lignum/core/structures/registry';
import { ChooserField } from '../../ui/chooser';
import { useGarden } from '../shell/garden-context';
import { notice } from '../shell/notice';

const plantings = (count: number): string => `${count} ${count === 1 ? 'planting' : 'plantings'}`;

/** What becomes of what grows, said when another season is gone on to. */
function goneOn(before: Plan, after: Plan): string {
  const stays = growingIn(after).filter((one) => growingIn(before).includes(one));
  const over = growingIn(before).length - stays.length;
  const lives = stays.filter(({ crop }) => cropIn(after.crops, crop).years !== undefined).length;
  return [
    `Season ${after.garden.year}:`,
    over > 0 ? `${plantings(over)} of ${before.garden.year} ${over === 1 ? 'is' : 'are'} over and kept,` : '',
    `${lives} that ${lives === 1 ? 'lives' : 'live'} for years ${lives === 1 ? 'grows' : 'grow'} on; what stands keeps its sizes.`,
  ]
    .filter(Boolean)
    .join(' ');
}

/** Which season is planned: what stands goes on from one to the next, what is sown every year begins anew. */
export function SeasonField() {
  const { plan, store } = useGarden();
  const { year } = plan.garden;
  const seasons = new Set([year - 1, year, year + 1, ...plan.plantings.map((one) => one.year)]);
  // In the south a season begins in one year and ends in the next.
  const name = (of: number): string => (plan.site.latitudeDeg < 0 ? `${of}–${String(of + 1).slice(2)}` : String(of));
  return (
    <div className="w-36">
      <ChooserField
        label="Season"
        value={String(year)}
        choices={[...seasons].sort((a, b) => a - b).map((one) => ({ id: String(one), label: name(one) }))}
        onChange={(next) => {
          const before = store.getState().plan;
          if (Number(next) === before.garden.year) return;
          store.edit((now) => goOnTo(kindOf, now, Number(next)));
          const after = store.getState().plan;
          notice.say(goneOn(before, after), after);
        }}
      />
    </div>
  );
}
