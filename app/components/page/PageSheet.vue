<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { Surface } from '~~/core/checks/types'
import type { StudyDocument } from '~~/shared/study'
import { type BesideColumn, useBeside } from '~/composables/beside'
import type { Page } from '~/composables/page'
import type { Places } from '~/desk/cards'
import { levelAt } from '~/desk/levels'
import { panelOf } from '~~/shared/page/drawing'
import { formTrouble } from '~/desk/geometry'
import { linesOf } from '~~/shared/page/marks'
import { binOf } from '~~/shared/page/legend'
import type { MessageId } from '~~/shared/page/messages'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

const props = defineProps<{ page: Page }>()
const machine = defineModel<boolean>('machine', { required: true })
const study = useStudy()
const levels = useLevels()
onBeforeUnmount(props.page.clearRooms)

/** The chart's share of the page; a table with two writings of each number takes more. */
const chartShare = computed(() => (machine.value ? 0.53 : 0.58))
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const { height: chartHeight } = useElementSize(useTemplateRef<HTMLElement>('figure'))
const has = (surface: Surface) => props.page.shown.value.includes(surface)
const NO_WISHES: NonNullable<StudyDocument['page']> = {}
const wanted = computed(() => study.document?.page ?? NO_WISHES)
const fontSize = computed(() => wanted.value.fontSize ?? 13)
const chartWidth = computed(
  () =>
    wanted.value.chartWidth ??
    Math.floor(width.value * (has('table') && tableAt.value !== 'below' ? chartShare.value : 1)),
)
const tableAt = computed(() => wanted.value.table ?? 'right')
const LEAST_HEIGHT = 160
const LEAST_PANEL = 130
/** A table below its chart shows some rows and scrolls. */
const TABLE_BELOW = 220
/** A legend or a key of colours beside a chart takes as many lines as it needs, the first as soon as it is there. */
const [KEY_LINE, KEY_GAP] = [26, 7]
const { height: legendHeight } = useElementSize(useTemplateRef<ComponentPublicInstance>('legend'))
const { height: coloursHeight } = useElementSize(useTemplateRef<ComponentPublicInstance>('key'))
const keyHeight = (isThere: boolean, height: number) =>
  isThere ? Math.max(KEY_LINE, height + KEY_GAP) : 0
const figureHeight = computed(() =>
  Math.max(
    LEAST_HEIGHT,
    chartHeight.value -
      keyHeight(has('legend'), legendHeight.value) -
      keyHeight(colours.value !== null, coloursHeight.value),
  ),
)

const drawing = computed(() => props.page.drawing.value)
const rows = computed(() => props.page.rows.value)
// What the template looks at stays the same while a style changes.
const id = computed(() => study.quantity?.id)
const isFiltered = computed(() => study.quantity?.filter !== undefined)
const count = computed(() => study.dataset?.rowCount ?? 0)
const title = computed(() => study.quantity?.title ?? '')
const align = computed(() => props.page.on.table.style.value.align)
const axisBelow = computed(() => form.value === 'bars' || form.value === 'distribution')
const form = computed(() => study.quantity?.chart.form ?? 'columns')
const isInside = computed(() => study.quantity?.chart.inside ?? false)
const lines = computed(() => linesOf(study.quantity?.chart ?? {}))
const bins = computed(() =>
  props.page.edges.value.length > 0
    ? (drawing.value?.groups.map(({ value }) => binOf(value, props.page.edges.value)) ?? null)
    : null,
)
const FORM_NAMES = {
  columns: 'Columns',
  bars: 'Bars',
  line: 'Line',
  points: 'Points',
  area: 'Area',
  ring: 'Ring',
  distribution: 'Spread',
} as const
const chartTitle = computed(() => `${FORM_NAMES[form.value]} of ${title.value}`)
const trouble = computed(() => (drawing.value ? formTrouble(form.value, drawing.value) : ''))
const colours = computed(() => drawing.value?.stacks?.names ?? null)

/** The mark whose tooltip is shown: the one pointed at last, or the last one, above which there is room. */
const pointed = ref<number | null>(null)
watch(
  () => [study.quantity?.id, form.value],
  () => (pointed.value = null),
)
const tip = computed(() => {
  const count = drawing.value?.groups.length ?? 0
  return !has('tooltip') || count === 0 ? null : Math.min(pointed.value ?? count - 1, count - 1)
})
const tipName = computed(() =>
  tip.value === null ? '' : drawing.value!.groups[tip.value]!.category,
)

