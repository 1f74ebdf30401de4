import type { Room, Surface } from '~~/core/checks/types'
import type { Decimal } from '~~/core/decimal/decimal'
import type { Row } from '~~/core/label/types'
import { packed } from '~~/shared/page/columns'
import type { Drawing } from '~~/shared/page/drawing'
import type { MarkText } from '~~/shared/page/marks'
import type { MessageId } from '~~/shared/page/messages'
import type { Rows } from '~~/shared/page/rows'
import { type PlacedSubject, subjectsOf } from '~~/shared/page/subjects'
import type { ProseView } from '~/composables/prose'
import type { SecondAxis } from '~/composables/second'
import type { SurfaceView } from '~/composables/surface'
import type { Totals } from '~/composables/totals'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

/** What a callout says that nobody put there. */
const SILENT = { numbers: [], ownText: '' }

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
  readonly calledOut: Now<number | null>
}

/** What is checked of each surface that is on the page. */
export function useSubjects({
  shown,
  drawing,
  second,
  rows,
  on,
  tableRows,
  markRows,
  tipRows,
  tickLabels,
  beside,
  edges,
  marksRoom,
  axisRoom,
  totals,
  prose,
  calledOut,
}: Sources): Now<readonly PlacedSubject[]> {
  const study = useStudy()
  const levels = useLevels()
  /** The parts are checked against their total where it stands under them and nothing was done about what they miss. */
  const summed = computed(() =>
    totals.isShown.value && totals.way.value === 'plain'
      ? {
          total: totals.exact.value ?? undefined,
          selection: totals.isAll.value ? undefined : totals.places.value,
        }
      : {},
  )
  /** The column as a worker takes it at once. */
  const column = computed(() => packed(rows.value?.cells ?? []))

  return computed<PlacedSubject[]>(() => {
    const { quantity, dataset, readers } = study
    if (!drawing.value || !quantity) return []
    const found = subjectsOf({
      quantity,
      dataset,
      readers,
      shown: shown.value,
      drawing: drawing.value,
      column: column.value,
      summed: summed.value,
      on: Object.fromEntries(
        shown.value.map((surface) => [
          surface,
          { style: on[surface].style.value, context: on[surface].context.value },
        ]),
      ) as never,
      tableRows: tableRows.value,
      markRows: markRows.value,
      tipRows: tipRows.value,
      tickLabels: tickLabels.value,
      beside: beside.value,
      edges: edges.value,
      changeStyle: quantity.chart.partStyles?.change && levels.ofParts.change.value,
      marksRoom: marksRoom.value,
      axisRoom: axisRoom.value ?? undefined,
      said: {
        headline: prose.headline.said.value,
        sentence: prose.sentence.said.value,
        callout: calledOut.value === null ? SILENT : prose.callout.said.value,
      },
      hasCallout: calledOut.value !== null,
    })
    const ofSecond =
      second.value && shown.value.includes('axis')
        ? [
            {
              surface: 'axis' as const,
              other: { id: second.value.id, title: second.value.title },
              subject: second.value.subject,
            },
          ]
        : []
    return [...found, ...ofSecond]
  })
}
