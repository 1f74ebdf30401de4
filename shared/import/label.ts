import type { Style } from '../../core/style/fields'
import type { Cells, Looked } from './types'
import type { Header } from './header'
import { MILLION_OR_METRE } from '../../core/style/besideNumbers'
import { unitNamed } from '../../core/units/names'
import { scaled, type Written } from './written'
import { currencyOf, partPower } from '../../core/units'

type Unit = NonNullable<Style['unit']>
/** How the cells of a column that are written as labels are read. */
export interface LabelRule {
  /** The unit of the column; null where it has none. */
  readonly unit: Unit | null
  /** The power of ten that every cell is multiplied by: -2 for percent. */
  readonly power: number
  /** Whether cells say their power of ten themselves. */
  readonly hasRungs: boolean
  /** The rule in words; empty where cells are plain numbers. */
  readonly words: string
  /** Units of other cells, which are not read. */
  readonly others: readonly string[]
  /** A plain number as decimal text. */
  plain(number: string): string
  /** A cell as decimal text; null where it cannot be read by the rule. */
  read(looked: Looked): string | null
}

/** A unit that is no known one must stand beside so many of the cells. */
const UNKNOWN_SHARE = 0.8
const RUNG_WORDS: Readonly<Record<number, string>> = {
  3: 'K',
  5: 'lakh',
  6: 'M',
  7: 'crore',
  9: 'B',
  12: 'T',
}

function counted(texts: Iterable<string>): Map<string, number> {
  const counts = new Map<string, number>()
  for (const text of texts) counts.set(text, (counts.get(text) ?? 0) + 1)
  return counts
}
const most = (counts: ReadonlyMap<string, number>): string | undefined =>
  [...counts].sort((a, b) => b[1] - a[1])[0]?.[0]

const unitWords = (text: string, unit: Unit | null): string => `in ${currencyOf(unit) ?? text}`

/**
 * The rule by which the cells of a column that are written as labels are read: the unit that most
 * of them have, with every rung.
 *
 * @param filled how many cells are not missing
 * @example of the cells 1.2M, (950K) and 3 it is in words “with K M, minus as parentheses”
 */
export function labelRuleOf(
  { eachOther }: Pick<Cells, 'eachOther'>,
  filled: number,
  header: Header,
): LabelRule {
  const written: Written[] = []
  eachOther((looked) => {
    if (looked.written) written.push(looked.written)
  })
  const hasRungs = written.some(({ power }) => power > 0)
  const isMillion = (unit: string) => unit === MILLION_OR_METRE && hasRungs
  const units = counted(
    written.flatMap(({ unit }) => (unit === '' || isMillion(unit) ? [] : [unit])),
  )
  const known = new Map([...units].filter(([text]) => unitNamed(text)))
  const common = most(known) ?? most(units)
  const isUnit =
    common !== undefined && (known.size > 0 || units.get(common)! >= UNKNOWN_SHARE * filled)
  const text = isUnit ? common : ''
  const named = text === '' ? null : unitNamed(text)
  const unit: Unit | null = named ?? (text === '' ? header.unit : { kind: 'symbol', text })
  const key = JSON.stringify(named)
  /** Whether another text names the same unit, as € and EUR do. */
  const isSame = (other: string) =>
    other === text || (named !== null && JSON.stringify(unitNamed(other)) === key)
  const power = partPower(named)
  const readable = written.filter(
    (one) => one.unit === '' || isMillion(one.unit) || isSame(one.unit),
  )
  const powers = [...new Set(readable.map((one) => (isMillion(one.unit) ? 6 : one.power)))].sort(
    (a, b) => a - b,
  )
  const rungs = powers.flatMap((one) => RUNG_WORDS[one] ?? [])
  const words = [
    rungs.length > 0 ? `with ${rungs.join(' ')}` : '',
    readable.some(({ isInParentheses }) => isInParentheses) ? 'minus as parentheses' : '',
    text === '' ? '' : unitWords(text, named),
  ]
  return {
    unit,
    power,
    hasRungs,
    words: words.filter(Boolean).join(', '),
    others: [...known.keys()].filter((other) => !isSame(other)),
    plain: (number) => scaled(number, power),
    read({ read, written: one }) {
      if (read !== null) return scaled(read, power)
      if (!one) return null
      if (isMillion(one.unit)) return scaled(one.number, 6)
      return one.unit === '' || isSame(one.unit) ? scaled(one.number, one.power + power) : null
    },
  }
}
/**
 * The power of ten that cells are recorded in by what their header says: percent are hundredths.
 */
export const headerPower = ({ unit, power }: Header): number => power + partPower(unit)
