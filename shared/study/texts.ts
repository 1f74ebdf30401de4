import { z } from 'zod'
import { parseDecimal } from '../../core/decimal/decimal'
import { LIMITS } from '../limits'

/** What things are known by. */
export const id = z.string().min(1).max(80)
/** What people call a thing. */
export const name = z.string().trim().min(1).max(LIMITS.title)
/** The source of a message. */
export const message = z.string().max(LIMITS.message)

/** A number as decimal text. */
export const decimalText = z
  .string()
  .max(400)
  .refine((text) => parseDecimal(text) !== null, 'takes decimal text')

/** A fraction of a constant, such as 1/3 or 2. */
export const FRACTION = /^[1-9]\d{0,8}(\/[1-9]\d{0,8})?$/
export const wholeFraction = z.string().regex(FRACTION, 'takes a fraction such as 1/3')
