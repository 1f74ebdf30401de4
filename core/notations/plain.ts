import { type Notation, UNITS } from './types'

/** All digits, from the units on. */
export const plain: Notation = {
  id: 'plain',
  title: 'whole digits',
  contribute: () => ({ rungs: [UNITS], fixedRung: 0, lastPower: null, exponent: null }),
}
