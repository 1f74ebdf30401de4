import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, parseDecimal } from '../decimal/decimal'
import { plainly } from '../decimal/plainly'
import { isInterval, readBack, type ReadNumber } from '../label/readback'
import { halfUnit, listed, placesOf, quoted } from './numbers'
import { labelAt, valueAt, valuesOf, writtenAt } from './proof'
import { fix } from './fixes'
import type { Check, Proof } from './types'

/** Whether what a label says is its tick, rounded as the style rounds. */
const contains = (said: ReadNumber, value: Decimal, most: Decimal): boolean => {
  if (typeof said !== 'object') return false
  if (isInterval(said))
    return (
      (!said.from || compare(value, said.from) >= 0) && (!said.to || compare(value, said.to) <= 0)
    )
  return compare(magnitudeOf(subtract(said, value)), most) <= 0
}
const bare = (label: string): string => label.replace(/[\s\u00a0\u202f]/g, '')

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
  | { readonly what: 'words'; readonly labels: readonly string[] }
const messages = {
  count: ({ labels, ticks }: Extract<WrongLabels, { what: 'count' }>) =>
    `${labels} labels are written by hand for ${ticks} ticks: ${labels < ticks ? 'the last ticks have none' : 'the last labels have no tick'}, and one put in between moves all the others.`,
  number({ value, label, said, count }: Extract<WrongLabels, { what: 'number' }>) {
    const reads = said === '' ? '' : `, which reads as ${said}`
    const more = count > 1 ? `; ${count} labels say another number than their tick` : ''
    return `The tick at ${value} is labelled “${label}”${reads}${more}.`
  },
  words: ({ labels }: Extract<WrongLabels, { what: 'words' }>) =>
    `${listed(labels.map(quoted))} ${labels.length === 1 ? 'is no number: it stays where it is' : 'are no numbers: they stay where they are'} when the ticks move.`,
} as const

/** Labels by hand: too few, too many, saying another number than their tick, or none. */
export const wrongTickLabel: Check<WrongLabels> = {
  id: 'wrong-tick-label',
  title: 'A label by hand does not fit',
  weight: 'error',
  finds: 'texts by hand that are more or fewer than the ticks, say another number, or none',
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
    const candidates = byHand.map((label, at) => [
      ...readBack(label, plan).candidates,
      ...readPlain(label, proof, at),
    ])
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
    const texts = placesOf(proof, (at) => candidates[at]!.length === 0)
    if (texts.length === 0) return null
    return {
      severity: 'note',
      params: { what: 'words', labels: texts.map((at) => byHand[at]!) },
      at: texts,
    }
  },
  message: (wrong) => messages[wrong.what](wrong as never),
  *propose({ style }) {
    yield fix('labels-from-ticks', {}, { way: 'labels', style, dropsLabels: true })
  },
}

/** A label by hand need not keep to the style: plain digits are a number too. */
function readPlain(label: string, proof: Proof, at: number): ReadNumber[] {
  if (label === labelAt(proof, at)) return [valueAt(proof, at)]
  const number = parseDecimal(bare(label).replace('−', '-'))
  return number ? [number] : []
}
