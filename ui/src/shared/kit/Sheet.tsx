import { Table } from 'antd';
import type { TableProps } from 'antd';

interface Props<T extends object> extends Omit<TableProps<T>, 'size' | 'pagination' | 'showSorterTooltip' | 'locale'> {
  /** Said while there is no row. */
  empty?: string;
}

/** A table as all our sheets are: every row on one page, sorted and filtered by its columns. */
export function Sheet<T extends object>({ empty, ...props }: Props<T>) {
  return (
    <Table<T>
      size="small"
      pagination={false}
      showSorterTooltip={false}
      locale={{ emptyText: empty, filterReset: 'All', filterConfirm: 'Show' }}
      {...props}
    />
  );
}
