import { DIGITS, type Notation } from './types'

/** All digits, from the units on. */
export const plain: Notation = { id: 'plain', title: 'whole digits', contribute: () => DIGITS }
