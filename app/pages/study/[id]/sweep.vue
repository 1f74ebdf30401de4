<script setup lang="ts">
import {
  characterText,
  foldsOf,
  LARGEST_ORDER,
  LEAST_ORDER,
  reasonText,
} from '~~/core/compare/magnitudes'
import { useCompare } from '~/features/compare/useCompare'
import type { Page } from '~/features/page/usePage'
import { useDataOrders, useSweep, useTurns } from '~/features/sweep/useSweep'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.sweep.sweepPage

const study = useStudy()
const { page } = defineProps<{ page: Page }>()
const columns = useSweep(page, useCompare(page).ways)
const data = useDataOrders(page)
const found = useTurns(columns)
const table = useTemplateRef<{ jump(order: number): void }>('table')

const folds = computed(() =>
  found.value ? foldsOf(new Set(found.value.map(({ order }) => order)), data.value) : [],
)
/** Where any of the styles begins to write otherwise, the largest first. */
const turns = computed(() => {
  const byOrder = new Map<number, Set<string>>()
  for (const { order, to, why } of found.value ?? [])
    byOrder.set(
      order,
      (byOrder.get(order) ?? new Set()).add(
        words.turn({ what: characterText(to), why: reasonText(why) }),
      ),
    )
  return [...byOrder]
    .sort((a, b) => b[0] - a[0])
    .map(([order, texts]) => ({ order, text: [...texts].join('; ') }))
})
const places = computed(() => [
  { order: LARGEST_ORDER, title: words.top },
  { order: data.value.from, title: words.largestOfData },
  { order: data.value.to + 1, title: words.smallestOfData },
  { order: LEAST_ORDER, title: words.bottom },
])
const toOrder = (text: string) =>
  /^[-−]?\d{1,3}$/.test(text) &&
  Number(text.replace('−', '-')) >= LEAST_ORDER &&
  Number(text.replace('−', '-')) <= LARGEST_ORDER
    ? ''
    : words.rangeError({ least: LEAST_ORDER, most: LARGEST_ORDER })
const asked = ref<string>()
function jump(text: string | undefined) {
  asked.value = text
  if (text) table.value?.jump(Number(text.replace('−', '-')))
}
</script>

<template>
  <div class="screen column">
    <template v-if="page.drawing.value">
      <p>
        <strong>{{ study.quantity?.title }}</strong> {{ words.intro }}
        <NuxtLink :to="`/study/${study.id}/compare`" class="quiet">{{
          words.stylesCompared
        }}</NuxtLink>
        {{ words.goTo }}
        <TypedField
          :value="asked"
          placeholder="6"
          :label="words.order"
          :check="toOrder"
          @change="jump"
        /><template v-for="{ order, title } in places" :key="title"
          >, <QuietButton @click="table?.jump(order)">{{ title }}</QuietButton></template
        >
      </p>
      <p class="turns">
        {{ words.turns }}
        <QuietButton v-for="{ order, text } in turns" :key="order" @click="table?.jump(order)">
          <PowerOfTen :power="order" /> {{ text }}
        </QuietButton>
        <span v-if="found?.length === 0">{{ words.nowhere }}</span>
      </p>
      <MagnitudeLine
        :ways="columns"
        :begin="page['numbers.marks'].value[0] ?? null"
        :cases="[]"
        class="by-hand"
      />
      <SweepTable ref="table" :columns="columns" :folds="folds" :first="data.from" class="table" />
    </template>
    <NoNumbers v-else :page="page" />
  </div>
</template>

<style scoped>
.turns {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-1) var(--gap-3);
  max-height: 3.2em;
  overflow: auto;
  color: var(--ink-soft);
  font-size: var(--text-small);
}

.by-hand {
  width: 100%;
  max-width: 760px;
}

.table {
  flex: 1;
}
</style>
