import type { Stock, Timber } from './stock';
import { usedAs } from './timber';

/**
 * What is said of how long a thing lasts, apart from the catalogue: only prices are read with it, and a bench loads without.
 */
const OF_TIMBER: Readonly<Record<ReturnType<typeof usedAs>, Record<Timber['treatment'], string>>> = {
  slat: { untreated: 'clear of the soil, oiled', treated: 'clear of the soil', durable: 'clear of the soil' },
  light: {
    untreated: 'thin softwood in soil goes at the ground line first',
    treated: 'rated for ground contact; recoat cut ends',
    durable: 'heartwood of a naturally durable species',
  },
  heavy: {
    untreated: 'end grain rots from the top unless it is capped',
    treated: 'rated for ground contact; recoat cut ends',
    durable: 'heartwood of a naturally durable species',
  },
};

/** Of everything else: who it is said of. */
const SAID: readonly (readonly [note: string, ...ids: string[]])[] = [
  [
    'galvanised after welding',
    'panel-16ft',
    'panel-8ft',
    'panel-8ft-close',
    'panel-3m',
    'panel-2m5-narrow',
    'mesh-4-welded',
    'mesh-2x3-36',
    'hardware-36',
    'hardware-48',
    'mesh-1-36',
    'mesh-1-48',
    'mesh-2x4-60',
    'mesh-2x4-72',
    'mesh-2x4-96',
  ],
  ['thin wire, plastic coat', 'panel-light'],
  ['UV-stabilised', 'mesh-fine', 'cover-butterfly', 'cover-film'],
  ['thin wire, plastic coat; folds when it is leaned on', 'mesh-garden'],
  ['taken off when the plants have hardened', 'skirt-cloth'],
  ['lets water through; the sun takes it where it lies bare', 'planter-cloth'],
  ['under soil; the sun takes it in ten', 'pond-liner'],
  ['plain steel: it rusts, slowly', 'mesh-cage-60', 'mesh-cage-72'],
  ['UV-stabilised plastic', 'mesh-deer-96'],
  ['of hazel; willow lasts five', 'hurdle-36', 'hurdle-48', 'hurdle-60', 'hurdle-72'],
  ['UV-stabilised; mend every hole', 'cover-insect', 'cover-insect-wide'],
  ['knotted; snags on buttons and twigs', 'cover-bird'],
  ['UV-stabilised; knitted, it does not run when it is cut', 'cover-shade-30', 'cover-shade-50'],
  ['UV-stabilised; hung with a fall, so that hail runs off', 'cover-hail'],
  ['tears on thorns and in wind', 'cover-fleece'],
  ['its printed side to the sun; it yellows in time', 'glazing-4'],
  ['look at its foot every spring', 'own-post', 'own-wire', 'own-mesh'],
  ['painted or galvanised; rusts first at the ground line', 'steel-post'],
  ['the foot goes first; cut it back and push it in again', 'pole-larch'],
  ['stored dry over winter', 'pole-bamboo', 'cane-bamboo', 'cane-bamboo-stout'],
  ['on the soil; its bark off, or it goes sooner', 'log-150'],
  ['brittle after a summer; it kindles fires', 'stick-twiggy'],
  ['rusts unless it is coated', 'rod-10'],
  ['sun makes it brittle', 'pipe-plastic-27'],
  ['lime and wet compost eat the zinc', 'sheet-corrugated'],
  ['longer than the post in it', 'concrete-mix'],
  ['0.4 kg a litre as it is sold, from memory', 'potting-mix'],
  ['topped up every spring', 'own-soil', 'topsoil'],
  ['half of it is gone in two seasons', 'compost'],
  ['it sinks as it rots', 'own-prunings'],
  ['1.6 kg a litre, from memory', 'gravel'],
  ['its metal strands break before the plastic ones', 'poly-wire'],
  ['its openings fill with lime', 'drip-line'],
  ['out of the sun', 'drain-pipe'],
  ['cut down and composted with the vines', 'twine-natural'],
  ['has to be unpicked from the vines', 'twine-synthetic'],
  ['cut off and composted with the vines', 'twine-cotton'],
  ['look it over every spring', 'rope-natural'],
  ['stainless where it stays wet', 'staple-tacker'],
  ['works loose where it carries alone', 'staple-fence'],
  ['left proud', 'nail-round'],
  ['sun makes them brittle', 'ring-insulator', 'hoop-clip'],
  ['hot-dip galvanised', 'post-shoe', 'post-plate', 'anchor-bolt'],
  ['clips stay', 'post-clip'],
  ['perishes in about two seasons of sun', 'tie-plastic'],
  ['sun makes the plastic brittle', 'tower-tier'],
  ['then its runners take its place', 'plant-strawberry'],
  ['thin untreated softwood that is always wet', 'pallet-48x40'],
  ['untreated softwood that is always wet', 'pallet-1200x800'],
];

/** What is said of how long it lasts; null of what nothing is. @example lifeNote(CATALOGUE.stock('tie-plastic')) */
export const lifeNote = (stock: Stock): string | null =>
  stock.form === 'timber'
    ? OF_TIMBER[usedAs(stock)][stock.treatment]
    : (SAID.find(([, ...ids]) => ids.includes(stock.id))?.[0] ?? null);

/** What something is said of, timber apart. */
export const NOTED: readonly string[] = SAID.flatMap(([, ...ids]) => ids);
