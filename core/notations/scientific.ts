import { DIGITS, type Notation, type Unsaid, USUAL, type NotationStyle } from './types'

const unsaid: readonly Unsaid<NotationStyle>[] = [
  [({ exponent }) => exponent !== 'each', 'one exponent for all labels (each has its own)'],
  [({ exponentForm }) => exponentForm !== 'E', 'how a power of ten is set (it is written E)'],
]

/** A mantissa and a power of ten that is a multiple of a step. */
const powered = (
  { id, title, phrase }: Pick<Notation, 'id' | 'title' | 'phrase'>,
  step: number,
): Notation => ({
  ...USUAL,
  id,
  title,
  phrase,
  hasExponent: true,
  options: () => ({ notation: id }),
  unsaid,
  contribute(style, shared) {
    const own = { ...DIGITS, exponent: { step, fixed: null } }
    if (style.exponent === 'each') return own
    const fixed = style.exponent === 'shared' ? shared.exponent(own) : style.exponent
    return { ...own, exponent: { step, fixed } }
  },
})

/** A mantissa of one digit before its mark. */
export const scientific = powered(
  { id: 'scientific', title: 'with a power of ten', phrase: 'with a power of ten' },
  1,
)
/** A mantissa of one to three digits before its mark. */
export const engineering = powered(
  { id: 'engineering', title: 'with a power of a thousand', phrase: 'with a power of a thousand' },
  3,
)
