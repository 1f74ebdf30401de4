/**
 * Writes numbers for made charts and tables. Nothing here is shared with what reads them: numbers
 * are whole counts of a last place, so that each label is known without rounding.
 */

/** A region's own marks and names, as people there write them. */
export interface Writer {
  readonly tag: string
  readonly decimal: string
  readonly group: string
  readonly names: Readonly<Record<number, string>>
  /** What stands between digits and a name. */
  readonly gap: string
  readonly isIndian?: boolean
}
export const WRITERS: readonly Writer[] = [
  { tag: 'en', decimal: '.', group: ',', names: { 3: 'K', 6: 'M', 9: 'B' }, gap: '' },
  { tag: 'de', decimal: ',', group: '.', names: { 6: 'Mio.', 9: 'Mrd.' }, gap: '\u00a0' },
  { tag: 'fr', decimal: ',', group: '\u202f', names: { 3: 'k', 6: 'M', 9: 'Md' }, gap: '\u00a0' },
  { tag: 'es', decimal: ',', group: '.', names: { 3: 'mil', 6: 'M' }, gap: '\u00a0' },
  { tag: 'de-CH', decimal: '.', group: '’', names: { 6: 'Mio.', 9: 'Mrd.' }, gap: '\u00a0' },
  { tag: 'en-IN', decimal: '.', group: ',', names: { 5: 'L', 7: 'Cr' }, gap: '', isIndian: true },
  { tag: 'sv', decimal: ',', group: '\u00a0', names: { 6: 'mn', 9: 'md' }, gap: '\u00a0' },
  { tag: 'ja', decimal: '.', group: ',', names: { 4: '万', 8: '億' }, gap: '' },
]

/** A number as a whole count of a power of ten. */
export interface Whole {
  readonly count: number
  readonly place: number
}
export const whole = (count: number, place: number): Whole => ({ count, place })
export const asNumber = ({ count, place }: Whole): number =>
  place < 0 ? count / 10 ** -place : count * 10 ** place

function grouped(digits: string, { group, isIndian }: Writer): string {
  if (digits.length < 5 && (group === '\u202f' || group === '\u00a0')) return digits
  const last = digits.slice(-3)
  let rest = digits.slice(0, -3)
  const parts = [last]
  for (const size = isIndian ? 2 : 3; rest.length > 0; rest = rest.slice(0, -size))
    parts.unshift(rest.slice(-size))
  return parts.join(group)
}

/** The digits of a number with so many decimals, in a power of ten; it has to end there. */
export function plain(number: Whole, writer: Writer, power: number, decimals: number): string {
  const shifted = number.count * 10 ** (number.place - power + decimals)
  const count = Math.round(shifted)
  const digits = String(Math.abs(count)).padStart(decimals + 1, '0')
  const head = decimals === 0 ? digits : digits.slice(0, -decimals)
  const tail = decimals === 0 ? '' : `${writer.decimal}${digits.slice(-decimals)}`
  return `${count < 0 ? '−' : ''}${grouped(head, writer)}${tail}`
}
const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹'
export const raised = (power: number): string =>
  (power < 0 ? '⁻' : '') +
  [...String(Math.abs(power))].map((digit) => RAISED[Number(digit)]).join('')

/** The least decimals with which every number of a set is written exactly in a power of ten. */
export function decimalsFor(numbers: readonly Whole[], power: number): number {
  for (let decimals = 0; decimals < 12; decimals++)
    if (
      numbers.every(({ count, place }) => {
        const shifted = count * 10 ** (place - power + decimals)
        return Math.abs(shifted - Math.round(shifted)) < 1e-6
      })
    )
      return decimals
  return 12
}

/** A way of writing all numbers of a set. */
export type Notation = 'plain' | 'named' | 'times' | 'e' | 'percent' | 'money'
export const NOTATIONS: readonly Notation[] = ['plain', 'named', 'times', 'e', 'percent', 'money']

const sizeOf = (numbers: readonly Whole[]): number =>
  Math.max(
    ...numbers.map((one) =>
      one.count === 0 ? -99 : Math.floor(Math.log10(Math.abs(asNumber(one))) + 1e-9),
    ),
  )

/** One power for a set: that of a name of the writer's, or of the largest number. */
export function powerFor(numbers: readonly Whole[], writer: Writer, notation: Notation): number {
  const size = sizeOf(numbers)
  if (notation === 'times' || notation === 'e') return size
  if (notation === 'percent') return -2
  if (notation !== 'named') return 0
  const powers = Object.keys(writer.names).map(Number)
  return Math.max(0, ...powers.filter((power) => power <= size))
}

/** A label of a number in a power, with so many decimals. */
export function labelled(
  number: Whole,
  writer: Writer,
  notation: Notation,
  power: number,
  decimals: number,
): string {
  const digits = plain(number, writer, power, decimals)
  if (notation === 'times') return number.count === 0 ? '0' : `${digits}×10${raised(power)}`
  if (notation === 'e') return number.count === 0 ? '0' : `${digits}e${power}`
  if (notation === 'percent') return `${digits}${writer.gap}%`
  if (notation === 'money')
    return writer.gap === '' ? `€${digits}`.replace('€−', '−€') : `${digits}\u00a0€`
  if (notation === 'named' && power > 0 && number.count !== 0)
    return `${digits}${writer.gap}${writer.names[power]}`
  return digits
}

/** All numbers of a set, alike. */
export function labelsFor(numbers: readonly Whole[], writer: Writer, notation: Notation): string[] {
  const power = powerFor(numbers, writer, notation)
  const decimals = decimalsFor(numbers, power)
  return numbers.map((one) => labelled(one, writer, notation, power, decimals))
}
