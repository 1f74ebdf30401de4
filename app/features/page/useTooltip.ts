import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { conversionSaid } from '~~/shared/page/conversionSaid'
import { shownAs } from '~~/shared/page/totals'
import type { PageValues } from '~~/shared/page/values'

type Needed =
  | 'drawing'
  | 'tipRows'
  | 'written.tooltip'
  | 'adjusted.tooltip'
  | 'common'
  | 'rates'
  | 'style.tooltip'
  | 'context.tooltip'

/** What tooltips tell of marks. */
export function useTooltip(page: Live<Pick<PageValues, Needed>>) {
  const write = (value: Decimal, at: number) =>
    page['written.tooltip'].value.writer.label(toExactText(value), page.tipRows.value?.[at])
  const tipLabel = (at: number) => {
    const group = page.drawing.value?.groups[at]
    return group ? shownAs(page['adjusted.tooltip'].value.get(at), write(group.value, at)) : ''
  }
  /** What a converted label stands for, and at which rate; empty where nothing is converted. */
  const tipConversion = (at: number) => {
    const group = page.drawing.value?.groups[at]
    if (!group || !page.common.value) return ''
    const spoken = {
      common: page.common.value,
      rates: page.rates.value,
      'style.tooltip': page['style.tooltip'].value,
      'context.tooltip': page['context.tooltip'].value,
    }
    return conversionSaid(spoken, group.value, page.tipRows.value?.[at])
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
  return { tipLabel, tipConversion, tipPieces }
}
