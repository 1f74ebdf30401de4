import { compare } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { labeller } from '../label/labeller'
import { readAs } from '../label/readas'
import { isInterval, type ReadNumber } from '../label/readback'
import type { Context } from '../label/context'
import { resolve } from '../label/resolve'
import { regionOf } from '../label/region'
import type { Row, Value } from '../label/types'
import type { FullStyle, Style } from '../style/fields'
import { textWidth } from '../text/advance'
import { inFull } from '../units'

/** A label that readers of another region take for another number. */
export interface Taken {
  readonly reader: string
  /** The place of the value, and the number that they read. */
  readonly at: number
  readonly reads: Decimal
}
/** A region's labels of some values. */
export interface RegionLabels {
  readonly locale: string
  readonly labels: readonly string[]
  /** The widest, by its place, and its width in CSS pixels. */
  readonly widest: { readonly at: number; readonly width: number }
  /**
   * One for each other region whose people read some label as another number: the first of them.
   */
  readonly taken: readonly Taken[]
}

/** What a region writes by its own ladder, whatever power the style's own stood at. */
const regional = (rungForm: 'symbol' | 'word'): Style => ({
  notation: 'scaled',
  ladder: 'locale',
  rung: 'each',
  rungForm,
  rungGap: null,
  rungFrom: null,
})
/**
 * Ways in which a region can write a style's numbers: by the style itself, by the region's own words
 * and names, and by its own short form; each as what it changes.
 *
 * @example regionWays.words(inherit({ unit: { kind: 'currency', code: 'EUR' } })).rungForm // 'word'
 */
export const regionWays = {
  style: (): Style => ({}),
  words: ({ unit }: FullStyle): Style => ({ ...regional('word'), unit: inFull(unit) }),
  short: (): Style => regional('symbol'),
} as const
export type RegionWay = keyof typeof regionWays
export const REGION_WAYS = Object.keys(regionWays) as RegionWay[]

const numberOf = (said: ReadNumber | null): Decimal | null =>
  said !== null && typeof said === 'object' && !isInterval(said) ? (said as Decimal) : null

/**
 * The same values in the labels of several regions, and what the others read in them.
 *
 * @param context with the tables of all these regions
 * @param fontSize in CSS pixels
 * @throws StyleError for a region without its table
 * @example regionSheet({ fraction: [3, 3] }, ['1.234'], ['en', 'de'], context, 13)[0].taken[0].reader // 'de', who reads 1234
 */
export function regionSheet(
  style: Style,
  { values, rows }: { values: readonly Value[]; rows?: readonly Row[] | undefined },
  locales: readonly string[],
  context: Context,
  fontSize: number,
): RegionLabels[] {
  const readers = locales.map((locale) => ({ locale, region: regionOf(locale, context) }))
  return locales.map((locale) => {
    const plan = resolve({ ...style, locale }, context)
    const writer = labeller(plan)
    const labels = writer.labels(values, rows)
    const said = labels.map((label) => numberOf(writer.read(label).value))
    const widths = labels.map((label) => textWidth(label, fontSize))
    const widest = widths.reduce((best, width, at) => (width > widths[best]! ? at : best), 0)
    const taken = readers
      .filter((other) => other.locale !== locale)
      .flatMap(({ locale: reader, region }): Taken[] => {
        for (const [at, label] of labels.entries()) {
          const reads = numberOf(readAs(label, plan, region).value)
          if (reads && said[at] && compare(reads, said[at]) !== 0) return [{ reader, at, reads }]
        }
        return []
      })
    return { locale, labels, widest: { at: widest, width: widths[widest] ?? 0 }, taken }
  })
}
