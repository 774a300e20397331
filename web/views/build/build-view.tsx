'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { Suspense } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { minutesOf } from '@lignum/core/choosing/weigh';
import { savedByShed } from '@lignum/core/choosing/from-shed';
import { SOIL } from '@lignum/core/site/underfoot';
import { atGate } from '@lignum/core/plan/at-gate';
import { overNotch } from '@lignum/core/plan/over-notch';
import { bedAsBuilt } from '@lignum/core/plan/setting-of';
import type { StructurePlan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import type { Stand } from '@lignum/core/site/stands/stands';
import { PURPOSES, type Purpose, type StructureKind } from '@lignum/core/structures/kind';
import { kindOf, KINDS } from '@lignum/core/structures/registry';
import { Button, buttonLook } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { planterPlanting } from '../garden/beginnings';
import { freeInRun } from '@lignum/core/plan/free-in-run';
import { runsIn } from '../garden/add-to-run';
import { freeWays } from '../garden/free-ways';
import { shedWords } from '../../words/stock-words';
import { openSpot } from '../garden/new-bed';
import { newStructure } from '../garden/new-structure';
import { addPlanting, addStructure } from '../shell/edits';
import { AnswerFigures } from '../shell/answer-figures';
import { exampleOf, examplesOf } from './examples';
import { computeAs } from '@lignum/core/plan/compute-as';
import { growingIn } from '@lignum/core/plan/growing';
import { useShades, type Shades } from './use-shades';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { useWorkFirst } from '../shell/use-work-first';
import { served } from '#served';

const FOR: Record<Purpose, string> = {
  support: 'To hold plants up',
  cover: 'To keep pests and weather off',
  barrier: 'To keep animals out',
  bed: 'To grow in',
  planter: 'To grow in, off the ground',
};
/** As many ways are offered for an arch. */
const MOST_WAYS = 2;

/** Every kind by what it is for, each sized and drawn as it would be built in this garden, and begun where it is begun. */
export function BuildView({ first }: { first: string | null }) {
  const { id, plan } = useGarden();
  useWorkFirst(served.plan(id, plan), examplesOf);
  const shades = useShades();
  if (first === 'shed') return <FromShed shades={shades} />;
  return (
    <main className="mx-auto max-w-6xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">What to build</h1>
      <p className="mt-1 max-w-[44rem] text-soft">
        Each is drawn and priced as it would stand in this garden, every size as suggested. If a crop is what you start
        from,{' '}
        <Link href={`/g/${id}/new`} className="text-chalk underline">
          plan a row
        </Link>{' '}
        and see them beside each other.
      </p>
      {PURPOSES.filter((purpose) => KINDS.some((kind) => kind.purpose === purpose)).map((purpose) => (
        <section key={purpose} aria-labelledby={purpose} className="laid-when-near mt-8 border-t-2 border-ink pt-3">
          <h2 id={purpose} className="text-xl">
            {FOR[purpose]}
          </h2>
          <ul className="mt-3 grid grid-cols-1 gap-x-6 gap-y-8 sm:grid-cols-2 lg:grid-cols-3">
            {KINDS.filter((kind) => kind.purpose === purpose).map((kind) => (
              // Each is made ready by itself: all twenty at once would hold the page up.
              <Suspense key={kind.id} fallback={<li className="min-h-72" />}>
                <KindCard kind={kind} shades={shades} />
              </Suspense>
            ))}
          </ul>
        </section>
      ))}
    </main>
  );
}

/** Kinds that can be built with what lies in the shed, what that saves most first. */
function FromShed({ shades }: { shades: Shades | null }) {
  const { id, plan, tongue } = useGarden();
  const known = served.plan(id, plan) ?? plan;
  const found = KINDS.flatMap((kind) => {
    const computed = exampleOf(kind, known);
    if (!computed || computed.shopping.fromShed.length === 0) return [];
    return [{ kind, saves: savedByShed(known, computed), takes: computed.shopping.fromShed }];
  }).toSorted((a, b) => b.saves - a.saves);
  return (
    <main className="mx-auto max-w-6xl px-4 pt-6 pb-20">
      <h1 className="text-3xl">What is in the shed</h1>
      <p className="mt-1 max-w-[44rem] text-soft">
        {plan.shed.length === 0 ? (
          <>
            Nothing is written down yet.{' '}
            <Link href={`/g/${id}/prices`} className="text-chalk underline">
              Say what lies there
            </Link>
            , and what can be built with it is drawn here.
          </>
        ) : found.length === 0 ? (
          'Nothing that could be built here takes any of it.'
        ) : (
          'Each as it would stand in this garden, alone; what the shed saves most first.'
        )}
      </p>
      <ul className="mt-3 grid grid-cols-1 gap-x-6 gap-y-8 sm:grid-cols-2 lg:grid-cols-3">
        {found.map(({ kind, saves, takes }) => (
          <KindCard
            key={kind.id}
            kind={kind}
            shades={shades}
            says={`${saves > 0 ? `Saves ${formatMoney(money(saves, plan.garden.currency), tongue.locale)}. ` : ''}Takes ${takes
              .map(
                ({ stock, size, count }) =>
                  `${count > 1 ? `${count} × ` : ''}${CATALOGUE.stock(stock).name.toLowerCase()}, ${shedWords(stock, size, tongue.units)}`,
              )
              .join('; ')}.`}
          />
        ))}
      </ul>
    </main>
  );
}

/** A kind as it would be built here, what it comes to, and how it is begun. */
function KindCard({ kind, shades, says }: { kind: StructureKind; shades: Shades | null; says?: string }) {
  const { id, plan, tongue } = useGarden();
  const computed = exampleOf(kind, served.plan(id, plan) ?? plan);
  if (!computed) return null;
  return (
    <li className="flex flex-col">
      <div className="rounded-[3px] bg-sheet p-2">
        <Glance design={computed.sized.design} around={computed.around} widthPx={320} heightPx={170} />
      </div>
      <div className="mt-2 flex items-baseline justify-between gap-3">
        <h3 className="text-lg leading-tight">{kind.name}</h3>
        <p className="shrink-0 text-soft">{formatLength(computed.sized.design.builtMm, tongue.units)}</p>
      </div>
      {says && <p className="mt-1 font-medium text-leaf">{says}</p>}
      <p className="mt-1 text-[0.95rem] text-soft">{kind.blurb}</p>
      {/* What is drawn on open ground or along a line has no place yet: nobody knows on whom its shade falls. */}
      <AnswerFigures
        sunOn={shades && !(kind.id in shades) ? null : computed.on}
        of={{
          cost: computed.cost,
          purchases: computed.shopping.purchases,
          share: 1,
          minutesAWeek: minutesOf(computed),
          ...(shades && kind.id in shades ? { shade: shades[kind.id] } : {}),
        }}
        className="mt-2 mb-3 border-t border-rule pt-2"
      />
      <div className="flex flex-wrap gap-2">
        <Begin kind={kind} places={computed.sized.design.roomFor} />
      </div>
    </li>
  );
}

/** How a kind is begun: from a planting, over a way, by laying corners, or on open ground. */
function Begin({ kind, places }: { kind: StructureKind; places: number | undefined }) {
  const { id, plan, store, tongue } = useGarden();
  const router = useRouter();
  const put = (stand: Stand, plantings: readonly string[] = [], knobs: StructurePlan['knobs'] = {}) => {
    const empty = { ...newStructure(kind.id, plan, stand, plantings), knobs };
    const own = places === undefined ? [] : [planterPlanting(empty.id, places, plan.garden.year)];
    const structure = { ...empty, plantings: [...empty.plantings, ...own.map((one) => one.id)] };
    store.edit((now) => addStructure(structure)(own.reduce((so, one) => addPlanting(one)(so), now)));
    router.push(`/g/${id}/s/${structure.id}`);
  };
  const ways = kind.stands.includes('beds') ? freeWays(plan).slice(0, MOST_WAYS) : [];
  // What is walked through between posts stands well at a gate.
  const gates =
    'inside' in kind.knobs && kind.stands.includes('spot')
      ? plan.structures.filter((one) => kindOf(one.kind).stands.includes('run'))
      : [];
  const notches =
    'inside' in kind.knobs && kind.stands.includes('spot')
      ? plan.beds.flatMap((bed) => {
          const at = overNotch(bedAsBuilt(kindOf, plan, bed), plan.garden.market);
          return at ? [{ bed, at }] : [];
        })
      : [];
  // A support is weighed against others for a row of plants; what stands there already is said of its bed.
  const forRow = kind.stands.includes('bed') && kind.purpose === 'support' && !kind.isThere;
  const onWord = kind.isThere ? 'On' : kind.purpose === 'bed' ? 'Round' : 'Over';
  const onBed = kind.stands.includes('bed') && !forRow;
  return (
    <>
      {forRow && (
        <Link href={`/g/${id}/new?kind=${kind.id}`} className={buttonLook('plain')}>
          For a row of plants
        </Link>
      )}
      {onBed && plan.beds.length > 0 && (
        <Chooser
          label={`${kind.name}: ${onWord.toLowerCase()} which bed`}
          value="none"
          choices={[
            { id: 'none', label: `${onWord} a bed…`, disabled: true },
            ...plan.beds.map((bed) => ({ id: bed.id, label: bed.name })),
          ]}
          className="w-48"
          onChange={(bed) =>
            put(
              { on: 'bed', bed },
              // What grows in a bed is the bed’s, whatever its sides.
              kind.purpose === 'bed'
                ? []
                : growingIn(plan)
                    .filter((one) => one.bed === bed)
                    .map((one) => one.id),
            )
          }
        />
      )}
      {onBed && plan.beds.length === 0 && (
        <p className="text-[0.95rem] text-soft">It stands on a bed: add one on the garden page first.</p>
      )}
      {kind.stands.includes('path') && (
        <Link
          href={`/g/${id}?lay=${kind.id}`}
          aria-label={`Lay it on the plot: ${kind.name}`}
          className={buttonLook('plain')}
        >
          Lay it on the plot
        </Link>
      )}
      {ways.map(({ beds: [a, b], way }) => (
        <Button key={`${a.id} ${b.id}`} onClick={() => put({ on: 'beds', beds: [a.id, b.id] })}>
          {a.name} to {b.name}, {formatLength(way.wideMm, tongue.units)}
        </Button>
      ))}
      {kind.stands.includes('run') &&
        runsIn(plan).map((host) => {
          const stand = freeInRun(plan, host);
          return (
            stand && (
              <Button key={host.id} onClick={() => put(stand)}>
                In {host.name}
              </Button>
            )
          );
        })}
      {kind.stands.includes('run') && runsIn(plan).length === 0 && (
        <p className="text-[0.95rem] text-soft">It hangs in a fence: lay one on the plot first.</p>
      )}
      {gates.map((gate) => (
        <Button
          key={gate.id}
          onClick={() => {
            const at = atGate(kindOf, plan, kind.id, computeAs(kindOf, plan, gate));
            if (at) put(at.stand, [], at.knobs);
          }}
        >
          At {gate.name}
        </Button>
      ))}
      {notches.map(({ bed, at }) => (
        <Button key={bed.id} onClick={() => put(at.stand, [], at.knobs)}>
          Over the notch of {bed.name}
        </Button>
      ))}
      {kind.stands.includes('spot') && (
        <Button onClick={() => put({ on: 'spot', at: openSpot(plan), underfoot: SOIL })}>On open ground</Button>
      )}
    </>
  );
}
