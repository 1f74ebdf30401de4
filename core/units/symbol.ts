import { z } from 'zod'
import { toText } from '../decimal/decimal'
import { StyleError } from '../error'
import { conversionOf } from '../measures/convert'
import { unprefixed } from '../measures/prefixed'
import { toDecimal } from '../measures/rational'
import { MEASURE_SYMBOLS } from './names'
import { POWERED } from './prefixable'
import { type Bare, type UnitKind, USUAL } from './types'
import { lettersBeside } from './writing'

export const symbolSchema = z.strictObject({
  kind: z.literal('symbol'),
  text: z.string().min(1).max(40),
  side: z.enum(['after', 'before']).optional(),
  gap: z.string().max(8).optional(),
})

type Letters = z.infer<typeof symbolSchema>

const PERCENT_SIGN = /^\s*%/

/** Of kWh the letters Wh, and a thousand of them. */
function bare(unit: Letters): Bare<Letters> | null {
  if (!Object.hasOwn(MEASURE_SYMBOLS, unit.text)) return null
  const id = MEASURE_SYMBOLS[unit.text]!
  const found = unprefixed(id)
  if (!found) throw new StyleError('unit.text', unit.text, POWERED)
  if (found.symbol === '' || !unit.text.startsWith(found.symbol)) return null
  return {
    unit: { ...unit, text: unit.text.slice(found.symbol.length) },
    factor: toText(toDecimal(conversionOf(id, found.id).scale)!),
    recorded: null,
  }
}

/** Letters as they are, which convert nothing. */
export const symbol: UnitKind<Letters> = {
  ...USUAL,
  kind: 'symbol',
  takes: '{"kind": "symbol", "text": "kg", "side": "after", "gap": " "}',
  goesWithClock: true,
  percentSign: ({ text }) => (PERCENT_SIGN.test(text) ? 'typed' : null),
  bare,
  letters: ({ text }) => text.trim(),
  say: ({ text, side = 'after' }) => `“${text}” ${side} it`,
  write: ({ text, side = 'after', gap = side === 'before' ? '' : ' ' }, { marks }) =>
    lettersBeside(text, side, gap, marks),
}
