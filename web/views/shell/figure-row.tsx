import type { ReactNode } from 'react';

/** A cell of a table in which things stand beside each other. */
export const besideCell = 'border-t border-rule px-2 py-2 align-baseline sm:px-3';

export const RowTitle = ({ children }: { children: ReactNode }) => (
  <th
    scope="row"
    className="border-t border-rule py-2 pr-2 text-left align-baseline text-[0.9rem] font-medium text-soft"
  >
    {children}
  </th>
);

/** One figure of each thing, the best of which is marked in words; where they are said alike none is. */
export function FigureRow({
  title,
  values,
  says,
  best = 'least',
}: {
  title: string;
  values: readonly number[];
  says: (value: number) => string;
  best?: 'least' | 'most';
}) {
  const better = best === 'least' ? Math.min(...values) : Math.max(...values);
  const differ = new Set(values.map(says)).size > 1;
  return (
    <tr>
      <RowTitle>{title}</RowTitle>
      {values.map((value, i) => {
        const isBest = differ && says(value) === says(better);
        return (
          <td key={i} className={`${besideCell} tabular-nums sm:text-lg ${isBest ? 'font-semibold text-leaf' : ''}`}>
            {says(value)}
            {isBest && <span className="text-[0.85rem] font-normal max-sm:block sm:ml-2">the {best}</span>}
          </td>
        );
      })}
    </tr>
  );
}
