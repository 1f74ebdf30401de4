import { z } from 'zod'
import { parseDecimal } from '../decimal/decimal'

const MOST_DIGITS = 400

/** A number above zero as decimal text. */
export const positiveDecimal = z
  .string()
  .max(MOST_DIGITS)
  .refine((text) => (parseDecimal(text)?.coefficient ?? 0n) > 0n, 'takes decimal text above zero')
