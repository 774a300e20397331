'use client';
import Link from 'next/link';
import { ChevronLeft, Printer } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { drawViews } from '@lignum/core/drawing/views';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { formatLength } from '@lignum/core/quantity/length';
import { formatVolume } from '@lignum/core/quantity/measure';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { kindOf } from '@lignum/core/structures/registry';
import { sayEnds } from '@lignum/core/design/end-cuts';
import { Button, buttonLook } from '../../ui/button';
import { Drawing } from '../../ui/drawing';
import { plantingWords } from '../garden/crop-words';
import { RipPlan } from '../list/rip-plan';
import { BuildOrder } from '../shell/build-order';
import { structureOf } from '../shell/computed-structure';
import CloseUps from '../shell/close-ups';
import { useGarden } from '../shell/garden-context';
import { placeWords } from '../shell/place-words';
import { sizeWords, wordFor } from '../shell/stock-words';

/** An A4 page less its margins of 14 mm, in pixels of 1/96 in, with a hair to spare. */
const WIDE = 686;
const TALL = 1006;
/** Type is made smaller until the page holds everything. Pixels. */
const LARGEST = 12.5;
const SMALLEST = 6.5;
/** Below this the drawings give way first. */
const READABLE = 10;
const SMALLER_DRAWINGS = 0.78;

/** One support on one sheet of paper: drawings, parts with their end cuts, what to buy, the order of building. */
export function SheetView({ structureId }: { structureId: string }) {
  const { id, plan } = useGarden();
  const [joints, setJoints] = useState(false);
  const structure = plan.structures.find((one) => one.id === structureId);
  if (!structure)
    return (
      <main className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl">This support is not in the garden</h1>
        <p className="mt-4">
          <Link className={buttonLook('main')} href={`/g/${id}`}>
            Back to the garden
          </Link>
        </p>
      </main>
    );
  const computed = structureOf(kindOf, plan, structure);
  return (
    <main className="px-4 pb-16 print:p-0">
      <div className="no-print mx-auto flex max-w-[46rem] flex-wrap items-center justify-between gap-x-4 py-3">
        <Link className={buttonLook('quiet')} href={`/g/${id}/s/${structureId}`}>
          <ChevronLeft size={17} aria-hidden />
          Back to the bench
        </Link>
        <label className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-(--chalk)"
            checked={joints}
            onChange={(event) => setJoints(event.target.checked)}
          />
          With the joints, on a sheet of their own
        </label>
        <Button look="main" onClick={() => window.print()}>
          <Printer size={17} aria-hidden />
          {joints ? 'Print the sheets' : 'Print the sheet'}
        </Button>
      </div>
      <div role="region" aria-label="The sheet" tabIndex={0} className="overflow-x-auto print:overflow-visible">
        <Page computed={computed} />
      </div>
      {joints && (
        <section
          aria-labelledby="joints"
          className="paper mx-auto mt-6 max-w-full break-before-page bg-white text-black print:mt-0"
          style={{ width: WIDE }}
        >
          <h2 id="joints" className="border-b-2 border-black pb-1 text-2xl">
            {structure.name}: the joints
          </h2>
          <CloseUps computed={computed} />
        </section>
      )}
    </main>
  );
}

