import { counted } from '../crops/counted';
import { cropOf, growingIn } from '../plan/growing';
import { money } from '../quantity/money';
import type { SeenGarden } from '../plan/compute';
import { asStand } from '../site/stands/stands';
import { fact, type Fact } from '../wording/say';
import { unheld, type OpenIn, type OpenPoint } from './open-points';

/** What is done about a step: a place of the program that a view knows the way to. */
export type NextDoor =
  | { to: 'ground' | 'first bed' | 'visitors' | 'open' | 'list' | 'weekends' }
  | { to: 'plant' | 'on what'; bed: string }
  | { to: 'print'; structures: readonly string[] };

/**
 * What a garden asks for next, in the order in which gardeners work.
 * @example { id: 'on-what yard-bed', told: fact('next.on-what', …), door: { to: 'on what', bed: 'yard-bed' } }
 */
export interface NextStep {
  /** The same for as long as it asks the same: put off once, it is not asked again. */
  id: string;
  told: Fact;
  door: NextDoor;
}

/** What next steps follow from: the garden, what is open in it, and what the record says was done. */
export interface Known extends OpenIn {
  garden: Pick<SeenGarden, 'structures' | 'shopping' | 'cost'>;
  points: readonly OpenPoint[];
  isBought: (purchase: SeenGarden['shopping']['purchases'][number]) => boolean;
  isPrinted: (structure: string) => boolean;
}

type Ask = (known: Known) => NextStep[];

const isEmpty = ({ plan }: Known): boolean =>
  plan.beds.length + plan.features.length + plan.structures.length + plan.plantings.length === 0;

const ground: Ask = (known) =>
  isEmpty(known) ? [{ id: 'ground', told: fact('next.ground'), door: { to: 'ground' } }] : [];

const firstBed: Ask = ({ plan }) =>
  plan.beds.length === 0 && plan.structures.length === 0
    ? [{ id: 'first-bed', told: fact('next.first-bed'), door: { to: 'first bed' } }]
    : [];

/** Beds in which nothing grows and nothing stands: what stands without plants has been decided. */
const plant: Ask = ({ plan }) => {
  const growing = new Set(growingIn(plan).map(({ bed }) => bed));
  return plan.beds.flatMap(({ id, name }): NextStep[] =>
    growing.has(id) || plan.structures.some(({ stand }) => asStand(stand, 'bed')?.bed === id)
      ? []
      : [{ id: `plant ${id}`, told: fact('next.plant', { bed: name }), door: { to: 'plant', bed: id } }],
  );
};

const onWhat: Ask = (known) =>
  unheld(known).map((one) => ({
    id: `on-what ${one.id}`,
    told: fact('next.on-what', {
      plants: counted(cropOf(known.plan, one), one.count),
      bed: known.plan.beds.find(({ id }) => id === one.bed)?.name ?? '',
    }),
    door: { to: 'on what', bed: one.bed },
  }));

const visitors: Ask = ({ plan, watched }) =>
  plan.site.visitors.length === 0 && watched.length > 0
    ? [{ id: 'visitors', told: fact('next.visitors'), door: { to: 'visitors' } }]
    : [];

const settle: Ask = ({ points }) => {
  const [fails, warns] = (['fail', 'warn'] as const).map((level) => points.filter((one) => one.level === level).length);
  return [
    ...(fails
      ? [{ id: `fails ${fails}`, told: fact('next.fails', { count: fails }), door: { to: 'open' } as const }]
      : []),
    ...(warns && !fails
      ? [{ id: `warns ${warns}`, told: fact('next.warns', { count: warns }), door: { to: 'open' } as const }]
      : []),
  ];
};

const shop: Ask = ({ plan, garden, isBought }) => {
  const left = garden.shopping.purchases.filter((one) => !isBought(one));
  if (left.length === 0) return [];
  const { purchases } = garden.shopping;
  const told =
    left.length === purchases.length
      ? fact('next.shop', { lines: left.length, total: money(garden.cost.totalMinor, plan.garden.currency) })
      : fact('next.shop-rest', { lines: left.length });
  return [{ id: `shop ${left.length}`, told, door: { to: 'list' } }];
};

const print: Ask = ({ plan, isPrinted }) => {
  const left = plan.structures.filter(({ id }) => !isPrinted(id)).map(({ id }) => id);
  return left.length === 0
    ? []
    : [
        {
          id: `print ${left.length}`,
          told: fact('next.print', { plans: left.length }),
          door: { to: 'print', structures: left },
        },
      ];
};

/** Several things to build, and nobody has said who builds them and when. */
const whoBuilds: Ask = ({ plan }) =>
  plan.work === undefined && plan.structures.length >= SEVERAL
    ? [
        {
          id: 'weekends',
          told: fact('next.weekends', { structures: plan.structures.length }),
          door: { to: 'weekends' },
        },
      ]
    : [];
/** One or two are built without a plan of days (from memory). */
const SEVERAL = 3;

/** What can be asked for, in the order of the work: a capability that asks for more is entered here. */
const ASKS: readonly Ask[] = [ground, firstBed, plant, onWhat, visitors, settle, shop, whoBuilds, print];

/** All that a garden asks for now, what comes first first. */
export const nextSteps = (known: Known): NextStep[] => ASKS.flatMap((ask) => ask(known));
