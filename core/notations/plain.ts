import { DIGITS, type Notation, USUAL } from './types'

/** All digits, from the units on. */
export const plain: Notation = {
  ...USUAL,
  id: 'plain',
  title: 'whole digits',
  phrase: 'with all its digits',
  hasAllDigits: true,
  contribute: () => DIGITS,
}
