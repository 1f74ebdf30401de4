/** A cell of money as it is written: the number, a blank, the code. */
const MONEY = /^(.*) ([A-Z]{3})$/

/**
 * A sheet in which columns of several currencies hold numbers, each with a column of codes behind
 * the last: as one column, no number of it could be told from a text.
 *
 * @param codes the currencies of each column's cells, by its place
 * @example currenciesApart([['price'], ['5 EUR'], ['7 USD']], [new Set(['EUR', 'USD'])])
 *   // [['price', 'price currency'], ['5', 'EUR'], ['7', 'USD']]
 */
export function currenciesApart(
  rows: readonly (readonly string[])[],
  codes: readonly (ReadonlySet<string> | undefined)[],
): readonly (readonly string[])[] {
  const mixed = codes.flatMap((set, at) => ((set?.size ?? 0) > 1 ? [at] : []))
  if (mixed.length === 0) return rows
  const width = rows.reduce((most, row) => Math.max(most, row.length), 0)
  const head = rows.findIndex((row) => row.some((cell) => cell.trim() !== ''))
  return rows.map((row, place) => {
    const cells = Array.from({ length: width }, (_, at) => row[at] ?? '')
    const found = mixed.map((at) => {
      const [, number, code] = MONEY.exec(cells[at]!) ?? []
      if (number !== undefined) cells[at] = number
      return code ?? (place === head && cells[at] ? `${cells[at]} currency` : '')
    })
    return [...cells, ...found]
  })
}
