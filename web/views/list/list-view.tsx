'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { Download, Printer } from 'lucide-react';
import { useMemo } from 'react';
import { drawViews } from '@lignum/core/drawing/views';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { Button, buttonLook } from '../../ui/button';
import { Drawing } from '../../ui/drawing';
import { Chooser } from '../../ui/chooser';
import { BuildOrder } from '../shell/build-order';
import { useGarden, useSaving } from '../shell/garden-context';
import { Working } from '../shell/keep-taps';
import { useComputed } from '../shell/use-computed';
import { placeWords } from '../../words/place-words';
import { CutSheet } from './cut-sheet';
import { Parts } from './parts';
import { RipPlan } from './rip-plan';
import { Tools } from './tools';
import { ToBuy } from './to-buy';
import { WhoTicks } from './who-ticks';

const WHOLE = 'whole';
/** The list to take to the shop, the cuts, and why there are so many of each. Printable. */
export function ListView({ of }: { of: string | undefined }) {
  const { id, plan, tongue } = useGarden();
  const isSaved = useSaving(({ save }) => save.state === 'saved');
  const router = useRouter();
  const { garden } = useComputed();
  const one = garden.structures.find((computed) => computed.structure.id === of);
  const justOne = useMemo(() => (one ? [one] : []), [one]);
  const { shopping, cost } = one ?? garden;
  const isComing = !one && plan.structures.some(({ id: own }) => own === of);
  const amount = (minor: number) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  const csv = `/api/gardens/${id}/bill${one ? `?structure=${one.structure.id}` : ''}`;

  if (plan.structures.length === 0) {
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">Nothing to buy yet</h1>
        <p className="mt-2 text-soft">Plan a row first; its list appears here.</p>
        <p className="mt-4">
          <Button look="main" onClick={() => router.push(`/g/${id}/new`)}>
            Plan a row
          </Button>
        </p>
      </main>
    );
  }
  if (isComing) return <Working />;
  return (
    <main className="mx-auto max-w-5xl px-4 pt-6 pb-20">
      <div className="no-print mb-5 flex flex-wrap items-center gap-2">
        <Chooser
          label="List for"
          className="w-72 max-w-full"
          value={one?.structure.id ?? WHOLE}
          choices={[
            { id: WHOLE, label: 'The whole garden' },
            ...plan.structures.map((structure) => ({ id: structure.id, label: structure.name })),
          ]}
          onChange={(next) => router.push(`/g/${id}/list${next === WHOLE ? '' : `?of=${next}`}`)}
        />
        <span className="grow" />
        {isSaved && (
          <a href={csv} download className={buttonLook('quiet')}>
            <Download size={17} aria-hidden />
            CSV
          </a>
        )}
        <Link
          className={buttonLook('main')}
          href={one ? `/g/${id}/s/${one.structure.id}/sheet` : `/g/${id}/list/sheet`}
        >
          <Printer size={17} aria-hidden />
          Plans to print
        </Link>
      </div>
      <h1 className="text-3xl">{one ? one.structure.name : plan.garden.name}: to buy</h1>
      {one && (
        <p className="text-soft">
          {one.kind.name}, {placeWords(one.setting.place, tongue)}
        </p>
      )}

      <WhoTicks />
      <ToBuy shopping={shopping} cost={cost} scope={one?.structure.id ?? ''} />
      <p className="mt-2 text-[0.95rem] text-soft">
        {cost.perPlantMinor !== null && `${amount(cost.perPlantMinor)} a plant; `}
        {amount(cost.perSeasonMinor)} a season over the life of the parts.{' '}
        {plan.priceBook.sparePercent > 0 &&
          `Small parts with ${plan.priceBook.sparePercent} % to spare where the packs hold it.`}
      </p>

      {one && <FrontView computed={one} />}
      <CutSheet plans={shopping.cutPlans} scope={one?.structure.id ?? ''} />
      {(one ? [one] : garden.structures).flatMap(({ structure, sized }) =>
        (sized.design.boards ?? []).map((board) => <RipPlan key={`${structure.id} ${board.id}`} board={board} />),
      )}
      <Tools of={one ? justOne : garden.structures} />
      <Parts of={one ? justOne : garden.structures} />
      {one && (
        <section className="mt-10">
          <h2 className="text-2xl">In this order</h2>
          <BuildOrder computed={one} />
        </section>
      )}
    </main>
  );
}

function FrontView({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const view = useMemo(() => drawViews(computed.sized.design, computed.around)[0], [computed]);
  if (!view) return null;
  return (
    <div className="print-whole mt-8 bg-sheet p-3">
      <Drawing view={view} units={tongue.units} heightPx={420} caption={view.title} />
    </div>
  );
}
