import { type Contribution, type Notation, UNITS } from './types'

/** A mantissa and a power of ten. */
export const scientific: Notation = {
  id: 'scientific',
  title: 'with a power of ten',
  contribute(style, shared) {
    const own: Contribution = { rungs: [UNITS], fixedRung: 0, lastPower: null, exponent: { step: 1, fixed: null } }
    if (style.exponent === 'each') return own
    const fixed = style.exponent === 'shared' ? shared.exponent(own) : style.exponent
    return { ...own, exponent: { step: 1, fixed } }
  },
}
