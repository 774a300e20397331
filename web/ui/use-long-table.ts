'use client';
import {
  columnFilteringFeature,
  columnGroupingFeature,
  createColumnHelper,
  createFilteredRowModel,
  createGroupedRowModel,
  createSortedRowModel,
  filterFn_includesString,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_basic,
  sortFn_text,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { useMemo } from 'react';

const features = tableFeatures({
  columnFilteringFeature,
  globalFilteringFeature,
  columnGroupingFeature,
  rowSortingFeature,
  filteredRowModel: createFilteredRowModel(),
  groupedRowModel: createGroupedRowModel(),
  sortedRowModel: createSortedRowModel(),
  filterFns: { includesString: filterFn_includesString },
  sortFns: { basic: sortFn_basic, text: sortFn_text },
});

/** What a row is grouped by, found by and put in order by; columns and rows have to stay the same object while they mean the same. */
export interface LongColumns<Row> {
  group: (row: Row) => string;
  /** What is looked through when something is sought. */
  words: (row: Row) => string;
  /** What it can be put in order by, besides the order it comes in. */
  amount?: (row: Row) => number;
}

export interface LongTable<Row> {
  /** Groups in the order in which their first row comes; those in which nothing is found are left out. */
  groups: readonly { title: string; rows: readonly Row[] }[];
  sought: string;
  seek: (words: string) => void;
  /** Whether the greatest amount comes first in each group. */
  greatestFirst: boolean;
  putGreatestFirst: (wanted: boolean) => void;
}

/** A table too long to be read through: in groups, sought in, put in order. Its markup is the caller's. */
export function useLongTable<Row extends object>(rows: readonly Row[], by: LongColumns<Row>): LongTable<Row> {
  const columns = useMemo(() => {
    const column = createColumnHelper<typeof features, Row>();
    return column.columns([
      column.accessor(by.group, { id: 'group', enableGlobalFilter: false }),
      column.accessor(by.words, { id: 'words', sortFn: 'text' }),
      column.accessor(by.amount ?? (() => 0), { id: 'amount', enableGlobalFilter: false, sortFn: 'basic' }),
    ]);
  }, [by]);
  const table = useTable({
    features,
    columns,
    data: rows,
    globalFilterFn: 'includesString',
    initialState: { grouping: ['group'] },
  });
  return {
    groups: table.getRowModel().rows.map((group) => ({
      title: String(group.getValue('group')),
      rows: group.subRows.map((row) => row.original),
    })),
    sought: (table.state.globalFilter as string | undefined) ?? '',
    seek: (words) => table.setGlobalFilter(words),
    greatestFirst: table.state.sorting.length > 0,
    putGreatestFirst: (wanted) => table.setSorting(wanted ? [{ id: 'amount', desc: true }] : []),
  };
}
