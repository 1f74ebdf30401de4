/**
 * What is taken at every door: import, saving, files and the command line. What one of them takes,
 * the others do too.
 */
export const LIMITS = {
  /** Characters of a title, a column's name or a study's. */
  title: 500,
  columns: 5_000,
  rows: 5_000_000,
  /** Cells of a table. */
  cells: 40_000_000,
  /** Cells among them that the file does not write out: repeated, spanned or absent ones. */
  impliedCells: 10_000_000,
  /** Blank rows that are kept in a row: sheets repeat them to their end. */
  blankRows: 1000,
  /** Characters of a cell. */
  cell: 100_000,
  /** Characters of the source of a message. */
  message: 10_000,
  /** Rungs of a ladder. */
  rungs: 400,
  /** Levels of brackets in JSON. */
  depth: 64,
  /** Bytes of a request. */
  body: 4 * 2 ** 20,
  /** Bytes of a table that is brought in. */
  table: 512 * 2 ** 20,
  /** Seconds that work beside the server may take: reading a table, an export. */
  apartSeconds: 300,
  /** Seconds that reading a file in the browser may take. */
  readSeconds: 120,
  /** Megabytes of JavaScript's heap that such work may take. */
  apartMegabytes: 3072,
  /** Tasks beside the server that run at once. */
  apartAtOnce: 2,
  /** Lists and objects of a JSON body. */
  jsonBrackets: 2_000_000,
} as const
