<script setup lang="ts">
import { AGGREGATE_IDS, aggregates } from '~~/core/data/aggregate'
import { type FormId, FORM_IDS, formOf, forms } from '~~/shared/forms'
import type { Drawing } from '~~/shared/forms/types'
import { orderOf } from '~~/shared/page/drawing'
import { addsUp } from '~~/shared/page/stacks'
import type { ChartWishes } from '~~/shared/study/chart'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.chartSentence

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
  { id: 'number', title: words.largestFirst },
  { id: 'rows', title: words.inRowOrder },
]
const setForm = (id: FormId) =>
  setChart(words.setForm({ form: forms[id].title.toLowerCase() }), { form: id })
/** Names of the data set's columns, without the quantity's own. */
const columnsOf = (of?: 'text' | 'number') =>
  study.dataset?.columns
    .filter((one) => one.name !== column.value && (of === undefined || one.kind === of))
    .map(({ name }) => name) ?? []
/** Columns as choices, behind the choice of none. */
const orNone = (
  none: string,
  names: readonly string[],
  titleOf: (name: string) => string,
): Option<string | null>[] => [
  { id: null, title: none },
  ...names.map((name) => ({ id: name, title: titleOf(name) })),
]
const categories = structuralComputed(() => [
  ...columnsOf().map((name): Option<string | null> => ({ id: name, title: name })),
  { id: null, title: words.row },
])
const panelChoices = structuralComputed(() =>
  orNone(words.onePanel, columnsOf('text'), (name) => words.panelForEach({ name })),
)
const secondChoices = structuralComputed(() =>
  orNone(words.noSecondAxis, columnsOf('number'), (name) => words.secondAxisOf({ name })),
)
const weightChoices = structuralComputed(() =>
  orNone(words.unweighted, columnsOf('number'), (name) => words.weightedBy({ name })),
)
const hasWeights = computed(
  () =>
    chart.value?.aggregate === 'mean' &&
    weightChoices.value.length > 1 &&
    (everything.value || chart.value.weight !== undefined),
)
const setWeight = (name: string | null) =>
  setChart(name ? words.weightedBy({ name }) : words.unweighted, { weight: name ?? undefined })
const hasSecond = computed(
  () => secondChoices.value.length > 1 && !chart.value?.panels && form.value.takesSecond,
)
const setPanels = (name: string | null) =>
  setChart(name ? words.setPanels({ name }) : words.setOnePanel, { panels: name ?? undefined })
const setSecond = (name: string | null) =>
  setChart(name ? words.addSecondAxis({ name }) : words.removeSecondAxis, {
    second: name ?? undefined,
  })

interface ColourChoice extends Option<string> {
  readonly patch: Pick<ChartWishes, 'shaded' | 'colour'>
}
const colourBy = (name: string): ColourChoice => ({
  id: `by ${name}`,
  title: words.colourBy({ name }),
  patch: { shaded: undefined, colour: name },
})
const canStack = computed(
  () => chart.value && !chart.value.panels && form.value.hasAreas && addsUp(chart.value),
)
const colourChoices = structuralComputed((): ColourChoice[] => [
  { id: 'one', title: words.oneColour, patch: { shaded: undefined, colour: undefined } },
  { id: 'size', title: words.shadeBySize, patch: { shaded: true, colour: undefined } },
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
  const { title, patch } = colourChoices.value.find((one) => one.id === id)!
  setChart(words.setColours({ colours: title }), patch)
}
</script>

<template>
  <p v-if="chart" class="shows">
    <PhraseSelect
      :value="chart.form ?? 'columns'"
      :options="formChoices"
      :label="words.form"
      @change="setForm"
    />
    {{ words.of }}
    <template v-if="!form.isSpread"
      >{{ words.the }}
      <PhraseSelect
        :value="chart.aggregate"
        :options="aggregateChoices"
        :label="words.aggregate"
        @change="setChart(words.setAggregate({ aggregate: $event }), { aggregate: $event })"
      /><template v-if="hasWeights"
        >,
        <PhraseSelect
          :value="chart.weight ?? null"
          :options="weightChoices"
          :label="words.weights"
          @change="setWeight"
        />,</template
      >
      {{ words.of }}{{ ' ' }}
    </template>
    <strong>{{ title }}</strong>, <QuantityPhrases :everything="everything" />,
    <template v-if="form.isSpread">{{ words.overRows({ rows }) }}{{ ' ' }}</template>
    <template v-else
      >{{ words.by }}
      <PhraseSelect
        :value="chart.category"
        :options="categories"
        :placeholder="words.row"
        :label="words.category"
        @change="setChart(words.setCategory, { category: $event })"
      />,
      <PhraseSelect
        :value="orderOf(chart)"
        :options="orders"
        :label="words.order"
        @change="setChart(words.setOrder, { order: $event })"
      /><template v-if="drawing && drawing.all.length > drawing.groups.length">{{
        words.first({ shown: drawing.groups.length, all: drawing.all.length })
      }}</template
      >,
    </template>
    <template v-if="!form.isSpread && (everything || chart.panels)"
      ><PhraseSelect
        :value="chart.panels ?? null"
        :options="panelChoices"
        :placeholder="words.onePanel"
        :label="words.panels"
        @change="setPanels"
      />,
    </template>
    <template v-if="hasSecond && (everything || chart.second)"
      ><PhraseSelect
        :value="chart.second ?? null"
        :options="secondChoices"
        :placeholder="words.noSecondAxis"
        :label="words.secondAxis"
        @change="setSecond"
      />,
    </template>
    <template v-if="!form.isSpread && (everything || coloured !== 'one')"
      ><PhraseSelect
        :value="coloured"
        :options="colourChoices"
        :label="words.colours"
        @change="setColours"
      />,
    </template>
    <MarkPhrases :everything="everything" :categories="drawn" /><FilterPhrases
      :rows="rows"
      :count="count"
    />
    <QuietButton :aria-expanded="everything" @click="everything = !everything">{{
      everything ? words.less : words.more
    }}</QuietButton>
    <template v-if="unread > 0">{{ ' ' }}{{ words.unread({ count: unread }) }}</template>
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
