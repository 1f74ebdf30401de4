import type { Written } from '../label/types'
import { surfaces } from '../surfaces'
import { placesWhere, saysSome } from './numbers'
import { labelAt, writtenAt } from './proof'
import { fewerDecimals } from './changes'
import { fix } from './fixes'
import type { Check } from './types'
import { withoutEndZeros } from '../decimal/zeros'

/** Digits of a number without the zeros that only fill it. */
const telling = ({ digits }: Written): number => withoutEndZeros(digits.toString()).length

/** Protects readers from digits that nobody keeps. Round numbers are left alone, however long. */
export const longHeadline: Check<{ label: string; count: number; kept: number }> = {
  id: 'long-headline',
  title: 'Too many digits in a headline',
  weight: 'note',
  finds: 'a number in a headline with more than four significant digits',
  find(proof) {
    const { mostKept } = surfaces[proof.surface]
    if (mostKept === null) return null
    const at = placesWhere(proof, (one) => saysSome(one) && telling(one.written) > mostKept)
    if (at.length === 0) return null
    const first = at[0]!
    return {
      severity: 'note',
      params: {
        label: labelAt(proof, first),
        count: telling(writtenAt(proof, first)),
        kept: mostKept,
      },
      at,
    }
  },
  message: ({ label, count, kept }) =>
    `“${label}” has ${count} significant digits. Readers remember ${kept}.`,
  *propose(proof) {
    yield* fewerDecimals(proof)
    yield fix(
      'own-rungs',
      {},
      {
        way: 'rung',
        style: {
          ...proof.style,
          notation: 'scaled',
          rung: 'each',
          fraction: [0, 1],
          significant: null,
        },
      },
    )
  },
}
