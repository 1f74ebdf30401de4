import type { Style } from '~~/core/style/fields'
import type { ColumnMeta } from '~~/shared/study/dataset'

const SAYS_ERROR = /±|\b(se|sd|sem|moe|u|err|error|uncertainty|margin|deviation|sigma|σ)\b/i

/**
 * The choices of an error for the values of a column: the columns whose headers say that they are
 * errors, or all other numeric ones where none does.
 *
 * @param own the column of the values
 * @example errorColumns([…, { name: 'yield se', kind: 'number' }], 'yield') // [{ column: 'yield se', … }]
 */
export function errorColumns(columns: readonly ColumnMeta[], own: string): Style['uncertainty'][] {
  const numeric = columns.filter(({ kind, name }) => kind === 'number' && name !== own)
  const said = numeric.filter(({ name }) => SAYS_ERROR.test(name.replaceAll('_', ' ')))
  return (said.length > 0 ? said : numeric).map(({ name }) => ({
    column: name,
    form: 'plusMinus',
    significant: 1,
  }))
}
