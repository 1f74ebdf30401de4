import type { FullStyle } from '../schemas'
import { UNCERTAINTY_FORMS } from '../schemas'
import type { PhraseOf } from './types'

type Uncertainty = NonNullable<FullStyle['uncertainty']>
const formWords: Readonly<Record<NonNullable<Uncertainty['form']>, string>> = {
  plusMinus: 'after ±',
  parentheses: 'in parentheses, as of the last digits',
  interval: 'as an interval',
  unsaid: 'known, and not written',
}
const digitWords = ['', '', ', with two digits']

/** Every form of the error in a column, with one digit and with two. */
export const errorsIn = (column: string): Uncertainty[] =>
  UNCERTAINTY_FORMS.flatMap((form) =>
    (form === 'unsaid' ? [1] : [1, 2]).map((significant) => ({ column, form, significant })),
  )

export const uncertainty: PhraseOf<'uncertainty'> = {
  lead: ', its error',
  name: 'error',
  applies: () => true,
  choices: ({ uncertainty: own }) => [null, ...(own ? errorsIn(own.column) : [])],
  say(value) {
    if (!value) return 'unknown'
    const { column, form = 'plusMinus', significant = 1 } = value
    return `in ${column}, ${formWords[form]}${digitWords[significant]}`
  },
}
