import type { Room, Surface } from '~~/core/checks/types'
import type { Decimal } from '~~/core/decimal/decimal'
import type { Row } from '~~/core/label/types'
import type { PlacedSubject } from '~/composables/findings'
import type { ProseView } from '~/composables/prose'
import type { MessageId, Prosaic } from '~/desk/prose'
import type { Rows } from '~/composables/rows'
import type { SecondAxis } from '~/composables/second'
import type { SurfaceView } from '~/composables/surface'
import type { Totals } from '~/composables/totals'
import { type Drawing, numberStep } from '~/desk/drawing'
import { changesOf, type MarkText } from '~/desk/marks'
import { packed } from '~/desk/present'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

type Now<Value> = Readonly<Ref<Value>>
interface Sources {
  readonly shown: Now<readonly Surface[]>
  readonly drawing: Now<Drawing | null>
  readonly second: Now<SecondAxis | null>
  readonly rows: Now<Rows | null>
  readonly on: Readonly<Record<Surface, SurfaceView>>
  readonly tableRows: Now<readonly Row[] | undefined>
  readonly markRows: Now<readonly Row[] | undefined>
  readonly tipRows: Now<readonly Row[] | undefined>
  readonly tickLabels: Now<readonly string[]>
  readonly beside: Now<readonly (readonly MarkText[])[]>
  readonly edges: Now<readonly Decimal[]>
  readonly marksRoom: Now<Room | undefined>
  readonly axisRoom: Now<Room | null>
  readonly totals: Totals
  readonly prose: Readonly<Record<MessageId, ProseView>>
  /** The mark with a callout, whose numbers are checked as the sentence's. */
  readonly calledOut: Now<number | null>
}

/** What is checked of each surface that is on the page. */
export function useSubjects({ shown, drawing, second, rows, on, tableRows, markRows, tipRows, tickLabels, beside, edges, marksRoom, axisRoom, totals, prose, calledOut }: Sources): Now<readonly PlacedSubject[]> {
  const study = useStudy()
  const levels = useLevels()
  /** The parts are checked against their total where it stands under them and nothing was done about what they miss. */
  const summed = computed(() => (totals.isShown.value && totals.way.value === 'plain' ? { total: totals.exact.value ?? undefined, selection: totals.isAll.value ? undefined : totals.places.value } : {}))
  /** The column as a worker takes it at once. */
  const column = computed(() => packed(rows.value?.cells ?? []))
  const unread = computed(() => study.dataset?.columns.find(({ name }) => name === study.quantity?.column)?.unread)
  /** What stands on the line of each mark's label besides it, or on the other one. */
  const partsOn = (isOn: (line: number, own: number | undefined) => boolean): string[] | undefined => {
    const texts = beside.value.map((parts) => parts.filter(({ part, line }) => part !== 'value' && isOn(line, parts.find((one) => one.part === 'value')?.line)).map(({ text }) => ` ${text}`).join(''))
    return texts.some(Boolean) ? texts : undefined
  }
  const around = computed(() => partsOn((line, own) => line === own))
  const below = computed(() => partsOn((line, own) => line !== own)?.map((text) => text.trim()))

  return computed<PlacedSubject[]>(() => {
    const { quantity } = study
    if (!drawing.value || !quantity) return []
    const { ticks: placed, groups, labelled } = drawing.value
    const base = (surface: Surface) => ({ surface, style: on[surface].style.value, context: on[surface].context.value, kind: quantity.kind, readers: study.readers })
    const elsewhere = (surface: Surface) => (shown.value.includes(surface) ? [{ surface, style: on[surface].style.value }] : [])
    const hasTexts = quantity.ticks.labels?.some((text) => text !== '')
    const written = (surface: Prosaic, ids: readonly MessageId[]) => {
      const said = ids.map((id) => prose[id].said.value)
      return { ...base(surface), values: said.flatMap(({ numbers }) => numbers), text: said.map(({ ownText }) => ownText).join(' ') }
    }
    const made: Record<Surface, () => PlacedSubject['subject']> = {
      axis: () => ({ ...base('axis'), values: placed.values, step: numberStep(placed, quantity.ticks) ?? undefined, room: axisRoom.value ?? undefined, byHand: hasTexts ? [...tickLabels.value] : undefined }),
      marks: () => ({
        ...base('marks'), values: labelled.map((at) => groups[at]!.value), rows: markRows.value, room: marksRoom.value,
        around: around.value, below: below.value, others: elsewhere('tooltip'), ...(quantity.chart.parts?.includes('change') ? { changes: changesOf(drawing.value!), changeStyle: quantity.chart.partStyles?.change && levels.ofParts.change.value } : {}),
      }),
      table: () => ({ ...base('table'), cells: column.value, sides: tableRows.value, shares: quantity.kind === 'shares', texts: unread.value, ...summed.value }),
      tooltip: () => ({ ...base('tooltip'), values: groups.map(({ value }) => value), rows: tipRows.value }),
      legend: () => ({ ...base('legend'), values: edges.value, binned: groups.map(({ value }) => value) }),
      headline: () => written('headline', ['headline']),
      sentence: () => written('sentence', calledOut.value === null ? ['sentence'] : ['sentence', 'callout']),
    }
    const beside = second.value && shown.value.includes('axis') ? [{ surface: 'axis' as const, other: { id: second.value.id, title: second.value.title }, subject: second.value.subject }] : []
    return [...shown.value.map((surface) => ({ surface, subject: made[surface]() })), ...beside]
  })
}
