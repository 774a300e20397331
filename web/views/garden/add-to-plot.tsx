'use client';
import { FEATURE_KINDS, type FeatureKind } from '@lignum/core/site/plot';
import { KIND_CARDS } from '@lignum/core/structures/cards';
import { Chooser } from '../../ui/chooser';
import { newFeature } from '../plot/things';
import { addFeature } from '../shell/ground-edits';
import { useGarden } from '../shell/garden-context';
import { addBed, newBed } from './new-bed';

/** What is laid corner by corner. */
export const ALONG_PATHS = KIND_CARDS.filter((kind) => kind.stands.includes('path'));

/** What can be drawn that is there already. */
const FEATURE_WORDS: Record<FeatureKind, string> = {
  house: 'a house',
  wall: 'a wall',
  fence: 'a fence that is there',
  path: 'a path',
  tree: 'a tree',
  water: 'a pond or stream',
  well: 'a well',
  'buried line': 'a buried line',
  compost: 'a compost heap',
};

/** Puts a bed down, or what is there already, or begins to lay what goes along a line. */
export function AddToPlot({ onAdded, onLay }: { onAdded: (id: string) => void; onLay: (kind: string) => void }) {
  const { plan, store, tongue } = useGarden();
  return (
    <Chooser
      label="Add to the plot"
      value="add"
      choices={[
        { id: 'add', label: 'Add…', disabled: true },
        { id: 'bed', label: 'a bed' },
        ...ALONG_PATHS.map((kind) => ({ id: kind.id, label: `a ${kind.name.toLowerCase()} to build` })),
        ...FEATURE_KINDS.map((kind) => ({ id: kind, label: FEATURE_WORDS[kind] })),
      ]}
      className="w-28"
      onChange={(kind) => {
        if (ALONG_PATHS.some((one) => one.id === kind)) {
          onLay(kind);
          return;
        }
        if (kind === 'bed') {
          const bed = newBed(plan, tongue.units);
          store.edit(addBed(bed));
          onAdded(bed.id);
          return;
        }
        const feature = newFeature(plan, kind as FeatureKind);
        store.edit(addFeature(feature));
        onAdded(feature.id);
      }}
    />
  );
}
