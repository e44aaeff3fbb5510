/** The different answers of a column, each once, as its filter offers them. */
export function filterOf<T>(rows: readonly T[], of: (row: T) => string, text: (value: string) => string = (v) => v) {
  const all = [...new Set(rows.map(of))].filter(Boolean).sort();
  return {
    filters: all.map((value) => ({ text: text(value), value })),
    onFilter: (value: unknown, row: T) => of(row) === value,
  };
}

/** A column of numbers, sorted by them; what has none comes last. */
export const numbers = <T>(of: (row: T) => number | null) => ({
  align: 'right' as const,
  className: 'num nowrap',
  sorter: (a: T, b: T) => (of(a) ?? Infinity) - (of(b) ?? Infinity) || 0,
});
