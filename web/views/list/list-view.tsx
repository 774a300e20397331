'use client';
import { useRouter } from 'next/navigation';
import { Download, Printer } from 'lucide-react';
import { useMemo } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { drawViews } from '@lignum/core/drawing/views';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { formatVolume } from '@lignum/core/quantity/measure';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { sayEnds } from '@lignum/core/design/end-cuts';
import { say } from '@lignum/core/wording/say';
import { Button, buttonLook } from '../../ui/button';
import { Drawing } from '../../ui/drawing';
import { Chooser } from '../../ui/chooser';
import { BuildOrder } from '../shell/build-order';
import { gardenOf } from '../shell/computed';
import { useGarden, useSaving } from '../shell/garden-context';
import { placeWords } from '../shell/place-words';
import { shedWords, sizeWords, wordFor } from '../shell/stock-words';
import { CutSheet } from './cut-sheet';
import { RipPlan } from './rip-plan';

const WHOLE = 'whole';
/** The width between the margins of an A4 page, in pixels of 1/96 in. */
const PAPER_WIDTH = 680;

/** The list to take to the shop, the cuts, and why there are so many of each. Printable. */
export function ListView({ of }: { of: string | undefined }) {
  const { id, plan, tongue } = useGarden();
  const isSaved = useSaving(({ save }) => save.state === 'saved');
  const router = useRouter();
  const garden = gardenOf(plan);
  const one = garden.structures.find((computed) => computed.structure.id === of);
  const { shopping, cost } = one ?? garden;
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
        <Button look="main" onClick={() => window.print()}>
          <Printer size={17} aria-hidden />
          Print
        </Button>
      </div>
      <h1 className="text-3xl">{one ? one.structure.name : plan.garden.name}: to buy</h1>
      {one && (
        <p className="text-soft">
          {one.kind.name}, {placeWords(one.setting.place, tongue)}
        </p>
      )}

      <table className="mt-4 w-full border-t-2 border-ink">
        <thead>
          <tr className="text-left text-[0.85rem] text-soft">
            <th scope="col" className="w-10 py-1 font-medium">
              <span className="sr-only">Got it</span>
            </th>
            <th scope="col" className="w-14 py-1 pr-3 text-right font-medium">
              Number
            </th>
            <th scope="col" className="py-1 font-medium">
              Item
            </th>
            <th scope="col" className="py-1 font-medium">
              Size
            </th>
            <th scope="col" className="hidden py-1 text-right font-medium sm:table-cell">
              Each
            </th>
            <th scope="col" className="py-1 text-right font-medium">
              Cost
            </th>
          </tr>
        </thead>
        <tbody>
          {shopping.purchases.map((purchase) => {
            const name = CATALOGUE.stock(purchase.stock).name;
            return (
              <tr key={`${purchase.stock} ${purchase.size}`} className="border-t border-rule">
                <td>
                  <label className="grid size-11 place-items-center">
                    <input type="checkbox" className="size-5 accent-(--chalk)" aria-label={`Got ${name}`} />
                  </label>
                </td>
                <td className="pr-3 text-right text-lg font-semibold">{purchase.count}</td>
                <td className="pr-3 leading-snug">{name}</td>
                <td className="pr-3 sm:whitespace-nowrap">{sizeWords(purchase.stock, purchase.size, tongue.units)}</td>
                <td className="hidden text-right sm:table-cell">{amount(purchase.eachMinor)}</td>
                <td className="text-right">{amount(purchase.costMinor)}</td>
              </tr>
            );
          })}
          {shopping.fromShed.map((piece) => (
            <tr key={`shed ${piece.stock} ${piece.size}`} className="border-t border-rule align-baseline text-leaf">
              <td />
              <td className="pr-3 text-right text-lg font-semibold">
                {CATALOGUE.stock(piece.stock).form === 'piece' ? piece.size : piece.count}
              </td>
              <td className="py-2 pr-3">{CATALOGUE.stock(piece.stock).name}</td>
              <td>
                {CATALOGUE.stock(piece.stock).form === 'piece' ? '' : shedWords(piece.stock, piece.size, tongue.units)}
              </td>
              <td className="hidden sm:table-cell" />
              <td className="text-right">in the shed</td>
            </tr>
          ))}
          {[...new Set(shopping.missing.map((miss) => `${miss.stock}|${miss.because}`))].map((key) => {
            const [stock = '', because] = key.split('|');
            return (
              <tr key={key} className="border-t border-rule text-keel">
                <td />
                <td className="py-2 pr-3 text-right font-semibold">?</td>
                <td colSpan={4} className="py-2">
                  {CATALOGUE.stock(stock).name}:{' '}
                  {because === 'no price'
                    ? 'no price in your book, so it is not in the total'
                    : 'no length on sale is long enough'}
                </td>
              </tr>
            );
          })}
        </tbody>
        <tfoot>
          <Sum label={plan.priceBook.pricesIncludeTax ? 'Without tax' : 'Prices'} value={amount(cost.netMinor)} />
          <Sum label={`Tax, ${plan.priceBook.taxPercent} %`} value={amount(cost.taxMinor)} />
          <Sum label="Total" value={amount(cost.totalMinor)} strong />
        </tfoot>
      </table>
      <p className="mt-2 text-[0.95rem] text-soft">
        {cost.perPlantMinor !== null && `${amount(cost.perPlantMinor)} a plant; `}
        {amount(cost.perSeasonMinor)} a season over the life of the parts.{' '}
        {plan.priceBook.sparePercent > 0 && `Small parts with ${plan.priceBook.sparePercent} % to spare.`}
      </p>

      {one && <FrontView computed={one} />}
      <CutSheet plans={shopping.cutPlans} />
      {(one ? [one] : garden.structures).flatMap(({ structure, sized }) =>
        (sized.design.boards ?? []).map((board) => <RipPlan key={`${structure.id} ${board.id}`} board={board} />),
      )}
      <h2 className="mt-10 text-2xl">Every part, and why</h2>
      {(one ? [one] : garden.structures).map((computed) => (
        <Parts key={computed.structure.id} computed={computed} />
      ))}
      {one && (
        <section className="mt-10">
          <h2 className="text-2xl">In this order</h2>
          <BuildOrder computed={one} />
        </section>
      )}
    </main>
  );
}

