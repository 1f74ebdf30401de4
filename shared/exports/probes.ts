import { powersFor } from '../../core/bands/bands'
import type { Row, Value } from '../../core/label/types'
import { amountOf, isFiniteAmount } from '../../core/label/value'
import type { Written } from './written'

/** Leading digits of numbers that are tried beyond the study's values. */
const TRIED = ['1', '99999999', '123456789', '25']

/**
 * Numbers beyond those of a study, of either sign: some of each power of ten.
 *
 * @param powers from the one to the other
 * @returns decimal text
 * @example beyond([0, 0]).slice(0, 2) // ['1e0', '-1e0']
 */
const beyond = ([least, most]: readonly [number, number]): string[] =>
  Array.from({ length: most - least + 1 }, (_, at) =>
    TRIED.flatMap((digits) => {
      const size = `${digits}e${least + at - digits.length + 1}`
      return [size, `-${size}`]
    }),
  ).flat()

/** What a form that may write otherwise is compared on: the numbers of a study, and those beyond. */
export interface Probes {
  /** The powers of ten in which they lie. */
  readonly powers: readonly [number, number]
  readonly values: readonly Value[]
  /** What the desk writes of them. */
  readonly labels: readonly string[]
  /** Those of them that the study does not have, which are the last. */
  readonly tried: readonly string[]
}
/** @param row the cells beside the numbers beyond the study's */
export function probesOf({ plan, writer, values, labels }: Written, row: Row | undefined): Probes {
  const amounts = values.map((value, at) => amountOf(value, at))
  const present = amounts.flatMap((amount, at) => (isFiniteAmount(amount) ? [at] : []))
  const powers = powersFor(plan, amounts.filter(isFiniteAmount))
  const tried = beyond(powers)
  return {
    ...{ powers, tried },
    values: [...present.map((at) => values[at]), ...tried],
    labels: [
      ...present.map((at) => labels[at]!),
      ...tried.map((value) => writer.label(value, row)),
    ],
  }
}
