<script setup lang="ts">
import { pageSurfaces } from '~~/shared/page/surfaces'
import { useElementSize } from '@vueuse/core'
import type { Surface } from '~~/core/surfaces'
import { type MessageId, PROSAIC } from '~~/shared/page/messages'
import type { OtherColumn } from '~~/shared/page/otherColumns'
import type { PlaceSet } from '~/features/margin/cards'
import { levelAt } from '~/stores/levelWords'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'
import type { Page } from './usePage'
import { words as catalogue } from '~~/words'
import { unitKinds } from '~~/core/units'
import type { UnitsByRow } from '~~/shared/quantities'

const words = catalogue.page.pageSheet

/** The page as readers will see it, on which every label leads to how it is written. */
const props = defineProps<{ page: Page }>()
const study = useStudy()
const levels = useLevels()

const box = useTemplateRef<HTMLElement>('box')
const figure = useTemplateRef<ComponentPublicInstance>('figure')
const { width } = useElementSize(box)
/** CSS pixels that the page is shown at; null for as many as there are. */
const shownWidth = ref<number | null>(null)
const { height } = useElementSize(figure)
const keys = shallowRef({ legend: 0, colours: 0 })
watchEffect(() => {
  const size = { width: width.value, height: height.value, ...keys.value }
  props.page.setSize(width.value > 0 ? size : null)
})
onBeforeUnmount(() => props.page.setSize(null))

const has = (surface: Surface) => props.page.shown.value.includes(surface)
const layout = computed(() => props.page.layout.value)
const fontSize = computed(() => props.page.fontSize.value)
const tableAt = computed(() => layout.value.table ?? 'right')
/** A table below its chart shows some rows and scrolls. */
const TABLE_BELOW = 220
const LEAST_TABLE = 160
const tableHeight = computed(() =>
  tableAt.value === 'below' ? TABLE_BELOW : Math.max(LEAST_TABLE, height.value),
)

const drawing = computed(() => props.page.drawing.value)
const rows = computed(() => props.page.rows.value)
// What the template looks at stays the same while a style changes.
const id = computed(() => study.quantity?.id)
const isFiltered = computed(() => props.page.filter.value !== undefined)
const count = computed(() => study.dataset?.rowCount ?? 0)

/** Rows in several units that share no scale, and what leads from one to another. */
const mixed = computed(() => props.page.mixed.value)
const isMoneyBy = (units: UnitsByRow | null): boolean =>
  units !== null && unitKinds[units.kind].isMoney
const isMoney = computed(() => isMoneyBy(props.page.byRow.value))
const rates = computed(() =>
  isMoneyBy(props.page.common.value) ? props.page.rates.value : undefined,
)
const units = computed(
  () => mixed.value?.units ?? [...(props.page.common.value?.from.keys() ?? [])],
)
const hasRates = ref(false)

/** A total with its note, and a line for each subtotal up to some. */
const [TOTAL_HEIGHT, SUBTOTAL_HEIGHT, MOST_SUBTOTALS] = [50, 18, 6]
const foot = computed(
  () =>
    TOTAL_HEIGHT + SUBTOTAL_HEIGHT * Math.min(MOST_SUBTOTALS, props.page.subtotals.value.length),
)
/** Which messages have a number that misleads: a callout's stand behind the sentence's. */
const misleads = structuralComputed((): Record<MessageId, boolean> => {
  const { page } = props
  const { headline, sentence } = page.flagged.value
  const inCallout = page.calledOut.value === null ? 0 : page['said.callout'].value.numbers.length
  const inSentence = page['said.sentence'].value.numbers.length
  const some = (places: PlaceSet, length: number, from = 0) =>
    Array.from({ length }, (_, at) => places.has(at + from)).includes(true)
  return {
    headline: some(headline, page['said.headline'].value.numbers.length),
    sentence: some(sentence, inSentence),
    callout: some(sentence, inCallout, inSentence),
  }
})
/** Headline and sentence, as a line of words takes them. */
const messages = PROSAIC.map((message) => ({
  message,
  view: {
    source: props.page[`source.${message}`],
    said: props.page[`said.${message}`],
    prose: props.page[`prose.${message}`],
  },
}))

