import { depthOf } from '../../../catalogue/pallets';
import { gatePallet } from '../../../checks/gate-pallet';
import { pathShape } from '../../../checks/path-shape';
import { structureKind } from '../../kind';
import { stillCome } from '../../rules/still-come';
import { TIMBER_WORDS } from '../../rules/timber-knobs';
import { onEdge, palletOf, PALLET_FENCE_KNOBS } from './knobs';
import { layPallets } from './lay';
import { sizePalletFence } from './size';
import { BUILDING } from './steps';
import { WORDS } from './words';

/** Pallets on edge along a path, staked at their joints. */
export const kind = structureKind({
  id: 'pallet-fence',
  name: 'Pallet fence',
  blurb:
    'Pallets on edge, staked and boarded together: keeps goats, cows and dogs out for next to nothing, for a few years.',
  purpose: 'barrier',
  stands: ['path'],
  nature: { tendingMinutes: { leaner: 0, climber: 0 }, moves: 'comes apart' },
  knobs: PALLET_FENCE_KNOBS,
  size: sizePalletFence,
  // Whom it lets past is told of every fence; that those slip through who are smaller than its slats are apart is its nature.
  checks: ({ design, facts }, v, setting) => [
    pathShape({ spots: facts.spots, closed: setting.place.closed, lengthMm: design.builtMm, flat: false }),
    gatePallet({ gate: facts.gate, no: v.gateNo }),
  ],
  ...BUILDING,
  guards: { how: ({ facts }) => facts.guard, stillCome },
  builtOf: [TIMBER_WORDS],
  ...WORDS,
  mends: {
    // The first whole one that has a neighbour on either side.
    'hung.alone': (v, _built, setting) => {
      const pallet = palletOf(v);
      const { pallets } = layPallets(setting.place, { palletMm: onEdge(pallet).longMm, thickMm: depthOf(pallet) });
      const at = pallets.findIndex((one, i) => !one.isSawn && [-1, 1].every((by) => pallets[i + by]?.leg === one.leg));
      return at < 0 ? { gate: 'none' } : { gate: 'pallet', gateNo: at + 1 };
    },
  },
});
