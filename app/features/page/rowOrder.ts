import { compare } from '~~/core/decimal/arithmetic'
import type { Rows } from '~~/shared/page/rows'

const NEXT = { rows: 'down', down: 'up', up: 'rows' } as const
const ARROWS = { rows: '', down: ' ↓', up: ' ↑' } as const
const SORTINGS = { rows: 'none', down: 'descending', up: 'ascending' } as const

/** The order of a table's rows: as they come, or by their number; missing ones stay last. */
export function useRowOrder(rows: () => Rows) {
  const order = ref<keyof typeof NEXT>('rows')
  const ordered = computed(() => {
    const { cells, values } = rows()
    const places = cells.map((_, at) => at)
    if (order.value === 'rows') return places
    const direction = order.value === 'up' ? 1 : -1
    return places.sort((a, b) => {
      const [left, right] = [values[a], values[b]]
      if (!left || !right) return Number(!left) - Number(!right)
      return direction * compare(left, right)
    })
  })
  return {
    ordered,
    sorting: computed(() => SORTINGS[order.value]),
    arrow: computed(() => ARROWS[order.value]),
    turn: () => (order.value = NEXT[order.value]),
  }
}
