import type { Band, Bands } from '../../../core/bands/bands'
import type { Frame, Numeral } from '../../../core/bands/frame'
import { toText } from '../../../core/decimal/decimal'
import type { Part } from '../../../core/label/types'
import { joined } from '../../../core/label/write'
import { element } from '../../element'
import { escapeMarkup } from '../../escape'

/** How labels of a region are written in a document. */
export interface SheetRegion {
  readonly language: string
  readonly country: string | undefined
  /** The region's digit one, where its digits are others. */
  readonly one: string | undefined
}

/** Thousandfold steps: what a display factor is known to say. */
const STEP = 3
/** The power of ten that a percentage style adds by itself. */
const PERCENT = 2

/** Whether a number style can say a power of ten (ISO/IEC 26300-3, 19.351: a display factor). */
const isSayable = ({ power, hasExponent }: Numeral): boolean =>
  hasExponent ||
  (power !== null && [power, power - PERCENT].some((one) => one <= 0 && one % STEP === 0))

const isPercent = ({ power }: Numeral): boolean => power !== null && power % STEP !== 0

const decimals = ({ least, most }: Numeral) => ({
  'number:decimal-places': most ?? least ?? 0,
  'number:min-decimal-places': Math.min(least ?? 0, most ?? least ?? 0),
  'number:min-integer-digits': 1,
})
function numberOf(numeral: Numeral, exponentStep: number): string {
  if (numeral.hasExponent)
    return element('number:scientific-number', {
      ...decimals(numeral),
      'number:min-exponent-digits': 1,
      'number:exponent-interval': exponentStep,
      'number:forced-exponent-sign': 'false',
    })
  const power = (numeral.power ?? 0) - (isPercent(numeral) ? PERCENT : 0)
  return element('number:number', {
    ...decimals(numeral),
    'number:grouping': numeral.isGrouped === false ? undefined : 'true',
    'number:display-factor': power === 0 ? undefined : `1${'0'.repeat(-power)}`,
  })
}
const textOf = (text: string): string =>
  text === '' ? '' : element('number:text', {}, escapeMarkup(text))

/** Texts around a number, with the currency by itself where one stands there. */
function withCurrency(parts: readonly Part[]): string {
  const at = parts.findIndex(({ type }) => type === 'unit')
  if (at < 0) return textOf(joined(parts))
  const symbol = element('number:currency-symbol', {}, escapeMarkup(parts[at]!.value))
  return textOf(joined(parts.slice(0, at))) + symbol + textOf(joined(parts.slice(at + 1)))
}
const hasUnit = (parts: readonly Part[]): boolean => parts.some(({ type }) => type === 'unit')

const isExponent = ({ type }: Part): boolean => type === 'exponent'
/**
 * What a frame is told as, where its number cannot be: with an exponent of its own where it has one,
 * else with all digits; and nothing that is untrue.
 */
function plainly({ before, after, number }: Frame): Frame {
  const signs = (parts: readonly Part[]) =>
    parts.filter(({ type, value }) => type === 'minus' || /^[()]$/.test(value))
  const own = after.some(isExponent)
  return {
    before: own ? before : signs(before),
    after: own ? after.filter((part) => !isExponent(part)) : signs(after),
    number: own && number ? { ...number, power: null, hasExponent: true } : null,
  }
}

export interface Styling {
  /** A name that no other has: a letter, digits and hyphens. */
  readonly name: string
  readonly bands: Bands
  readonly isCurrency: boolean
  readonly exponentStep: number
}

/** What the number style of a cell's style is called. */
const dataName = (name: string): string => `N${name}`

/** The number style of a frame (ISO/IEC 26300-3, 16.29): its kind goes by what it says. */
function styleOf(
  name: string,
  frame: Frame,
  { isCurrency, exponentStep }: Styling,
  { language, country, one }: SheetRegion,
  isBelow: boolean,
): string {
  const isUnsaid = frame.number !== null && !isSayable(frame.number)
  const { before, after, number } = isUnsaid ? plainly(frame) : frame
  const isMoney = isCurrency && number !== null && !number.hasExponent
  const hasSymbol = isMoney && hasUnit(before) !== hasUnit(after)
  const kind =
    (hasSymbol && 'currency') || (number && isPercent(number) && 'percentage') || 'number'
  const around = hasSymbol ? withCurrency : (parts: readonly Part[]) => textOf(joined(parts))
  const plain = isUnsaid ? element('number:number', { 'number:min-integer-digits': 1 }) : ''
  const digits = number ? numberOf(number, exponentStep) : plain
  // What a style writes of numbers below zero alone has no sign of its own.
  const map = isBelow
    ? element('style:map', {
        'style:condition': 'value()>=0',
        'style:apply-style-name': dataName(name.replace(/n\d+$/, 'p0')),
      })
    : ''
  return element(
    `number:${kind}-style`,
    {
      'style:name': dataName(name),
      'number:language': language,
      'number:country': country,
      'number:transliteration-format': one,
      'number:transliteration-language': one && language,
    },
    around(before) + digits + around(after) + map,
  )
}

const size = ({ from }: Band): string => toText(from)
/** Each band of a styling with its name and when its cells are so, the largest first. */
function cellsOf({ name, bands }: Styling) {
  const of = (all: readonly Band[], letter: string, when: (band: Band, at: number) => string) =>
    all.map((band, at) => ({
      ...{ name: `${name}${letter}${at}`, frame: band.frame, isBelow: letter === 'n' },
      when: when(band, at),
    }))
  const above = of(bands.above, 'p', (band, at) => (at === 0 ? '' : `>=${size(band)}`))
  const below = of(bands.below, 'n', (band, at) => (at === 0 ? '<0' : `<=-${size(band)}`))
  const zero = { name: `${name}z`, frame: bands.zero, isBelow: false, when: '=0' }
  return [zero, ...above.toReversed(), ...below.toReversed()]
}

/**
 * The number styles of a styling, a cell style for each band, and one that chooses among them by
 * the cell's content (ISO/IEC 26300-3, 16.3), which has the styling's own name.
 */
export function stylesOf(styling: Styling, region: SheetRegion): string {
  const cells = cellsOf(styling)
  const data = cells.map(({ name, frame, isBelow }) =>
    styleOf(name, frame, styling, region, isBelow),
  )
  const one = (name: string, of: string, maps = '') =>
    element(
      'style:style',
      {
        ...{ 'style:name': name, 'style:family': 'table-cell' },
        'style:data-style-name': dataName(of),
      },
      maps,
    )
  const chosen = cells.filter(({ when }) => when !== '')
  const maps = chosen.map(({ name, when }) =>
    element('style:map', {
      'style:condition': `cell-content()${when}`,
      'style:apply-style-name': name,
    }),
  )
  return [
    ...data,
    ...chosen.map(({ name }) => one(name, name)),
    one(styling.name, `${styling.name}p0`, maps.join('')),
  ].join('\n')
}
