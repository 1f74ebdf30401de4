import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import type { PageValues } from '~~/shared/page/values'

/** What tooltips tell of marks. */
export function useTooltip(
  page: Live<Pick<PageValues, 'drawing' | 'tipRows' | 'written.tooltip'>>,
) {
  const write = (value: Decimal, at: number) =>
    page['written.tooltip'].value.writer.label(toExactText(value), page.tipRows.value?.[at])
  const tipLabel = (at: number) => {
    const group = page.drawing.value?.groups[at]
    return group ? write(group.value, at) : ''
  }
  /** The pieces of each mark; null where marks have one. */
  const tipPieces = computed(() => {
    const stacks = page.drawing.value?.stacks
    if (!stacks) return null
    const valueOf = (at: number, piece: number) => stacks.pieces[at]![piece]!
    return (at: number) =>
      stacks.names
        .map((name, piece) => ({
          name,
          colour: piece + 1,
          label: () => write(valueOf(at, piece), at),
        }))
        .filter((_, piece) => valueOf(at, piece).coefficient !== 0n)
  })
  return { tipLabel, tipPieces }
}
