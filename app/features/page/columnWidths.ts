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
 * How wide each column of numbers of a table is, so that no number is cut, and how wide the table is
 * at least: a narrower one scrolls sideways. In CSS pixels.
 */
export function useColumnWidths(
  given: () => {
    readonly rows: Rows
    readonly others: readonly OtherColumn[]
    readonly machine: boolean
    readonly labelOf: (at: number) => string
  },
) {
  const measured = computed(() => measuredRows(given().rows))
  const widest = (labelOf: (at: number) => string): number =>
    Math.max(LEAST_NUMBER, ...measured.value.map((at) => Math.ceil(textWidth(labelOf(at))) + AIR))
  const number = computed(() =>
    Math.max(widest(given().labelOf), ...given().others.map((other) => widest(other.label))),
  )
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
  return { number, least }
}
