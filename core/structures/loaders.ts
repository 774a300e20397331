import type { StructureKind } from './kind';

/** Each kind by itself, fetched when it is wanted: for pages that show one. A test holds this list to the registry's. */
export const KIND_LOADERS: Readonly<Record<string, () => Promise<StructureKind>>> = {
  'panel-wall': async () => (await import('./kinds/panel-wall/index')).panelWall,
  'twine-frame': async () => (await import('./kinds/twine-frame/index')).twineFrame,
  'guyed-wall': async () => (await import('./kinds/guyed-wall/index')).guyedWall,
  'rail-trellis': async () => (await import('./kinds/rail-trellis/index')).railTrellis,
  'a-frame': async () => (await import('./kinds/a-frame/index')).aFrame,
  tepee: async () => (await import('./kinds/tepee/index')).tepee,
  weave: async () => (await import('./kinds/weave/index')).weave,
  'woven-frame': async () => (await import('./kinds/woven-frame/index')).wovenFrame,
};
