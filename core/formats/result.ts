import type { Design } from '../design/design';
import { type Part, shapeOf } from '../design/shapes/shapes';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Layout } from '../cutting/cut-plan';
import type { Cost } from '../costing/cost';
import { meshesToMm, type Shopping } from '../costing/buy';
import type { Point } from '../geometry/space';
import { strengthOf } from '../statics/strength';
import { meetingsOf, supportsOf } from '../joinery/meetings';
import { setFixings } from '../joinery/set-fixings';
import { rodsOf } from '../setting-out/rods';
import { computeGarden, nearTo } from '../plan/compute';
import { kindOf } from '../structures/registry';
import { seasonOf, seasonPhrases } from '../plan/season';
import { stepPhrases, stepsOf } from '../plan/steps';
import { withMends, type MendedStructure } from '../plan/mends';
import type { Plan } from '../plan/plan';
import { money, type Money } from '../quantity/money';
import type { Units } from '../quantity/length';
import { sayEnd } from '../design/end-cuts';
import { say, type FactValue, type Tongue } from '../wording/say';

export const RESULT_FORMAT = 'lignum-result';
export const RESULT_VERSION = 4;

/** Rounded to a thousandth of a millimetre, so that the document is the same on every machine. */
/** The bare value of a fact: mm, mm³, kg, kg/m²; a day; an amount of money. */
function plain(value: FactValue): unknown {
  if (typeof value !== 'object') return value;
  if ('mm' in value) return mm(value.mm);
  if ('mm3' in value) return mm(value.mm3);
  if ('kg' in value) return mm(value.kg);
  if ('kgM2' in value) return mm(value.kgM2);
  if ('ms' in value) return mm(value.ms);
  if ('newtons' in value) return mm(value.newtons);
  if ('celsius' in value) return mm(value.celsius);
  return 'monthDay' in value ? value.monthDay : value;
}

const mm = (value: number): number => Math.round(value * 1000) / 1000 + 0;
const rounded = (value: number | string): number | string => (typeof value === 'number' ? mm(value) : value);
const point = (at: Point) => at.map(mm);

/**
 * The complete result of a (checked) plan as a document: for each structure its parts, stations,
 * bill, purchases, cost and verdicts; for the garden the merged shopping, cut plans and totals.
 * Lengths mm, money minor units with currency, sentences in `units`.
 */
export function resultOf(plan: Plan, units: Units = plan.garden.market) {
  const { head, structures } = resultInParts(plan, units);
  return { ...head, structures: [...structures] };
}

/** The same as text, a structure at a time as it is worked out: nobody waits for the last to read the first. */
export function* resultText(plan: Plan, units: Units = plan.garden.market): Generator<string> {
  const { head, structures } = resultInParts(plan, units);
  yield JSON.stringify(head, null, 2).replace(/\n\}$/, ',\n  "structures": [');
  let before = '';
  for (const structure of structures) {
    yield `${before}\n    ${JSON.stringify(structure, null, 2).replaceAll('\n', '\n    ')}`;
    before = ',';
  }
  yield before === '' ? ']\n}\n' : '\n  ]\n}\n';
}

function resultInParts(plan: Plan, units: Units) {
  const garden = computeGarden(plan);
  const tongue: Tongue = { units, locale: plan.garden.locale };
  return {
    head: {
      format: RESULT_FORMAT,
      version: RESULT_VERSION,
      garden: {
        name: plan.garden.name,
        market: plan.garden.market,
        units,
        ...shoppingOf(garden.shopping, garden.cost, plan.garden.currency),
      },
    },
    structures: (function* () {
      for (const one of garden.structures)
        yield structureOf(withMends(kindOf, plan, one, nearTo(plan, one.structure)), plan, tongue);
    })(),
  };
}

function structureOf(one: MendedStructure, plan: Plan, tongue: Tongue) {
  const { kind } = one;
  const { design, knobs } = one.sized;
  return {
    id: one.structure.id,
    name: one.structure.name,
    kind: one.structure.kind,
    stand: one.structure.stand,
    frame: { xMm: mm(one.frame.xMm), yMm: mm(one.frame.yMm), turnDeg: one.frame.turnDeg, baseMm: mm(one.frame.baseMm) },
    builtMm: mm(design.builtMm),
    knobs: Object.fromEntries(
      Object.entries(knobs).map(([name, state]) => [
        name,
        {
          value: rounded(state.value),
          by: state.by,
          why: say(state.suggestion.why, kind.phrases, tongue),
        },
      ]),
    ),
    ...builtOf(design),
    ...judgedOf(one, plan, tongue),
    ...doneOf(one, tongue),
  };
}

