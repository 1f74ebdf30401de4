import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { isInterval, type ReadNumber } from '../label/readback'
import { numbersByHand } from './byhand'
import { halfUnit, placesOf } from './numbers'
import { valuesOf, writtenAt } from './proof'
import { fix } from './fixes'
import type { Check } from './types'

/** Whether what a label says is its tick, rounded as the style rounds. */
const contains = (said: ReadNumber, value: Decimal, most: Decimal): boolean => {
  if (typeof said !== 'object') return false
  if (isInterval(said))
    return (
      (!said.from || compare(value, said.from) >= 0) && (!said.to || compare(value, said.to) <= 0)
    )
  return compare(magnitudeOf(subtract(said, value)), most) <= 0
}

type WrongLabels =
  | { readonly what: 'count'; readonly labels: number; readonly ticks: number }
  | {
      readonly what: 'number'
      readonly value: string
      readonly label: string
      /** What the label reads as; nothing where that is no single number. */
      readonly said: string
      readonly count: number
    }
const messages = {
  count: ({ labels, ticks }: Extract<WrongLabels, { what: 'count' }>) =>
    `${labels} labels were typed for ${ticks} ticks: ${labels < ticks ? 'the last ticks have none' : 'the last labels have no tick'}. A new tick would shift them.`,
  number({ value, label, said, count }: Extract<WrongLabels, { what: 'number' }>) {
    const reads = said === '' ? '' : `, which reads as ${said}`
    const more = count > 1 ? `; ${count} labels differ from their tick` : ''
    return `The tick at ${value} is labelled “${label}”${reads}${more}.`
  },
} as const

/**
 * Protects readers from labels that stand at the wrong tick. Numbers are read as the style and its
 * region write them; words are left to `label-is-words`.
 */
export const wrongTickLabel: Check<WrongLabels> = {
  id: 'wrong-tick-label',
  title: 'A label by hand is wrong',
  weight: 'error',
  finds: 'labels typed by hand that are too many, too few, or another number than their tick',
  find(proof) {
    const { byHand, plan } = proof
    if (!byHand) return null
    const values = valuesOf(proof)
    if (byHand.length !== values.length) {
      const at = values.map((_, i) => i).slice(Math.min(byHand.length, values.length))
      return {
        severity: 'error',
        params: { what: 'count', labels: byHand.length, ticks: values.length },
        at,
      }
    }
    const candidates = byHand.map((_, at) => numbersByHand(proof, at))
    const wrong = placesOf(
      proof,
      (at) =>
        candidates[at]!.length > 0 &&
        !candidates[at]!.some((said) =>
          contains(said, values[at]!, halfUnit(plan, writtenAt(proof, at))),
        ),
    )
    if (wrong.length > 0) {
      const first = wrong[0]!
      const said = candidates[first]![0]!
      return {
        severity: 'error',
        params: {
          what: 'number',
          value: plainly(values[first]!),
          label: byHand[first]!,
          said: typeof said === 'object' && !isInterval(said) ? plainly(said) : '',
          count: wrong.length,
        },
        at: wrong,
      }
    }
    return null
  },
  message: (wrong) => messages[wrong.what](wrong as never),
  *propose({ style }) {
    yield fix('labels-from-ticks', {}, { way: 'labels', style, dropsLabels: true })
  },
}
