import { CATALOGUE } from '../catalogue/catalogue';
import type { Design } from '../design/design';
import { isDug } from '../design/standing';
import { postNumbers } from '../design/post-numbers';
import type { Bar } from '../design/shapes/bar';
import type { Fill } from '../design/shapes/fill';
import { asShape } from '../design/shapes/shapes';
import { holeAcross } from '../structures/assemblies/footing';

/** Holes that are dug alike: for which posts, how wide and deep, and what goes into each. mm, litres in place. */
export interface Holes {
  /** Numbers of the posts. */
  posts: readonly number[];
  acrossMm: number;
  deepMm: number;
  gravel: { deepMm: number; litres: number } | null;
  /** null where the soil is tamped back. */
  concrete: { litres: number; crownMm: number } | null;
}

/** The holes of posts that are let in or stand in concrete or on it; none of what is driven or pushed. */
export function holesOf(design: Design): Holes[] {
  const named = new Map(design.parts.map((part) => [part.id, part]));
  const fillsAt = (part: string): Fill[] =>
    design.joints
      .filter((joint) => joint.parts.includes(part))
      .flatMap((joint) => joint.parts.flatMap((id) => asShape(named.get(id), 'fill') ?? []));
  // Gravel lies under the post, or under the concrete that its shoe stands in.
  const fillsOf = (post: string): Fill[] => fillsAt(post).flatMap((fill) => [fill, ...fillsAt(fill.id)]);
  const alike = new Map<string, Holes & { posts: number[] }>();
  const numbers = postNumbers(design);
  design.posts.forEach((post, i) => {
    const no = numbers.get(post.id) ?? i + 1;
    if (!isDug(post)) return;
    const fills = fillsOf(post.id);
    const [gravel, concrete] = (['gravel', 'concrete'] as const).map((look) =>
      fills.find((fill) => CATALOGUE.stock(fill.stock).look === look),
    );
    const hole = {
      acrossMm: holeAcross(named.get(post.id) as Bar),
      // Under a shoe the hole is as deep as its concrete.
      deepMm: (post.set === 'shoe' ? (concrete?.cutMm ?? 0) : post.buriedMm) + (gravel?.cutMm ?? 0),
      gravel: gravel ? { deepMm: gravel.cutMm, litres: gravel.litres } : null,
      concrete: concrete ? { litres: concrete.litres, crownMm: concrete.crownMm } : null,
    };
    const key = JSON.stringify(hole, (_name, value: unknown) =>
      typeof value === 'number' ? Math.round(value * 10) : value,
    );
    const known = alike.get(key);
    if (known) known.posts.push(no);
    else alike.set(key, { posts: [no], ...hole });
  });
  return [...alike.values()].map((hole) => ({ ...hole, posts: hole.posts.toSorted((a, b) => a - b) }));
}
