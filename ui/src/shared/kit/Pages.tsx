import { Pagination } from 'antd';

interface Props {
  /** A page as the server gives it. */
  of: { total: number; page: number; size: number };
  /** What is counted: "pieces". */
  what: string;
  onPage: (page: number) => void;
}

/** Turns the pages of a long list; nothing where all of it is on one. */
export function Pages({ of, what, onPage }: Props) {
  if (of.total <= of.size) return null;
  return (
    <Pagination
      className="pages"
      current={of.page + 1}
      pageSize={of.size}
      total={of.total}
      showSizeChanger={false}
      showTotal={(all, [first, last]) => `${first} to ${last} of ${all} ${what}`}
      onChange={(next) => onPage(next - 1)}
    />
  );
}