/** A total with its note, and a line for each subtotal up to some. */
const [TOTAL_HEIGHT, SUBTOTAL_HEIGHT, MOST_SUBTOTALS] = [50, 18, 6]
const foot = computed(
  () =>
    TOTAL_HEIGHT +
    SUBTOTAL_HEIGHT * Math.min(MOST_SUBTOTALS, props.page.totals.subtotals.value.length),
)
const beside = useBeside(rows)
const second = props.page.second
const called = props.page.calledOut
/** Which messages have a number that misleads: a callout's stand behind the sentence's. */
const misleads = stable((): Record<MessageId, boolean> => {
  const { headline, sentence } = props.page.flagged.value
  const countOf = (id: MessageId) =>
    id === 'callout' && called.value === null ? 0 : props.page.prose[id].said.value.numbers.length
  const some = (places: Places, count: number, from = 0) =>
    Array.from({ length: count }, (_, at) => places.has(at + from)).includes(true)
  return {
    headline: some(headline, countOf('headline')),
    sentence: some(sentence, countOf('sentence')),
    callout: some(sentence, countOf('callout'), countOf('sentence')),
  }
})
/** What belongs to another quantity leads to it, on that surface. */
async function takeOther(other: string, surface: Surface) {
  study.show(other)
  await nextTick()
  levels.take(surface)
}
const takeColumn = ({ id: other }: BesideColumn) => takeOther(other, 'table')
const takeAxis = (other: string) => takeOther(other, 'axis')

/** How many panels stand side by side, by how many there are. */
const ACROSS = [1, 1, 2, 3, 2, 3, 3]
const across = computed(() => ACROSS[drawing.value?.panels.length ?? 1]!)
const panelHeight = computed(() =>
  Math.max(
    drawing.value!.panels.length > 1 ? LEAST_PANEL : LEAST_HEIGHT,
    Math.floor(figureHeight.value / Math.ceil(drawing.value!.panels.length / across.value)),
  ),
)
const panels = computed(() =>
  drawing.value!.panels.map((panel) => ({
    name: panel.name,
    drawing: panelOf(drawing.value!, panel),
    first: panel.from,
    firstLabel: drawing.value!.labelled.filter((at) => at < panel.from).length,
  })),
)
/** Its own mark whose tooltip is shown; the panels themselves stay as they are while the pointer moves. */
const tipIn = ({ first, drawing: { groups } }: (typeof panels.value)[number]) =>
  tip.value !== null && tip.value >= first && tip.value < first + groups.length
    ? tip.value - first
    : null

/** A click on any label takes up its surface. */
function takeUp(event: MouseEvent) {
  const target = event.target as Element
  const level = levelAt(target)
  if (level) levels.take(level)
  levels.picked = categoryAt(target)
}
/** The category of the mark or row at a place; null where there is none. */
function categoryAt(target: Element): string | null {
  const label = target.closest<HTMLElement>('[data-surface][data-at]')?.dataset
  const mark = target.closest<HTMLElement>('[data-mark]')?.dataset.mark
  const now = drawing.value
  if (!now || study.quantity?.chart.category === null || now.density) return null
  if (mark !== undefined) return now.groups[Number(mark)]?.category ?? null
  if (label?.surface === 'marks')
    return now.groups[now.labelled[Number(label.at)]!]?.category ?? null
  return label?.surface === 'table' ? (rows.value?.categories[Number(label.at)] ?? null) : null
}
</script>

