import { CATALOGUE } from '../catalogue/catalogue';
import { countOf } from '../crops/planted';
import { cropBook, findCrop } from '../crops/book';
import { cropNonsense } from '../crops/crop-nonsense';
import type { Plan } from '../plan/plan';
import { kindOf } from '../structures/registry';
import { remembering } from '../plan/remembered';
import { settingOf } from '../plan/setting-of';
import { siteNonsense } from '../site/site-nonsense';
import { bedNonsense } from '../site/bed-nonsense';
import { workNonsense } from '../plan/work-nonsense';
import { plantingNonsense } from '../plan/planting-nonsense';
import type { DocumentFault } from './door';
import { lookingOnce } from './found-good';
import { outOfMeasure } from './measure';
import { PLAN_SCHEMA } from './plan-schema';
import { upgradePlan } from './upgrade';
import { bedsNamed, hostNamed, standOf } from '../site/stands/stands';

export type PlanReading = { ok: true; plan: Plan } | { ok: false; faults: DocumentFault[] };

const shapeOf = lookingOnce<Plan>(PLAN_SCHEMA, [
  ['beds'],
  ['features'],
  ['crops'],
  ['plantings'],
  ['structures'],
  ['priceBook', 'lines'],
  ['shed'],
]);

/** Reads a plan document of any version: measured, brought up to this one, then shape and limits, then whether its parts refer to each other. */
export function readPlan(input: unknown): PlanReading {
  const vast = outOfMeasure(input);
  if (vast.length > 0) return { ok: false, faults: vast };
  const read = shapeOf(upgradePlan(input));
  if (!read.ok) return read;
  const faults = crossFaults(read.value);
  if (faults.length === 0) faults.push(...tooMuch(read.value));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, plan: read.value };
}

/** A garden of more would take minutes to work out; a large one has a twentieth of it. */
const MOST_PLANTS = 5000;
const MOST_PARTS = 40_000;
/** No shop sells one thing in more sizes than this. */
const MOST_SIZES = 40;
/** So few structures cannot come to {@link MOST_PARTS}: their parts need not be counted. */
const FEW_STRUCTURES = 16;
const CURRENCIES: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));

const partsIn = remembering(
  (kinds, plan, structure) =>
    kinds(structure.kind).design(structure.knobs, settingOf(kinds, plan, structure)).design.parts.length,
);

/** The structure with which the parts of a (so far faultless) plan become too many to be worked out in a while. */
function tooMuch(plan: Plan): DocumentFault[] {
  if (plan.structures.length <= FEW_STRUCTURES) return [];
  let parts = 0;
  for (const [i, structure] of plan.structures.entries()) {
    parts += partsIn(kindOf, plan, structure);
    if (parts > MOST_PARTS)
      return [{ path: `/structures/${i}`, message: `brings the garden to ${parts} parts; the most is ${MOST_PARTS}` }];
  }
  return [];
}

