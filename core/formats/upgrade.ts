import { CROPS } from '../crops/table';
import { regionNear } from '../site/regions';
import { guessInside, middleOfLongest } from '../site/path';
import { SOIL } from '../site/underfoot';
import { tidy } from '../structures/rules/tidy';

/**
 * Brings an older plan document up to the version of today, a version at a time, before it is checked.
 * Works on whatever it is given: what is no plan of a known version is handed on as it is, for the door
 * to say what is wrong with it.
 */
type Document = Record<string, unknown>;

const isDocument = (value: unknown): value is Document =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const each = (list: unknown, change: (one: Document) => Document): unknown =>
  Array.isArray(list) ? (list as unknown[]).map((one) => (isDocument(one) ? change(one) : one)) : list;

/** By the version they start from. */
const STEPS: Readonly<Record<number, (plan: Document) => Document>> = {
  // A structure stands on more than beds, a bed has an outline, open ground has its own soil and wind.
  1: (plan) => ({
    ...plan,
    version: 2,
    site: isDocument(plan.site) ? { soil: 'loam', wind: 'usual', ...plan.site } : plan.site,
    beds: each(plan.beds, (bed) => ({ outline: { shape: 'rectangle' }, ...bed })),
    structures: each(plan.structures, ({ bed, ...structure }) => ({ ...structure, stand: { on: 'bed', bed } })),
  }),
  // A gate was a knob of its fence; now it stands in the fence's run, and there may be several.
  2: (plan) => ({
    ...plan,
    version: 3,
    structures: Array.isArray(plan.structures) ? gatesApart(plan.structures, plan.garden) : plan.structures,
  }),
  // How lengths are written said what is bought as well; now that is a setting of its own, and writing is each person's.
  3: (plan) => ({ ...plan, version: 4, garden: isDocument(plan.garden) ? marketApart(plan.garden) : plan.garden }),
  // A place has a year, a raised bed a fill, open ground is of something, and a fence has an inside.
  4: (plan) => ({
    ...plan,
    version: 5,
    site: isDocument(plan.site) ? { monthlyC: yearAt(plan.site), ...plan.site } : plan.site,
    // Nobody said that it had settled.
    beds: each(plan.beds, (bed) => ({ fill: 'loose', ...bed })),
    structures: each(plan.structures, (structure) => standsOn(structure, plan.beds)),
  }),
  // A crop grows by the warmth of its place, and what lives for years has a year of its own.
  5: (plan) => ({ ...plan, version: 6, crops: each(plan.crops, cropByWarmth) }),
  // A garden is planned for a season, a planting has its own, and what stood before is told by the season.
  6: (plan) => ({
    ...plan,
    version: 7,
    garden: isDocument(plan.garden) ? { year: WRITTEN_IN, ...plan.garden } : plan.garden,
    beds: each(plan.beds, bedBySeason),
    plantings: each(plan.plantings, (planting) => ({ year: WRITTEN_IN, ...planting })),
  }),
  // A planting may take a stretch of its bed; of none was that said.
  7: (plan) => ({ ...plan, version: 8 }),
};

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/** The season in which every plan that knew none was written. */
const WRITTEN_IN = 2026;

/** What was said to have stood in a bed last year, the year before, and the one before that. */
function bedBySeason({ grewBefore, ...bed }: Document): Document {
  const families = Array.isArray(grewBefore) ? (grewBefore as unknown[]) : [];
  const grew = families.flatMap((family, i) => (family === '' ? [] : [{ year: WRITTEN_IN - 1 - i, family }]));
  return { grew, ...bed };
}

/** The year of the nearest region. */
function yearAt({ latitudeDeg, longitudeDeg }: Document): unknown {
  const known = isNumber(latitudeDeg) && isNumber(longitudeDeg);
  return regionNear(known ? latitudeDeg : 52, known ? longitudeDeg : 0).site.monthlyC;
}

