import { halves } from '~~/core/label/align'
import type { Part } from '~~/core/label/types'
import { joined } from '~~/core/label/write'
import type { FullStyle } from '~~/core/style/fields'
import type { OtherColumn } from '~~/shared/page/otherColumns'
import type { Rows } from '~~/shared/page/rows'
import { textWidth } from './width'

/** Rows whose labels decide how wide a column of numbers is, besides the least and the largest. */
const MOST_MEASURED = 60
const [LEAST_NUMBER, LEAST_TEXT, PICK, MACHINE] = [84, 72, 14, 80]
const [GAP, AIR] = [12, 4]

/** The places of the rows that are measured. */
function measuredRows({ cells, values }: Rows): number[] {
  const step = Math.ceil(cells.length / MOST_MEASURED)
  const some = [...cells.keys()].filter((at) => at % step === 0)
  let [least, largest] = [-1, -1]
  cells.forEach((_, at) => {
    const size = Number(cells[at])
    if (!values[at] || Number.isNaN(size)) return
    if (least < 0 || size < Number(cells[least])) least = at
    if (largest < 0 || size > Number(cells[largest])) largest = at
  })
  return [...new Set([...some, least, largest])].filter((at) => at >= 0)
}

/**
 * The parts of the totals under a table: the quantity's own, and those of other columns by name.
 */
export interface TotalCells {
  readonly own: readonly Part[]
  readonly others: ReadonlyMap<string, readonly Part[]>
  /** All digits of the own one. */
  readonly exactly: string
}

/**
 * How wide each column of numbers of a table is, so that no number is cut, and how wide the table
 * is
 * at least: a narrower one scrolls sideways. In CSS pixels.
 */
export function useColumnWidths(
  given: () => {
    readonly rows: Rows
    readonly others: readonly OtherColumn[]
    readonly machine: boolean
    readonly labelOf: (at: number) => string
    readonly total: TotalCells | null
  },
) {
  const measured = computed(() => measuredRows(given().rows))
  const widest = (labelOf: (at: number) => string, total: readonly Part[] | undefined): number =>
    Math.max(
      LEAST_NUMBER,
      ...[...measured.value.map(labelOf), joined(total ?? [])].map(
        (label) => Math.ceil(textWidth(label)) + AIR,
      ),
    )
  const number = computed(() => {
    const { labelOf, others, total } = given()
    return Math.max(
      widest(labelOf, total?.own),
      ...others.map((other) => widest(other.label, total?.others.get(other.name))),
    )
  })
  const least = computed(() => {
    const { rows, machine, others } = given()
    const columns = [
      PICK,
      ...rows.texts.map(() => LEAST_TEXT),
      ...others.map(() => number.value),
      ...(machine ? [MACHINE] : []),
      number.value,
      PICK,
    ]
    return columns.reduce((sum, width) => sum + width + GAP, 0)
  })
  /**
   * How wide the second halves of a column are, so that its decimal marks stand under each other.
   */
  const tailOf = (
    align: FullStyle['align'],
    partsOf: (at: number) => readonly Part[],
    total: readonly Part[] | undefined,
  ): string => {
    if (align !== 'decimal') return 'auto'
    const all = [...measured.value.map(partsOf), total ?? []]
    return `${Math.ceil(Math.max(0, ...all.map((parts) => textWidth(halves(parts, align)[1]))))}px`
  }
  return { number, least, tailOf }
}
