import { sum } from '../decimal/arithmetic'
import type { Decimal } from '../decimal/decimal'
import { whereResolved } from '../error'
import { saidBy } from '../label/cells'
import { decide } from '../label/decide'
import { resolve } from '../label/resolve'
import { textOf } from '../label/write'
import { saidAt, valueAt } from './proof'
import type { Proof } from './types'

/** The parts that are summed, as they are and as they are read. */
export interface Parts {
  readonly at: readonly number[]
  readonly exact: Decimal
  readonly printed: Decimal
}

export function partsOf(proof: Proof): Parts {
  const at = proof.selection ?? [...proof.which.keys()]
  return {
    at,
    exact: sum(at.map((i) => valueAt(proof, i))),
    printed: sum(at.map((i) => saidAt(proof, i))),
  }
}

/**
 * What writes the changes beside the values: the Plan of their own style, where they have one; null
 * where that cannot be resolved.
 */
export const planOfChanges = ({ changeStyle, context, plan }: Proof): Pick<Proof, 'plan'> | null =>
  changeStyle ? whereResolved(() => ({ plan: resolve(changeStyle, context) })) : { plan }

/**
 * A number beside the values, as the style writes it and as it is read.
 *
 * @example printedBeside({ plan: resolve({ fraction: [0, 0] }) }, decimal('1.6')).said // 2
 */
export function printedBeside(
  { plan }: Pick<Proof, 'plan'>,
  value: Decimal,
): { label: string; said: Decimal } {
  const written = decide(plan, value)
  return { label: textOf(plan, written), said: saidBy(plan, written) }
}
