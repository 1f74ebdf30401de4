import { notationOf } from '../notations'
import { inherit, stylesOf } from './inherit'
import type { FullStyle, Style } from './schemas'
import { columnOf } from '../units'

/**
 * The column that names the currency or measure of each row; null where the style names one itself.
 *
 * @example unitColumn({ unit: { kind: 'currency', code: { column: 'money' }, … } }) // 'money'
 */
export const unitColumn = ({ unit }: Pick<FullStyle, 'unit'>): string | null => columnOf(unit)

/**
 * Whether what a style writes for one value depends on the others or on their rows: something is
 * shared, or a column names units or has errors.
 *
 * @example looksAtValues({ notation: 'scaled', rung: 'shared' }) // true
 */
export const looksAtValues = (style: Style): boolean =>
  stylesOf(inherit(style)).some(
    ({ style: one }) =>
      one.rung === 'shared' ||
      one.exponent === 'shared' ||
      one.fraction === 'step' ||
      unitColumn(one) !== null ||
      one.uncertainty !== null,
  )

/**
 * The field that is decided over all values; null where no style of it has any.
 *
 * @example sharedField({ notation: 'scaled', rung: 'shared' }) // 'rung'
 */
export function sharedField(style: Style): 'rung' | 'exponent' | 'fraction' | null {
  const written = stylesOf(inherit(style)).map((one) => one.style)
  if (written.some((one) => notationOf(one).hasRungs && one.rung === 'shared')) return 'rung'
  const isShared = (one: FullStyle) => notationOf(one).hasExponent && one.exponent === 'shared'
  if (written.some(isShared)) return 'exponent'
  return written.some((one) => one.fraction === 'step') ? 'fraction' : null
}

/**
 * The columns whose cells a style looks at: those of its cases, those that name a unit,
 * and those of errors.
 *
 * @example columnsOf({ unit: { kind: 'currency', code: { column: 'money' } } }) // ['money']
 */
export function columnsOf(style: Style): string[] {
  const written = stylesOf(inherit(style))
  const looked = written.flatMap(({ when }) => (when && 'column' in when ? [when.column] : []))
  const named = written.map(({ style: one }) => unitColumn(one)).filter((name) => name !== null)
  const errors = written.flatMap(({ style: { uncertainty } }) => uncertainty?.column ?? [])
  return [...new Set([...looked, ...named, ...errors])]
}

/**
 * Whether the two ends of a set decide all that is shared in it: rungs are shared, and nothing else
 * is.
 *
 * @example endsDecide({ notation: 'scientific', exponent: 'shared' }) // false
 */
export const endsDecide = (style: Style): boolean =>
  stylesOf(inherit(style)).every(
    ({ when, style: one }) =>
      when === null &&
      one.exponent !== 'shared' &&
      one.fraction !== 'step' &&
      unitColumn(one) === null,
  )
