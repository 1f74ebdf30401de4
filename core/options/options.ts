import { decimalPair } from '../style/counts'
import { withDigits } from '../style/digits'
import { notationOf } from '../notations'
import type { Recorded } from '../label/context'
import type { Plan } from '../label/types'
import type { NumberOptions, Unsaid } from '../notations/types'
import { unitColumn } from '../style/dependencies'
import { inherit } from '../style/inherit'
import type { FullStyle, Style } from '../style/schemas'
import { isMoney, kindOf, measureOf, type Unit } from '../units'

/** What a style is in those options, and what of it they have no word for. */
export interface Optioned {
  readonly locale: string
  readonly options: NumberOptions
  /** What labels will lack, a phrase each; empty where the options say all of the style. */
  readonly unsaid: readonly string[]
}

const optionsOfUnit = (unit: Unit): NumberOptions | null => kindOf(unit).options(unit)
const groupings: Record<FullStyle['grouping'], NumberOptions> = {
  auto: {},
  always: { useGrouping: 'always' },
  min2: { useGrouping: 'min2' },
  never: { useGrouping: false },
}
/** No minus before zero is `negative` there. */
const signs: Record<FullStyle['sign'], NumberOptions> = {
  auto: { signDisplay: 'negative' },
  always: { signDisplay: 'always' },
  exceptZero: { signDisplay: 'exceptZero' },
  never: { signDisplay: 'never' },
  parentheses: { currencySign: 'accounting', signDisplay: 'negative' },
}
/**
 * Increments that ECMA-402 knows: 1, 2, 5 and so on of the last decimal (section 16.1.2, sanctioned
 * roundingIncrement).
 */
const INCREMENTS = [1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000, 2500, 5000]

function incrementOf({ increment, fraction }: FullStyle): NumberOptions | null {
  const found = increment === null ? null : /^(\d+)(?:\.(\d+))?$/.exec(increment)
  if (!found) return null
  const decimals = found[2]?.length ?? 0
  const digits = Number(found[1] + (found[2] ?? ''))
  if (!INCREMENTS.includes(digits) || (decimalPair(fraction)?.[0] ?? 0) > decimals) return null
  return {
    roundingIncrement: digits,
    minimumFractionDigits: decimals,
    maximumFractionDigits: decimals,
  }
}

/** Decimals that every engine takes: those before ECMA-402 of 2023 take no more. */
const MOST_DECIMALS = 20

function digitsOf(style: FullStyle): NumberOptions {
  const { significant, priority } = style
  const fraction = decimalPair(style.fraction)?.map((digits) => Math.min(digits, MOST_DECIMALS))
  return {
    ...(fraction ? { minimumFractionDigits: fraction[0], maximumFractionDigits: fraction[1] } : {}),
    ...(significant
      ? { minimumSignificantDigits: significant[0], maximumSignificantDigits: significant[1] }
      : {}),
    ...(fraction && significant ? { roundingPriority: priority } : {}),
    ...incrementOf(style),
  }
}

/** What ECMA-402 cannot say, each with the phrase that tells it. */
const beyond: readonly Unsaid<FullStyle>[] = [
  [({ unit }) => optionsOfUnit(unit) === null, 'this unit'],
  [(style) => unitColumn(style) !== null, 'a unit that is named by a column'],
  [({ unitAt }) => unitAt !== 'label', 'a unit that is said once'],
  [({ marks }) => Object.keys(marks).length > 0, 'marks of one’s own'],
  [
    ({ sign, unit }) => sign === 'parentheses' && !isMoney(unit),
    'parentheses around what is no currency',
  ],
  [(style) => style.increment !== null && incrementOf(style) === null, 'this increment'],
  [
    ({ fraction, significant }) =>
      (decimalPair(fraction)?.[1] ?? 0) > MOST_DECIMALS || (significant?.[1] ?? 0) > 21,
    'that many digits',
  ],
  [({ fraction }) => fraction === 'step', 'as many decimals as the step needs'],
  [({ factor }) => factor !== '1', 'a factor (multiply first)'],
  [({ under, over }) => under !== null || over !== null, 'bounds'],
  [
    ({ before, after, zero }) => before !== '' || after !== '' || zero !== null,
    'text around the label, or for zero',
  ],
  [({ cases }) => cases.length > 0, 'cases'],
]

/**
 * A style with the decimals that its Plan has worked out, where they are the same on every label:
 * what the platform's options can say of those that a step needs.
 *
 * @example decided(inherit({ fraction: 'step' }), planOfQuarters).fraction // [2, 2]
 */
export function decided(style: FullStyle, { rules }: Plan): FullStyle {
  const { fraction, by, last } = rules.at(-1)!.precision
  const isOne =
    style.fraction === 'step' && style.cases.length === 0 && fraction && !by && last === undefined
  return isOne ? { ...style, fraction: [fraction[0], fraction[1]] } : style
}

/** That values have to be converted before they are written in a unit. */
const unconverted = (unit: Unit, measure: string | undefined): string[] =>
  measure !== undefined && ![null, measure].includes(measureOf(unit))
    ? [`cells that are recorded in ${measure} (convert them first)`]
    : []

/**
 * A style as the options of ECMA-402 (Internationalization API, `NumberFormat`), as far as they
 * can say it.
 *
 * @param given what the values are recorded in: a power of ten, a measure
 * @example optionsOf({ fraction: [0, 1], grouping: 'never' }).options // { maximumFractionDigits: 1, … useGrouping: false }
 */
export function optionsOf(
  style: Style,
  { recorded = 0, measure }: Pick<Recorded, 'recorded' | 'measure'> = {},
): Optioned {
  const full = withDigits(inherit(style))
  const notation = notationOf(full)
  const significant = Math.min(21, full.significant?.[1] ?? 21)
  const digits = digitsOf({
    ...full,
    significant: full.significant && [Math.min(full.significant[0], significant), significant],
  })
  return {
    locale: full.locale,
    options: {
      ...notation.options(full),
      ...optionsOfUnit(full.unit),
      ...digits,
      ...(full.rounding === 'halfExpand' ? {} : { roundingMode: full.rounding }),
      ...(full.trailingZeros === 'auto' ? {} : { trailingZeroDisplay: full.trailingZeros }),
      ...groupings[full.grouping],
      ...signs[full.sign],
    },
    unsaid: [
      ...[...notation.unsaid, ...beyond].filter(([is]) => is(full)).map(([, text]) => text),
      ...(recorded === 0
        ? []
        : [`cells that are recorded in a power of ten (multiply by 10^${recorded} first)`]),
      ...unconverted(full.unit, measure),
    ],
  }
}
