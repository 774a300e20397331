import type { Joint } from './design';
import { linkedBy } from './linked';
import type { Part } from './shapes/shapes';

/**
 * The separate free-standing bodies of a design: parts that joints hold together, in the order of their first parts.
 * Throws where a joint names what is no part.
 * @example bodiesOf([post, rail, stone], [railToPost]).length // 2
 */
export function bodiesOf(parts: readonly Part[], joints: readonly Joint[]): Part[][] {
  const named = new Set(parts.map(({ id }) => id));
  const linked = linkedBy();
  for (const joint of joints)
    for (const id of joint.parts) {
      if (!named.has(id)) throw new Error(`A joint names "${id}", which is no part: name the parts it joins.`);
      linked.join(id, joint.parts[0] as string);
    }
  const groups = new Map<string, Part[]>();
  for (const part of parts) {
    const leader = linked.leaderOf(part.id);
    const group = groups.get(leader);
    if (group) group.push(part);
    else groups.set(leader, [part]);
  }
  return [...groups.values()];
}
