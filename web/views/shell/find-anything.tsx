'use client';
import { Command } from 'cmdk';
import { useRouter } from 'next/navigation';
import { cropIn } from '@lignum/core/crops/book';
import { growingIn } from '@lignum/core/plan/growing';
import { Sheet } from '../../ui/dialog';
import { closeness } from '../../ui/closeness';
import { useGarden, useHistory } from './garden-context';

interface Found {
  /** The heading it stands under. */
  under: string;
  name: string;
  /** What else it is sought by. */
  also?: string;
  does: () => void;
}

/** Anything in the garden and anything that can be done, by name. */
export default function FindAnything({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const { id, plan, store, units, setUnits } = useGarden();
  const { canUndo, canRedo } = useHistory();
  const router = useRouter();
  const go = (path: string) => () => router.push(`/g/${id}${path}`);
  const growing = growingIn(plan);
  const cropsIn = (bed: string): string =>
    growing
      .filter((one) => one.bed === bed)
      .map((one) => cropIn(plan.crops, one.crop).name)
      .join(', ');
  const all: Found[] = [
    ...plan.beds.map(({ id: bed, name }): Found => ({
      under: 'Beds',
      name,
      also: cropsIn(bed),
      does: go(`?look=${bed}`),
    })),
    ...plan.structures.map(({ id: one, name, kind }): Found => ({
      under: 'Structures',
      name,
      also: kind,
      does: go(`/s/${one}`),
    })),
    ...plan.features.map(({ id: one, name, kind }): Found => ({
      under: 'There already',
      name: name || kind,
      also: kind,
      does: go(`?look=${one}`),
    })),
    ...(
      [
        ['The garden', ''],
        ['What is open', '?show=open'],
        ['Grow one crop', '/new'],
        ['Grow several things', '/grow'],
        ['Build something', '/build'],
        ['Keep somebody out', '/kept-out'],
        ['Compare structures side by side', '/compare'],
        ['Try another layout in a copy', '/beside'],
        ['List for the shop', '/list'],
        ['Print everything', '/list/sheet'],
        ['Weekends: what is built when', '/weekends'],
        ['Prices and shed', '/prices'],
      ] as const
    ).map(([name, path]): Found => ({ under: 'Go to', name, does: go(path) })),
    ...(canUndo ? [{ under: 'Do', name: 'Undo', does: () => store.undo() }] : []),
    ...(canRedo ? [{ under: 'Do', name: 'Redo', does: () => store.redo() }] : []),
    {
      under: 'Do',
      name: units === 'imperial' ? 'Write lengths in millimetres' : 'Write lengths in feet and inches',
      also: 'units mm ft in',
      does: () => setUnits(units === 'imperial' ? 'metric' : 'imperial'),
    },
    { under: 'Do', name: 'Keys, and single letters on or off', also: 'shortcuts keyboard', does: onKeys },
  ];
  const headings = [...new Set(all.map(({ under }) => under))];
  return (
    <Sheet open onClose={onClose} title="Find anything">
      <Command label="Find anything" filter={closeness} loop>
        <Command.Input
          data-first
          placeholder="A bed, a crop, a structure, or what to do"
          aria-label="A bed, a crop, a structure, or what to do"
          className="min-h-11 w-full rounded-[3px] border border-rule-strong bg-sheet px-3"
        />
        <Command.List className="mt-2 h-[min(26rem,55vh)] overflow-y-auto" label="What was found">
          <Command.Empty className="py-3 text-soft">Nothing is called that.</Command.Empty>
          {headings.map((under) => (
            <Command.Group
              key={under}
              heading={under}
              className="[&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-[0.85rem] [&_[cmdk-group-heading]]:text-soft"
            >
              {all
                .filter((one) => one.under === under)
                .map((one, i) => (
                  <Command.Item
                    key={`${one.name} ${i}`}
                    value={`${under} ${one.name} ${i}`}
                    keywords={[one.name, one.also ?? '']}
                    onSelect={() => {
                      onClose();
                      one.does();
                    }}
                    className="flex min-h-11 cursor-pointer scroll-mt-10 items-baseline gap-3 rounded-[3px] px-2 py-2.5 data-[selected=true]:bg-chalk-wash"
                  >
                    <span className="min-w-0 truncate font-medium">{one.name}</span>
                    {(under === 'Beds' || under === 'There already') && (
                      <span className="min-w-0 truncate text-[0.9rem] text-soft">{one.also}</span>
                    )}
                  </Command.Item>
                ))}
            </Command.Group>
          ))}
        </Command.List>
      </Command>
    </Sheet>
  );
}
