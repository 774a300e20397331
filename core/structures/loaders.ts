// Written by `npm run kinds` from the folders of kinds/.
import type { StructureKind } from './kind';

/** Each kind by itself, fetched when it is wanted: for pages that show one. */
export const KIND_LOADERS: Readonly<Record<string, () => Promise<StructureKind>>> = {
  'a-frame': async () => (await import('./kinds/a-frame/index')).kind,
  'flat-cover': async () => (await import('./kinds/flat-cover/index')).kind,
  'garden-fence': async () => (await import('./kinds/garden-fence/index')).kind,
  'garden-gate': async () => (await import('./kinds/garden-gate/index')).kind,
  'guyed-wall': async () => (await import('./kinds/guyed-wall/index')).kind,
  'hoop-tunnel': async () => (await import('./kinds/hoop-tunnel/index')).kind,
  'insect-cage': async () => (await import('./kinds/insect-cage/index')).kind,
  'lidded-frame': async () => (await import('./kinds/lidded-frame/index')).kind,
  'mesh-cage': async () => (await import('./kinds/mesh-cage/index')).kind,
  'panel-arch': async () => (await import('./kinds/panel-arch/index')).kind,
  'panel-wall': async () => (await import('./kinds/panel-wall/index')).kind,
  'rail-trellis': async () => (await import('./kinds/rail-trellis/index')).kind,
  tepee: async () => (await import('./kinds/tepee/index')).kind,
  tower: async () => (await import('./kinds/tower/index')).kind,
  'twine-frame': async () => (await import('./kinds/twine-frame/index')).kind,
  weave: async () => (await import('./kinds/weave/index')).kind,
  'woven-frame': async () => (await import('./kinds/woven-frame/index')).kind,
};