<template>
  <section class="sheet" aria-label="Page">
    <header class="heading still">
      <ChartSentence :drawing="drawing" :rows="rows?.cells.length ?? 0" :count="count" />
      <PageMenu v-model:machine="machine" />
    </header>
    <div ref="box" class="body" data-page-body @click="takeUp">
      <template v-if="drawing && rows && width > 0">
        <div v-if="has('headline') || has('sentence')" class="words" :class="wanted.words">
          <ProseLine
            v-if="has('headline')"
            :key="`headline ${id}`"
            id="headline"
            :view="page.prose.headline"
            :flagged="misleads.headline"
            :font-size="fontSize"
            :width="width"
          />
          <ProseLine
            v-if="has('sentence')"
            :key="`sentence ${id}`"
            id="sentence"
            :view="page.prose.sentence"
            :flagged="misleads.sentence"
            :font-size="fontSize"
            :width="width"
          />
        </div>
        <div class="columns" :class="[{ alone: !has('table') }, `table-${tableAt}`]">
          <div ref="figure" class="figure" :style="{ width: `${chartWidth}px` }">
            <ColourKey v-if="colours" ref="key" :names="colours" :font-size="fontSize" />
            <div class="panels">
              <div v-for="(panel, at) in panels" :key="at">
                <ChartView
                  :drawing="panel.drawing"
                  :first="panel.first"
                  :first-label="panel.firstLabel"
                  :form="form"
                  :tick-values="page.tickValues.value"
                  :tick-labels="page.tickLabels"
                  :mark-labels="page.markLabels"
                  :beside="page.beside"
                  :lines="lines"
                  :inside="isInside"
                  :flagged-ticks="page.flagged.value.axis"
                  :flagged-marks="page.flagged.value.marks"
                  :has-axis="has('axis') && (at % across === 0 || axisBelow)"
                  :has-marks="has('marks')"
                  :bins="bins"
                  :machine="machine"
                  :width="Math.floor(chartWidth / across)"
                  :height="panelHeight"
                  :font-size="fontSize"
                  :title="panel.name === null ? chartTitle : `${chartTitle}, ${panel.name}`"
                  :axis-title="panel.name ?? page.on.axis.title.value"
                  :description="page.description.value"
                  :tip="tipIn(panel)"
                  :second="second"
                  @take-second="takeAxis"
                  @room="page.setMarksRoom"
                  @axis-room="page.setAxisRoom"
                  @point="pointed = $event"
                >
                  <template #over="{ marks }">
                    <CalloutNote
                      v-if="called !== null && marks[called - panel.first]"
                      :view="page.prose.callout"
                      :flagged="misleads.callout"
                      :labels="marks.map(({ label }) => label)"
                      :at="called - panel.first"
                      :width="Math.floor(chartWidth / across)"
                      :font-size="fontSize"
                    />
                  </template>
                  <TooltipCard
                    v-if="tip !== null && tipIn(panel) !== null"
                    :name="tipName"
                    :title="title"
                    :label="() => page.tipLabel(tip!)"
                    :at="tip"
                    :flagged="page.flagged.value.tooltip.has(tip)"
                    :font-size="fontSize"
                    :pieces="pointed === null ? null : page.tipPieces.value"
                  />
                </ChartView>
              </div>
            </div>
            <LegendStrip
              v-if="has('legend')"
              ref="legend"
              :class="{ first: wanted.legend === 'above' }"
              :title="page.on.legend.title.value"
              :labels="page.legendLabels"
              :count="page.edges.value.length - 1"
              :flagged="page.flagged.value.legend"
              :font-size="fontSize"
              :width="chartWidth"
            />
            <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
          </div>
          <ValueTable
            v-if="has('table')"
            :title="page.on.table.title.value"
            :cells="rows.cells"
            :values="rows.values"
            :texts="rows.texts"
            :write="page.on.table.writer"
            :sides="page.tableRows"
            :say="page.words.table.value"
            :beside="beside"
            :align="align"
            :machine="machine"
            :flagged="page.flagged.value.table"
            :height="tableAt === 'below' ? TABLE_BELOW : Math.max(LEAST_HEIGHT, chartHeight)"
            :foot="foot"
            :adjusted="page.totals.adjusted.value"
            :selected="page.totals.selected.value"
            @select="page.totals.toggle"
            @take="takeColumn"
          >
            <TotalRow :totals="page.totals" />
          </ValueTable>
        </div>
      </template>
      <NoNumbers v-else :page="page" :is-filtered="isFiltered" />
      <LabelNote :page="page" :within="box" />
    </div>
  </section>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  gap: var(--gap-3);
  min-width: 0;
  min-height: 0;
  padding: var(--gap-3) var(--gap-5) var(--gap-4);
  background: var(--sheet);
  box-shadow: var(--shadow);
}

.heading {
  display: flex;
  gap: var(--gap-4);
  align-items: flex-start;
  justify-content: space-between;
}

.body {
  display: flex;
  flex-direction: column;
  gap: var(--gap-2);
  min-width: 0;
  min-height: 0;
  overflow: auto;
}

/* A block: a line of words is laid out anew at each move, and a grid would lay out its other lines too. */
.words > * + * {
  margin-top: 2px;
}

.columns {
  display: grid;
  flex: 1 0 190px;
  grid-template: minmax(0, 1fr) / auto minmax(220px, 1fr);
  gap: var(--gap-5);
  min-height: 0;
}

.words.below {
  order: 1;
}

.columns.table-left .figure {
  order: 1;
}

.columns.table-left {
  grid-template-columns: minmax(220px, 1fr) auto;
}

.columns.table-below {
  flex: none;
  grid-template: 260px auto / minmax(0, 1fr);
}

.columns.alone {
  grid-template-columns: auto;
}

/* Each chart in a block of its own, in which it keeps its layout to itself. */
.panels {
  display: flex;
  flex-wrap: wrap;
}

.figure {
  display: flex;
  flex-direction: column;
  min-height: 0;
}

.figure .first {
  order: -1;
}

.trouble {
  color: var(--rosewood);
}
</style>