function Page({ computed }: { computed: ComputedStructure }) {
  const { plan, tongue } = useGarden();
  const { structure, setting, sized, around, bill, shopping, cost } = computed;
  const page = useRef<HTMLElement>(null);
  const [size, setSize] = useState(LARGEST);
  const [drawn, setDrawn] = useState(1);
  const [front, ...others] = useMemo(() => drawViews(sized.design, around), [sized, around]);
  const [board] = sized.design.boards ?? [];
  const [fitted, setFitted] = useState(false);
  useEffect(() => {
    const fit = () => {
      const element = page.current;
      if (!element) return;
      let next = LARGEST;
      element.style.fontSize = `${next}px`;
      while (next > SMALLEST && element.scrollHeight > TALL) {
        next -= 0.25;
        element.style.fontSize = `${next}px`;
      }
      setSize(next);
      if (next < READABLE && drawn === 1) setDrawn(SMALLER_DRAWINGS);
      else setFitted(true);
    };
    // Lines are as long as their letters: the page is measured once those have come, and again before it is printed.
    void document.fonts.ready.then(fit);
    window.addEventListener('beforeprint', fit);
    return () => window.removeEventListener('beforeprint', fit);
  }, [computed, tongue, drawn]);
  const amount = (minor: number) => formatMoney(money(minor, plan.garden.currency), tongue.locale);
  const growing = plan.plantings
    .filter((one) => structure.plantings.includes(one.id))
    .map((one) => plantingWords(one, plan.crops))
    .join('; ');
  return (
    <article
      ref={page}
      aria-label={structure.name}
      aria-busy={!fitted}
      className="paper mx-auto bg-white leading-[1.3] text-black"
      style={{ width: WIDE, fontSize: size }}
    >
      <header className="flex items-end justify-between gap-4 border-b-2 border-black pb-1">
        <div>
          <h1 style={{ fontSize: '1.9em' }}>{structure.name}</h1>
          <p>
            {computed.kind.name} · {plan.garden.name}, {placeWords(setting.place, tongue)}
            {growing && ` · ${growing}`}
          </p>
        </div>
        <p className="text-right whitespace-nowrap">
          <strong style={{ fontSize: '1.4em' }}>{amount(cost.totalMinor)}</strong>
          <br />
          {amount(cost.perSeasonMinor)} a season
        </p>
      </header>
      {front && (
        <Drawing
          view={front}
          units={tongue.units}
          heightPx={(board ? 250 : 300) * drawn * (others.length > 2 ? 0.75 : 1)}
          widthPx={WIDE}
          caption={front.title}
        />
      )}
      <div className="flex flex-wrap gap-3">
        {others.map((view, i) => {
          const share = i % 2 === 1 || i === others.length - 1 ? (i % 2 === 1 ? 0.32 : 0.98) : 0.66;
          return (
            <div key={view.id} style={{ width: WIDE * share }}>
              <Drawing
                view={view}
                units={tongue.units}
                heightPx={(i % 2 === 1 ? 170 : 150) * drawn * (others.length > 2 ? 0.75 : 1)}
                widthPx={Math.round(WIDE * share)}
                caption={view.title}
              />
            </div>
          );
        })}
      </div>
      {board && <RipPlan board={board} paperPx={WIDE} />}
      <div className="mt-1 grid grid-cols-[1.55fr_1fr] gap-5 border-t border-black pt-1">
        <table className="w-full">
          <caption className="text-left font-semibold">Parts</caption>
          <tbody>
            {bill.map((line) => (
              <tr key={line.id} className="border-t border-neutral-300 align-baseline">
                <td className="pr-2 text-right font-semibold">{line.count}</td>
                <td className="pr-2">
                  {wordFor(computed.kind, line.use)}{' '}
                  <span className="text-neutral-600">{CATALOGUE.stock(line.stock).name}</span>
                </td>
                <td className="pr-2 text-right whitespace-nowrap">
                  {line.litres !== null
                    ? formatVolume(line.litres * 1e6, tongue.units === 'imperial' ? 'ft³' : 'L', tongue.locale)
                    : line.cutMm !== null && formatLength(line.cutMm, tongue.units)}
                </td>
                <td className="whitespace-nowrap">{line.ends && sayEnds(line.ends, tongue.units)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <table className="h-fit w-full">
          <caption className="text-left font-semibold">To buy</caption>
          <tbody>
            {shopping.purchases.map((one) => (
              <tr key={`${one.stock} ${one.size}`} className="border-t border-neutral-300 align-baseline">
                <td className="pr-2 text-right font-semibold">{one.count}</td>
                <td className="pr-2">
                  {CATALOGUE.stock(one.stock).name}, {sizeWords(one.stock, one.size, tongue.units)}
                </td>
                <td className="text-right">{amount(one.costMinor)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <section className="mt-1 border-t border-black pt-1">
        <h2 className="font-sans font-semibold">In this order</h2>
        <div className="columns-2 gap-5">
          <BuildOrder computed={computed} tight />
        </div>
      </section>
    </article>
  );
}
