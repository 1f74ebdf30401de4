<script setup lang="ts">
import { AGGREGATE_IDS, aggregates } from '~~/core/data/aggregate'
import type { ChartWishes, Form } from '~~/shared/study'
import { useTexts } from '~/composables/texts'
import { type Drawing, orderOf } from '~~/shared/page/drawing'
import { useStudy } from '~/stores/study'

/** What the chart shows, as a sentence whose phrases are the controls. */
const props = defineProps<{ drawing: Drawing | null; rows: number; count: number }>()
const study = useStudy()
// Each stays the same while a style changes, so that a move of the rail does not say the sentence anew.
const title = computed(() => study.quantity?.title)
const column = computed(() => study.quantity?.column)
const kind = computed(() => study.quantity?.kind ?? 'amount')
const chart = computed(() => study.quantity?.chart)
const filter = computed(() => study.quantity?.filter)

interface Option<Id> {
  readonly id: Id
  readonly title: string
}
const options = <Id extends string>(titles: Record<Id, string>): Option<Id>[] =>
  Object.entries<string>(titles).map(([id, title]) => ({ id: id as Id, title }))
const forms = options<Form>({
  columns: 'Columns',
  bars: 'Bars',
  line: 'A line',
  points: 'Points',
  area: 'An area',
  ring: 'A ring',
  distribution: 'The spread',
})
const aggregateChoices = AGGREGATE_IDS.map((id) => ({ id, title: aggregates[id].title }))
const orders = options({ number: 'largest first', rows: 'as the rows come' })
/** The spread of all rows has no categories to choose. */
const isSpread = computed(() => chart.value?.form === 'distribution')
const canStack = computed(
  () =>
    !chart.value?.panels &&
    hasRects.value &&
    (chart.value?.aggregate === 'sum' || chart.value?.aggregate === 'count'),
)
type Colours = Pick<ChartWishes, 'shaded' | 'colour'>
interface ColourChoice extends Option<string> {
  readonly patch: Colours
}
const colourChoices = stable((): ColourChoice[] => [
  { id: 'one', title: 'in one shade', patch: { shaded: undefined, colour: undefined } },
  { id: 'size', title: 'shaded by size', patch: { shaded: true, colour: undefined } },
  ...(canStack.value || chart.value?.colour
    ? (study.dataset?.columns
        .filter(({ kind: own, name }) => own === 'text' && name !== chart.value?.category)
        .map(({ name }) => ({
          id: `by ${name}`,
          title: `one colour a ${name}`,
          patch: { shaded: undefined, colour: name },
        })) ?? [])
    : []),
])
const coloured = computed(() =>
  chart.value?.colour !== undefined
    ? `by ${chart.value.colour}`
    : chart.value?.shaded
      ? 'size'
      : 'one',
)
function setColours(id: string) {
  const { title, patch } = colourChoices.value.find((one) => one.id === id)!
  setChart(`Draw ${title}`, patch)
}
const hasRects = computed(
  () =>
    chart.value?.form === undefined ||
    chart.value.form === 'columns' ||
    chart.value.form === 'bars',
)
/** What the numbers are, which decides what is checked of them. */
const kinds = options({ amount: 'an amount', count: 'a count', shares: 'shares of a whole' })
const categories = stable(() => [
  ...(study.dataset?.columns
    .filter((one) => one.name !== column.value)
    .map(({ name }) => ({ id: name as string | null, title: name })) ?? []),
  { id: null, title: 'row' },
])
const panelChoices = stable(() => [
  { id: null as string | null, title: 'in one piece' },
  ...(study.dataset?.columns
    .filter(({ kind: own }) => own === 'text')
    .map(({ name }) => ({ id: name as string | null, title: `a panel for each ${name}` })) ?? []),
])
const secondChoices = stable(() => [
  { id: null as string | null, title: 'alone' },
  ...(study.dataset?.columns
    .filter(({ kind: own, name }) => own === 'number' && name !== column.value)
    .map(({ name }) => ({ id: name as string | null, title: `with ${name} on a second axis` })) ??
    []),
])
const drawn = stable(() => props.drawing?.groups.map(({ category }) => category) ?? [])
/** Phrases that few charts need wait until they are asked for. */
const everything = ref(false)
const hasSecond = computed(
  () =>
    secondChoices.value.length > 1 &&
    !chart.value?.panels &&
    chart.value?.form !== 'bars' &&
    chart.value?.form !== 'ring' &&
    !isSpread.value,
)
const unread = computed(
  () => study.dataset?.columns.find((one) => one.name === column.value)?.unread.length ?? 0,
)

const setKind = (kind: 'amount' | 'count' | 'shares') =>
  study.changeQuantity(`Take it for ${kinds.find(({ id }) => id === kind)!.title}`, (one) => ({
    ...one,
    kind,
  }))
const { setChart } = study
const setForm = (form: Form) =>
  setChart(`Draw ${forms.find(({ id }) => id === form)!.title.toLowerCase()}`, { form })

