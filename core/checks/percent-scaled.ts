import { compare, magnitudeOf, shift, subtract, sum } from '../decimal/arithmetic'
import { type Decimal, decimal, ONE } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { placesWhere, saysSome } from './numbers'
import { labelAt, saidAt, valueAt } from './proof'
import { fix } from './fixes'
import { isPart } from './usual'
import type { Check, Proof } from './types'
import { isWritten, kindOf, multipliesPercent } from '../units'

type Scaled = {
  readonly what: 'twice' | 'never'
  readonly label: string
  readonly value: string
}
const [MOST_RATIO, HUNDRED] = [decimal('1.5'), decimal(100)]
/** Shares that make one whole within this are shares of one. */
const WHOLE = decimal('0.001')
/** So many numbers tell of what kind they are, where nothing else does. */
const FEWEST = 3

const lies = (value: Decimal, from: Decimal, to: Decimal): boolean => {
  const size = magnitudeOf(value)
  return compare(size, from) > 0 && compare(size, to) <= 0
}
const makesOne = (values: readonly Decimal[]): boolean =>
  compare(magnitudeOf(subtract(sum(values), ONE)), WHOLE) <= 0

/**
 * Whether numbers that a percent sign multiplies by a hundred are percent already: parts of a whole
 * half of which lie above it.
 */
function arePercent(proof: Proof, values: readonly Decimal[]): boolean {
  const present = values.filter(({ coefficient }) => coefficient !== 0n)
  if (proof.kind === 'change' || present.length === 0) return false
  const large = present.filter((value) => lies(value, MOST_RATIO, HUNDRED))
  if (isPart(proof)) return 2 * large.length > present.length
  return present.length >= FEWEST && large.length === present.length
}
/** Whether numbers that stand before a percent sign as they are were never multiplied. */
function areRatios(proof: Proof, values: readonly Decimal[]): boolean {
  const areParts = values.every((value) => compare(magnitudeOf(value), ONE) <= 0)
  const isSome = values.some(({ exponent, coefficient }) => exponent < 0 && coefficient !== 0n)
  if (!areParts || !isSome) return false
  return isPart(proof) || (values.length > 1 && makesOne(values))
}

/** Of a long column some values, evenly, tell what kind of numbers it has. */
const MOST_LOOKED_AT = 2000
function looked(proof: Proof): Decimal[] {
  const { length } = proof.values
  const stride = Math.max(1, Math.ceil(length / MOST_LOOKED_AT))
  return Array.from({ length: Math.ceil(length / stride) }, (_, at) => valueAt(proof, at * stride))
}

/** Whether a percent sign is typed, in the unit or behind the label, which multiplies nothing. */
const isTyped = ({ full: { unit, after, factor } }: Proof): boolean =>
  factor === '1' &&
  (kindOf(unit).percentSign(unit) === 'typed' || (!isWritten(unit) && /^\s*%/.test(after)))

/**
 * Protects readers from percents that are a hundred times too large or too small. Growth of more
 * than all, a ratio above one among others, and figures that are declared as recorded in percent
 * are left alone.
 */
export const percentScaled: Check<Scaled> = {
  id: 'percent-scaled',
  title: 'Percent is scaled wrongly',
  weight: 'error',
  finds:
    'percent of numbers that are percent already (most are above 1.5 and up to 100), or a typed percent sign after fractions',
  find(proof) {
    const { full, context } = proof
    const isPercent = multipliesPercent(full.unit) && full.factor === '1'
    if (!isPercent && !isTyped(proof)) return null
    const values = looked(proof).map((value) => shift(value, context?.recorded ?? 0))
    const what = isPercent ? 'twice' : 'never'
    const isFound = isPercent ? arePercent(proof, values) : areRatios(proof, values)
    const at = isFound ? placesWhere(proof, saysSome) : []
    if (at.length === 0) return null
    const first = at[0]!
    return {
      severity: 'error',
      params: { what, label: labelAt(proof, first), value: plainly(saidAt(proof, first)) },
      at,
    }
  },
  message: ({ what, label, value }) =>
    what === 'twice'
      ? `“${label}” would be ${value} times the whole. The numbers are percent already, and the style multiplies them again.`
      : `“${label}” is only a hundredth of ${value}: the sign is typed, so the number is not multiplied.`,
  *propose({ style, full }) {
    if (multipliesPercent(full.unit))
      yield fix(
        'percent-sign',
        {},
        { way: 'unit', style: { ...style, unit: { kind: 'symbol', text: '%', gap: '' } } },
      )
    else
      yield fix(
        'as-percent',
        {},
        {
          way: 'unit',
          style: {
            ...style,
            unit: { kind: 'percent' },
            after: style.after?.replace(/^\s*%/, '') ?? '',
          },
        },
      )
  },
}