function Sum({ label, value, strong = false }: { label: string; value: string; strong?: boolean }) {
  return (
    <tr className={strong ? 'border-t-2 border-ink text-lg font-semibold' : 'border-t border-rule text-soft'}>
      <td />
      <td />
      <td colSpan={2} className="py-1.5">
        {label}
      </td>
      <td className="hidden sm:table-cell" />
      <td className="text-right">{value}</td>
    </tr>
  );
}

function FrontView({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const view = useMemo(() => drawViews(computed.sized.design, computed.around)[0], [computed]);
  if (!view) return null;
  return (
    <div className="print-whole mt-8 bg-sheet p-3 print:p-0">
      <div className="print:hidden">
        <Drawing view={view} units={tongue.units} heightPx={420} caption={view.title} />
      </div>
      <div aria-hidden className="hidden print:block">
        <Drawing view={view} units={tongue.units} heightPx={380} widthPx={PAPER_WIDTH} caption={view.title} />
      </div>
    </div>
  );
}

function Parts({ computed }: { computed: ComputedStructure }) {
  const { tongue } = useGarden();
  const { kind } = computed;
  return (
    <section className="print-whole mt-4">
      <h3 className="text-lg">{computed.structure.name}</h3>
      <div role="region" aria-label={`Parts of ${computed.structure.name}`} tabIndex={0} className="overflow-x-auto">
        <table className="mt-1 w-full min-w-[34rem] text-[0.95rem]">
          <thead>
            <tr className="text-left text-[0.85rem] text-soft">
              <th scope="col" className="w-12 py-1 pr-3 text-right font-medium">
                No.
              </th>
              <th scope="col" className="py-1 font-medium">
                Part
              </th>
              <th scope="col" className="py-1 pr-6 text-right font-medium">
                Cut to
              </th>
              <th scope="col" className="py-1 font-medium">
                Ends
              </th>
              <th scope="col" className="py-1 font-medium">
                Why so many
              </th>
            </tr>
          </thead>
          <tbody>
            {computed.bill.map((line) => (
              <tr key={line.id} className="border-t border-rule align-baseline">
                <td className="py-1.5 pr-3 text-right font-semibold">{line.count}</td>
                <td className="py-1.5 pr-3">
                  {wordFor(kind, line.use)}
                  <span className="block text-[0.85rem] text-soft">
                    {CATALOGUE.stock(line.stock).name}
                    {line.board !== null &&
                      (line.of === 'part' && line.meshes !== null
                        ? ', split from the same panel'
                        : ', out of the ripped board')}
                  </span>
                </td>
                <td className="py-1.5 pr-6 text-right whitespace-nowrap">
                  {line.litres !== null
                    ? formatVolume(line.litres * 1e6, tongue.units === 'imperial' ? 'ft³' : 'L', tongue.locale)
                    : line.cutMm === null
                      ? ''
                      : formatLength(line.cutMm, tongue.units)}
                </td>
                <td className="py-1.5 pr-3 whitespace-nowrap">{line.ends && sayEnds(line.ends, tongue.units)}</td>
                <td className="py-1.5 text-soft">{say(line.why, kind.phrases, tongue)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
