import { z } from 'zod'
import { DATE_ORDERS } from '../../core/data/dates'
import { derivations } from '../../core/data/derive'
import { ROLES } from '../../core/data/roles'

/** Reasons that need no more than their code. */
const PLAIN = [
  'empty',
  'leadingZeros',
  'noNumber',
  'text',
  'codeHeader',
  'yearHeader',
  'ratioHeader',
  'months',
  'lettersAndDigits',
] as const
const ways = Object.keys(derivations) as (keyof typeof derivations)[]
const count = z.int().min(0)
/** The most rows that a reason names. */
export const MOST_ROWS = 5

/** Why a column is what it is, as a code with parameters. */
const coded = z.discriminatedUnion('code', [
  z.strictObject({ code: z.enum(PLAIN) }),
  z.strictObject({ code: z.literal('fewNumbers'), numbers: count, filled: count }),
  z.strictObject({
    code: z.literal('numbers'),
    numbers: count,
    filled: count,
    /** The first rows whose cells cannot be read. */
    rows: z.array(count).max(MOST_ROWS).optional(),
    /** How cells that are written as labels are read. */
    rule: z.string().optional(),
  }),
  z.strictObject({ code: z.literal('codeDigits'), width: count }),
  z.strictObject({ code: z.literal('years'), from: z.number(), to: z.number() }),
  z.strictObject({ code: z.literal('maybeYears'), from: z.number(), to: z.number() }),
  z.strictObject({ code: z.literal('maybeCodes'), width: count }),
  z.strictObject({ code: z.literal('dates'), order: z.enum([...DATE_ORDERS, 'unclear']) }),
  z.strictObject({ code: z.literal('role'), role: z.enum(ROLES) }),
  z.strictObject({
    code: z.literal('derived'),
    by: z.enum(ways),
    of: z.string(),
    and: z.string().optional(),
    number: z.string().optional(),
  }),
  /** Sentences that earlier versions stored. */
  z.strictObject({ code: z.literal('derivedEarlier'), text: z.string() }),
  z.strictObject({ code: z.literal('earlier'), text: z.string() }),
])
export type ColumnReason = z.infer<typeof coded>

/** What the sentences of earlier versions began with; migration 009 reads them alike. */
const EARLIER: readonly [begin: string, reason: (rest: string) => ColumnReason][] = [
  ['Dates: year, month, day', () => ({ code: 'dates', order: 'iso' })],
  ['Dates: day, month, year', () => ({ code: 'dates', order: 'dmy' })],
  ['Dates: month, day, year', () => ({ code: 'dates', order: 'mdy' })],
  ['Dates: ', () => ({ code: 'dates', order: 'unclear' })],
  ['Made: ', (text) => ({ code: 'derivedEarlier', text })],
]

/**
 * Returns the reason that a sentence of an earlier version stands for.
 *
 * @example earlierReason('Dates: day, month, year') // { code: 'dates', order: 'dmy' }
 */
export function earlierReason(sentence: string): ColumnReason {
  const [begin, reason] = EARLIER.find(([one]) => sentence.startsWith(one)) ?? []
  return reason?.(sentence.slice(begin!.length)) ?? { code: 'earlier', text: sentence }
}

/** Study files of earlier versions hold a sentence in place of the code. */
export const columnReasonSchema = z.preprocess(
  (stored) => (typeof stored === 'string' ? earlierReason(stored) : stored),
  coded,
)

/** Returns whether a column was calculated from others. */
export const isDerived = ({ code }: ColumnReason): boolean =>
  code === 'derived' || code === 'derivedEarlier'
