// Written by `npm run kinds` from the folders of kinds/.
import { ofFolder, type StructureKind } from './kind';

/** Each kind by itself, fetched when it is wanted: for pages that show one. */
export const KIND_LOADERS: Readonly<Record<string, () => Promise<StructureKind>>> = {
  'a-frame': async () => ofFolder('a-frame', await import('./kinds/a-frame/index')),
  arbor: async () => ofFolder('arbor', await import('./kinds/arbor/index')),
  collar: async () => ofFolder('collar', await import('./kinds/collar/index')),
  'flat-cover': async () => ofFolder('flat-cover', await import('./kinds/flat-cover/index')),
  'garden-fence': async () => ofFolder('garden-fence', await import('./kinds/garden-fence/index')),
  'garden-gate': async () => ofFolder('garden-gate', await import('./kinds/garden-gate/index')),
  'guyed-wall': async () => ofFolder('guyed-wall', await import('./kinds/guyed-wall/index')),
  'hoop-tunnel': async () => ofFolder('hoop-tunnel', await import('./kinds/hoop-tunnel/index')),
  'insect-cage': async () => ofFolder('insect-cage', await import('./kinds/insect-cage/index')),
  'lidded-frame': async () => ofFolder('lidded-frame', await import('./kinds/lidded-frame/index')),
  'mesh-cage': async () => ofFolder('mesh-cage', await import('./kinds/mesh-cage/index')),
  obelisk: async () => ofFolder('obelisk', await import('./kinds/obelisk/index')),
  'pallet-planter': async () => ofFolder('pallet-planter', await import('./kinds/pallet-planter/index')),
  'panel-arch': async () => ofFolder('panel-arch', await import('./kinds/panel-arch/index')),
  'panel-wall': async () => ofFolder('panel-wall', await import('./kinds/panel-wall/index')),
  'post-and-wire': async () => ofFolder('post-and-wire', await import('./kinds/post-and-wire/index')),
  'rail-trellis': async () => ofFolder('rail-trellis', await import('./kinds/rail-trellis/index')),
  'raised-bed': async () => ofFolder('raised-bed', await import('./kinds/raised-bed/index')),
  stake: async () => ofFolder('stake', await import('./kinds/stake/index')),
  tepee: async () => ofFolder('tepee', await import('./kinds/tepee/index')),
  tower: async () => ofFolder('tower', await import('./kinds/tower/index')),
  'twine-frame': async () => ofFolder('twine-frame', await import('./kinds/twine-frame/index')),
  'walk-in-cage': async () => ofFolder('walk-in-cage', await import('./kinds/walk-in-cage/index')),
  weave: async () => ofFolder('weave', await import('./kinds/weave/index')),
  'woven-frame': async () => ofFolder('woven-frame', await import('./kinds/woven-frame/index')),
};
