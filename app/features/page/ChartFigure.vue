<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import type { MessageId } from '~~/shared/page/messages'
import { linesOf } from '~~/shared/page/marks'
import { binOf } from '~~/shared/page/legend'
import type { PanelDrawing } from '~~/shared/page/values'
import { useStudy } from '~/stores/study'
import type { Page } from './usePage'
import { words as catalogue } from '~~/words'

const words = catalogue.page.chartFigure

/** The chart of a page: its panels, with what belongs to them. */
const props = defineProps<{
  page: Pick<
    Page,
    | 'beside'
    | 'calledOut'
    | 'chart'
    | 'chartWidth'
    | 'description'
    | 'direction'
    | 'drawing'
    | 'edges'
    | 'flagged'
    | 'fontSize'
    | 'form'
    | 'geometries'
    | 'grid'
    | 'layout'
    | 'legendLabels'
    | 'machineLabels'
    | 'machineRoom'
    | 'markLabels'
    | 'markSize'
    | 'panels'
    | 'prose.callout'
    | 'said.callout'
    | 'second'
    | 'shown'
    | 'shows.axis'
    | 'source.callout'
    | 'tickLabels'
    | 'tipConversion'
    | 'tipLabel'
    | 'tipPieces'
    | 'title.axis'
    | 'title.legend'
  >
  /** Which messages have a number that misleads. */
  misleads: Readonly<Record<MessageId, boolean>>
}>()
/** What the keys take of the height, in CSS pixels. */
const emit = defineEmits<{ keys: [legend: number, colours: number]; takeSecond: [id: string] }>()
const study = useStudy()

const { height: legendHeight } = useElementSize(useTemplateRef<ComponentPublicInstance>('legend'))
const { height: coloursHeight } = useElementSize(useTemplateRef<ComponentPublicInstance>('key'))
watch(
  () => [legendHeight.value, coloursHeight.value] as const,
  ([legend, colours]) => emit('keys', legend, colours),
  { immediate: true },
)

/** null for a moment, where the chart is about to go. */
const drawing = computed(() => props.page.drawing.value)
const groups = computed(() => drawing.value?.groups ?? [])
const chart = computed(() => props.page.chart.value)
const form = computed(() => props.page.form.value)
const title = computed(() => study.quantity?.title ?? '')
const chartTitle = computed(() =>
  words.description({ form: form.value.name, quantity: title.value }),
)
const titleOf = ({ name }: PanelDrawing) =>
  name === null ? chartTitle.value : `${chartTitle.value}, ${name}`
const lines = computed(() => linesOf(chart.value))
const colours = computed(() => drawing.value?.stacks?.names ?? null)
const trouble = computed(() => (drawing.value && form.value.trouble?.(drawing.value)) ?? '')
const hasLegend = computed(() => props.page.shown.value.includes('legend'))
const hasMarks = computed(() => props.page.shown.value.includes('marks'))
const bins = computed(() => {
  const edges = props.page.edges.value
  return edges.length > 0 ? groups.value.map(({ value }) => binOf(value, edges)) : null
})

/**
 * The mark whose tooltip is shown: the one pointed at last, or the last one, above which there is
 * room.
 */
const pointed = ref<number | null>(null)
watch(
  () => [study.quantity?.id, form.value],
  () => (pointed.value = null),
)
const tip = computed(() => {
  const count = groups.value.length
  if (!props.page.shown.value.includes('tooltip') || count === 0) return null
  return Math.min(pointed.value ?? count - 1, count - 1)
})
const tipName = computed(() =>
  tip.value === null ? '' : (groups.value[tip.value]?.category ?? ''),
)
/**
 * Its place among the marks of a panel, where it is one of them; panels stay as they are while the
 * pointer moves.
 */
function tipIn({ first, drawing: { groups } }: PanelDrawing): number | null {
  const at = tip.value
  return at !== null && at >= first && at < first + groups.length ? at - first : null
}
const calledIn = ({ first, drawing: { groups } }: PanelDrawing): number | null => {
  const at = props.page.calledOut.value
  return at !== null && at >= first && at < first + groups.length ? at - first : null
}
const callout = {
  source: props.page['source.callout'],
  said: props.page['said.callout'],
  prose: props.page['prose.callout'],
}
</script>

<template>
  <div class="figure" :style="{ width: `${page.chartWidth.value}px` }">
    <ColourKey v-if="colours" ref="key" :names="colours" :font-size="page.fontSize.value" />
    <div class="panels">
      <div v-for="(panel, at) in page.panels.value" :key="at">
        <ChartView
          v-if="page.geometries.value[at]"
          :form="form"
          :direction="page.direction.value"
          :panel="panel"
          :geometry="page.geometries.value[at]!"
          :grid="page.grid.value"
          :tick-values="page['shows.axis'].value.values"
          :tick-labels="page.tickLabels"
          :mark-labels="page.markLabels"
          :beside="page.beside"
          :lines="lines"
          :inside="chart.inside ?? false"
          :turned="Boolean(chart.turned && form.canLie)"
          :flagged-ticks="page.flagged.value.axis"
          :flagged-marks="page.flagged.value.marks"
          :has-marks="hasMarks"
          :bins="bins"
          :machine="page.machineLabels.value"
          :machine-room="page.machineRoom.value"
          :font-size="page.fontSize.value"
          :mark-size="page.markSize.value"
          :title="titleOf(panel)"
          :axis-title="panel.name ?? page['title.axis'].value"
          :description="page.description.value"
          :tip="tipIn(panel)"
          :second="page.second.value"
          @take-second="emit('takeSecond', $event)"
          @point="pointed = $event"
        >
          <template #over="{ marks }">
            <CalloutNote
              v-if="calledIn(panel) !== null"
              :view="callout"
              :flagged="misleads.callout"
              :labels="marks.map(({ label }) => label)"
              :at="calledIn(panel)!"
              :width="page.grid.value.width"
              :font-size="page.fontSize.value"
            />
          </template>
          <TooltipCard
            v-if="tip !== null && tipIn(panel) !== null"
            :name="tipName"
            :title="title"
            :label="() => page.tipLabel(tip!)"
            :converted="page.tipConversion(tip)"
            :at="tip"
            :flagged="page.flagged.value.tooltip.has(tip)"
            :font-size="page.fontSize.value"
            :pieces="pointed === null ? null : page.tipPieces.value"
          />
        </ChartView>
      </div>
    </div>
    <LegendStrip
      v-if="hasLegend"
      ref="legend"
      :class="{ first: page.layout.value.legend === 'above' }"
      :title="page['title.legend'].value"
      :labels="page.legendLabels"
      :count="page.edges.value.length - 1"
      :flagged="page.flagged.value.legend"
      :font-size="page.fontSize.value"
      :width="page.chartWidth.value"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
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
