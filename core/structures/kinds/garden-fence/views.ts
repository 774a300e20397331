import { chain } from '../../../design/chain';
import type { Mark, Pull, ViewFrame } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import type { Part } from '../../../design/shapes/shapes';
import { add, reach } from '../../../geometry/space';
import type { GardenFenceValues } from './fence';
import { onLeg, runViews, type FencePost, type Leg, type Run, type RunView } from '../../rules/run';

/** The run that says most comes first: one with a gate, else the longest. */
function legsByNote(run: Run): Leg[] {
  const gate = run.bays.find((bay) => bay.guest !== null)?.leg;
  const note = (leg: Leg): number => (leg === gate ? Infinity : leg.longMm);
  return run.legs.toSorted((a, b) => note(b) - note(a));
}

/** Its views, with the posts of each run, what hangs on them, and who stands in it. */
export function viewsOf(run: Run, parts: readonly Part[]): ViewFrame<RunView>[] {
  return runViews(legsByNote(run), (leg) => {
    const own = new Set(run.posts.filter((post) => post.legs.includes(leg.index)).map((post) => post.id));
    const tag = `-r${leg.index + 1}-`;
    return parts
      .filter((part) => own.has(part.id) || part.id.includes(tag) || [...own].some((id) => part.id.endsWith(`-${id}`)))
      .map((part) => part.id)
      .concat(run.bays.flatMap((bay) => (bay.leg === leg && bay.guest !== null ? [bay.guest] : [])));
  });
}

/** Along each run the posts by a tape on the soil; the heights once, on the first that is seen. */
export function marksOf(run: Run, v: GardenFenceValues): Listed<Mark<RunView>> {
  const [main] = legsByNote(run);
  return run.legs.flatMap((leg) => {
    const posts = run.posts
      .filter((post) => post.legs.includes(leg.index))
      .map((post) => Math.hypot(post.at[0] - leg.from[0], post.at[1] - leg.from[1]))
      .sort((a, b) => a - b);
    const slope = reach(leg.from, leg.to) / leg.longMm;
    const view = `side-${leg.index + 1}` as const;
    return [
      chain(
        view,
        'x',
        'posts',
        posts,
        posts.map((at) => at * slope),
      ),
      leg === main && chain(view, 'z', 'heights', [-v.depth, 0, v.height]),
    ];
  });
}

/** Pulled where they show: on the run that is seen first. */
export function handlesOf(run: Run, v: GardenFenceValues): Listed<Pull<RunView>> {
  const [main] = legsByNote(run);
  const [first] = run.legs;
  if (!main || !first) return [];
  const view = `side-${main.index + 1}` as const;
  const along = (post: FencePost): number => Math.hypot(post.at[0] - main.from[0], post.at[1] - main.from[1]);
  const second = run.posts
    .filter((post) => post.legs.includes(main.index) && along(post) > 1)
    .toSorted((a, b) => along(a) - along(b))[0];
  // In the middle of the first bay, clear of the pull of its post.
  const middle = (second ? along(second) : main.longMm) / 2;
  return [
    { knob: 'height', view, at: onLeg(main, middle, v.height), axis: 'up' },
    second && { knob: 'bay', view, at: add(second.at, [0, 0, v.height]), axis: 'right' },
    { knob: 'depth', view: 'end', at: add(first.from, [0, 0, -v.depth]), axis: 'up', perMm: -1 },
  ];
}
