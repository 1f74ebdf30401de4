import { derivations } from '../../core/data/derive'
import { words } from '../../words'
import { codedText } from '../../words/coded'
import { type ColumnReason, MOST_ROWS } from './columnReason'

const { columns } = words
type Of<Code extends ColumnReason['code']> = Extract<ColumnReason, { code: Code }>

/**
 * Names rows by their numbers, five at most.
 *
 * @param count how many rows there are, if not all are given
 * @example rowsText([7, 12]) // 'rows 7, 12'
 */
export function rowsText(rows: readonly number[], count = rows.length): string {
  const named = rows.slice(0, MOST_ROWS).join(', ')
  const more = count - MOST_ROWS
  return more > 0
    ? columns.rowsAndMore({ rows: named, more })
    : columns.rows({ rows: named, count })
}

function numbersText({ numbers, filled, rows = [], rule = '' }: Of<'numbers'>, role: string) {
  const said = {
    role: (columns.numbersRole as Readonly<Record<string, string>>)[role] ?? role,
    rule: rule === '' ? '' : columns.readAs({ rule }),
    filled,
  }
  const unread = filled - numbers
  if (unread > 0)
    return columns.numbers.some({
      ...said,
      numbers,
      unread,
      rows: rowsText(rows, unread),
    })
  return filled === 1 ? columns.numbers.one(said) : columns.numbers.all(said)
}

/** How a column was calculated, such as “the product of weight and price”. */
export const derivedText = ({ by, of, and, number }: Omit<Of<'derived'>, 'code'>): string =>
  columns.reasons.derived({
    how: `${derivations[by].title} ${[of, and ?? number].filter(Boolean).join(` ${derivations[by].joins} `)}`,
  })

/**
 * Returns the reason of a column as text.
 *
 * @param role what the column is
 * @example columnReasonText({ code: 'noNumber' }) // 'Text: no cell is a number'
 */
export const columnReasonText = (reason: ColumnReason, role = 'number'): string =>
  codedText<ColumnReason>(reason, columns.reasons, {
    numbers: (numbers) => numbersText(numbers, role),
    dates: ({ order }) => columns.dates[order],
    role: (said) => columns.reasons.role({ role: words.data.roles[said.role] }),
    derived: derivedText,
    derivedEarlier: ({ text }) => columns.reasons.derived({ how: text }),
  })
