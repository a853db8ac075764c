import {
  type ColumnDef,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { type ReactNode, useMemo } from 'react';
import { ErrorBoundary } from '../frame/ErrorBoundary.tsx';

/** A column: its head, its cells, and what it is sorted by. */
export interface Column<Row> {
  name: string;
  /** Its head is read out and not shown: what stands below speaks for itself. */
  unseen?: true;
  /** Left out on a phone, where there is no room for it. */
  wide?: true;
  cell: (row: Row) => ReactNode;
  /** Makes the column sortable. */
  sortBy?: (row: Row) => string | number;
}

interface DataTableProps<Row extends object> {
  caption: string;
  rows: Row[];
  columns: Column<Row>[];
  rowKey: (row: Row) => string;
  /** What can be done about a row that cannot be shown. */
  broken?: (row: Row) => ReactNode;
}

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric },
});

/** A table that can be sorted by its heads. */
export function DataTable<Row extends object>(props: DataTableProps<Row>) {
  const { caption, rows, columns, rowKey, broken } = props;
  const definitions = useMemo(
    () =>
      columns.map((column, i): ColumnDef<typeof features, Row> => {
        const { sortBy } = column;
        return sortBy
          ? { id: String(i), header: column.name, accessorFn: orEmpty(sortBy), sortFn: 'alphanumeric' }
          : { id: String(i), header: column.name };
      }),
    [columns],
  );
  const table = useTable({ features, columns: definitions, data: rows, getRowId: rowKey });
  return (
    <table className="bg-sheet border-rule rounded-machined w-full border text-left">
      <caption className="sr-only">{caption}</caption>
      <thead className="bg-sheet2 border-rule border-b">
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id}>
            {group.headers.map((header, i) => (
              <th
                key={header.id}
                scope="col"
                className={`px-3 py-1 font-medium ${columns[i] ? onPhone(columns[i]) : ''}`}
              >
                {columns[i]?.sortBy ? (
                  <button
                    type="button"
                    className="text-quiet inline-flex min-h-9 items-center gap-1"
                    onClick={header.column.getToggleSortingHandler()}
                  >
                    {columns[i].name}
                    <SortMark sorted={header.column.getIsSorted()} />
                  </button>
                ) : (
                  <span className={columns[i]?.unseen ? 'sr-only' : 'text-quiet'}>{columns[i]?.name}</span>
                )}
              </th>
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <tr key={row.id} className="border-rule border-b last:border-b-0">
            <ErrorBoundary
              what="This row"
              fallback={
                <td colSpan={columns.length} className="text-out px-3 py-1.5 font-semibold">
                  This row could not be shown. {broken?.(row.original)}
                </td>
              }
            >
              <Cells row={row.original} columns={columns} />
            </ErrorBoundary>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A row that cannot be read is sorted to one end, and the others stand. */
const orEmpty =
  <Row,>(sortBy: (row: Row) => string | number) =>
  (row: Row): string | number => {
    try {
      return sortBy(row);
    } catch {
      return '';
    }
  };

const onPhone = ({ wide }: { wide?: true }): string => (wide ? 'max-sm:hidden' : '');

const Cells = <Row,>({ row, columns }: { row: Row; columns: Column<Row>[] }) =>
  columns.map((column, i) => (
    <td key={i} className={`px-3 py-1.5 ${onPhone(column)}`}>
      {column.cell(row)}
    </td>
  ));

function SortMark({ sorted }: { sorted: false | 'asc' | 'desc' }) {
  if (!sorted) return null;
  const Icon = sorted === 'asc' ? ArrowUp : ArrowDown;
  return <Icon className="size-4" aria-label={sorted === 'asc' ? 'rising' : 'falling'} />;
}
