import { stockOf } from '../../../catalogue/catalogue';
import { isBorne, type Borne } from '../../../checks/vines-borne';
import type { Crop } from '../../../crops/crop';
import type { Planted } from '../../../crops/planted';
import { GRAVITY_MS2 } from '../../../quantity/measure';
import { bends } from '../../../statics/beam';
import type { WaySetting } from '../../rules/over-way';
import { lastingTimber } from '../../rules/timber-knobs';
import { baysOf, postMm, sortOf, type ArborValues } from './knobs';

/** What the heaviest of what is planted weighs on the roof, to each metre of it: of what is gone by winter its plants, from both sides. kg/m. */
export function heaviestOn(planted: readonly Planted[]): { crop: Crop; kgM: number } | null {
  const all = planted.map(({ crop, training }) => ({
    crop,
    kgM: crop.matureKgM ?? (2 * crop.wetKg) / (training.spacingMm / 1000),
  }));
  return all.toSorted((a, b) => b.kgM - a.kgM)[0] ?? null;
}

/** How its beams and its rafters bear what lies on the roof: each between two supports, braces not counted on. */
export function borneBy(
  v: ArborValues,
  setting: WaySetting,
  roof: { kgM: number; rafters: number },
): { beam: Borne; rafter: Borne } {
  const timber = (section: ArborValues['beamOf'] | ArborValues['rafterOf']) =>
    stockOf(setting.catalogue, lastingTimber(setting, section), 'timber');
  const nMm = (roof.kgM * GRAVITY_MS2) / 1000;
  const bayMm = (v.long - postMm(v)) / baysOf(v);
  const acrossMm = v.inside + postMm(v);
  const boards = sortOf(v) === 'paired' ? 2 : 1;
  // Along the way each of two lines of beams has half of it; across it each pair of posts has that of a bay.
  const [beam, rafter] =
    v.beams === 'along'
      ? [
          { spanMm: bayMm, loadNmm: nMm / 2 },
          { spanMm: acrossMm, loadNmm: (nMm * v.long) / roof.rafters / acrossMm },
        ]
      : [
          { spanMm: acrossMm, loadNmm: (nMm * bayMm) / acrossMm },
          { spanMm: bayMm, loadNmm: nMm / roof.rafters },
        ];
  const told = (one: { spanMm: number; loadNmm: number }, of: ReturnType<typeof timber>, n: number): Borne => ({
    ...bends({ ...one, of, boards: n }),
    spanMm: one.spanMm,
  });
  return { beam: told(beam, timber(v.beamOf), boards), rafter: told(rafter, timber(v.rafterOf), 1) };
}

const DEEPER_BEAMS = ['2x8', '45x195'] as const;
const DEEPER_RAFTERS = ['2x6', '45x145'] as const;

/** The first that makes the beams strong enough: in pairs, higher, both. */
export function strongerBeams(v: ArborValues, setting: WaySetting, roof: { kgM: number; rafters: number }) {
  const higher = DEEPER_BEAMS.filter((id) => setting.sizesOf(lastingTimber(setting, id)).length > 0);
  const tried: Partial<ArborValues>[] = [
    { beamSort: 'paired' },
    ...higher.map((beamOf) => ({ beamOf })),
    ...higher.map((beamOf) => ({ beamOf, beamSort: 'paired' as const })),
  ];
  return tried.find((change) => isBorne(borneBy({ ...v, ...change }, setting, roof).beam)) ?? null;
}

/** The first that makes the rafters strong enough: higher ones, then closer ones as well. */
export function strongerRafters(v: ArborValues, setting: WaySetting, roof: { kgM: number; rafters: number }) {
  const higher = DEEPER_RAFTERS.filter((id) => setting.sizesOf(lastingTimber(setting, id)).length > 0);
  const tried: Partial<ArborValues>[] = [
    ...higher.map((rafterOf) => ({ rafterOf })),
    ...higher.map((rafterOf) => ({ rafterOf, rafterEvery: v.rafterEvery / 2 })),
  ];
  return (
    tried.find((change) =>
      isBorne(
        borneBy({ ...v, ...change }, setting, {
          ...roof,
          rafters: 'rafterEvery' in change ? 2 * roof.rafters - 1 : roof.rafters,
        }).rafter,
      ),
    ) ?? null
  );
}