function crossFaults(plan: Plan): DocumentFault[] {
  const faults: DocumentFault[] = [];
  const say = (path: string, message: string) => faults.push({ path, message });
  const beds = new Set(plan.beds.map((bed) => bed.id));
  const planters = new Set(
    plan.structures.filter(({ kind }) => kindOf(kind).purpose === 'planter').map(({ id }) => id),
  );
  const plantings = new Map(plan.plantings.map((planting) => [planting.id, planting]));

  for (const list of ['beds', 'features', 'crops', 'plantings', 'structures'] as const) {
    const seen = new Set<string>();
    plan[list].forEach((one, i) => {
      if (seen.has(one.id)) say(`/${list}/${i}/id`, `is "${one.id}", which another entry has already`);
      seen.add(one.id);
    });
  }
  if (!CURRENCIES.has(plan.garden.currency))
    say('/garden/currency', `is ${plan.garden.currency}, which is no currency of ISO 4217 that is known here`);
  for (const { field, message } of siteNonsense(plan.site)) say(`/site/${field}`, message);
  for (const { field, message } of workNonsense(plan.work)) say(`/work/${field}`, message);
  const plants = countOf(plan.plantings);
  if (plants > MOST_PLANTS) say('/plantings', `come to ${plants} plants; the most is ${MOST_PLANTS}`);
  plan.crops.forEach((crop, i) => {
    for (const { field, message } of cropNonsense(crop)) say(`/crops/${i}/${field}`, message);
  });
  plan.beds.forEach((bed, i) => {
    for (const { field, message } of bedNonsense(bed)) say(`/beds/${i}/${field}`, message);
  });
  plan.plantings.forEach((planting, i) => {
    if (!beds.has(planting.bed) && !planters.has(planting.bed))
      say(`/plantings/${i}/bed`, `is "${planting.bed}", which is no bed and no planter of this plan`);
    const crop = findCrop(plan.crops, planting.crop);
    if (!crop)
      return say(
        `/plantings/${i}/crop`,
        `is "${planting.crop}"; it must be one of ${cropBook(plan.crops)
          .map((one) => one.id)
          .join(', ')}`,
      );
    for (const { field, message } of plantingNonsense(planting)) say(`/plantings/${i}/${field}`, message);
    const trainings = crop.trainings.map((training) => training.id);
    if (!trainings.includes(planting.training))
      say(
        `/plantings/${i}/training`,
        `is "${planting.training}"; for ${planting.crop} it must be one of ${trainings.join(', ')}`,
      );
  });
  plan.structures.forEach((structure, i) => {
    const { stand } = structure;
    const named = bedsNamed(stand);
    standOf(stand)
      .beds(stand)
      .forEach(({ id: bed, field }, n) => {
        const at = `/structures/${i}/stand/${field}`;
        if (!beds.has(bed)) say(at, `is "${bed}", which is no bed of this plan`);
        else if (named.indexOf(bed) !== n) say(at, `is "${bed}", which is named twice`);
      });
    const of = hostNamed(stand);
    if (of !== null) {
      const host = plan.structures.find((one) => one.id === of);
      if (!host) say(`/structures/${i}/stand/of`, `is "${of}", which is no structure of this plan`);
      else if (!kindOf(host.kind).hosts)
        say(`/structures/${i}/stand/of`, `is "${of}", a ${host.kind}, in whose run nothing can stand`);
    }
    for (const { field, why } of standOf(stand).faults(stand)) say(`/structures/${i}/stand/${field}`, why);
    structure.plantings.forEach((id, n) => {
      const planting = plantings.get(id);
      if (!planting) say(`/structures/${i}/plantings/${n}`, `is "${id}", which is no planting of this plan`);
      else if (!named.includes(planting.bed) && !(planters.has(structure.id) && planting.bed === structure.id))
        say(`/structures/${i}/plantings/${n}`, `is "${id}", which grows elsewhere`);
      else if (structure.plantings.indexOf(id) !== n)
        say(`/structures/${i}/plantings/${n}`, `is "${id}", which is named twice`);
    });
  });
  const sizes = new Map<string, number>();
  const priced = new Set<string>();
  plan.priceBook.lines.forEach((line, i) => {
    // A panel or what is bought whole by the piece has one price; a length is the same within half a millimetre.
    const { sold } = CATALOGUE.stock(line.stock);
    const byLength = sold === 'lengths' || sold === 'rolls' || sold === 'reels' || sold === 'whole';
    const size = sold === 'panels' ? 1 : byLength ? Math.round(line.size * 2) / 2 : line.size;
    const key = `${line.stock} ${size}`;
    const asked = `${key} ${line.shop ?? ''}`;
    if (priced.has(asked)) say(`/priceBook/lines/${i}`, `prices ${line.stock} at size ${line.size} a second time`);
    priced.add(asked);
    // Another shop’s price of a size that is there is no more of them.
    const count = (sizes.get(line.stock) ?? 0) + (priced.has(key) ? 0 : 1);
    priced.add(key);
    sizes.set(line.stock, count);
    if (count === MOST_SIZES + 1)
      say(`/priceBook/lines/${i}`, `is size ${count} of ${line.stock}; the most is ${MOST_SIZES} of one item`);
    if (line.price.currency !== plan.garden.currency)
      say(
        `/priceBook/lines/${i}/price/currency`,
        `is ${line.price.currency}; the garden's currency is ${plan.garden.currency}`,
      );
  });
  return faults;
}
