import type { StructureKind } from './kind';

/** Each kind by itself, fetched when it is wanted: for pages that show one. A test holds this list to the registry's. */
export const KIND_LOADERS: Readonly<Record<string, () => Promise<StructureKind>>> = {
  'panel-wall': async () => (await import('./panel-wall/index')).panelWall,
  'twine-frame': async () => (await import('./twine-frame/index')).twineFrame,
  'guyed-wall': async () => (await import('./guyed-wall/index')).guyedWall,
  'rail-trellis': async () => (await import('./rail-trellis/index')).railTrellis,
  'a-frame': async () => (await import('./a-frame/index')).aFrame,
  tepee: async () => (await import('./tepee/index')).tepee,
  weave: async () => (await import('./weave/index')).weave,
  'woven-frame': async () => (await import('./woven-frame/index')).wovenFrame,
};
