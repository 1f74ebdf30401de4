<script setup lang="ts">
import { useTexts } from '~/features/data/useDistinctTexts'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.page.filterPhrases

/** Which rows are shown, as the end of the chart's sentence. */
defineProps<{ rows: number; count: number }>()
const study = useStudy()
const filter = computed(() => study.quantity?.filter)
const columns = computed(
  () => study.dataset?.columns.filter(({ kind }) => kind === 'text').map(({ name }) => name) ?? [],
)
/** Whether a column is being chosen, and which. */
const isChoosing = ref(false)
const chosen = ref<string>()
/** The column that rows are told apart by: the filter's, or the one that is being chosen. */
const column = computed(() => {
  if (filter.value) return filter.value.column
  return isChoosing.value ? (chosen.value ?? columns.value[0]) : undefined
})
const texts = useTexts(() => column.value)
const shown = computed(() => [...(filter.value?.is ?? [])])

const setFilter = (name: string | undefined, is: string[]) =>
  study.changeQuantity(
    is.length > 0 ? words.showOnly({ what: is.join(', ') }) : words.showAllRows,
    (one) => ({
      ...one,
      filter: name && is.length > 0 ? { column: name, is } : undefined,
    }),
  )
function showAll() {
  isChoosing.value = false
  if (filter.value) setFilter(undefined, [])
}
function choose(name: string) {
  if (filter.value) setFilter(undefined, [])
  isChoosing.value = true
  chosen.value = name
}
</script>

<template>
  <template v-if="columns.length > 0"
    >;
    <template v-if="filter || isChoosing">
      {{ ' ' }}{{ words.onlyWhere }}
      <Select
        :model-value="column"
        :options="columns"
        :aria-label="words.column"
        class="in-text"
        @update:model-value="choose"
      />
      {{ words.is }}
      <MultiSelect
        :model-value="shown"
        :options="[...texts]"
        filter
        :show-toggle-all="false"
        :aria-label="words.values"
        :placeholder="words.any"
        class="in-text"
        :max-selected-labels="2"
        :selected-items-label="words.several"
        @update:model-value="setFilter(column, $event)"
      />{{ words.rows({ shown: rows, all: count }) }}
      <QuietButton @click="showAll">{{ words.showAll }}</QuietButton>
    </template>
    <QuietButton v-else @click="isChoosing = true">{{ words.allRows }}</QuietButton>
  </template>
</template>
