'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { Suspense } from 'react';
import { CATALOGUE } from '@lignum/core/catalogue/catalogue';
import { minutesOf } from '@lignum/core/choosing/rank';
import { savedByShed } from '@lignum/core/choosing/from-shed';
import { SOIL } from '@lignum/core/site/underfoot';
import { atGate } from '@lignum/core/plan/at-gate';
import { overNotch } from '@lignum/core/plan/over-notch';
import { bedAsBuilt } from '@lignum/core/plan/setting-of';
import { computeAs, type ComputedStructure } from '@lignum/core/plan/compute-as';
import type { Plan, StructurePlan } from '@lignum/core/plan/plan';
import { formatLength } from '@lignum/core/quantity/length';
import { formatMoney, money } from '@lignum/core/quantity/money';
import { type Stand, asStand } from '@lignum/core/site/stands/stands';
import { waysAmong } from '@lignum/core/site/way';
import { PURPOSES, type Purpose, type StructureKind } from '@lignum/core/structures/kind';
import { kindOf, KINDS } from '@lignum/core/structures/registry';
import { Button, buttonLook } from '../../ui/button';
import { Chooser } from '../../ui/chooser';
import { newPlanting, planterPlanting } from '../garden/beginnings';
import { freeInRun } from '@lignum/core/plan/free-in-run';
import { runsIn } from '../garden/add-to-run';
import { freeWays } from '../garden/free-ways';
import { shedWords } from '../../words/stock-words';
import { newBed, openSpot } from '../garden/new-bed';
import { newStructure } from '../garden/new-structure';
import { addPlanting, addStructure } from '../shell/edits';
import { AnswerFigures } from '../shell/answer-figures';
import { useGarden } from '../shell/garden-context';
import { Glance } from '../shell/glance';
import { useWorkFirst } from '../shell/use-work-first';
import { served } from '#served';
import { growingIn } from '@lignum/core/plan/growing';

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
  if (first === 'shed') return <FromShed />;
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
        <section key={purpose} aria-labelledby={purpose} className="mt-8 border-t-2 border-ink pt-3">
          <h2 id={purpose} className="text-xl">
            {FOR[purpose]}
          </h2>
          <ul className="mt-3 grid grid-cols-1 gap-x-6 gap-y-8 sm:grid-cols-2 lg:grid-cols-3">
            {KINDS.filter((kind) => kind.purpose === purpose).map((kind) => (
              // Each is made ready by itself: all twenty at once would hold the page up.
              <Suspense key={kind.id} fallback={<li className="min-h-72" />}>
                <KindCard kind={kind} />
              </Suspense>
            ))}
          </ul>
        </section>
      ))}
    </main>
  );
}

/** Kinds that can be built with what lies in the shed, what that saves most first. */
function FromShed() {
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
function KindCard({ kind, says }: { kind: StructureKind; says?: string }) {
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
      {/* Where it will stand, and on whom its shade falls, is not known yet. */}
      <AnswerFigures
        of={{
          cost: computed.cost,
          purchases: computed.shopping.purchases,
          share: 1,
          minutesAWeek: minutesOf(computed),
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

const examples = new WeakMap<Plan, Map<string, ComputedStructure | null>>();

/** The example of a kind in a garden, worked out once. */
function exampleOf(kind: StructureKind, plan: Plan): ComputedStructure | null {
  const known = examples.get(plan) ?? new Map<string, ComputedStructure | null>();
  examples.set(plan, known);
  if (!known.has(kind.id)) known.set(kind.id, worked(kind, plan));
  return known.get(kind.id) ?? null;
}

function* examplesOf(plan: Plan): Iterable<unknown> {
  for (const kind of KINDS) yield exampleOf(kind, plan);
}

/** A kind as it would be built here: for a planting that has none, over the first way, along twenty feet of fence or in it. */
function worked(kind: StructureKind, plan: Plan): ComputedStructure | null {
  const growing = growingIn(plan);
  const bed = plan.beds.find((one) => growing.some((planting) => planting.bed === one.id)) ?? newBed(plan);
  const planting = growing.find((one) => one.bed === bed.id) ?? newPlanting(bed, plan.garden.year);
  const path: Stand = {
    on: 'path',
    spots: [
      { xMm: 0, yMm: 0, groundMm: 0 },
      { xMm: 7200, yMm: 0, groundMm: 0 },
    ],
    closed: false,
    inside: 'left',
    underfoot: SOIL,
  };
  const [host] = KINDS.filter((one) => one.hosts).map((one) => newStructure(one.id, plan, path, []));
  const sketch: Plan = {
    ...plan,
    structures: [...plan.structures, ...(host ? [host] : [])],
    beds: [...plan.beds.filter((one) => one.id !== bed.id), bed],
    plantings: [...plan.plantings.filter((one) => one.id !== planting.id), planting],
  };
  const [way] = waysAmong(plan.beds);
  const stands: Record<Stand['on'], Stand | null> = {
    bed: { on: 'bed', bed: bed.id },
    beds: way ? { on: 'beds', beds: [way.beds[0].id, way.beds[1].id] } : null,
    path,
    run: host ? { on: 'run', of: host.id, atMm: 3600 } : null,
    spot: { on: 'spot', at: { xMm: 0, yMm: 0, turnDeg: 0 }, underfoot: SOIL },
  };
  const [stand] = kind.stands.flatMap((on) => stands[on] ?? []);
  if (!stand) return null;
  const structure: StructurePlan = newStructure(kind.id, sketch, stand, asStand(stand, 'bed') ? [planting.id] : []);
  const drawn = computeAs(kindOf, { ...sketch, structures: [...sketch.structures, structure] }, structure);
  const places = drawn.sized.design.roomFor;
  if (places === undefined) return drawn;
  const planted = planterPlanting(structure.id, places, plan.garden.year);
  const full = { ...structure, plantings: [planted.id] };
  return computeAs(kindOf, { ...sketch, plantings: [planted], structures: [full] }, full);
}
