import { compare } from '../decimal/arithmetic'
import { decimalsText, withDecimals } from '../style/decimals'
import { inherit } from '../style/inherit'
import type { Change, Proof } from './types'

const MOST_TRIED = 24

/** More and more decimals, one at a time. */
export function* moreDecimals({ style }: Proof): Generator<Change> {
  const most = inherit(style).fraction?.[1] ?? 0
  for (let count = most + 1; count <= Math.min(most + MOST_TRIED, 100); count++) {
    yield { title: `Write ${decimalsText(count)}`, style: { ...style, ...withDecimals(style, count) } }
  }
}

/** Whether a label says exactly its value. */
export const isExact = (proof: Proof, at: number): boolean => compare(proof.said[at]!, proof.values[at]!) === 0

