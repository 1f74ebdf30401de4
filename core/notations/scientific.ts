import { DIGITS, type Notation } from './types'

/** A mantissa and a power of ten that is a multiple of a step. */
const powered = (id: string, title: string, step: number): Notation => ({
  id,
  title,
  contribute(style, shared) {
    const own = { ...DIGITS, exponent: { step, fixed: null } }
    if (style.exponent === 'each') return own
    return {
      ...own,
      exponent: {
        step,
        fixed: style.exponent === 'shared' ? shared.exponent(own) : style.exponent,
      },
    }
  },
})

export const scientific = powered('scientific', 'with a power of ten', 1)
export const engineering = powered('engineering', 'with a power of a thousand', 3)