/** What stands there: its parts, what holds them, what it stands on, what it is cut out of, where its plants are. */
function builtOf(design: Design) {
  return {
    parts: design.parts.map((part) => ({
      id: part.id,
      role: part.role,
      stock: part.stock,
      cutMm: mm(part.cutMm),
      count: 1,
      ends: (shapeOf(part).taken(part).ends ?? []).map((end) => sayEnd(end, 'metric')),
      position: positionOf(part),
    })),
    joints: setFixings(design, CATALOGUE).map((joint) => ({
      id: joint.id,
      kind: joint.kind,
      places: joint.places.map(point),
      parts: joint.parts,
      fixings: joint.fixings.map((fixing) => ({
        stock: fixing.stock,
        count: fixing.count,
        eachMm: fixing.eachMm === undefined ? null : mm(fixing.eachMm),
        set: (fixing.driven ?? []).map((one) => ({
          at: point(one.at),
          way: one.way.map(mm),
          longMm: mm(one.longMm),
          through: one.through,
          into: one.into,
          pilotMm: one.pilotMm,
        })),
      })),
    })),
    // Each pair that a joint holds, which way that carries, and with which of its fixings.
    meetings: meetingsOf(design).map(({ at, ...one }) => ({ ...one, at: at.map(point) })),
    supports: supportsOf(design).map((one) => ({
      ...one,
      at: point(one.at),
      depthMm: mm(one.depthMm),
      acrossMm: mm(one.acrossMm),
    })),
    strengths: [
      ...new Set([...design.parts, ...design.joints.flatMap(({ fixings }) => fixings)].map(({ stock }) => stock)),
    ]
      .toSorted()
      .flatMap((stock) => {
        const strength = strengthOf(CATALOGUE.stock(stock));
        return strength ? [{ stock, ...strength }] : [];
      }),
    boards: (design.boards ?? []).map((board) => ({
      id: board.id,
      stock: board.stock,
      lengthMm: mm(board.lengthMm),
      wideMm: mm(board.wideMm),
      kerfMm: mm(board.kerfMm),
      strips: board.strips.map((strip) => ({
        name: strip.name,
        fromMm: mm(strip.fromMm),
        wideMm: mm(strip.wideMm),
        edges: strip.edges,
        pieces: strip.pieces.map((piece) => ({ part: piece.part, atMm: mm(piece.atMm), lengthMm: mm(piece.lengthMm) })),
      })),
      guides: board.guides.map((guide) => ({
        cut: guide.cut,
        from: guide.from,
        stripMm: mm(guide.stripMm),
        guideMm: mm(guide.guideMm),
      })),
    })),
    dug: design.dug ? { what: design.dug.what, litres: mm(design.dug.mm3 / 1e6) } : null,
    stations: design.stations.map((station) => ({
      id: station.id,
      crop: station.crop,
      planting: station.planting,
      spare: station.spare === true,
      alongMm: mm(station.alongMm),
      side: station.side,
      at: point(station.at),
    })),
  };
}

/** What it takes and costs, and what its checks say. */
function judgedOf(one: MendedStructure, plan: Plan, tongue: Tongue) {
  const { kind } = one;
  return {
    bill: one.bill.map((line) => ({
      id: line.id,
      group: line.group,
      use: line.use,
      stock: line.stock,
      name: CATALOGUE.stock(line.stock).name,
      count: line.count,
      cutMm: line.cutMm === null ? null : mm(line.cutMm),
      litres: line.litres === null ? null : mm(line.litres),
      rippedFrom: line.board,
      ends: line.ends ? line.ends.map((end) => sayEnd(end, 'metric')) : [],
      why: say(line.why, kind.phrases, tongue),
    })),
    ...shoppingOf(one.shopping, one.cost, plan.garden.currency),
    verdicts: one.verdicts.map((verdict) => ({
      check: verdict.check,
      level: verdict.level,
      code: verdict.told.code,
      says: say(verdict.told, kind.phrases, tongue),
      compared: Object.fromEntries(Object.entries(verdict.told.values).map(([name, value]) => [name, plain(value)])),
      mend: verdict.mend && {
        says: verdict.mends ?? '',
        knobs: verdict.mend.settings,
        turns: verdict.mend.turns.map(({ knob, from, to }) => ({ knob, from: rounded(from), to: rounded(to) })),
        costs: verdict.mend.costMinor === null ? null : money(verdict.mend.costMinor, plan.garden.currency),
      },
    })),
  };
}

