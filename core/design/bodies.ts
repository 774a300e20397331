import type { Joint } from './design';
import type { Part } from './shapes/shapes';

/**
 * The separate free-standing bodies of a design: parts that joints hold together, in the order of their first parts.
 * Throws where a joint names what is no part.
 * @example bodiesOf([post, rail, stone], [railToPost]).length // 2
 */
export function bodiesOf(parts: readonly Part[], joints: readonly Joint[]): Part[][] {
  const leader = new Map(parts.map((part) => [part.id, part.id]));
  const find = (id: string): string => {
    const up = leader.get(id);
    if (up === undefined) throw new Error(`A joint names "${id}", which is no part: name the parts it joins.`);
    return up === id ? id : find(up);
  };
  for (const joint of joints) for (const id of joint.parts) leader.set(find(id), find(joint.parts[0] as string));
  const groups = new Map<string, Part[]>();
  for (const part of parts) {
    const group = groups.get(find(part.id));
    if (group) group.push(part);
    else groups.set(find(part.id), [part]);
  }
  return [...groups.values()];
}
