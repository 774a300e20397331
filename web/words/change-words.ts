import type { NamedChange } from '@lignum/core/plan/named-changes';
import { formatLength, type Units } from '@lignum/core/quantity/length';
import type { StructureKind } from '@lignum/core/structures/kind';
import { knobWords } from './knob-words';

/** Fields of things and of the garden as gardeners call them; those in millimetres are told as lengths. */
const FIELDS: Readonly<Record<string, string>> = {
  lengthMm: 'length',
  widthMm: 'width',
  heightMm: 'height',
  riseMm: 'slope',
  keepClearMm: 'kept clear',
  standFrom: 'where one stands',
  grew: 'what grew there',
  outline: 'outline',
  underfoot: 'ground under it',
  plantings: 'what it carries',
  count: 'number',
  fromMm: 'from',
  toMm: 'to',
  training: 'how it is trained',
  depthMm: 'depth',
  northDeg: 'north',
  latitudeDeg: 'latitude',
  longitudeDeg: 'longitude',
  lastFrost: 'last frost',
  firstFrost: 'first frost',
  frostDepthMm: 'frost depth',
  gustMs: 'gust',
  armMm: 'reach of an arm',
  reachMm: 'reach of the tallest',
  monthlyC: 'temperatures',
  visitors: 'who visits',
  year: 'season',
};
const fieldWords = (field: string): string => FIELDS[field] ?? field;

const valueWords = (field: string, value: string | number, units: Units): string =>
  typeof value === 'number' && field.endsWith('Mm') ? formatLength(value, units) : String(value);

/** A change in a line: "Tomato wall: posts apart 8′ → 6′". */
export function changeWords(
  change: NamedChange,
  { kinds, units }: { kinds: readonly StructureKind[]; units: Units },
): string {
  const kindNamed = (id: string) => kinds.find((one) => one.id === id);
  switch (change.is) {
    case 'garden':
      return `The place: ${fieldWords(change.field)}`;
    case 'prices':
      return 'Prices';
    case 'shed':
      return 'The shed';
    case 'work':
      return 'Who builds, and when';
    case 'added':
      return `${change.name} added`;
    case 'removed':
      return `${change.name} removed`;
    case 'moved':
      return `${change.name} moved`;
    case 'renamed':
      return `${change.from} is called ${change.to}`;
    case 'built as':
      return `${change.name}: ${kindNamed(change.from)?.name ?? ''} → ${kindNamed(change.to)?.name ?? ''}`;
    case 'turned': {
      const knob = kindNamed(change.kind)?.knobs[change.knob];
      const said = (value: string | number | null): string =>
        value === null || !knob ? 'as suggested' : knobWords(knob, value, units);
      return `${change.name}: ${(knob?.label ?? change.knob).toLowerCase()} ${said(change.from)} → ${said(change.to)}`;
    }
    case 'set': {
      const { field, from, to } = change;
      const name = `${change.name}: ${fieldWords(field)}`;
      return from === null || to === null
        ? name
        : `${name} ${valueWords(field, from, units)} → ${valueWords(field, to, units)}`;
    }
  }
}
