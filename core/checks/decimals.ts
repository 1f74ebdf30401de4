import { compare } from '../decimal/arithmetic'
import { type Decimal, toText } from '../decimal/decimal'
import type { Style } from '../style/fields'
import { inherit } from '../style/inherit'
import type { Change, Proof } from './types'

const MOST_TRIED = 24

/** "no decimals", "1 decimal", "3 decimals". */
export const decimalsText = (count: number): string => (count === 0 ? 'no decimals' : count === 1 ? '1 decimal' : `${count} decimals`)

/** The style with another number of decimals, as exact or as loose as it was before. */
export function withDecimals(style: Style, count: number): Style {
  const [least, most] = inherit(style).fraction
  return { ...style, fraction: [least === most ? count : Math.min(least, count), count] }
}

/** More and more decimals, one at a time. */
export function* moreDecimals({ style }: Proof): Generator<Change> {
  const [, most] = inherit(style).fraction
  for (let count = most + 1; count <= Math.min(most + MOST_TRIED, 100); count++) {
    yield { title: `Write ${decimalsText(count)}`, style: withDecimals(style, count) }
  }
}

/** Whether a label says exactly its value. */
export const isExact = (proof: Proof, at: number): boolean => compare(proof.said[at]!, proof.values[at]!) === 0

/** A number in a message: plain digits, no style. */
export const plainly = (value: Decimal): string => toText(value).replace('-', '−')
