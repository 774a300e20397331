import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { unheld } from '@lignum/core/ahead/open-points';
import { distanceToStretch, inside } from '@lignum/core/geometry/polygon';
import { formatLength } from '@lignum/core/quantity/length';
import { bedOutline, type Bed } from '@lignum/core/site/bed';
import { toFrame } from '@lignum/core/site/frame';
import type { Feature, PlanSpot } from '@lignum/core/site/plot';
import { bedsNamed } from '@lignum/core/site/stands/stands';
import { goesAlong, setApart, waysAmong, type GoesAlong } from '@lignum/core/site/way';
import { KIND_CARDS } from '@lignum/core/structures/cards';
import { TAPE_STEP } from '@lignum/core/structures/rules/tidy';
import { Button, buttonLook } from '../../ui/button';
import { LengthField } from '../../ui/field';
import { freeWays } from '../garden/free-ways';
import { newStructure } from '../garden/new-structure';
import { addStructure, changeBed } from '../shell/edits';
import { useGarden } from '../shell/garden-context';
import { useResults } from '../shell/use-results';
import { BackToAll } from './back-to-all';
import type { Gap } from './gaps-among';
import type { Thing } from './things';

const ALONG_WORDS: Record<GoesAlong, string> = {
  nobody: 'too narrow to walk',
  walker: 'one walks, no barrow goes',
  barrow: 'a barrow goes, a wheelchair does not turn',
  wheelchair: 'a wheelchair turns',
};

/** How wide the ways beside a bed are, and who gets along them; typed over, the bed moves. */
export function WaysBeside({ bed: id }: { bed: string }) {
  const { plan, store, tongue } = useGarden();
  const bed = plan.beds.find((one) => one.id === id);
  const ways = waysAmong(plan.beds)
    .flatMap(({ beds, way }) => {
      const other = beds.find((one) => one.id !== id);
      return other && beds.some((one) => one.id === id) ? [{ other, way }] : [];
    })
    .toSorted((a, b) => a.way.wideMm - b.way.wideMm);
  if (!bed || ways.length === 0) return null;
  return (
    <section aria-label="Ways beside it" className="grid gap-2">
      <h3 className="text-base">Ways beside it</h3>
      {ways.map(({ other, way }) => (
        <LengthField
          key={other.id}
          units={tongue.units}
          step={TAPE_STEP[tongue.units]}
          label={`To ${other.name}`}
          mm={way.wideMm}
          min={0}
          max={20_000}
          help={ALONG_WORDS[goesAlong(way.wideMm)]}
          onChange={(mm) => store.edit(changeBed(id, setApart(bed, other, mm)), `way ${id} ${other.id}`)}
        />
      ))}
    </section>
  );
}

const OVER_WAYS = KIND_CARDS.filter((kind) => kind.stands.includes('beds'));

/** Puts something over the way between two beds, with what climbs there and has nothing to climb yet. */
function usePutOver(): (kind: string, beds: readonly [Bed, Bed]) => void {
  const { id, plan, store } = useGarden();
  const { garden } = useResults();
  const router = useRouter();
  return (kind, beds) => {
    const climbing = unheld({ plan, garden }).filter((one) => beds.some((bed) => bed.id === one.bed));
    const structure = newStructure(
      kind,
      plan,
      { on: 'beds', beds: [beds[0].id, beds[1].id] },
      climbing.map((one) => one.id),
    );
    store.edit(addStructure(structure));
    router.push(`/g/${id}/s/${structure.id}`);
  };
}

/** What can be put over the ways beside a bed, or over the ways that a path runs along. */
export function OverWays({ thing }: { thing: Thing }) {
  const { plan, tongue } = useGarden();
  const put = usePutOver();
  const ways = freeWays(plan).filter(({ beds, way }) =>
    thing.is === 'bed'
      ? beds.some((bed) => bed.id === thing.id)
      : thing.is === 'feature' && thing.feature.kind === 'path' && liesUnder(thing.feature, [way.at.xMm, way.at.yMm]),
  );
  if (ways.length === 0) return null;
  return (
    <div className="grid gap-2">
      {OVER_WAYS.flatMap((kind) =>
        ways.slice(0, 3).map(({ beds, way }) => (
          <Button
            key={`${kind.id} ${beds[0].id} ${beds[1].id}`}
            onClick={() => put(kind.id, beds)}
            className="h-auto py-2 text-left"
          >
            {kind.name} over the {formatLength(way.wideMm, tongue.units)} way{' '}
            {thing.is === 'bed'
              ? `to ${beds.find((bed) => bed.id !== thing.id)?.name}`
              : `from ${beds[0].name} to ${beds[1].name}`}
          </Button>
        )),
      )}
    </div>
  );
}

/** Whether a place of the plot lies on a path, or within a foot of it. */
function liesUnder(path: Feature, spot: PlanSpot): boolean {
  const here = toFrame({ ...path, baseMm: 0 }, spot);
  const outline = bedOutline({ ...path, outline: { shape: 'rectangle' } });
  return (
    inside(here, outline) ||
    outline.some((from, i) => distanceToStretch(here, from, outline[(i + 1) % outline.length] ?? from) < 300)
  );
}

/** A way between two beds that is chosen: how wide it is, who gets along it, and what can stand over it. */
export function GapInspector({ gap: { beds, way }, onClose }: { gap: Gap; onClose: () => void }) {
  const { id, plan, store, tongue } = useGarden();
  const put = usePutOver();
  const [one, other] = beds;
  const over = plan.structures.find(({ stand }) => beds.every((bed) => bedsNamed(stand).includes(bed.id)));
  return (
    <section aria-label={`Way between ${one.name} and ${other.name}`} className="grid gap-4">
      <div className="-mb-2">
        <BackToAll onBack={onClose} />
      </div>
      <h2 className="text-xl">
        Way between {one.name} and {other.name}
      </h2>
      <LengthField
        units={tongue.units}
        step={TAPE_STEP[tongue.units]}
        label="Wide"
        mm={way.wideMm}
        min={0}
        max={20_000}
        help={`${ALONG_WORDS[goesAlong(way.wideMm)]}; ${other.name} is moved.`}
        onChange={(mm) => store.edit(changeBed(other.id, setApart(other, one, mm)), `way ${one.id} ${other.id}`)}
      />
      <p className="text-soft">Beds lie along it for {formatLength(way.lengthMm, tongue.units)}.</p>
      {over ? (
        <Link href={`/g/${id}/s/${over.id}`} className={buttonLook('main')}>
          Open {over.name}
        </Link>
      ) : (
        <div className="grid gap-2">
          <h3 className="text-base">Build over it</h3>
          {OVER_WAYS.map((kind) => (
            <Button key={kind.id} onClick={() => put(kind.id, beds)} className="h-auto py-2 text-left">
              {kind.name}
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}
