import { inherit } from '../style/inherit'
import type { FullStyle, Style } from '../style/schemas'

/** Options of ECMA-402's number format, as JSON. */
export type NumberOptions = Readonly<Record<string, string | number | boolean>>
/** What a style is in those options, and what of it they have no word for. */
export interface Optioned {
  readonly locale: string
  readonly options: NumberOptions
  /** Why labels will differ, a sentence each; empty where the options say all of the style. */
  readonly unsaid: readonly string[]
}

const notations: Record<FullStyle['notation'], (style: FullStyle) => NumberOptions> = {
  plain: () => ({}),
  scaled: ({ rungForm }) => ({ notation: 'compact', compactDisplay: rungForm === 'word' ? 'long' : 'short' }),
  scientific: () => ({ notation: 'scientific' }),
  engineering: () => ({ notation: 'engineering' }),
  multiple: () => ({}),
}
const units: Record<FullStyle['unit']['kind'], (unit: never) => NumberOptions> = {
  none: () => ({}),
  currency: ({ code, display }: { code: string; display?: string }) => (typeof code === 'string' ? { style: 'currency', currency: code, ...(display && display !== 'symbol' ? { currencyDisplay: display } : {}) } : {}),
  percent: () => ({ style: 'percent' }), permille: () => ({}), percentPoint: () => ({}), basisPoint: () => ({}), symbol: () => ({}),
}
const groupings: Record<FullStyle['grouping'], NumberOptions> = { auto: {}, always: { useGrouping: 'always' }, min2: { useGrouping: 'min2' }, never: { useGrouping: false } }
/** No minus before zero is `negative` there. */
const signs: Record<FullStyle['sign'], NumberOptions> = {
  auto: { signDisplay: 'negative' }, always: { signDisplay: 'always' }, exceptZero: { signDisplay: 'exceptZero' }, never: { signDisplay: 'never' }, parentheses: { currencySign: 'accounting', signDisplay: 'negative' },
}
/** Increments that ECMA-402 knows: 1, 2, 5 and so on of the last decimal (section 16.1.2, sanctioned roundingIncrement). */
const INCREMENTS = [1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000, 2500, 5000]

function incrementOf({ increment, fraction }: FullStyle): NumberOptions | null {
  const found = increment === null ? null : /^(\d+)(?:\.(\d+))?$/.exec(increment)
  if (!found) return null
  const decimals = found[2]?.length ?? 0
  const digits = Number(found[1] + (found[2] ?? ''))
  if (!INCREMENTS.includes(digits) || (fraction && fraction[0] > decimals)) return null
  return { roundingIncrement: digits, minimumFractionDigits: decimals, maximumFractionDigits: decimals }
}

function digitsOf(style: FullStyle): NumberOptions {
  const { fraction, significant, priority } = style
  return {
    ...(fraction ? { minimumFractionDigits: fraction[0], maximumFractionDigits: fraction[1] } : {}),
    ...(significant ? { minimumSignificantDigits: significant[0], maximumSignificantDigits: significant[1] } : {}),
    ...(fraction && significant ? { roundingPriority: priority } : {}),
    ...incrementOf(style),
  }
}

/** What ECMA-402 cannot say, each with the sentence that tells it. */
const beyond: readonly (readonly [(style: FullStyle) => boolean, string])[] = [
  [({ notation }) => notation === 'multiple', 'Multiples of a constant.'],
  [({ notation, ladder }) => notation === 'scaled' && ladder !== 'locale', 'A ladder of its own choosing: the region’s names stand in.'],
  [({ notation, rung }) => notation === 'scaled' && rung !== 'each', 'One rung for all labels: each has its own there.'],
  [({ notation, rungForm }) => notation === 'scaled' && rungForm === 'symbolExponent', 'A symbol with its power.'],
  [({ notation, rungFrom, rungGap }) => notation === 'scaled' && (rungFrom !== null || rungGap !== null), 'From where scaling begins, and the gap before a rung.'],
  [({ notation, exponent }) => /scientific|engineering/.test(notation) && exponent !== 'each', 'One exponent for all labels: each has its own there.'],
  [({ notation, exponentForm }) => /scientific|engineering/.test(notation) && exponentForm !== 'E', 'How a power of ten is set: it is written E there.'],
  [({ unit }) => unit.kind === 'symbol' || unit.kind === 'permille' || unit.kind === 'percentPoint' || unit.kind === 'basisPoint', 'This unit.'],
  [({ unit }) => unit.kind === 'currency' && typeof unit.code !== 'string', 'A currency that is named by a column.'],
  [({ unitAt }) => unitAt !== 'label', 'A unit that is said once.'],
  [({ marks }) => Object.keys(marks).length > 0, 'Marks of one’s own.'],
  [({ sign, unit }) => sign === 'parentheses' && unit.kind !== 'currency', 'Parentheses around what is no currency.'],
  [(style) => style.increment !== null && incrementOf(style) === null, 'This increment.'],
  [({ fraction, significant }) => (fraction?.[1] ?? 0) > 100 || (significant?.[1] ?? 0) > 21, 'That many digits.'],
  [({ factor }) => factor !== '1', 'A factor: multiply first.'],
  [({ under, over }) => under !== null || over !== null, 'Bounds.'],
  [({ before, after, zero }) => before !== '' || after !== '' || zero !== null, 'Text around the label, or for zero.'],
  [({ cases }) => cases.length > 0, 'Cases.'],
]

/**
 * A style as the options of ECMA-402 (Internationalization API, `NumberFormat`), as far as they
 * can say it.
 *
 * @param recorded the power of ten that the values are recorded in
 * @example optionsOf({ fraction: [0, 1], grouping: 'never' }).options // { maximumFractionDigits: 1, … useGrouping: false }
 */
export function optionsOf(style: Style, recorded = 0): Optioned {
  const full = inherit(style)
  const unit = (units[full.unit.kind] as (unit: FullStyle['unit']) => NumberOptions)(full.unit)
  const significant = Math.min(21, full.significant?.[1] ?? 21)
  const digits = digitsOf({ ...full, significant: full.significant && [Math.min(full.significant[0], significant), significant] })
  return {
    locale: full.locale,
    options: {
      ...notations[full.notation](full), ...unit, ...digits, ...(full.rounding === 'halfExpand' ? {} : { roundingMode: full.rounding }),
      ...(full.trailingZeros === 'auto' ? {} : { trailingZeroDisplay: full.trailingZeros }), ...groupings[full.grouping], ...signs[full.sign],
    },
    unsaid: [...beyond.filter(([is]) => is(full)).map(([, text]) => text), ...(recorded === 0 ? [] : [`That cells are recorded in powers of ten: multiply by 10^${recorded} first.`])],
  }
}
