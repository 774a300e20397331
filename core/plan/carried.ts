import { CATALOGUE } from '../catalogue/catalogue';
import type { Setting } from '../structures/setting';
import type { KindCard } from '../structures/kind';
import type { SeenGarden } from './compute';
import type { SeenStructure } from './compute-as';
import type { Plan } from './plan';
import { onSale } from './setting-of';

/** A computed structure as data alone, which can be sent to another thread: the card of its kind and what is on sale are found there again. */
export type CarriedStructure = Omit<SeenStructure, 'kind' | 'structure' | 'setting'> & {
  id: string;
  setting: Omit<Setting, 'catalogue' | 'sizesOf' | 'priceOf'>;
};

/** A computed garden as data; of a structure that is as it was carried last time only the id. */
export interface CarriedGarden extends Pick<SeenGarden, 'shopping' | 'cost'> {
  structures: readonly (CarriedStructure | string)[];
}

/** A setting without what only the place where it is read can answer. */
export function dataOf(setting: Setting): CarriedStructure['setting'] {
  return Object.fromEntries(
    Object.entries(setting).filter(([field]) => !FOUND_AGAIN.has(field)),
  ) as unknown as CarriedStructure['setting'];
}
const FOUND_AGAIN = new Set(['catalogue', 'sizesOf', 'priceOf']);

function carriedStructure({ kind: _kind, structure, setting, ...rest }: SeenStructure): CarriedStructure {
  return { ...rest, id: structure.id, setting: dataOf(setting) };
}

/** What is sent of a garden to somebody who has been sent others before: each structure again only when it has changed. */
export function carrier(): (garden: SeenGarden) => CarriedGarden {
  let sent = new Map<string, SeenStructure>();
  return ({ structures, shopping, cost }) => {
    const carried = structures.map((one) =>
      sent.get(one.structure.id) === one ? one.structure.id : carriedStructure(one),
    );
    sent = new Map(structures.map((one) => [one.structure.id, one]));
    return { structures: carried, shopping, cost };
  };
}

/** JSON knows no infinity, but a number too large for any machine is read as one (ECMA-404 bounds no number; IEEE 754 rounds it so). */
const ENDLESS = '\u0000endless';

/** A carried garden as JSON; `JSON.parse` reads it. Less than nothing is nothing: it knows no −0. */
export const writeCarried = (garden: CarriedGarden): string =>
  JSON.stringify(garden, (_, value: unknown) => (value === Infinity ? ENDLESS : value)).replaceAll(
    JSON.stringify(ENDLESS),
    '1e999',
  );

/** A structure made whole again, with as much of its kind as is known there. */
type Whole<Kind> = SeenStructure & { kind: Kind };

/** The other end of a {@link carrier}: what it sent, in its order, made whole again for the plan it was worked out from. */
export function unpacker<Kind extends KindCard>(
  kindOf: (id: string) => Kind,
): (plan: Plan, carried: CarriedGarden) => SeenGarden & { structures: readonly Whole<Kind>[] } {
  let had = new Map<string, Whole<Kind>>();
  return (plan, { structures, shopping, cost }) => {
    const sale = onSale(plan);
    const whole = structures.map((one): Whole<Kind> => {
      const id = typeof one === 'string' ? one : one.id;
      const structure = plan.structures.find((other) => other.id === id);
      if (!structure)
        throw new Error(`"${id}" was carried and is in no plan: unpack with the plan that was asked about.`);
      if (typeof one !== 'string') {
        const { id: _id, setting, ...rest } = one;
        return {
          ...rest,
          structure,
          kind: kindOf(structure.kind),
          setting: { ...setting, catalogue: CATALOGUE, ...sale },
        };
      }
      const before = had.get(id);
      if (!before) throw new Error(`"${id}" was never carried: unpack everything its carrier sends.`);
      return before;
    });
    had = new Map(whole.map((one) => [one.structure.id, one]));
    return { structures: whole, shopping, cost };
  };
}
