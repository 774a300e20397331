import type { SectionId, Treatment } from '../../catalogue/stock';
import { LIVES, SECTIONS, timberId, TREATMENTS } from '../../catalogue/timber';
import type { Units } from '../../quantity/length';
import { fact } from '../../wording/say';
import type { ChoiceKnob } from '../knob';
import type { Said } from '../said';
import { isOffered, type Setting } from '../setting';

type Use = keyof typeof LIVES;

/** The sections that serve for something, those on sale offered, the usual one of this market suggested. */
export function sectionKnob<const S extends SectionId>(o: {
  label: string;
  group: string;
  help: string;
  of: readonly S[];
  usual: Record<Units, readonly [S, ...S[]]>;
  shown?: ChoiceKnob['shown'];
}) {
  const offered = (setting: Setting): S[] =>
    o.of.filter((id) => TREATMENTS.some((treatment) => isOffered(setting, timberId(id, treatment))));
  return {
    type: 'choice' as const,
    label: o.label,
    group: o.group,
    help: o.help,
    offered,
    ...(o.shown ? { shown: o.shown } : {}),
    choices: o.of.map((id) => ({ id, label: SECTIONS.find((section) => section.id === id)?.nominal ?? id })),
    suggest: (setting: Setting) => {
      const sold = offered(setting);
      return {
        value: o.usual[setting.market].find((id) => sold.includes(id)) ?? sold[0] ?? o.usual[setting.market][0],
        why: fact('section.usual'),
      };
    },
  };
}

/** Untreated, treated or durable: each with how long it lasts in this use. */
export function treatmentKnob(o: {
  section: string;
  group: string;
  use: Use;
  label?: string;
  wanted?: readonly Treatment[];
}) {
  const words: Record<Treatment, string> = {
    untreated: 'untreated',
    treated: 'pressure-treated',
    durable: 'durable heartwood',
  };
  const where = o.use === 'slat' ? 'seasons' : 'seasons in soil';
  const order = o.wanted ?? TREATMENTS;
  return {
    type: 'choice' as const,
    label: o.label ?? 'Lasting',
    group: o.group,
    help: 'How long it lasts, and what that costs, shows in the season’s price.',
    choices: TREATMENTS.map((id) => ({ id, label: `${words[id]}: ${LIVES[o.use][id].seasons} ${where}` })),
    offered: (setting: Setting, set: Readonly<Record<string, number | string>>) =>
      TREATMENTS.filter((treatment) => isOffered(setting, timberId(String(set[o.section]), treatment))),
    suggest: (setting: Setting, set: Readonly<Record<string, number | string>>) => {
      const value = order.find((one) => isOffered(setting, timberId(String(set[o.section]), one))) ?? 'untreated';
      return { value, why: fact(o.wanted ? 'treatment.lasts' : 'treatment.plain') };
    },
  };
}

/** Square posts for what stands for years, and how long they last. */
export const heavyPostKnobs = (group: string, shown?: ChoiceKnob['shown']) => {
  const when = shown ? { shown } : {};
  return {
    section: sectionKnob({
      label: 'Posts of',
      group,
      of: ['4x4', '90x90'],
      usual: { imperial: ['4x4', '90x90'], metric: ['90x90', '4x4'] },
      help: 'A 4×4 measures 3½″ (89 mm).',
      ...when,
    }),
    treatment: {
      ...treatmentKnob({ section: 'section', group, use: 'heavy', wanted: ['treated', 'durable', 'untreated'] }),
      ...when,
    },
  };
};

/** The timber of a section for what stands outdoors: treated where it is sold so. */
export const lastingTimber = (setting: Setting, section: SectionId): string =>
  (['treated', 'durable', 'untreated'] as const)
    .map((treatment) => timberId(section, treatment))
    .find((id) => isOffered(setting, id)) ?? timberId(section, 'untreated');

export const TIMBER_WORDS = {
  phrases: {
    'section.usual': 'The usual one, in your price book.',
    'treatment.plain': 'The cheapest on sale; compare the price of a season.',
    'treatment.lasts': 'Stands in the soil for years; compare the price of a season.',
  },
} as const satisfies Said;