const filterColumns = computed(
  () => study.dataset?.columns.filter(({ kind }) => kind === 'text').map(({ name }) => name) ?? [],
)
const isFiltering = ref(false)
const other = ref<string>()
/** The column that rows are told apart by: the filter's, or the one that is being chosen. */
const filtered = computed(
  () =>
    filter.value?.column ??
    (isFiltering.value ? (other.value ?? filterColumns.value[0]) : undefined),
)
const texts = useTexts(() => filtered.value)
const shownTexts = computed(() => [...(filter.value?.is ?? [])])
const setFilter = (column: string | undefined, is: string[]) =>
  study.changeQuantity(is.length > 0 ? `Show only ${is.join(', ')}` : 'Show all rows', (one) => ({
    ...one,
    filter: column && is.length > 0 ? { column, is } : undefined,
  }))
function showAll() {
  isFiltering.value = false
  if (filter.value) setFilter(undefined, [])
}
function filterBy(name: string) {
  if (filter.value) setFilter(undefined, [])
  isFiltering.value = true
  other.value = name
}
</script>

<template>
  <p v-if="chart" class="shows">
    <Select
      :model-value="chart.form ?? 'columns'"
      :options="forms"
      option-label="title"
      option-value="id"
      aria-label="Form"
      class="in-text"
      @update:model-value="setForm"
    />
    of
    <template v-if="isSpread"
      ><strong>{{ title }}</strong
      >,
      <Select
        :model-value="kind"
        :options="kinds"
        option-label="title"
        option-value="id"
        aria-label="What it is"
        class="in-text"
        @update:model-value="setKind"
      />, over {{ rows }} rows,
    </template>
    <template v-else
      >the
      <Select
        :model-value="chart.aggregate"
        :options="aggregateChoices"
        option-label="title"
        option-value="id"
        aria-label="Aggregate"
        class="in-text"
        @update:model-value="setChart(`Draw the ${$event}`, { aggregate: $event })"
      />
      of <strong>{{ title }}</strong>,
      <Select
        :model-value="kind"
        :options="kinds"
        option-label="title"
        option-value="id"
        aria-label="What it is"
        class="in-text"
        @update:model-value="setKind"
      />, by
      <Select
        :model-value="chart.category"
        :options="categories"
        option-label="title"
        option-value="id"
        placeholder="row"
        aria-label="Category"
        class="in-text"
        @update:model-value="setChart('Draw by another category', { category: $event })"
      />,
      <Select
        :model-value="orderOf(chart)"
        :options="orders"
        option-label="title"
        option-value="id"
        aria-label="Order"
        class="in-text"
        @update:model-value="setChart('Draw in another order', { order: $event })"
      /><template v-if="drawing && drawing.all.length > drawing.groups.length"
        >, the first {{ drawing.groups.length }} of {{ drawing.all.length }}</template
      >,
    </template>
    <template v-if="!isSpread && (everything || chart.panels)"
      ><Select
        :model-value="chart.panels ?? null"
        :options="panelChoices"
        option-label="title"
        option-value="id"
        placeholder="in one piece"
        aria-label="Panels"
        class="in-text"
        @update:model-value="
          setChart($event ? `Draw a panel for each ${$event}` : 'Draw one chart', {
            panels: $event ?? undefined,
          })
        "
      />,
    </template>
    <template v-if="hasSecond && (everything || chart.second)"
      ><Select
        :model-value="chart.second ?? null"
        :options="secondChoices"
        option-label="title"
        option-value="id"
        placeholder="alone"
        aria-label="Second axis"
        class="in-text"
        @update:model-value="
          setChart($event ? `Draw ${$event} beside it` : 'Draw it alone', {
            second: $event ?? undefined,
          })
        "
      />,
    </template>
    <template v-if="!isSpread && (everything || coloured !== 'one')"
      ><Select
        :model-value="coloured"
        :options="[...colourChoices]"
        option-label="title"
        option-value="id"
        aria-label="Colours"
        class="in-text"
        @update:model-value="setColours"
      />,
    </template>
    <MarkPhrases :everything="everything" :categories="drawn" /><template
      v-if="filterColumns.length > 0"
      >;
      <template v-if="filter || isFiltering"
        >only where
        <Select
          :model-value="filtered"
          :options="filterColumns"
          aria-label="Filtered column"
          class="in-text"
          @update:model-value="filterBy"
        />
        is
        <MultiSelect
          :model-value="shownTexts"
          :options="[...texts]"
          filter
          :show-toggle-all="false"
          aria-label="Shown rows"
          placeholder="any"
          class="in-text"
          :max-selected-labels="2"
          selected-items-label="one of {0}"
          @update:model-value="setFilter(filtered, $event)"
        />, {{ rows }} of {{ count }} rows
        <button type="button" class="quiet" @click="showAll">show all</button>
      </template>
      <button v-else type="button" class="quiet" @click="isFiltering = true">all rows …</button>
    </template>
    <button
      type="button"
      class="quiet"
      :aria-expanded="everything"
      @click="everything = !everything"
    >
      {{ everything ? 'less' : 'more …' }}
    </button>
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
