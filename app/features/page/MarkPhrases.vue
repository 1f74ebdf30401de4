<script setup lang="ts">
import type { ChartWishes } from '~~/shared/study/chart'
import type { MarkPart } from '~~/shared/forms/parts'
import { againstOf, linesOf, partsOf } from '~~/shared/page/marks'
import { useStudy } from '~/stores/study'

/** What a mark says and where, as the end of the chart's sentence. */
const props = defineProps<{ everything: boolean; categories: readonly string[] }>()
const study = useStudy()
// Each stays the same while a style changes.
const NO_WISHES: ChartWishes = { category: null, aggregate: 'sum' }
const chart = computed(() => study.quantity?.chart ?? NO_WISHES)
const isSpread = computed(() => chart.value.form === 'distribution')
const hasRects = computed(() => ['columns', 'bars'].includes(chart.value.form ?? 'columns'))

const titles: Record<MarkPart, string> = {
  value: 'its number',
  share: 'its share of all',
  seriesShare: 'its share of the panel',
  change: 'the change from the one before',
  against: 'the change from another column',
  name: 'its name',
}
const parts = Object.entries(titles).map(([id, title]) => ({ id: id as MarkPart, title }))
const numberColumns = structuralComputed(
  () =>
    study.dataset?.columns
      .filter(({ kind, name }) => kind === 'number' && name !== study.quantity?.column)
      .map(({ name }) => name) ?? [],
)
const isOffered: Record<MarkPart, () => boolean> = {
  value: () => true,
  name: () => true,
  share: () => !isSpread.value,
  change: () => !isSpread.value,
  seriesShare: () => chart.value.panels !== undefined,
  against: () => !isSpread.value && numberColumns.value.length > 0,
}
const offered = computed(() =>
  parts.filter(({ id }) => isOffered[id]() || chart.value.parts?.includes(id)),
)
const marked = computed(() => [...partsOf(chart.value)])
const against = computed(() => againstOf(chart.value))

const labelledChoices = [
  { id: false, title: 'each' },
  { id: true, title: 'the ends, the largest and the least' },
]
const lineChoices = [
  { id: 1, title: 'on one line' },
  { id: 2, title: 'on two lines' },
] as const
const insideChoices = [
  { id: false, title: 'outside' },
  { id: true, title: 'inside where there is room' },
]

const CALLED = 40
/** The largest categories first, as far as anybody would choose among. */
const calloutChoices = structuralComputed(() => [
  { id: null as string | null, title: 'no callout' },
  ...props.categories
    .slice(0, CALLED)
    .map((id) => ({ id: id as string | null, title: `a callout at ${id}` })),
])

const set = study.setChart
/** The number stands first, however the others were ticked. */
const setParts = (chosen: MarkPart[]) =>
  set('Mark with other parts', {
    parts:
      chosen.length === 0
        ? ['value']
        : parts.map(({ id }) => id).filter((id) => chosen.includes(id)),
    ...(chosen.includes('against')
      ? { against: chart.value.against ?? numberColumns.value[0] }
      : {}),
  })
</script>

<template>
  <template v-if="!isSpread && (props.everything || chart.few)"
    ><PhraseSelect
      :value="chart.few ?? false"
      :options="labelledChoices"
      label="Which are marked"
      @change="
        set($event ? 'Label few marks' : 'Label each mark', { few: $event || undefined })
      " /></template
  ><template v-else>each</template> marked with
  <MultiSelect
    :model-value="marked"
    :options="offered"
    option-label="title"
    option-value="id"
    aria-label="What a mark says"
    class="in-text"
    :show-toggle-all="false"
    :max-selected-labels="2"
    selected-items-label="{0} parts"
    @update:model-value="setParts"
  />
  <template v-if="against !== undefined"
    >, {{ marked.length > 2 ? 'the change from' : 'which is' }}
    <Select
      :model-value="against"
      :options="[...numberColumns]"
      aria-label="Column that changes are told from"
      class="in-text"
      @update:model-value="set(`Tell the change from ${$event}`, { against: $event })"
  /></template>
  <template v-if="marked.length > 1">
    <PhraseSelect
      :value="linesOf(chart)"
      :options="lineChoices"
      label="Lines of a mark"
      @change="set('Set the lines of marks', { lines: $event })"
  /></template>
  <template v-if="(props.everything && hasRects) || chart.inside"
    >,
    <PhraseSelect
      :value="chart.inside ?? false"
      :options="insideChoices"
      label="Where labels stand"
      @change="
        set($event ? 'Put labels inside' : 'Put labels outside', { inside: $event || undefined })
      "
  /></template>
  <template v-if="props.everything || chart.callout"
    >,
    <PhraseSelect
      :value="chart.callout?.at ?? null"
      :options="calloutChoices"
      placeholder="no callout"
      label="Callout"
      @change="
        set($event === null ? 'Take the callout away' : `Put a callout at ${$event}`, {
          callout: $event === null ? undefined : { at: $event },
        })
      "
  /></template>
</template>
