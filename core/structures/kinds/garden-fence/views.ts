import type { Design, Mark } from '../../../design/design';
import type { Part } from '../../../design/shapes/shapes';
import type { GardenFenceValues } from './fence';
import { onLeg, type FencePost, type Leg, type Run } from './run';
import { FROM_ABOVE } from '../../rules/row-views';

/** The run that says most comes first: one with a gate, else the longest. */
function legsByNote(run: Run): Leg[] {
  const gate = run.bays.find((bay) => bay.guest !== null)?.leg;
  const note = (leg: Leg): number => (leg === gate ? Infinity : leg.longMm);
  return run.legs.toSorted((a, b) => note(b) - note(a));
}

/** Each straight run from its outside, the whole from above, and the first run from its end. */
export function viewsOf(run: Run, parts: readonly Part[]): Design['views'] {
  const named = (leg: Leg): string[] => {
    const own = new Set(run.posts.filter((post) => post.legs.includes(leg.index)).map((post) => post.id));
    const tag = `-r${leg.index + 1}-`;
    return parts
      .filter(
        (part) =>
          own.has(part.id) ||
          [...own].some((id) => part.id.endsWith(`-${id}`) && !part.id.startsWith('brace')) ||
          part.id.includes(tag) ||
          (part.id.startsWith(`brace-`) && part.id.includes(`-${leg.index + 1}`)),
      )
      .map((part) => part.id)
      .concat(run.bays.flatMap((bay) => (bay.leg === leg && bay.guest !== null ? [bay.guest] : [])));
  };
  const sides = legsByNote(run).map((leg) => ({
    id: `side-${leg.index + 1}`,
    title: run.legs.length === 1 ? 'From outside' : `Run ${leg.index + 1}, from outside`,
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
            id: 'end',
            title: run.legs.length > 1 ? 'The first run, from its end' : 'From the end',
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
export function marksOf(run: Run, v: GardenFenceValues): Mark[] {
  const [main] = legsByNote(run);
  return run.legs.flatMap((leg): Mark[] => {
    const posts = run.posts
      .filter((post) => post.legs.includes(leg.index))
      .map((post) => Math.hypot(post.at[0] - leg.from[0], post.at[1] - leg.from[1]))
      .sort((a, b) => a - b);
    const slope = Math.hypot(leg.longMm, leg.to[2] - leg.from[2]) / leg.longMm;
    return [
      { view: `side-${leg.index + 1}`, axis: 'x', label: 'posts', atMm: posts, tapedMm: posts.map((at) => at * slope) },
      ...(leg === main
        ? ([{ view: `side-${leg.index + 1}`, axis: 'z', label: 'heights', atMm: [-v.depth, 0, v.height] }] as const)
        : []),
    ];
  });
}

/** Pulled where they show: on the run that is seen first. */
export function handlesOf(run: Run, v: GardenFenceValues): Design['handles'] {
  const [main] = legsByNote(run);
  if (!main) return [];
  const view = `side-${main.index + 1}`;
  const along = (post: FencePost): number => Math.hypot(post.at[0] - main.from[0], post.at[1] - main.from[1]);
  const second = run.posts
    .filter((post) => post.legs.includes(main.index) && along(post) > 1)
    .toSorted((a, b) => along(a) - along(b))[0];
  // In the middle of the first bay, clear of the pull of its post.
  const x = (second ? along(second) : main.longMm) / 2;
  const top = onLeg(main, x)[2] - main.from[2] + v.height;
  return [
    { knob: 'height', view, at: [x, top], axis: 'up', perMm: 1 },
    ...(second
      ? [
          {
            knob: 'bay',
            view,
            at: [along(second), second.at[2] - main.from[2] + v.height],
            axis: 'right',
            perMm: 1,
          } as const,
        ]
      : []),
    { knob: 'depth', view: 'end', at: [0, -v.depth], axis: 'up', perMm: -1 },
  ];
}
