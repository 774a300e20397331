import { chain } from '../../../design/chain';
import type { Mark, Pull, ViewFrame } from '../../../design/design';
import type { Listed } from '../../../design/listed';
import type { Part } from '../../../design/shapes/shapes';
import { add } from '../../../geometry/space';
import { FROM_ABOVE } from '../../rules/row-views';
import type { GardenFenceValues } from './fence';
import { onLeg, type FencePost, type Leg, type Run } from './run';

/** Each straight run from its outside, the whole from above, and the first run from its end. */
type FenceView = `side-${number}` | 'plan' | 'end';

/** The run that says most comes first: one with a gate, else the longest. */
function legsByNote(run: Run): Leg[] {
  const gate = run.bays.find((bay) => bay.guest !== null)?.leg;
  const note = (leg: Leg): number => (leg === gate ? Infinity : leg.longMm);
  return run.legs.toSorted((a, b) => note(b) - note(a));
}

/** Each straight run from its outside, the whole from above, and the first run from its end. */
export function viewsOf(run: Run, parts: readonly Part[]): ViewFrame<FenceView>[] {
  const named = (leg: Leg): string[] => {
    const own = new Set(run.posts.filter((post) => post.legs.includes(leg.index)).map((post) => post.id));
    const tag = `-r${leg.index + 1}-`;
    return parts
      .filter((part) => own.has(part.id) || part.id.includes(tag) || [...own].some((id) => part.id.endsWith(`-${id}`)))
      .map((part) => part.id)
      .concat(run.bays.flatMap((bay) => (bay.leg === leg && bay.guest !== null ? [bay.guest] : [])));
  };
  const sides = legsByNote(run).map((leg) => ({
    id: `side-${leg.index + 1}` as const,
    title: run.legs.length === 1 ? 'From outside' : `Stretch ${leg.index + 1}, from outside`,
    right: leg.along,
    up: [0, 0, 1] as const,
    eye: [-leg.out[0], -leg.out[1], 0] as const,
    origin: leg.from,
    as: 'upright' as const,
    square: true,
    nearest: false,
    soil: [[0, 0] as const, [leg.longMm, leg.to[2] - leg.from[2]] as const],
    only: named(leg),
  }));
  const [first] = run.legs;
  return [
    ...sides,
    FROM_ABOVE,
    ...(first
      ? [
          {
            id: 'end' as const,
            title: run.legs.length > 1 ? 'The first stretch, from its end' : 'From the end',
            right: first.out,
            up: [0, 0, 1] as const,
            eye: [-first.along[0], -first.along[1], 0] as const,
            origin: first.from,
            as: 'upright' as const,
            square: false,
            nearest: true,
            soil: [[-100, 0] as const, [100, 0] as const],
            only: named(first),
          },
        ]
      : []),
  ];
}

/** Along each run the posts by a tape on the soil; the heights once, on the first that is seen. */
export function marksOf(run: Run, v: GardenFenceValues): Listed<Mark<FenceView>> {
  const [main] = legsByNote(run);
  return run.legs.flatMap((leg) => {
    const posts = run.posts
      .filter((post) => post.legs.includes(leg.index))
      .map((post) => Math.hypot(post.at[0] - leg.from[0], post.at[1] - leg.from[1]))
      .sort((a, b) => a - b);
    const slope = Math.hypot(leg.longMm, leg.to[2] - leg.from[2]) / leg.longMm;
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
export function handlesOf(run: Run, v: GardenFenceValues): Listed<Pull<FenceView>> {
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
