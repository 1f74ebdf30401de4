/** CSS pixels of each unit of length, by CSS Values and Units. */
const UNITS: Readonly<Record<string, number>> = {
  px: 1,
  pt: 96 / 72,
  pc: 16,
  in: 96,
  cm: 96 / 2.54,
  mm: 96 / 25.4,
  q: 96 / 101.6,
}
/** Most lengths are numbers alone. */
const PLAIN = /^-?\d+(?:\.\d+)?$/
const LENGTH = /^\s*([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)\s*([a-z%]*)/i

/**
 * A length in pixels.
 *
 * @param size of the type, for em and ex
 * @param whole what a percentage is one of
 * @returns null for what is none
 * @example lengthOf('1.5em', 12) // 18
 */
export function lengthOf(text: string | undefined, size = 16, whole = 0): number | null {
  if (text === undefined) return null
  if (PLAIN.test(text)) return Number(text)
  const [, number, unit = ''] = LENGTH.exec(text) ?? []
  if (number === undefined) return null
  const value = Number(number)
  const name = unit.toLowerCase()
  if (name === 'em') return value * size
  if (name === 'rem') return value * 16
  if (name === 'ex' || name === 'ch') return (value * size) / 2
  if (name === '%') return (value * whole) / 100
  return value * (UNITS[name] ?? 1)
}
/** A list of lengths. @example lengthsOf('0 10', 12) // [0, 10] */
export function lengthsOf(text: string | undefined, size?: number, whole?: number): number[] {
  if (text === undefined) return []
  if (PLAIN.test(text)) return [Number(text)]
  return text
    .trim()
    .split(/[\s,]+/)
    .flatMap((one) => lengthOf(one, size, whole) ?? [])
}
