'use client';
import { postNumbers } from '@lignum/core/design/post-numbers';
import { useDeferredValue, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { Download } from 'lucide-react';
import type { View } from '@lignum/core/drawing/primitive';
import { inWords } from './in-words';
import { drawView } from '@lignum/core/drawing/views';
import { formatLength } from '@lignum/core/quantity/length';
import { type Tongue } from '@lignum/core/wording/say';
import type { ComputedStructure } from '@lignum/core/plan/compute-as';
import { Switcher } from '../../ui/switcher';
import { part } from '../../ui/part';
import { useGarden, useSaving } from '../shell/garden-context';
import { PullDrawing } from './pull-drawing';
import type { Marked } from './stand/hardest-mark';

/** Fetched when they are shown. */
const Support3d = part(() => import('./support-3d'), <p className="py-24 text-center text-soft">Setting it up…</p>);
const RipPlan = part(async () => ({ default: (await import('../list/rip-plan')).RipPlan }));

/** Some of the ways a structure is seen, drawn; over what was meant, where that is told. */
const drawn = ({ sized: { design }, around }: ComputedStructure, over: Over, from: number, to?: number): View[] =>
  design.views.slice(from, to).map((frame) => over(drawView(design, frame, around), design));

/** Lays a view over what was meant. */
type Over = (view: View, design: ComputedStructure['sized']['design']) => View;
const asItIs: Over = (view) => view;

/** How what stands is laid over what was meant, fetched where anything was measured. */
function useOver(meant: ComputedStructure | null): Over {
  const [over, setOver] = useState<Over>(() => asItIs);
  useEffect(() => {
    if (meant)
      void import('@lignum/core/drawing/as-meant').then(
        ({ withMeant }) => setOver((): Over => (view, design) => withMeant(view, design, meant.sized.design)),
        () => undefined,
      );
    else setOver(() => asItIs);
  }, [meant]);
  return over;
}

/** A structure as it is drawn: the front with its pulls, long rows closer, or all round; the other ways under it. @param marked what works hardest. @param meant as it was planned, where it stands otherwise. */
export function Views({
  computed: whole,
  meant,
  marked,
}: {
  computed: ComputedStructure;
  meant: ComputedStructure | null;
  marked: Marked | null;
}) {
  const { id, on, tongue } = useGarden();
  const saved = useSaving(({ save }) => save.state === 'saved');
  const structureId = whole.structure.id;
  const onDay = marked?.onDay;
  const over = useOver(meant);
  const computed = useMemo(
    () => (onDay ? { ...whole, sized: { ...whole.sized, design: onDay(whole.sized.design) } } : whole),
    [whole, onDay],
  );
  const [round, setRound] = useState('drawing');
  const [closer, setCloser] = useState('1');
  const { ground } = computed.sized.design;
  const rise = 'riseMm' in ground ? (ground.riseMm * computed.sized.design.builtMm) / ground.lengthMm : 0;
  const isLong = computed.sized.design.builtMm > LONG_ROW_MM;
  // A phone's front is small enough to stay in sight; until the page is measured, as the request says.
  const isSmall = useIsSmall(on === 'phone');
  const front = useMemo(() => drawn(computed, over, 0, 1)[0], [computed, over]);
  // The front is painted first, the other views right behind it.
  const behind = useDeferredValue(computed);
  const others = useMemo(() => drawn(behind, over, 1), [behind, over]);
  if (!front) return null;
  return (
    <div className="contents rounded-[3px] bg-sheet px-3 pt-2 pb-3 lg:block lg:shadow-[0_1px_0_var(--rule),0_6px_18px_#0000000d]">
      <div
        className={`stands-over order-1 bg-sheet max-lg:-mx-4 max-lg:border-b max-lg:border-rule max-lg:px-4 max-lg:pb-1 ${round === 'drawing' ? 'max-lg:top-[5.6rem] max-lg:z-10 min-[24rem]:max-lg:sticky' : ''}`}
      >
        <div className="flex flex-wrap items-center justify-between gap-x-3">
          <h2 className="text-lg max-sm:sr-only">
            {round === 'drawing' ? front.title : '3-D'}
            {marked?.on}
          </h2>
          {meant && round === 'drawing' && <p className="text-[0.9rem] text-soft">dotted: as planned</p>}
          {Math.abs(rise) > SEEN_RISE_MM && round === 'drawing' && (
            <p className="text-[0.9rem] text-soft">
              {rise > 0 ? 'rises' : 'falls'} {formatLength(Math.abs(rise), tongue.units)}
              {unevenPosts(computed, tongue)}
            </p>
          )}
          <div className="flex grow items-center justify-end gap-3">
            {isLong && round === 'drawing' && (
              <Switcher
                label="How close"
                value={closer}
                choices={[
                  { id: '1', label: 'Whole' },
                  { id: '2', label: '2×' },
                  { id: '4', label: '4×' },
                ]}
                onChange={setCloser}
              />
            )}
            {saved && round === 'drawing' && (
              <a
                href={`/api/gardens/${id}/drawing?structure=${structureId}&view=${front.id}`}
                download
                className="flex min-h-11 items-center gap-1.5 text-[0.9rem] text-chalk hover:underline max-sm:hidden"
              >
                <Download size={15} aria-hidden />
                SVG
              </a>
            )}
            <Switcher
              label="Show as"
              value={round}
              choices={[
                { id: 'drawing', label: 'Drawing' },
                { id: 'round', label: '3-D' },
              ]}
              onChange={setRound}
            />
          </div>
        </div>
        {round === 'round' ? (
          <Support3d computed={computed} marked={marked} />
        ) : (
          <PullDrawing
            view={front}
            computed={computed}
            marked={marked}
            heightPx={isSmall ? 230 : 360}
            closer={isLong ? Number(closer) : 1}
            describes={`${front.title}. ${inWords(computed.kind, computed.sized, tongue)}`}
          />
        )}
      </div>
      {round === 'drawing' && (
        <div className="order-4 min-w-0 max-lg:bg-sheet max-lg:-mx-4 max-lg:px-4">
          <OtherViews views={others} computed={behind} marked={marked} />
          {computed.sized.design.boards?.map((board) => (
            <RipPlan key={board.id} board={board} />
          ))}
        </div>
      )}
    </div>
  );
}

/** Short posts and long ones told apart, where what stands on a slope is kept level. */
function unevenPosts({ sized }: ComputedStructure, { units }: Tongue): string {
  const longs = sized.design.posts.map(({ id, aboveMm, buriedMm }) => ({ id, longMm: aboveMm + buriedMm }));
  const [least, ...more] = longs.toSorted((a, b) => a.longMm - b.longMm);
  const most = more.at(-1);
  if (!least || !most || most.longMm - least.longMm < SEEN_POST_MM) return '';
  const no = postNumbers(sized.design).get(most.id);
  return `; posts ${formatLength(least.longMm, units)} to ${formatLength(most.longMm, units)}, the longest post ${no}`;
}

/** A slope of less is not worth a figure. mm. */
const SEEN_RISE_MM = 10;
/** Posts of lengths nearer than this are of one length. mm. */
const SEEN_POST_MM = 5;
/** Rows longer than about 30′ are looked at closely a stretch at a time. mm. */
const LONG_ROW_MM = 9144;

const small = '(max-width: 1023px)';
const watchSmall = (changed: () => void): (() => void) => {
  const query = window.matchMedia(small);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};
const useIsSmall = (atFirst: boolean): boolean =>
  useSyncExternalStore(
    watchSmall,
    () => window.matchMedia(small).matches,
    () => atFirst,
  );

/** The other ways a structure is seen, two abreast: the wide one of a pair has the room, square ones share it. */
function OtherViews({
  views,
  ...drawn
}: {
  views: readonly View[];
  computed: ComputedStructure;
  marked: Marked | null;
}) {
  const pairs = views.flatMap((view, i) => (i % 2 === 0 ? [[view, views[i + 1]] as const] : []));
  return pairs.map(([first, second]) => {
    const { left, right, bottom, top } = first.box;
    // What is nearly as wide as it is long wants as much room from above as from the end.
    const squarish = top - bottom > 0.3 * (right - left);
    const columns = !second ? '' : squarish ? 'sm:grid-cols-2' : 'sm:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]';
    return (
      <div key={first.id} className={`mt-2 grid gap-x-4 border-t border-rule pt-2 ${columns}`}>
        <PullDrawing view={first} {...drawn} heightPx={!second ? 200 : squarish ? 320 : 190} caption={first.title} />
        {second && <PullDrawing view={second} {...drawn} heightPx={squarish ? 320 : 210} caption={second.title} />}
      </div>
    );
  });
}