/** What stood on a spot or along a path stood on soil, but for a planter that was told to stand on a floor; the inside of a fence is guessed from the beds. */
function standsOn(structure: Document, beds: unknown): Document {
  const { stand, knobs } = structure;
  if (!isDocument(stand) || (stand.on !== 'spot' && stand.on !== 'path')) return structure;
  if (stand.on === 'path') {
    const spots = spotsOf(stand.spots);
    const inside = guessInside(
      spots,
      stand.closed === true,
      spotsOf(beds).map(({ xMm, yMm }) => [xMm, yMm] as const),
    );
    return { ...structure, stand: { inside, underfoot: SOIL, ...stand } };
  }
  if (structure.kind !== 'pallet-planter' || !isDocument(knobs))
    return { ...structure, stand: { underfoot: SOIL, ...stand } };
  const { stands, safeLoad, ...rest } = knobs;
  const bears = isNumber(safeLoad) && safeLoad > 0 ? safeLoad : null;
  const underfoot = stands === 'floor' ? { is: 'decking', bearsKgM2: bears, answeredBy: '' } : SOIL;
  return { ...structure, knobs: rest, stand: { underfoot, ...stand } };
}

/** From memory, by what frost does to it; what is in the table has its row's. */
const BASE_C: Readonly<Record<string, number>> = { tender: 9, 'half-hardy': 6, hardy: 4 };

function cropByWarmth(crop: Document): Document {
  const row = CROPS.find(({ id }) => id === crop.id);
  const baseC = row?.baseC ?? BASE_C[String(crop.hardiness)] ?? 6;
  if (!isNumber(crop.seasons) || crop.seasons < 2) return { baseC, ...crop };
  const years = row?.years ?? {
    firstCropYear: 2,
    winter: 'stands',
    budsWeek: -6,
    flowersWeek: 4,
    picksForDays: 30,
    prunes: 'winter',
  };
  // Its days were counted from planting; of what lives for years they are from its flowers.
  return { baseC, years, ...crop, daysToCrop: row?.daysToCrop ?? { least: 45, most: 60 } };
}

const spotsOf = (list: unknown): { xMm: number; yMm: number }[] =>
  (Array.isArray(list) ? (list as unknown[]) : []).filter(
    (spot): spot is { xMm: number; yMm: number } => isDocument(spot) && isNumber(spot.xMm) && isNumber(spot.yMm),
  );

const marketApart = ({ units, ...garden }: Document): Document => ({ market: units, ...garden });

function gatesApart(structures: readonly unknown[], garden: unknown): unknown[] {
  const taken = new Set(structures.map((one) => (isDocument(one) ? one.id : null)));
  return structures.flatMap((one, i) => {
    if (!isDocument(one)) return [one];
    const wished = `${String(one.id).slice(0, 55)}-gate`;
    return gateApart(one, taken.has(wished) ? `${wished}-${i}` : wished, garden);
  });
}

function gateApart(structure: Document, id: string, garden: unknown): Document[] {
  const { knobs, stand } = structure;
  if (structure.kind !== 'garden-fence' || !isDocument(knobs)) return [structure];
  const { gate, gateAt, gateWidth, ...rest } = knobs;
  const fence = { ...structure, knobs: rest };
  if (gate !== 'one' || !isDocument(stand) || !Array.isArray(stand.spots)) return [fence];
  const spots = spotsOf(stand.spots);
  const units = isDocument(garden) && garden.units === 'metric' ? 'metric' : 'imperial';
  return [
    fence,
    {
      id,
      kind: 'garden-gate',
      name: `Gate of ${String(structure.name)}`.slice(0, 80).trim(),
      stand: {
        on: 'run',
        of: structure.id,
        atMm: gateAt ?? tidy(middleOfLongest(spots, stand.closed === true), units),
      },
      plantings: [],
      knobs: gateWidth === undefined ? {} : { width: gateWidth },
    },
  ];
}

/** The document in the newest version that steps lead to. The input is left as it is. */
export function upgradePlan(input: unknown): unknown {
  let plan = input;
  for (;;) {
    const step: ((plan: Document) => Document) | undefined =
      isDocument(plan) && typeof plan.version === 'number' && Object.hasOwn(STEPS, plan.version)
        ? STEPS[plan.version]
        : undefined;
    if (!step) return plan;
    plan = step(plan as Document);
  }
}
