import type { CSSProperties, ReactNode } from 'react';

/** A cell of a table in which things stand beside each other. */
export const besideCell = 'px-1 py-2 align-baseline wrap-break-word sm:border-t sm:border-rule sm:px-3';

/** In the hand what a row says stands over its figures, which have all of the width. */
const ROW = 'max-sm:grid max-sm:grid-cols-[repeat(var(--beside),minmax(0,1fr))]';

/** Things beside each other: what each is called and looks like, and row by row how they compare. */
export const BesideTable = ({
  says,
  count,
  heads,
  children,
}: {
  says: string;
  count: number;
  /** A head for each of them. */
  heads: ReactNode;
  children: ReactNode;
}) => (
  <div className="overflow-x-auto">
    <table
      className="w-full border-b border-rule max-sm:block sm:table-fixed"
      style={{ '--beside': count, minWidth: count > 3 ? '28rem' : undefined } as CSSProperties}
    >
      <caption className="sr-only">{says}</caption>
      <colgroup>
        <col className="w-36" />
      </colgroup>
      <thead className="max-sm:block">
        <tr className={`border-t-2 border-ink ${ROW}`}>
          <td className="max-sm:hidden" />
          {heads}
        </tr>
      </thead>
      <tbody className="max-sm:block">{children}</tbody>
    </table>
  </div>
);

export const BesideRow = ({ title, children }: { title: string; children: ReactNode }) => (
  <tr className={ROW}>
    <th
      scope="row"
      className="border-t border-rule py-2 pr-2 text-left align-baseline text-[0.9rem] font-medium text-soft max-sm:col-span-full max-sm:px-1 max-sm:pb-0"
    >
      {title}
    </th>
    {children}
  </tr>
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
    <BesideRow title={title}>
      {values.map((value, i) => {
        const isBest = differ && says(value) === says(better);
        return (
          <td key={i} className={`${besideCell} tabular-nums sm:text-lg ${isBest ? 'font-semibold text-leaf' : ''}`}>
            {says(value)}
            {isBest && <span className="text-[0.85rem] font-normal max-sm:block sm:ml-2">the {best}</span>}
          </td>
        );
      })}
    </BesideRow>
  );
}
