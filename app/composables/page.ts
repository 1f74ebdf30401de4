import { SURFACES, type Room, type Surface } from '~~/core/checks/types'
import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import type { Value } from '~~/core/label/types'
import { columnsOf, endsDecide } from '~~/core/style/columns'
import { STYLED_PARTS, type StyledPart } from '~~/shared/study'
import { useFindings } from '~/composables/findings'
import { type ProseView, useFacts, useProse } from '~/composables/prose'
import { useRows } from '~/composables/rows'
import { useSideColumns } from '~/composables/sides'
import { useSecond } from '~/composables/second'
import { useSubjects } from '~/composables/subjects'
import { type SurfaceView, useSurfaces } from '~/composables/surface'
import { useTotals } from '~/composables/totals'
import { useWords } from '~/composables/words'
import { flaggedBy, type Places, standing } from '~/desk/cards'
import { type Drawing, drawingOf, withTexts } from '~~/shared/page/drawing'
import { binEdges, binLabels } from '~~/shared/page/legend'
import { markTexts, partNumbers } from '~~/shared/page/marks'
import { endsOf } from '~~/shared/page/columns'
import { shownSurfaces } from '~~/shared/page/still'
import { categoryRows, markedOf, sourcesOf, textsOf } from '~~/shared/page/sources'
import type { MessageId } from '~~/shared/page/messages'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

