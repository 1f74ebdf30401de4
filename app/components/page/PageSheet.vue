<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { AGGREGATE_IDS, type AggregateId, aggregates } from '~~/core/data/aggregate'
import type { FullStyle } from '~~/core/style/fields'
import type { Page } from '~/composables/page'
import { useStudy } from '~/stores/study'

const props = defineProps<{ page: Page }>()
const machine = defineModel<boolean>('machine', { required: true })
const study = useStudy()

/** The chart's share of the page; a table with two writings of each number takes more. */
const chartShare = computed(() => (machine.value ? 0.53 : 0.58))
const box = useTemplateRef<HTMLElement>('box')
const { width, height } = useElementSize(box)
const chartWidth = computed(() => Math.floor(width.value * chartShare.value))
const drawing = computed(() => props.page.drawing.value)
const rows = computed(() => props.page.rows.value)
const column = computed(() => study.quantity?.column)
const title = computed(() => study.quantity?.title)
const align = computed(() => (study.style as FullStyle).align)
const aggregate = computed(() => study.quantity?.chart.aggregate)
const category = computed(() => study.quantity?.chart.category)
const unread = computed(() => study.dataset?.columns.find((one) => one.name === column.value)?.unread.length ?? 0)

const aggregateChoices = AGGREGATE_IDS.map((id) => ({ id, title: aggregates[id].title }))
const categoryChoices = stable(() => [
  ...(study.dataset?.columns.filter((one) => one.name !== column.value).map(({ name }) => ({ id: name as string | null, title: name })) ?? []),
  { id: null, title: 'row' },
])
/** What the numbers are, which decides what is checked of them. */
const kindChoices = [{ id: 'amount', title: 'an amount' }, { id: 'count', title: 'a count' }, { id: 'shares', title: 'shares of a whole' }] as const
const setKind = (kind: (typeof kindChoices)[number]['id']) => study.changeQuantity(`Take it for ${kindChoices.find(({ id }) => id === kind)!.title}`, (one) => ({ ...one, kind }))
const setChart = (patch: { aggregate: AggregateId } | { category: string | null }) =>
  study.changeQuantity('Draw another chart', (one) => ({ ...one, chart: { ...one.chart, ...patch } }))
</script>

<template>
  <section class="sheet" aria-label="Page">
    <header class="heading">
      <p class="shows">
        Columns of the
        <Select :model-value="aggregate" :options="aggregateChoices" option-label="title" option-value="id" aria-label="Aggregate" class="in-text" @update:model-value="setChart({ aggregate: $event })" />
        of <strong>{{ title }}</strong>,
        <Select :model-value="study.quantity?.kind ?? 'amount'" :options="[...kindChoices]" option-label="title" option-value="id" aria-label="What it is" class="in-text" @update:model-value="setKind" />, by
        <Select :model-value="category" :options="categoryChoices" option-label="title" option-value="id" aria-label="Category" class="in-text" @update:model-value="setChart({ category: $event })" />, largest first
        <template v-if="drawing && drawing.categories > drawing.groups.length">, the first {{ drawing.groups.length }} of {{ drawing.categories }}</template>
        <template v-if="unread > 0"> · {{ unread }} cells could not be read as numbers</template>
      </p>
      <label class="switch"><ToggleSwitch v-model="machine" input-id="machine" /> <span>beside what a machine writes</span></label>
    </header>
    <div ref="box" class="body" data-page-body>
      <template v-if="drawing && rows && width > 0">
        <ChartView
          :drawing="drawing" :tick-values="page.tickValues.value" :tick-labels="page.tickLabels" :mark-values="page.markValues.value" :mark-labels="page.markLabels"
          :flagged-ticks="page.flagged.value.axis" :flagged-marks="page.flagged.value.marks" :machine="machine" :width="chartWidth" :height="Math.max(220, height)"
          :title="`Columns of ${title}`" :axis-title="page.titles.axis.value" :description="page.description.value"
          @room="page.setMarksRoom"
        />
        <ValueTable
          :title="page.titles.table.value" :cells="rows.cells" :values="rows.values" :texts="rows.texts" :write="page.writers.table" :sides="page.rowsOf.table" :say="page.words.table.value" :align="align" :machine="machine" :flagged="page.flagged.value.table" :height="Math.max(220, height)"
          :adjusted="page.totals.adjusted.value" :selected="page.totals.selected.value" @select="page.totals.toggle"
        >
          <TotalRow :totals="page.totals" />
        </ValueTable>
      </template>
      <p v-else-if="page.trouble.value" class="trouble" role="alert">{{ page.trouble.value }}</p>
      <p v-else-if="rows" class="soft">This column holds no number. Choose another quantity above.</p>
      <p v-else class="soft" role="status">Fetching the numbers…</p>
      <LabelNote :page="page" :within="box" />
    </div>
  </section>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-rows: auto 1fr;
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
  align-items: center;
  justify-content: space-between;
}

.shows {
  color: var(--ink-soft);
}

.shows strong {
  color: var(--ink);
}

.switch {
  display: flex;
  flex: none;
  gap: var(--gap-2);
  align-items: center;
  color: var(--ink-soft);
  font-size: var(--text-small);
  cursor: pointer;
  --p-toggleswitch-width: 30px;
  --p-toggleswitch-height: 17px;
  --p-toggleswitch-handle-size: 11px;
}

.body {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--gap-5);
  min-height: 0;
  overflow: hidden;
}

.trouble {
  color: var(--rosewood);
}
</style>
