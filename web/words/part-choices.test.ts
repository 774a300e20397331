import { expect, it } from 'vitest';
import { DEMO_PLAN } from '@lignum/core/demo/garden';
import { postNumbers } from '@lignum/core/design/post-numbers';
import { computeGarden } from '@lignum/core/plan/compute';
import { partChoices } from './part-choices';

it('a part is called as it is on paper: a post by its number, any other of several by the line of the list that it is in; no two alike', () => {
  for (const computed of computeGarden(DEMO_PLAN).structures) {
    const { design } = computed.sized;
    const choices = partChoices(computed);
    expect(new Set(choices.map(({ label }) => label)).size, computed.structure.id).toBe(choices.length);
    expect(new Set(choices.flatMap(({ parts }) => parts))).toEqual(new Set(design.parts.map(({ id }) => id)));
    const posts = postNumbers(design);
    const lines = computed.bill.filter(({ of }) => of !== 'joint');
    const wrong = choices.filter(({ id, label, parts, group }) => {
      if (parts.length > 1 || group === undefined) return false;
      const post = posts.get(id);
      const line = lines.findIndex((one) => one.parts.includes(id)) + 1;
      return !label.endsWith(post === undefined ? (line > 0 ? `(piece ${line})` : label) : ` ${post}`);
    });
    expect(wrong).toEqual([]);
  }
});
