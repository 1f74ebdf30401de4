import { z } from 'zod'
import { isCurrency } from '../locale/currencies'
import { positiveDecimal } from './positive'

const NAMED = 'takes a code of ISO 4217 such as EUR'
/** A code of ISO 4217 that is in use. */
export const currencyCode = z
  .string()
  .regex(/^[A-Z]{3}$/, NAMED)
  .refine(isCurrency, NAMED)

const MOST_NAME = 200

/** What one unit of a currency is worth in its base: rate × base, as exact decimal text. */
export const rateSchema = z
  .strictObject({
    currency: currencyCode,
    rate: positiveDecimal,
    base: currencyCode,
    /** The day of the rate, as ISO 8601 writes it. */
    date: z.iso.date().optional(),
    /** Who published it. */
    source: z.string().trim().min(1).max(MOST_NAME).optional(),
  })
  .refine(({ currency, base }) => currency !== base, 'a currency has no rate to itself')
export type StatedRate = z.infer<typeof rateSchema>

/** So many rates may be given. */
const MOST_RATES = 400
const pairOf = ({ currency, base }: StatedRate): string => [currency, base].sort().join(' ')

/** A table of rates: one for each pair of currencies. */
export const ratesSchema = z
  .array(rateSchema)
  .max(MOST_RATES)
  .refine(
    (rates) => new Set(rates.map(pairOf)).size === rates.length,
    'two rates lead from one currency to another',
  )
