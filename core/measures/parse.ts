import table from '../locale/generated/measures.json'
import type { RationalText } from './rational'

/** What CLDR says of a simple unit: what leads from it to its base. */
interface SimpleUnit {
  readonly base: string
  readonly factor: RationalText
  readonly offset?: RationalText
  /** Whether no factor leads to the base, as with Beaufort. */
  readonly special?: boolean
}
/** Units that CLDR converts, by id. */
export const units = table.units as unknown as Readonly<Record<string, SimpleUnit>>
/** Powers that prefixes stand for: of ten, or of two. */
export const prefixes = table.prefixes as unknown as Readonly<
  Record<string, readonly [base: number, power: number]>
>
/** What a quantity is called whose base units are these. */
export const quantities = table.quantities as Readonly<Record<string, string>>
/** The measures that CLDR names in every language, each with its kind: mass, length, speed. */
export const kinds = table.kinds as Readonly<Record<string, string>>

/** A factor of a measure: a simple unit with its prefix and power, or a plain number. */
export interface Component {
  readonly unit: string
  readonly prefix?: string
  /** Below zero where it stands behind `per`. */
  readonly power: number
}

const POWERS: Readonly<Record<string, number>> = {
  square: 2,
  cubic: 3,
  ...Object.fromEntries([4, 5, 6, 7, 8, 9].map((power) => [`pow${power}`, power])),
}
const NUMBER = /^\d+(e\d+)?$/
const has = (record: object, key: string): boolean => Object.hasOwn(record, key)
const isSimple = (id: string): boolean => has(units, id) || id === 'generic'

/** A simple unit with the prefix that it may carry; null where the text is none. */
function prefixed(id: string): Pick<Component, 'unit' | 'prefix'> | null {
  if (isSimple(id)) return { unit: id }
  const prefix = Object.keys(prefixes).find(
    (one) => id.startsWith(one) && has(units, id.slice(one.length)),
  )
  return prefix ? { unit: id.slice(prefix.length), prefix } : null
}

/** The longest unit that some words begin with, and how many of them it takes. */
function longest(
  words: readonly string[],
): { unit: Omit<Component, 'power'>; taken: number } | null {
  for (let taken = words.length; taken > 0; taken--) {
    const unit = prefixed(words.slice(0, taken).join('-'))
    if (unit) return { unit, taken }
  }
  return null
}

/**
 * The factors of a measure, by CLDR's syntax of unit identifiers (Unicode Technical Standard 35,
 * part 6, "Unit Identifiers").
 *
 * @param id such as kilogram, kilometer-per-hour, newton-square-meter
 * @returns null where it is no measure
 * @example parseMeasure('kilogram-per-cubic-meter') // kilogram to 1, meter to -3
 */
export function parseMeasure(id: string): Component[] | null {
  const words = id.split('-')
  const found: Component[] = []
  let sign = 1
  for (let at = 0; at < words.length;) {
    const word = words[at]!
    const last = at === words.length - 1
    if (word === 'per' && sign === 1 && !last) {
      sign = -1
      at++
      continue
    }
    if (NUMBER.test(word)) {
      found.push({ unit: String(Number(word)), power: sign })
      at++
      continue
    }
    const power = has(POWERS, word) && !last ? POWERS[word]! : 1
    if (power > 1) at++
    const rest = words.slice(at)
    const per = rest.indexOf('per')
    const next = longest(per < 0 ? rest : rest.slice(0, per))
    if (!next) return null
    found.push({ ...next.unit, power: sign * power })
    at += next.taken
  }
  return found.some(({ unit }) => !NUMBER.test(unit)) ? found : null
}
export const isPlainNumber = (unit: string): boolean => NUMBER.test(unit)