/** How it is built, set out and kept through the year. */
function doneOf(one: MendedStructure, tongue: Tongue) {
  const { design } = one.sized;
  const [steps, phrases] = [stepsOf(one), stepPhrases(one)];
  return {
    steps: steps.map((step) => ({
      code: step.what.code,
      says: say(step.what, phrases, tongue),
      adds: step.adds ?? [],
      uses: step.uses ?? [],
      people: step.people,
      waitHours: step.waitHours ?? 0,
      caution: step.caution ? { code: step.caution.code, says: say(step.caution, phrases, tongue) } : null,
    })),
    marks: rodsOf(design).map((rod) => ({
      kind: rod.kind,
      role: rod.role,
      parts: rod.parts,
      lengthMm: mm(rod.lengthMm),
      marks: rod.marks.map((mark) => ({ atMm: mm(mark.atMm), of: mark.of, what: mark.what, no: mark.no })),
    })),
    season: seasonOf(one).map((note) => ({
      on: note.on,
      code: note.what.code,
      says: say(note.what, seasonPhrases(one), tongue),
    })),
  };
}

function positionOf(part: Part) {
  const field = (value: number | readonly number[] | readonly Point[]): unknown =>
    typeof value === 'number'
      ? mm(value)
      : value.map((one: number | Point) => (typeof one === 'number' ? mm(one) : point(one)));
  const fields = Object.entries(shapeOf(part).document(part)).map(([name, value]) => [name, field(value)]);
  return { shape: part.shape, ...Object.fromEntries(fields) } as { shape: Part['shape'] };
}

function shoppingOf(shopping: Shopping, cost: Cost, currency: string) {
  const amount = (minor: number): Money => money(minor, currency);
  return {
    purchases: shopping.purchases.map((one) => ({
      stock: one.stock,
      name: CATALOGUE.stock(one.stock).name,
      size: mm(one.size),
      count: one.count,
      each: amount(one.eachMinor),
      cost: amount(one.costMinor),
      ...(one.shop === undefined ? {} : { shop: one.shop }),
    })),
    fromShed: shopping.fromShed.map((one) => ({ ...one, size: mm(one.size) })),
    spares: shopping.spares.map(({ moreMinor, ...one }) => ({ ...one, more: amount(moreMinor) })),
    missing: shopping.missing.map((one) => ({ stock: one.stock, because: one.because, measure: mm(one.measure) })),
    cutPlans: shopping.cutPlans.map((plan) => {
      const toMm = (measure: number): number =>
        mm(plan.measuredIn === 'mm' ? measure : meshesToMm(CATALOGUE, plan.stock, measure));
      return {
        stock: plan.stock,
        method: plan.method,
        cost: amount(plan.costMinor),
        costsAtLeast: amount(plan.boundMinor),
        provedBest: plan.costMinor === plan.boundMinor && plan.unplaced.length === 0,
        pieces: plan.layouts.map((layout: Layout) => ({
          name: layout.name,
          from: layout.from,
          lengthMm: toMm(layout.measure),
          offcutMm: toMm(layout.offcut),
          cuts: layout.cuts.map((cut) => ({
            structure: cut.structure,
            part: cut.part,
            atMm: toMm(cut.at),
            lengthMm: toMm(cut.measure),
          })),
        })),
      };
    }),
    cost: {
      net: amount(cost.netMinor),
      tax: amount(cost.taxMinor),
      total: amount(cost.totalMinor),
      perPlant: cost.perPlantMinor === null ? null : amount(cost.perPlantMinor),
      perMetre: amount(cost.perMetreMinor),
      perSeason: amount(cost.perSeasonMinor),
      complete: cost.complete,
    },
  };
}
