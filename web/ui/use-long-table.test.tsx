// @vitest-environment happy-dom
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { after, mount } from './mount.fixture';
import { useLongTable, type LongColumns, type LongTable } from './use-long-table';

interface Thing {
  aisle: string;
  name: string;
  cost: number;
}
const COLUMNS: LongColumns<Thing> = {
  group: ({ aisle }) => aisle,
  words: ({ name }) => name,
  amount: ({ cost }) => cost,
};
const things = fc.array(
  fc.record({
    aisle: fc.constantFrom('Timber', 'Posts', 'Fixings'),
    name: fc.constantFrom('Coated deck screw 3″', 'Bracket screw', '2×4', 'Studded post', 'Tie wire'),
    cost: fc.integer({ min: 0, max: 500 }),
  }),
  { maxLength: 25 },
);

it('groups in the order they first come, finds by any part of a word in whatever case, orders within groups, loses nothing', async () => {
  await fc.assert(
    fc.asyncProperty(things, fc.constantFrom('', 'SCREW', 'post', 'nothing such'), async (rows, sought) => {
      let table: LongTable<Thing> | null = null;
      function View() {
        table = useLongTable(rows, COLUMNS);
        return null;
      }
      await mount(<View />);
      const now = () => table as unknown as LongTable<Thing>;
      await after(() => now().seek(sought));
      const kept = rows.filter(({ name }) => name.toLowerCase().includes(sought.toLowerCase()));
      expect(now().groups.map(({ title }) => title)).toEqual([...new Set(kept.map(({ aisle }) => aisle))]);
      for (const group of now().groups) expect(group.rows).toEqual(kept.filter(({ aisle }) => aisle === group.title));
      await after(() => now().putGreatestFirst(true));
      for (const group of now().groups) {
        const costs = group.rows.map(({ cost }) => cost);
        expect(costs).toEqual([...costs].sort((a, b) => b - a));
      }
      expect(now().groups.flatMap((group) => group.rows)).toHaveLength(kept.length);
    }),
    { numRuns: 25 },
  );
});
