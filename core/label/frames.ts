import currencies from '../locale/generated/currencies.json'
import type { LocaleTable } from '../locale/types'
import { StyleError } from '../style/error'
import type { FullStyle } from '../style/schemas'
import type { Frame, Frames, Marks, Part, SignMode, Slot } from './types'

/** Blanks in a gap do not break a label over two lines. */
const noBreak = (gap: string): string => gap.replaceAll(' ', '\u00a0')

const partIf = (type: Part['type'], value: string): Part[] => (value ? [{ type, value }] : [])

type Around = Record<'before' | 'after', readonly Part[]>
const NONE: Around = { before: [], after: [] }

const beside = (side: 'before' | 'after', text: string, gap: string): Around => {
  const unit: Part = { type: 'unit', value: text }
  const space = partIf('gap', noBreak(gap))
  return side === 'before' ? { ...NONE, before: [unit, ...space] } : { ...NONE, after: [...space, unit] }
}

/** What each kind of unit puts beside the number. */
const units: { [Kind in FullStyle['unit']['kind']]: (unit: Extract<FullStyle['unit'], { kind: Kind }>, locale: LocaleTable) => Around } = {
  none: () => NONE,
  symbol: ({ text, side = 'after', gap }) => beside(side, text, gap ?? (side === 'after' ? ' ' : '')),
  currency: ({ code }, { currency }) => {
    if (!Object.hasOwn(currencies, code)) {
      throw new StyleError('unit.code', code, `it takes a code of ISO 4217 such as ${Object.keys(currency.symbols).slice(0, 6).join(', ')}`)
    }
    const symbol = currency.symbols[code] ?? code
    const touches = /\p{L}$/u.test(symbol) && currency.side === 'before'
    return beside(currency.side, symbol, touches ? ' ' : currency.gap)
  },
}

/**
 * What stands around the number for each state of the sign: the sign first, then what comes
 * before the number; rung, gap and unit behind it.
 *
 * @throws StyleError for a currency code that is none
 */
export function framesOf(style: FullStyle, marks: Marks, locale: LocaleTable): Frames {
  const make = units[style.unit.kind] as (unit: FullStyle['unit'], locale: LocaleTable) => Around
  const { before, after } = make(style.unit, locale)
  const behind: Slot[] = ['rung', ...after]
  const signed = (sign: Part[]): Frame => ({ before: [...sign, ...before], after: behind })
  const parentheses: Frame = {
    before: [{ type: 'literal', value: '(' }, ...before],
    after: [...behind, { type: 'literal', value: ')' }],
  }
  const minus: Record<SignMode, Frame> = {
    auto: signed([{ type: 'minus', value: marks.minus }]),
    always: signed([{ type: 'minus', value: marks.minus }]),
    exceptZero: signed([{ type: 'minus', value: marks.minus }]),
    never: signed([]),
    parentheses,
  }
  return { none: signed([]), minus: minus[style.sign], plus: signed([{ type: 'plus', value: marks.plus }]) }
}