/** What the page shows of the quantity on it: drawing, labels and findings on every surface, all following the style. */
export function usePage() {
  const study = useStudy()
  const levels = useLevels()
  const { all, rows, trouble } = useRows()

  // A change of style leaves these as they are, and with them the drawing.
  const chart = computed(() => study.quantity?.chart)
  const ticks = computed(() => study.quantity?.ticks)
  const drawn = (from: typeof rows.value): Drawing | null =>
    chart.value && ticks.value && from ? drawingOf(chart.value, ticks.value, from) : null
  const drawing = computed(() => drawn(rows.value))
  /** What all rows would draw: a filter changes no unit that is shared. */
  const whole = computed(() => (rows.value === all.value ? drawing.value : drawn(all.value)))

  const tickValues = computed(() => textsOf(drawing.value?.ticks.values ?? []))
  const marked = computed(() => markedOf(drawing.value))
  const markValues = computed(() => textsOf(marked.value))
  const edges = computed(() =>
    chart.value?.shaded && drawing.value
      ? binEdges(drawing.value.groups.map(({ value }) => value))
      : [],
  )
  const wholeEnds = computed(() => textsOf(endsOf(all.value?.values ?? [])))

  /** The cells that cases and currencies look at: a table's own, and a mark's category. */
  const sides = useSideColumns(() => columnsOf(levels.on.table.value))
  const tableRows = computed(() =>
    sides.value && rows.value && rows.value !== all.value
      ? rows.value.places.map((at) => sides.value![at]!)
      : sides.value,
  )
  const parting = computed(() => ({
    category: chart.value?.category ?? null,
    panels: chart.value?.panels,
  }))
  const markRows = computed(() =>
    categoryRows(parting.value, drawing.value, drawing.value?.labelled ?? []),
  )
  const tipRows = computed(() =>
    categoryRows(parting.value, drawing.value, drawing.value?.groups.map((_, at) => at) ?? []),
  )
  /** What a table's rungs are shared over: its two ends, where those decide. */
  const tableValues = computed<readonly Value[]>(() =>
    endsDecide(levels.on.table.value) ? wholeEnds.value : (all.value?.cells ?? []),
  )

  const view = useSurfaces()
  const sources = sourcesOf({
    chart: () => parting.value,
    whole: () => whole.value,
    edges: () => edges.value,
    ends: () => wholeEnds.value,
    tableValues: () => tableValues.value,
    sides: () => sides.value,
  })
  const on = Object.fromEntries(
    SURFACES.map((surface) => [surface, view(surface, sources[surface])]),
  ) as unknown as Readonly<Record<Surface, SurfaceView>>
  const facts = useFacts(rows, drawing)
  /** The mark that has a callout, by its place; null where none is drawn. */
  const calledOut = computed(() => {
    const at =
      drawing.value && chart.value?.callout
        ? drawing.value.groups.findIndex(({ category }) => category === chart.value!.callout!.at)
        : -1
    return at < 0 ? null : at
  })
  const calloutFacts = {
    ...facts,
    variables: computed(() => {
      const group = calledOut.value === null ? null : drawing.value!.groups[calledOut.value]!
      return {
        ...facts.variables.value,
        ...(group ? { name: group.category, value: group.value } : {}),
      }
    }),
  }
  const prose: Readonly<Record<MessageId, ProseView>> = {
    headline: useProse('headline', on.headline, facts),
    sentence: useProse('sentence', on.sentence, facts),
    callout: useProse('callout', on.sentence, calloutFacts),
  }

  /** The axis's labels as the style writes them, and as they stand: texts by hand in their place. */
  const styledTicks = computed(() => on.axis.writer.value.labels(tickValues.value))
  const byHand = computed(() => ticks.value?.labels)
  const tickLabels = computed(() => withTexts(styledTicks.value, byHand.value))
  const markLabels = computed(() => on.marks.writer.value.labels(markValues.value, markRows.value))
  /** The same while it says the same: a move of the rail changes the labels alone. */
  const beside = stable(() =>
    drawing.value && chart.value
      ? markTexts(
          drawing.value,
          chart.value,
          (part) => levels.ofParts[part].value,
          on.marks.context.value,
          markRows.value,
        )
      : [],
  )
  const legendLabels = computed(() => binLabels(on.legend.plan.value, edges.value))
  const tipLabel = (at: number) => {
    const group = drawing.value?.groups[at]
    return group ? on.tooltip.writer.value.label(toExactText(group.value), tipRows.value?.[at]) : ''
  }
  /** The pieces of each mark as a tooltip tells them. */
  const tipPieces = computed(() => {
    const stacks = drawing.value?.stacks
    return stacks
      ? (at: number) =>
          stacks.names
            .map((name, piece) => ({
              name,
              colour: piece + 1,
              label: () =>
                on.tooltip.writer.value.label(
                  toExactText(stacks.pieces[at]![piece]!),
                  tipRows.value?.[at],
                ),
            }))
            .filter((_, piece) => stacks.pieces[at]![piece]!.coefficient !== 0n)
      : null
  })

  const words = {
    marks: useWords(on.marks),
    table: useWords(on.table),
  }
  /** The chart in words: every labelled category with its label. */
  const description = computed(() => {
    const say = words.marks.value
    return (
      drawing.value?.labelled
        .map(
          (place, at) =>
            `${drawing.value!.groups[place]!.category}: ${say ? say(markValues.value[at], markRows.value?.[at]) : ''}`,
        )
        .join('; ') ?? ''
    )
  })

  /** Where the marks stand, once they are drawn. */
  const marksRoom = shallowRef<Room>()
  const setMarksRoom = (room: Room) => {
    const count = drawing.value?.panels.length ?? 1
    marksRoom.value =
      count === 1 || room.each ? room : { ...room, width: room.width * count, middles: undefined }
  }
  const axisRoom = shallowRef<Room | null>(null)
  const setAxisRoom = (room: Room | null) => (axisRoom.value = room)
  /** Where nothing is drawn, nothing is crowded. */
  const clearRooms = () => {
    marksRoom.value = undefined
    axisRoom.value = null
  }
  const totals = useTotals({ rows, sides: tableRows, view: on.table })
  const shown = stable(() => shownSurfaces({ page: study.document?.page }, edges.value))
  const second = useSecond(rows, drawing)
  const subjects = useSubjects({
    calledOut,
    shown,
    second,
    drawing,
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
  })
  const { findings: found, trouble: checkTrouble, ...checks } = useFindings(subjects)
  const findings = computed(() =>
    standing(found.value, study.left).filter(({ surface }) => shown.value.includes(surface)),
  )

  /** Places of labels with an error or a warning, a surface at a time. */
  const flagged = computed(
    () =>
      Object.fromEntries(
        SURFACES.map((surface) => [
          surface,
          flaggedBy(
            findings.value.filter((finding) => finding.surface === surface && !finding.other),
          ),
        ]),
      ) as unknown as Readonly<Record<Surface, Places>>,
  )

  /** The number that a label of a surface stands for. */
  const valueAt: Record<Surface, (at: number) => Decimal | null | undefined> = {
    axis: (at) => drawing.value?.ticks.values[at],
    marks: (at) => marked.value[at],
    table: (at) => rows.value?.values[at],
    tooltip: (at) => drawing.value?.groups[at]?.value,
    legend: () => null,
    headline: (at) => prose.headline.said.value.numbers[at],
    sentence: () => null,
  }
  const ofParts = Object.fromEntries(
    STYLED_PARTS.map((part) => [
      part,
      () =>
        drawing.value ? partNumbers[part](drawing.value).filter((number) => number !== null) : [],
    ]),
  ) as unknown as Record<StyledPart, () => readonly Decimal[]>
  /** The numbers of a surface, for the rail and the choices. */
  const numbersOn: Record<Surface | StyledPart, () => readonly Decimal[]> = {
    ...ofParts,
    axis: () => drawing.value?.ticks.values ?? [],
    marks: () => marked.value,
    table: () => rows.value?.values.filter((value) => value !== null) ?? [],
    tooltip: () => drawing.value?.groups.map(({ value }) => value) ?? [],
    legend: () => edges.value,
    headline: () => prose.headline.said.value.numbers,
    sentence: () => prose.sentence.said.value.numbers,
  }

  return {
    rows,
    on,
    shown,
    second,
    prose,
    calledOut,
    totals,
    setMarksRoom,
    setAxisRoom,
    clearRooms,
    words,
    description,
    drawing,
    trouble,
    findings,
    checks,
    checkTrouble,
    flagged,
    tableRows,
    markRows,
    tickValues,
    markValues,
    styledTicks,
    tickLabels,
    markLabels,
    beside,
    edges,
    legendLabels,
    tipLabel,
    tipPieces,
    valueAt,
    numbersOn,
  }
}
export type Page = ReturnType<typeof usePage>