/** What belongs to another quantity leads to it, on that surface. */
async function takeOther(other: string, surface: Surface) {
  study.show(other)
  await nextTick()
  levels.take(surface)
}
const takeColumn = ({ id: other }: OtherColumn) => takeOther(other, 'table')
const takeAxis = (other: string) => takeOther(other, 'axis')

/** A click on any label takes up its surface. */
function takeUp(event: MouseEvent) {
  const target = event.target as Element
  const level = levelAt(target)
  if (level) levels.take(level)
  levels.picked = categoryAt(target)
  const label = target.closest<HTMLElement>('[data-surface][data-at]')?.dataset
  levels.pointed = label ? { surface: label.surface as Surface, at: Number(label.at) } : null
}
/** The category of the mark or row at a place; null where there is none. */
function categoryAt(target: Element): string | null {
  const now = drawing.value
  if (!now || study.quantity?.chart.category === null || now.density) return null
  const label = target.closest<HTMLElement>('[data-surface][data-at]')?.dataset
  const mark = target.closest<HTMLElement>('[data-mark]')?.dataset.mark
  if (mark !== undefined) return now.groups[Number(mark)]?.category ?? null
  const at = Number(label?.at)
  const on = label && pageSurfaces[label.surface as Surface]
  return on?.nameAt({ drawing: now, rows: rows.value }, at) ?? null
}
</script>

<template>
  <section class="sheet" :aria-label="words.page">
    <header class="heading still">
      <ChartSentence :drawing="drawing" :rows="rows?.cells.length ?? 0" :count="count" />
      <PageMenu
        v-model:width="shownWidth"
        :machine="page.machine.value"
        :widths="page.widths"
        @update:machine="page.setMachine"
      />
    </header>
    <div
      ref="box"
      class="body"
      :class="{ sized: shownWidth !== null }"
      :style="{ width: shownWidth === null ? undefined : `${shownWidth}px` }"
      :dir="page.direction.value"
      data-page-body
      @click="takeUp"
    >
      <template v-if="drawing && rows && width > 0">
        <div v-if="has('headline') || has('sentence')" class="words" :class="layout.words">
          <template v-for="{ message, view } in messages" :key="message">
            <ProseLine
              v-if="has(message)"
              :id="message"
              :key="`${message} ${id}`"
              :view="view"
              :flagged="misleads[message]"
              :font-size="fontSize"
              :width="width"
            />
          </template>
        </div>
        <div class="columns" :class="[{ alone: !has('table') }, `table-${tableAt}`]">
          <UnitsOffer
            v-if="mixed && !page.hasOwnScales.value"
            ref="figure"
            class="figure"
            :style="{ width: `${page.chartWidth.value}px` }"
            :mixed="mixed"
            :is-money="isMoney"
            :panels="!page.form.value.isSpread"
            @rates="hasRates = true"
          />
          <ChartFigure
            v-else
            ref="figure"
            class="figure"
            :page="page"
            :misleads="misleads"
            @keys="(legend, colours) => (keys = { legend, colours })"
            @take-second="takeAxis"
          />
          <ValueTable
            v-if="has('table')"
            :title="page['title.table'].value"
            :rows="rows"
            :written="page['written.table']"
            :case-rows="page.tableRows"
            :say="page.spoken.table.value"
            :others="page.otherColumns.value"
            :align="page['style.table'].value.align"
            :machine="page.machine.value"
            :direction="page.direction.value"
            :flagged="page.flagged.value.table"
            :height="tableHeight"
            :foot="foot"
            :adjusted="page['adjusted.table'].value"
            :selected="page.selected.value"
            :total="page.totals.cells.value"
            @select="page.totals.toggle"
            @take="takeColumn"
          >
            <TotalRow :totals="page.totals" />
          </ValueTable>
        </div>
        <RatesNote v-if="rates" :rates="rates" @edit="hasRates = true" />
      </template>
      <NoNumbers v-else :page="page" :is-filtered="isFiltered" />
      <LabelNote :page="page" :within="box" />
    </div>
    <RatesDialog v-if="hasRates" v-model:visible="hasRates" :units="units" />
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

/* A page of some width stands in the middle of its sheet, between its edges. */
.body.sized {
  justify-self: center;
  outline: 1px solid var(--hairline);
  outline-offset: var(--gap-2);
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
</style>
