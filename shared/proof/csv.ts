import Papa from 'papaparse'

/** Rows of cells as CSV (RFC 4180). @example csvOf([['site', 'kg'], ['Holm', '4']]) */
export const csvOf = (rows: readonly (readonly string[])[]): string =>
  Papa.unparse(rows.map((row) => [...row]))
