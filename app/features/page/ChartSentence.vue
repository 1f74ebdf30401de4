<script setup lang="ts">
import { AGGREGATE_IDS, aggregates } from '~~/core/data/aggregate'
import { type FormId, FORM_IDS, formOf, forms } from '~~/shared/forms'
import type { Drawing } from '~~/shared/forms/types'
import { orderOf } from '~~/shared/page/drawing'
import { addsUp } from '~~/shared/page/stacks'
import type { ChartWishes } from '~~/shared/study/chart'
import { useStudy } from '~/stores/study'

/** What the chart shows, as a sentence whose phrases are the controls. */
const props = defineProps<{ drawing: Drawing | null; rows: number; count: number }>()
const study = useStudy()
const { setChart } = study
// Each stays the same while a style changes, so that a move of the rail does not say the sentence
// anew.
const title = computed(() => study.quantity?.title)
const column = computed(() => study.quantity?.column)
const chart = computed(() => study.quantity?.chart)
const form = computed(() => formOf(chart.value ?? {}))
const unread = computed(
  () => study.dataset?.columns.find((one) => one.name === column.value)?.unread.length ?? 0,
)
const drawn = structuralComputed(() => props.drawing?.groups.map(({ category }) => category) ?? [])
/** Phrases that few charts need wait until they are asked for. */
const everything = ref(false)

interface Option<Id> {
  readonly id: Id
  readonly title: string
}
const formChoices = FORM_IDS.map((id) => ({ id, title: forms[id].title }))
const aggregateChoices = AGGREGATE_IDS.map((id) => ({ id, title: aggregates[id].title }))
const orders: Option<'number' | 'rows'>[] = [
  { id: 'number', title: 'largest first' },
  { id: 'rows', title: 'as the rows come' },
]
const setForm = (id: FormId) => setChart(`Draw ${forms[id].title.toLowerCase()}`, { form: id })
/** Names of the data set's columns, without the quantity's own. */
const columnsOf = (of?: 'text' | 'number') =>
  study.dataset?.columns
    .filter((one) => one.name !== column.value && (of === undefined || one.kind === of))
    .map(({ name }) => name) ?? []
/** Columns as choices, behind the choice of none. */
const orNone = (
  none: string,
  names: readonly string[],
  words: (name: string) => string,
): Option<string | null>[] => [
  { id: null, title: none },
  ...names.map((name) => ({ id: name, title: words(name) })),
]
const categories = structuralComputed(() => [
  ...columnsOf().map((name): Option<string | null> => ({ id: name, title: name })),
  { id: null, title: 'row' },
])
const panelChoices = structuralComputed(() =>
  orNone('in one piece', columnsOf('text'), (name) => `a panel for each ${name}`),
)
const secondChoices = structuralComputed(() =>
  orNone('alone', columnsOf('number'), (name) => `with ${name} on a second axis`),
)
const hasSecond = computed(
  () => secondChoices.value.length > 1 && !chart.value?.panels && form.value.takesSecond,
)
const setPanels = (name: string | null) =>
  setChart(name ? `Draw a panel for each ${name}` : 'Draw one chart', { panels: name ?? undefined })
const setSecond = (name: string | null) =>
  setChart(name ? `Draw ${name} beside it` : 'Draw it alone', { second: name ?? undefined })

interface ColourChoice extends Option<string> {
  readonly patch: Pick<ChartWishes, 'shaded' | 'colour'>
}
const colourBy = (name: string): ColourChoice => ({
  id: `by ${name}`,
  title: `one colour a ${name}`,
  patch: { shaded: undefined, colour: name },
})
const canStack = computed(
  () => chart.value && !chart.value.panels && form.value.hasAreas && addsUp(chart.value),
)
const colourChoices = structuralComputed((): ColourChoice[] => [
  { id: 'one', title: 'in one shade', patch: { shaded: undefined, colour: undefined } },
  { id: 'size', title: 'shaded by size', patch: { shaded: true, colour: undefined } },
  ...(canStack.value || chart.value?.colour
    ? columnsOf('text')
        .filter((name) => name !== chart.value?.category)
        .map(colourBy)
    : []),
])
const coloured = computed(() => {
  if (chart.value?.colour !== undefined) return `by ${chart.value.colour}`
  return chart.value?.shaded ? 'size' : 'one'
})
function setColours(id: string) {
  const { title: words, patch } = colourChoices.value.find((one) => one.id === id)!
  setChart(`Draw ${words}`, patch)
}
</script>

<template>
  <p v-if="chart" class="shows">
    <PhraseSelect
      :value="chart.form ?? 'columns'"
      :options="formChoices"
      label="Form"
      @change="setForm"
    />
    of
    <template v-if="!form.isSpread"
      >the
      <PhraseSelect
        :value="chart.aggregate"
        :options="aggregateChoices"
        label="Aggregate"
        @change="setChart(`Draw the ${$event}`, { aggregate: $event })"
      />
      of
    </template>
    <strong>{{ title }}</strong>, <QuantityPhrases :everything="everything" />,
    <template v-if="form.isSpread">over {{ rows }} rows, </template>
    <template v-else
      >by
      <PhraseSelect
        :value="chart.category"
        :options="categories"
        placeholder="row"
        label="Category"
        @change="setChart('Draw by another category', { category: $event })"
      />,
      <PhraseSelect
        :value="orderOf(chart)"
        :options="orders"
        label="Order"
        @change="setChart('Draw in another order', { order: $event })"
      /><template v-if="drawing && drawing.all.length > drawing.groups.length"
        >, the first {{ drawing.groups.length }} of {{ drawing.all.length }}</template
      >,
    </template>
    <template v-if="!form.isSpread && (everything || chart.panels)"
      ><PhraseSelect
        :value="chart.panels ?? null"
        :options="panelChoices"
        placeholder="in one piece"
        label="Panels"
        @change="setPanels"
      />,
    </template>
    <template v-if="hasSecond && (everything || chart.second)"
      ><PhraseSelect
        :value="chart.second ?? null"
        :options="secondChoices"
        placeholder="alone"
        label="Second axis"
        @change="setSecond"
      />,
    </template>
    <template v-if="!form.isSpread && (everything || coloured !== 'one')"
      ><PhraseSelect
        :value="coloured"
        :options="colourChoices"
        label="Colours"
        @change="setColours"
      />,
    </template>
    <MarkPhrases :everything="everything" :categories="drawn" /><FilterPhrases
      :rows="rows"
      :count="count"
    />
    <QuietButton :aria-expanded="everything" @click="everything = !everything">{{
      everything ? 'less' : 'more …'
    }}</QuietButton>
    <template v-if="unread > 0"> · {{ unread }} cells could not be read as numbers</template>
  </p>
</template>

<style scoped>
.shows {
  color: var(--ink-soft);
}

.shows strong {
  color: var(--ink);
}
</style>
