import currencies from '../locale/generated/currencies.json'
import type { LocaleTable } from '../locale/types'
import { StyleError } from '../style/error'
import type { FullStyle } from '../style/schemas'
import type { Frame, Frames, Marks, Part, SignMode, Slot } from './types'

type Unit = FullStyle['unit']

/** What a unit puts beside the number, and how it is said in a title. */
export interface UnitTexts {
  readonly side: 'before' | 'after'
  readonly text: string
  readonly gap: string
  /** How many of it make one: 100 percent. */
  readonly perOne: string
}

const NO_UNIT: UnitTexts = { side: 'after', text: '', gap: '', perOne: '1' }

/** The parts of one: their sign, and how many of them make it. */
const ratios = {
  percent: { ...NO_UNIT, text: '%', perOne: '100' },
  permille: { ...NO_UNIT, text: '‰', perOne: '1000' },
  percentPoint: { ...NO_UNIT, text: 'pp', gap: ' ', perOne: '100' },
  basisPoint: { ...NO_UNIT, text: 'bp', gap: ' ', perOne: '10000' },
}

function currencyTexts(code: string, display: 'symbol' | 'code', { currency }: LocaleTable): UnitTexts {
  if (!Object.hasOwn(currencies, code)) {
    throw new StyleError('unit.code', code, `it takes a code of ISO 4217 such as ${Object.keys(currency.symbols).slice(0, 6).join(', ')}`)
  }
  const text = display === 'code' ? code : (currency.symbols[code] ?? code)
  const isWord = currency.side === 'before' && /\p{L}$/u.test(text)
  return { ...NO_UNIT, side: currency.side, text, gap: isWord ? ' ' : currency.gap }
}

/**
 * What the style's unit writes in a region.
 *
 * @throws StyleError for a currency code that is none
 */
export function unitTexts(unit: Unit, locale: LocaleTable): UnitTexts {
  if (unit.kind === 'none') return NO_UNIT
  if (unit.kind === 'currency') return currencyTexts(unit.code, unit.display ?? 'symbol', locale)
  if (unit.kind === 'symbol') return { ...NO_UNIT, side: unit.side ?? 'after', text: unit.text, gap: unit.gap ?? (unit.side === 'before' ? '' : ' ') }
  return ratios[unit.kind]
}

/** Blanks in a gap do not break a label over two lines. */
const noBreak = (gap: string): string => gap.replaceAll(' ', '\u00a0')
const partIf = (type: Part['type'], value: string): Part[] => (value ? [{ type, value }] : [])

/** Rung and unit behind the number; where rungs are prefixes of the unit, its gap comes before them. */
function behind({ side, text, gap }: UnitTexts, prefixes: boolean): Slot[] {
  const space = partIf('gap', noBreak(gap))
  const unit = partIf('unit', text)
  if (side === 'before' || !text) return ['rung']
  return prefixes ? [...space, 'prefix', ...unit] : ['rung', ...space, ...unit]
}

/**
 * What stands around the number for each state of the sign: `before`, sign, a unit before the
 * number; rung, gap and unit behind it, `after`.
 *
 * @param unit null where rung and unit are said elsewhere
 */
export function framesOf(style: FullStyle, marks: Marks, unit: UnitTexts | null, prefixes: boolean): Frames {
  const front = unit?.side === 'before' ? [...partIf('unit', unit.text), ...partIf('gap', noBreak(unit.gap))] : []
  const back = unit ? behind(unit, prefixes) : []
  const [first, last] = [partIf('before', style.before), partIf('after', style.after)]
  const frame = (open: Part[], close: Part[] = []): Frame => ({ before: [...first, ...open, ...front], after: [...back, ...close, ...last] })
  const withMinus = frame([{ type: 'minus', value: marks.minus }])
  const minus: Record<SignMode, Frame> = {
    auto: withMinus,
    always: withMinus,
    exceptZero: withMinus,
    never: frame([]),
    parentheses: frame([{ type: 'literal', value: '(' }], [{ type: 'literal', value: ')' }]),
  }
  return { none: frame([]), minus: minus[style.sign], plus: frame([{ type: 'plus', value: marks.plus }]) }
}
