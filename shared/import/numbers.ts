import { fitsDouble } from '../../core/decimal/arithmetic'
import { fromNumber, parseDecimal, toText } from '../../core/decimal/decimal'
import type { LabelRule } from './label'
import type { Cells, Sample } from './types'

/** A double as decimal text; one without an exponent is that already. */
export function doubleText(number: number): string {
  const text = String(number)
  return text.includes('e') ? toText(fromNumber(number)) : text
}

/** The numbers of some cells: doubles where these keep every digit, and decimal text. */
export function numbersOf({ doubles: plain, texts, eachOther, length }: Cells, rule: LabelRule) {
  const read = new Map<number, string | null>()
  const doubles = plain.slice()
  let fits = true
  const take = (at: number, text: string | null) => {
    doubles[at] = text === null ? NaN : Number(text)
    fits &&= text === null || fitsDouble(parseDecimal(text)!)
    read.set(at, text)
  }
  eachOther((looked, at) => take(at, looked.isMissing ? null : rule.read(looked)))
  if (rule.power !== 0)
    for (let at = 0; at < length; at++) if (!texts[at]) take(at, rule.plain(doubleText(plain[at]!)))
  const textAt = (number: number, at: number) => (read.has(at) ? read.get(at)! : doubleText(number))
  return { doubles: fits ? doubles : null, cells: () => Array.from(doubles, textAt) }
}

/** So many cells are shown as they were read. */
export const SAMPLED = 3
/** Some cells as they were read, those first that are written as labels. */
export function sampleOf({ texts, doubles, eachOther, length }: Cells, rule: LabelRule): Sample[] {
  const found = new Map<string, string>()
  const keep = (text: string, value: string | null) => {
    if (value !== null && found.size < SAMPLED) found.set(text, value)
  }
  eachOther((looked) => {
    if (found.size < SAMPLED && !looked.isMissing) keep(looked.text, rule.read(looked))
  })
  for (let at = 0; at < length && found.size < SAMPLED; at++) {
    if (texts[at]) continue
    const text = doubleText(doubles[at]!)
    keep(text, rule.plain(text))
  }
  return [...found].map(([text, value]) => ({ text, value }))
}
